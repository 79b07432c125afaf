package jugulum.book.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.util.List;
import java.util.Random;
import jugulum.book.Books;
import jugulum.book.Samples;
import jugulum.book.batch.BatchStream;
import jugulum.book.batch.PictureLines;
import jugulum.book.csv.BatchCsv;
import jugulum.book.json.BatchFile;
import jugulum.book.json.BookFile;
import jugulum.book.stream.Book;
import jugulum.book.stream.BookProblem;
import jugulum.book.stream.Order;
import jugulum.book.stream.PictureCopy;
import jugulum.book.stream.Store;
import jugulum.book.stream.Writer;
import jugulum.core.eye.AcrossPx;
import jugulum.core.eye.Corrected;
import jugulum.core.eye.Tray;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.Edit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Copies of pictures live in the book and go wherever it goes. */
class PicturesTest {
  private static final Clock CLOCK = Clock.systemUTC();
  private static final Batch SAMPLE = Samples.everything();
  private static final String NAMED = BatchFile.pictures(SAMPLE).getFirst();

  @TempDir private Path folder;

  private Path file() {
    return folder.resolve("pictures.book");
  }

  private Book open(String name) {
    return Books.open(folder.resolve(name), Writer.unnamed(CLOCK));
  }

  private static PictureCopy copy(String sha256, int bytes) {
    byte[] jpeg = new byte[bytes];
    new Random(bytes).nextBytes(jpeg);
    return new PictureCopy(sha256, jpeg);
  }

  private static byte[] bytes(Book book, String sha256) {
    return book.picture(sha256).orElseThrow().jpeg();
  }

  private Book filled() {
    Book book = open("pictures.book");
    book.submit(Order.of(BatchStream.of(SAMPLE.id()), new Edit.Adopt(SAMPLE)));
    assertThat(book.keep(copy(NAMED, 90_000))).isTrue();
    assertThat(book.keep(copy("cd".repeat(32), 70_000))).isTrue();
    return book;
  }

  private void sql(String... statements) throws SQLException {
    try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file());
        Statement statement = connection.createStatement()) {
      for (String one : statements) {
        statement.execute(one);
      }
    }
  }

  @Test
  void aCopyStaysAndIsNeverWrittenOver() {
    try (Book book = filled()) {
      book.keep(new PictureCopy(NAMED, new byte[] {1, 2, 3}));
    }
    try (Book again = open("pictures.book")) {
      assertThat(bytes(again, NAMED)).isEqualTo(copy(NAMED, 90_000).jpeg());
      assertThat(again.pictures()).containsExactly(NAMED, "cd".repeat(32));
      assertThat(again.picture("ee".repeat(32))).isEmpty();
      assertThat(again.faults()).isEmpty();
    }
    assertThatThrownBy(() -> sql("DELETE FROM picture")).hasMessageContaining("only added to");
    assertThatThrownBy(() -> sql("UPDATE picture SET own = ''"))
        .hasMessageContaining("only added to");
  }

  @Test
  void anAlteredCopyIsFoundAndNotShown() throws SQLException {
    filled().close();
    sql(
        "DROP TRIGGER picture_is_never_changed",
        "UPDATE picture SET jpeg = x'00ff' WHERE sha256 = '" + NAMED + "'");
    try (Book book = open("pictures.book")) {
      assertThat(book.picture(NAMED)).isEmpty();
      assertThat(book.faults())
          .singleElement()
          .satisfies(
              fault -> {
                assertThat(fault.kind()).isEqualTo(BookProblem.Kind.DAMAGED);
                assertThat(fault.detail()).contains(NAMED);
              });
      assertThat(book.standing(BatchStream.of(SAMPLE.id())).now())
          .as("the figures stand")
          .contains(SAMPLE);
    }
  }

  @Test
  void theWholeBooksFileCarriesThem() {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (Book book = filled()) {
      BookFile.write(book, out);
    }
    String text = out.toString(StandardCharsets.UTF_8);
    try (Book other = open("other.book")) {
      assertThat(BookFile.read(new StringReader(text), other, Books.KINDS))
          .isInstanceOfSatisfying(
              BookFile.Read.class, read -> assertThat(read.pictures()).isEqualTo(2));
      assertThat(bytes(other, NAMED)).isEqualTo(copy(NAMED, 90_000).jpeg());
    }
    try (Book none = open("none.book")) {
      String spoilt = text.replace("\"sha256\":\"cdcd", "\"sha256\":\"xdcd");
      assertThat(BookFile.read(new StringReader(spoilt), none, Books.KINDS))
          .isInstanceOf(BookFile.Faulty.class);
      assertThat(none.length()).isZero();
      assertThat(none.pictures()).isEmpty();
    }
  }

  /** What is no object ends the list, not the reading: it went on for ever once. */
  @Test
  void aListOfSomethingElseIsRefused() {
    try (Book none = open("none.book")) {
      for (String list : List.of("streams", "pictures")) {
        for (String what : List.of("1", "[]", "[[[]]]", "null", "\"x\"")) {
          String text =
              "{\"format\":\"jugulum-book\",\"version\":3,\"" + list + "\":[" + what + "]}";
          assertThat(BookFile.read(new StringReader(text), none, Books.KINDS))
              .as(text)
              .isInstanceOf(BookFile.Faulty.class);
        }
      }
    }
  }

  @Test
  void theBatchFileCarriesThoseItsReadingsName() {
    String text;
    try (Book book = filled()) {
      text = BatchFile.write(SAMPLE, book.picturesOf(BatchFile.pictures(SAMPLE)));
    }
    assertThat(BatchFile.read(text))
        .isInstanceOfSatisfying(
            BatchFile.Read.class,
            read -> {
              assertThat(read.batch()).isEqualTo(SAMPLE);
              assertThat(read.pictures())
                  .singleElement()
                  .satisfies(
                      one -> {
                        assertThat(one.sha256()).isEqualTo(NAMED);
                        assertThat(one.jpeg()).isEqualTo(copy(NAMED, 90_000).jpeg());
                      });
            });
    assertThat(BatchFile.read(text.replaceFirst("\"jpeg\" ?: ?\"", "\"jpeg\": \"*")))
        .isInstanceOf(BatchFile.Faulty.class);
  }

  @Test
  void rescueSavesWhatIsWhole() throws IOException, SQLException {
    filled().close();
    sql(
        "DROP TRIGGER picture_is_never_changed",
        "UPDATE picture SET jpeg = x'00' WHERE sha256 = '" + "cd".repeat(32) + "'");
    Path fresh = folder.resolve("rescued.book");
    Rescue rescue = Books.rescue(file(), fresh, Writer.unnamed(CLOCK));
    assertThat(rescue.pictures()).isEqualTo(1);
    try (Book saved = open("rescued.book")) {
      assertThat(bytes(saved, NAMED)).isEqualTo(copy(NAMED, 90_000).jpeg());
      assertThat(saved.faults()).isEmpty();
    }
    assertThat(Files.size(fresh)).isPositive();
  }

  /** A book of the version before, on a disk that may not be written, has none. */
  @Test
  void anOlderBookThatIsOnlyReadHasNone() throws SQLException {
    filled().close();
    sql("DROP TABLE picture", "PRAGMA user_version = 3");
    try (Book book =
        new Book(
            SqliteStore.openToRead(file(), new Store.ReadOnly.Disk(), CLOCK),
            Books.KINDS,
            Writer.unnamed(CLOCK))) {
      assertThat(book.pictures()).isEmpty();
      assertThat(book.picture(NAMED)).isEmpty();
    }
  }

  @Test
  void whatCorrectionsTaughtIsKeptByTrayAndSize() {
    try (Book book = filled()) {
      assertThat(PictureLines.all(book).falses(Tray.GREEN, AcrossPx.UNDER_12))
          .isEqualTo(new Corrected(1, 2));
      assertThat(PictureLines.all(book).missed(Tray.GREEN, AcrossPx.FROM_12))
          .isEqualTo(new Corrected(1, 1));
    }
  }

  @Test
  void specksStandInATable() {
    assertThat(BatchCsv.specks(SAMPLE))
        .startsWith("lot,at,picture,file,is_drawn,area_mm2,long_mm,short_mm")
        .contains(NAMED + ",look 3.jpg,false,0.0312,0.24,0.18")
        .hasLineCount(3);
  }
}
