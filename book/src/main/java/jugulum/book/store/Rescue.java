package jugulum.book.store;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.Clock;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import jugulum.book.json.Json;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.EditResult;
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
 * @param rowsLost how many journal rows could not be read
 */
public record Rescue(int batches, int rowsLost) {
  private record Found(History<Edit> history, boolean holed) {}

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
      return new Copying(handle, book).run();
    } catch (SQLException | RuntimeException problem) {
      throw Faults.of(problem, damaged);
    }
  }

  private static final class Copying {
    private static final int ROWS_PAST_THE_LAST = 1_000;

    private final Handle handle;
    private final Book book;
    private final Map<String, Found> streams = new LinkedHashMap<>();
    private int lost;

    Copying(Handle handle, Book book) {
      this.handle = handle;
      this.book = book;
    }

    Rescue run() {
      int missing = 0;
      for (long seq = 1; missing < ROWS_PAST_THE_LAST; seq++) {
        if (readable(seq)) {
          lost += missing;
          missing = 0;
        } else {
          missing++;
        }
      }
      streams.forEach(this::copy);
      return new Rescue((int) streams.keySet().stream().filter(stream -> !stream.equals("shop")).count(), lost);
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
      Found before = streams.getOrDefault(stream, new Found(History.empty(), false));
      streams.put(stream, before.holed() ? before : next(before.history(), row));
    }

    private Found next(History<Edit> history, Journal.Row row) {
      if (!row.whole()) {
        lost++;
        return new Found(history, true);
      }
      try {
        return switch (row.kind()) {
          case UNDO -> new Found(history.undo().orElse(history), false);
          case REDO -> new Found(history.redo().orElse(history), false);
          case EDIT -> {
            Edit edit = Json.edit(row.body());
            boolean fits = Ledger.apply(Ledger.replay(history), edit, row.at()) instanceof EditResult.Done;
            yield fits ? new Found(history.and(row.at(), edit), false) : new Found(history, true);
          }
        };
      } catch (RuntimeException hole) {
        return new Found(history, true);
      }
    }

    private void copy(String stream, Found found) {
      BatchId id = new BatchId(UUID.fromString(stream));
      Optional<Batch> snapshot = found.holed() ? snapshot(stream) : Optional.empty();
      if (snapshot.isPresent()) {
        book.submit(id, new Edit.Adopt(snapshot.get()));
      } else {
        found.history().done().forEach(dated -> book.submitAs(dated.at(), id, dated.edit()));
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
