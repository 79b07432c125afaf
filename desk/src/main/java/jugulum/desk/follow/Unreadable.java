package jugulum.desk.follow;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import jugulum.book.batch.BatchLines;
import jugulum.book.batch.BatchStream;
import jugulum.book.batch.BatchSummary;
import jugulum.book.stream.Book;
import jugulum.book.stream.Key;

/**
 * A stream of the book that cannot be read, so that everything else is shown without it.
 *
 * @param stream which
 * @param name what people call it, as far as its line in the list still tells
 */
public record Unreadable(Key stream, String name) {
  /** All that were met so far. For the book's thread. */
  public static List<Unreadable> of(Book book) {
    if (book.setAside().isEmpty()) {
      // The lines of the whole list are read for nothing but the names of these.
      return List.of();
    }
    Map<String, String> names =
        BatchLines.asTheyStand(book).stream()
            .collect(Collectors.toMap(line -> line.id().value().toString(), BatchSummary::name));
    return book.setAside().keySet().stream()
        .map(stream -> new Unreadable(stream, named(stream, names)))
        .sorted(Comparator.comparing(Unreadable::name))
        .toList();
  }

  private static String named(Key stream, Map<String, String> names) {
    return stream.kind().equals(BatchStream.KIND.name())
        ? names.getOrDefault(stream.id(), stream.id())
        : stream.kind() + " " + stream.id();
  }
}
