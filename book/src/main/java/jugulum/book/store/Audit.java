package jugulum.book.store;

import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jugulum.book.stream.BookProblem;
import jugulum.book.stream.BookProblem.Kind;
import jugulum.book.stream.Key;
import org.jdbi.v3.core.Handle;

/**
 * Looks through the tables of a book for what does not hang together. What the rows say is not its
 * matter.
 */
final class Audit {
  private final Handle handle;
  private final Path path;

  Audit(Handle handle, Path path) {
    this.handle = handle;
    this.path = path;
  }

  /** Checks the file as a database. */
  void checkFile() {
    String verdict =
        handle.createQuery("PRAGMA integrity_check(1)").mapTo(String.class).findOne().orElse("");
    if (!verdict.equals("ok")) {
      throw damaged(verdict);
    }
  }

  /** Checks what a book of today has beside its rows. */
  void checkTables() {
    checkGuards();
    checkNumbers();
    checkHeads();
    checkKept();
    checkLines();
    checkPictures();
  }

  private void checkPictures() {
    PictureRows.spoilt(handle)
        .ifPresent(
            what -> {
              throw damaged(what);
            });
  }

  private void checkGuards() {
    for (Schema.Guard guard : Schema.Guard.values()) {
      String said =
          handle
              .createQuery(
                  "SELECT sql FROM sqlite_master WHERE type = 'trigger' AND name = ? AND tbl_name ="
                      + " 'journal'")
              .bind(0, guard.trigger())
              .mapTo(String.class)
              .findOne()
              .orElse("");
      if (!said.contains(Schema.Guard.DOES)) {
        throw damaged("what keeps the journal from being rewritten is gone: " + guard.trigger());
      }
    }
  }

  /** Rows are numbered as they are written, over all streams, without a gap. */
  private void checkNumbers() {
    record Numbers(long rows, long first, long last, long given) {}
    Numbers numbers =
        handle
            .createQuery(
                "SELECT count(*), coalesce(min(seq), 1), coalesce(max(seq), 0), coalesce((SELECT"
                    + " max(seq) FROM sqlite_sequence WHERE name = 'journal'), 0) FROM journal")
            .map(
                (row, _) ->
                    new Numbers(row.getLong(1), row.getLong(2), row.getLong(3), row.getLong(4)))
            .one();
    if (numbers.rows() != numbers.given()
        || numbers.last() != numbers.given()
        || numbers.first() != 1) {
      throw damaged(
          "of "
              + numbers.given()
              + " rows that were written "
              + numbers.rows()
              + " are there, the last numbered "
              + numbers.last());
    }
  }

  private void checkHeads() {
    Map<Key, Long> rows = versions("SELECT kind, stream, max(version) FROM journal GROUP BY 1, 2");
    Map<Key, Long> heads = versions("SELECT kind, stream, version FROM stream");
    rows.forEach(
        (stream, last) -> {
          if (!last.equals(heads.get(stream))) {
            throw damaged(named(stream) + " is not listed as it ends: row " + last);
          }
        });
    heads.forEach(
        (stream, last) -> {
          if (!rows.containsKey(stream)) {
            throw damaged(named(stream) + " is gone: it had " + last + " rows");
          }
        });
  }

  private Map<Key, Long> versions(String query) {
    Map<Key, Long> all = new HashMap<>();
    handle
        .createQuery(query)
        .map((row, _) -> Map.entry(new Key(row.getString(1), row.getString(2)), row.getLong(3)))
        .forEach(one -> all.put(one.getKey(), one.getValue()));
    return all;
  }

  private void checkKept() {
    handle
        .createQuery(KeptRows.ALL)
        .map(
            (row, _) ->
                KeptRows.isOfToday(row) && KeptRows.read(row, true).isEmpty()
                    ? Optional.of(Journal.key(row))
                    : Optional.<Key>empty())
        .list()
        .stream()
        .flatMap(Optional::stream)
        .findFirst()
        .ifPresent(
            stream -> {
              throw damaged("what was kept of " + named(stream) + " is not as it was written");
            });
  }

  private void checkLines() {
    ProjectionTables tables = new ProjectionTables(handle);
    List<String> names =
        handle.createQuery("SELECT name FROM projection").mapTo(String.class).list();
    for (String name : names) {
      tables.altered(name).stream()
          .findFirst()
          .ifPresent(
              stream -> {
                throw damaged(
                    "the table " + name + " is not as it was written of " + named(stream));
              });
    }
  }

  private static String named(Key stream) {
    return stream.kind() + " " + stream.id();
  }

  private BookProblem damaged(String what) {
    return new BookProblem(Kind.DAMAGED, path, what, null);
  }
}
