package jugulum.desk.words;

import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.List;
import jugulum.core.gold.GoldRange;
import jugulum.core.units.MassUnit;

/**
 * Writes quantities for people, in the unit chosen. What it writes is only shown, never read back.
 *
 * <p>Gold is written in the unit chosen, and in milligrams below a tenth of a gram when that unit
 * is the gram. Sand goes by kilograms and grams with the gram, else by pounds and avoirdupois
 * ounces: nobody weighs a bucket in grains.
 *
 * @param unit the unit chosen for gold
 * @param zone where the clock on the wall hangs
 * @param words what texts and numbers are written in
 */
public record Figures(MassUnit unit, ZoneId zone, Words words) {
  /** In that unit, times as at Greenwich. */
  public Figures(MassUnit unit, Words words) {
    this(unit, ZoneOffset.UTC, words);
  }

  /** The units a person can choose from, in the order the switch goes through them. */
  public static final List<MassUnit> CHOICE =
      List.of(MassUnit.GRAM, MassUnit.GRAIN, MassUnit.PENNYWEIGHT, MassUnit.TROY_OUNCE);

  /** A speck of the finest cut still shows two digits with so many places in every unit. */
  private static final int MOST_PLACES = 6;

  /** Less than that would be written as next to nothing with two places. */
  private static final double A_FLAKE_MG = 0.05;

  /** The next unit of {@link #CHOICE}. */
  public Figures next() {
    return in(CHOICE.get((CHOICE.indexOf(unit) + 1) % CHOICE.size()));
  }

  /** The same in another unit. */
  public Figures in(MassUnit other) {
    return new Figures(other, zone, words);
  }

  /** The same in other words. */
  public Figures in(Words other) {
    return new Figures(unit, zone, other);
  }

  /** A time of day, "14:05". */
  public String clock(Instant at) {
    return words.dates("date.clock").format(at.atZone(zone));
  }

  /** A day and a time, "25 Nov 14:05". */
  public String moment(Instant at) {
    return words.dates("date.moment").format(at.atZone(zone));
  }

  private boolean metric() {
    return unit == MassUnit.GRAM;
  }

  /** An amount of gold given in milligrams. */
  public String gold(double mg) {
    return goldNumber(mg, mg) + " " + goldSign(mg);
  }

  private String goldSign(double like) {
    return inMilligrams(like) ? MassUnit.MILLIGRAM.sign() : unit.sign();
  }

  private boolean inMilligrams(double mg) {
    return metric() && Math.abs(mg) < 100;
  }

  /** An amount written in the unit and with the places an amount like the other one gets. */
  private String goldNumber(double mg, double like) {
    if (inMilligrams(like)) {
      boolean flake = Math.abs(like) > 0 && Math.abs(like) < A_FLAKE_MG;
      return words.fixed(mg, flake ? 3 : Math.abs(like) < 10 ? 2 : 1);
    }
    return goldNumber(mg, like, unit);
  }

  private String goldNumber(double mg, double like, MassUnit unit) {
    int places =
        switch (unit) {
          case GRAIN -> 2;
          case TROY_OUNCE -> 4;
          default -> 3;
        };
    double likeAmount = Math.abs(unit.fromGrams(like / 1000));
    int needed =
        likeAmount > 0 && likeAmount < 0.1 ? 1 - (int) Math.floor(Math.log10(likeAmount)) : 0;
    return words.fixed(unit.fromGrams(mg / 1000), Math.clamp(needed, places, MOST_PLACES));
  }

  /**
   * A range of gold given in milligrams, in the unit its figure is written in, "0.4 to 2.6 mg": who
   * reads both compares them.
   */
  public String goldRange(GoldRange gold) {
    double figure = gold.milligrams() > 0 ? gold.milligrams() : gold.highMg();
    return words.of(
        "figures.range",
        goldEnd(gold.lowMg(), figure),
        goldEnd(gold.highMg(), figure) + " " + goldSign(figure));
  }

  /** An end of a range: its own places, in the unit of the figure. */
  private String goldEnd(double mg, double figure) {
    if (inMilligrams(figure)) {
      return inMilligrams(mg) ? goldNumber(mg, mg) : words.fixed(mg, 0);
    }
    return metric() && inMilligrams(mg) ? goldNumber(mg, mg, unit) : goldNumber(mg, mg);
  }

  /**
   * A round amount of gold, as it stands at the mark of a scale.
   *
   * @param likeMg the most of that scale: all its marks are written in the unit that is
   */
  public String goldMark(double mg, double likeMg) {
    MassUnit of = inMilligrams(likeMg) ? MassUnit.MILLIGRAM : unit;
    return words.rounded(of.fromGrams(mg / 1000), MOST_PLACES) + " " + of.sign();
  }

  /** What marks of a scale of gold are round in, in mg: the unit chosen, or a part of ten of it. */
  public double goldMarkMg() {
    return metric() ? 1 : unit.grams() * 1000;
  }

  /** A sample of sand, in grams, without places nobody weighs. */
  public String sample(double grams) {
    return metric() ? words.rounded(grams, 0) + " g" : sand(grams);
  }

  /** A mass of sand given in grams. */
  public String sand(double grams) {
    if (metric()) {
      return Math.abs(grams) >= 1000
          ? words.fixed(grams / 1000, 2) + " kg"
          : words.fixed(grams, Math.abs(grams) < 100 ? 1 : 0) + " g";
    }
    boolean pounds = Math.abs(grams) >= MassUnit.POUND.grams();
    return pounds
        ? words.fixed(MassUnit.POUND.fromGrams(grams), 2) + " lb"
        : words.fixed(MassUnit.OUNCE.fromGrams(grams), 2) + " " + MassUnit.OUNCE.sign();
  }

  /** A mass as it stood on the scale, in grams or kilograms, to the place that was read. */
  public String read(double grams, double resolutionG) {
    if (!metric()) {
      return grams < 100 ? gold(grams * 1000) : sand(grams);
    }
    boolean kilograms = grams >= 1000;
    double step = (kilograms ? resolutionG / 1000 : resolutionG);
    int places = step > 0 ? Math.clamp(Math.round(-Math.log10(step)), 0, 4) : 2;
    return kilograms
        ? words.fixed(grams / 1000, Math.min(places, 3)) + " kg"
        : words.fixed(grams, places) + " g";
  }
}
