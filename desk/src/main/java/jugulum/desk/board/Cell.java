package jugulum.desk.board;

/**
 * A place on the board.
 *
 * @param column counted from the left, 0 for the feed
 * @param row counted from the top; {@link #HEADER} for work that belongs to all rows
 */
public record Cell(int column, int row) {
  /** The row of the column headings. */
  public static final int HEADER = -1;
}
