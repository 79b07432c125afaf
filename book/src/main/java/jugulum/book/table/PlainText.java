package jugulum.book.table;

/**
 * Text cells that no spreadsheet takes for a formula: one that begins like a formula, also after
 * blanks or in the wide signs of eastern scripts, gets an apostrophe before it, and so does one
 * that begins with an apostrophe itself, so that reading gives back what was written.
 */
public final class PlainText {
  private static final String GUARD = "'";
  private static final String GUARDED = "=+-@\t\r\n'\uff1d\uff0b\uff0d\uff20";

  private PlainText() {}

  /** The text as it is written into a cell. */
  public static String guarded(String text) {
    return begins(text) ? GUARD + text : text;
  }

  /** The text that was written as this cell. */
  public static String read(String cell) {
    return cell.startsWith(GUARD) && begins(cell.substring(GUARD.length()))
        ? cell.substring(GUARD.length())
        : cell;
  }

  private static boolean begins(String text) {
    String bare = text.replaceFirst("^[ \u00a0\u2000-\u200b\u3000\ufeff]+", "");
    return !text.isEmpty() && GUARDED.indexOf(text.charAt(0)) >= 0
        || !bare.isEmpty() && GUARDED.indexOf(bare.charAt(0)) >= 0;
  }
}
