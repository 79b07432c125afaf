package jugulum.core.pool;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.DoubleStream;
import jugulum.core.check.Band;
import jugulum.core.check.Check;
import jugulum.core.ledger.PoolPart;

/**
 * What came out of a pool for one of its parts.
 *
 * <p>Used: W·E/ΣE, where E is the part's mass by its grade; a part nobody looked at has the
 * geometric mean of the grades of the others, since grades lean to the right. Beside it
 * W·mass/Σmass, the other end: a look is never sure, and machines win what they win of any sand.
 * Ours.
 *
 * @param part which
 * @param mgPerKg the grade it was shared by, in mg/kg, 0 or more; NaN never
 * @param isJudged whether that grade is the mean of the others
 * @param milligrams its share of the gold, in mg, 0 or more
 * @param byMassMg its share by mass alone, in mg, 0 or more
 * @param minutes its share of the time at the bench, by mass, in minutes, 0 or more
 */
public record PoolShare(
    PoolPart part,
    double mgPerKg,
    boolean isJudged,
    double milligrams,
    double byMassMg,
    double minutes) {

  /**
   * Shares a pool out. The shares add up to what was won.
   *
   * @param parts what went in, one or more
   * @param wonMg the gold won out of it, in mg, 0 or more
   * @param minutes at the bench with it, in minutes, 0 or more
   */
  public static List<PoolShare> of(List<PoolPart> parts, double wonMg, double minutes) {
    Check.inRange("wonMg", wonMg, 0, Double.MAX_VALUE);
    Check.inRange("minutes", minutes, 0, Double.MAX_VALUE);
    double judged = meanGrade(parts);
    double[] mass = parts.stream().mapToDouble(PoolPart::grams).toArray();
    double[] gold =
        parts.stream().mapToDouble(part -> part.grams() * part.mgPerKg().orElse(judged)).toArray();
    // Where nothing was seen in any of them, mass is all there is to share by.
    double[] byGold = shares(wonMg, DoubleStream.of(gold).anyMatch(mg -> mg > 0) ? gold : mass);
    double[] byMass = shares(wonMg, mass);
    double[] time = shares(minutes, mass);
    List<PoolShare> shares = new ArrayList<>();
    for (int i = 0; i < parts.size(); i++) {
      OptionalDouble grade = parts.get(i).mgPerKg();
      shares.add(
          new PoolShare(
              parts.get(i), grade.orElse(judged), grade.isEmpty(), byGold[i], byMass[i], time[i]));
    }
    return List.copyOf(shares);
  }

  /** What came of some of them, in mg, by grade, with the share by mass as the other end. */
  public static Band together(List<PoolShare> some) {
    double byGrade = some.stream().mapToDouble(PoolShare::milligrams).sum();
    double byMass = some.stream().mapToDouble(PoolShare::byMassMg).sum();
    return new Band(Math.min(byGrade, byMass), byGrade, Math.max(byGrade, byMass));
  }

  /** The geometric mean of the grades above 0, in mg/kg; 0 where there is none. */
  private static double meanGrade(List<PoolPart> parts) {
    return Math.exp(
        parts.stream()
            .flatMapToDouble(part -> part.mgPerKg().stream())
            .filter(grade -> grade > 0)
            .map(Math::log)
            .average()
            .orElse(Double.NEGATIVE_INFINITY));
  }

  /** Shares of the whole by weights, the last taking what is left, so that they add up to it. */
  private static double[] shares(double whole, double[] weights) {
    double sum = DoubleStream.of(weights).sum();
    double[] shares = new double[weights.length];
    double left = whole;
    for (int i = 0; i < weights.length; i++) {
      boolean isLast = i == weights.length - 1;
      shares[i] = isLast || sum <= 0 ? left : Math.min(left, whole * weights[i] / sum);
      left -= shares[i];
    }
    return shares;
  }
}
