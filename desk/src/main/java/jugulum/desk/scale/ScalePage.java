package jugulum.desk.scale;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import jugulum.core.scale.Dialect;
import jugulum.core.scale.Heard;
import jugulum.core.scale.Learning;
import jugulum.core.scale.ScaleLine;
import jugulum.core.scale.Sends;
import jugulum.core.shop.Scale;
import jugulum.core.shop.ShopEdit;
import jugulum.core.units.MassText;
import jugulum.core.units.MassUnit;
import jugulum.desk.entry.Entry;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.entry.Parsers;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.FocusFirst;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Segments;
import jugulum.desk.kit.Wrapping;
import jugulum.desk.live.ScaleStand;
import jugulum.desk.session.Workbench;
import jugulum.desk.told.Told;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;
import jugulum.desk.work.Outcome;
import jugulum.scale.SerialPorts;

/** Learns how a scale writes, keeps it by its name, and checks it with a weight. */
public final class ScalePage extends BorderPane implements FocusFirst {
  private static final double LEFT = 560;

  @Prologue private final Words words;
  private final Workbench workbench;
  private final ScaleStand stand;
  private final Runnable back;
  private final EntryField<String> line;
  private final EntryField<Optional<String>> ask;
  private final Segments<Sends> sends;
  private final Wrapping ports = new Wrapping(8, 8);
  private final HeardLines heard;
  private final WordMeanings meanings;
  private final Label understood = Parts.sentence("", "figure");
  private final Label lost = Parts.sentence("", "loss-text");
  private final EntryField<String> name;
  private final EntryField<MassText.Mass> step;
  private final EntryField<MassText.Mass> capacity;
  private final Label said = Parts.sentence("", "fine-text");
  private final CheckBox check;
  private Optional<Learning> learning = Optional.empty();

  /** Makes the page; leaving it is what Esc does. */
  public ScalePage(Workbench workbench, Clock clock, Runnable back) {
    this.words = workbench.words();
    super();
    this.workbench = workbench;
    this.stand = workbench.scale();
    this.back = back;
    this.heard = new HeardLines(words);
    this.meanings = new WordMeanings(words, this::show);
    this.check = new CheckBox(workbench, clock);
    workbench.watching().atTheEnd(this::close);
    line =
        new EntryField<>(
            words,
            "scale-line",
            words.of("scale.line"),
            words.of("scale.line.hint"),
            Parsers.signs(words, "scale.line.missing"));
    ask =
        new EntryField<>(
            words,
            "scale-ask",
            words.of("scale.ask"),
            words.of("scale.ask.hint"),
            typed -> new Entry.Value<>(Optional.of(typed.strip()).filter(one -> !one.isEmpty())));
    sends = new Segments<>("sends", List.of(Sends.values()), one -> words.of("scale.sends", one));
    name = EntryField.named(words, "scale-name", "scale.name", "scale.name.missing");
    step = mass("scale-step", "scale.step");
    capacity = mass("scale-capacity", "scale.capacity");
    setId("scale-page");
    getStyleClass().add("page");
    understood.setId("scale-understood");
    lost.setId("scale-lost");
    said.setId("scale-said");
    line.field().setOnAction(_ -> listen());
    ask.field().setOnAction(_ -> listen());
    List.of(name, step, capacity).forEach(field -> field.field().setOnAction(_ -> keep()));
    setCenter(content());
    addEventHandler(KeyEvent.KEY_PRESSED, this::leave);
    workbench.watch(stand.lines(), _ -> showIfOpen());
    workbench.watch(stand.lost(), _ -> showIfOpen());
  }

  private EntryField<MassText.Mass> mass(String id, String key) {
    return new EntryField<>(
        words, id, words.of(key), words.of(key + ".hint"), Parsers.sand(words, MassUnit.GRAM));
  }

  private ScrollPane content() {
    VBox left =
        new VBox(
            12,
            Parts.styled(new Label(words.of("scale.title")), "page-title"),
            Parts.sentence(words.of("scale.about"), "muted"),
            line,
            ports,
            Parts.section(words.of("scale.when")),
            sends,
            ask,
            Parts.row(
                Buttons.primary("scale-listen", words.of("scale.listen"), "Enter", this::listen),
                Buttons.plain("scale-back", words.of("panel.back"), "Esc", back)),
            lost,
            check);
    VBox right =
        new VBox(
            12,
            Parts.section(words.of("scale.heard")),
            Parts.sentence(words.of("scale.heard.about"), "muted"),
            heard,
            understood,
            Parts.section(words.of("scale.words")),
            meanings,
            Parts.section(words.of("scale.keep.title")),
            name,
            new FieldRow(List.of(step, capacity)),
            Parts.row(Buttons.plain("keep-scale", words.of("scale.keep"), "", this::keep)),
            said);
    left.setPrefWidth(LEFT);
    right.setPrefWidth(LEFT);
    HBox.setHgrow(left, Priority.ALWAYS);
    HBox.setHgrow(right, Priority.ALWAYS);
    ScrollPane scroll = new ScrollPane(new HBox(40, left, right));
    scroll.setFitToWidth(true);
    scroll.getStyleClass().add("board-scroll");
    return scroll;
  }

  private void leave(KeyEvent key) {
    if (key.getCode() == KeyCode.ESCAPE) {
      back.run();
      key.consume();
    }
  }

  private void showIfOpen() {
    if (getScene() != null) {
      show();
    }
  }

  /** Begins to look at the scale in use, and for the ports there are. */
  public void open() {
    stand.look(this);
    stand
        .scale()
        .ifPresent(
            scale -> {
              line.fill(ScaleLineText.of(scale.line()));
              ask.fill(scale.line().asks().orElse(""));
              sends.choose(scale.sends());
              name.fill(scale.name());
            });
    workbench.work().run(SerialPorts::names, this::offer);
    show();
  }

  /** Looks at it no more. */
  public void close() {
    stand.tryLine(Optional.empty());
    stand.lookAway(this);
  }

  private void offer(List<String> names) {
    ports
        .getChildren()
        .setAll(
            names.stream()
                .map(
                    one ->
                        Buttons.chip(
                            "port-" + names.indexOf(one), one, () -> line.fill(one + " 9600")))
                .toList());
  }

  private Optional<ScaleLine> read() {
    return line.read()
        .flatMap(
            text ->
                switch (ScaleLineText.parse(words, text, ask.read().flatMap(one -> one))) {
                  case Entry.Value<ScaleLine>(ScaleLine found) -> Optional.of(found);
                  case Entry.Bad<ScaleLine>(String sentence) -> {
                    line.refuse(sentence);
                    yield Optional.empty();
                  }
                });
  }

  private void listen() {
    read()
        .ifPresent(
            found -> {
              learning = Optional.empty();
              meanings.forget();
              said.setText("");
              stand.tryLine(Optional.of(found));
            });
  }

  private void show() {
    List<String> lines = stand.lines().get();
    Optional<Learning> now = Learning.from(lines);
    if (now.isPresent()) {
      learning = now;
      meanings.show(now.get().dialect().words());
      // What is being typed there is not pulled away from under the hand.
      if (!step.field().isFocused()) {
        now.get().stepG().ifPresent(this::offerStep);
      }
    }
    Optional<Dialect> dialect = dialect();
    heard.show(lines, dialect);
    understood.setText(dialect.map(one -> reads(one, lines)).orElse(""));
    lost.setText(stand.lost().get().map(why -> words.of("scale.lost.why", why)).orElse(""));
    Parts.shown(lost, stand.lost().get().isPresent());
    check.show();
  }

  private void offerStep(double grams) {
    step.offer(words.plain(grams) + " " + MassUnit.GRAM.sign(), mass(grams));
  }

  private static MassText.Mass mass(double grams) {
    return new MassText.Mass(grams, grams);
  }

  /** As it was learnt, with what the person says the words mean. */
  private Optional<Dialect> dialect() {
    return learning
        .map(Learning::dialect)
        .map(
            one ->
                new Dialect(
                    one.decimal(),
                    one.number(),
                    one.decimals(),
                    one.unit(),
                    one.unitTellsSteady(),
                    meanings.meanings(),
                    one.length()));
  }

  private String reads(Dialect dialect, List<String> lines) {
    return lines.isEmpty()
        ? ""
        : switch (dialect.hear(lines.getLast())) {
          case Heard.Weight(double grams, var steady, boolean isNet) ->
              words.row(
                  List.of(
                      words.of("scale.reads", words.plain(grams)),
                      words.of("scale.steady", steady),
                      words.of(isNet ? "scale.net" : "scale.gross")));
          case Heard _ -> words.of("scale.reads.nothing");
        };
  }

  private void keep() {
    Optional<ScaleLine> where = read();
    Optional<Dialect> how = dialect().or(() -> stand.scale().map(Scale::dialect));
    if (where.isEmpty()) {
      return;
    }
    if (how.isEmpty()) {
      line.refuse(words.of("scale.nothing-learnt"));
      return;
    }
    name.read()
        .ifPresent(
            called ->
                step.read()
                    .ifPresent(
                        least ->
                            capacity
                                .read()
                                .ifPresent(
                                    most ->
                                        keep(
                                            called,
                                            where.get(),
                                            how.get(),
                                            least.grams(),
                                            most.grams()))));
  }

  private void keep(String called, ScaleLine where, Dialect how, double least, double most) {
    if (!(least > 0) || !(most > least)) {
      step.refuse(words.of("scale.step.odd"));
      return;
    }
    Scale scale = new Scale(called, where, how, sends.chosen(), least, most, Optional.empty());
    workbench
        .session()
        .change(new ShopEdit.KnowScale(scale))
        .thenAccept(
            outcome -> {
              switch (outcome) {
                case Outcome.Recorded _ -> {
                  stand.tryLine(Optional.empty());
                  said.setText(words.of("scale.kept", called));
                }
                case Outcome.Not not ->
                    name.refuse(Told.why(not, workbench.preferences().figures().get()));
              }
            });
  }

  @Override
  public void focusFirst() {
    line.field().requestFocus();
  }
}
