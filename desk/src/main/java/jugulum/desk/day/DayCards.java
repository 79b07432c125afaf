package jugulum.desk.day;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import jugulum.core.day.DayFinding;
import jugulum.core.day.Job;
import jugulum.core.schedule.DayPlan.Left;
import jugulum.core.schedule.DayPlan.Slot;
import jugulum.core.schedule.DayPlan.Why;
import jugulum.core.schedule.DayTask;
import jugulum.core.schedule.DayTask.Hands;
import jugulum.desk.follow.Days;
import jugulum.desk.kit.Parts;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.DayWords;
import jugulum.desk.words.Words;

/** Under the strip: the task in hand with what one can say of it, what is tight, and the rest. */
final class DayCards extends HBox {
  private static final double MIDDLE = 360;
  private static final double LIST = 100;
  private static final int MOST_FINDINGS = 4;

  private final Words words;
  private final Workbench workbench;
  private final TaskCard inHand;
  private final VBox tight = new VBox(6);
  private final VBox tonight = new VBox(6);
  private final ListView<Line> left = new ListView<>();

  /** A line of what is not done today. */
  private record Line(String task, String text) {}

  DayCards(Workbench workbench, TaskCard inHand) {
    this.words = workbench.words();
    this.workbench = workbench;
    this.inHand = inHand;
    setSpacing(24);
    getStyleClass().add("day-cards");
    tight.setId("day-tight");
    tonight.setId("day-tonight");
    tight.setPrefWidth(MIDDLE);
    left.setId("day-left");
    left.setPrefHeight(LIST);
    left.setMinHeight(60);
    left.setAccessibleText(words.of("day.left"));
    left.setCellFactory(_ -> new LineCell());
    left.setPlaceholder(Parts.sentence(words.of("day.left.none"), "muted"));
    left.getSelectionModel()
        .selectedItemProperty()
        .addListener(
            (_, _, line) -> {
              if (line != null && left.isFocused()) {
                inHand.choose(line.task());
              }
            });
    left.focusedProperty()
        .addListener(
            (_, _, focused) -> {
              if (focused && !left.getItems().isEmpty()) {
                if (left.getSelectionModel().isEmpty()) {
                  left.getSelectionModel().selectFirst();
                }
                inHand.choose(left.getSelectionModel().getSelectedItem().task());
              }
            });
    VBox rest = new VBox(6, tonight, Parts.section(words.of("day.left")), left);
    rest.setPrefWidth(MIDDLE);
    HBox.setHgrow(rest, Priority.ALWAYS);
    HBox.setHgrow(tight, Priority.ALWAYS);
    getChildren().addAll(inHand, tight, rest);
  }

  private static final class LineCell extends ListCell<Line> {
    LineCell() {
      setWrapText(true);
      setPrefWidth(0);
    }

    @Override
    protected void updateItem(Line line, boolean empty) {
      super.updateItem(line, empty);
      setText(empty || line == null ? "" : line.text());
    }
  }

  /** Shows a day; the task in hand stays the one chosen. */
  void show(Days.Shown day) {
    inHand.show(day);
    findings(day);
    toSpread(day);
    List<Line> lines =
        Stream.concat(day.asked().left().stream(), day.plan().left().stream())
            .sorted(
                Comparator.comparing((Left one) -> one.why() == Why.WAITS).thenComparing(Left::why))
            .map(one -> line(day, one))
            .toList();
    if (!lines.equals(left.getItems())) {
      left.getItems().setAll(lines);
    }
  }

  private Line line(Days.Shown day, Left one) {
    return new Line(
        one.task(),
        words.of(
            "day.left.line",
            DayWords.whole(words, day.day(), day.asked(), one.task()),
            words.of("day.why", one.why())));
  }

  /** The task in hand is not done today any more: it is gone on with among those. */
  void focusLeft() {
    left.getItems().stream()
        .filter(line -> inHand.chosen().equals(Optional.of(line.task())))
        .findFirst()
        .ifPresentOrElse(
            line -> {
              left.getSelectionModel().select(line);
              left.scrollTo(line);
              left.requestFocus();
            },
            inHand::focusGo);
  }

  private void findings(Days.Shown day) {
    tight.getChildren().setAll(Parts.section(words.of("day.tight")));
    if (day.tight().isEmpty()) {
      tight.getChildren().add(Parts.advice("fine", "", words.of("day.tight.none")));
    }
    day.tight().stream()
        .limit(MOST_FINDINGS)
        .forEach(
            finding ->
                tight
                    .getChildren()
                    .add(
                        Parts.advice(
                            isFault(finding) ? "fault" : "water",
                            "",
                            DayWords.finding(words, day.day(), day.asked(), finding))));
  }

  private static boolean isFault(DayFinding finding) {
    return !(finding instanceof DayFinding.WaterStands || finding instanceof DayFinding.AfterDark);
  }

  /** What may dry while nobody is there. */
  private void toSpread(Days.Shown day) {
    tonight.getChildren().clear();
    List<String> lines =
        day.asked().problem().tasks().stream()
            .filter(task -> task.hands() == Hands.NONE && task.startedAt().isEmpty())
            .filter(task -> isOvernight(day, task))
            .map(task -> spread(day, task))
            .toList();
    Parts.shown(tonight, !lines.isEmpty());
    if (!lines.isEmpty()) {
      tonight.getChildren().add(Parts.section(words.of("day.tonight")));
      lines.forEach(line -> tonight.getChildren().add(Parts.advice("fine", "", line)));
    }
  }

  private static boolean isOvernight(Days.Shown day, DayTask task) {
    return day.plan()
        .slot(task.id())
        .map(slot -> slot.to() > day.asked().problem().dark())
        .orElse(!day.day().said(task.id()).notToday());
  }

  private String spread(Days.Shown day, DayTask task) {
    Job job = day.asked().jobs().get(task.id());
    if (job == null) {
      return DayWords.whole(words, day.day(), day.asked(), task.id());
    }
    int from = day.plan().slot(task.id()).map(Slot::from).orElse(day.plan().end());
    return words.of(
        "day.spread",
        job.name(),
        workbench.preferences().figures().get().sand(job.sand().grams()),
        words.fixed(task.needs().trayM2(), 2),
        DayWords.clock(words, from + task.planned()));
  }
}
