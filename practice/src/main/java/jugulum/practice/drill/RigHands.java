package jugulum.practice.drill;

import java.util.function.Consumer;
import jugulum.practice.bowl.BowlControls;
import jugulum.practice.deck.Deck;
import jugulum.practice.deck.DeckControls;
import jugulum.practice.drill.Drill.OnBowl;
import jugulum.practice.drill.Drill.OnDeck;
import jugulum.practice.drill.Drill.OnPan;
import jugulum.practice.sand.GrainKind;

/**
 * Hands that work a rig by plain rules, a look a second. A way is what the rules are set to: of a
 * bowl the flow in L/min, how fast it is opened in L/min a second, and the charge in g; of a deck
 * the tilt in degrees, the water in L/min and the feed in kg/h; of a pan the drops.
 */
final class RigHands {
  private static final double SHARE_TO_BEGIN = 1.0 / 3;

  /** The next charge goes in when so much of the last is left. */
  private static final double ALMOST_CLEAR = 0.15;

  private RigHands() {}

  static double[] begin(Drill drill) {
    return switch (drill.rig()) {
      case OnBowl rig -> new double[] {12, 0.2, rig.chargeG()};
      case OnDeck _ -> new double[] {3, 20, 16};
      case OnPan _ -> new double[] {3};
    };
  }

  static double[] reach(Drill drill) {
    return switch (drill.rig()) {
      case OnBowl rig -> new double[] {3, 0.08, rig.chargeG() / 4};
      case OnDeck _ -> new double[] {1, 6, 3};
      case OnPan _ -> new double[] {1};
    };
  }

  static boolean isPossible(Drill drill, double[] way) {
    return switch (drill.rig()) {
      case OnBowl rig ->
          way[0] > 1
              && way[0] <= BowlControls.MOST_L_MIN
              && way[1] > 0.01
              && way[2] >= 5
              && way[2] <= rig.totalG();
      case OnDeck _ -> way[0] > 0.2 && way[0] < 10 && way[1] >= 4 && way[1] < 60 && way[2] >= 4;
      case OnPan _ -> way[0] >= 0;
    };
  }

  static Consumer<Run> of(Drill drill, double[] way) {
    return switch (drill.rig()) {
      case OnBowl rig -> run -> bowl((BowlRun) run, rig, way);
      case OnDeck _ -> run -> deck((DeckRun) run, way);
      case OnPan _ -> run -> pan((HeapRun) run, way);
    };
  }

  private static void bowl(BowlRun run, OnBowl rig, double[] way) {
    if (run.seconds() == 0) {
      run.tell(new Action.Agent(true));
      run.tell(new Action.Level(0));
      run.tell(new Action.Valve(way[0] * SHARE_TO_BEGIN));
      if (!rig.isCharged()) {
        run.tell(new Action.Charge(way[2], true));
      }
      return;
    }
    boolean isOut = run.bowl().sandGone() >= BowlRun.WANTED;
    if (isOut) {
      run.end();
      return;
    }
    if (run.bowl().waitingG() > 0 && run.bowl().loadG() < ALMOST_CLEAR * way[2]) {
      // Shut down for the charge, then opened slowly again.
      run.tell(new Action.Valve(way[0] * SHARE_TO_BEGIN));
      run.tell(new Action.Charge(way[2], true));
      return;
    }
    double wanted = way[0] * StrictMath.exp(rig.ageing() * run.seconds() / 60);
    double next = Math.min(wanted, run.controls().valveLMin() + way[1]);
    next = Math.min(next, BowlControls.MOST_L_MIN);
    if (Math.abs(next - run.controls().valveLMin()) > 0.01) {
      run.tell(new Action.Valve(next));
    }
  }

  private static void deck(DeckRun run, double[] way) {
    if (run.seconds() == 0) {
      run.tell(new Action.Tilt(way[0]));
      run.tell(new Action.Rise(0));
      run.tell(new Action.Water(way[1], 0));
      run.tell(new Action.Feed(way[2]));
      return;
    }
    boolean isTime = run.seconds() >= Deck.FILLS_S - 2 && run.seconds() < Deck.FILLS_S - 1;
    double gold = run.deck().placeM(GrainKind.GOLD, 0.99);
    if (isTime && !Double.isNaN(gold)) {
      DeckControls now = run.controls();
      double place = Math.min(gold + 0.008, now.splittersM().get(1));
      run.tell(new Action.Splitter(0, place));
    }
  }

  private static void pan(HeapRun run, double[] way) {
    if (run.isBusy()) {
      return;
    }
    if (!run.heap().isUp()) {
      run.tell(new Action.Lift());
    } else if (run.heap().drops() < Math.round(way[0])) {
      run.tell(new Action.Drop());
    } else {
      run.tell(new Action.Away());
    }
  }
}
