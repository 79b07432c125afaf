package jugulum.practice.drill;

import java.util.List;
import jugulum.practice.drill.Drill.OnBowl;
import jugulum.practice.drill.Drill.OnDeck;
import jugulum.practice.drill.Drill.OnPan;
import jugulum.practice.start.TradeRun;

/** Makes runs of drills, to be played or only worked out. */
public final class Runs {
  /** What grains of sand on a deck stand for together, in g: what a deck and its feed box hold. */
  private static final double ON_DECK_G = 420;

  private Runs() {}

  /**
   * How fine a run is drawn.
   *
   * @param sand grains of sand
   * @param gold grains of gold
   */
  public record Grain(int sand, int gold) {
    /** To look at: twenty thousand grains. */
    public static final Grain SEEN = new Grain(18_000, 2_000);

    /** To work out: enough to tell one part in a hundred of the gold. */
    public static final Grain WORKED_OUT = new Grain(900, 500);
  }

  /** A run of a drill that has not begun. */
  public static Run of(Drill drill, Grain grain, long seed) {
    return switch (drill.rig()) {
      case OnBowl _ -> new BowlRun(drill, grain.sand(), grain.gold(), TradeRun.WATER, seed);
      case OnDeck _ ->
          new DeckRun(
              drill, grain.sand(), grain.gold(), ON_DECK_G / grain.sand(), TradeRun.WATER, seed);
      case OnPan _ -> new HeapRun(drill, Math.min(grain.gold(), 500), seed);
    };
  }

  /**
   * Plays what was told of a run.
   *
   * @return the run, over
   */
  public static Run played(Drill drill, Grain grain, long seed, List<LoggedAction> told) {
    Run run = of(drill, grain, seed);
    int next = 0;
    for (long step = 0; !run.isOver(); step++) {
      while (next < told.size() && told.get(next).step() <= step) {
        run.tell(told.get(next++).action());
      }
      if (next == told.size() && step > lastStep(told) && isDone(run)) {
        run.end();
      }
      run.step();
    }
    return run;
  }

  private static long lastStep(List<LoggedAction> told) {
    return told.isEmpty() ? 0 : told.getLast().step();
  }

  /** Nothing is left to be done: a person stops there. */
  private static boolean isDone(Run run) {
    return run instanceof BowlRun bowl && bowl.bowl().sandGone() >= BowlRun.WANTED;
  }
}
