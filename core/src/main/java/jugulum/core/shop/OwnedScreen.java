package jugulum.core.shop;

import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.check.Check;
import jugulum.core.ledger.Process.Screening.Manner;
import jugulum.core.screens.Screen;
import jugulum.core.screens.Sieving;

/**
 * A screen a shop knows, with what it is good for.
 *
 * @param label what is written on it; not blank
 * @param openingMm its opening, nominal or as measured, in mm, from 0.001 to 200
 * @param having whether the shop has it; absent in older books, which listed only what they had
 * @param use whether it may get wet; absent in older books for both
 * @param diameterMm of its frame, in mm, from 10 to 2,000, if it is told
 * @param loadG the sand it takes in one go, in grams, from 1 to 100,000, if it is told
 */
public record OwnedScreen(
    String label,
    double openingMm,
    Having having,
    Use use,
    OptionalDouble diameterMm,
    OptionalDouble loadG) {
  /**
   * Half of a common round classifier's face is taken where no frame is told: 350 mm, common
   * practice.
   */
  private static final double USUAL_DIAMETER_MM = 350;

  /**
   * Bulk work heaps a screen deeper than a laboratory may: about four times, an assumption of ours.
   *
   * <p>Off by a half: how many loads a screening takes, in proportion.
   */
  private static final double BULK_HEAP = 4;

  /** Whether a shop has a screen. */
  public enum Having {
    OWNED,
    NOT_OWNED
  }

  /** How a screen may be used. */
  public enum Use {
    BOTH,
    WET,
    DRY
  }

  /** Checks every value against its range. */
  public OwnedScreen {
    having = Objects.requireNonNullElse(having, Having.OWNED);
    use = Objects.requireNonNullElse(use, Use.BOTH);
    Check.inRange("openingMm", new Screen(label, openingMm).openingMm(), 0.001, 200);
    diameterMm.ifPresent(told -> Check.inRange("diameterMm", told, 10, 2000));
    loadG.ifPresent(told -> Check.inRange("loadG", told, 1, 100_000));
  }

  /** An owned screen of which nothing more is told. */
  public static OwnedScreen of(Screen screen) {
    return new OwnedScreen(
        screen.label(),
        screen.openingMm(),
        Having.OWNED,
        Use.BOTH,
        OptionalDouble.empty(),
        OptionalDouble.empty());
  }

  /** The screen itself. */
  public Screen screen() {
    return new Screen(label, openingMm);
  }

  /** Whether the shop has it. */
  public boolean isOwned() {
    return having == Having.OWNED;
  }

  /** Whether it may be used that way. */
  public boolean allows(Optional<Manner> manner) {
    return switch (use) {
      case BOTH -> true;
      case WET -> manner.equals(Optional.of(Manner.WET_BULK));
      case DRY -> !manner.equals(Optional.of(Manner.WET_BULK));
    };
  }

  /** The sand it takes in one go, in grams: as told, or by its face, deeper for bulk work. */
  public double loadFor(Manner manner) {
    double laboratory = Sieving.largestLoadG(openingMm, diameterMm.orElse(USUAL_DIAMETER_MM));
    return loadG.orElse(manner == Manner.DRY_SAMPLE ? laboratory : laboratory * BULK_HEAP);
  }
}
