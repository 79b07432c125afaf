package jugulum.desk.gear;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Supplier;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.VBox;
import jugulum.core.machine.Gear;
import jugulum.core.machine.Working.Law;
import jugulum.core.marks.MarkLook;
import jugulum.core.marks.OwnMarks;
import jugulum.core.marks.OwnWindow;
import jugulum.core.screens.Cut;
import jugulum.desk.chart.DrawingView;
import jugulum.desk.chart.MarksChart;
import jugulum.desk.entry.CutText;
import jugulum.desk.entry.Entry;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.entry.Parsers;
import jugulum.desk.files.FileKind;
import jugulum.desk.files.FilePicker;
import jugulum.desk.files.Saving;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Choices;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Segments;
import jugulum.desk.print.MarkCardPdf;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.Figures;
import jugulum.desk.words.MarkWords;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/**
 * A bowl's own marks: led through looks with barren sand of one cut, where its sand climbs and
 * where gold first goes, and what to set for that cut. Every look is kept as it is made.
 */
final class MarksPane extends BorderPane {
  @Prologue private final Words words;
  private final Workbench workbench;
  private final Supplier<LocalDate> today;
  private final Saving saving;
  private final ComboBox<Gear> bowls =
      Choices.of(
          "marks-bowl",
          words.of("gravity.machine"),
          List.of(),
          one -> Sentences.machine(words, one.machine()));
  private final EntryField<List<Cut>> cut =
      new EntryField<>(
          words,
          "marks-cut",
          words.of("marks.cut"),
          "−50 +80",
          typed -> CutText.parse(words, typed));
  private final EntryField<Double> charge =
      EntryField.number(words, "marks-charge", "marks.charge", "40", 1, 10_000);
  private final EntryField<Double> specks =
      EntryField.number(words, "marks-specks", "marks.specks", "40", 0, 10_000);
  private final EntryField<Optional<Double>> celsius = optional("celsius", 0, 60);
  private final EntryField<Double> turns =
      EntryField.number(words, "marks-turns", "marks.turns", "", 0, 50);
  private final EntryField<Optional<Double>> rim = optional("rim", 0, 200);
  private final EntryField<Double> litres =
      EntryField.number(words, "marks-litres", "marks.litres", "", 0.05, 1000);
  private final Segments<MarkLook.Saw> saw =
      new Segments<>(
          "marks-saw", List.of(MarkLook.Saw.values()), one -> words.of("marks.saw", one));
  private final Segments<Boolean> way =
      new Segments<>(
          "marks-way", List.of(true, false), isUp -> words.of(isUp ? "marks.up" : "marks.down"));
  private final Label aim = Parts.styled(new Label(), "gold-figure");
  private final Label says = Parts.sentence("");
  private final DrawingView picture = new DrawingView("marks-picture");
  private final VBox looks = new VBox(2);
  private final Label wrong = Parts.sentence("", "entry-error");

  MarksPane(Workbench workbench, FilePicker picker, Supplier<LocalDate> today) {
    this.words = workbench.words();
    super();
    this.workbench = workbench;
    this.today = today;
    this.saving = new Saving(workbench, picker);
    setId("marks-pane");
    aim.setId("marks-aim");
    says.setId("marks-says");
    looks.setId("marks-looks");
    wrong.setId("marks-wrong");
    Parts.shown(wrong, false);
    saw.getStyleClass().add("tight");
    VBox form =
        new VBox(
            10,
            new FieldRow(List.of(cut, charge)),
            new FieldRow(List.of(specks, celsius)),
            Parts.sentence(words.of("marks.how"), "muted"),
            new FieldRow(List.of(turns, rim)),
            new FieldRow(List.of(litres)),
            way,
            saw,
            wrong,
            Parts.row(
                Buttons.primary("marks-look", words.of("marks.look"), "Enter", this::look),
                Buttons.quiet("marks-last", words.of("marks.last"), "", this::withoutLast)));
    form.getStyleClass().add("record-box");
    EntryField.onEnter(this::look, turns, rim, litres);
    cut.field().textProperty().addListener((_, _, _) -> tell());
    bowls.valueProperty().addListener((_, _, _) -> tell());
    VBox left = new VBox(10, bowls, form, Parts.advice("idle", "", words.of("marks.before")));
    left.getStyleClass().add("side");
    left.setPrefWidth(460);
    VBox right =
        new VBox(
            8,
            aim,
            says,
            picture,
            looks,
            Buttons.plain("marks-card", words.of("marks.card"), "", this::print));
    right.getStyleClass().add("side");
    ScrollPane rolled = new ScrollPane(left);
    rolled.setFitToWidth(true);
    rolled.setPrefWidth(490);
    ScrollPane shown = new ScrollPane(right);
    shown.setFitToWidth(true);
    setLeft(rolled);
    setCenter(shown);
    workbench.watch(workbench.projections().shop(), _ -> refresh());
    refresh();
  }

  private EntryField<Optional<Double>> optional(String name, double low, double high) {
    return new EntryField<>(
        words,
        "marks-" + name,
        words.of("marks." + name),
        "",
        Parsers.optional(typed -> Parsers.number(words, typed, low, high)));
  }

  /** Offers the bowls of the shop; the one chosen stays. */
  void refresh() {
    OwnGear.offer(
        bowls,
        workbench.projections().shop().get(),
        gear -> gear.sheet().working().law() == Law.BOWL);
    tell();
  }

  void focusFirst() {
    cut.field().requestFocus();
  }

  private Optional<Cut> cut() {
    return cut.parsed() instanceof Entry.Value<List<Cut>>(List<Cut> cuts)
        ? cuts.stream().findFirst()
        : Optional.empty();
  }

  private Optional<OwnMarks> marks() {
    return Optional.ofNullable(bowls.getValue()).flatMap(bowl -> cut().flatMap(bowl::marks));
  }

  /** What the looks so far come to. */
  private void tell() {
    if (bowls.getValue() == null) {
      aim.setText("");
      says.setText(words.of("marks.no-bowl"));
      Parts.shown(picture, false);
      looks.getChildren().clear();
      return;
    }
    Optional<OwnWindow> window = marks().map(OwnWindow::of);
    aim.setText(window.map(one -> MarkWords.aim(words, one)).orElse(""));
    Parts.shown(aim, !aim.getText().isEmpty());
    says.setText(
        window.map(one -> MarkWords.says(words, one)).orElseGet(() -> words.of("marks.none")));
    Parts.shown(picture, window.filter(one -> one.marks().looks().size() > 1).isPresent());
    window.ifPresent(
        one -> picture.show(width -> MarksChart.of(words, one, width), says.getText()));
    looks
        .getChildren()
        .setAll(
            window.stream()
                .flatMap(one -> one.marks().looks().reversed().stream())
                .map(look -> Parts.sentence(MarkWords.look(words, look), "muted"))
                .toList());
  }

  /** Keeps one more look at once. */
  private void look() {
    Gear bowl = bowls.getValue();
    Optional<List<Cut>> cuts = bowl == null ? Optional.empty() : cut.read();
    Optional<Double> laid = cuts.flatMap(_ -> charge.read());
    Optional<Double> counted = laid.flatMap(_ -> specks.read());
    Optional<Optional<Double>> water = counted.flatMap(_ -> celsius.read());
    Optional<Double> open = water.flatMap(_ -> turns.read());
    Optional<Optional<Double>> under = open.flatMap(_ -> rim.read());
    Optional<Double> flow = under.flatMap(_ -> litres.read());
    if (flow.isEmpty()) {
      return;
    }
    MarkLook look =
        new MarkLook(way.chosen(), open.get(), some(under.get()), flow.get(), saw.chosen());
    Cut of = cuts.get().getFirst();
    OwnMarks before =
        bowl.marks(of)
            .filter(one -> one.on().equals(today.get()))
            .orElseGet(
                () ->
                    new OwnMarks(
                        of,
                        today.get(),
                        laid.get(),
                        (int) Math.round(counted.get()),
                        some(water.get()),
                        List.of()));
    OwnGear.keep(
        workbench,
        bowl.with(before.with(look)),
        wrong,
        () -> {
          turns.clear();
          rim.clear();
          litres.clear();
          turns.field().requestFocus();
        });
  }

  private static OptionalDouble some(Optional<Double> value) {
    return value.map(OptionalDouble::of).orElse(OptionalDouble.empty());
  }

  private void withoutLast() {
    marks()
        .filter(own -> !own.looks().isEmpty())
        .ifPresent(
            own ->
                OwnGear.keep(workbench, bowls.getValue().with(own.withoutLast()), wrong, () -> {}));
  }

  private Figures figures() {
    return workbench.preferences().figures().get();
  }

  private void print() {
    Optional.ofNullable(bowls.getValue())
        .filter(bowl -> !bowl.ownMarks().isEmpty())
        .ifPresent(
            bowl ->
                saving.file(
                    FileKind.SHEET,
                    words.of("marks.card.title", Sentences.machine(words, bowl.machine())),
                    () -> MarkCardPdf.of(bowl, figures())));
  }
}
