package jugulum.desk.gear;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.VBox;
import jugulum.core.machine.Gear;
import jugulum.core.machine.Working.Law;
import jugulum.core.marks.DeckLine;
import jugulum.core.marks.LineMark;
import jugulum.core.screens.Cut;
import jugulum.desk.chart.DotsChart;
import jugulum.desk.chart.DrawingView;
import jugulum.desk.entry.CutText;
import jugulum.desk.entry.Entry;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.entry.Parsers;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Choices;
import jugulum.desk.kit.Parts;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.MarkWords;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/**
 * A table's own line: where it stood at some tilts and waters, cut by cut, and what to set so that
 * it stands at the splitter. Every look is kept as it is made.
 */
final class LinePane extends BorderPane {
  @Prologue private final Words words;
  private final Workbench workbench;
  private final ComboBox<Gear> tables =
      Choices.of(
          "line-gear",
          words.of("gravity.machine"),
          List.of(),
          one -> Sentences.machine(words, one.machine()));
  private final EntryField<List<Cut>> cut =
      new EntryField<>(
          words,
          "line-cut",
          words.of("marks.cut"),
          "−30 +50",
          typed -> CutText.parse(words, typed));
  private final EntryField<Double> tilt =
      EntryField.number(words, "line-tilt", "line.tilt", "3", 0, 30);
  private final EntryField<Double> place =
      EntryField.number(words, "line-mm", "line.mm", "152", 0, 10_000);
  private final EntryField<Optional<Double>> water = optional("water", 0.1, 1000);
  private final EntryField<Optional<Double>> minutes = optional("minutes", 0, 600);
  private final EntryField<Optional<Double>> wanted = optional("wanted", 0, 10_000);
  private final Label answer = Parts.styled(new Label(), "gold-figure");
  private final Label says = Parts.sentence("");
  private final DrawingView picture = new DrawingView("line-picture");
  private final VBox looks = new VBox(2);
  private final Label wrong = Parts.sentence("", "entry-error");

  LinePane(Workbench workbench) {
    this.words = workbench.words();
    super();
    this.workbench = workbench;
    setId("line-pane");
    answer.setId("line-answer");
    says.setId("line-says");
    looks.setId("line-looks");
    wrong.setId("line-wrong");
    Parts.shown(wrong, false);
    EntryField.onEnter(this::look, tilt, place, water, minutes);
    Stream.of(cut, wanted)
        .forEach(field -> field.field().textProperty().addListener((_, _, _) -> tell()));
    tables.valueProperty().addListener((_, _, _) -> tell());
    VBox form =
        new VBox(
            10,
            cut,
            Parts.sentence(words.of("line.how"), "muted"),
            new FieldRow(List.of(tilt, water)),
            new FieldRow(List.of(place, minutes)),
            wrong,
            Parts.row(
                Buttons.primary("line-keep", words.of("marks.look"), "Enter", this::look),
                Buttons.quiet("line-last", words.of("marks.last"), "", this::withoutLast)));
    form.getStyleClass().add("record-box");
    VBox left = new VBox(10, tables, form, wanted);
    left.getStyleClass().add("side");
    left.setPrefWidth(460);
    VBox right = new VBox(8, answer, says, picture, looks);
    right.getStyleClass().add("side");
    ScrollPane shown = new ScrollPane(right);
    shown.setFitToWidth(true);
    shown.setFocusTraversable(false);
    shown.getStyleClass().add("board-scroll");
    setLeft(left);
    setCenter(shown);
    workbench.watch(workbench.projections().shop(), _ -> refresh());
    refresh();
  }

  private EntryField<Optional<Double>> optional(String name, double low, double high) {
    return new EntryField<>(
        words,
        "line-" + name,
        words.of("line." + name),
        "",
        Parsers.optional(typed -> Parsers.number(words, typed, low, high)));
  }

  /** Offers the tables of the shop; the one chosen stays. */
  void refresh() {
    OwnGear.offer(
        tables,
        workbench.projections().shop().get(),
        gear -> gear.sheet().working().law() == Law.DECK);
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

  private List<LineMark> marks() {
    Optional<Cut> of = cut();
    return Optional.ofNullable(tables.getValue()).map(Gear::ownLines).orElse(List.of()).stream()
        .filter(mark -> of.equals(Optional.of(mark.cut())))
        .toList();
  }

  private void tell() {
    List<LineMark> marks = marks();
    Optional<DeckLine> line = DeckLine.of(marks);
    OptionalDouble with = some(Entry.told(water.parsed()));
    Optional<Double> at = Entry.told(wanted.parsed());
    answer.setText(
        line.flatMap(
                one ->
                    at.map(mm -> one.tilt(mm, with))
                        .filter(OptionalDouble::isPresent)
                        .map(set -> words.of("line.set", words.fixed(set.getAsDouble(), 1))))
            .orElse(""));
    Parts.shown(answer, !answer.getText().isEmpty());
    says.setText(says(marks, line, at));
    Parts.shown(picture, marks.size() > 1);
    picture.show(
        width ->
            DotsChart.of(
                words,
                marks.stream()
                    .map(mark -> new DotsChart.Dot(mark.tilt(), mark.lineMm(), ""))
                    .toList(),
                line.map(one -> drawn(one, with)),
                words.of("line.tilt"),
                words.of("line.up"),
                width),
        says.getText());
    looks
        .getChildren()
        .setAll(
            marks.reversed().stream()
                .map(mark -> Parts.sentence(MarkWords.line(words, mark), "muted"))
                .toList());
  }

  private static DotsChart.Line drawn(DeckLine line, OptionalDouble with) {
    return new DotsChart.Line(
        new DotsChart.Dot(line.lowest(), line.mm(line.lowest(), with).orElse(0), ""),
        new DotsChart.Dot(line.highest(), line.mm(line.highest(), with).orElse(0), ""));
  }

  private String says(List<LineMark> marks, Optional<DeckLine> line, Optional<Double> at) {
    if (tables.getValue() == null) {
      return words.of("line.no-table");
    }
    if (line.isEmpty()) {
      return words.of(marks.isEmpty() ? "line.none" : "line.more");
    }
    List<String> said = new ArrayList<>(List.of(MarkWords.line(words, line.get())));
    if (at.isPresent() && answer.getText().isEmpty()) {
      said.add(words.of("line.outside", words.rounded(at.get(), 0)));
    }
    return String.join(" ", said);
  }

  private static OptionalDouble some(Optional<Double> value) {
    return value.map(OptionalDouble::of).orElse(OptionalDouble.empty());
  }

  private void look() {
    Gear table = tables.getValue();
    Optional<List<Cut>> cuts = table == null ? Optional.empty() : cut.read();
    Optional<Double> at = cuts.flatMap(_ -> tilt.read());
    Optional<Optional<Double>> flow = at.flatMap(_ -> water.read());
    Optional<Double> mm = flow.flatMap(_ -> place.read());
    Optional<Optional<Double>> stood = mm.flatMap(_ -> minutes.read());
    if (stood.isEmpty()) {
      return;
    }
    LineMark mark =
        new LineMark(
            cuts.orElseThrow().getFirst(),
            at.orElseThrow(),
            some(flow.orElseThrow()),
            mm.orElseThrow(),
            some(stood.get()));
    OwnGear.keep(
        workbench,
        table.withLines(Stream.concat(table.ownLines().stream(), Stream.of(mark)).toList()),
        wrong,
        () -> {
          tilt.clear();
          place.clear();
          minutes.clear();
          tilt.field().requestFocus();
        });
  }

  /** The last look at the cut in sight goes; those of other cuts stay. */
  private void withoutLast() {
    List<LineMark> marks = marks();
    if (!marks.isEmpty()) {
      List<LineMark> left = new ArrayList<>(tables.getValue().ownLines());
      left.remove(left.lastIndexOf(marks.getLast()));
      OwnGear.keep(workbench, tables.getValue().withLines(left), wrong, () -> {});
    }
  }
}
