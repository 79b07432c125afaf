package jugulum.desk.gear;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.VBox;
import jugulum.core.machine.Dial;
import jugulum.core.machine.Gear;
import jugulum.core.marks.FeedLine;
import jugulum.core.marks.FeedMark;
import jugulum.desk.chart.DotsChart;
import jugulum.desk.chart.DrawingView;
import jugulum.desk.entry.DialText;
import jugulum.desk.entry.Entry;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.entry.Parsers;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Choices;
import jugulum.desk.kit.Parts;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/**
 * A feeder measured by weighing: minutes at some settings, the line through them, and what to set
 * for a feed. Every minute is kept as it is weighed.
 */
final class FeedPane extends BorderPane {
  @Prologue private final Words words;
  private final Workbench workbench;
  private final ComboBox<Gear> feeders =
      Choices.of(
          "feeds-gear",
          words.of("gravity.machine"),
          List.of(),
          one -> Sentences.machine(words, one.machine()));
  private final EntryField<Double> setting =
      EntryField.number(words, "feeds-setting", "feeds.setting", "7.5", 0, 100_000);
  private final EntryField<Double> ran =
      new EntryField<>(
          words,
          "feeds-ran",
          words.of("feeds.ran"),
          words.of("feeds.ran.hint"),
          typed -> DialText.parse(words, Dial.Unit.KG_PER_HOUR, typed));
  private final EntryField<Optional<Double>> wanted =
      new EntryField<>(
          words,
          "feeds-wanted",
          words.of("feeds.wanted"),
          "15",
          Parsers.optional(typed -> Parsers.number(words, typed, 0, 10_000)));
  private final Label answer = Parts.styled(new Label(), "gold-figure");
  private final Label says = Parts.sentence("");
  private final DrawingView picture = new DrawingView("feeds-picture");
  private final VBox minutes = new VBox(2);
  private final Label wrong = Parts.sentence("", "entry-error");

  FeedPane(Workbench workbench) {
    this.words = workbench.words();
    super();
    this.workbench = workbench;
    setId("feed-pane");
    answer.setId("feeds-answer");
    says.setId("feeds-says");
    minutes.setId("feeds-minutes");
    wrong.setId("feeds-wrong");
    Parts.shown(wrong, false);
    EntryField.onEnter(this::weighed, setting, ran);
    wanted.field().textProperty().addListener((_, _, _) -> tell());
    feeders.valueProperty().addListener((_, _, _) -> tell());
    VBox form =
        new VBox(
            10,
            Parts.sentence(words.of("feeds.how"), "muted"),
            new FieldRow(List.of(setting, ran)),
            wrong,
            Parts.row(
                Buttons.primary("feeds-keep", words.of("marks.look"), "Enter", this::weighed),
                Buttons.quiet("feeds-last", words.of("marks.last"), "", this::withoutLast)));
    form.getStyleClass().add("record-box");
    VBox left = new VBox(10, feeders, form, wanted);
    left.getStyleClass().add("side");
    left.setPrefWidth(460);
    VBox right = new VBox(8, answer, says, picture, minutes);
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

  /** Offers what of the shop is fed by a setting; the one chosen stays. */
  void refresh() {
    OwnGear.offer(
        feeders,
        workbench.projections().shop().get(),
        gear -> gear.sheet().dial("motor-volts").isPresent());
    tell();
  }

  void focusFirst() {
    setting.field().requestFocus();
  }

  private List<FeedMark> marks() {
    return Optional.ofNullable(feeders.getValue()).map(Gear::ownFeeds).orElse(List.of());
  }

  private void tell() {
    List<FeedMark> marks = marks();
    Optional<FeedLine> line = FeedLine.of(marks);
    Optional<Double> feed = Entry.told(wanted.parsed());
    answer.setText(
        line.flatMap(
                one ->
                    feed.map(one::setting)
                        .filter(found -> found.isPresent())
                        .map(found -> words.of("feeds.set", words.rounded(found.getAsDouble(), 2))))
            .orElse(""));
    Parts.shown(answer, !answer.getText().isEmpty());
    says.setText(says(marks, line, feed));
    Parts.shown(picture, marks.size() > 1);
    picture.show(
        width ->
            DotsChart.of(
                words,
                marks.stream()
                    .map(mark -> new DotsChart.Dot(mark.setting(), mark.kgPerHour(), ""))
                    .toList(),
                line.map(FeedPane::line),
                words.of("feeds.setting"),
                words.of("feeds.up"),
                width),
        says.getText());
    minutes
        .getChildren()
        .setAll(
            marks.reversed().stream()
                .map(
                    mark ->
                        Parts.sentence(
                            words.of(
                                "feeds.minute",
                                words.rounded(mark.setting(), 2),
                                words.rounded(mark.kgPerHour(), 1)),
                            "muted"))
                .toList());
  }

  private static DotsChart.Line line(FeedLine line) {
    return new DotsChart.Line(
        new DotsChart.Dot(line.lowest(), line.kgPerHour(line.lowest()).orElse(0), ""),
        new DotsChart.Dot(line.highest(), line.kgPerHour(line.highest()).orElse(0), ""));
  }

  private String says(List<FeedMark> marks, Optional<FeedLine> line, Optional<Double> feed) {
    if (feeders.getValue() == null) {
      return words.of("feeds.no-gear");
    }
    if (line.isEmpty()) {
      return words.of(
          marks.stream().map(FeedMark::setting).distinct().count() > 1
              ? "feeds.no-line"
              : "feeds.more");
    }
    List<String> said = new ArrayList<>();
    said.add(
        words.of(
            "feeds.between",
            words.rounded(line.get().lowest(), 2),
            words.rounded(line.get().highest(), 2)));
    line.get()
        .scatter()
        .ifPresent(off -> said.add(words.of("feeds.scatter", words.rounded(off, 1))));
    if (marks.size() < FeedLine.ENOUGH) {
      said.add(words.of("feeds.third"));
    }
    if (feed.isPresent() && answer.getText().isEmpty()) {
      said.add(words.of("feeds.outside", words.rounded(feed.get(), 1)));
    }
    return String.join(" ", said);
  }

  private void weighed() {
    Gear gear = feeders.getValue();
    Optional<Double> at = gear == null ? Optional.empty() : setting.read();
    Optional<Double> feed = at.flatMap(_ -> ran.read());
    if (feed.isEmpty() || feed.get() > MOST_KG_PER_HOUR) {
      feed.ifPresent(_ -> ran.refuse(words.of("feeds.too-much")));
      return;
    }
    OwnGear.keep(
        workbench,
        gear.withFeeds(
            Stream.concat(
                    gear.ownFeeds().stream(), Stream.of(new FeedMark(at.orElseThrow(), feed.get())))
                .toList()),
        wrong,
        () -> {
          setting.clear();
          ran.clear();
          setting.field().requestFocus();
        });
  }

  private static final double MOST_KG_PER_HOUR = 10_000;

  private void withoutLast() {
    List<FeedMark> marks = marks();
    if (!marks.isEmpty()) {
      OwnGear.keep(
          workbench,
          feeders.getValue().withFeeds(marks.subList(0, marks.size() - 1)),
          wrong,
          () -> {});
    }
  }
}
