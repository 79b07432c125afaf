package jugulum.desk.words;

import java.text.DecimalFormat;
import java.text.DecimalFormatSymbols;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import jugulum.core.check.Band;
import jugulum.core.gold.GoldRange;
import jugulum.core.gold.Recovery;
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
 */
public record Figures(MassUnit unit, ZoneId zone) {
  /** In that unit, times as at Greenwich. */
  public Figures(MassUnit unit) {
    this(unit, ZoneOffset.UTC);
  }

  /** The units a person can choose from, in the order the switch goes through them. */
  public static final List<MassUnit> CHOICE =
      List.of(MassUnit.GRAM, MassUnit.GRAIN, MassUnit.PENNYWEIGHT, MassUnit.TROY_OUNCE);

  /** A speck of the finest cut still shows two digits with so many places in every unit. */
  private static final int MOST_PLACES = 6;

  private static final DateTimeFormatter CLOCK =
      DateTimeFormatter.ofPattern("HH:mm", Locale.ENGLISH);
  private static final DateTimeFormatter MOMENT =
      DateTimeFormatter.ofPattern("d MMM HH:mm", Locale.ENGLISH);
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("d MMM uuuu", Locale.ENGLISH);

  /** Less than that would be written as next to nothing with two places. */
  private static final double A_FLAKE_MG = 0.05;

  /** The next unit of {@link #CHOICE}. */
  public Figures next() {
    return in(CHOICE.get((CHOICE.indexOf(unit) + 1) % CHOICE.size()));
  }

  /** The same in another unit. */
  public Figures in(MassUnit other) {
    return new Figures(other, zone);
  }

  /** A time of day, "14:05". */
  public String clock(Instant at) {
    return CLOCK.format(at.atZone(zone));
  }

  /** A day and a time, "25 Nov 14:05". */
  public String moment(Instant at) {
    return MOMENT.format(at.atZone(zone));
  }

  /** A span of time as a watch shows it, "4:05" or "1:02:09"; what is late has a minus. */
  public static String watch(Duration span) {
    long seconds = Math.abs(span.toSeconds());
    String text =
        seconds < 3600
            ? String.format(Locale.ROOT, "%d:%02d", seconds / 60, seconds % 60)
            : String.format(
                Locale.ROOT, "%d:%02d:%02d", seconds / 3600, seconds / 60 % 60, seconds % 60);
    return span.toSeconds() < 0 ? "−" + text : text;
  }

  /** A share from 0 to 1 and its range as percent, "87.9 to 94.6 %". */
  public static String shares(Band band) {
    return Words.of("figures.range", fixed(band.low() * 100, 1), percent(band.high()));
  }

  /** A range in whole percent, for what is not known closely. */
  public static String wholeShares(Band band) {
    return Words.of(
        "figures.range", fixed(band.low() * 100, 0), fixed(band.high() * 100, 0) + " %");
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
      return fixed(mg, flake ? 3 : Math.abs(like) < 10 ? 2 : 1);
    }
    int places =
        switch (unit) {
          case GRAIN -> 2;
          case TROY_OUNCE -> 4;
          default -> 3;
        };
    double likeAmount = Math.abs(unit.fromGrams(like / 1000));
    int needed =
        likeAmount > 0 && likeAmount < 0.1 ? 1 - (int) Math.floor(Math.log10(likeAmount)) : 0;
    return fixed(unit.fromGrams(mg / 1000), Math.clamp(needed, places, MOST_PLACES));
  }

  /** A range of gold given in milligrams, "0.4 to 2.6 mg". */
  public String goldRange(GoldRange gold) {
    return Words.of("figures.range", goldNumber(gold.lowMg(), gold.highMg()), gold(gold.highMg()));
  }

  /** A mass of sand given in grams. */
  public String sand(double grams) {
    if (metric()) {
      return Math.abs(grams) >= 1000
          ? fixed(grams / 1000, 2) + " kg"
          : fixed(grams, Math.abs(grams) < 100 ? 1 : 0) + " g";
    }
    boolean pounds = Math.abs(grams) >= MassUnit.POUND.grams();
    return pounds
        ? fixed(MassUnit.POUND.fromGrams(grams), 2) + " lb"
        : fixed(MassUnit.OUNCE.fromGrams(grams), 2) + " " + MassUnit.OUNCE.sign();
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
        ? fixed(grams / 1000, Math.min(places, 3)) + " kg"
        : fixed(grams, places) + " g";
  }

  /** A number with so many places or, where they would be noughts, fewer. */
  public static String rounded(double value, int places) {
    double unit = Math.pow(10, places);
    return plain(Math.rint(value * unit) / unit);
  }

  /** Bench time given in minutes, "6 h 20" or "45 min". */
  public static String time(double minutes) {
    int whole = (int) Math.round(minutes);
    return whole < 60
        ? Words.of("time.minutes", Integer.toString(whole))
        : Words.of(
            "time.hours",
            Integer.toString(whole / 60),
            String.format(Locale.ROOT, "%02d", whole % 60));
  }

  /** A share from 0 to 1 as percent. */
  public static String percent(double share) {
    return fixed(share * 100, 1) + " %";
  }

  /** The range of a recovery, "87.9 to 94.6 %". */
  public static String range(Recovery recovery) {
    return Words.of("figures.range", fixed(recovery.low() * 100, 1), percent(recovery.high()));
  }

  /** A number with that many places. */
  public static String fixed(double value, int places) {
    String text = String.format(Locale.ROOT, "%." + places + "f", value);
    return text.startsWith("-") ? "−" + text.substring(1) : text;
  }

  /** How many times as much: one place below ten, none above. */
  public static String times(double value) {
    return fixed(value, value < 10 ? 1 : 0);
  }

  /** A number without places it does not need. */
  public static String plain(double value) {
    return new DecimalFormat("0.######", DecimalFormatSymbols.getInstance(Locale.ROOT))
        .format(value);
  }

  /** A day. */
  public static String day(LocalDate day) {
    return DAY.format(day);
  }
}
