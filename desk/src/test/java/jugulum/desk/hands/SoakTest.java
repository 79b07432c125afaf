package jugulum.desk.hands;

import static javafx.scene.input.KeyCode.BACK_SPACE;
import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.ESCAPE;
import static javafx.scene.input.KeyCode.F11;
import static javafx.scene.input.KeyCode.N;
import static javafx.scene.input.KeyCode.Z;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import jugulum.book.Books;
import jugulum.book.batch.BatchLines;
import jugulum.book.batch.BatchSummary;
import jugulum.book.stream.Book;
import jugulum.book.stream.Writer;
import jugulum.core.account.Worked;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Step;
import jugulum.core.ledger.StepId;
import jugulum.core.task.Task;
import jugulum.desk.Journalled;
import jugulum.desk.Person;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.framework.junit5.ApplicationExtension;

/**
 * Season after season: batches go from bucket to vial through the window, with slips, what is taken
 * back, another window, a clock that is set, and the power that fails. Nothing told to be recorded
 * is lost. {@code scripts/soak-test} does two hundred.
 */
@ExtendWith(ApplicationExtension.class)
class SoakTest {
  private static final int BATCHES = Integer.getInteger("jugulum.soaks", 1);
  private static final int MOST_QUESTIONS = 200;
  private static final int MOST_SETTINGS = 10;
  private static final double FEED_G = 2_400;

  @TempDir private Path folder;

  private final Random random = new Random(Long.getLong("jugulum.soakSeed", 11));
  private final Shifted clock = new Shifted();

  /** Every row the window said was recorded, in order. */
  private List<String> told = new ArrayList<>();

  private Path book;
  private Person person;
  private int slips;
  private int takenBack;
  private int windows;
  private int failures;
  private int clockChanges;

  /** A clock on the wall that goes on by itself and is set now and then. */
  private static final class Shifted extends Clock {
    private Instant now = Instant.parse("2026-05-04T08:00:00Z");

    @Override
    public Instant instant() {
      now = now.plusSeconds(7);
      return now;
    }

    @Override
    public ZoneOffset getZone() {
      return ZoneOffset.UTC;
    }

    @Override
    public Clock withZone(java.time.ZoneId zone) {
      return InstantSource.system().withZone(zone);
    }

    void set(Duration by) {
      now = now.plus(by);
    }
  }

  @Test
  void nothingIsLostFromBucketToVial() throws IOException {
    book = folder.resolve("soak-0.book");
    person = Person.at(book, clock);
    long early = 0;
    for (int batch = 1; batch <= BATCHES; batch++) {
      soak("Hollin " + batch);
      if (batch == Math.max(1, BATCHES / 5)) {
        early = heap();
      }
    }
    long late = heap();
    person.close();
    try (Book whole = Books.open(book, Writer.unnamed(clock))) {
      whole.verify();
      assertThat(BatchLines.all(whole))
          .hasSize(BATCHES)
          .allMatch(line -> line.state() == BatchSummary.State.CLOSED);
    }
    System.out.printf(
        Locale.ROOT,
        "%d batches, %d rows; %d slips, %d taken back, %d other windows, %d power failures,"
            + " %d clock changes; heap %d MB, then %d MB%n",
        BATCHES,
        told.size(),
        slips,
        takenBack,
        windows,
        failures,
        clockChanges,
        early >> 20,
        late >> 20);
    assertThat(late).as("memory is flat").isLessThan(2 * early + (64L << 20));
  }

  private static long heap() {
    for (int i = 0; i < 4; i++) {
      System.gc();
    }
    Runtime now = Runtime.getRuntime();
    return now.totalMemory() - now.freeMemory();
  }

  private void soak(String name) throws IOException {
    person.press(CONTROL, N).write(name).press(ENTER);
    person.until(() -> current().filter(batch -> batch.label().name().equals(name)).isPresent());
    beginBenchMode();
    recorded();
    for (int asked = 0; !person.batch().closed(); asked++) {
      assertThat(asked)
          .as("questions asked of %s, the last: %s", name, first())
          .isLessThan(MOST_QUESTIONS);
      disturb();
      answer(first().orElseThrow());
    }
    person.press(ESCAPE);
  }

  private void beginBenchMode() {
    person.press(F11).until(() -> person.sees("hands-question") && first().isPresent());
  }

  private Optional<Batch> current() {
    return person.workbench().projections().current().get().worked().map(Worked::batch);
  }

  private void disturb() throws IOException {
    switch (random.nextInt(40)) {
      case 0, 1, 2 -> slip();
      case 3 -> takeBack();
      case 4 -> anotherWindow();
      case 5 -> powerFails();
      case 6 -> {
        clock.set(random.nextBoolean() ? Duration.ofHours(-3) : Duration.ofDays(2));
        clockChanges++;
      }
      default -> {}
    }
  }

  /** What is on disk is what was told, in its order, and grows at the end only. */
  private void recorded() {
    List<String> rows = Journalled.rows(book);
    assertThat(rows.subList(0, Math.min(told.size(), rows.size()))).isEqualTo(told);
    told = rows;
  }

  private void slip() {
    int before = told.size();
    person.write("99999999 kg").press(ENTER);
    assertThat(person.sees("hands-wrong")).as(person.text("hands-question")).isTrue();
    assertThat(Journalled.rows(book)).as("a slip records nothing").hasSize(before);
    slips++;
    person.pressTimes(BACK_SPACE, "99999999 kg".length());
    recorded();
  }

  /** What is taken back is asked again. */
  private void takeBack() {
    if (person.batch().readings().findAny().isEmpty()) {
      return;
    }
    person.press(ESCAPE).press(CONTROL, Z);
    beginBenchMode();
    takenBack++;
    recorded();
  }

  /** A second window shows what the first recorded. */
  private void anotherWindow() {
    Batch here = person.batch();
    try (Person other = Person.at(book, clock)) {
      assertThat(other.batch()).isEqualTo(here);
      assertThat(other.workbench().session().mayWrite()).isTrue();
    }
    windows++;
    recorded();
  }

  /** The power fails while the window is open: what is on disk then is opened next. */
  private void powerFails() throws IOException {
    Path left = folder.resolve("soak-" + ++failures + ".book");
    for (String part : List.of("", "-wal", "-shm")) {
      Path from = book.resolveSibling(book.getFileName() + part);
      if (Files.exists(from)) {
        Files.copy(from, left.resolveSibling(left.getFileName() + part));
      }
    }
    person.close();
    book = left;
    person = Person.at(book, clock);
    recorded();
    beginBenchMode();
  }

  private Worked worked() {
    return person.workbench().projections().current().get().worked().orElseThrow();
  }

  /** What is asked. */
  private Optional<Task> first() {
    return person.drawn(() -> ((HandsView) person.root().lookup("#hands-view")).asking().asked());
  }

  private void answer(Task task) {
    Batch before = person.batch();
    switch (task.kind()) {
      case WEIGH -> {
        weigh(expected(task));
        if (person.text("hands-question").contains("container alone")) {
          person.write("0").press(ENTER);
        }
        person.press(ENTER);
      }
      case WEIGH_GOLD -> person.write("840 mg").press(ENTER);
      case LOOK_OVER -> person.write("+").press(ENTER).press(ENTER);
      case LOOK -> {
        weigh(Math.min(task.parts().getFirst().high() / 2, 100));
        person.write("+".repeat(random.nextInt(4))).press(ENTER);
      }
      case PASS -> {
        StepId step = ((Task.Subject.OfStep) task.subject()).step();
        int made = person.batch().step(step).orElseThrow().passes().size();
        weigh(task.parts().getFirst().high() * (0.5 - 0.03 * made));
        person.press(ENTER).write("+".repeat(Math.max(0, 4 - 2 * made))).press(ENTER);
      }
      case SET ->
          person.write(Double.toString(task.parts().getFirst().usual().orElseThrow())).press(ENTER);
      case KEEP, CHOOSE_ROUTE -> person.write("2").press(ENTER);
      default -> person.press(ENTER);
    }
    try {
      person.until(() -> !person.batch().equals(before) || person.sees("hands-wrong"));
      // It says to look at the clock: somebody sets it on, as often as it was set back, and presses
      // the key again.
      for (int i = 0; i < MOST_SETTINGS && toldOfTheClock(before); i++) {
        clock.set(Duration.ofHours(4));
        person.press(ENTER);
        person.until(() -> !person.batch().equals(before) || toldOfTheClock(before));
      }
      person.until(() -> !person.batch().equals(before));
    } catch (AssertionError stuck) {
      throw new AssertionError(task + "\nin sight: " + person.everything(), stuck);
    }
    assertThat(person.sees("hands-wrong")).as(task.toString()).isFalse();
    recorded();
  }

  private boolean toldOfTheClock(Batch before) {
    return person.batch().equals(before)
        && person.sees("hands-wrong")
        && person.text("hands-wrong").contains("time does not run backwards");
  }

  private void weigh(double grams) {
    double noisy = grams * (1 + 0.002 * random.nextGaussian());
    person.write(String.format(Locale.ROOT, "%.1f g", noisy)).press(ENTER);
  }

  /** The feed is a small bucket; what a step makes are equal parts of what it took. */
  private double expected(Task task) {
    LotId lot = ((Task.Subject.OfLot) task.subject()).lot();
    Optional<Step> maker = worked().network().maker(lot).filter(step -> !step.inputs().isEmpty());
    return maker
        .map(
            step ->
                worked().sand().mass(step.inputs().getFirst()).grams()
                    / step.outputs().size()
                    * 0.998)
        .orElse(FEED_G);
  }
}
