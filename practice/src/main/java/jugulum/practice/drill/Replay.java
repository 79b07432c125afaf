package jugulum.practice.drill;

import java.util.List;
import jugulum.core.check.Check;
import jugulum.practice.law.BowlLaws;
import jugulum.practice.law.DeckLaws;

/**
 * All that makes a run the same again.
 *
 * @param drill which drill, with its sand
 * @param grain how fine it was drawn
 * @param seed what its grains were drawn with
 * @param told what was done
 * @param steps how long it went, in steps
 * @param laws the number of the laws it was played under, from 1
 */
public record Replay(
    Drill drill, Runs.Grain grain, long seed, List<LoggedAction> told, long steps, int laws) {
  /** Checks the number and keeps its own copy. */
  public Replay {
    Check.inRange("laws", laws, 1, 1e6);
    told = List.copyOf(told);
  }

  /** Of a run that is over, under the laws that hold now. */
  public static Replay of(
      Drill drill, Runs.Grain grain, long seed, List<LoggedAction> told, long steps) {
    return new Replay(drill, grain, seed, told, steps, lawsOf(drill));
  }

  /** The number of the laws that hold now for the rig of a drill. */
  private static int lawsOf(Drill drill) {
    return switch (drill.rig()) {
      case Drill.OnBowl _ -> BowlLaws.OURS.number();
      case Drill.OnDeck _ -> DeckLaws.OURS.number();
      case Drill.OnPan _ -> 1;
    };
  }

  /** Whether it was played under laws that hold no more: then it comes out otherwise. */
  public boolean isOfOtherLaws() {
    return laws != lawsOf(drill);
  }

  /**
   * Tries whether everything told can be done with the rig of the drill, without letting time go
   * by.
   *
   * @return this
   * @throws IllegalArgumentException if something cannot, with what and its range
   */
  public Replay rehearsed() {
    Run run = Runs.of(drill, grain, seed);
    told.forEach(one -> run.tell(one.action()));
    return this;
  }

  /** The run, as it was when it ended. */
  public Run played() {
    Run run = Runs.of(drill, grain, seed);
    int next = 0;
    for (long step = 0; step < steps; step++) {
      while (next < told.size() && told.get(next).step() <= step) {
        run.tell(told.get(next++).action());
      }
      run.step();
    }
    while (next < told.size()) {
      run.tell(told.get(next++).action());
    }
    run.end();
    return run;
  }
}
