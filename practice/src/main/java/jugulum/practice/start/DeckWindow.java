package jugulum.practice.start;

import java.util.function.DoublePredicate;
import jugulum.core.settling.Grain;
import jugulum.core.settling.Settling;
import jugulum.core.water.Water;
import jugulum.practice.deck.DeckShape;
import jugulum.practice.law.Film;
import jugulum.practice.law.Sliding;
import jugulum.practice.sand.GrainKind;
import jugulum.practice.sand.Sand;

/**
 * The tilt a cut wants of a deck with so much water, by the model's laws: above what sets its
 * finest magnetite going, below what sets its finest gold going. A model to start from, not a
 * forecast.
 *
 * @param magnetiteDegrees where all of its magnetite is on its way, in degrees
 * @param goldDegrees where the first of its gold is, in degrees; {@link Film#STEEPEST} where none
 *     is
 * @param film the film at the middle of both
 */
public record DeckWindow(double magnetiteDegrees, double goldDegrees, Film film) {
  /**
   * On its way is what a film moves so fast, in m/s: ours, a hand's breadth in ten seconds.
   *
   * <p>Off by a half: the tilt a cut is told to start from, by about a degree.
   */
  private static final double ON_ITS_WAY_MPS = 0.01;

  /**
   * Gold that moves so fast is lost to the first port before it is over the deck, in m/s: ours.
   *
   * <p>Off by a half: the tilt a cut is told not to pass.
   */
  private static final double STRAYS_MPS = 0.002;

  private static final int SIZES = 8;

  /**
   * The window of a cut on a deck.
   *
   * @param waterLMin water along the whole top edge, in L/min
   */
  public static DeckWindow of(Sand sand, DeckShape shape, double waterLMin, Water water) {
    Deck deck = new Deck(sand, waterLMin / 60_000 / shape.lengthM(), water);
    double magnetite = least(tilt -> deck.slowest(tilt) >= ON_ITS_WAY_MPS);
    double gold = least(tilt -> deck.fastestGold(tilt) >= STRAYS_MPS);
    double middle = Math.clamp((magnetite + gold) / 2, 0, Film.STEEPEST);
    return new DeckWindow(
        magnetite, gold, Film.of(deck.flow(), middle, water.kinematicViscosityM2S()));
  }

  /** Whether there is any tilt that moves the magnetite and leaves the gold. */
  public boolean isOpen() {
    return magnetiteDegrees < goldDegrees;
  }

  private static double least(DoublePredicate isSo) {
    double low = 0;
    double high = Film.STEEPEST;
    for (int i = 0; i < 40; i++) {
      double middle = (low + high) / 2;
      if (isSo.test(middle)) {
        high = middle;
      } else {
        low = middle;
      }
    }
    return high;
  }

  private record Deck(Sand sand, double flow, Water water) {
    double slowest(double tilt) {
      double slowest = Double.MAX_VALUE;
      for (int i = 0; i <= SIZES; i++) {
        slowest =
            Math.min(slowest, speed(tilt, size(i), GrainKind.SAND_FLATNESS, GrainKind.MAGNETITE));
      }
      return slowest;
    }

    double fastestGold(double tilt) {
      double fastest = 0;
      for (int i = 0; i <= SIZES; i++) {
        fastest = Math.max(fastest, speed(tilt, size(i), sand.flattest(), GrainKind.GOLD));
      }
      return fastest;
    }

    private double size(int i) {
      return sand.finestMm() * Math.pow(sand.coarsestMm() / sand.finestMm(), (double) i / SIZES);
    }

    private double speed(double tilt, double mm, double flatness, GrainKind kind) {
      double settling =
          Settling.of(Grain.natural(mm, flatness, kind.densityGCm3()), water).metresPerSecond();
      Film film = Film.of(flow, tilt, water.kinematicViscosityM2S());
      return Sliding.speedMps(
          film.speedMps(flatness * mm * 1e-3 / 2), settling, -Math.toRadians(tilt));
    }
  }
}
