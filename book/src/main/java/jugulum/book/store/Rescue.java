package jugulum.book.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.UUID;
import java.util.stream.Stream;
import jugulum.book.json.Json;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.History;
import jugulum.core.ledger.Ledger;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.Jdbi;
import org.sqlite.SQLiteConfig;

/**
 * Copies what can be read of a damaged book into a new one. The damaged file is only read. Where a batch's journal has a hole, the
 * snapshot kept of it is taken if it is whole, else the journal up to the hole.
 *
 * @param batches how many batches were copied
 * @param rowsLost how many journal rows could not be read or, after one that could not, not be used; where not even the book tells how many it
 *     had, at least so many
 */
public record Rescue(int batches, int rowsLost) {
  /**
   * What was found of a batch.
   *
   * @param history up to the first hole
   * @param batch what it comes to
   * @param holed whether there is one
   * @param after how many rows of it come after that, the one that does not fit included
   */
  private record Found(History<Edit> history, Optional<Batch> batch, boolean holed, int after) {
    Found lost() {
      return new Found(history, batch, true, after + 1);
    }

    Found folded(History<Edit> next) {
      return new Found(next, Ledger.replay(next), false, 0);
    }

    Found and(Instant at, Edit edit) {
      return new Found(history.and(at, edit), Optional.of(Ledger.replay(batch, edit, at)), false, 0);
    }
  }

  /**
   * Rescues a book.
   *
   * @param damaged the damaged book's file
   * @param fresh the file to make; must not exist
   * @throws BookProblem if nothing can be read, or the new book cannot be made
   */
  public static Rescue copy(Path damaged, Path fresh, Clock clock) {
    if (Files.exists(fresh)) {
      throw new BookProblem(BookProblem.Kind.CANNOT_CREATE, fresh, "there is a file already", null);
    }
    SQLiteConfig config = new SQLiteConfig();
    config.setReadOnly(true);
    try (var connection = DriverManager.getConnection("jdbc:sqlite:" + damaged, config.toProperties());
        Handle handle = Jdbi.create(connection).open();
        Book book = Book.open(fresh, clock)) {
      return new Copying(handle, book, Files.size(damaged)).run();
    } catch (IOException | SQLException | RuntimeException problem) {
      throw Faults.of(problem, damaged);
    }
  }

  private static final class Copying {
    /** No row takes fewer bytes: how many there can be at most where the book no longer tells. */
    private static final int LEAST_ROW_BYTES = 24;

    private final Handle handle;
    private final Book book;
    private final Map<String, Found> streams = new LinkedHashMap<>();
    private final long bytes;
    private int lost;

    Copying(Handle handle, Book book, long bytes) {
      this.handle = handle;
      this.book = book;
      this.bytes = bytes;
    }

    Rescue run() {
      OptionalLong last = lastRow();
      long end = last.orElse(bytes / LEAST_ROW_BYTES);
      int missing = 0;
      for (long seq = 1; seq <= end; seq++) {
        if (readable(seq)) {
          lost += missing;
          missing = 0;
        } else {
          missing++;
        }
      }
      if (last.isPresent()) {
        lost += missing;
      }
      streams.forEach(this::copy);
      return new Rescue((int) streams.keySet().stream().filter(stream -> !stream.equals("shop")).count(), lost);
    }

    /** The number of the last row, by whichever of two places can still be read; rows are never removed, so all before it were written. */
    private OptionalLong lastRow() {
      return Stream.of("SELECT seq FROM sqlite_sequence WHERE name = 'journal'", "SELECT max(seq) FROM journal")
          .map(this::number)
          .flatMapToLong(OptionalLong::stream)
          .max();
    }

    private OptionalLong number(String query) {
      try {
        return handle.createQuery(query).mapTo(Long.class).findOne().map(OptionalLong::of).orElse(OptionalLong.empty());
      } catch (RuntimeException unreadable) {
        return OptionalLong.empty();
      }
    }

    /** Reads one row at a time, so that one bad page costs its own rows only. */
    private boolean readable(long seq) {
      try {
        return handle
            .createQuery("SELECT stream, at, kind, body, crc FROM journal WHERE seq = ?")
            .bind(0, seq)
            .map(
                (row, _) -> {
                  fold(row.getString(1), Journal.row(row.getString(2), row.getString(3), row.getString(4), row.getLong(5)));
                  return true;
                })
            .findOne()
            .orElse(false);
      } catch (RuntimeException unreadable) {
        return false;
      }
    }

    private void fold(String stream, Journal.Row row) {
      if (stream.equals("shop")) {
        if (row.whole() && row.kind() == Journal.Kind.EDIT) {
          book.submit(Json.shop(row.body()));
        }
        return;
      }
      Found before = streams.getOrDefault(stream, new Found(History.empty(), Optional.empty(), false, 0));
      streams.put(stream, before.holed() ? before.lost() : next(before, row));
    }

    private static Found next(Found before, Journal.Row row) {
      History<Edit> history = before.history();
      if (!row.whole()) {
        return before.lost();
      }
      try {
        return switch (row.kind()) {
          case UNDO -> before.folded(history.undo().orElse(history));
          case REDO -> before.folded(history.redo().orElse(history));
          case EDIT -> before.and(row.at(), Json.edit(row.body()));
        };
      } catch (RuntimeException hole) {
        return before.lost();
      }
    }

    private void copy(String stream, Found found) {
      BatchId id = new BatchId(UUID.fromString(stream));
      Optional<Batch> snapshot = found.holed() ? snapshot(stream) : Optional.empty();
      if (snapshot.isPresent()) {
        book.submit(id, new Edit.Adopt(snapshot.get()));
      } else {
        lost += found.after();
        found.history().done().forEach(dated -> book.restore(dated.at(), id, dated.edit()));
      }
    }

    private Optional<Batch> snapshot(String stream) {
      try {
        return handle
            .createQuery("SELECT body FROM snapshot WHERE stream = ?")
            .bind(0, stream)
            .mapTo(String.class)
            .findOne()
            .map(Json::batch);
      } catch (RuntimeException unreadable) {
        return Optional.empty();
      }
    }
  }
}
