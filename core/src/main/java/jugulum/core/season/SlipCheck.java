package jugulum.core.season;

import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.Collectors;
import jugulum.core.ledger.BatchId;

/**
 * A slip beside one's own figures.
 *
 * @param slip which
 * @param weightShare what they weighed beside what was sent, less one: below 0 where they found
 *     less
 * @param ownFineness the fineness of its batches by one's own figures, weighed by their gold, 0 to
 *     1; empty where it names none with gold
 * @param unaccountedMg the native gold of its batches that is not in what was sent, in mg: below 0
 *     where more was sent than was weighed; empty where it names none
 */
public record SlipCheck(
    Slip slip, double weightShare, OptionalDouble ownFineness, OptionalDouble unaccountedMg) {
  /** Common practice: melting and drying may cost so much of the weight. */
  public static final double USUAL_LOSS = 0.02;

  /** Checks every slip. */
  public static List<SlipCheck> of(Season season, List<BatchResult> batches) {
    var known =
        batches.stream()
            .collect(Collectors.toMap(BatchResult::id, Function.identity(), (one, _) -> one));
    return season.slips().stream().map(slip -> of(slip, known)).toList();
  }

  private static SlipCheck of(Slip slip, Map<BatchId, BatchResult> known) {
    List<BatchResult> its =
        slip.batches().stream()
            .filter(known::containsKey)
            .map(known::get)
            .filter(one -> one.wonMg() > 0)
            .toList();
    double won = its.stream().mapToDouble(BatchResult::wonMg).sum();
    double fine = its.stream().mapToDouble(one -> one.wonMg() * one.fineness()).sum();
    return new SlipCheck(
        slip,
        slip.receivedG() / slip.sentG() - 1,
        won > 0 ? OptionalDouble.of(fine / won) : OptionalDouble.empty(),
        won > 0 ? OptionalDouble.of(won - slip.sentG() * 1000) : OptionalDouble.empty());
  }

  /** Whether they weighed less than melting usually costs. */
  public boolean isShort() {
    return weightShare < -USUAL_LOSS;
  }

  /** Whether they weighed more than was sent, beyond what weighing leaves open. */
  public boolean isOver() {
    return weightShare > USUAL_LOSS;
  }
}
