package jugulum.book.stream;

import java.util.List;
import java.util.Optional;

/**
 * The shape of a projection's table.
 *
 * @param name its name: small letters and underscores
 * @param columns its columns
 * @param searched the column whose words can be searched for, by its name; empty where none is
 */
public record LineTable(String name, List<Column> columns, Optional<String> searched) {
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

  /** A table of which no column is searched. */
  public LineTable(String name, List<Column> columns) {
    this(name, columns, Optional.empty());
  }

  /** Keeps its own copy. */
  public LineTable {
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
