package jugulum.book.stream;

import java.util.List;
import java.util.OptionalDouble;

/**
 * A line of a projection's table as it is read.
 *
 * @param id the stream it belongs to
 * @param values a value a column, in the order of the columns
 */
public record Cells(String id, List<Object> values) {
  /** A column of text. */
  public String text(int column) {
    return (String) values.get(column);
  }

  /** A column of numbers. */
  public OptionalDouble number(int column) {
    return values.get(column) instanceof Number number
        ? OptionalDouble.of(number.doubleValue())
        : OptionalDouble.empty();
  }
}
