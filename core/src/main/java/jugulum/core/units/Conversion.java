package jugulum.core.units;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jugulum.core.units.Typed.Slip;

/**
 * An amount as somebody wrote it, in every unit of its kind.
 *
 * <p>Factors: NIST Special Publication 811 (2008), appendix B.8, exact where it says so in bold;
 * the pound is 453.59237 g, the inch 25.4 mm, the U.S. gallon 3.785411784 L, the imperial one
 * 4.54609 L. A grade in ounces is troy ounces in a short ton of 2000 lb, as assays are written in
 * places that use them. A bucket is one of {@link #BUCKET_L}.
 *
 * @param kind of what kind it is
 * @param base how much it is in the first unit of that kind
 */
public record Conversion(Kind kind, double base) {
  /** The U.S. gallon, in litres. */
  public static final double GALLON_L = 3.785411784;

  private static final double IMPERIAL_GALLON_L = 4.54609;
  private static final double FOOT_MM = 304.8;
  private static final double SHORT_TON_G = 2000 * MassUnit.POUND.grams();
  private static final double YARD_M = 0.9144;
  private static final double PSI_KPA = 6.894757293168361;

  /**
   * Common practice: a 20-litre bucket, not quite full, in litres.
   *
   * <p>Off by a half: gold of a cubic metre of gravel that was told in buckets.
   */
  public static final double BUCKET_L = 18;

  private static final Pattern AMOUNT =
      Pattern.compile(
          "([+\\-−]?(?:\\d+\\s+)?\\d+/\\d+|[+\\-−]?[\\d.,½⅓⅔¼¾]+)\\s*([^\\d\\s/].*?)",
          Pattern.DOTALL);

  /** The kinds of amount that are converted. */
  public enum Kind {
    MASS(masses()),
    LENGTH(
        new Unit("mm", 1, "mm", "millimetre", "millimeter", "millimetres", "millimeters"),
        new Unit("µm", 0.001, "µm", "μm", "um", "micron", "microns", "micrometre"),
        new Unit("cm", 10, "cm", "centimetre", "centimeter"),
        new Unit("m", 1000, "m", "metre", "meter", "metres", "meters"),
        new Unit("in", 25.4, "in", "inch", "inches", "\""),
        new Unit("ft", FOOT_MM, "ft", "foot", "feet", "'")),
    VOLUME(
        new Unit("L", 1, "l", "litre", "liter", "litres", "liters", "litro", "litros"),
        new Unit("mL", 0.001, "ml", "cc", "cm³", "cm3", "millilitre"),
        new Unit("m³", 1000, "m³", "m3"),
        new Unit("bucket", BUCKET_L, "bucket", "buckets", "balde", "baldes", "cubo", "cubos"),
        new Unit("US gal", GALLON_L, "gal", "gallon", "gallons", "us gal", "galón", "galones"),
        new Unit("imp gal", IMPERIAL_GALLON_L, "imp gal", "imperial gallon", "imperial gallons"),
        new Unit(
            "ft³", FOOT_MM * FOOT_MM * FOOT_MM / 1e6, "ft³", "ft3", "cubic foot", "cubic feet"),
        new Unit(
            "yd³", YARD_M * YARD_M * YARD_M * 1000, "yd³", "yd3", "cubic yard", "cubic yards")),
    FLOW(
        new Unit("L/min", 1, "l/min", "lpm", "litres a minute"),
        new Unit("L/h", 1 / 60.0, "l/h", "lph"),
        new Unit("L/s", 60, "l/s"),
        new Unit("m³/h", 1000 / 60.0, "m³/h", "m3/h"),
        new Unit("US gal/min", GALLON_L, "gal/min", "gpm"),
        new Unit("US gal/h", GALLON_L / 60, "gal/h", "gph")),
    GRADE(
        new Unit("g/t", 1, "g/t", "ppm", "g/tonne", "gpt"),
        new Unit("mg/kg", 1, "mg/kg"),
        new Unit(
            "ozt/ton",
            MassUnit.TROY_OUNCE.grams() / SHORT_TON_G * 1e6,
            "ozt/ton",
            "oz/ton",
            "opt",
            "oz/t"),
        new Unit("%", 1e4, "%")),
    TEMPERATURE(
        new Unit("°C", 1, "°c", "c", "celsius"),
        new Unit("°F", 5 / 9.0, -32, "°f", "f", "fahrenheit"),
        new Unit("K", 1, -273.15, "k", "kelvin")),
    PRESSURE(
        new Unit("kPa", 1, "kpa"), new Unit("bar", 100, "bar"), new Unit("psi", PSI_KPA, "psi"));

    private final List<Unit> units;

    Kind(Unit... units) {
      this.units = List.of(units);
    }

    /** Its units, the first the one that amounts are kept in. */
    public List<Unit> units() {
      return units;
    }
  }

  private static Unit[] masses() {
    List<Unit> units = new ArrayList<>();
    units.add(new Unit(MassUnit.GRAM.sign(), 1));
    units.add(new Unit("mg", 0.001));
    units.add(new Unit("kg", 1000));
    for (MassUnit unit : MassUnit.values()) {
      if (units.stream().noneMatch(one -> one.sign().equals(unit.sign()))) {
        units.add(new Unit(unit.sign(), unit.grams()));
      }
    }
    return units.toArray(Unit[]::new);
  }

  /**
   * A unit.
   *
   * @param sign as it is written
   * @param factor how many of the first unit of its kind it is
   * @param offset what is added to a number of it before the factor
   * @param spellings how people write it, small letters
   */
  public record Unit(String sign, double factor, double offset, List<String> spellings) {
    Unit(String sign, double factor, String... spellings) {
      this(sign, factor, 0, List.of(spellings));
    }

    Unit(String sign, double factor, double offset, String... spellings) {
      this(sign, factor, offset, List.of(spellings));
    }

    /** So much of the first unit of its kind, in this one. */
    public double of(double base) {
      return base / factor - offset;
    }

    double base(double amount) {
      return (amount + offset) * factor;
    }
  }

  /**
   * Understands what was typed: "12 dwt", "1 lb 3 oz", "2/3 bucket", "0.2 oz/ton", "65 °F".
   *
   * @param typed a number with its unit; several parts for a mass
   */
  public static Typed<Conversion> of(String typed) {
    String text = typed.strip();
    if (text.isEmpty()) {
      return new Typed.Wrong<>(new Slip.Empty());
    }
    Matcher amount = AMOUNT.matcher(text);
    if (amount.matches()) {
      Optional<Typed<Conversion>> other =
          of(amount.group(1), amount.group(2).strip().toLowerCase(Locale.ROOT));
      if (other.isPresent()) {
        return other.get();
      }
    }
    return switch (MassText.parse(text, MassUnit.GRAM, MassText.Ounce.ASK)) {
      case MassText.Mass mass -> new Typed.Value<>(new Conversion(Kind.MASS, mass.grams()));
      case MassText.Refused(MassText.Why why, String part) ->
          new Typed.Wrong<>(new Slip.NoMass(why, part));
    };
  }

  private static Optional<Typed<Conversion>> of(String number, String unit) {
    for (Kind kind : Kind.values()) {
      for (Unit one : kind.units()) {
        if (one.spellings().contains(unit)) {
          return Optional.of(
              switch (NumberText.parse(number)) {
                case NumberText.Number(double value, var _) ->
                    new Typed.Value<>(new Conversion(kind, one.base(value)));
                case NumberText.Ambiguous(String decimal, String thousands) ->
                    new Typed.Wrong<>(new Slip.WhichComma(number, decimal, thousands));
                case NumberText.NotANumber(String what) ->
                    new Typed.Wrong<>(new Slip.NoNumber(what));
              });
        }
      }
    }
    return Optional.empty();
  }

  /** The unit of its kind that is written so. */
  public Optional<Unit> unit(String written) {
    String text = written.strip().toLowerCase(Locale.ROOT);
    return kind.units().stream()
        .filter(
            one ->
                one.sign().toLowerCase(Locale.ROOT).equals(text) || one.spellings().contains(text))
        .findFirst();
  }

  /** The amount in a unit of its kind. */
  public double in(Unit unit) {
    return unit.of(base);
  }
}
