package jugulum.core.season;

import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.SplittableRandom;
import java.util.UUID;
import jugulum.core.check.Band;
import jugulum.core.gold.GoldRange;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.StepId;

/** Made-up results of batches, invented. */
final class MadeUp {
  static final LocalDate DAY = LocalDate.parse("2026-04-01");

  private MadeUp() {}

  static BatchResult batch(String source, double wonMg, double hours) {
    return batch(source, DAY, wonMg, hours, List.of());
  }

  static BatchResult batch(
      String source, LocalDate date, double wonMg, double hours, List<PartingStep> parts) {
    return new BatchResult(
        new BatchId(UUID.randomUUID()),
        source + " 1",
        source,
        date,
        true,
        OptionalDouble.of(20_000),
        Optional.of(new GoldRange(wonMg, wonMg, wonMg)),
        0.9,
        Optional.of(new Band(0.7, 0.8, 0.9)),
        false,
        0,
        Map.of(KindOfWork.MACHINES, 60 * hours),
        parts,
        List.of());
  }

  static PartingStep part(LocalDate date, double logit, double mg, Habit... habits) {
    return part(date, "−50", logit, mg, habits);
  }

  static PartingStep part(LocalDate date, String cut, double logit, double mg, Habit... habits) {
    double share = 1 / (1 + Math.exp(-logit));
    return new PartingStep(
        new StepId(1),
        KindOfWork.MACHINES,
        "garden bowl",
        Optional.empty(),
        cut,
        "",
        date.atTime(10, 0).toInstant(ZoneOffset.UTC),
        mg * share,
        mg * (1 - share),
        Optional.of(Band.sharp(share)),
        List.of(habits),
        Map.of());
  }

  /** A number of a normal distribution. */
  static double normal(SplittableRandom random) {
    return random.nextGaussian();
  }
}
