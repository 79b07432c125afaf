package jugulum.core.trip;

import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.check.Band;
import jugulum.core.check.Check;

/**
 * Gravel as somebody told of it, by weight or by volume, loose.
 *
 * @param kg by weight, in kg, 0 to 1,000,000; empty where it was told by volume
 * @param litres by volume, in litres, 0 to 1,000,000; empty where it was told by weight
 */
public record Dug(OptionalDouble kg, OptionalDouble litres) {
  /** What a litre of loose gravel weighs, in kg: common practice. */
  public static final Band KG_PER_LITRE = new Band(1.5, 1.75, 2.0);

  private static final double MOST = 1e6;

  /** Checks that one of both is told. */
  public Dug {
    kg.ifPresent(told -> Check.inRange("gravelKg", told, 0, MOST));
    litres.ifPresent(told -> Check.inRange("gravelL", told, 0, MOST));
    Check.inRange("told", (kg.isPresent() ? 1 : 0) + (litres.isPresent() ? 1 : 0), 1, 1);
  }

  /** By weight, in kg. */
  public static Dug ofKg(double kg) {
    return new Dug(OptionalDouble.of(kg), OptionalDouble.empty());
  }

  /** By volume, in litres. */
  public static Dug ofLitres(double litres) {
    return new Dug(OptionalDouble.empty(), OptionalDouble.of(litres));
  }

  /** Its loose volume in litres; a range where it was weighed. */
  public Band inLitres() {
    return litres.isPresent()
        ? Band.sharp(litres.getAsDouble())
        : Band.sharp(kg.orElseThrow()).over(KG_PER_LITRE);
  }

  /** Its mass in kg; a range where its volume was told. */
  public Band inKg() {
    return kg.isPresent() ? Band.sharp(kg.getAsDouble()) : KG_PER_LITRE.times(litres.orElseThrow());
  }

  /** Its loose volume in cubic metres; empty where none was moved. */
  public Optional<Band> cubicMetres() {
    return Optional.of(inLitres().times(1e-3)).filter(band -> band.low() > 0);
  }
}
