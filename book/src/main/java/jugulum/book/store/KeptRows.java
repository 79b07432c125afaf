package jugulum.book.store;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;
import jugulum.book.stream.Kept;
import jugulum.book.stream.Key;
import org.jdbi.v3.core.Handle;

/** What streams came to, one row a stream, with a checksum over all it says. */
final class KeptRows {
  /** Everything that is kept. */
  static final String ALL =
      "SELECT kind, stream, version, undoable, redoable, rule, form, body, crc FROM kept";

  /** The same of one stream, by its kind and itself. */
  static final String OF_STREAM = ALL + " WHERE kind = ? AND stream = ?";

  private KeptRows() {}

  static Optional<Kept> of(Handle handle, Key stream, boolean isChained) {
    return handle
        .createQuery(OF_STREAM)
        .bind(0, stream.kind())
        .bind(1, stream.id())
        .map((row, _) -> read(row, isChained))
        .findOne()
        .flatMap(found -> found);
  }

  static void keep(Handle handle, Key stream, Kept kept) {
    handle
        .createUpdate(
            """
            INSERT INTO kept (kind, stream, version, undoable, redoable, rule, form, body, crc)
            VALUES (:kind, :stream, :version, :undoable, :redoable, :rule, :form, :body, :crc)
            ON CONFLICT (kind, stream) DO UPDATE SET version = :version, undoable = :undoable,
              redoable = :redoable, rule = :rule, form = :form, body = :body, crc = :crc
            """)
        .bind("kind", stream.kind())
        .bind("stream", stream.id())
        .bind("version", kept.version())
        .bind("undoable", kept.undoable())
        .bind("redoable", kept.redoable())
        .bind("rule", kept.rule())
        .bind("form", kept.form())
        .bind("body", kept.body().orElse(null))
        .bind("crc", crc(stream, kept))
        .execute();
  }

  private static long crc(Key stream, Kept kept) {
    return Chain.crc(
        List.of(
            stream.kind(),
            stream.id(),
            kept.version(),
            kept.undoable(),
            kept.redoable(),
            kept.rule(),
            kept.form(),
            kept.body()));
  }

  /** Whether it was kept since rules have numbers: before, the checksum covered the body only. */
  static boolean isOfToday(ResultSet row) throws SQLException {
    return row.getInt("rule") > 0;
  }

  /**
   * What was kept, if it is as it was written.
   *
   * @param isOfToday whether the checksum covers all of it
   */
  static Optional<Kept> read(ResultSet row, boolean isOfToday) throws SQLException {
    Optional<String> body = Optional.ofNullable(row.getString("body"));
    Kept kept =
        new Kept(
            row.getLong("version"),
            row.getInt("undoable"),
            row.getInt("redoable"),
            row.getInt("rule"),
            row.getInt("form"),
            body);
    Key stream = Journal.key(row);
    long expected = isOfToday ? crc(stream, kept) : Chain.crc(body.orElse(""));
    return row.getLong("crc") == expected ? Optional.of(kept) : Optional.empty();
  }
}
