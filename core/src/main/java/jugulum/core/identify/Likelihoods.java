package jugulum.core.identify;

import java.util.EnumMap;
import java.util.Map;
import jugulum.core.check.Check;

/**
 * How likely each answer is of each suspect. From the textbook properties of each (Deer, Howie and
 * Zussman, from memory) and from what they do in a pan (common practice); the figures themselves
 * are ours. Every answer may be a slip: {@link #SLIP} of all answers are spread evenly.
 */
final class Likelihoods {
  /**
   * The share of answers that are slips: ours.
   *
   * <p>Off by a half: how many answers it takes until a suspect is nearly sure.
   */
  private static final double SLIP = 0.06;

  private static final Map<Clue, Map<Suspect, double[]>> ALL = new EnumMap<>(Clue.class);

  static {
    // yellow, brassy, silvery, grey, red, brown-black, clear
    put(Clue.COLOUR, Suspect.GOLD, 92, 6, 2, 0, 0, 0, 0);
    put(Clue.COLOUR, Suspect.AMALGAM, 8, 0, 77, 15, 0, 0, 0);
    put(Clue.COLOUR, Suspect.LEAD, 0, 0, 15, 85, 0, 0, 0);
    put(Clue.COLOUR, Suspect.GALENA, 0, 0, 45, 55, 0, 0, 0);
    put(Clue.COLOUR, Suspect.PYRITE, 12, 86, 0, 0, 0, 2, 0);
    put(Clue.COLOUR, Suspect.CHALCOPYRITE, 25, 70, 0, 0, 2, 3, 0);
    put(Clue.COLOUR, Suspect.MICA, 30, 25, 15, 0, 0, 15, 15);
    put(Clue.COLOUR, Suspect.GARNET, 0, 0, 0, 0, 80, 15, 5);
    put(Clue.COLOUR, Suspect.CASSITERITE, 3, 0, 0, 7, 0, 88, 2);
    put(Clue.COLOUR, Suspect.CINNABAR, 0, 0, 0, 5, 92, 3, 0);
    put(Clue.COLOUR, Suspect.PLATINUM, 0, 0, 70, 30, 0, 0, 0);
    put(Clue.COLOUR, Suspect.BRASS, 60, 38, 0, 0, 2, 0, 0);
    // same, flashes, fades, glassy
    put(Clue.TURNED, Suspect.GOLD, 94, 4, 2, 0);
    put(Clue.TURNED, Suspect.AMALGAM, 85, 10, 5, 0);
    put(Clue.TURNED, Suspect.LEAD, 88, 2, 10, 0);
    put(Clue.TURNED, Suspect.GALENA, 25, 70, 5, 0);
    put(Clue.TURNED, Suspect.PYRITE, 20, 75, 5, 0);
    put(Clue.TURNED, Suspect.CHALCOPYRITE, 35, 55, 10, 0);
    put(Clue.TURNED, Suspect.MICA, 3, 52, 40, 5);
    put(Clue.TURNED, Suspect.GARNET, 5, 5, 5, 85);
    put(Clue.TURNED, Suspect.CASSITERITE, 20, 15, 5, 60);
    put(Clue.TURNED, Suspect.CINNABAR, 55, 15, 5, 25);
    put(Clue.TURNED, Suspect.PLATINUM, 93, 5, 2, 0);
    put(Clue.TURNED, Suspect.BRASS, 85, 12, 3, 0);
    // rounded, flake, cube, sheet, ball, angular, cut-edges
    put(Clue.SHAPE, Suspect.GOLD, 38, 50, 0, 1, 1, 8, 2);
    put(Clue.SHAPE, Suspect.AMALGAM, 40, 5, 0, 0, 50, 5, 0);
    put(Clue.SHAPE, Suspect.LEAD, 30, 12, 0, 0, 35, 3, 20);
    put(Clue.SHAPE, Suspect.GALENA, 5, 2, 68, 0, 0, 25, 0);
    put(Clue.SHAPE, Suspect.PYRITE, 7, 3, 55, 0, 2, 33, 0);
    put(Clue.SHAPE, Suspect.CHALCOPYRITE, 10, 5, 5, 0, 0, 80, 0);
    put(Clue.SHAPE, Suspect.MICA, 2, 28, 0, 68, 0, 2, 0);
    put(Clue.SHAPE, Suspect.GARNET, 60, 0, 5, 0, 5, 30, 0);
    put(Clue.SHAPE, Suspect.CASSITERITE, 55, 0, 3, 0, 0, 42, 0);
    put(Clue.SHAPE, Suspect.CINNABAR, 50, 5, 3, 0, 0, 42, 0);
    put(Clue.SHAPE, Suspect.PLATINUM, 70, 20, 3, 0, 2, 5, 0);
    put(Clue.SHAPE, Suspect.BRASS, 5, 12, 0, 0, 3, 15, 65);
    // stays-last, with-black-sand, goes-with-sand, floats-off
    put(Clue.IN_THE_PAN, Suspect.GOLD, 93, 5, 1, 1);
    put(Clue.IN_THE_PAN, Suspect.AMALGAM, 95, 4, 1, 0);
    put(Clue.IN_THE_PAN, Suspect.LEAD, 80, 18, 2, 0);
    put(Clue.IN_THE_PAN, Suspect.GALENA, 25, 70, 5, 0);
    put(Clue.IN_THE_PAN, Suspect.PYRITE, 5, 75, 20, 0);
    put(Clue.IN_THE_PAN, Suspect.CHALCOPYRITE, 3, 60, 37, 0);
    put(Clue.IN_THE_PAN, Suspect.MICA, 0, 2, 48, 50);
    put(Clue.IN_THE_PAN, Suspect.GARNET, 2, 60, 38, 0);
    put(Clue.IN_THE_PAN, Suspect.CASSITERITE, 15, 80, 5, 0);
    put(Clue.IN_THE_PAN, Suspect.CINNABAR, 40, 57, 3, 0);
    put(Clue.IN_THE_PAN, Suspect.PLATINUM, 95, 4, 1, 0);
    put(Clue.IN_THE_PAN, Suspect.BRASS, 30, 60, 10, 0);
    // no, weakly, strongly
    put(Clue.MAGNET, Suspect.GOLD, 99, 1, 0);
    put(Clue.MAGNET, Suspect.AMALGAM, 99, 1, 0);
    put(Clue.MAGNET, Suspect.LEAD, 99, 1, 0);
    put(Clue.MAGNET, Suspect.GALENA, 98, 2, 0);
    put(Clue.MAGNET, Suspect.PYRITE, 94, 6, 0);
    put(Clue.MAGNET, Suspect.CHALCOPYRITE, 94, 6, 0);
    put(Clue.MAGNET, Suspect.MICA, 80, 20, 0);
    put(Clue.MAGNET, Suspect.GARNET, 40, 59, 1);
    put(Clue.MAGNET, Suspect.CASSITERITE, 92, 8, 0);
    put(Clue.MAGNET, Suspect.CINNABAR, 98, 2, 0);
    put(Clue.MAGNET, Suspect.PLATINUM, 60, 35, 5);
    put(Clue.MAGNET, Suspect.BRASS, 97, 3, 0);
    // dents, smears, shatters, splits, nothing
    put(Clue.NEEDLE, Suspect.GOLD, 95, 3, 0, 0, 2);
    put(Clue.NEEDLE, Suspect.AMALGAM, 45, 50, 5, 0, 0);
    put(Clue.NEEDLE, Suspect.LEAD, 70, 30, 0, 0, 0);
    put(Clue.NEEDLE, Suspect.GALENA, 3, 2, 75, 20, 0);
    put(Clue.NEEDLE, Suspect.PYRITE, 0, 0, 82, 0, 18);
    put(Clue.NEEDLE, Suspect.CHALCOPYRITE, 0, 2, 90, 0, 8);
    put(Clue.NEEDLE, Suspect.MICA, 2, 0, 3, 94, 1);
    put(Clue.NEEDLE, Suspect.GARNET, 0, 0, 25, 0, 75);
    put(Clue.NEEDLE, Suspect.CASSITERITE, 0, 0, 25, 0, 75);
    put(Clue.NEEDLE, Suspect.CINNABAR, 2, 25, 70, 3, 0);
    put(Clue.NEEDLE, Suspect.PLATINUM, 45, 0, 0, 0, 55);
    put(Clue.NEEDLE, Suspect.BRASS, 55, 0, 0, 0, 45);
    // nail, copper, steel, none
    put(Clue.SCRATCH, Suspect.GOLD, 10, 60, 30, 0);
    put(Clue.SCRATCH, Suspect.AMALGAM, 55, 35, 10, 0);
    put(Clue.SCRATCH, Suspect.LEAD, 92, 7, 1, 0);
    put(Clue.SCRATCH, Suspect.GALENA, 35, 60, 5, 0);
    put(Clue.SCRATCH, Suspect.PYRITE, 0, 0, 20, 80);
    put(Clue.SCRATCH, Suspect.CHALCOPYRITE, 0, 15, 83, 2);
    put(Clue.SCRATCH, Suspect.MICA, 55, 42, 3, 0);
    put(Clue.SCRATCH, Suspect.GARNET, 0, 0, 5, 95);
    put(Clue.SCRATCH, Suspect.CASSITERITE, 0, 0, 12, 88);
    put(Clue.SCRATCH, Suspect.CINNABAR, 60, 37, 3, 0);
    put(Clue.SCRATCH, Suspect.PLATINUM, 0, 8, 90, 2);
    put(Clue.SCRATCH, Suspect.BRASS, 0, 35, 64, 1);
    // below 3.4, to 6, to 9, to 12.5, above
    put(Clue.DENSITY, Suspect.GOLD, 0, 0, 0, 4, 96);
    put(Clue.DENSITY, Suspect.AMALGAM, 0, 0, 0, 12, 88);
    put(Clue.DENSITY, Suspect.LEAD, 0, 0, 3, 95, 2);
    put(Clue.DENSITY, Suspect.GALENA, 0, 3, 96, 1, 0);
    put(Clue.DENSITY, Suspect.PYRITE, 1, 95, 4, 0, 0);
    put(Clue.DENSITY, Suspect.CHALCOPYRITE, 3, 96, 1, 0, 0);
    put(Clue.DENSITY, Suspect.MICA, 97, 3, 0, 0, 0);
    put(Clue.DENSITY, Suspect.GARNET, 8, 92, 0, 0, 0);
    put(Clue.DENSITY, Suspect.CASSITERITE, 0, 5, 95, 0, 0);
    put(Clue.DENSITY, Suspect.CINNABAR, 0, 1, 96, 3, 0);
    put(Clue.DENSITY, Suspect.PLATINUM, 0, 0, 0, 4, 96);
    put(Clue.DENSITY, Suspect.BRASS, 0, 1, 96, 3, 0);
  }

  private Likelihoods() {}

  private static void put(Clue clue, Suspect suspect, double... percent) {
    ALL.computeIfAbsent(clue, _ -> new EnumMap<>(Suspect.class)).put(suspect, percent);
  }

  /** The chance of an answer of a suspect, 0 to 1; of what nobody knows every answer alike. */
  static double of(Clue clue, Suspect suspect, int answer) {
    double even = 1.0 / clue.answers().size();
    if (suspect == Suspect.UNKNOWN) {
      return even;
    }
    double[] percent = Check.known(Check.known(ALL, clue), suspect);
    return (1 - SLIP) * percent[answer] / 100 + SLIP * even;
  }
}
