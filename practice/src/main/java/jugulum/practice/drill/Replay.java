package jugulum.practice.drill;

import java.util.List;

/**
 * All that makes a run the same again.
 *
 * @param drill which drill, with its sand
 * @param grain how fine it was drawn
 * @param seed what its grains were drawn with
 * @param told what was done
 * @param steps how long it went, in steps
 */
public record Replay(Drill drill, Runs.Grain grain, long seed, List<Told> told, long steps) {
  /** Keeps its own copy. */
  public Replay {
    told = List.copyOf(told);
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
