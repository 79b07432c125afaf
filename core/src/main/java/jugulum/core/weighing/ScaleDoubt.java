package jugulum.core.weighing;

import java.util.List;
import java.util.Optional;
import jugulum.core.ledger.ReadOn;
import jugulum.core.ledger.ScaleCheck;

/** What the scales leave open of several weighings of one thing. */
public final class ScaleDoubt {
  private ScaleDoubt() {}

  /**
   * The relative calibration uncertainty: of each reading that of its check weight of the day, or
   * what is assumed where there was none; of several the largest, for they do not average out.
   *
   * @param on the scale of each reading
   * @param assumed of a scale nobody checked, 0 to 1
   * @return 0 to 1
   */
  public static double calibration(List<Optional<ReadOn>> on, double assumed) {
    return on.stream()
        .mapToDouble(
            scale -> scale.flatMap(ReadOn::check).map(ScaleCheck::calibration).orElse(assumed))
        .max()
        .orElse(assumed);
  }

  /** What zeros that were not zero leave open, in grams: the largest of them. */
  public static double zeroSdG(List<Optional<ReadOn>> on) {
    return on.stream().flatMap(Optional::stream).mapToDouble(ReadOn::zeroSdG).max().orElse(0);
  }
}
