package jugulum.desk.files;

/** A kind of file a person chooses. */
public enum FileKind {
  BATCH("json"),
  SIZES("csv"),
  PICTURE("png"),
  DRAWING("svg"),
  TRIAL("json"),
  SHEET("pdf"),
  PAGES("pdf"),
  TABLE("xlsx"),
  CALENDAR("ics"),
  REPLAY("json"),
  BOOK("json");

  private final String ending;

  FileKind(String ending) {
    this.ending = ending;
  }

  /** What its name ends in, without the point. */
  public String ending() {
    return ending;
  }

  /** A file name made of a title. */
  public String nameFor(String title) {
    return title.replaceAll("[^\\p{L}\\p{N}]+", "-").replaceAll("^-|-$", "") + "." + ending;
  }
}
