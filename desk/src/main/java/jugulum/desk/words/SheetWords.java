package jugulum.desk.words;

import java.util.Optional;
import jugulum.core.check.Band;
import jugulum.core.machine.Dial;
import jugulum.core.machine.Due;
import jugulum.core.machine.Sheet;

/** The texts of bench sheets, by the names in the core's data. */
public final class SheetWords {
  private SheetWords() {}

  /** What a dial is called. */
  public static String dial(Words words, String id) {
    return words.of("dial." + id);
  }

  /** Whether a sheet has a dial of that name. */
  public static boolean has(Words words, String id) {
    return words.has("dial." + id);
  }

  /** What a dial does, on that machine where it does more than elsewhere. */
  public static String does(Words words, Sheet sheet, Dial dial) {
    String everywhere = "dial." + dial.id() + ".does";
    String here = everywhere + "." + sheet.kind().name();
    return words.of(words.has(here) ? here : everywhere);
  }

  /** How a dial is measured on the bench. */
  public static String how(Words words, Dial dial) {
    return words.of("dial." + dial.id() + ".how");
  }

  /** What may be typed for a dial. */
  public static String example(Words words, Dial dial) {
    return words.of("example." + dial.unit().name());
  }

  /** A unit. */
  public static String unit(Words words, Dial.Unit unit) {
    return words.of("unit." + unit.name());
  }

  /** Where a dial usually stands. */
  public static String usual(Words words, Dial dial) {
    return band(words, dial, dial.usual());
  }

  /** Where a dial stands to begin with a cut. */
  public static String target(Words words, Dial dial, double coarseness) {
    return band(words, dial, dial.target(coarseness));
  }

  private static String band(Words words, Dial dial, Optional<Band> where) {
    return where.map(band -> band(words, dial, band)).orElse(words.of("sheet.usual.none"));
  }

  private static String band(Words words, Dial dial, Band band) {
    int places = band.high() < 10 ? 1 : 0;
    return words.of(
        "sheet.usual",
        words.rounded(band.low(), places),
        words.rounded(band.high(), places),
        unit(words, dial.unit()));
  }

  /**
   * A check before the water runs; one this program knows nothing of is called by its name in the
   * file.
   */
  public static String check(Words words, String id) {
    return words.has("check." + id) ? words.of("check." + id) : id;
  }

  /** What can hurt someone. */
  public static String caution(Words words, String id) {
    return words.of("caution." + id);
  }

  /** What one sees. */
  public static String symptom(Words words, String id) {
    return words.of("symptom." + id);
  }

  /** What may be behind it, with the remedy. */
  public static String cause(Words words, String id) {
    return words.of("cause." + id, words.plain(Due.SECOND_LOOK_MINUTES));
  }

  /** A step of cleaning out. */
  public static String cleaning(Words words, String id) {
    return words.of("cleaning." + id);
  }

  /** What holds for every machine. */
  public static String look(Words words) {
    return words.of("sheet.look");
  }
}
