package jugulum.core.day;

import java.util.List;
import jugulum.core.check.Band;
import jugulum.core.check.Check;

/**
 * How a shop's own minutes stand to the planned ones, by kind of work and machine: the geometric
 * mean of what was done through what was planned, drawn to 1 as long as little was done (as if two
 * more had gone as planned), and once three were done the spread of the next in place of the usual
 * range. Ours; without minutes nobody believes, above ten times or below a tenth.
 *
 * @param done what was done, of all days
 */
public record DayPace(List<Day.Done> done) {
  /** Nothing learnt yet. */
  public static final DayPace NONE = new DayPace(List.of());

  private static final double AS_PLANNED = 2;
  private static final double BEYOND = 10;
  private static final int TELLS_SPREAD = 3;

  /** Drying goes by a law until it was seen twice, and by what was seen from then on. */
  private static final String DRY = "dry";

  private static final int TELLS_DRYING = 2;

  /** Ninety in a hundred of normal draws lie within so many standard deviations. */
  private static final double NINETY = 1.645;

  /** Keeps its own copy. */
  public DayPace {
    done = List.copyOf(done);
  }

  /**
   * What is learnt of one kind of work on one machine.
   *
   * @param factor done through planned, above 0
   * @param spread standard deviation of its logarithm, 0 or more; 0 where fewer than three tell
   * @param count of how many
   */
  public record Learnt(double factor, double spread, int count) {}

  /**
   * What is learnt of one kind of work.
   *
   * @param machine on what; empty for hands alone
   */
  public Learnt of(String kind, String machine) {
    double[] logs =
        done.stream()
            .filter(one -> one.kind().equals(kind) && one.machine().equals(machine))
            .filter(one -> one.planned() > 0 && one.minutes() > 0)
            .mapToDouble(one -> Math.log(one.minutes() / one.planned()))
            .filter(log -> Math.abs(log) <= Math.log(BEYOND))
            .toArray();
    double sum = 0;
    double squares = 0;
    for (double log : logs) {
      sum += log;
      squares += log * log;
    }
    int n = logs.length;
    double spread =
        n < TELLS_SPREAD ? 0 : Math.sqrt(Math.max(0, (squares - sum * sum / n) / (n - 1)));
    if (kind.equals(DRY)) {
      return new Learnt(n < TELLS_DRYING ? 1 : Math.exp(sum / n), spread, n);
    }
    return new Learnt(Math.exp(sum / (n + AS_PLANNED)), spread, n);
  }

  /**
   * Minutes as they are to be planned.
   *
   * @param usual as they would be without a record, in minutes, above 0
   */
  public Band minutes(String kind, String machine, Band usual) {
    Check.inRange("usual", usual.low(), Double.MIN_NORMAL, 1e6);
    Learnt learnt = of(kind, machine);
    Band paced = usual.times(learnt.factor());
    if (learnt.count() < TELLS_SPREAD) {
      return paced;
    }
    double wide = Math.exp(NINETY * learnt.spread() * Math.sqrt(1 + 1.0 / learnt.count()));
    return new Band(paced.usual() / wide, paced.usual(), paced.usual() * wide);
  }
}
