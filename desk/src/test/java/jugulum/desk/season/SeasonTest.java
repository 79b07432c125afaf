package jugulum.desk.season;

import static java.util.Comparator.reverseOrder;
import static javafx.scene.input.KeyCode.B;
import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DIGIT5;
import static javafx.scene.input.KeyCode.N;
import static javafx.scene.input.KeyCode.P;
import static javafx.scene.input.KeyCode.X;
import static javafx.scene.input.KeyCode.Z;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import javafx.application.Platform;
import javafx.scene.Scene;
import jugulum.core.season.SeasonAccount;
import jugulum.core.season.SourceRate;
import jugulum.demo.DemoSeason;
import jugulum.desk.DemoBooks;
import jugulum.desk.Person;
import jugulum.desk.follow.Seasons;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.framework.junit5.ApplicationExtension;

/** A person reads a season off the screen, and tells of it. */
@ExtendWith(ApplicationExtension.class)
class SeasonTest {
  @TempDir static Path written;
  @TempDir Path folder;
  private Path book;

  @BeforeAll
  static void write() {
    DemoBooks.season(written.resolve("season.book"));
  }

  @BeforeEach
  void layOut() throws IOException {
    book = Files.copy(written.resolve("season.book"), folder.resolve("season.book"));
  }

  private static Seasons.Shown shown(Person person) {
    return person.workbench().seasons().shown().get().orElseThrow();
  }

  private static SeasonAccount read(Person person) {
    person.press(CONTROL, DIGIT5);
    person.until(() -> !person.text("season-kept-answer").isEmpty());
    person.settle();
    return shown(person).account();
  }

  /** The three questions of a newcomer, answered by the screen as by the model. */
  @Test
  void theYearAnswersWhichSourceWhichHabitAndWhereTheGoldIs() {
    try (Person person = Person.at(book)) {
      SeasonAccount account = read(person);
      assertThat(person.text("season-year")).isEqualTo("2026");
      var best = account.rates(SourceRate.Of.HOUR).getFirst();
      assertThat(person.text("season-source-answer")).contains(best.source());
      assertThat(person.text("season-habit-answer"))
          .startsWith("Feed over 30 kg/h on long deck cost most");
      assertThat(account.worstHabit().orElseThrow().habit().dial()).isEqualTo("feed");
      assertThat(person.text("season-kept-answer")).startsWith("First: ");
      assertThat(person.text("season-won"))
          .isEqualTo(person.workbench().preferences().figures().get().gold(account.sum().wonMg()));
      person.click("year-all");
      person.until(() -> person.text("season-year").equals("all years"));
      assertThat(person.text("season-source-answer"))
          .isEqualTo(
              "Next week: Tarnbeck gravel fan. It gives more an hour than Fernhollow Bench claim,"
                  + " beyond chance.");
      assertThat(person.text("season-habit-answer")).startsWith("Heap dropped once or never");
    }
  }

  @Test
  void theListIsOneKeyAway() {
    try (Person person = Person.at(book)) {
      read(person);
      person.press(B);
      assertThat(person.everything()).contains("47 in season.book");
    }
  }

  @Test
  void namesAreJoinedAndPartedByUndo() {
    try (Person person = Person.at(book)) {
      read(person);
      person.click("year-2025").click("season-part-SOURCES");
      person.until(() -> person.everything().contains("differ only"));
      person.click("join-sources").settle();
      person.until(() -> shown(person).account().alike().isEmpty());
      assertThat(shown(person).account().alike()).isEmpty();
      person.press(CONTROL, Z);
      person.until(() -> !shown(person).account().alike().isEmpty());
      assertThat(shown(person).account().alike()).hasSize(1);
      assertThat(person.text("notice")).contains("saltergill lease");
    }
  }

  @Test
  void aSlipAndAChangeAreKeptAndBadInputStays() {
    try (Person person = Person.at(book)) {
      read(person);
      person.click("season-part-MONEY");
      person.type("slip-date", "2026-11-16").type("slip-sent", "6.1").type("slip-received", "many");
      person.click("keep-slip");
      assertThat(person.text("slip-received-error")).isNotEmpty();
      assertThat(shown(person).account().season().slips()).hasSize(4);
      person.type("slip-received", "5.8").type("slip-fineness", "893").type("slip-paid", "512");
      person.click("keep-slip").settle();
      person.until(() -> shown(person).account().season().slips().size() == 5);
      var slip = shown(person).account().season().slips().getLast();
      assertThat(slip.receivedG()).isEqualTo(5.8);
      assertThat(slip.fineness()).isEqualTo(0.893);
      assertThat(slip.batches()).isNotEmpty();
      assertThat(person.everything()).contains("Weight −4.9 %");
      person.click("season-part-WAYS");
      person.type("change-what", "a third screen").type("change-since", "2026-11-01");
      person.click("keep-change").settle();
      person.until(() -> shown(person).account().changes().size() == 4);
      assertThat(person.everything())
          .contains("a third screen", "Nothing to compare yet: it takes steps before and after.");
    }
  }

  /** What is read meanwhile is drawn around the field one types in. */
  @Test
  void oneTypesOnWhileTheSeasonIsReadAnew() {
    try (Person person = Person.at(book)) {
      read(person);
      person.click("season-part-MONEY").type("slip-sent", "6.");
      var before = shown(person);
      person.drawn(
          () -> {
            person.workbench().seasons().read();
            return true;
          });
      person.until(() -> shown(person) != before);
      person.write("15");
      assertThat(person.text("slip-sent")).isEqualTo("6.15");
    }
  }

  @Test
  void aYearGoesOutAsPageAndSpreadsheet() throws IOException {
    try (Person person = Person.at(book)) {
      read(person);
      person.choosing(folder.resolve("year.pdf")).press(P).settle();
      person.until(() -> Files.exists(folder.resolve("year.pdf")));
      person.choosing(folder.resolve("year.xlsx")).press(X).settle();
      person.until(() -> Files.exists(folder.resolve("year.xlsx")));
      person.until(() -> person.text("notice").contains("year.xlsx"));
      assertThat(
              Files.readString(
                  folder.resolve("year.pdf"), java.nio.charset.StandardCharsets.ISO_8859_1))
          .startsWith("%PDF");
      assertThat(Files.size(folder.resolve("year.xlsx"))).isGreaterThan(8_000);
    }
  }

  @Test
  void anEmptyBookAndOneBatchAreToldInASentence() {
    try (Person person = Person.at(folder.resolve("new.book"))) {
      person.press(CONTROL, DIGIT5).settle();
      person.until(() -> person.everything().contains("a year begins with it"));
      assertThat(person.everything()).contains("No batch in this book yet.");
      person.press(CONTROL, N).type("batch-name", "Larkbeck 1").click("start-batch").settle();
      person.press(CONTROL, DIGIT5);
      person.until(() -> person.text("season-source-answer").startsWith("No closed batch"));
      assertThat(person.everything())
          .contains("1 batch", "No step shows a habit common practice warns of.");
      assertThat(shown(person).account().sum().open()).isEqualTo(1);
    }
  }

  /**
   * What is kept of twenty batches is of an older rule: the others are shown before those are read.
   */
  @Test
  void whatThereIsIsShownWhileTheRestIsRead() throws SQLException {
    try (var sql = DriverManager.getConnection("jdbc:sqlite:" + book);
        var statement = sql.createStatement()) {
      statement.execute(
          "UPDATE projected SET version = 1 WHERE name = 'result' AND stream IN"
              + " (SELECT stream FROM projection_batch WHERE name LIKE 'Tarnbeck%')");
    }
    try (Person person = Person.at(book)) {
      List<Seasons.Shown> seen = new ArrayList<>();
      List<String> told = new ArrayList<>();
      Scene scene = person.inSight().getScene();
      Runnable look =
          () ->
              told.add(
                  (scene.lookup("#season-left") == null ? "whole" : "left")
                      + (scene.lookup("#season-print") == null ? "" : ", to print"));
      person
          .workbench()
          .seasons()
          .shown()
          .addListener(
              (_, _, now) -> {
                seen.add(now.orElseThrow());
                Platform.runLater(look);
              });
      read(person);
      person.until(() -> shown(person).isWhole());
      assertThat(seen.size()).isGreaterThan(2);
      assertThat(seen.getFirst().left()).isGreaterThan(5);
      assertThat(seen.getFirst().account().batches()).isNotEmpty();
      assertThat(seen).extracting(Seasons.Shown::left).isSortedAccordingTo(reverseOrder());
      assertThat(told.subList(0, told.size() - 1)).containsOnly("left");
      assertThat(told.getLast()).isEqualTo("whole, to print");
      person.click("year-all");
      person.until(() -> person.text("season-year").equals("all years"));
      assertThat(shown(person).account().batches()).hasSize(DemoSeason.BATCHES);
    }
  }

  /** A row in the middle is not as it was written: that batch is named, the rest is shown. */
  @Test
  void aDamagedBatchIsNamedAndTheRestIsShown() throws SQLException {
    try (var sql = DriverManager.getConnection("jdbc:sqlite:" + book);
        var statement = sql.createStatement()) {
      statement.execute("DROP TRIGGER journal_is_never_changed");
      String one = "(SELECT stream FROM projection_batch WHERE name = 'Tarnbeck 5')";
      statement.execute("DELETE FROM kept WHERE stream = " + one);
      statement.execute("UPDATE journal SET body = 'x' WHERE version = 9 AND stream = " + one);
      statement.execute(
          "UPDATE projected SET version = 1 WHERE name = 'result' AND stream = " + one);
    }
    try (Person person = Person.at(book)) {
      SeasonAccount account = read(person);
      assertThat(shown(person).unread()).containsExactly("Tarnbeck 5");
      assertThat(person.everything()).contains("One batch could not be read: Tarnbeck 5.");
      person.click("year-all");
      person.until(() -> person.text("season-year").equals("all years"));
      assertThat(shown(person).account().batches()).hasSize(DemoSeason.BATCHES - 1);
      assertThat(account.batches()).isNotEmpty();
    }
  }
}
