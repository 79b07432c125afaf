package jugulum.demo;

import java.time.LocalDate;
import java.util.List;
import java.util.SplittableRandom;

/** What is true of the made-up seasons, and chance. Every figure is invented. */
final class DemoTruth {
  static final String TARNBECK = "Tarnbeck gravel fan";
  static final String FERNHOLLOW = "Fernhollow Bench claim";
  static final String SORREL = "Upper Sorrel bar";
  static final String SALTERGILL = "Saltergill lease";
  static final String HEAP = "Old tailings heap";

  static final LocalDate MORE_DROPS = LocalDate.parse("2026-03-02");
  static final LocalDate AGENT = LocalDate.parse("2026-02-02");
  static final LocalDate LESS_WATER = LocalDate.parse("2026-09-20");

  private static final List<String> TURNS =
      List.of(TARNBECK, FERNHOLLOW, SORREL, TARNBECK, SALTERGILL, FERNHOLLOW, TARNBECK, HEAP);

  private final SplittableRandom random;

  DemoTruth(long seed) {
    random = new SplittableRandom(seed);
  }

  /**
   * What is true of one batch.
   *
   * @param feedG the concentrate, dry, in grams
   * @param gradeMgKg its gold, in mg/kg
   * @param isWide whether its middle cut is a wide one
   * @param drops how often the heap of a magnet is dropped again
   * @param feedKgH how fast the table is fed
   * @param chargeG the charge of the bowl
   * @param trapped the share of the gold the magnetics keep
   * @param byTable the share the table wins
   * @param byBowl the share the bowl wins
   * @param chance of what is counted
   */
  record About(
      double feedG,
      double gradeMgKg,
      boolean isWide,
      int drops,
      double feedKgH,
      double chargeG,
      double trapped,
      double byTable,
      double byBowl,
      SplittableRandom chance) {}

  String source(int number) {
    return TURNS.get(number % TURNS.size());
  }

  double buckets(int number) {
    return 40 + 5 * (number * 7 % 9);
  }

  About about(int number, String source, LocalDate date) {
    boolean wide = number % 5 == 1 || number % 11 == 4;
    int drops = date.isBefore(MORE_DROPS) ? (number % 3 == 0 ? 2 : 1) : 3;
    double feed = number % 7 == 2 || number % 9 == 5 ? 38 : 20;
    double charge = number % 4 == 3 || number % 13 == 6 ? 320 : 150;
    double bowl = 1.5 + (date.isBefore(AGENT) ? 0 : 1.0) - (charge > 200 ? 1.5 : 0);
    double table = 2.4 - (wide ? 0.8 : 0) - (feed > 25 ? 0.7 : 0);
    return new About(
        14_000 + 1000 * (number * 5 % 17),
        grade(source) * Math.exp(0.28 * random.nextGaussian()),
        wide,
        drops,
        feed,
        charge,
        0.10 * Math.pow(0.5, drops - 1.0) * Math.exp(0.3 * random.nextGaussian()),
        share(table + 0.3 * random.nextGaussian()),
        share(bowl + 0.3 * random.nextGaussian()),
        random.split());
  }

  private static double share(double logit) {
    return 1 / (1 + Math.exp(-logit));
  }

  private static double grade(String source) {
    return switch (source) {
      case TARNBECK -> 128;
      case FERNHOLLOW -> 104;
      case SORREL -> 80;
      case SALTERGILL -> 62;
      default -> 30;
    };
  }
}
