package jugulum.core.mass;

import java.util.OptionalDouble;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.ReadingId;
import jugulum.core.units.MassUnit;

/**
 * One weight that alone would explain why the sand does not add up, if it had been read or written
 * wrongly.
 *
 * @param lot the lot it was read on
 * @param reading the reading
 * @param slip what may have gone wrong
 * @param readG what it says: the gross, the tare or the net weight as the slip tells, in grams
 * @param rightG what it would have to be, in grams
 * @param missesG how far the sand is from adding up with it, in grams
 */
public record Suspicion(
    LotId lot, ReadingId reading, Slip slip, double readG, double rightG, double missesG) {
  /** What may have gone wrong with a weight. */
  public enum Slip {
    /** Two neighbouring digits of the gross weight change places. */
    DIGITS_SWAPPED,
    /**
     * The container was not taken off; its weight is that of a container of the shop or of this
     * batch.
     */
    TARE_FORGOTTEN,
    /** The container was taken off a weight that was net already. */
    TARE_TAKEN_TWICE,
    /** The sand was wet and was taken for dry; its moisture as elsewhere in this batch. */
    WET_TAKEN_FOR_DRY,
    /** Pounds were written as kilograms; and so on. */
    POUNDS_AS_KILOGRAMS(MassUnit.POUND, MassUnit.KILOGRAM),
    KILOGRAMS_AS_POUNDS(MassUnit.KILOGRAM, MassUnit.POUND),
    OUNCES_AS_GRAMS(MassUnit.OUNCE, MassUnit.GRAM),
    GRAMS_AS_OUNCES(MassUnit.GRAM, MassUnit.OUNCE),
    TROY_OUNCES_AS_OUNCES(MassUnit.TROY_OUNCE, MassUnit.OUNCE),
    OUNCES_AS_TROY_OUNCES(MassUnit.OUNCE, MassUnit.TROY_OUNCE),
    GRAINS_AS_GRAMS(MassUnit.GRAIN, MassUnit.GRAM),
    GRAMS_AS_GRAINS(MassUnit.GRAM, MassUnit.GRAIN),
    /** The decimal point stands one place too far left, or right. */
    TEN_TIMES_TOO_LITTLE(10),
    TEN_TIMES_TOO_MUCH(0.1);

    private final OptionalDouble factor;

    Slip() {
      factor = OptionalDouble.empty();
    }

    Slip(MassUnit meant, MassUnit written) {
      this(meant.grams() / written.grams());
    }

    Slip(double factor) {
      this.factor = OptionalDouble.of(factor);
    }

    /**
     * What a weight is to be multiplied by to right a slip of units or of the decimal point; empty
     * for the others.
     */
    OptionalDouble factor() {
      return factor;
    }
  }
}
