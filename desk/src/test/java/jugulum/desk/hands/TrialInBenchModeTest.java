package jugulum.desk.hands;

import static javafx.scene.input.KeyCode.BACK_SPACE;
import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DIGIT6;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.ESCAPE;
import static javafx.scene.input.KeyCode.F11;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import jugulum.core.trial.Found;
import jugulum.core.trial.Trial;
import jugulum.core.trial.TrialEdit;
import jugulum.core.trial.TrialPlan;
import jugulum.core.trial.Turn;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import jugulum.desk.words.Language;
import jugulum.desk.words.Languages;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.framework.junit5.ApplicationExtension;

/** A trial is gone on with in bench mode: one question at a time, specks by the plus key. */
@ExtendWith(ApplicationExtension.class)
class TrialInBenchModeTest extends OnTheDemoBook {
  private static Trial trial(Person person) {
    return person.workbench().trials().all().get().getFirst().trial();
  }

  @Test
  void aRunIsBegunAndLookedAtOneQuestionAtATime() {
    try (Person person = Person.at(book)) {
      person.press(CONTROL, DIGIT6).click("gear-part-TRIALS");
      person.until(() -> person.sees("trial-next")).press(F11);
      assertThat(person.text("hands-about")).contains("Old pan", "run 4", "riffles near");
      assertThat(person.text("hands-question")).isEqualTo("Sand in grams?");
      assertThat(person.text("hands-figure")).isEqualTo("800");
      person.write("much").press(ENTER);
      assertThat(person.text("hands-wrong")).contains("is not a weight");
      person.press(BACK_SPACE).press(BACK_SPACE).press(BACK_SPACE).press(BACK_SPACE);
      person.press(ENTER);
      assertThat(person.text("hands-question")).contains("−30 +50 put in");
      person.press(BACK_SPACE);
      assertThat(person.text("hands-question")).isEqualTo("Sand in grams?");
      person.write("820").press(ENTER).press(ENTER).write("55").press(ENTER);
      assertThat(trial(person).turn()).isInstanceOf(Turn.Look.class);
      assertThat(trial(person).runs().getLast().sandG()).isEqualTo(820);
      assertThat(person.text("hands-took")).contains("a run");
      assertThat(person.text("hands-question")).isEqualTo("Specks of −30 +50 in the concentrate?");
      person.write("+++");
      assertThat(person.text("hands-figure")).isEqualTo("3");
      person.press(ENTER).press(ENTER).write("47 / 1.9 mg").press(ENTER).write("8").press(ENTER);
      List<Found> found = trial(person).runs().getLast().found();
      assertThat(found).hasSize(4);
      assertThat(found.getFirst().specks()).hasValue(3);
      assertThat(found.get(1).specks()).as("none counted in the tailings").hasValue(0);
      assertThat(found.get(2).mg()).hasValue(1.9);
      assertThat(person.text("hands-question")).isEqualTo("All had their turns.");
      person.press(BACK_SPACE);
      person.until(() -> trial(person).turn() instanceof Turn.Look);
      person.press(ESCAPE);
      assertThat(person.sees("trial-read")).isTrue();
    }
  }

  /** What waits is written with this person's comma, and is taken as that. */
  @Test
  void whatWaitsIsUnderstoodWhereACommaIsTheDecimalMark() {
    Languages german = new Languages(Language.shipped(), Locale.ENGLISH, Locale.GERMANY);
    try (Person person = Person.speaking(german, book)) {
      person.press(CONTROL, DIGIT6).click("gear-part-TRIALS");
      person.until(() -> person.sees("trial-next"));
      TrialPlan before = trial(person).plan();
      TrialPlan plan =
          new TrialPlan(
              before.stuff(),
              before.contenders(),
              before.classes(),
              before.specks(),
              before.order(),
              OptionalDouble.of(1.234));
      person.workbench().trials().submit(trial(person).id(), List.of(new TrialEdit.Replan(plan)));
      person.until(() -> trial(person).plan().equals(plan)).press(F11);
      assertThat(person.text("hands-figure")).isEqualTo("1,234");
      person.press(ENTER);
      assertThat(person.text("hands-question")).contains("put in");
    }
  }
}
