package jugulum.desk.speck;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import jugulum.core.check.Band;
import jugulum.core.identify.Clue;
import jugulum.core.identify.SpeckKey;
import jugulum.core.identify.Suspect;
import jugulum.core.identify.Suspect.Hazard;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Measure;
import jugulum.desk.chart.DrawingView;
import jugulum.desk.chart.RangeRows;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Choices;
import jugulum.desk.kit.Keys;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Wrapping;
import jugulum.desk.measure.SpeckTestForm;
import jugulum.desk.session.Workbench;
import jugulum.desk.told.Told;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;
import jugulum.desk.work.Outcome;

/**
 * What is this speck: what was found out shifts what it can be, and the key says what to find out
 * next. What was tested is kept with a lot of the batch on the bench.
 */
public final class SpeckPane extends ScrollPane {
  private static final double LEFT = 700;
  private static final double RIGHT = 460;
  private static final int SHOWN = 6;

  @Prologue private final Words words;
  private final Workbench workbench;
  private final Map<Clue, List<ToggleButton>> answers = new TreeMap<>();
  private final Map<Clue, Label> marks = new TreeMap<>();
  private final DrawingView bars = new DrawingView("speck-bars");
  private final Label verdict = Parts.sentence("", "answer");
  private final Label next = Parts.sentence("");
  private final VBox hazards = new VBox(8);
  private final ComboBox<Kept> lot;
  private final SpeckTestForm form;
  private final Label said = Parts.sentence("", "fine-text");
  private SpeckKey key = SpeckKey.NOTHING;

  /** A lot it can be kept with. */
  private record Kept(LotId lot, String name) {}

  /** Makes the key of a workbench. */
  public SpeckPane(Workbench workbench) {
    this.words = workbench.words();
    super();
    this.workbench = workbench;
    setId("speck-pane");
    getStyleClass().add("page-scroll");
    setFitToWidth(true);
    setFocusTraversable(false);
    form = new SpeckTestForm(() -> workbench.preferences().figures().get());
    form.fields().forEach(field -> field.field().setOnAction(_ -> keep()));
    lot = Choices.of("speck-lot", words.of("speck.lot"), List.of(), Kept::name);
    verdict.setId("speck-verdict");
    next.setId("speck-next");
    said.setId("speck-said");
    VBox left = new VBox(8);
    for (Clue clue : Clue.values()) {
      left.getChildren().add(clue(clue));
    }
    VBox right =
        new VBox(
            10,
            verdict,
            bars,
            next,
            hazards,
            Parts.row(Buttons.quiet("speck-again", words.of("speck.again"), "S", this::again)),
            Parts.section(words.of("speck.keep.title")),
            Parts.sentence(words.of("speck.keep.about"), "muted"),
            lot,
            form,
            Parts.row(Buttons.plain("speck-keep", words.of("speck.keep"), "K", this::keep)),
            said,
            Parts.sentence(words.of("speck.source"), "muted"));
    left.setPrefWidth(LEFT);
    right.setPrefWidth(RIGHT);
    HBox.setHgrow(right, Priority.ALWAYS);
    setContent(new HBox(32, left, right));
    addEventHandler(
        KeyEvent.KEY_PRESSED,
        pressed -> {
          if (Keys.press(right, pressed)) {
            pressed.consume();
          }
        });
    workbench.watch(workbench.projections().current(), _ -> lots());
    lots();
    show();
  }

  private VBox clue(Clue clue) {
    Label mark = Parts.styled(new Label(), "speck-most");
    marks.put(clue, mark);
    Wrapping row = new Wrapping(6, 6);
    List<ToggleButton> buttons = new ArrayList<>();
    for (String answer : clue.answers()) {
      ToggleButton button =
          new ToggleButton(words.of("speck.answer." + clue.name() + "." + answer));
      // A point in the name of a node would be read as a style class.
      button.setId("speck-" + clue + "-" + answer.replace('.', '_'));
      button.getStyleClass().add("chip");
      SpeckSketch.of(clue, answer)
          .ifPresent(
              drawing -> {
                DrawingView sketch = new DrawingView("sketch-" + clue + "-" + answer);
                sketch.setPrefWidth(drawing.width());
                sketch.setMinWidth(drawing.width());
                sketch.show(_ -> drawing, "");
                sketch.setMouseTransparent(true);
                button.setGraphic(sketch);
              });
      button.setOnAction(_ -> answer(clue, answer, button.isSelected()));
      buttons.add(button);
      row.getChildren().add(button);
    }
    answers.put(clue, buttons);
    Label title = Parts.section(words.of("speck.clue", clue));
    title.setWrapText(true);
    Wrapping heading = new Wrapping(12, 2);
    heading.getChildren().addAll(title, mark);
    return new VBox(2, heading, row);
  }

  private void answer(Clue clue, String answer, boolean isSo) {
    key = isSo ? key.with(clue, answer) : key.without(clue);
    show();
  }

  private void again() {
    key = SpeckKey.NOTHING;
    show();
  }

  private void show() {
    answers.forEach(
        (clue, buttons) -> {
          for (int i = 0; i < buttons.size(); i++) {
            buttons.get(i).setSelected(clue.answers().get(i).equals(key.found().get(clue)));
          }
        });
    Optional<Clue> most = key.next();
    marks.forEach(
        (clue, mark) ->
            mark.setText(
                most.filter(clue::equals).isPresent()
                    ? words.of("speck.most", words.fixed(key.information(clue), 1))
                    : ""));
    List<RangeRows.Row> rows =
        key.ranked().stream()
            .limit(SHOWN)
            .map(
                one ->
                    new RangeRows.Row(
                        words.of("speck.suspect", one),
                        words.of(
                            "speck.properties",
                            words.plain(one.densityGCm3().low()),
                            words.plain(one.densityGCm3().high()),
                            words.plain(one.hardness().low()),
                            words.plain(one.hardness().high())),
                        Band.sharp(key.chance(one)),
                        words.percent(key.chance(one))))
            .toList();
    bars.show(width -> RangeRows.of(rows, width), RangeRows.spoken(words, rows));
    Suspect first = key.ranked().getFirst();
    verdict.setText(
        key.found().isEmpty()
            ? words.of("speck.nothing")
            : words.of(
                key.chance(first) > 0.9 ? "speck.is" : "speck.may-be",
                words.of("speck.suspect", first),
                words.percent(key.chance(first))));
    next.setText(
        most.map(clue -> words.of("speck.next", words.of("speck.clue", clue)))
            .orElse(words.of("speck.all-asked")));
    hazards.getChildren().clear();
    for (Hazard hazard : key.hazards()) {
      hazards.getChildren().add(Parts.advice("caution", "", words.of("speck.hazard", hazard)));
    }
  }

  private void lots() {
    List<Kept> kept =
        workbench
            .projections()
            .current()
            .get()
            .worked()
            .map(
                worked ->
                    worked.network().lots().stream()
                        .map(one -> new Kept(one.id(), name(one)))
                        .toList())
            .orElse(List.of());
    Kept before = lot.getValue();
    if (!kept.equals(lot.getItems())) {
      lot.getItems().setAll(kept);
      lot.setValue(kept.contains(before) ? before : kept.isEmpty() ? null : kept.getLast());
    }
  }

  private String name(Lot one) {
    return words.of(
        "speck.lot.name",
        one.name().isEmpty() ? words.of("material", one.material()) : one.name(),
        one.cut().isAll() ? words.of("stock.all-sizes") : Sentences.cut(words, one.cut()));
  }

  private void keep() {
    said.setText("");
    if (lot.getValue() == null) {
      said.setText(words.of("speck.no-batch"));
      return;
    }
    Map<String, String> clues = new TreeMap<>();
    key.found().forEach((clue, answer) -> clues.put(clue.name(), answer));
    form.with(clues);
    Optional<Measure> measure = form.read();
    measure.ifPresent(
        told ->
            workbench
                .session()
                .submit(new Edit.RecordOnLot(lot.getValue().lot(), told))
                .thenAccept(this::kept));
  }

  private void kept(Outcome outcome) {
    switch (outcome) {
      case Outcome.Recorded _ -> {
        said.setText(words.of("speck.kept", lot.getValue().name()));
        form.clear();
      }
      case Outcome.Not not -> said.setText(Told.why(not, workbench.preferences().figures().get()));
    }
  }
}
