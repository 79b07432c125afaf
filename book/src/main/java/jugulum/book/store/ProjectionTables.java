package jugulum.book.store;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import jugulum.book.stream.Cells;
import jugulum.book.stream.Key;
import jugulum.book.stream.LineTable;
import jugulum.book.stream.Search;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.statement.PreparedBatch;
import org.jdbi.v3.core.statement.Query;

/**
 * The tables of the projections: made, filled and read by their shape. Names are the program's own,
 * so they may stand in a statement.
 */
final class ProjectionTables {
  private final Handle handle;

  ProjectionTables(Handle handle) {
    this.handle = handle;
  }

  private static String name(LineTable table) {
    return named(table.name());
  }

  private static String named(String name) {
    return "projection_" + name;
  }

  private static String text(LineTable table) {
    return name(table) + "_text";
  }

  private static String terms(LineTable table) {
    return name(table) + "_terms";
  }

  private static String columns(LineTable table) {
    return table.columns().stream().map(LineTable.Column::name).collect(Collectors.joining(", "));
  }

  OptionalInt fold(String table) {
    return handle
        .createQuery("SELECT fold FROM projection WHERE name = ?")
        .bind(0, table)
        .mapTo(Integer.class)
        .findOne()
        .map(OptionalInt::of)
        .orElse(OptionalInt.empty());
  }

  void shape(LineTable table, int fold) {
    String columns =
        table.columns().stream()
            .map(column -> column.name() + " " + column.type())
            .collect(Collectors.joining(", "));
    handle.execute("DROP TABLE IF EXISTS " + name(table));
    handle.execute("DROP TABLE IF EXISTS " + terms(table));
    handle.execute("DROP TABLE IF EXISTS " + text(table));
    if (table.searched().isPresent()) {
      // Its lines need numbers of their own, by which the words of each are found and dropped.
      handle.execute(
          "CREATE TABLE "
              + name(table)
              + " (doc INTEGER PRIMARY KEY, stream TEXT NOT NULL, place INTEGER NOT NULL, "
              + columns
              + ", UNIQUE (stream, place))");
      table.columns().stream()
          .filter(column -> column.type() == LineTable.Type.REAL)
          .forEach(
              column ->
                  handle.execute(
                      "CREATE INDEX %1$s_%2$s ON %1$s (%2$s) WHERE %2$s IS NOT NULL"
                          .formatted(name(table), column.name())));
      handle.execute(
          "CREATE VIRTUAL TABLE "
              + text(table)
              + " USING fts5("
              + table.searched().get()
              + ", content='', contentless_delete=1, prefix='2 3',"
              + " tokenize='unicode61 remove_diacritics 2')");
      handle.execute(
          "CREATE VIRTUAL TABLE "
              + terms(table)
              + " USING fts5vocab('"
              + text(table)
              + "', 'row')");
    } else {
      handle.execute(
          "CREATE TABLE "
              + name(table)
              + " (stream TEXT NOT NULL, place INTEGER NOT NULL, "
              + columns
              + ", PRIMARY KEY (stream, place)) WITHOUT ROWID");
    }
    handle.execute("DELETE FROM projected WHERE name = ?", table.name());
    handle.execute(
        "INSERT INTO projection (name, fold) VALUES (?, ?) ON CONFLICT (name) DO UPDATE SET fold ="
            + " excluded.fold",
        table.name(),
        fold);
  }

  void replace(LineTable table, Key stream, long version, List<List<Object>> lines) {
    if (table.searched().isPresent()) {
      handle.execute(
          "DELETE FROM "
              + text(table)
              + " WHERE rowid IN (SELECT doc FROM "
              + name(table)
              + " WHERE stream = ?)",
          stream.id());
    }
    handle.execute("DELETE FROM " + name(table) + " WHERE stream = ?", stream.id());
    if (!lines.isEmpty()) {
      String marks = table.columns().stream().map(_ -> "?").collect(Collectors.joining(", "));
      PreparedBatch batch =
          handle.prepareBatch(
              "INSERT INTO "
                  + name(table)
                  + " (stream, place, "
                  + columns(table)
                  + ") VALUES (?, ?, "
                  + marks
                  + ")");
      for (int place = 0; place < lines.size(); place++) {
        List<Object> all = new ArrayList<>(List.of(stream.id(), place));
        all.addAll(lines.get(place));
        IntStream.range(0, all.size()).forEach(at -> batch.bind(at, all.get(at)));
        batch.add();
      }
      batch.execute();
      table
          .searched()
          .ifPresent(
              column ->
                  handle.execute(
                      "INSERT INTO "
                          + text(table)
                          + " (rowid, "
                          + column
                          + ") SELECT doc, "
                          + column
                          + " FROM "
                          + name(table)
                          + " WHERE stream = ?",
                      stream.id()));
    }
    handle.execute(
        "INSERT INTO projected (name, kind, stream, version, crc) VALUES (?, ?, ?, ?, ?) ON"
            + " CONFLICT (name, kind, stream) DO UPDATE SET version = excluded.version, crc ="
            + " excluded.crc",
        table.name(),
        stream.kind(),
        stream.id(),
        version,
        crc(stream, version, lines));
  }

  private static long crc(Key stream, long version, List<List<Object>> lines) {
    List<Object> all = new ArrayList<>(List.of(stream.kind(), stream.id(), version, lines.size()));
    lines.forEach(line -> line.forEach(cell -> all.add(Optional.ofNullable(cell))));
    return Chain.crc(all);
  }

  /**
   * The streams whose lines in a table are not as they were written, or that have lines nobody
   * wrote. Lines made before they had a checksum are taken as they are.
   */
  List<Key> altered(String name) {
    Map<String, List<List<Object>>> lines = linesOf(named(name));
    List<Key> altered = new ArrayList<>();
    handle
        .createQuery("SELECT kind, stream, version, crc FROM projected WHERE name = ?")
        .bind(0, name)
        .map(
            (row, _) -> {
              Key stream = new Key(row.getString(1), row.getString(2));
              List<List<Object>> its =
                  Optional.ofNullable(lines.remove(stream.id())).orElse(List.of());
              long version = row.getLong(3);
              long crc = row.getLong(4);
              return row.wasNull() || crc == crc(stream, version, its)
                  ? Optional.<Key>empty()
                  : Optional.of(stream);
            })
        .forEach(one -> one.ifPresent(altered::add));
    lines.keySet().forEach(stream -> altered.add(new Key("", stream)));
    return altered;
  }

  private Map<String, List<List<Object>>> linesOf(String table) {
    Map<String, List<List<Object>>> lines = new LinkedHashMap<>();
    handle
        .createQuery("SELECT * FROM " + table + " ORDER BY stream, place")
        .map(
            (row, _) -> {
              List<Object> cells = new ArrayList<>();
              String stream = "";
              for (int column = 1; column <= row.getMetaData().getColumnCount(); column++) {
                switch (row.getMetaData().getColumnName(column)) {
                  case "stream" -> stream = row.getString(column);
                  case "doc", "place" -> {}
                  default -> cells.add(row.getObject(column));
                }
              }
              return Map.entry(stream, cells);
            })
        .forEach(
            line ->
                lines.computeIfAbsent(line.getKey(), _ -> new ArrayList<>()).add(line.getValue()));
    return lines;
  }

  List<Cells> lines(LineTable table) {
    return handle
        .createQuery(
            "SELECT stream, " + columns(table) + " FROM " + name(table) + " ORDER BY stream, place")
        .map((row, _) -> cells(table, row))
        .list();
  }

  List<Cells> lines(LineTable table, Key stream) {
    return handle
        .createQuery(
            "SELECT stream, "
                + columns(table)
                + " FROM "
                + name(table)
                + " WHERE stream = ? ORDER BY place")
        .bind(0, stream.id())
        .map((row, _) -> cells(table, row))
        .list();
  }

  List<Cells> find(LineTable table, Search search) {
    List<String> wanted = new ArrayList<>();
    String from = name(table) + " l";
    String order = "l.doc";
    if (!search.words().isEmpty()) {
      from = text(table) + " w JOIN " + from + " ON l.doc = w.rowid";
      wanted.add("w." + table.searched().orElseThrow() + " MATCH :match");
      order = "w.rowid";
    }
    search
        .within()
        .keySet()
        .forEach(
            column ->
                wanted.add("l." + column + " BETWEEN :low_" + column + " AND :high_" + column));
    String columns =
        table.columns().stream()
            .map(column -> "l." + column.name())
            .collect(Collectors.joining(", "));
    Query query =
        handle.createQuery(
            "SELECT l.stream, "
                + columns
                + " FROM "
                + from
                + (wanted.isEmpty() ? "" : " WHERE " + String.join(" AND ", wanted))
                + " ORDER BY "
                + order
                + " DESC LIMIT :most");
    if (!search.words().isEmpty()) {
      query.bind("match", match(search));
    }
    search
        .within()
        .forEach(
            (column, band) ->
                query.bind("low_" + column, band.low()).bind("high_" + column, band.high()));
    return query.bind("most", search.most()).map((row, _) -> cells(table, row)).list();
  }

  /** Every spelling stands in quotes, so that no word of a person is a word of the search. */
  private static String match(Search search) {
    return search.words().stream()
        .map(
            word ->
                word.spellings().stream()
                    .map(one -> "\"" + one.replace("\"", "") + "\"" + (word.isBegun() ? "*" : ""))
                    .collect(Collectors.joining(" OR ", "(", ")")))
        .collect(Collectors.joining(" AND "));
  }

  List<String> words(LineTable table) {
    return handle.createQuery("SELECT term FROM " + terms(table)).mapTo(String.class).list();
  }

  private static Cells cells(LineTable table, ResultSet row) throws SQLException {
    List<Object> values = new ArrayList<>();
    for (int column = 0; column < table.columns().size(); column++) {
      values.add(row.getObject(column + 2));
    }
    return new Cells(row.getString(1), values);
  }

  long projected(LineTable table, Key stream) {
    return handle
        .createQuery("SELECT version FROM projected WHERE name = ? AND kind = ? AND stream = ?")
        .bind(0, table.name())
        .bind(1, stream.kind())
        .bind(2, stream.id())
        .mapTo(Long.class)
        .findOne()
        .orElse(0L);
  }

  List<Key> behind(LineTable table, String kind) {
    return handle
        .createQuery(
            """
            SELECT s.stream FROM stream s
            LEFT JOIN projected p ON p.name = ? AND p.kind = s.kind AND p.stream = s.stream
            WHERE s.kind = ? AND p.version IS NOT s.version
            """)
        .bind(0, table.name())
        .bind(1, kind)
        .map((row, _) -> new Key(kind, row.getString(1)))
        .list();
  }
}
