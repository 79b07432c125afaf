package jugulum.book.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import jugulum.book.BatchBook;
import jugulum.book.Books;
import jugulum.book.stream.BookProblem;
import jugulum.book.stream.BookProblem.Kind;
import jugulum.book.stream.Writer;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Books of every version move to a server and back, equal row by row. */
class MoveTest {
  private static final Clock CLOCK = Clock.systemUTC();

  @TempDir private Path folder;

  private Path copy(String name) throws IOException {
    Path file = folder.resolve(name.replace('/', '-'));
    try (InputStream in = MoveTest.class.getResourceAsStream("/jugulum/book/corpus/" + name)) {
      Files.copy(in, file);
    }
    return file;
  }

  private static List<Served.Arrived> rows(Path file) {
    try (SqliteStore store = SqliteStore.open(file, CLOCK)) {
      return store.after(0, Integer.MAX_VALUE);
    }
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "2026-11-26/demo.sqlite",
        "2026-11-26/walked.sqlite",
        "2026-11-26-scale/walked.sqlite",
        "2026-11-29/acted.sqlite"
      })
  void anOldBookGoesThereAndComesBack(String name) throws IOException {
    Path file = copy(name);
    BookAddress there = TestServer.book();
    Move move = Books.there(file, there, Writer.unnamed(CLOCK));
    List<Served.Arrived> before = rows(file);
    assertThat(move.rows()).isEqualTo(before.size()).isPositive();
    try (PostgresRows rows = PostgresRows.open(there)) {
      rows.check();
      assertThat(rows.after(0, Integer.MAX_VALUE)).as("chained alike too").isEqualTo(before);
    }
    Path fresh = folder.resolve("fresh.book");
    assertThat(Move.back(there, fresh, CLOCK)).isEqualTo(move);
    assertThat(rows(fresh)).isEqualTo(before);
    try (BatchBook one = BatchBook.open(file, CLOCK);
        BatchBook other = BatchBook.open(fresh, CLOCK)) {
      other.verify();
      assertThat(other.list()).isEqualTo(one.list());
      assertThat(other.shop()).isEqualTo(one.shop());
    }
    assertThatThrownBy(() -> Move.there(file, there, CLOCK))
        .isInstanceOfSatisfying(
            BookProblem.class, told -> assertThat(told.kind()).isEqualTo(Kind.NOT_EMPTY));
    assertThatThrownBy(() -> Move.back(there, fresh, CLOCK))
        .isInstanceOfSatisfying(
            BookProblem.class, told -> assertThat(told.kind()).isEqualTo(Kind.CANNOT_CREATE));
    assertThat(rows(fresh)).isEqualTo(before);
  }
}
