package jugulum.core.handling;

import jugulum.core.check.Check;
import jugulum.core.machine.BenchSums;

/** Bucket lifts. */
public final class Lifts {
  /**
   * What one person lifts from the floor again and again: common practice in manual handling
   * guides, 16 kg.
   */
  public static final double USUAL_LIMIT_KG = 16;

  private Lifts() {}

  /**
   * How many bucketfuls a load is.
   *
   * @param dryKg dry sand, in kg, 0 to 10,000
   * @param moisture water's share of the wet weight, 0 to 0.99
   * @param bucketKg the empty bucket, in kg, 0 or more and below the limit
   * @param limitKg the most one lifts at a time, in kg, to 100
   */
  public static int count(double dryKg, double moisture, double bucketKg, double limitKg) {
    Check.inRange("dryKg", dryKg, 0, 10_000);
    Check.inRange("moisture", moisture, 0, 0.99);
    Check.inRange("limitKg", limitKg, 0.1, 100);
    Check.inRange("bucketKg", bucketKg, 0, Math.nextDown(limitKg));
    return BenchSums.loads(dryKg / (1 - moisture), limitKg - bucketKg);
  }
}
