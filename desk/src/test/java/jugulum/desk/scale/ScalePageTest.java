package jugulum.desk.scale;

import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DIGIT7;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.ESCAPE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import jugulum.core.scale.Dialect.Meaning;
import jugulum.core.scale.ScaleLine;
import jugulum.core.scale.ScaleView;
import jugulum.core.shop.Scale;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import jugulum.scale.played.PlayedPort;
import jugulum.scale.played.PlayedScale;
import jugulum.scale.played.Writing;
import org.junit.jupiter.api.Test;

/** Someone learns a scale that sends over the network, keeps it and checks it. */
class ScalePageTest extends OnTheDemoBook {
  private static Person open(Person person) {
    return person.press(CONTROL, DIGIT7).click("learn-scale");
  }

  private static Scale scale(Person person) {
    return person.workbench().projections().shop().get().scale().orElseThrow();
  }

  @Test
  void aScaleIsLearntFromItsOwnLinesKeptAndChecked() throws Exception {
    try (PlayedScale played = new PlayedScale(0.1, 6000, System::nanoTime, new Random(5)).start();
        PlayedPort port = new PlayedPort(played, 0);
        Person person = Person.at(book)) {
      played.write(Writing.MARK);
      open(person).type("scale-line", "localhost:" + port.number()).press(ENTER);
      person.until(() -> person.text("heard-lines").contains("W:"));
      // So slowly that lines of moving are heard however busy the machine is.
      played.pour(900, 250);
      person.until(
          () ->
              person.text("scale-understood").contains("900")
                  && person.text("scale-understood").contains("it stands"));
      person.type("scale-name", "shed scale").type("scale-step", "0.1 g");
      person.type("scale-capacity", "6 kg").press(ENTER);
      person.until(() -> scale(person).name().equals("shed scale"));
      assertThat(scale(person).line()).isInstanceOf(ScaleLine.Network.class);
      assertThat(scale(person).dialect().words()).containsEntry("?", Meaning.MOVING);
      assertThat(scale(person).stepG()).isCloseTo(0.1, within(1e-12));

      played.put(100.1);
      person.until(
          () -> {
            ScaleView seen = person.workbench().scale().view().get();
            return seen.state() == ScaleView.State.STEADY && Math.abs(seen.grams() - 100.1) < 0.01;
          });
      person.type("check-nominal", "100 g").type("check-allowed", "0.05 g").press(ENTER);
      person.until(() -> person.text("check-last").contains("failed"));
      person.type("check-allowed", "0.2 g").press(ENTER);
      person.until(() -> person.text("check-last").contains("passed"));
      assertThat(scale(person).check().orElseThrow().weightOffG())
          .as("OIML R111-1:2004, table 1, class M1, 100 g")
          .isEqualTo(0.005);
      person.press(ESCAPE);
      assertThat(person.text("scales")).contains("shed scale");
    }
  }

  @Test
  void aLineThatIsNoneIsSaidAtTheField() {
    try (Person person = Person.at(book)) {
      Scale before = scale(person);
      open(person).type("scale-line", "somewhere:else").press(ENTER);
      assertThat(person.text("scale-line-error")).contains("somewhere:else");
      person.type("scale-line", "localhost:99999").press(ENTER);
      assertThat(person.text("scale-line-error")).contains("65");
      person.type("scale-line", "localhost:1").press(ENTER).until(() -> person.sees("scale-lost"));
      assertThat(person.text("scale-lost")).contains("tried again");
      person.press(ESCAPE);
      assertThat(scale(person)).isEqualTo(before);
    }
  }

  @Test
  void nothingIsCheckedBeforeTheWeightStands() {
    try (Person person = Person.at(book)) {
      open(person).type("check-nominal", "100 g").type("check-allowed", "1 g");
      person.workbench().scale().played().wind(50);
      person.press(ENTER);
      assertThat(person.text("check-nominal-error")).contains("until it stands");
      assertThat(scale(person).check()).isEmpty();
    }
  }
}
