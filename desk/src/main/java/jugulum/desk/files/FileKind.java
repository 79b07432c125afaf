package jugulum.desk.files;

import java.util.regex.Pattern;

/** A kind of file a person chooses. */
public enum FileKind {
  BATCH("json"),
  SIZES("csv"),
  PICTURE("png"),
  /** What a camera made; its bytes tell of which kind it is, not its name. */
  PHOTOGRAPH("jpg"),
  DRAWING("svg"),
  TRIAL("json"),
  SHEET("pdf"),
  PAGES("pdf"),
  TABLE("xlsx"),
  CALENDAR("ics"),
  REPLAY("json"),
  BOOK("json"),
  WHOLE("book");

  /** Longer names than that some disks do not take, with their endings, in signs. */
  private static final int LONGEST = 80;

  /** What some systems take for a device, whatever its ending. */
  private static final Pattern DEVICE = Pattern.compile("(?i)(con|prn|aux|nul|com\\d|lpt\\d)");

  private final String ending;

  FileKind(String ending) {
    this.ending = ending;
  }

  /** Whether it is made to be printed. */
  public boolean isPages() {
    return this == SHEET || this == PAGES;
  }

  /** What its name ends in, without the point. */
  public String ending() {
    return ending;
  }

  /** A file name made of a title, that every system takes. */
  public String nameFor(String title) {
    String name = title.replaceAll("[^\\p{L}\\p{N}]+", "-").replaceAll("^-|-$", "");
    int end = Math.min(name.length(), LONGEST);
    String taken = name.substring(0, Character.isHighSurrogate(last(name, end)) ? end - 1 : end);
    boolean isNone = taken.isEmpty() || DEVICE.matcher(taken).matches();
    return (isNone ? "jugulum-" + taken : taken) + "." + ending;
  }

  private static char last(String name, int end) {
    return end == 0 ? ' ' : name.charAt(end - 1);
  }
}
