package jugulum.book.store;

import java.util.List;
import java.util.Locale;
import jugulum.book.stream.Key;
import jugulum.book.stream.Row;
import jugulum.book.stream.RowStore;
import org.jdbi.v3.core.Handle;

/** The journal in a file: its rows are numbered and chained here. */
final class FileJournal extends Journal {
  private final Handle handle;

  FileJournal(Handle handle, String place, boolean isChained) {
    super(handle, place, isChained);
    this.handle = handle;
  }

  /**
   * Adds a row; one that does not follow the last of its stream is somebody else's already.
   *
   * @return its chain
   */
  String add(Key stream, Row row) {
    Head head = head(stream);
    if (row.version() != head.version() + 1) {
      throw new RowStore.VersionTaken(null);
    }
    List<Object> said =
        List.of(
            next(),
            stream.kind(),
            stream.id(),
            row.version(),
            row.at().toString(),
            row.from().bench().name(),
            row.from().bench().id(),
            row.from().action(),
            row.act().name().toLowerCase(Locale.ROOT),
            row.form(),
            row.body(),
            Chain.crc(row.body()));
    String chain = Chain.of(head.chain(), said);
    var insert =
        handle.createUpdate(
            "INSERT INTO journal ("
                + SAID
                + ", chain) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)");
    for (int at = 0; at < said.size(); at++) {
      insert.bind(at, said.get(at));
    }
    insert.bind(said.size(), chain).execute();
    handle.execute(
        "INSERT INTO stream (kind, stream, version, chain) VALUES (?, ?, ?, ?) ON CONFLICT (kind,"
            + " stream) DO UPDATE SET version = excluded.version, chain = excluded.chain",
        stream.kind(),
        stream.id(),
        row.version(),
        chain);
    return chain;
  }

  private long next() {
    return handle
            .createQuery("SELECT seq FROM sqlite_sequence WHERE name = 'journal'")
            .mapTo(Long.class)
            .findOne()
            .orElse(0L)
        + 1;
  }
}
