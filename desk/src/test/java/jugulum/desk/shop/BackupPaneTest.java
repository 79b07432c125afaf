package jugulum.desk.shop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Optional;
import javafx.scene.input.KeyCode;
import jugulum.book.Books;
import jugulum.book.backup.Backup;
import jugulum.book.backup.Backups;
import jugulum.book.stream.Book;
import jugulum.book.stream.BookProblem;
import jugulum.book.stream.Writer;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import jugulum.desk.preference.BenchMemory;
import jugulum.desk.session.Backing;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Copies of the book, as a person sees them. */
class BackupPaneTest extends OnTheDemoBook {
  private Path stick;

  @BeforeEach
  void plugIn() throws IOException {
    stick = Files.createDirectory(folder.resolve("stick"));
  }

  private Person opened() {
    return Person.at(book).press(KeyCode.CONTROL, KeyCode.DIGIT7).click("shop-part-BACKUPS");
  }

  @Test
  void aFolderIsChosenACopyMadeLookedAtAndBroughtBack() {
    Path fresh = folder.resolve("back.book");
    try (Person person = opened()) {
      person.until(() -> person.text("backup-state").contains("no copy yet"));
      person.type("backup-folder", stick.toString()).click("backup-choose").settle();
      assertThat(person.text("backup-said")).contains(stick.toString());
      person.click("backup-now").until(() -> person.text("backup-said").contains("read again"));
      Backup made = Backups.in(stick).getFirst();
      assertThat(person.text("backup-state")).contains("not a week old");
      assertThat(person.text("backup-besides")).contains("not copied by itself");
      String id = String.valueOf(made.file().getFileName()).replaceAll("[^0-9a-z]+", "-");
      person.click("backup-look" + id);
      assertThat(person.looked()).containsExactly(made.file());
      person.choosing(fresh).click("backup-back" + id);
      person.until(() -> person.text("backup-said").contains("book of its own"));
      person.isWhole("backups");
      person.type("backup-folder", folder.resolve("none").toString()).click("backup-choose");
      assertThat(person.text("backup-folder-error")).contains("no folder that is there");
    }
    try (Book back = Books.open(fresh, Writer.unnamed(Clock.systemUTC()));
        Book there = Books.open(book, Writer.unnamed(Clock.systemUTC()))) {
      assertThat(back.faults()).isEmpty();
      assertThat(back.length()).isEqualTo(there.length());
    }
  }

  @Test
  void aStickThatIsAwayIsSaid() throws IOException {
    try (Person person = opened()) {
      person.type("backup-folder", stick.toString()).click("backup-choose").settle();
      Files.delete(stick);
      person.click("backup-now").until(() -> person.text("backup-said").contains("stick"));
      person.until(() -> person.text("backup-state").contains("plugged in"));
    }
  }

  @Test
  void aBookIsCopiedBeforeANewerProgramWritesInItAndOnce() throws IOException {
    // Among what may go at any time nothing is copied by itself: this book lies elsewhere.
    Path home = Files.createTempDirectory(Path.of("target").toAbsolutePath(), "home");
    Path own = Files.copy(book, home.resolve("my.book"));
    Clock clock = Clock.fixed(Instant.parse("2026-05-04T08:00:00Z"), ZoneOffset.UTC);
    BenchMemory memory = BenchMemory.untilTheEnd();
    Backing.Before before = Backing.beforeNewer(own, memory, "0.1.0", clock);
    before.confirms().orElseThrow().run();
    assertThat(Backing.beforeNewer(own, memory, "0.1.0", clock)).isEqualTo(Backing.Before.NOTHING);
    assertThat(Backups.in(home.resolve("backups")))
        .extracting(Backup::before)
        .containsExactly(Optional.of("0.1.0"));
    memory.put("backup.folder", home.resolve("away").toString());
    assertThat(Backing.beforeNewer(own, memory, "0.2.0", clock).why())
        .as("beside the book where the stick is away")
        .isEmpty();
    assertThat(Backups.in(home.resolve("backups"))).hasSize(2);
    Files.write(own, new byte[5_000]);
    Backing.Before spoilt = Backing.beforeNewer(own, memory, "0.3.0", clock);
    assertThat(spoilt.why())
        .get()
        .extracting(BookProblem::kind)
        .isEqualTo(BookProblem.Kind.NOT_A_BOOK);
    assertThat(Backups.in(home.resolve("backups"))).as("of no book no copy").hasSize(2);
  }
}
