package jugulum.measure;

import java.util.Locale;
import java.util.function.Consumer;
import jugulum.practice.bowl.Bowl;
import jugulum.practice.drill.Action;
import jugulum.practice.drill.BowlRun;
import jugulum.practice.drill.DeckRun;
import jugulum.practice.drill.Drills;
import jugulum.practice.drill.Run;
import jugulum.practice.drill.Runs;
import jugulum.practice.drill.Runs.Grain;

/** How quick grains move: a step, and how often faster than the clock. */
public final class MeasurePractice {
  private static final double FULL_S = 70;
  private static final int STEPS = 1200;
  private static final long SEED = 5;

  private MeasurePractice() {}

  /** Prints the figures of practice alone. */
  public static void main(String[] args) {
    print(System.out::println);
  }

  static void print(Consumer<String> out) {
    for (String id : new String[] {"first-run", "first-table"}) {
      for (int round = 0; round < 2; round++) {
        Run run = Runs.of(Drills.of(id).orElseThrow(), Grain.SEEN, SEED);
        if (run instanceof BowlRun) {
          run.tell(new Action.Charge(120, true));
          run.tell(new Action.Valve(18));
        } else {
          run.tell(new Action.Tilt(2.5));
          while (run.seconds() < FULL_S) {
            run.step();
          }
        }
        long begun = System.nanoTime();
        for (int i = 0; i < STEPS; i++) {
          run.step();
        }
        double each = (System.nanoTime() - begun) / 1e6 / STEPS;
        if (round > 0) {
          out.accept(
              String.format(
                  Locale.ROOT,
                  "practice, %s: %d grains moving, %.2f ms a step, %.0f times as fast as the clock",
                  id,
                  moving(run),
                  each,
                  1000 * Bowl.STEP_S / each));
        }
      }
    }
  }

  private static int moving(Run run) {
    int moving = 0;
    switch (run) {
      case BowlRun bowl -> {
        for (int i = 0; i < bowl.bowl().grains().count(); i++) {
          moving += bowl.bowl().state(i) == Bowl.IN ? 1 : 0;
        }
      }
      case DeckRun deck -> {
        for (int i = 0; i < deck.deck().grains().count(); i++) {
          moving += deck.deck().state(i);
        }
      }
      default -> {
        // A heap has no grains that move.
      }
    }
    return moving;
  }
}
