package jugulum.book.store;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Iterator;
import java.util.Locale;
import java.util.function.Function;
import java.util.zip.CRC32;
import jugulum.core.ledger.History;
import org.jdbi.v3.core.Handle;

/** The rows of the journal, one stream a batch and one for the shop. */
final class Journal {
  /** A row's kind. */
  enum Kind {
    EDIT,
    UNDO,
    REDO;

    String text() {
      return name().toLowerCase(Locale.ROOT);
    }

    static Kind of(String text) {
      return valueOf(text.toUpperCase(Locale.ROOT));
    }
  }

  /**
   * One row.
   *
   * @param at when
   * @param kind what kind
   * @param body the edit as JSON; empty for an undo or redo
   * @param whole whether the body is the one that was written
   */
  record Row(Instant at, Kind kind, String body, boolean whole) {}

  private final Handle handle;
  private final Path path;

  Journal(Handle handle, Path path) {
    this.handle = handle;
    this.path = path;
  }

  /** Adds a row and gives its number. */
  long add(String stream, Instant at, Kind kind, String body) {
    return handle
        .createUpdate("INSERT INTO journal (stream, at, kind, body, crc) VALUES (:stream, :at, :kind, :body, :crc)")
        .bind("stream", stream)
        .bind("at", at.toString())
        .bind("kind", kind.text())
        .bind("body", body)
        .bind("crc", crc(body))
        .executeAndReturnGeneratedKeys()
        .mapTo(Long.class)
        .one();
  }

  /** The number of a stream's last row; 0 where it has none. */
  long last(String stream) {
    return handle.createQuery("SELECT coalesce(max(seq), 0) FROM journal WHERE stream = ?").bind(0, stream).mapTo(Long.class).one();
  }

  /** Folds a stream. */
  <E> History<E> history(String stream, Function<String, E> read) {
    History<E> history = History.empty();
    try (var rows =
        handle
            .createQuery("SELECT at, kind, body, crc FROM journal WHERE stream = ? ORDER BY seq")
            .bind(0, stream)
            .map((row, _) -> row(row.getString(1), row.getString(2), row.getString(3), row.getLong(4)))
            .stream()) {
      for (Iterator<Row> each = rows.iterator(); each.hasNext(); ) {
        history = folded(history, each.next(), read);
      }
    }
    return history;
  }

  private <E> History<E> folded(History<E> history, Row row, Function<String, E> read) {
    if (!row.whole()) {
      throw new BookProblem(BookProblem.Kind.DAMAGED, path, "a journal row is not as it was written", null);
    }
    return switch (row.kind()) {
      case EDIT -> history.and(row.at(), read.apply(row.body()));
      case UNDO -> history.undo().orElse(history);
      case REDO -> history.redo().orElse(history);
    };
  }

  static Row row(String at, String kind, String body, long crc) {
    return new Row(Instant.parse(at), Kind.of(kind), body, crc == crc(body));
  }

  static long crc(String body) {
    CRC32 crc = new CRC32();
    crc.update(body.getBytes(StandardCharsets.UTF_8));
    return crc.getValue();
  }
}
