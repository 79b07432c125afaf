package jugulum.book.stream;

import java.util.List;

/**
 * The shape of a projection's table.
 *
 * @param name its name: small letters and underscores
 * @param columns its columns
 */
public record Table(String name, List<Column> columns) {
  /** What a column holds. */
  public enum Type {
    TEXT,
    REAL
  }

  /**
   * A column.
   *
   * @param name its name: small letters and underscores
   * @param type what it holds
   */
  public record Column(String name, Type type) {}

  /** Keeps its own copy. */
  public Table {
    columns = List.copyOf(columns);
  }

  /** A column of text. */
  public static Column text(String name) {
    return new Column(name, Type.TEXT);
  }

  /** A column of numbers. */
  public static Column real(String name) {
    return new Column(name, Type.REAL);
  }
}
