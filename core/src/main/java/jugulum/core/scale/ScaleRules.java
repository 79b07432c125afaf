package jugulum.core.scale;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import jugulum.core.check.Check;
import jugulum.core.weighing.Container;

/**
 * What is known of a scale and of what stands beside it.
 *
 * @param stepG the least difference it shows, in grams, above 0
 * @param capacityG what it carries, in grams, above its step
 * @param sends when it sends
 * @param containers what may stand on it empty
 */
public record ScaleRules(double stepG, double capacityG, Sends sends, List<Container> containers) {
  /** A weight stands when it has kept still that long. */
  public static final Duration REST = Duration.ofSeconds(1);

  /** A container is known when exactly one lies within that many steps. */
  public static final int KNOWN_WITHIN_STEPS = 3;

  /** Nothing lies on a scale that shows no more than that many steps. */
  public static final int EMPTY_WITHIN_STEPS = 5;

  /** Checks the numbers and keeps its own copy. */
  public ScaleRules {
    Check.inRange("stepG", stepG, 1e-6, 1e4);
    Check.inRange("capacityG", capacityG, stepG, Check.HEAVIEST_G);
    containers = List.copyOf(containers);
  }

  boolean isEmpty(double grams) {
    return Math.abs(grams) <= EMPTY_WITHIN_STEPS * stepG;
  }

  /** The one and only container a weight can be; empty where none or several lie that near. */
  public Optional<Container> known(double grams) {
    List<Container> near = near(grams).toList();
    return near.size() == 1 ? Optional.of(near.getFirst()) : Optional.empty();
  }

  private Stream<Container> near(double grams) {
    double within = KNOWN_WITHIN_STEPS * stepG * ScaleWatch.ROUNDING;
    return containers.stream().filter(one -> Math.abs(one.tareG() - grams) <= within);
  }

  /**
   * The smallest amount worth weighing for 0.1 % at k = 2: 2000 s, with s not below 0.41 d. Source:
   * USP general chapter 41, from memory.
   *
   * @param stepG the least difference the scale shows, in grams, above 0
   * @param sdG the standard deviation of repeated weighings, in grams, 0 or more
   * @return in grams
   */
  public static double smallestG(double stepG, double sdG) {
    return 2000 * Math.max(Check.grams("sdG", sdG), 0.41 * stepG);
  }
}
