package jugulum.desk.machine;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import jugulum.core.account.Worked;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Measure.Running.State;
import jugulum.core.ledger.Step;
import jugulum.core.ledger.StepId;
import jugulum.core.machine.BenchSums;
import jugulum.core.machine.Due;
import jugulum.core.machine.Overnight;
import jugulum.core.machine.Overnight.Morning;
import jugulum.core.machine.RunLog;
import jugulum.core.runs.Night;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Wrapping;
import jugulum.desk.live.RunWatch;
import jugulum.desk.panel.Desk;
import jugulum.desk.told.Told;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;
import jugulum.desk.work.Outcome;

/**
 * A machine while it runs: how long, which charge, what is due when; and the buttons for all that.
 */
final class RunBox extends VBox {
  private final Words words;
  private final StepId step;
  private final Desk desk;
  private final Label state = Parts.styled(new Label(), "trapped");
  private final VBox due = new VBox(4);
  private final Label error = Parts.sentence("", "entry-error");
  private final Button run;
  private final Button charge;
  private final List<Button> whileOpen;
  private final FlowPane buttons = new Wrapping(8, 8);
  private Optional<Worked> worked = Optional.empty();

  /**
   * Makes the box.
   *
   * @param whileOpen buttons for as long as the batch is open
   * @param always buttons that stay when it is closed
   */
  RunBox(StepId step, Desk desk, List<Button> whileOpen, List<Button> always) {
    this.words = desk.words();
    super(6);
    this.step = step;
    this.desk = desk;
    setId("run-box");
    state.setId("run-state");
    due.setId("run-due");
    error.setId("run-error");
    run = Buttons.plain("run", "", "R", this::startOrStop);
    charge = Buttons.plain("charge", "", "E", this::chargeIn);
    this.whileOpen = whileOpen;
    buttons.getChildren().addAll(run, charge);
    buttons.getChildren().addAll(whileOpen);
    buttons.getChildren().addAll(always);
    getChildren().addAll(state, due, buttons, error);
    say("");
  }

  private Step now() {
    return worked.flatMap(shown -> shown.batch().step(step)).orElseThrow();
  }

  private void startOrStop() {
    send(new Measure.Running(RunLog.of(now()).isRunning() ? State.STOPPED : State.STARTED));
  }

  /** The first charge starts the machine: nobody lays one into still water and forgets to. */
  private void chargeIn() {
    Measure in =
        new Measure.Charge(
            chargeG().stream()
                .mapToObj(OptionalDouble::of)
                .findFirst()
                .orElse(OptionalDouble.empty()));
    if (RunLog.of(now()).isRunning()) {
      send(in);
    } else {
      desk.submit(new Edit.RecordOnStep(step, new Measure.Running(State.STARTED)))
          .thenAccept(
              outcome -> {
                switch (outcome) {
                  case Outcome.Recorded _ -> send(in);
                  case Outcome.Not not -> say(Told.why(not, desk.figures().get()));
                }
              });
    }
  }

  /** A charge as it was set, or what is left of the lot where that is less. */
  private OptionalDouble chargeG() {
    OptionalDouble set = now().setting("charge");
    double left =
        fedG().orElse(Double.MAX_VALUE) - RunLog.of(now()).charges().size() * set.orElse(0);
    return set.isPresent() && Math.min(set.getAsDouble(), left) > 0.1
        ? OptionalDouble.of(Math.min(set.getAsDouble(), left))
        : OptionalDouble.empty();
  }

  private OptionalDouble fedG() {
    double grams = worked.map(shown -> shown.sand().closure(step).inG()).orElse(0.0);
    return grams > 0 ? OptionalDouble.of(grams) : OptionalDouble.empty();
  }

  private OptionalInt chargesInAll() {
    if (now().process().isOvernight()) {
      return OptionalInt.of(1);
    }
    OptionalDouble set = now().setting("charge");
    return set.isPresent() && set.getAsDouble() > 0 && fedG().isPresent()
        ? OptionalInt.of(BenchSums.loads(fedG().getAsDouble(), set.getAsDouble()))
        : OptionalInt.empty();
  }

  private void send(Measure measure) {
    desk.submit(new Edit.RecordOnStep(step, measure))
        .thenAccept(
            outcome -> {
              if (outcome instanceof Outcome.Not not) {
                say(Told.why(not, desk.figures().get()));
              } else {
                say("");
              }
            });
  }

  private void say(String sentence) {
    error.setText(sentence.isEmpty() ? "" : words.of("entry.error", sentence));
    Parts.shown(error, !sentence.isEmpty());
  }

  void show(Worked shown, boolean byCharges) {
    worked = Optional.of(shown);
    boolean open = !shown.batch().closed() && now().finishedAt().isEmpty();
    boolean running = RunLog.of(now()).isRunning();
    run.setText(words.of(running ? "run.stop" : "run.start"));
    int made = RunLog.of(now()).charges().size();
    OptionalInt all = chargesInAll();
    String next = Integer.toString(made + 1);
    charge.setText(
        all.isPresent() && made < all.getAsInt()
            ? words.of("run.charge.of", next, Integer.toString(all.getAsInt()))
            : words.of("run.charge", next));
    charge.getStyleClass().setAll("button", byCharges ? "primary" : "plain");
    run.getStyleClass().setAll("button", byCharges || running ? "plain" : "primary");
    Parts.shown(charge, open && byCharges && (all.isEmpty() || made < all.getAsInt()));
    Parts.shown(run, open);
    whileOpen.forEach(button -> Parts.shown(button, !shown.batch().closed()));
    tick(desk.now());
  }

  /**
   * Whether it runs, or is still to be started: its keys come first, before its products are
   * weighed.
   */
  boolean isFirst() {
    if (worked.isEmpty() || !run.isVisible()) {
      return false;
    }
    boolean weighed =
        now().outputs().stream().anyMatch(lot -> worked.get().sand().mass(lot).isMeasured());
    RunLog log = RunLog.of(now());
    return log.isRunning() || log.stretches().isEmpty() && !weighed;
  }

  void focusRun() {
    (charge.isVisible() ? charge : run).requestFocus();
  }

  /** Shows what the time is to the run. */
  void tick(Instant now) {
    worked.ifPresent(shown -> tell(shown, now));
  }

  private void tell(Worked shown, Instant now) {
    RunLog log = RunLog.of(now());
    String ran = words.time(log.ran(now).toSeconds() / 60.0);
    boolean began = !log.stretches().isEmpty();
    String without = words.of(run.isVisible() ? "run.not-started" : "run.not-timed");
    state.setText(began ? words.of(log.isRunning() ? "run.running" : "run.stands", ran) : without);
    state.getStyleClass().setAll("label", log.isRunning() ? "running" : "muted");
    List<Due> asked = RunWatch.due(shown.network(), now(), desk.shop());
    due.getChildren().setAll(asked.stream().map(one -> line(words, one, now)).toList());
    if (!log.charges().isEmpty()) {
      due.getChildren().addFirst(Parts.sentence(charges(log), "muted"));
    }
    Night.of(now(), shown.network(), shown.sand())
        .ifPresent(night -> due.getChildren().addAll(night(night)));
    Parts.shown(due, !due.getChildren().isEmpty());
  }

  private List<Node> night(Night night) {
    Figures figures = desk.figures().get();
    List<Node> lines = new ArrayList<>();
    if (RunLog.of(now()).isRunning()) {
      night
          .started()
          .ifPresent(
              from ->
                  lines.add(
                      Parts.sentence(
                          words.of(
                              "run.night.until",
                              figures.clock(from.plus(hours(Overnight.HOURS.low()))),
                              figures.clock(from.plus(hours(Overnight.HOURS.high())))))));
    }
    night
        .ahead()
        .ifPresent(
            band ->
                lines.add(
                    Parts.sentence(
                        words.of(
                            "run.night.ahead",
                            words.time(Overnight.HOURS.usual() * 60),
                            words.rounded(band.low(), 0),
                            words.rounded(band.high(), 0),
                            words.rounded(night.chargeG().orElse(0), 0)))));
    night
        .morning()
        .ifPresent(
            one ->
                lines.add(
                    Parts.advice(
                        one == Morning.RIGHT ? "fine" : "fault",
                        "",
                        words.of("run.night.morning", one))));
    return lines;
  }

  private static Duration hours(double hours) {
    return Duration.ofMinutes(Math.round(hours * 60));
  }

  private String charges(RunLog log) {
    OptionalInt all = chargesInAll();
    String made = Integer.toString(log.charges().size());
    return all.isPresent()
        ? words.of("run.charges.of", made, Integer.toString(all.getAsInt()))
        : words.of("run.charges", made);
  }

  private static Label line(Words words, Due due, Instant now) {
    boolean late = !due.at().isAfter(now);
    return Parts.sentence(
        words.of(
            late ? "run.due.late" : "run.due",
            words.of("due", due.what()),
            words.stopwatch(due.in(now).abs())),
        late ? "due-late" : "strong");
  }
}
