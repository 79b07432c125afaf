package jugulum.desk.trial;

import static javafx.scene.input.KeyCode.A;
import static javafx.scene.input.KeyCode.B;
import static javafx.scene.input.KeyCode.C;
import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DIGIT6;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.ESCAPE;
import static javafx.scene.input.KeyCode.N;
import static javafx.scene.input.KeyCode.P;
import static javafx.scene.input.KeyCode.RIGHT;
import static javafx.scene.input.KeyCode.SHIFT;
import static javafx.scene.input.KeyCode.TAB;
import static javafx.scene.input.KeyCode.X;
import static javafx.scene.input.KeyCode.Z;
import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.Map;
import jugulum.core.trial.SpecksNeeded;
import jugulum.core.trial.Trial;
import jugulum.core.trial.TrialPlan.Stuff;
import jugulum.core.trial.Turn;
import jugulum.desk.Person;
import jugulum.desk.words.TrialWords;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.framework.junit5.ApplicationExtension;

/** Someone plans, does and reads a trial, with nothing but the screen and the keys. */
@ExtendWith(ApplicationExtension.class)
class TrialsTest {
  @TempDir private Path folder;

  /** By keys alone: the parts of the view stand before what is in them. */
  private Person at() {
    Person person = Person.at(folder.resolve("own.book"));
    person.press(CONTROL, DIGIT6);
    for (int i = 0; i < 12 && !"gear-part-RECORD".equals(person.focused().getId()); i++) {
      person.press(SHIFT, TAB);
    }
    return person.press(RIGHT).until(() -> person.sees("trial-new"));
  }

  private static Trial trial(Person person) {
    return person.workbench().trials().all().get().getFirst().trial();
  }

  private static void write(Person person, String... texts) {
    for (String text : texts) {
      person.press(CONTROL, A).write(text).press(TAB);
    }
  }

  /** What came out at concentrate and tailings of two classes. */
  private static void find(
      Person person, String won, String lost, String wonFine, String lostFine) {
    write(person, won);
    person.press(TAB).press(TAB).press(TAB);
    write(person, lost, wonFine);
    person.press(TAB).press(TAB).press(TAB);
    person.write(lostFine).press(ENTER);
  }

  @Test
  void aTrialIsPlannedDoneAndReadByKeys() {
    try (Person person = at()) {
      assertThat(person.everything()).contains("No trial yet.");
      person.press(N).write("Which wins more").press(ENTER);
      assertThat(person.text("trial-answer")).contains("Nothing has been looked for yet");
      assertThat(trial(person).plan().specks())
          .as("three runs of no number of specks tell ± 5 points")
          .isEqualTo(SpecksNeeded.ENOUGH);
      assertThat(trial(person).plan().order()).hasSize(6);
      person.press(P);
      assertThat(person.text("trial-settled")).contains("600 specks each", "in 8 of 10");
      person.type("trial-rounds", "1").type("trial-specks", "1");
      assertThat(person.text("trial-settled")).contains("settle no difference");
      person.press(ESCAPE);
      while (trial(person).turn() instanceof Turn.Run(int contender, var _)) {
        person.press(ENTER).press(ENTER);
        assertThat(trial(person).turn()).isInstanceOf(Turn.Look.class);
        person.press(ENTER);
        if (contender == 0) {
          find(person, "170", "5", "165", "9");
        } else {
          find(person, "171", "4", "120", "54");
        }
      }
      String winner =
          TrialWords.contender(
              person.workbench().words(), trial(person).plan().contenders().getFirst());
      assertThat(person.text("trial-answer"))
          .isEqualToIgnoringCase(winner + " wins more of −50 +100:");
      assertThat(person.text("trial-figure")).isEqualTo("22 points more");
      assertThat(person.everything()).contains("Alike: −30 +50.");
      person.press(B);
      assertThat(person.everything()).contains("The sand alone, nothing put in.");
      person.press(ENTER).press(ENTER);
      write(person, "1");
      person.press(ENTER);
      assertThat(trial(person).runs().getLast().isBlank()).isTrue();
      assertThat(trial(person).runs().getLast().isDone()).isTrue();
      person.press(C);
      assertThat(trial(person).closed()).isTrue();
      person.press(CONTROL, Z);
      assertThat(trial(person).closed()).isFalse();
      assertThat(person.text("notice")).contains("closing the trial");
    }
  }

  @Test
  void badInputSaysWhyAndKeepsWhatWasTyped() {
    try (Person person = at()) {
      person.press(N).press(ENTER);
      assertThat(person.text("trial-name-error")).contains("A trial needs a name.");
      person.write("Two sizes").press(ENTER);
      person.press(P).type("trial-classes", "-30 +50, -40 +60").press(ENTER);
      assertThat(person.text("trial-error")).contains("−30 +50 and −40 +60 overlap");
      assertThat(person.text("trial-classes")).isEqualTo("-30 +50, -40 +60");
      person.type("trial-classes", "-30 +55").press(ENTER);
      assertThat(person.text("trial-classes-error")).contains("“-30 +55” is not understood");
      person.type("trial-classes", "30 50").press(ENTER);
      assertThat(trial(person).plan().classes()).hasSize(3);
      person.press(ENTER).type("trial-spike-0", "60 / heavy").press(ENTER);
      assertThat(person.sees("trial-spike-0-error")).isTrue();
      person.type("trial-spike-0", "60 / 48.2 mg").press(ENTER);
      assertThat(trial(person).runs().getFirst().spikes().getFirst().mg()).hasValue(48.2);
      person.press(ENTER).press(ENTER);
      assertThat(person.text("trial-found-0-error")).contains("0 where nothing was");
      person.type("trial-found-0", "61 / 49.1 mg").press(ENTER);
      assertThat(person.everything()).contains("1 speck more than was put in");
    }
  }

  @Test
  void aRunThatDoesNotCountSaysWhyAndItsTurnComesAgain() {
    try (Person person = at()) {
      person.press(N).write("Once more").press(ENTER);
      person.press(ENTER).press(ENTER).press(X);
      person.press(ENTER);
      assertThat(person.text("trial-strike-why-error")).contains("why this run is not to count");
      person.write("the pan tipped over").press(ENTER);
      assertThat(trial(person).runs().getFirst().struck().orElseThrow().reason())
          .isEqualTo("the pan tipped over");
      assertThat(trial(person).turn()).isInstanceOf(Turn.Run.class);
      assertThat(person.everything()).contains("does not count: the pan tipped over");
    }
  }

  /** Nothing recorded is lost: a trial whose beginning was taken back comes back. */
  @Test
  void aTrialTakenBackToBeforeItsBeginningComesBack() {
    try (Person person = at()) {
      person.press(N).write("First").press(ENTER);
      person.press(N).write("Second").press(ENTER);
      person.press(CONTROL, Z);
      assertThat(person.workbench().trials().all().get()).hasSize(1);
      assertThat(person.text("trial-choice")).isEqualTo("First");
      person.press(CONTROL, SHIFT, Z);
      assertThat(person.workbench().trials().all().get()).hasSize(2);
      assertThat(person.text("trial-choice")).isEqualTo("Second");
    }
  }

  @Test
  void howAMachineIsSetAndWhatIsDifferentIsKept() {
    try (Person person = at()) {
      person.press(N).write("Grooves").press(TAB).press(TAB);
      write(person, "grooves across", "tilt 2.5; volts 12", "left hand");
      person.press(ENTER);
      var first = trial(person).plan().contenders().getFirst();
      assertThat(first.variant()).isEqualTo("grooves across");
      assertThat(first.settings()).isEqualTo(Map.of("tilt", 2.5, "volts", 12.0));
      assertThat(first.operator()).isEqualTo("left hand");
      person.press(P).press(ESCAPE);
      person.press(P).click("trial-stuff-LEAD").press(ENTER);
      assertThat(trial(person).plan().stuff()).isEqualTo(Stuff.LEAD);
      assertThat(trial(person).plan().contenders().getFirst()).isEqualTo(first);
      assertThat(trial(person).name()).isEqualTo("Grooves");
    }
  }
}
