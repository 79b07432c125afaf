package jugulum.core.gold;

import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;
import jugulum.core.eye.Corrections;
import jugulum.core.eye.Kappa;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Measure.Pictured;
import jugulum.core.ledger.Measure.WeighedSpecks;
import jugulum.core.ledger.Network;

/**
 * What turns areas of specks into milligrams for a batch: by specks of it that were seen in a
 * picture and weighed together, the most of them first, else by the flatness its weighed specks
 * tell of their cuts or the batch was told.
 */
public final class PicturedGold {
  private PicturedGold() {}

  /** For the gold of a batch. */
  public static Kappa kappa(Network network) {
    return network.lots().stream()
        .flatMap(lot -> handful(lot).stream())
        .min(Comparator.comparingDouble(Kappa::logSd))
        .orElseGet(
            () ->
                Kappa.told(
                    Math.clamp(BatchSpecks.of(network).flatness(), 0.01, 1),
                    network.batch().assumptions().goldDensity()));
  }

  /** What the pictures of a batch taught of what looks like gold; a drawn one teaches nothing. */
  public static Corrections corrections(Batch batch) {
    return Corrections.all(
        batch.lots().stream()
            .flatMap(PicturedGold::pictures)
            .flatMap(picture -> picture.traced().stream())
            .flatMap(
                traced ->
                    traced.marks().stream()
                        .map(
                            mark ->
                                Corrections.one(
                                    traced.tray(),
                                    mark.acrossPx(),
                                    mark.looksGold(),
                                    mark.isGold()))));
  }

  /** The pictures of a lot that are evidence. */
  static Stream<Pictured> pictures(Lot lot) {
    return lot.live(Pictured.class).filter(one -> !one.isDrawn() && !one.specks().isEmpty());
  }

  /** The specks of a lot that were weighed are those of its picture where they are as many. */
  private static Optional<Kappa> handful(Lot lot) {
    Optional<Pictured> picture = pictures(lot).reduce((_, later) -> later);
    return picture.flatMap(
        seen ->
            lot.latest(WeighedSpecks.class)
                .filter(weighed -> weighed.specks() == seen.specks().size())
                .flatMap(
                    weighed ->
                        Kappa.handful(
                            weighed.specks(),
                            weighed.milligrams(),
                            Math.max(1e-3, weighed.resolutionMg()),
                            sum(seen, 1.5),
                            sum(seen, 3))));
  }

  private static double sum(Pictured seen, double power) {
    return Math.max(
        1e-9, seen.specks().stream().mapToDouble(one -> Math.pow(one.areaMm2(), power)).sum());
  }
}
