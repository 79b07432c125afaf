package jugulum.book.store;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import jugulum.book.stream.Key;
import jugulum.book.stream.Placed;
import jugulum.book.stream.Row;
import jugulum.book.stream.SetAside;
import jugulum.book.stream.TooLate;
import jugulum.book.stream.Waiting;
import jugulum.core.stream.Refusal;
import jugulum.core.stream.Refusal.Told;
import org.jdbi.v3.core.Handle;

/**
 * What a bench did that others were not told yet, in the file beside what is known of them; and
 * what could not be taken by them. A row that waits has a number no other row ever had: it is part
 * of the stream's version, so that a version means one thing only.
 */
final class Outbox {
  /** The numbers of rows that wait begin far above those of any that do not. */
  static final long FIRST = 1_000_000_000L;

  private static final List<String> TABLES =
      List.of(
          """
          CREATE TABLE IF NOT EXISTS outbox (
            id     INTEGER PRIMARY KEY AUTOINCREMENT,
            kind   TEXT NOT NULL,
            stream TEXT NOT NULL,
            at     TEXT NOT NULL,
            who    TEXT NOT NULL,
            bench  TEXT NOT NULL,
            action TEXT NOT NULL,
            act    TEXT NOT NULL,
            form   INTEGER NOT NULL,
            body   TEXT NOT NULL
          )
          """,
          "CREATE INDEX IF NOT EXISTS outbox_by_stream ON outbox (kind, stream, id)",
          "CREATE TABLE IF NOT EXISTS outbox_picture (sha256 TEXT PRIMARY KEY) WITHOUT ROWID",
          """
          CREATE TABLE IF NOT EXISTS aside (
            id     INTEGER PRIMARY KEY AUTOINCREMENT,
            reason TEXT NOT NULL,
            again  INTEGER NOT NULL,
            at     TEXT NOT NULL,
            state  TEXT NOT NULL CHECK (state IN ('open', 'done_again', 'let_go')),
            note   TEXT NOT NULL,
            ended  TEXT NOT NULL
          )
          """,
          """
          CREATE TABLE IF NOT EXISTS aside_row (
            aside  INTEGER NOT NULL,
            place  INTEGER NOT NULL,
            kind   TEXT NOT NULL,
            stream TEXT NOT NULL,
            at     TEXT NOT NULL,
            who    TEXT NOT NULL,
            bench  TEXT NOT NULL,
            action TEXT NOT NULL,
            act    TEXT NOT NULL,
            form   INTEGER NOT NULL,
            body   TEXT NOT NULL,
            PRIMARY KEY (aside, place)
          ) WITHOUT ROWID
          """,
          """
          CREATE TABLE IF NOT EXISTS aside_told (
            aside INTEGER NOT NULL,
            place INTEGER NOT NULL,
            grams REAL,
            at    TEXT,
            words TEXT,
            PRIMARY KEY (aside, place)
          ) WITHOUT ROWID
          """,
          // What others did is counted, and the last row of theirs remembered.
          "CREATE TABLE IF NOT EXISTS mirror (one INTEGER PRIMARY KEY CHECK (one = 1), others"
              + " INTEGER NOT NULL, last INTEGER NOT NULL)",
          "INSERT INTO mirror VALUES (1, 0, 0) ON CONFLICT DO NOTHING");

  private final Handle handle;

  Outbox(Handle handle) {
    this.handle = handle;
  }

  static void make(Handle handle) {
    handle.useTransaction(_ -> TABLES.forEach(handle::execute));
  }

  /** The number of a stream's last row that waits; 0 where none does. */
  long last(Key stream) {
    return handle
        .createQuery("SELECT coalesce(max(id), 0) FROM outbox WHERE kind = ? AND stream = ?")
        .bind(0, stream.kind())
        .bind(1, stream.id())
        .mapTo(Long.class)
        .one();
  }

  /** Whether a row of a stream waits under a number. */
  boolean has(Key stream, long id) {
    return handle
        .createQuery("SELECT count(*) > 0 FROM outbox WHERE id = ? AND kind = ? AND stream = ?")
        .bind(0, id)
        .bind(1, stream.kind())
        .bind(2, stream.id())
        .mapTo(Boolean.class)
        .one();
  }

  void add(Placed placed) {
    Key stream = placed.stream();
    handle.execute(
        "INSERT INTO outbox (kind, stream, "
            + Journal.TOLD
            + ") VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)",
        Journal.saying(placed.row(), stream.kind(), stream.id()).toArray());
  }

  private static final String SAID =
      "id, kind, stream, " + FIRST + " + id AS version, " + Journal.TOLD;

  /** The rows of a stream that wait, by the versions they stand for. */
  List<Row> rows(Key stream) {
    return handle
        .createQuery("SELECT " + SAID + " FROM outbox WHERE kind = ? AND stream = ? ORDER BY id")
        .bind(0, stream.kind())
        .bind(1, stream.id())
        .map((row, _) -> Journal.said(row))
        .list();
  }

  /** All that waits, in the order it was done. */
  List<Waiting> waiting() {
    return grouped(
        handle
            .createQuery("SELECT " + SAID + " FROM outbox ORDER BY id")
            .map((row, _) -> placed(row))
            .list());
  }

  private static Placed placed(ResultSet row) throws SQLException {
    return new Placed(Journal.key(row), Journal.said(row));
  }

  private static List<Waiting> grouped(List<Placed> rows) {
    Map<String, List<Placed>> actions = new LinkedHashMap<>();
    rows.forEach(
        placed ->
            actions
                .computeIfAbsent(placed.row().from().action(), _ -> new ArrayList<>())
                .add(placed));
    return actions.entrySet().stream()
        .map(one -> new Waiting(one.getKey(), one.getValue()))
        .toList();
  }

  /** How many actions wait. */
  int count() {
    return handle
        .createQuery("SELECT count(DISTINCT action) FROM outbox WHERE kind <> 'book'")
        .mapTo(Integer.class)
        .one();
  }

  /** The streams in which rows wait. */
  List<Key> streams() {
    return handle
        .createQuery("SELECT kind, stream FROM outbox GROUP BY kind, stream ORDER BY min(id)")
        .map((row, _) -> Journal.key(row))
        .list();
  }

  Optional<Key> lastWritten(String kind) {
    return handle
        .createQuery("SELECT kind, stream FROM outbox WHERE kind = ? ORDER BY id DESC LIMIT 1")
        .bind(0, kind)
        .map((row, _) -> Journal.key(row))
        .findOne();
  }

  List<Key> streamsOf(String action) {
    return handle
        .createQuery("SELECT DISTINCT kind, stream FROM outbox WHERE action = ? AND act = 'edit'")
        .bind(0, action)
        .map((row, _) -> Journal.key(row))
        .list();
  }

  long length() {
    return handle.createQuery("SELECT count(*) FROM outbox").mapTo(Long.class).one();
  }

  void drop(String action) {
    handle.execute("DELETE FROM outbox WHERE action = ?", action);
  }

  /** Rows that wait in another way than before get numbers nobody saw. */
  void replace(List<Waiting> waiting) {
    handle.execute("DELETE FROM outbox");
    waiting.forEach(one -> one.rows().forEach(this::add));
  }

  void await(String sha256) {
    handle.execute("INSERT INTO outbox_picture VALUES (?) ON CONFLICT DO NOTHING", sha256);
  }

  List<String> pictures() {
    return handle.createQuery("SELECT sha256 FROM outbox_picture").mapTo(String.class).list();
  }

  void sent(String sha256) {
    handle.execute("DELETE FROM outbox_picture WHERE sha256 = ?", sha256);
  }

  /** Sets something aside. */
  void setAside(TooLate aside, Instant at) {
    long id =
        handle
            .createUpdate(
                "INSERT INTO aside (reason, again, at, state, note, ended) VALUES (?, ?, ?, ?, '',"
                    + " ?)")
            .bind(0, aside.refusal().reason().name())
            .bind(1, aside.mayBeAgain())
            .bind(2, at.toString())
            .bind(3, aside.isTakenBack() ? "let_go" : "open")
            .bind(4, aside.isTakenBack() ? at.toString() : "")
            .executeAndReturnGeneratedKeys("id")
            .mapTo(Long.class)
            .one();
    int place = 0;
    for (Placed placed : aside.what().rows()) {
      Key stream = placed.stream();
      handle.execute(
          "INSERT INTO aside_row VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)",
          Journal.saying(placed.row(), id, place++, stream.kind(), stream.id()).toArray());
    }
    place = 0;
    for (Told told : aside.refusal().values()) {
      handle
          .createUpdate("INSERT INTO aside_told VALUES (?, ?, ?, ?, ?)")
          .bind(0, id)
          .bind(1, place++)
          .bind(2, told instanceof Told.Grams(double grams) ? (Double) grams : null)
          .bind(3, told instanceof Told.Moment(Instant moment) ? moment.toString() : null)
          .bind(4, told instanceof Told.Words(String words) ? words : null)
          .execute();
    }
  }

  /** A reason read back: its sentence goes by its name. */
  private record Named(String name) implements Refusal.Reason {}

  /** What was set aside, the last first. */
  List<SetAside> aside() {
    Map<Long, List<Placed>> rows = new HashMap<>();
    handle
        .createQuery("SELECT place + 1 AS version, * FROM aside_row ORDER BY aside, place")
        .map((row, _) -> Map.entry(row.getLong("aside"), placed(row)))
        .forEach(
            one -> rows.computeIfAbsent(one.getKey(), _ -> new ArrayList<>()).add(one.getValue()));
    Map<Long, List<Told>> values = new HashMap<>();
    handle
        .createQuery("SELECT aside, grams, at, words FROM aside_told ORDER BY aside, place")
        .map((row, _) -> Map.entry(row.getLong("aside"), told(row)))
        .forEach(
            one ->
                values.computeIfAbsent(one.getKey(), _ -> new ArrayList<>()).add(one.getValue()));
    return handle
        .createQuery("SELECT id, reason, again, at, state, note FROM aside ORDER BY id DESC")
        .map(
            (row, _) -> {
              long id = row.getLong("id");
              return new SetAside(
                  id,
                  action(Optional.ofNullable(rows.get(id)).orElse(List.of())),
                  new Refusal(
                      new Named(row.getString("reason")),
                      Optional.ofNullable(values.get(id)).orElse(List.of())),
                  row.getBoolean("again"),
                  Instant.parse(row.getString("at")),
                  SetAside.State.valueOf(row.getString("state").toUpperCase(Locale.ROOT)),
                  row.getString("note"));
            })
        .list();
  }

  private static Waiting action(List<Placed> rows) {
    return new Waiting(rows.isEmpty() ? "" : rows.getFirst().row().from().action(), rows);
  }

  private static Told told(ResultSet row) throws SQLException {
    String at = row.getString("at");
    String words = row.getString("words");
    if (at != null) {
      return new Told.Moment(Instant.parse(at));
    }
    return words != null ? new Told.Words(words) : new Told.Grams(row.getDouble("grams"));
  }

  /** How many nobody decided yet. */
  int asideOpen() {
    return handle
        .createQuery("SELECT count(*) FROM aside WHERE state = 'open'")
        .mapTo(Integer.class)
        .one();
  }

  /** Ends one that is open. */
  void end(long id, SetAside.State state, String note, Instant at) {
    handle.execute(
        "UPDATE aside SET state = ?, note = ?, ended = ? WHERE id = ? AND state = 'open'",
        state.name().toLowerCase(Locale.ROOT),
        note,
        at.toString(),
        id);
  }

  /** Others did something that is to be seen; the number of their last row. */
  void othersDid(long seq) {
    handle.execute("UPDATE mirror SET others = others + 1, last = max(last, ?)", seq);
  }

  /** How often others did something. */
  long others() {
    return handle.createQuery("SELECT others FROM mirror").mapTo(Long.class).one();
  }

  /** The last row others wrote, but for one stream. */
  Optional<Placed> newestOfOthers() {
    return handle
        .createQuery("SELECT j.* FROM journal j JOIN mirror m ON j.seq = m.last")
        .map((row, _) -> placed(row))
        .findOne();
  }
}
