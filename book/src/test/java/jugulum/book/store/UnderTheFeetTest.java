package jugulum.book.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import jugulum.book.Books;
import jugulum.book.Samples;
import jugulum.book.batch.BatchStream;
import jugulum.book.stream.Book;
import jugulum.book.stream.Order;
import jugulum.book.stream.Saved;
import jugulum.book.stream.Store;
import jugulum.book.stream.StreamRef;
import jugulum.book.stream.Writer;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Measure;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What somebody does to the file of a book while it is open, or after a kill. */
class UnderTheFeetTest {
  private static final Clock CLOCK =
      Clock.fixed(Instant.parse("2026-11-29T09:30:00Z"), ZoneOffset.UTC);
  private static final Batch SAMPLE = Samples.everything();
  private static final StreamRef<Batch, Edit> BATCH = BatchStream.of(SAMPLE.id());

  @TempDir private Path folder;
  private Path file;
  private final List<Path> moved = new ArrayList<>();

  @BeforeEach
  void nameTheFile() {
    file = folder.resolve("shed").resolve("season.book");
  }

  private static Book open(Path at) {
    return Books.open(
        at, new Writer(() -> jugulum.book.stream.Bench.UNNAMED, CLOCK, UUID::randomUUID));
  }

  private Book started() {
    Book book = open(file);
    book.whenMoved(moved::add);
    assertThat(book.submit(Order.of(BATCH, new Edit.Adopt(SAMPLE))))
        .isInstanceOf(Saved.Recorded.class);
    return book;
  }

  private static void weigh(Book book, int times) {
    for (int i = 0; i < times; i++) {
      assertThat(
              book.submit(
                  Order.of(
                      BATCH,
                      new Edit.RecordOnLot(
                          new LotId(2), new Measure.SandWeight(4_000 + i, 0, 0, 1)))))
          .isInstanceOf(Saved.Recorded.class);
    }
  }

  private static long length(Path at) {
    try (Book book = open(at)) {
      book.verify();
      return book.length();
    }
  }

  private void remove(String... ends) throws IOException {
    for (String end : ends) {
      Files.delete(file.resolveSibling(file.getFileName() + end));
    }
  }

  @Test
  void aBookRemovedGoesOnInAnotherFileWithAllItEverHad() throws IOException {
    Path now;
    try (Book book = started()) {
      weigh(book, 3);
      remove("", "-wal", "-shm");
      weigh(book, 4);
      now = book.path();
      assertThat(moved).containsExactly(now);
      assertThat(now).isNotEqualTo(file).hasParent(file.getParent());
      assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(now)))
          .as("readable by its owner only, as the one before")
          .isEqualTo("rw-------");
    }
    assertThat(length(now)).isEqualTo(8);
    assertThat(file).doesNotExist();
  }

  @Test
  void aBookWithAnotherPutInItsPlaceLeavesThatOneAlone() throws IOException {
    Path other = folder.resolve("other.book");
    try (Book book = open(other)) {
      book.submit(Order.of(BATCH, new Edit.Adopt(SAMPLE)));
    }
    byte[] before = Files.readAllBytes(other);
    Path now;
    try (Book book = started()) {
      weigh(book, 3);
      Files.move(other, file, StandardCopyOption.REPLACE_EXISTING);
      book.keepSafe();
      assertThat(moved).as("said without a write").hasSize(1);
      weigh(book, 4);
      now = book.path();
    }
    assertThat(length(now)).isEqualTo(8);
    assertThat(Files.readAllBytes(file)).isEqualTo(before);
  }

  @ParameterizedTest
  @ValueSource(strings = {"-wal", "-wal -shm"})
  void aTailTakenAwayIsMergedBeforeItIsLost(String ends) throws IOException {
    try (Book book = started()) {
      weigh(book, 3);
      remove(ends.split(" "));
      weigh(book, 4);
      assertThat(book.path()).as("it stays where it is").isEqualTo(file);
      assertThat(moved).isEmpty();
    }
    assertThat(length(file)).isEqualTo(8);
  }

  @Test
  void aFolderTakenAwayIsMadeAgain() throws IOException {
    Path now;
    try (Book book = started()) {
      weigh(book, 3);
      try (Stream<Path> all = Files.list(file.getParent())) {
        for (Path one : all.toList()) {
          Files.delete(one);
        }
      }
      Files.delete(file.getParent());
      weigh(book, 4);
      now = book.path();
    }
    assertThat(length(now)).isEqualTo(8);
  }

  @Test
  void aBookLeftAloneStaysWhereItIs() {
    try (Book book = started()) {
      weigh(book, 200);
      book.keepSafe();
      assertThat(book.path()).isEqualTo(file);
      assertThat(moved).isEmpty();
    }
  }

  /** What a kill leaves: the files as they are while the book is open. */
  private Path killed(int weighed) throws IOException {
    Path left = Files.createDirectories(folder.resolve("left")).resolve("season.book");
    try (Book book = started()) {
      weigh(book, weighed);
      for (String end : List.of("", "-wal", ".lock")) {
        Files.copy(
            file.resolveSibling(file.getFileName() + end),
            left.resolveSibling(left.getFileName() + end));
      }
    }
    return left;
  }

  @Test
  void afterAKillItsOwnTailIsRead() throws IOException {
    Path left = killed(5);
    try (Book book = open(left)) {
      assertThat(book.strange()).isEmpty();
      assertThat(book.length()).isEqualTo(6);
    }
  }

  @Test
  void afterAKillAnotherBookPutThereIsNotReadThroughTheTail() throws IOException {
    Path left = killed(5);
    Path other = folder.resolve("backup.book");
    try (Book book = open(other)) {
      book.submit(Order.of(BATCH, new Edit.Adopt(SAMPLE)));
      weigh(book, 385);
    }
    Files.copy(other, left, StandardCopyOption.REPLACE_EXISTING);
    try (Book book = open(left)) {
      book.verify();
      assertThat(book.length()).as("the book that was put there, whole").isEqualTo(386);
      assertThat(book.strange().orElseThrow()).exists();
    }
    try (Book book = open(left)) {
      assertThat(book.strange()).as("said once").isEmpty();
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"tin #2", "50 % gold", "spa ce", "Größe"})
  void aFolderWithSignsIsReadWhereItMayNotBeWritten(String name) throws IOException {
    Path odd = Files.createDirectories(folder.resolve(name)).resolve("a.book");
    try (Book book = open(odd)) {
      book.submit(Order.of(BATCH, new Edit.Adopt(SAMPLE)));
    }
    try (SqliteStore store =
        SqliteStore.openToRead(odd, new Store.ReadOnly.Disk(), Clock.systemUTC())) {
      assertThat(store.streams()).contains(BATCH.key());
    }
  }

  @Test
  void aLinkLeadsToTheSameBookAndTheSameLock() throws IOException {
    started().close();
    try (HeldAlone _ = new HeldAlone(file, "far away")) {
      Path link = Files.createSymbolicLink(folder.resolve("link.book"), file);
      for (Path way : List.of(link, file, link)) {
        try (Book book = open(way)) {
          assertThat(book.readOnly())
              .as("a look in this program does not lose the lock")
              .containsInstanceOf(Store.ReadOnly.OtherWindow.class);
        }
      }
    }
  }

  @Test
  void onlyItsOwnerMayReadIt() throws IOException {
    started().close();
    for (String end : List.of("", ".lock")) {
      assertThat(
              PosixFilePermissions.toString(
                  Files.getPosixFilePermissions(file.resolveSibling(file.getFileName() + end))))
          .isEqualTo("rw-------");
    }
    assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(file.getParent())))
        .isEqualTo("rwx------");
  }
}
