package jugulum.core.magnet;

import java.util.OptionalDouble;
import jugulum.core.check.Check;

/**
 * What the magnet costs and saves on a shop's own numbers. Where nobody can know what gravity would
 * win without it, the recovery it would have to reach to be as good is told instead of one made up.
 *
 * @param sandKg dry sand, in kg, above 0
 * @param magnetite the share of magnetite in it, 0 to 1
 * @param magnetKgPerHour sand the magnet goes through, all passes together, in kg/h
 * @param gravityKgPerHour sand the gravity machine takes, in kg/h
 * @param concentrateShare what a first gravity pass leaves as concentrate, as a share of the sand,
 *     0 to 1
 * @param goldMg the gold in the sand, native, in mg; empty if nobody knows
 * @param trappedMg the gold the magnetics keep, native, in mg, 0 or more
 * @param recoveryWith what gravity wins of the gold fed to it once the magnetite is out, 0 to 1;
 *     empty if nobody knows
 * @param recoveryWithout what it wins with the magnetite in, 0 to 1; empty if nobody knows
 */
public record WithOrWithout(
    double sandKg,
    double magnetite,
    double magnetKgPerHour,
    double gravityKgPerHour,
    double concentrateShare,
    OptionalDouble goldMg,
    double trappedMg,
    OptionalDouble recoveryWith,
    OptionalDouble recoveryWithout) {
  /** Checks every value against its range. */
  public WithOrWithout {
    Check.inRange("sandKg", sandKg, 1e-3, 10_000);
    Check.share("magnetite", magnetite);
    Check.inRange("magnetKgPerHour", magnetKgPerHour, 0.01, 10_000);
    Check.inRange("gravityKgPerHour", gravityKgPerHour, 0.01, 10_000);
    Check.share("concentrateShare", concentrateShare);
    goldMg.ifPresent(mg -> Check.inRange("goldMg", mg, 0, 1e9));
    Check.inRange("trappedMg", trappedMg, 0, 1e9);
    recoveryWith.ifPresent(share -> Check.share("recoveryWith", share));
    recoveryWithout.ifPresent(share -> Check.share("recoveryWithout", share));
  }

  /**
   * What a school comes to.
   *
   * @param school when the magnet comes
   * @param magnetHours with the magnet
   * @param gravityHours over the machine
   * @param wonMg gold won, native, in mg; empty if the recoveries it needs are not known
   */
  public record Outcome(
      MagnetSchool school, double magnetHours, double gravityHours, OptionalDouble wonMg) {
    /** All of it. */
    public double hours() {
      return magnetHours + gravityHours;
    }
  }

  /**
   * Of a first gravity pass the whole sand runs with its magnetite in, and the concentrate again
   * without it; the magnet keeps of its gold what it keeps now, for there is as much gold to trap
   * in it.
   */
  public Outcome of(MagnetSchool school) {
    return switch (school) {
      case BEFORE_GRAVITY ->
          new Outcome(
              school,
              sandKg / magnetKgPerHour,
              sandKg * (1 - magnetite) / gravityKgPerHour,
              won(recoveryWith, true));
      case AFTER_FIRST_PASS, AT_HOME -> {
        double concentrateKg = sandKg * concentrateShare;
        double again = concentrateKg * (1 - magnetite) / gravityKgPerHour;
        OptionalDouble won =
            recoveryWith.isPresent()
                ? times(won(recoveryWithout, true), recoveryWith.getAsDouble())
                : OptionalDouble.empty();
        yield new Outcome(
            school, concentrateKg / magnetKgPerHour, sandKg / gravityKgPerHour + again, won);
      }
      case NEVER -> new Outcome(school, 0, sandKg / gravityKgPerHour, won(recoveryWithout, false));
    };
  }

  private OptionalDouble won(OptionalDouble recovery, boolean magnet) {
    double trapped = magnet ? trappedMg : 0;
    return goldMg.isPresent() && recovery.isPresent()
        ? OptionalDouble.of(Math.max(0, goldMg.getAsDouble() - trapped) * recovery.getAsDouble())
        : OptionalDouble.empty();
  }

  private static OptionalDouble times(OptionalDouble value, double factor) {
    return value.isPresent() ? OptionalDouble.of(value.getAsDouble() * factor) : value;
  }

  /** The hours the magnet saves at the machine less those it takes; below 0 if it costs time. */
  public double hoursSaved() {
    return of(MagnetSchool.NEVER).hours() - of(MagnetSchool.BEFORE_GRAVITY).hours();
  }

  /**
   * The recovery gravity must reach with the magnetite in to win as much gold as with it out: what
   * the magnetics keep is lost only with the magnet. Empty unless the gold and the recovery with
   * the magnetite out are known.
   */
  public OptionalDouble breakEven() {
    OptionalDouble won = won(recoveryWith, true);
    return won.isPresent() && goldMg.getAsDouble() > 0
        ? OptionalDouble.of(won.getAsDouble() / goldMg.getAsDouble())
        : OptionalDouble.empty();
  }
}
