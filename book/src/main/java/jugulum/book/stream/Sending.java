package jugulum.book.stream;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What waits at a bench as the rows others will read: numbered on from those there are, and each
 * stream listed as it begins.
 *
 * @param there the rows there are
 * @param most so many rows are enough, but an action goes whole
 */
public record Sending(RowStore there, int most) {
  /** The rows to add, in one go. */
  public List<Placed> of(List<Waiting> waiting) {
    Map<Key, Long> versions = new HashMap<>();
    Set<Key> begun = new HashSet<>(there.streams());
    List<Placed> rows = new ArrayList<>();
    if (there.version(BookIndex.KEY) == 0) {
      identity(waiting).ifPresent(row -> put(rows, versions, BookIndex.KEY, row));
    }
    for (Waiting one : waiting) {
      if (rows.size() >= most) {
        break;
      }
      for (Placed placed : one.rows()) {
        Key stream = placed.stream();
        if (stream.equals(BookIndex.KEY)) {
          continue;
        }
        if (begun.add(stream)) {
          put(rows, versions, BookIndex.KEY, begins(stream, placed.row()));
        }
        put(rows, versions, stream, placed.row());
      }
    }
    return rows;
  }

  /** What the bench thought the book's identity was, before it heard of the book. */
  private static Optional<Row> identity(List<Waiting> waiting) {
    return waiting.stream()
        .flatMap(one -> one.rows().stream())
        .filter(placed -> placed.stream().equals(BookIndex.KEY))
        .map(Placed::row)
        .filter(row -> BookIndex.isIdentity(row.body()))
        .findFirst();
  }

  private static Row begins(Key stream, Row first) {
    return new Row(
        0, first.at(), first.from(), Row.Act.EDIT, BookIndex.FORM, BookIndex.begins(stream));
  }

  private void put(List<Placed> rows, Map<Key, Long> versions, Key stream, Row row) {
    long version = versions.getOrDefault(stream, there.version(stream)) + 1;
    versions.put(stream, version);
    rows.add(new Placed(stream, row.numbered(version)));
  }
}
