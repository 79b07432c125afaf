package jugulum.desk.command;

/** The numbers a command ends with. */
final class Exit {
  /** Everything went well. */
  static final int OK = 0;

  /** A file is bad, or what was typed is. */
  static final int BAD_FILE = 2;

  /** There is no display to open a window on. */
  static final int NO_DISPLAY = 3;

  /** The book cannot be used. */
  static final int BOOK_PROBLEM = 4;

  private Exit() {}
}
