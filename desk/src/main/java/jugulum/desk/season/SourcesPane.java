package jugulum.desk.season;

import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import jugulum.core.ledger.BatchId;
import jugulum.core.season.BatchResult;
import jugulum.core.season.Gravel;
import jugulum.core.season.Season;
import jugulum.core.season.SeasonAccount;
import jugulum.core.season.SeasonEdit;
import jugulum.core.season.Source;
import jugulum.core.season.SourceRate;
import jugulum.desk.chart.DrawingView;
import jugulum.desk.chart.RangeRows;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.follow.Seasons;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Choices;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Segments;
import jugulum.desk.session.Workbench;
import jugulum.desk.told.Told;
import jugulum.desk.words.SeasonWords;
import jugulum.desk.work.Outcome;

/** The sources: what they give of what is spent on them, and what is known of each. */
final class SourcesPane extends SeasonPane {
  private static final double COLUMN = 560;

  private final Segments<SourceRate.Of> by;
  private final DrawingView rates = new DrawingView("source-rates");
  private final ComboBox<String> source;
  private final EntryField<String> place;
  private final EntryField<String> permits;
  private final EntryField<String> notes;
  private final ComboBox<Labelled> batch;
  private final EntryField<Double> buckets;
  private final EntryField<Double> litres;
  private Optional<String> wanted = Optional.empty();
  private final Label gravelTold = Parts.sentence("", "muted");

  /** A batch of the source chosen. */
  private record Labelled(BatchId id, String name) {}

  SourcesPane(Workbench workbench) {
    super(workbench, "sources-pane");
    by =
        new Segments<>("rate-by", List.of(SourceRate.Of.values()), of -> words.of("season.by", of));
    by.onChange(this::showNow);
    source =
        Choices.of(
            "source",
            words.of("batches.source"),
            List.of(),
            name -> SeasonWords.source(words, name));
    place = EntryField.note(words, "source-place", "season.source.place");
    permits = EntryField.note(words, "source-permits", "season.source.permits");
    notes = EntryField.note(words, "source-notes", "season.source.notes");
    batch = Choices.of("gravel-batch", words.of("batches.name"), List.of(), Labelled::name);
    buckets = EntryField.number(words, "gravel-buckets", "season.gravel.buckets", "", 0.1, 1e6);
    litres =
        EntryField.number(
            words,
            "gravel-litres",
            "season.gravel.litres",
            words.plain(Gravel.USUAL_BUCKET_L),
            1,
            1000);
    source.valueProperty().addListener((_, _, _) -> fill());
    batch.valueProperty().addListener((_, _, _) -> gravel());
    EntryField.onEnter(this::keep, place, permits, notes);
    EntryField.onEnter(this::keepGravel, buckets, litres);
    gravelTold.setId("gravel-told");
    showNow();
  }

  @Override
  protected void show(Seasons.Shown shown) {
    SeasonAccount account = shown.account();
    VBox left = new VBox(12, Parts.section(words.of("season.sources.title")), by, rates);
    left.getChildren().add(Parts.sentence(words.of("season.sources.about"), "muted"));
    VBox right = new VBox(12);
    account.alike().forEach(pair -> right.getChildren().add(alike(pair)));
    right
        .getChildren()
        .addAll(
            Parts.section(words.of("season.source.title")),
            source,
            new FieldRow(List.of(place, permits)),
            new FieldRow(List.of(notes)),
            Parts.row(Buttons.plain("keep-source", words.of("season.source.keep"), "", this::keep)),
            Parts.sentence(words.of("season.source.rules"), "muted"),
            Parts.section(words.of("season.gravel.title")),
            Parts.row(batch),
            new FieldRow(List.of(buckets, litres)),
            gravelTold,
            Parts.row(
                Buttons.plain(
                    "keep-gravel", words.of("season.gravel.keep"), "", this::keepGravel)));
    left.setPrefWidth(COLUMN);
    right.setPrefWidth(COLUMN);
    page().getChildren().setAll(List.of(new HBox(40, left, right)));
    showRates(account);
    choose(account);
  }

  private void showRates(SeasonAccount account) {
    SourceRate.Of of = by.chosen();
    List<RangeRows.Row> rows =
        account.rates(of).stream()
            .map(
                rate ->
                    SeasonText.row(
                        figures(),
                        rate,
                        rate.isSharp()
                            ? SeasonWords.rate(figures(), of, rate.rate().usual())
                            : words.of(
                                "season.rate.range",
                                SeasonWords.rate(figures(), of, rate.rate().usual()),
                                SeasonWords.amounts(figures(), rate.rate()))))
            .toList();
    rates.show(width -> RangeRows.of(rows, width), RangeRows.spoken(words, rows));
  }

  /** Names as meant, of all years; what was chosen stays chosen. */
  private void choose(SeasonAccount account) {
    List<String> names =
        List.copyOf(
            new TreeSet<>(
                account.batches().stream()
                    .map(one -> account.season().meant(one.source()))
                    .filter(name -> !name.isBlank())
                    .toList()));
    String before = source.getValue();
    if (!names.equals(source.getItems())) {
      source.getItems().setAll(names);
    }
    Optional<String> asked = wanted.map(account.season()::meant).filter(names::contains);
    if (asked.isPresent()) {
      source.setValue(asked.get());
      wanted = Optional.empty();
    } else if (before != null && names.contains(before)) {
      source.setValue(before);
    } else if (!names.isEmpty()) {
      source.setValue(names.getFirst());
    }
    fill();
  }

  /** Shows a source as soon as the season has it. */
  void choose(String name) {
    wanted = Optional.of(name);
    showNow();
  }

  private Optional<SeasonAccount> account() {
    return workbench.seasons().shown().get().map(Seasons.Shown::account);
  }

  /** What is known of the source chosen; what was typed and not kept stays. */
  private void fill() {
    Optional<SeasonAccount> now = account();
    String name = source.getValue();
    if (now.isEmpty() || name == null) {
      return;
    }
    Source known = now.get().season().source(name);
    put(place, known.place());
    put(permits, known.permits());
    put(notes, known.notes());
    List<Labelled> its =
        now.get().batches().stream()
            .filter(one -> now.get().season().meant(one.source()).equals(name))
            .map(one -> new Labelled(one.id(), one.name()))
            .toList();
    if (!its.equals(batch.getItems())) {
      batch.getItems().setAll(its);
      batch.setValue(its.isEmpty() ? null : its.getLast());
    }
    gravel();
  }

  private static void put(EntryField<String> field, String text) {
    TextField typed = field.field();
    if (!typed.isFocused()) {
      field.put(text, text);
    }
  }

  private void gravel() {
    Optional<SeasonAccount> now = account();
    Labelled chosen = batch.getValue();
    if (now.isEmpty() || chosen == null) {
      gravelTold.setText("");
      return;
    }
    gravelTold.setText(
        now.get()
            .season()
            .gravel(chosen.id())
            .map(told -> gravelSentence(now.get(), told))
            .orElse(words.of("season.gravel.none")));
  }

  private String gravelSentence(SeasonAccount account, Gravel told) {
    String stands =
        words.of(
            "season.gravel.told",
            words.plain(told.buckets()),
            words.plain(told.bucketL()),
            words.fixed(told.cubicMetres(), 2));
    return account.batches().stream()
        .filter(one -> one.id().equals(told.batch()) && one.wonMg() > 0)
        .map(BatchResult::wonMg)
        .findFirst()
        .map(mg -> words.of("season.gravel.gold", stands, figures().gold(mg / told.cubicMetres())))
        .orElse(stands);
  }

  private VBox alike(Season.Alike pair) {
    VBox box =
        Parts.advice(
            "water",
            words.of("season.alike", pair.from(), pair.into()),
            words.of("season.alike.about"));
    box.getChildren()
        .add(
            Parts.row(
                Buttons.plain(
                    "join-sources",
                    words.of("season.alike.join", pair.into()),
                    "",
                    () ->
                        workbench
                            .seasons()
                            .submit(new SeasonEdit.JoinSources(pair.from(), pair.into())))));
    return box;
  }

  private void keep() {
    Optional<String> where = place.read();
    Optional<String> allowed = where.flatMap(_ -> permits.read());
    Optional<String> noted = allowed.flatMap(_ -> notes.read());
    if (source.getValue() != null && noted.isPresent()) {
      told(
          new SeasonEdit.TellSource(
              new Source(source.getValue(), where.get(), allowed.get(), noted.get())),
          place);
    }
  }

  private void keepGravel() {
    Labelled chosen = batch.getValue();
    if (chosen == null) {
      return;
    }
    Optional<Double> many = buckets.read();
    many.flatMap(_ -> litres.read())
        .ifPresent(
            each -> {
              told(new SeasonEdit.TellGravel(new Gravel(chosen.id(), many.get(), each)), buckets);
              buckets.clear();
            });
  }

  private void told(SeasonEdit edit, EntryField<?> at) {
    workbench
        .seasons()
        .submit(edit)
        .thenAccept(
            outcome -> {
              if (outcome instanceof Outcome.Not not) {
                at.say(Told.why(not, figures()));
              }
            });
  }
}
