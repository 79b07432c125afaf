package jugulum.desk.practice;

import static javafx.scene.input.KeyCode.*;
import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.input.KeyCode;
import jugulum.book.replay.ReplayFile;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import jugulum.practice.drill.LostBy;
import jugulum.practice.drill.Replay;
import jugulum.practice.drill.Run;
import org.junit.jupiter.api.Test;

/** Practice played by keys alone. */
class PracticeTest extends OnTheDemoBook {
  private Person atPractice() {
    Person person = Person.at(book);
    person.sized(1280, 800).press(CONTROL, DIGIT6).click("gear-part-PRACTICE");
    return person.press(CONTROL, DIGIT6).until(() -> person.sees("drills"));
  }

  private static Person begun(Person person, int drill) {
    person.pressTimes(DOWN, drill).press(ENTER);
    return person.until(() -> person.sees("practice-stage"));
  }

  @Test
  void aRunOpenedTooFastIsNamedSoAndKept() throws Exception {
    try (Person person = atPractice()) {
      assertThat(person.text("practice-pane")).contains("Not run yet");
      begun(person, 4).press(R).press(O);
      assertThat(person.text("knob-size")).isEqualTo("110 g");
      assertThat(person.text("knob-place")).isEqualTo("anywhere on the floor");
      person.press(O).press(SPACE).press(SPACE).pressTimes(UP, 60);
      assertThat(person.text("knob-charge")).isEqualTo("220 of 300 g in");
      assertThat(person.text("knob-valve")).isEqualTo("30.0 L/min");
      person.press(F).until(() -> person.text("practice-lost").matches("[1-9].*%.*"));
      person.press(ESCAPE).until(() -> person.sees("verdict-page"));
      assertThat(person.text("verdict-losses")).contains("Opened fast once:");
      assertThat(person.text("verdict-reached")).startsWith("Not reached");
      Path file = folder.resolve("run.json");
      person.choosing(file).press(S).until(() -> Files.exists(file));
      person.settle();
      assertThat(person.text("verdict-best")).contains("best run");
      Replay replay = ((ReplayFile.Whole) ReplayFile.read(file)).replay();
      Run run = replay.played();
      assertThat(run.losses()).anyMatch(loss -> loss.habit() == LostBy.OPENED_FAST);
      String before = person.text("verdict-score");
      person.press(ESCAPE).until(() -> person.sees("drills"));
      assertThat(person.text("practice-pane")).contains("Run once");
      person.press(I).until(() -> person.sees("verdict-page"));
      assertThat(person.text("verdict-score")).isEqualTo(before);
    }
    // What one reached is kept with the bench.
    try (Person person = atPractice()) {
      person.pressTimes(DOWN, 4);
      assertThat(person.text("practice-pane")).contains("Run once");
    }
  }

  @Test
  void aTableIsSetAndItsLineFollows() {
    try (Person person = atPractice()) {
      begun(person, 9);
      person
          .pressTimes(UP, 8)
          .pressTimes(RIGHT, 2)
          .press(K)
          .press(L)
          .press(H)
          .press(R)
          .press(B)
          .press(T)
          .press(N);
      assertThat(person.text("knob-tilt")).isEqualTo("3.00°");
      assertThat(person.text("knob-water")).isEqualTo("22 L/min");
      assertThat(person.text("knob-spray")).isEqualTo("1 L/min");
      assertThat(person.text("knob-feed")).isEqualTo("18 kg/h");
      assertThat(person.text("knob-splitter-1")).isEqualTo("90 mm down");
      assertThat(person.text("knob-splitter-2")).isEqualTo("190 mm down");
      assertThat(person.text("knob-splitter-3")).isEqualTo("310 mm down");
      person.press(F).until(() -> person.text("practice-about").startsWith("Film of water"));
      person.press(P);
      assertThat(person.text("practice-pause")).startsWith("Go on");
      person.press(P).press(E).until(() -> person.sees("verdict-page"));
      assertThat(person.text("verdict-score")).contains("of the gold lost in");
    }
  }

  @Test
  void threeDropsFreeWhatALiftTraps() {
    try (Person person = atPractice()) {
      begun(person, 13);
      doneWhenFree(person, UP);
      for (int drop = 1; drop <= 3; drop++) {
        doneWhenFree(person, SPACE);
      }
      assertThat(person.text("knob-drop")).isEqualTo("3 drops");
      doneWhenFree(person, D);
      person.until(() -> person.sees("verdict-page"));
      assertThat(person.text("verdict-reached")).isEqualTo("Reached.");
    }
  }

  /** Hands are full for some seconds after each move. */
  private static void doneWhenFree(Person person, KeyCode key) {
    person.until(() -> !person.text("knob-lift").contains("hands full"));
    person.press(key);
    if (key != D) {
      person.until(() -> person.text("knob-lift").contains("hands full"));
    }
  }

  @Test
  void aFileThatIsNoRunIsSaidToBeNone() throws Exception {
    try (Person person = atPractice()) {
      Path file = folder.resolve("other.json");
      Files.writeString(file, "{\"kind\": \"other\"}");
      person
          .choosing(file)
          .press(I)
          .until(() -> person.everything().contains("no run of practice"));
      assertThat(person.everything()).contains("Nothing was changed");
      assertThat(person.sees("drills")).isTrue();
    }
  }

  @Test
  void oneTrainsOnASandOfTheBench() {
    try (Person person = atPractice()) {
      person.openInOneFrame("Fernhollow 12");
      person.settle().click("practice-sand").press(DOWN).press(DOWN).press(ENTER);
      person.until(() -> person.text("practice-sand").contains("Fernhollow 12"));
      person.click("practice-begin").until(() -> person.sees("practice-stage"));
      person.press(ESCAPE).until(() -> person.sees("verdict-page"));
    }
  }

  @Test
  void theSoundOfWaterFollowsItsLevelAndKnocksWhenTheLipDrawsAir() {
    byte[] bytes = new byte[2 * WaterSound.RATE];
    try (WaterSound sound = new WaterSound()) {
      sound.level(0);
      sound.fill(bytes);
      double silent = loudness(bytes);
      sound.level(16);
      sound.fill(bytes);
      double high = loudness(bytes);
      sound.level(WaterSound.KNOCKS_BELOW_MM - 1);
      sound.fill(bytes);
      double knocking = loudness(bytes);
      sound.level(WaterSound.KNOCKS_BELOW_MM + 0.1);
      sound.fill(bytes);
      assertThat(silent).isZero();
      assertThat(high).isPositive();
      assertThat(knocking).isGreaterThan(loudness(bytes));
    }
  }

  private static double loudness(byte[] bytes) {
    double sum = 0;
    for (int i = 0; i < bytes.length; i += 2) {
      double value = (short) ((bytes[i] & 0xff) | bytes[i + 1] << Byte.SIZE) / 32768.0;
      sum += value * value;
    }
    return Math.sqrt(sum / (bytes.length / 2.0));
  }
}
