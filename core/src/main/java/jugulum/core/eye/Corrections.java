package jugulum.core.eye;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import jugulum.core.check.Band;
import jugulum.core.check.Check;
import org.apache.commons.rng.UniformRandomProvider;
import org.apache.commons.rng.simple.RandomSource;

/**
 * What the pictures of a shop taught: of so many marks that looked like gold so many were taken
 * out, of so many specks so many had to be put in; by what they lay on and how large they were.
 *
 * @param counts by tray and size; what is missing was never seen
 */
public record Corrections(Map<Of, Counts> counts) {
  /** Before any picture was gone through. */
  public static final Corrections NONE = new Corrections(Map.of());

  private static final int DRAWS = 4000;

  /** Which specks. */
  public record Of(Tray tray, AcrossPx across) {}

  /**
   * What became of marks.
   *
   * @param looked how many the eye took for gold, 0 or more
   * @param takenOut how many of these a person took out
   * @param gold how many counted in the end, 0 or more
   * @param putIn how many of these the eye had not taken for gold
   */
  public record Counts(int looked, int takenOut, int gold, int putIn) {
    static final Counts NONE = new Counts(0, 0, 0, 0);

    /** Checks that neither is more than all. */
    public Counts {
      Check.inRange("looked", looked, 0, 1e9);
      Check.inRange("takenOut", takenOut, 0, looked);
      Check.inRange("gold", gold, 0, 1e9);
      Check.inRange("putIn", putIn, 0, gold);
    }

    Counts plus(Counts other) {
      return new Counts(
          looked + other.looked, takenOut + other.takenOut, gold + other.gold, putIn + other.putIn);
    }
  }

  /** Keeps its own copy. */
  public Corrections {
    counts = Map.copyOf(counts);
  }

  /** All of both. */
  public Corrections plus(Corrections other) {
    Map<Of, Counts> all = new HashMap<>(counts);
    other.counts.forEach((of, more) -> all.merge(of, more, Counts::plus));
    return new Corrections(all);
  }

  /** One mark more. */
  public static Corrections one(Tray tray, double acrossPx, boolean looksGold, boolean isGold) {
    return new Corrections(
        Map.of(
            new Of(tray, AcrossPx.of(acrossPx)),
            new Counts(
                looksGold ? 1 : 0,
                looksGold && !isGold ? 1 : 0,
                isGold ? 1 : 0,
                isGold && !looksGold ? 1 : 0)));
  }

  /** All of many. */
  public static Corrections all(Stream<Corrections> many) {
    return many.reduce(NONE, Corrections::plus);
  }

  private Counts at(Tray tray, AcrossPx across) {
    return counts.getOrDefault(new Of(tray, across), Counts.NONE);
  }

  /** How much of what looks like gold there is none. */
  public Corrected falses(Tray tray, AcrossPx across) {
    Counts there = at(tray, across);
    return new Corrected(there.takenOut(), there.looked());
  }

  /** How much of the gold there is not seen. */
  public Corrected missed(Tray tray, AcrossPx across) {
    Counts there = at(tray, across);
    return new Corrected(there.putIn(), there.gold());
  }

  /** How many marks on such a tray it rests on. */
  public int rests(Tray tray) {
    return Stream.of(AcrossPx.values()).mapToInt(across -> at(tray, across).looked()).sum();
  }

  /**
   * How many specks of gold lie in a picture nobody has gone through yet, by what became of the
   * pictures before: of each class the number taken out is beta-binomial, and what is left stands
   * for itself and for what is not seen.
   *
   * @param gold what looks like it
   * @param seed of the draws: the same picture gives the same range
   * @return the middle and its 95 % range
   */
  public Band count(Tray tray, List<SeenSpeck> gold, long seed) {
    UniformRandomProvider random = RandomSource.XO_SHI_RO_256_PP.create(seed);
    int[] seen = new int[AcrossPx.values().length];
    gold.forEach(speck -> seen[AcrossPx.of(speck.acrossPx()).ordinal()]++);
    double[] draws = new double[DRAWS];
    for (AcrossPx across : AcrossPx.values()) {
      int there = seen[across.ordinal()];
      if (there > 0) {
        BetaShare falses = new BetaShare(random, falses(tray, across));
        BetaShare missed = new BetaShare(random, missed(tray, across));
        for (int k = 0; k < DRAWS; k++) {
          double none = falses.next();
          int left = 0;
          for (int i = 0; i < there; i++) {
            left += random.nextDouble() >= none ? 1 : 0;
          }
          draws[k] += left / (1 - Math.min(EyeMass.MOST_UNSEEN, missed.next()));
        }
      }
    }
    Arrays.sort(draws);
    return new Band(draws[(int) (0.025 * DRAWS)], draws[DRAWS / 2], draws[(int) (0.975 * DRAWS)]);
  }
}
