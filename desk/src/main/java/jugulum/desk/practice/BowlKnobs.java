package jugulum.desk.practice;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.input.KeyCode;
import jugulum.desk.words.PracticeWords;
import jugulum.desk.words.Words;
import jugulum.practice.bowl.BowlControls;
import jugulum.practice.drill.Action;
import jugulum.practice.drill.BowlRun;
import jugulum.practice.drill.Drill.OnBowl;
import jugulum.practice.start.OwnDial;

/** What one turns at a bowl. Turned is what is wanted: the run takes it at its next step. */
final class BowlKnobs extends Knobs {
  private static final double VALVE_STEP = 0.5;
  private static final double LEVEL_STEP = 0.25;
  private static final double CHARGE_STEP = 10;

  private final BowlRun run;
  private final OnBowl rig;
  private final Consumer<Action> tells;
  private final Optional<OwnDial> own;
  private BowlControls wanted;
  private double chargeG;
  private boolean isAtWall = true;

  /**
   * The knobs of a run.
   *
   * @param own the person's own valve; empty where nothing is known of it
   */
  BowlKnobs(Words words, BowlRun run, Optional<OwnDial> own, Consumer<Action> tells) {
    super(words);
    this.run = run;
    this.rig = (OnBowl) run.drill().rig();
    this.tells = tells;
    this.own = own;
    this.wanted = run.controls();
    this.chargeG = rig.chargeG();
    turned(
        "valve",
        KeyCode.DOWN,
        KeyCode.UP,
        () -> valve(-VALVE_STEP),
        () -> valve(VALVE_STEP),
        this::valve);
    turned(
        "level",
        KeyCode.LEFT,
        KeyCode.RIGHT,
        () -> level(-LEVEL_STEP),
        () -> level(LEVEL_STEP),
        this::level);
    done("charge", KeyCode.SPACE, this::charge, this::charged);
    turned("size", KeyCode.Q, KeyCode.R, () -> size(-1), () -> size(1), this::size);
    done("place", KeyCode.O, () -> isAtWall = !isAtWall, this::place);
    done("agent", KeyCode.W, this::agent, this::hasAgent);
    show();
  }

  private void valve(double by) {
    wanted = wanted.valve(Math.clamp(wanted.valveLMin() + by, 0, BowlControls.MOST_L_MIN));
    tells.accept(new Action.Valve(wanted.valveLMin()));
  }

  private String valve() {
    if (rig.isBlind()) {
      return words.of("practice.hidden");
    }
    String flow = words.of("practice.flow", words.fixed(wanted.valveLMin(), 1));
    return own.flatMap(dial -> PracticeWords.own(words, dial, wanted.valveLMin()))
        .map(turns -> words.of("practice.flow.own", flow, turns))
        .orElse(flow);
  }

  private void level(double by) {
    double most = BowlControls.MOST_TILT;
    wanted = wanted.tilt(Math.clamp(wanted.tiltDegrees() + by, -most, most));
    tells.accept(new Action.Level(wanted.tiltDegrees()));
  }

  private String level() {
    if (rig.isBlind()) {
      return words.of("practice.hidden");
    }
    double lean = wanted.tiltDegrees();
    if (lean == 0) {
      return words.of("practice.is-level");
    }
    return words.of(
        lean > 0 ? "practice.low-right" : "practice.low-left", words.fixed(Math.abs(lean), 2));
  }

  private void charge() {
    tells.accept(new Action.Charge(chargeG, isAtWall));
  }

  private String charged() {
    double in = Math.max(0, rig.totalG() - run.bowl().waitingG());
    return words.of("practice.charged", words.fixed(in, 0), words.fixed(rig.totalG(), 0));
  }

  private void size(int steps) {
    chargeG = Math.clamp(chargeG + steps * CHARGE_STEP, CHARGE_STEP, rig.totalG());
  }

  private String size() {
    return words.of("practice.grams", words.fixed(chargeG, 0));
  }

  private String place() {
    return words.of(isAtWall ? "practice.at-wall" : "practice.anywhere");
  }

  private void agent() {
    wanted = wanted.agent(!wanted.hasAgent());
    tells.accept(new Action.Agent(wanted.hasAgent()));
  }

  private String hasAgent() {
    return words.of(wanted.hasAgent() ? "practice.agent.in" : "practice.agent.none");
  }
}
