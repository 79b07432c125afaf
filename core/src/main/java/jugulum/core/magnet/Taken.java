package jugulum.core.magnet;

import java.util.List;
import jugulum.core.check.Check;

/**
 * What a magnet takes of what comes to it.
 *
 * @param magnetite the share of the magnetite, 0 to 1
 * @param gold the share of the gold that goes along, 0 to 1
 */
public record Taken(double magnetite, double gold) {
  /** Checks both. */
  public Taken {
    Check.share("magnetite", magnetite);
    Check.share("gold", gold);
  }

  /** What stages one after another take together, each of what the one before left. */
  public static Taken together(List<Taken> stages) {
    double magnetite = 1;
    double gold = 1;
    for (Taken stage : stages) {
      magnetite *= 1 - stage.magnetite();
      gold *= 1 - stage.gold();
    }
    return new Taken(1 - magnetite, 1 - gold);
  }

  /**
   * How much gold goes along with magnetite in a stage after others, against the first: shares of
   * what came to each, so of the same sand.
   *
   * @param stages two or more, the first of which takes both
   */
  public static double perMagnetiteAgainstFirst(List<Taken> stages) {
    Check.inRange("stages", stages.size(), 2, 1000);
    Taken before = together(stages.subList(0, stages.size() - 1));
    Taken first = stages.getFirst();
    Taken last = stages.getLast();
    Check.inRange("magnetite", first.magnetite(), Double.MIN_NORMAL, 1);
    Check.inRange("gold", first.gold(), Double.MIN_NORMAL, 1);
    double magnetite = (1 - before.magnetite()) * last.magnetite();
    Check.inRange("magnetite", magnetite, Double.MIN_NORMAL, 1);
    return (1 - before.gold()) * last.gold() / magnetite / (first.gold() / first.magnetite());
  }
}
