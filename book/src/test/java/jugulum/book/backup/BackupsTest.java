package jugulum.book.backup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import jugulum.book.Books;
import jugulum.book.Samples;
import jugulum.book.batch.BatchLines;
import jugulum.book.batch.BatchStream;
import jugulum.book.store.BookCopy;
import jugulum.book.stream.Book;
import jugulum.book.stream.BookProblem;
import jugulum.book.stream.Order;
import jugulum.book.stream.PictureCopy;
import jugulum.book.stream.Saved;
import jugulum.book.stream.Store;
import jugulum.book.stream.Writer;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Label;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Copies of a book: made while it is open, read again, thinned out, brought back. */
class BackupsTest {
  private static final ZoneId ZONE = ZoneId.of("Europe/Madrid");
  private static final Instant NOW = Instant.parse("2026-05-04T08:00:00Z");
  private static final Batch SAMPLE = Samples.everything();

  @TempDir private Path home;
  private Path stick;

  @BeforeEach
  void plugIn() throws IOException {
    stick = Files.createDirectory(home.resolve("stick"));
  }

  private Path file() {
    return home.resolve("my.book");
  }

  private Backups at(Instant when) {
    return new Backups(file(), stick, "south bench", Clock.fixed(when, ZONE));
  }

  private Book open() {
    return Books.open(file(), Writer.unnamed(Clock.fixed(NOW, ZONE)));
  }

  private static void work(Book book, int batches) {
    for (int i = 0; i < batches; i++) {
      BatchId id = new BatchId(UUID.randomUUID());
      Label label = new Label("Cinderbrook " + i, "made up", LocalDate.of(2026, 5, 4));
      Saved saved =
          book.submit(
              Order.of(BatchStream.of(id), new Edit.StartBatch(id, label, Assumptions.USUAL)));
      assertThat(saved).isInstanceOf(Saved.Recorded.class);
    }
  }

  private Book filled() {
    Book book = open();
    book.submit(Order.of(BatchStream.of(SAMPLE.id()), new Edit.Adopt(SAMPLE)));
    book.keep(new PictureCopy("cd".repeat(32), new byte[90_000]));
    return book;
  }

  private List<String> onTheStick() throws IOException {
    try (Stream<Path> all = Files.walk(stick)) {
      return all.filter(Files::isRegularFile).map(one -> one.getFileName().toString()).toList();
    }
  }

  @Test
  void aBookThatIsWrittenOnIsCopiedWholeAndTheCopySaysTheSame() throws IOException {
    try (Book book = filled()) {
      Backup made = at(NOW).take(Optional.empty());
      assertThat(made.file().getFileName()).hasToString("my 2026-05-04 10.00.00.book");
      work(book, 3);
      try (Book copy = Books.look(made.file(), Writer.unnamed(Clock.systemUTC()))) {
        assertThat(copy.faults()).isEmpty();
        assertThat(copy.length()).isEqualTo(book.length() - 3);
        assertThat(copy.standing(BatchStream.of(SAMPLE.id())).now())
            .isEqualTo(book.standing(BatchStream.of(SAMPLE.id())).now());
        assertThat(copy.picture("cd".repeat(32))).isPresent();
        assertThat(copy.readOnly()).contains(new Store.ReadOnly.ACopy());
        assertThat(BatchLines.all(copy)).hasSize(1);
      }
    }
    assertThat(onTheStick()).containsExactly("my 2026-05-04 10.00.00.book");
  }

  @Test
  void oneADayOnWhichItChanged() {
    try (Book book = filled()) {
      assertThat(at(NOW).isDue(book.length())).isTrue();
      at(NOW).take(Optional.empty());
      assertThat(at(NOW.plus(Duration.ofDays(3))).isDue(book.length())).isFalse();
      work(book, 1);
      assertThat(at(NOW.plus(Duration.ofMinutes(90))).isDue(book.length())).isFalse();
      assertThat(at(NOW.plus(Duration.ofMinutes(121))).isDue(book.length())).isTrue();
      assertThat(at(NOW.plus(Duration.ofDays(1))).isDue(book.length())).isTrue();
      at(NOW.plus(Duration.ofHours(3))).take(Optional.empty());
      assertThat(at(NOW).all()).as("the last of a day").hasSize(1);
    }
  }

  @Test
  void sevenDaysFourWeeksTwelveMonthsAndThreeBeforeNewerPrograms() {
    List<Backup> all = new ArrayList<>();
    LocalDateTime first = LocalDateTime.of(2025, 1, 1, 18, 0);
    for (int day = 0; day < 500; day++) {
      all.add(Backup.to(stick, "my", first.plusDays(day), Optional.empty()));
      all.removeAll(Thinning.goes(all));
    }
    for (int version = 1; version < 6; version++) {
      all.add(Backup.to(stick, "my", first.plusDays(version), Optional.of("0." + version)));
    }
    Set<Backup> gone = Thinning.goes(all);
    assertThat(gone).extracting(one -> one.before().orElse("")).containsOnly("0.1", "0.2");
    all.removeAll(gone);
    List<LocalDate> days =
        all.stream().filter(one -> one.before().isEmpty()).map(Backup::day).sorted().toList();
    LocalDate last = first.plusDays(499).toLocalDate();
    // 2026-05-15, a Friday: its week and the three before end on 15, 10 and 3 May and 26 April.
    assertThat(days)
        .contains(last, last.minusDays(6), LocalDate.of(2026, 5, 3), LocalDate.of(2026, 4, 26))
        .contains(LocalDate.of(2026, 4, 30), LocalDate.of(2025, 6, 30))
        .doesNotContain(LocalDate.of(2025, 5, 31), last.minusDays(8))
        .hasSize(7 + 2 + 11);
  }

  @Test
  void aClockThatIsWrongIsOneDayMore() {
    try (Book book = filled()) {
      for (int day = 0; day < 7; day++) {
        at(NOW.plus(Duration.ofDays(day))).take(Optional.empty());
        work(book, 1);
      }
      Instant wrong = Instant.parse("2041-01-01T00:00:00Z");
      assertThat(at(wrong).isDue(book.length())).isTrue();
      at(wrong).take(Optional.empty());
      assertThat(at(NOW).all())
          .extracting(one -> one.at().getDayOfMonth())
          .containsExactly(1, 10, 9, 8, 7, 6, 5);
      assertThat(at(NOW.plus(Duration.ofDays(7))).health()).isEqualTo(Backups.Health.AHEAD);
      work(book, 1);
      assertThat(at(NOW.plus(Duration.ofDays(7))).isDue(book.length())).isTrue();
    }
  }

  @Test
  void aWeekWithoutACopyAndAStickThatIsAwayAreTold() throws IOException {
    filled().close();
    assertThat(at(NOW).health()).isEqualTo(Backups.Health.NONE);
    at(NOW).take(Optional.empty());
    assertThat(at(NOW.plus(Duration.ofDays(7))).health()).isEqualTo(Backups.Health.WELL);
    assertThat(at(NOW.plus(Duration.ofDays(8))).health()).isEqualTo(Backups.Health.OLD);
    Files.move(stick, home.resolve("in a pocket"));
    assertThat(at(NOW).health()).isEqualTo(Backups.Health.AWAY);
    assertThatThrownBy(() -> at(NOW).take(Optional.empty()))
        .isInstanceOf(BookProblem.class)
        .hasMessageContaining("stick");
    assertThat(Files.exists(stick)).as("no folder where a stick should be").isFalse();
  }

  @Test
  void aStickPulledOutWhileWritingLeavesTheBookAndTheOtherCopies() throws Exception {
    try (Book book = filled()) {
      for (String name : List.of("ab", "ef", "01", "23")) {
        book.keep(new PictureCopy(name.repeat(32), random(1_900_000)));
      }
      for (int day = 0; day < 12; day++) {
        Path pocket = home.resolve("pocket " + day);
        Instant when = NOW.plus(Duration.ofDays(day));
        Thread pulls = Thread.ofPlatform().start(() -> pull(pocket));
        try {
          at(when).take(Optional.empty());
        } catch (BookProblem away) {
          assertThat(away.getMessage()).isNotBlank();
        }
        pulls.join();
        if (Files.isDirectory(pocket)) {
          if (Files.isDirectory(stick)) {
            Files.move(stick, home.resolve("made meanwhile " + day));
          }
          Files.move(pocket, stick);
        }
        for (Backup one : at(when).all()) {
          Backups.check(one.file());
        }
        work(book, 1);
      }
      at(NOW.plus(Duration.ofDays(20))).take(Optional.empty());
      assertThat(onTheStick()).noneMatch(name -> name.contains(".part"));
      assertThat(book.faults()).isEmpty();
    }
  }

  private void pull(Path pocket) {
    try {
      while (!Files.isDirectory(at(NOW).own())) {
        Thread.onSpinWait();
      }
      Files.move(stick, pocket);
    } catch (IOException inUse) {
      // Then it stays in.
    }
  }

  private static byte[] random(int bytes) {
    byte[] all = new byte[bytes];
    new Random(bytes).nextBytes(all);
    return all;
  }

  @Test
  void aDamagedCopyIsFoundAndTheNextIsMadeAllTheSame() throws IOException {
    try (Book book = filled()) {
      Backup made = at(NOW).take(Optional.empty());
      try (RandomAccessFile copy = new RandomAccessFile(made.file().toFile(), "rw")) {
        byte[] all = Files.readAllBytes(made.file());
        int there = new String(all, StandardCharsets.ISO_8859_1).indexOf("\"lots\"");
        assertThat(there).isPositive();
        copy.seek(there + 1L);
        copy.write('L');
      }
      assertThatThrownBy(() -> Backups.check(made.file())).isInstanceOf(BookProblem.class);
      Files.write(made.file(), new byte[100]);
      assertThat(at(NOW.plus(Duration.ofDays(1))).isDue(book.length())).isTrue();
      Backup next = at(NOW.plus(Duration.ofDays(1))).take(Optional.empty());
      Backups.check(next.file());
    }
  }

  @Test
  void oneIsBroughtBackAsANewBookAndTheOneThereStays() {
    Path fresh = home.resolve("brought back.book");
    long before;
    try (Book book = filled()) {
      Backup made = at(NOW).take(Optional.empty());
      before = book.length();
      work(book, 2);
      BookCopy.bringBack(made.file(), fresh);
      assertThatThrownBy(() -> BookCopy.bringBack(made.file(), fresh))
          .hasMessageContaining("there already");
    }
    try (Book back = Books.open(fresh, Writer.unnamed(Clock.systemUTC()))) {
      assertThat(back.length()).isEqualTo(before);
      assertThat(back.readOnly()).isEmpty();
      work(back, 1);
      assertThat(back.faults()).isEmpty();
    }
    try (Book book = open()) {
      assertThat(book.length()).isEqualTo(before + 2);
    }
  }

  @Test
  void anotherBenchsCopiesOnTheSameStickStay() {
    filled().close();
    Clock clock = Clock.fixed(NOW, ZONE);
    for (int day = 0; day < 9; day++) {
      new Backups(file(), stick, "north bench", Clock.offset(clock, Duration.ofDays(day)))
          .take(Optional.empty());
    }
    at(NOW).take(Optional.empty());
    assertThat(at(NOW).all()).hasSize(1);
    assertThat(Backups.in(stick)).hasSize(Thinning.DAYS + 1);
  }
}
