package jugulum.desk.hands;

import static javafx.scene.input.KeyCode.BACK_SPACE;
import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.ESCAPE;
import static javafx.scene.input.KeyCode.F11;
import static javafx.scene.input.KeyCode.F12;
import static javafx.scene.input.KeyCode.F2;
import static javafx.scene.input.KeyCode.F3;
import static javafx.scene.input.KeyCode.F8;
import static javafx.scene.input.KeyCode.G;
import static javafx.scene.input.KeyCode.PAUSE;
import static javafx.scene.input.KeyCode.RIGHT;
import static javafx.scene.input.KeyCode.T;
import static javafx.scene.input.KeyCode.TAB;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.Set;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Step;
import jugulum.core.scale.ScaleView;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import org.junit.jupiter.api.Test;

/** Bench mode on the demo batch, whose magnet waits for its fourth pass. */
class HandsTest extends OnTheDemoBook {
  private static final String LIFTED = "What hangs on the magnet?";
  private static final String DROPPED = "What fell back into the pan?";
  private static final String SPECKS = "How many specks?";

  private static Person inBenchMode(Person person) {
    return person.press(F11).until(() -> person.text("hands-question").equals(LIFTED));
  }

  private static Step magnet(Batch batch) {
    return batch.steps().stream()
        .filter(step -> !step.passes().isEmpty() && step.finishedAt().isEmpty())
        .findFirst()
        .orElseThrow();
  }

  private static int passes(Person person) {
    return magnet(person.batch()).passes().size();
  }

  private static Measure.Pass last(Person person) {
    return magnet(person.batch()).passes().getLast();
  }

  /** Lays so much on the played scale and waits until it stands. */
  private static Person lay(Person person, double grams) {
    person.workbench().scale().played().put(grams);
    return person.until(
        () -> {
          ScaleView seen = person.workbench().scale().view().get();
          boolean stands =
              seen.state() == ScaleView.State.STEADY || seen.state() == ScaleView.State.EMPTY;
          return stands && Math.abs(seen.grams() - grams) < 0.1;
        });
  }

  @Test
  void aPassIsTypedOnTheNumberPad() {
    try (Person person = Person.at(book)) {
      inBenchMode(person);
      int before = passes(person);
      person.write("3410");
      assertThat(person.text("hands-figure")).isEqualTo("3410");
      person.press(ENTER);
      assertThat(person.text("hands-question")).isEqualTo(DROPPED);
      person.write("18").press(ENTER);
      assertThat(person.text("hands-question")).isEqualTo(SPECKS);
      person.write("+++").press(ENTER).until(() -> passes(person) == before + 1);
      assertThat(last(person).liftedG()).isEqualTo(3410);
      assertThat(last(person).droppedBackG()).isEqualTo(18);
      assertThat(last(person).specks()).isEqualTo(3);
      assertThat(person.text("hands-took")).contains("3.41 kg").contains("3 specks");
    }
  }

  @Test
  void whatWasTakenIsTakenBackWithOneKey() {
    try (Person person = Person.at(book)) {
      inBenchMode(person);
      Batch before = person.batch();
      int passes = passes(person);
      person.write("3410").press(ENTER).press(ENTER).press(ENTER);
      person.until(() -> passes(person) == passes + 1);
      person.press(BACK_SPACE).until(() -> passes(person) == passes);
      assertThat(person.batch()).isEqualTo(before);
      assertThat(person.text("hands-took")).isEmpty();
    }
  }

  @Test
  void backGoesSignBySignAndThenPartByPart() {
    try (Person person = Person.at(book)) {
      inBenchMode(person).write("34").press(BACK_SPACE);
      assertThat(person.text("hands-figure")).isEqualTo("3");
      person.press(ENTER);
      assertThat(person.text("hands-question")).isEqualTo(DROPPED);
      person.press(BACK_SPACE);
      assertThat(person.text("hands-question")).isEqualTo(LIFTED);
    }
  }

  /**
   * Whoever weighs does not read the question: no weight is a yes, a start or the name of a bag.
   */
  @Test
  void noQuestionTakesAWeightForSomethingElse() {
    try (Person person = Person.at(book)) {
      person.click("station-2-5").press(G).click("start-step");
      person.press(F11).until(() -> !person.text("hands-question").isEmpty());
      Set<String> questions = new HashSet<>();
      for (int i = 0; i < 30; i++) {
        Batch before = person.batch();
        questions.add(person.text("hands-question"));
        person.write("99999999 kg").press(ENTER);
        assertThat(person.text("hands-wrong"))
            .as(person.text("hands-question"))
            .contains("99999999");
        assertThat(person.batch()).isEqualTo(before);
        person.pressTimes(BACK_SPACE, 11).press(i % 6 == 5 ? TAB : RIGHT);
        person.until(() -> !person.text("hands-question").isEmpty());
      }
      assertThat(questions).hasSizeGreaterThan(4);
    }
  }

  /** Many go back to the sand: one key says so, for this pass alone. */
  @Test
  void aPassGoesBackToTheSandByOneKey() {
    try (Person person = Person.at(book)) {
      inBenchMode(person);
      assertThat(person.text("hands-heap")).isEqualTo("From the heap F12");
      person.press(F12);
      assertThat(person.text("hands-heap")).isEqualTo("From the sand again F12");
      person.write("31").press(ENTER).press(ENTER).press(ENTER);
      person.until(() -> person.text("hands-heap").startsWith("From the heap"));
      Measure.Pass last =
          person.batch().steps().stream()
              .flatMap(step -> step.passes().stream())
              .filter(pass -> pass.liftedG() == 31)
              .findFirst()
              .orElseThrow();
      assertThat(last.from()).isEqualTo(Measure.Pass.From.SAND);
    }
  }

  @Test
  void whatCannotBeIsSaidAndStays() {
    try (Person person = Person.at(book)) {
      inBenchMode(person);
      int before = passes(person);
      person.write("90 kg").press(ENTER);
      assertThat(person.text("hands-wrong")).contains("90 kg");
      assertThat(person.text("hands-figure")).isEqualTo("90 kg");
      assertThat(person.text("hands-question")).isEqualTo(LIFTED);
      person.press(ENTER).press(BACK_SPACE);
      assertThat(person.text("hands-figure")).isEqualTo("90 k");
      assertThat(passes(person)).isEqualTo(before);
    }
  }

  @Test
  void theScaleIsTakenByKeyWithItsNameAndNeverTwice() {
    try (Person person = Person.at(book)) {
      inBenchMode(person);
      lay(person, 0);
      lay(person, 642);
      lay(person, 4070);
      assertThat(person.text("hands-figure")).isEqualTo("3.428");
      assertThat(person.text("hands-under")).contains("steel pan");
      person.write(" ");
      assertThat(person.text("hands-question")).isEqualTo(DROPPED);
      person.write(" ");
      assertThat(person.text("hands-question"))
          .as("the same load is not what fell back: nothing was weighed")
          .isEqualTo(SPECKS);
      int before = passes(person);
      person.press(ENTER).until(() -> passes(person) == before + 1);
      assertThat(last(person).liftedG()).isEqualTo(3428);
      assertThat(last(person).droppedBackG()).isZero();
    }
  }

  @Test
  void whatStandsIsTakenByItselfWhenWanted() {
    try (Person person = Person.at(book)) {
      inBenchMode(person);
      lay(person, 0);
      person.press(F3);
      person.workbench().scale().played().put(3300);
      person.until(() -> person.text("hands-question").equals(DROPPED));
      person.workbench().scale().played().put(0);
      person.until(() -> person.workbench().scale().view().get().state() == ScaleView.State.EMPTY);
      assertThat(person.text("hands-question"))
          .as("an empty scale is no weight")
          .isEqualTo(DROPPED);
      person.press(F3).press(F8);
    }
  }

  @Test
  void questionsArePutOffAndMachinesTurnedTo() {
    try (Person person = Person.at(book)) {
      inBenchMode(person).press(RIGHT);
      assertThat(person.text("hands-question")).isNotEqualTo(LIFTED);
      person.write("*");
      String about = person.text("hands-about");
      String beside = person.text("hands-beside");
      person.press(TAB);
      assertThat(person.text("hands-about")).isNotEqualTo(about);
      assertThat(beside)
          .as("what stands beside is what Tab turns to")
          .contains(person.text("hands-about"));
      person.write("/");
    }
  }

  @Test
  void aFootSwitchIsWhateverKeyItSends() {
    try (Person person = Person.at(book)) {
      inBenchMode(person).press(F2).press(PAUSE);
      assertThat(person.text("hands-pedal")).contains("Pause");
      person.write("3300").press(PAUSE);
      assertThat(person.text("hands-question")).isEqualTo(DROPPED);
    }
    try (Person again = Person.at(book)) {
      inBenchMode(again).write("3300").press(PAUSE);
      assertThat(again.text("hands-question")).as("it is remembered").isEqualTo(DROPPED);
    }
  }

  @Test
  void aQuestionMarkShowsTheKeysAndEscGoesOnAsking() {
    try (Person person = Person.at(book)) {
      inBenchMode(person).write("?");
      assertThat(person.text("keys-help")).contains("F3", "Tab", "F11");
      person.press(ESCAPE);
      assertThat(person.text("hands-question")).isEqualTo(LIFTED);
      person.write("3300");
      assertThat(person.text("hands-figure")).isEqualTo("3300");
    }
  }

  @Test
  void itIsLeftAsItWasEntered() {
    try (Person person = Person.at(book)) {
      inBenchMode(person).press(ESCAPE);
      assertThat(person.sees("hands-view")).isFalse();
      assertThat(person.sees("tab-BENCH")).isTrue();
      inBenchMode(person).press(CONTROL, T).press(F11);
      assertThat(person.sees("tab-BENCH")).isTrue();
    }
  }
}
