package jugulum.desk.day;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import jugulum.core.day.Day;
import jugulum.core.day.DayEdit;
import jugulum.core.day.DayWork;
import jugulum.core.day.Job;
import jugulum.core.day.Job.Work;
import jugulum.core.schedule.DayLimits;
import jugulum.core.schedule.DayPlan.Slot;
import jugulum.core.schedule.DayProblem;
import jugulum.core.schedule.DayTask;
import jugulum.core.schedule.DayTask.Hands;
import jugulum.core.schedule.DayTask.Said;
import jugulum.desk.entry.EntryField;
import jugulum.desk.follow.Days;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Wrapping;
import jugulum.desk.session.Workbench;
import jugulum.desk.view.Navigation;
import jugulum.desk.words.DayWords;
import jugulum.desk.words.Words;
import jugulum.desk.work.Notice;

/** The task in hand: when it is done, what it takes, and what a person says of it. */
final class TaskCard extends VBox {
  private static final double WIDTH = 430;

  private final Words words;
  private final Workbench workbench;
  private final Supplier<Instant> now;
  private final Navigation navigation;
  private final Sends sends;
  private final Label when = Parts.sentence("", "muted");
  private final Label what = Parts.sentence("", "panel-title");
  private final Label about = Parts.sentence("", "muted");
  private final Button go;
  private final Button done;
  private final Button today;
  private final Button out;
  private final Button drop;
  private final Wrapping ways = new Wrapping(8, 6);
  private final EntryField<Integer> time;
  private Optional<Days.Shown> shown = Optional.empty();
  private Optional<String> chosen = Optional.empty();

  /** What the time typed is for. */
  private boolean isUntil;

  /** Takes edits of the day; told why not where they are refused. */
  @FunctionalInterface
  interface Sends {
    /** Sends one. */
    void send(DayEdit edit, Runnable then, Consumer<String> refused);
  }

  TaskCard(Workbench workbench, Supplier<Instant> now, Navigation navigation, Sends sends) {
    super(4);
    this.words = workbench.words();
    this.workbench = workbench;
    this.now = now;
    this.navigation = navigation;
    this.sends = sends;
    when.setId("day-when");
    what.setId("day-what");
    about.setId("day-about");
    go = Buttons.primary("day-go", words.of("day.go"), "Enter", this::enter);
    done = Buttons.plain("day-done", words.of("day.done"), "D", this::finish);
    today = Buttons.quiet("day-not-today", words.of("day.not-today"), "F", this::notToday);
    out = Buttons.quiet("day-out", words.of("day.out"), "X", this::outOfUse);
    drop = Buttons.quiet("day-drop", words.of("day.drop"), "Y", this::drop);
    time =
        new EntryField<>(
            words,
            "day-time",
            words.of("day.time"),
            "15:00",
            typed -> MinuteText.parse(words, typed));
    time.field().setOnAction(_ -> timeTold());
    Parts.shown(time, false);
    ways.getChildren().addAll(go, done, today, at(), until(), earlier(), out, drop);
    getChildren().addAll(when, what, about, ways, time);
    getStyleClass().addAll("advice", "water");
    setPrefWidth(WIDTH);
    setMinWidth(WIDTH);
    HBox.setHgrow(this, Priority.ALWAYS);
  }

  private Button at() {
    return Buttons.quiet("day-at", words.of("day.at"), "A", () -> askTime(false));
  }

  private Button until() {
    return Buttons.quiet("day-until", words.of("day.until"), "U", () -> askTime(true));
  }

  private Button earlier() {
    return Buttons.quiet("day-earlier", words.of("day.earlier"), "E", this::goEarlier);
  }

  /** Shows a day; the task in hand stays the one chosen. */
  void show(Days.Shown day) {
    boolean isFirst = shown.isEmpty();
    shown = Optional.of(day);
    if (isFirst || chosen.filter(this::isThere).isEmpty()) {
      chosen = next();
    }
    inHand();
  }

  private boolean isThere(String task) {
    return shown
        .map(day -> day.asked().jobs().containsKey(task) || day.day().own(task).isPresent())
        .orElse(false);
  }

  /** What to do now: what begins next, else what goes. */
  private Optional<String> next() {
    return shown.flatMap(
        day ->
            day.plan().slots().stream()
                .filter(slot -> !isGoing(day, slot.task()))
                .findFirst()
                .or(() -> day.plan().slots().stream().findFirst())
                .map(Slot::task));
  }

  private static boolean isGoing(Days.Shown day, String task) {
    return day.asked().problem().task(task).filter(one -> one.startedAt().isPresent()).isPresent();
  }

  /** The task in hand. */
  Optional<String> chosen() {
    return chosen;
  }

  /** Takes a task in hand. */
  void choose(String task) {
    chosen = Optional.of(task);
    asksTime(false);
    inHand();
  }

  /** Puts the focus on what one does with it. */
  void focusGo() {
    go.requestFocus();
  }

  private void inHand() {
    shown.ifPresent(
        day ->
            chosen.ifPresentOrElse(
                task -> inHand(day, task),
                () -> {
                  when.setText("");
                  what.setText(words.of("day.none-in-hand"));
                  about.setText("");
                }));
  }

  private void inHand(Days.Shown day, String task) {
    what.setText(DayWords.whole(words, day.day(), day.asked(), task));
    when.setText(when(day, task));
    about.setText(day.asked().problem().task(task).map(one -> about(day, one)).orElse(""));
    Optional<Job> job = Optional.ofNullable(day.asked().jobs().get(task));
    boolean isMarked = isMarked(job);
    boolean goes = isGoing(day, task);
    boolean isDone = day.asked().done().containsKey(task);
    go.setText(words.of(isMarked && !goes ? "day.begin" : "day.go"));
    Parts.shown(go, !(isMarked && (goes || isDone)));
    Parts.shown(done, isMarked && !isDone);
    Parts.shown(drop, job.isEmpty());
    Optional<String> machine = job.flatMap(DayWork::machine);
    Parts.shown(out, machine.isPresent());
    out.setText(words.of(isOut(day, machine) ? "day.back" : "day.out"));
    today.setText(words.of(day.day().said(task).notToday() ? "day.today-again" : "day.not-today"));
  }

  /** What no batch tells the standing of: the person does. */
  private static boolean isMarked(Optional<Job> job) {
    return job.map(one -> one.work() instanceof Work.Dry).orElse(true);
  }

  private static boolean isOut(Days.Shown day, Optional<String> machine) {
    return machine.map(name -> day.day().out(name).isPresent()).orElse(false);
  }

  private String when(Days.Shown day, String task) {
    Optional<Slot> slot = day.plan().slot(task);
    Day.Mark mark = day.asked().done().get(task);
    if (mark != null) {
      return words.of(
          "day.when.done",
          DayWords.clock(words, mark.from()),
          DayWords.clock(words, mark.to().orElse(mark.from())));
    }
    if (slot.isEmpty()) {
      return words.of("day.when.left");
    }
    String from = DayWords.clock(words, slot.get().from());
    String to = DayWords.clock(words, slot.get().to());
    if (isGoing(day, task)) {
      return words.of("day.when.goes", from, to);
    }
    boolean isNow = slot.get().from() <= day.asked().problem().now();
    return words.of(isNow ? "day.when.now" : "day.when", from, to);
  }

  private String about(Days.Shown day, DayTask task) {
    List<String> said = new ArrayList<>();
    said.add(
        task.minutes().low() == task.minutes().high()
            ? words.time(task.minutes().usual())
            : words.of(
                "day.minutes",
                words.time(task.minutes().usual()),
                words.time(task.minutes().low()),
                words.time(task.minutes().high())));
    said.add(words.of("day.hands", task.hands()));
    if (task.needs().wattHours() > 0) {
      said.add(words.of("day.needs.power", words.fixed(task.needs().wattHours(), 0)));
    }
    if (task.needs().litres() >= 0.5) {
      said.add(words.of("day.needs.water", words.fixed(task.needs().litres(), 0)));
    }
    if (task.needs().trayM2() > 0) {
      said.add(words.of("day.needs.tray", words.fixed(task.needs().trayM2(), 2)));
    }
    Said told = day.day().said(task.id());
    told.at().ifPresent(at -> said.add(words.of("day.said.at", DayWords.clock(words, at))));
    told.until()
        .ifPresent(until -> said.add(words.of("day.said.until", DayWords.clock(words, until))));
    return words.row(said);
  }

  /** Goes to the bench with the task in hand; begins what no batch tells of. */
  void enter() {
    shown.ifPresent(day -> chosen.ifPresent(task -> enter(day, task)));
  }

  private void enter(Days.Shown day, String task) {
    Optional<Job> job = Optional.ofNullable(day.asked().jobs().get(task));
    if (isMarked(job)) {
      if (!isGoing(day, task) && !day.asked().done().containsKey(task)) {
        mark(day, task, new Day.Mark(minute(day), OptionalInt.empty()));
      }
      return;
    }
    Job there = job.orElseThrow();
    if (there.step().isPresent()) {
      navigation.openStep(there.batch(), there.step().get());
    } else if (there.lot().isPresent()) {
      navigation.openLot(there.batch(), there.lot().get());
    } else {
      say(
          words.of(
              "day.waits",
              what.getText(),
              words.row(
                  there.after().stream()
                      .map(one -> DayWords.whole(words, day.day(), day.asked(), one))
                      .toList())));
    }
  }

  private void finish() {
    shown.ifPresent(
        day ->
            chosen.ifPresent(
                task -> {
                  int from =
                      day.asked()
                          .problem()
                          .task(task)
                          .map(one -> one.startedAt().orElse(minute(day)))
                          .orElse(minute(day));
                  mark(day, task, new Day.Mark(from, OptionalInt.of(minute(day))));
                }));
  }

  private void mark(Days.Shown day, String task, Day.Mark mark) {
    if (!day.asked().done().containsKey(task)) {
      edit(new DayEdit.MarkTask(task, Optional.of(mark)));
    }
  }

  private int minute(Days.Shown day) {
    return workbench.days().minute(day.day(), now.get());
  }

  private void notToday() {
    said((before, _) -> new Said(before.at(), before.until(), !before.notToday()));
  }

  private void said(BiFunction<Said, Days.Shown, Said> change) {
    shown.ifPresent(
        day ->
            chosen.ifPresent(
                task -> edit(new DayEdit.Say(task, change.apply(day.day().said(task), day)))));
  }

  private void outOfUse() {
    shown.ifPresent(
        day ->
            chosen
                .map(task -> day.asked().jobs().get(task))
                .flatMap(DayWork::machine)
                .ifPresent(
                    machine ->
                        edit(
                            isOut(day, Optional.of(machine))
                                ? new DayEdit.BackInUse(machine)
                                : new DayEdit.OutOfUse(
                                    new DayLimits.Out(machine, minute(day), DayProblem.DAY)))));
  }

  private void drop() {
    chosen.ifPresent(task -> edit(new DayEdit.Drop(task)));
  }

  /** Puts the task in hand before the one that has its hands or its machine before it. */
  private void goEarlier() {
    shown.ifPresent(
        day ->
            chosen.ifPresent(
                task ->
                    before(day, task)
                        .ifPresentOrElse(
                            first -> edit(new DayEdit.Before(new Day.Order(task, first))),
                            () -> say(words.of("day.earlier.none")))));
  }

  private static Optional<String> before(Days.Shown day, String task) {
    Optional<DayTask> asked = day.asked().problem().task(task);
    Optional<Slot> slot = day.plan().slot(task);
    return asked.flatMap(
        one ->
            slot.flatMap(
                here ->
                    day.plan().slots().stream()
                        .filter(other -> other.from() < here.from())
                        .filter(other -> !isGoing(day, other.task()))
                        .filter(other -> !one.after().contains(other.task()))
                        .filter(
                            other ->
                                day.asked()
                                    .problem()
                                    .task(other.task())
                                    .filter(two -> share(one, two))
                                    .isPresent())
                        .reduce((_, later) -> later)
                        .map(Slot::task)));
  }

  private static boolean share(DayTask one, DayTask two) {
    boolean hands = one.hands() == Hands.ALL && two.hands() == Hands.ALL;
    return hands || one.machine().isPresent() && one.machine().equals(two.machine());
  }

  private void askTime(boolean until) {
    isUntil = until;
    time.clear();
    asksTime(true);
    // The letter that asked for it is still to be typed, and not into the field.
    Platform.runLater(time.field()::requestFocus);
  }

  private void timeTold() {
    if (time.text().isEmpty()) {
      said((before, _) -> told(before, OptionalInt.empty()));
      return;
    }
    time.read().ifPresent(minute -> said((before, _) -> told(before, OptionalInt.of(minute))));
  }

  private Said told(Said before, OptionalInt minute) {
    return isUntil
        ? new Said(before.at(), minute, before.notToday())
        : new Said(minute, before.until(), before.notToday());
  }

  private void edit(DayEdit edit) {
    sends.send(
        edit,
        () -> {
          if (time.isVisible()) {
            escape();
          }
        },
        time.isVisible() ? time::refuse : this::say);
  }

  private void say(String sentence) {
    workbench.notices().say(new Notice.Said(sentence, false));
  }

  /** The field of a time takes the place of what else one can do. */
  private void asksTime(boolean isAsked) {
    Parts.shown(time, isAsked);
    Parts.shown(ways, !isAsked);
  }

  /** Leaves the field of a time; gives whether there was one. */
  boolean escape() {
    boolean wasAsked = time.isVisible();
    asksTime(false);
    if (wasAsked) {
      go.requestFocus();
    }
    return wasAsked;
  }
}
