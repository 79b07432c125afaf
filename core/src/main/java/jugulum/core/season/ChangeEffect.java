package jugulum.core.season;

import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jugulum.core.check.Band;
import jugulum.core.trial.Logit;

/**
 * What a change did: steps on the same machine and the same cut before and after its day, on the
 * logit of the recovery; batches are compared, not the cuts of one as if they were as many ({@link
 * Contrast}). What else changed on that day cannot be told apart from it.
 *
 * @param change which
 * @param before the mean recovery before, 0 to 1; empty without steps
 * @param after after it
 * @param stepsBefore how many steps before
 * @param stepsAfter how many after
 * @param points what it added to the recovery, in parts of one, with its 95 % range; empty where
 *     nothing can be compared yet
 */
public record ChangeEffect(
    Change change,
    Optional<Double> before,
    Optional<Double> after,
    int stepsBefore,
    int stepsAfter,
    Optional<Band> points) {
  /** Whether the range excludes that it did nothing. */
  public boolean isSeen() {
    return points.filter(Band::isAwayFromZero).isPresent();
  }

  /**
   * What a change did.
   *
   * @param zone where the days of the batches are counted
   */
  public static ChangeEffect of(Change change, List<BatchResult> batches, ZoneId zone) {
    Instant since = change.date().atStartOfDay(zone).toInstant();
    List<PartingStep> parts = new ArrayList<>();
    List<Contrast.Case> cases = new ArrayList<>();
    for (BatchResult batch : batches) {
      if (batch.closed()) {
        batch
            .toldParts()
            .filter(change::isAbout)
            .forEach(
                part -> {
                  parts.add(part);
                  cases.add(
                      new Contrast.Case(
                          batch.id().toString(),
                          part.work() + " " + part.machine() + " " + part.cut(),
                          part.logit(),
                          List.of(!part.at().isBefore(since))));
                });
      }
    }
    List<PartingStep> before = parts.stream().filter(part -> part.at().isBefore(since)).toList();
    List<PartingStep> after = parts.stream().filter(part -> !part.at().isBefore(since)).toList();
    Contrast contrast = Contrast.of(cases, 1);
    Optional<Double> meanBefore = mean(before);
    return new ChangeEffect(
        change,
        meanBefore,
        mean(after),
        before.size(),
        after.size(),
        contrast
            .effects()
            .getFirst()
            .flatMap(effect -> meanBefore.map(from -> points(from, effect))));
  }

  private static Optional<Double> mean(List<PartingStep> parts) {
    return parts.isEmpty()
        ? Optional.empty()
        : Optional.of(
            Logit.share(parts.stream().mapToDouble(PartingStep::logit).average().orElseThrow()));
  }

  private static Band points(double from, Contrast.Effect effect) {
    double logit = Logit.of(from, PartingStep.EDGE);
    return new Band(
        Logit.share(logit + effect.low()) - from,
        Logit.share(logit + effect.mean()) - from,
        Logit.share(logit + effect.high()) - from);
  }
}
