package jugulum.desk.magnet;

import static javafx.scene.input.KeyCode.ALT;
import static javafx.scene.input.KeyCode.C;
import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DIGIT1;
import static javafx.scene.input.KeyCode.DOWN;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.ESCAPE;
import static javafx.scene.input.KeyCode.H;
import static javafx.scene.input.KeyCode.I;
import static javafx.scene.input.KeyCode.K;
import static javafx.scene.input.KeyCode.LEFT;
import static javafx.scene.input.KeyCode.M;
import static javafx.scene.input.KeyCode.RIGHT;
import static javafx.scene.input.KeyCode.TAB;
import static javafx.scene.input.KeyCode.X;
import static javafx.scene.input.KeyCode.Z;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Process.MagnetRun;
import jugulum.core.ledger.Process.MagnetRun.Medium;
import jugulum.core.ledger.Process.MagnetRun.Way;
import jugulum.core.ledger.Step;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import org.junit.jupiter.api.Test;

/** The magnet on the half-way demo batch: −50 +100 stands at its fourth pass, −100 waits. */
class MagnetWorkTest extends OnTheDemoBook {
  private static Step last(Person person) {
    return person.batch().steps().getLast();
  }

  private static Person pass(Person person, String lifted, String dropped, String specks) {
    return person
        .type("lifted", lifted)
        .type("dropped", dropped)
        .type("pass-specks", specks)
        .press(ENTER);
  }

  /** From the board to the third pass without touching the mouse. */
  @Test
  void theAdviceChangesAsPassesAreAddedByKeysAlone() {
    try (Person person = Person.at(book)) {
      person.press(CONTROL, DIGIT1).press(ESCAPE).pressTimes(DOWN, 6);
      while (!String.valueOf(person.focused().getId()).equals("station-2-5")) {
        person.press(person.focused().getId().startsWith("station-2") ? DOWN : RIGHT);
      }
      person.press(ENTER).press(M);
      assertThat(person.focused().getId()).isEqualTo("medium-BONE_DRY");
      person.press(TAB);
      assertThat(person.focused().getId()).isEqualTo("dry-check-NOT_CHECKED");
      person.press(ENTER);
      assertThat(person.text("step-error")).contains("run through the fingers");
      person.press(LEFT).press(LEFT).press(ENTER);
      assertThat(((MagnetRun) last(person).process()).check()).isPresent();
      assertThat(person.focused().getId()).isEqualTo("lifted");
      assertThat(person.text("pass-advice")).contains("Go on", "hold it over a fresh pan");
      person
          .write("1.31 kg")
          .press(TAB)
          .write("58 g")
          .press(ALT, C)
          .press(ALT, C)
          .press(ALT, C)
          .press(ENTER);
      assertThat(last(person).passes())
          .containsExactly(new Measure.Pass(Measure.Pass.From.SAND, 1_310, 58, 3));
      assertThat(person.text("pass-advice")).contains("Go on", "One pass cannot tell");
      assertThat(person.focused().getId()).as("ready for the next").isEqualTo("lifted");
      person
          .write("1252")
          .press(TAB)
          .write("30")
          .press(ALT, C)
          .press(ALT, C)
          .press(ALT, C)
          .press(ALT, C)
          .press(ENTER);
      assertThat(person.text("pass-advice")).contains("Not declining yet");
      person.write("1222").press(TAB).write("9").press(ENTER);
      assertThat(person.text("pass-advice")).contains("Stop here", "do not throw them away unseen");
      person.click("pass-why");
      assertThat(person.text("pass-sums")).contains("picks clean");
      person.press(CONTROL, Z);
      assertThat(person.text("pass-advice")).contains("Not declining yet");
    }
  }

  @Test
  void dampSandIsStartedOnlyOnASecondWordAndThatIsRecorded() {
    try (Person person = Person.at(book)) {
      int before = person.batch().steps().size();
      person
          .click("station-2-5")
          .press(M)
          .click("dry-check-MOISTURE")
          .type("dry-moisture", "3")
          .press(ENTER);
      assertThat(person.text("step-error")).contains("3.0 % water is damp");
      assertThat(person.text("damp")).contains("fine gold goes along");
      assertThat(person.batch().steps()).hasSize(before);
      assertThat(person.text("start-step")).contains("Start all the same");
      person.click("start-step");
      assertThat(((MagnetRun) last(person).process()).medium()).isEqualTo(Medium.DAMP);
      assertThat(person.text("panel-host")).contains("Damp");
    }
  }

  @Test
  void underWaterThereIsNoDust() {
    try (Person person = Person.at(book)) {
      person.click("station-2-5").press(M).click("medium-UNDER_WATER");
      assertThat(person.text("panel-host"))
          .doesNotContain("respirator")
          .contains("pinch and shatter");
      person.click("start-step");
      assertThat(person.text("panel-host")).contains("Under water").doesNotContain("respirator");
    }
  }

  @Test
  void aPassThatCannotBeIsToldAtItsField() {
    try (Person person = Person.at(book)) {
      person.click("station-2-4");
      int before = last(person).passes().size();
      pass(person, "3.4 kg", "3.5 kg", "1");
      assertThat(person.text("dropped-error")).contains("between 0 and 3400");
      pass(person, "9 kg", "10", "1");
      assertThat(person.text("lifted-error")).contains("only 3.43 kg is there to lift");
      pass(person, "3.4 kg", "10", "-2");
      assertThat(person.text("pass-specks-error")).contains("0");
      person.type("pass-specks", "1").press(ALT, H).type("pass-magnet", "horseshoe").press(ENTER);
      assertThat(person.text("pass-magnet-error")).contains("no magnet of your shop");
      assertThat(last(person).passes()).hasSize(before);
    }
  }

  @Test
  void howAPassWasDoneIsKeptAndItsMinutesDecideTheCost() {
    try (Person person = Person.at(book)) {
      person.click("station-2-4").press(ALT, H);
      person
          .type("pass-minutes", "12")
          .type("pass-gap", "4")
          .type("pass-magnet", "pull rod")
          .type("pass-gold", "0.2 mg");
      pass(person, "3427 g", "12", "");
      Measure.Pass made = last(person).passes().getLast();
      assertThat(made.goldMg()).hasValue(0.2);
      assertThat(made.minutes()).hasValue(12);
      assertThat(made.how().orElseThrow().magnet()).contains("pull rod");
      person.click("pass-why");
      assertThat(person.text("pass-sums")).contains("12 minutes cost 4.40 €");
      assertThat(person.text("pass-magnet"))
          .as("the next pass is done alike")
          .isEqualTo("pull rod");
    }
  }

  @Test
  void aForgottenPassIsPutInCorrectedAndStruck() {
    try (Person person = Person.at(book)) {
      person.click("station-2-4");
      int third = last(person).readings().getLast().id().number();
      person.click("correct-" + third).press(ALT, I);
      pass(person, "3460 g", "9 g", "12");
      assertThat(last(person).passes())
          .extracting(Measure.Pass::specks)
          .containsExactly(44, 19, 12, 8);
      person.press(ESCAPE);
      assertThat(person.text("passes")).contains("3 heap", "4 heap");
      person
          .click("correct-" + third)
          .type("pass-specks", "5")
          .type("reason", "counted twice")
          .press(ENTER);
      assertThat(last(person).passes())
          .extracting(Measure.Pass::specks)
          .containsExactly(44, 19, 12, 5);
      assertThat(person.text("pass-advice")).doesNotContain("lifted 9");
      person.press(CONTROL, Z).press(CONTROL, Z);
      assertThat(last(person).passes()).extracting(Measure.Pass::specks).containsExactly(44, 19, 8);
    }
  }

  @Test
  void whatTheHeapLostBetweenPassesIsAFinding() {
    try (Person person = Person.at(book)) {
      person.click("station-2-4");
      pass(person, "3.2 kg", "10", "2");
      assertThat(person.text("pass-advice"))
          .contains("Pass 4 lifted 227 g less than the 3.43 kg on the heap");
      assertThat(last(person).passes()).hasSize(4);
    }
  }

  @Test
  void theBenchTestFollowsTheMagnetiteAndRedrawsTheWindow() {
    try (Person person = Person.at(book)) {
      person.click("station-2-4");
      assertThat(person.text("left-over")).contains("51.3 %", "Pass 1 took", "97.6 %");
      assertThat(person.text("left-window")).contains("ilmenite", "magnetite");
      person
          .open(lot(person, 1))
          .click("measure-MAGNET_TEST")
          .type("test-weak", "0.3")
          .type("test-strong", "40")
          .press(ENTER);
      person.click("back");
      assertThat(person.text("left-window"))
          .as("a test of what is left speaks")
          .contains("ilmenite")
          .doesNotContain("magnetite");
      person
          .open(lot(person, 1))
          .click("measure-MAGNET_TEST")
          .type("test-weak", "70")
          .type("test-strong", "50")
          .press(ENTER);
      assertThat(person.text("test-strong-error")).contains("between 0 and 30");
    }
  }

  private static int lot(Person person, int output) {
    return last(person).outputs().get(output).number();
  }

  @Test
  void theShopsRuleAndTermsDecide() {
    try (Person person = Person.at(book)) {
      person.click("tab-SHOP").click("stop-rule-PAYS").click("tab-BENCH").click("station-2-4");
      assertThat(person.text("pass-advice")).contains("Stop here");
      person.click("pass-why");
      assertThat(person.text("pass-sums"))
          .contains("It does not", "Chance that it pays: under 1 %");
      person.click("tab-SHOP").type("terms-price", "90000").press(ENTER).click("tab-BENCH");
      assertThat(person.text("pass-advice")).contains("Go on", "One more pass would free");
      assertThat(person.text("pass-sums")).contains("It does.");
      person
          .click("tab-SHOP")
          .click("stop-rule-UNDER_SPECKS")
          .type("stop-specks", "10")
          .press(ENTER)
          .click("tab-BENCH");
      assertThat(person.text("pass-advice")).contains("Stop here");
      assertThat(person.text("pass-sums")).contains("fewer than 10");
      person.click("tab-SHOP").type("magnet-name", "rod").type("magnet-strength", "0").press(ENTER);
      assertThat(person.text("magnet-strength-error")).contains("Between 1 and 2000");
    }
  }

  @Test
  void magneticsAreBaggedOrThrownAwayWithAReason() {
    try (Person person = Person.at(book)) {
      person.click("station-2-4");
      int magnetics = lot(person, 0);
      person.open(magnetics).press(X).press(ENTER);
      assertThat(person.text("discard-reason-error")).contains("Nobody has looked for gold");
      person.press(ESCAPE).press(K).type("bag", "winter bag").press(ENTER);
      assertThat(person.text("panel-host")).contains("kept in bag “winter bag”");
      person.press(X).type("discard-reason", "bucket was needed").press(ENTER);
      assertThat(person.text("panel-host"))
          .contains("thrown away: bucket was needed", "It stays in the account");
      assertThat(person.sees("next-gravity")).isFalse();
      assertThat(
              person
                  .batch()
                  .lot(new LotId(magnetics))
                  .orElseThrow()
                  .latest(Measure.Discarded.class))
          .isPresent();
    }
  }

  @Test
  void theDrumTellsItsFirstPassAndASecondOne() {
    try (Person person = Person.at(book)) {
      person
          .click("station-2-5")
          .click("measure-MAGNET_TEST")
          .type("test-weak", "60")
          .type("test-strong", "20")
          .press(ENTER);
      person.press(ALT, M).click("way-DRUM").click("dry-check-RAN_FREELY").click("start-step");
      assertThat(((MagnetRun) last(person).process()).by()).isEqualTo(Way.DRUM);
      person.type("feed-rate", "22").press(ENTER);
      assertThat(last(person).readings())
          .extracting(reading -> reading.measure())
          .isEqualTo(List.of(new Measure.FeedRate(22)));
      assertThat(person.text("drum-said")).contains("Weigh the magnetics");
      person.type("gross", "1440").press(ENTER).type("gross", "1135").press(ENTER);
      assertThat(person.text("drum-said"))
          .contains("took 93.0 % of the magnetite", "usually takes 90 to 95 %");
      person
          .click("second-pass")
          .click("way-DRUM")
          .click("dry-check-RAN_FREELY")
          .click("start-step");
      assertThat(last(person).inputs()).hasSize(1);
    }
  }
}
