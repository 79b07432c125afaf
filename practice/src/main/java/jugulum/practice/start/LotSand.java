package jugulum.practice.start;

import java.util.Optional;
import jugulum.core.ledger.Lot;
import jugulum.core.magnet.MagnetShares;
import jugulum.core.screens.Cut;
import jugulum.practice.sand.FeedSand;

/** The sand of a lot, as far as the book knows it. */
public final class LotSand {
  /** What a cut holds of magnetite where nobody tested it: some is left by every magnet. */
  public static final double MAGNETITE = 0.1;

  /**
   * How far flatness reaches to either side of the batch's own: ours.
   *
   * <p>Off by a half: how wide the flow and tilt of a cut are told.
   */
  private static final double REACH = 0.12;

  /**
   * The pan under the finest screen ends somewhere: ours.
   *
   * <p>Off by a half: flow and tilt told for the cut below the finest screen.
   */
  private static final double FINEST_MM = 0.04;

  /** The flattest gold the laws are told of. */
  private static final double MOST_FLAT = 0.2;

  private LotSand() {}

  /**
   * The sand of a lot; empty where its sizes are not what a bowl or a deck takes.
   *
   * @param flatness of the gold of its batch, 0 to 1
   */
  public static Optional<FeedSand> of(Lot lot, double flatness) {
    double magnetite = MagnetShares.of(lot).map(MagnetShares::magnetite).orElse(MAGNETITE);
    return of(lot.cut(), magnetite, flatness);
  }

  /** Whether a sand has the sizes of a cut. */
  static boolean isOf(FeedSand sand, Cut cut) {
    return sand.finestMm() == finestMm(cut) && sand.coarsestMm() == coarsestMm(cut);
  }

  private static double finestMm(Cut cut) {
    return Math.max(FINEST_MM, cut.lowerMm());
  }

  private static double coarsestMm(Cut cut) {
    return Math.min(FeedSand.COARSEST_MM, cut.upperMm());
  }

  /**
   * The sand of a cut.
   *
   * @param magnetite its share by mass, 0 to 1
   * @param flatness of its gold, 0 to 1
   * @return empty where its sizes are not what a bowl or a deck takes
   */
  public static Optional<FeedSand> of(Cut cut, double magnetite, double flatness) {
    double finest = finestMm(cut);
    double coarsest = coarsestMm(cut);
    if (cut.isAll() || coarsest <= finest) {
      return Optional.empty();
    }
    double flattest = Math.clamp(flatness - REACH, MOST_FLAT, 1 - REACH);
    return Optional.of(
        FeedSand.black(finest, coarsest, Math.clamp(magnetite, 0, 1))
            .withGold(flattest, Math.clamp(flatness + REACH, flattest, 1)));
  }
}
