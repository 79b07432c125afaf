package jugulum.desk.shell;

import static javafx.scene.input.KeyCode.A;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.ESCAPE;
import static javafx.scene.input.KeyCode.F11;
import static javafx.scene.input.KeyCode.N;
import static javafx.scene.input.KeyCode.TAB;
import static javafx.scene.input.KeyCode.W;
import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.input.KeyCode;
import jugulum.core.account.Worked;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.task.Part;
import jugulum.core.task.Routes;
import jugulum.core.task.Task;
import jugulum.core.task.Tasks;
import jugulum.desk.Person;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.framework.junit5.ApplicationExtension;

/**
 * Somebody new, from an empty book to a small batch that is done: every key that is not a figure is
 * counted.
 */
@ExtendWith(ApplicationExtension.class)
class FirstBatchTest {
  private static final int MOST_PRESSES = 60;
  private static final double FEED_G = 2_400;

  @TempDir private Path folder;
  private final List<KeyCode> presses = new ArrayList<>();

  private void press(Person person, KeyCode... keys) {
    presses.add(keys[keys.length - 1]);
    person.press(keys);
  }

  /** Letters count, figures do not. */
  private void write(Person person, String text) {
    text.chars()
        .filter(sign -> !Character.isDigit(sign) && sign != '.')
        .forEach(_ -> presses.add(N));
    person.write(text);
  }

  @Test
  void aFirstSmallBatchTakesAtMostSixtyPressesBesideTheFigures() {
    try (Person person = Person.at(folder.resolve("new.book"))) {
      press(person, W);
      write(person, "20");
      press(person, TAB);
      press(person, A);
      press(person, ENTER);
      write(person, "A1");
      press(person, ENTER);
      person.until(() -> person.workbench().projections().current().get().worked().isPresent());
      press(person, F11);
      person.until(() -> first(person).isPresent());
      while (!person.batch().closed()) {
        answer(person, first(person).orElseThrow());
        assertThat(presses).as("at %s", first(person)).hasSizeLessThanOrEqualTo(MOST_PRESSES);
      }
      assertThat(person.batch().lots()).anyMatch(lot -> lot.material() == Material.GOLD);
      assertThat(worked(person).gold().won()).isPresent();
      person.press(ESCAPE);
      assertThat(person.text("bench-view"))
          .as("the pan stands where the feed begins, and no row's name over it")
          .contains("pan")
          .doesNotContain("not screened");
    }
  }

  private static Worked worked(Person person) {
    return person.workbench().projections().current().get().worked().orElseThrow();
  }

  private static Optional<Task> first(Person person) {
    Worked worked = worked(person);
    return Tasks.of(
            worked,
            person.workbench().projections().shop().get(),
            worked.batch().route(),
            java.time.Instant.parse("2026-05-04T08:00:00Z"))
        .stream()
        .findFirst();
  }

  private void answer(Person person, Task task) {
    Batch before = person.batch();
    if (task.parts().isEmpty()) {
      press(person, ENTER);
    }
    for (Part part : task.parts()) {
      if (person.batch() == before) {
        write(person, figure(person, task, part));
        press(person, ENTER);
      }
    }
    person.until(() -> !person.batch().equals(before));
  }

  private static String figure(Person person, Task task, Part part) {
    return switch (part.ask()) {
      case ROUTE ->
          Integer.toString(
              1
                  + Routes.toChoose(person.workbench().projections().shop().get()).stream()
                      .map(route -> route.name())
                      .toList()
                      .indexOf("pan-all"));
      case GROSS -> Long.toString(Math.round(mass(person, task)));
      case TARE, MOISTURE -> "";
      case GOLD -> "0.84";
      case SAMPLE -> "100";
      case SPECKS -> "1";
      case SETTING -> Double.toString(part.usual().orElseThrow());
      default -> "";
    };
  }

  /** The feed is a small bucket; what a step makes are equal parts of what it took. */
  private static double mass(Person person, Task task) {
    LotId lot = ((Task.Subject.OfLot) task.subject()).lot();
    Worked worked = worked(person);
    return worked
        .network()
        .maker(lot)
        .filter(step -> !step.inputs().isEmpty())
        .map(
            step ->
                worked.sand().mass(step.inputs().getFirst()).grams()
                    / step.outputs().size()
                    * 0.998)
        .orElse(FEED_G);
  }
}
