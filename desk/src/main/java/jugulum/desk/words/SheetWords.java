package jugulum.desk.words;

import java.util.Locale;
import java.util.ResourceBundle;
import jugulum.core.check.Band;
import jugulum.core.machine.Dial;
import jugulum.core.machine.Sheet;

/** The texts of bench sheets, by the names in the core's data. */
public final class SheetWords {
  private static final ResourceBundle BUNDLE =
      ResourceBundle.getBundle("jugulum.desk.words.machines", Locale.ENGLISH);

  private SheetWords() {}

  /** What a dial is called. */
  public static String dial(String id) {
    return BUNDLE.getString("dial." + id);
  }

  /** What a dial does, on that machine where it does more than elsewhere. */
  public static String does(Sheet sheet, Dial dial) {
    String everywhere = "dial." + dial.id() + ".does";
    String here = everywhere + "." + sheet.kind().name();
    return BUNDLE.getString(BUNDLE.containsKey(here) ? here : everywhere);
  }

  /** How a dial is measured on the bench. */
  public static String how(Dial dial) {
    return BUNDLE.getString("dial." + dial.id() + ".how");
  }

  /** What may be typed for a dial. */
  public static String example(Dial dial) {
    return BUNDLE.getString("example." + dial.unit().name());
  }

  /** A unit. */
  public static String unit(Dial.Unit unit) {
    return BUNDLE.getString("unit." + unit.name());
  }

  /** Where a dial usually stands. */
  public static String usual(Dial dial) {
    String usual = dial.usual().map(band -> band(dial, band)).orElse(Words.of("sheet.usual.none"));
    return dial.isOneReport() ? Words.of("sheet.usual.one-report", usual) : usual;
  }

  /** Where a dial stands to begin with a cut. */
  public static String target(Dial dial, double coarseness) {
    return dial.target(coarseness)
        .map(band -> band(dial, band))
        .orElse(Words.of("sheet.usual.none"));
  }

  private static String band(Dial dial, Band band) {
    int places = band.high() < 10 ? 1 : 0;
    return Words.of(
        "sheet.usual",
        Figures.rounded(band.low(), places),
        Figures.rounded(band.high(), places),
        unit(dial.unit()));
  }

  /**
   * A check before the water runs; one this program knows nothing of is called by its name in the
   * file.
   */
  public static String check(String id) {
    return BUNDLE.containsKey("check." + id) ? BUNDLE.getString("check." + id) : id;
  }

  /** What can hurt someone. */
  public static String caution(String id) {
    return BUNDLE.getString("caution." + id);
  }

  /** What one sees. */
  public static String symptom(String id) {
    return BUNDLE.getString("symptom." + id);
  }

  /** What may be behind it, with the remedy. */
  public static String cause(String id) {
    return BUNDLE.getString("cause." + id);
  }

  /** A step of cleaning out. */
  public static String cleaning(String id) {
    return BUNDLE.getString("cleaning." + id);
  }

  /** What holds for every machine. */
  public static String look() {
    return BUNDLE.getString("sheet.look");
  }
}
