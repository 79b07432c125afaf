package jugulum.book.store;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import jugulum.book.stream.Key;
import jugulum.book.stream.Row;
import jugulum.book.stream.RowStore;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.statement.PreparedBatch;

/** The journal in a file: its rows are numbered and chained here. */
final class FileJournal extends Journal {
  private static final String INSERT =
      "INSERT INTO journal (" + SAID + ", chain) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)";

  private static final String HEAD =
      "INSERT INTO stream (kind, stream, version, chain) VALUES (?, ?, ?, ?) ON CONFLICT (kind,"
          + " stream) DO UPDATE SET version = excluded.version, chain = excluded.chain";

  private final Handle handle;

  FileJournal(Handle handle, String place, boolean isChained) {
    super(handle, place, isChained);
    this.handle = handle;
  }

  /** Adds a row; one that does not follow the last of its stream is somebody else's already. */
  void add(Key stream, Row row) {
    Head head = head(stream);
    if (row.version() != head.version() + 1) {
      throw new RowStore.VersionTaken(null);
    }
    List<Object> said = said(next(), stream, row);
    String chain = Chain.of(head.chain(), said);
    var insert = handle.createUpdate(INSERT);
    for (int at = 0; at < said.size(); at++) {
      insert.bind(at, said.get(at));
    }
    insert.bind(said.size(), chain).execute();
    handle.execute(HEAD, stream.kind(), stream.id(), row.version(), chain);
  }

  /** All a row says, as its chain covers it. */
  private static List<Object> said(long seq, Key stream, Row row) {
    List<Object> said = Journal.saying(row, seq, stream.kind(), stream.id(), row.version());
    said.add(Chain.crc(row.body()));
    return said;
  }

  /**
   * Adds rows that stand elsewhere already, many at once, each with the chain it has there.
   *
   * @throws BookProblem of the kind DAMAGED where one is not chained to those that are here
   */
  void addAll(List<Served.Arrived> rows) {
    Map<Key, Head> heads = new HashMap<>();
    PreparedBatch batch = handle.prepareBatch(INSERT);
    long seq = next();
    for (Served.Arrived one : rows) {
      Key stream = one.placed().stream();
      Row row = one.placed().row();
      Head head = heads.computeIfAbsent(stream, this::head);
      if (row.version() != head.version() + 1) {
        throw new RowStore.VersionTaken(null);
      }
      List<Object> said = said(seq++, stream, row);
      String chain = Chain.of(head.chain(), said);
      if (!chain.equals(one.chain())) {
        throw damaged(
            "row "
                + one.seq()
                + " is not chained to what is known of "
                + stream.kind()
                + " "
                + stream.id());
      }
      for (int at = 0; at < said.size(); at++) {
        batch.bind(at, said.get(at));
      }
      batch.bind(said.size(), chain).add();
      heads.put(stream, new Head(row.version(), chain));
    }
    batch.execute();
    PreparedBatch ends = handle.prepareBatch(HEAD);
    heads.forEach(
        (stream, head) -> ends.add(stream.kind(), stream.id(), head.version(), head.chain()));
    ends.execute();
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
