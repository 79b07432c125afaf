package jugulum.book.table;

import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/**
 * A table for a spreadsheet.
 *
 * @param name what it is called, at most 31 letters
 * @param heads one for each column
 * @param rows texts, whole and decimal numbers, truth values, moments, or null for an empty cell;
 *     as many in each row as there are heads
 */
public record Table(String name, List<String> heads, List<List<Object>> rows) {
  /** A number, or an empty cell where it is not known. */
  public static @Nullable Object cell(OptionalDouble value) {
    return value.isPresent() ? value.getAsDouble() : null;
  }

  /** Keeps its own copies; a cell may be empty. */
  public Table {
    heads = List.copyOf(heads);
    rows =
        rows.stream()
            .map(row -> Collections.unmodifiableList(Arrays.asList(row.toArray())))
            .toList();
    for (List<Object> row : rows) {
      if (row.size() != heads.size()) {
        throw new IllegalArgumentException(
            "a row of " + name + " has " + row.size() + " cells, not " + heads.size());
      }
    }
  }
}
