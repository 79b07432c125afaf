package jugulum.core.season;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.check.Band;

/**
 * What some batches come to together.
 *
 * @param batches how many, open ones included
 * @param open how many of them are not closed
 * @param sources how many sources they came from
 * @param feedG the dry concentrate, in grams, as far as it was weighed
 * @param wonMg the gold in hand, in mg
 * @param awayMg what was not won of the closed ones of which that can be told, in mg
 * @param share the share won of all gold of the closed ones of which it can be told, 0 to 1, with
 *     its 95 % range; empty where it can be told of none
 * @param told of how many closed ones it can be told
 * @param atMost of how many of those it is told at most, since nobody looked at some of their lots
 * @param minutes at the bench, by work
 */
public record YearSum(
    int batches,
    int open,
    int sources,
    double feedG,
    double wonMg,
    Band awayMg,
    Optional<Band> share,
    int told,
    int atMost,
    Map<KindOfWork, Double> minutes) {
  /** The sum of some batches. */
  public static YearSum of(List<BatchResult> batches, Season season) {
    List<BatchResult> told =
        batches.stream().filter(one -> one.closed() && one.awayMg().isPresent()).toList();
    Band away = BatchResult.awayTogether(told, season::meant);
    double won = told.stream().mapToDouble(BatchResult::wonMg).sum();
    Map<KindOfWork, Double> minutes = new EnumMap<>(KindOfWork.class);
    batches.forEach(
        one -> one.minutes().forEach((work, spent) -> minutes.merge(work, spent, Double::sum)));
    return new YearSum(
        batches.size(),
        (int) batches.stream().filter(one -> !one.closed()).count(),
        (int)
            batches.stream()
                .map(one -> season.meant(one.source()))
                .filter(name -> !name.isBlank())
                .distinct()
                .count(),
        batches.stream().mapToDouble(one -> one.feedG().orElse(0)).sum(),
        batches.stream().mapToDouble(BatchResult::wonMg).sum(),
        away,
        won > 0
            ? Optional.of(
                new Band(
                    won / (won + away.high()),
                    won / (won + away.usual()),
                    won / (won + Math.max(0, away.low()))))
            : Optional.empty(),
        told.size(),
        (int) told.stream().filter(BatchResult::isAtMost).count(),
        minutes);
  }

  /** All the time at the bench, in hours, 0 or more. */
  public double hours() {
    return minutes.values().stream().mapToDouble(Double::doubleValue).sum() / 60;
  }

  /** The gold of an hour at the bench, in mg; empty where no time was recorded. */
  public OptionalDouble mgPerHour() {
    return hours() > 0 ? OptionalDouble.of(wonMg / hours()) : OptionalDouble.empty();
  }
}
