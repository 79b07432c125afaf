package jugulum.book.store;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import jugulum.book.stream.Bench;
import jugulum.book.stream.BookProblem;
import jugulum.book.stream.BookProblem.Kind;
import jugulum.book.stream.Key;
import jugulum.book.stream.Origin;
import jugulum.book.stream.Placed;
import jugulum.book.stream.Row;
import org.jdbi.v3.core.Handle;

/**
 * The rows of all streams, each chained to the one before it, and the last of each, as far as
 * databases of any make tell them alike.
 */
class Journal {
  /** All a row says, in the order its chain covers it. */
  static final List<String> COLUMNS =
      List.of(
          "seq", "kind", "stream", "version", "at", "who", "bench", "action", "act", "form", "body",
          "crc");

  /** What a row says besides where it stands. */
  static final String TOLD = "at, who, bench, action, act, form, body";

  static final String SAID = String.join(", ", COLUMNS);

  private final Handle handle;
  private final String place;

  /** Whether the rows have chains; those of an older book that is only read have none. */
  private final boolean isChained;

  Journal(Handle handle, String place, boolean isChained) {
    this.handle = handle;
    this.place = place;
    this.isChained = isChained;
  }

  /** Where a stream ends. */
  record Head(long version, String chain) {
    private static final Head NONE = new Head(0, "");
  }

  Head head(Key stream) {
    return handle
        .createQuery("SELECT version, chain FROM stream WHERE kind = ? AND stream = ?")
        .bind(0, stream.kind())
        .bind(1, stream.id())
        .map((row, _) -> new Head(row.getLong(1), row.getString(2)))
        .findOne()
        .orElse(Head.NONE);
  }

  /** The row written last, but for a stream. */
  Optional<Placed> newest(Key but) {
    return handle
        .createQuery(
            "SELECT * FROM journal WHERE NOT (kind = ? AND stream = ?) ORDER BY seq DESC LIMIT 1")
        .bind(0, but.kind())
        .bind(1, but.id())
        .map((row, _) -> new Placed(key(row), said(row)))
        .findOne();
  }

  /** Rows of all streams after a number, in their order. */
  List<Served.Arrived> after(long seq, int most) {
    return handle
        .createQuery(
            "SELECT " + SAID + ", chain FROM journal WHERE seq > ? ORDER BY seq LIMIT " + most)
        .bind(0, seq)
        .map(
            (row, _) ->
                new Served.Arrived(
                    new Placed(key(row), said(row)), row.getLong("seq"), row.getString("chain")))
        .list();
  }

  List<Key> streams() {
    return handle.createQuery("SELECT kind, stream FROM stream").map((row, _) -> key(row)).list();
  }

  /** The stream a line of some table is about. */
  static Key key(ResultSet row) throws SQLException {
    return new Key(row.getString("kind"), row.getString("stream"));
  }

  Optional<Key> lastWritten(String kind) {
    return handle
        .createQuery("SELECT kind, stream FROM journal WHERE kind = ? ORDER BY seq DESC LIMIT 1")
        .bind(0, kind)
        .map((row, _) -> key(row))
        .findOne();
  }

  List<Key> streamsOf(String action) {
    return handle
        .createQuery(
            "SELECT DISTINCT kind, stream FROM journal WHERE action = ? AND action <> '' AND act ="
                + " 'edit'")
        .bind(0, action)
        .map((row, _) -> key(row))
        .list();
  }

  long length() {
    return handle.createQuery("SELECT count(*) FROM journal").mapTo(Long.class).one();
  }

  /** Tells the rows after a version, and sees that none is altered, missing or too many. */
  void rows(Key stream, long after, Consumer<Row> each) {
    Head head = head(stream);
    if (after > 0 && after >= head.version()) {
      return;
    }
    Following following = new Following(stream, after);
    try (var rows =
        handle
            .createQuery(
                "SELECT "
                    + SAID
                    + ", chain FROM journal WHERE kind = ? AND stream = ? AND version >= ? ORDER BY"
                    + " version")
            .bind(0, stream.kind())
            .bind(1, stream.id())
            .bind(2, after)
            .map((row, _) -> following.next(row))
            .stream()) {
      for (Iterator<Optional<Row>> all = rows.iterator(); all.hasNext(); ) {
        all.next().ifPresent(each);
      }
    }
    following.ends(head, head(stream));
  }

  /** Follows the chain from row to row. */
  private final class Following {
    private final Key stream;
    private final long after;
    private long version;
    private String chain = "";

    Following(Key stream, long after) {
      this.stream = stream;
      this.after = after;
      this.version = Math.max(0, after - 1);
    }

    /** The next row; none for the one before those asked for, whose chain they follow. */
    Optional<Row> next(ResultSet row) throws SQLException {
      long found = row.getLong("version");
      if (found != version + 1) {
        throw damaged(version + 1, "is missing");
      }
      boolean isAsked = found > after;
      if (isAsked
          && !(isWhole(row) && (!isChained || chain(chain, row).equals(row.getString("chain"))))) {
        throw damaged(found, "is not as it was written");
      }
      version = found;
      chain = row.getString("chain");
      return isAsked ? Optional.of(said(row)) : Optional.empty();
    }

    /**
     * Others may add rows while these are read: the last lies between the head before and after.
     */
    void ends(Head before, Head now) {
      if (version < before.version()) {
        throw damaged(version + 1, "is missing");
      }
      if (version > now.version() || isNot(before) || isNot(now)) {
        throw damaged(version, "is not the last one that was written");
      }
    }

    private boolean isNot(Head head) {
      return isChained && version == head.version() && !chain.equals(head.chain());
    }

    private BookProblem damaged(long which, String what) {
      return Journal.this.damaged(
          "row " + which + " of " + stream.kind() + " " + stream.id() + " " + what);
    }
  }

  final BookProblem damaged(String what) {
    return new BookProblem(Kind.DAMAGED, place, what, null);
  }

  /** The chain a row has after the one before it. */
  static String chain(String before, ResultSet row) throws SQLException {
    List<Object> said = new ArrayList<>();
    for (String column : COLUMNS) {
      said.add(row.getString(column));
    }
    return Chain.of(before, said);
  }

  /** Whether the body of a row is the one that was written. */
  static boolean isWhole(ResultSet row) throws SQLException {
    return row.getLong("crc") == Chain.crc(row.getString("body"));
  }

  /** Where a row stands, and then what it says, as {@link #TOLD} names it. */
  static List<Object> saying(Row row, Object... place) {
    List<Object> all = new ArrayList<>(List.of(place));
    all.addAll(
        List.of(
            row.at().toString(),
            row.from().bench().name(),
            row.from().bench().id(),
            row.from().action(),
            row.act().name().toLowerCase(Locale.ROOT),
            row.form(),
            row.body()));
    return all;
  }

  /** What a row says. */
  static Row said(ResultSet row) throws SQLException {
    return new Row(
        row.getLong("version"),
        Instant.parse(row.getString("at")),
        new Origin(
            new Bench(row.getString("bench"), row.getString("who")), row.getString("action")),
        Row.Act.valueOf(row.getString("act").toUpperCase(Locale.ROOT)),
        row.getInt("form"),
        row.getString("body"));
  }
}
