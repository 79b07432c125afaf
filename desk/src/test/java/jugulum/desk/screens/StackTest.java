package jugulum.desk.screens;

import static javafx.scene.input.KeyCode.A;
import static javafx.scene.input.KeyCode.ALT;
import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.S;
import static javafx.scene.input.KeyCode.Z;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Reading;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A stack weighed as it comes apart, on the demo batch that was only received: 27,394 g dry. */
class StackTest extends OnTheDemoBook {
  private static Person received(Person person) {
    person.openInOneFrame("Saltergill 3");
    return person.click("station-1-1");
  }

  private static Person screened(Person person, String stack) {
    return received(person).press(S).type("stack", stack).press(ENTER);
  }

  private static Lot lot(Person person, int number) {
    return person.batch().lot(new LotId(number)).orElseThrow();
  }

  private static Person weighs(Person person, String... weights) {
    for (String weight : weights) {
      person.type("gross", weight).press(ENTER);
    }
    return person;
  }

  @ParameterizedTest
  @CsvSource({
    "30 16, not finer than 30",
    "16 16, stands in the stack twice",
    "16 37, none of the screens you own",
    "'', Choose at least one"
  })
  void aStackThatCannotBeIsToldAtTheField(String typed, String sentence) {
    try (Person person = Person.at(book)) {
      received(person).press(S).type("stack", typed).press(ENTER);
      assertThat(person.text("stack-error")).contains(sentence);
      assertThat(person.batch().steps()).hasSize(1);
    }
  }

  @Test
  void typingAndPressingShowTheSameStack() {
    try (Person person = Person.at(book)) {
      received(person).press(S).type("stack", "16, 50");
      assertThat(person.text("cuts-preview")).contains("+16 · −16 +50 · −50");
      person.click("screen-30");
      assertThat(person.text("stack")).isEqualTo("16 30 50");
      person.click("manner-DRY_BULK");
      assertThat(person.sees("screen-200")).as("a screen for wet work only").isFalse();
      assertThat(person.text("panel-host")).contains("respirator");
    }
  }

  @Test
  void severalBowlsOfOneCutAddUp() {
    try (Person person = Person.at(book)) {
      screened(person, "16 50");
      weighs(person, "2.9 kg");
      person.type("gross", "8 kg").press(ALT, A);
      assertThat(person.text("weigh-target")).contains("−16 +50, bowl 2");
      weighs(person, "6.2 kg");
      assertThat(person.text("weigh-target")).contains("−50").doesNotContain("bowl");
      weighs(person, "10.2 kg");
      assertThat(lot(person, 3).weighedDryG()).hasValue(14_200);
      assertThat(person.text("closure")).contains("99.7 % found");
      person.open(3);
      assertThat(person.text("panel-host")).contains("6.2 kg, bowl 2");
    }
  }

  @Test
  void aContainerToldWithItsNameIsRemembered() {
    try (Person person = Person.at(book)) {
      screened(person, "16 50");
      person.type("gross", "3.3 kg").type("tare", "deep tub = 400 g").press(ENTER);
      assertThat(lot(person, 2).latest(Measure.SandWeight.class).orElseThrow())
          .satisfies(weight -> assertThat(weight.container()).contains("deep tub"))
          .satisfies(weight -> assertThat(weight.netG()).isEqualTo(2_900));
      person.type("gross", "14.6 kg").type("tare", "Deep Tub").press(ENTER);
      assertThat(lot(person, 3).weighedDryG()).hasValue(14_200);
      person.type("gross", "10.2 kg").type("tare", "tin").press(ENTER);
      assertThat(person.text("tare-error"))
          .contains("“tin” is no container known here", "name and weight");
      assertThat(person.text("gross")).as("what was typed stays").isEqualTo("10.2 kg");
      person.click("container-0");
      assertThat(person.text("tare")).isEqualTo("deep tub");
    }
  }

  @Test
  void aWetCutHasItsOwnWaterWithItsDoubt() {
    try (Person person = Person.at(book)) {
      screened(person, "16 50");
      person.type("gross", "3 kg").type("moisture", "8 ± 1.5").press(ENTER);
      Measure.SandWeight weight = lot(person, 2).latest(Measure.SandWeight.class).orElseThrow();
      assertThat(weight.moisture()).isCloseTo(0.08, within(1e-12));
      assertThat(weight.moistureSd().orElseThrow()).isCloseTo(0.015, within(1e-12));
      person.type("gross", "3 kg").type("moisture", "100").press(ENTER);
      assertThat(person.text("moisture-error")).contains("Between 0 and 99");
      person.type("moisture", "8 ± x").press(ENTER);
      assertThat(person.text("moisture-error")).contains("is not a number");
      assertThat(lot(person, 3).readings()).isEmpty();
    }
  }

  @Test
  void aCutHeavierThanTheStackIsRefusedAlsoInSeveralBowls() {
    try (Person person = Person.at(book)) {
      screened(person, "16 50");
      weighs(person, "30 kg");
      assertThat(person.text("gross-error")).contains("more than the 27.39 kg that went in");
      person.type("gross", "20 kg").press(ALT, A);
      weighs(person, "8 kg");
      assertThat(person.text("gross-error")).contains("28.00 kg is more than");
    }
  }

  @Test
  void theWeightThatAloneExplainsAStackThatDoesNotCloseIsNamed() {
    try (Person person = Person.at(book)) {
      screened(person, "16 50");
      weighs(person, "9.2 kg", "14.2 kg", "10.2 kg");
      assertThat(person.text("closure"))
          .contains(
              "outside your 1.0 %",
              "Weigh +16 again", "9.20 kg does not fit; 2.90 kg would. Were two digits swapped?");
    }
  }

  @Test
  void whereOneOfSeveralWeightsCanHaveTheSlipAllAreNamed() {
    try (Person person = Person.at(book)) {
      screened(person, "16 50 100");
      weighs(person, "2.9 kg", "14.2 kg", "8.1 kg", "2.9 kg");
      assertThat(person.text("closure"))
          .contains("Was the container not taken off? One of these alone would explain it");
      assertThat(person.text("closure"))
          .contains(
              "+16, 2.19 kg for 2.90 kg",
              "−16 +50, 13.49 kg for 14.20 kg",
              "−50 +100, 7.39 kg for 8.10 kg",
              "−100, 2.19 kg for 2.90 kg");
    }
  }

  @Test
  void aMissingPanIsSaid() {
    try (Person person = Person.at(book)) {
      screened(person, "16 50");
      weighs(person, "2.9 kg", "14.2 kg");
      assertThat(person.text("screen-findings")).contains("The pan, −50, is not weighed");
    }
  }

  @Test
  void theOversizeWarningStaysUntilSomeoneLooks() {
    try (Person person = Person.at(book)) {
      screened(person, "16 50");
      weighs(person, "2.9 kg", "14.2 kg", "10.2 kg");
      assertThat(person.text("screen-findings"))
          .contains("Nobody has looked the oversize +16 over");
      person.open(2).type("pickers", "2").type("pickers-mass", "0.41 g").press(ENTER);
      assertThat(lot(person, 2).latest(Measure.LookedOver.class))
          .contains(new Measure.LookedOver(2, 0.41));
      assertThat(person.text("lot-facts")).contains("0.410 to", "Hidden gold not measured");
      person.click("back");
      assertThat(person.text("screen-findings")).contains("+16 looked over, 2 pickers found");
      person.press(CONTROL, Z);
      assertThat(person.text("screen-findings")).contains("Nobody has looked");
      person.open(2).type("pickers", "0").type("pickers-mass", "0.4 g").press(ENTER);
      assertThat(person.text("pickers-mass-error")).contains("0 without one");
    }
  }

  @Test
  void theLastMinuteSaysGoOnOrEnough() {
    try (Person person = Person.at(book)) {
      screened(person, "16 50");
      person.type("last-minute", "300 g").press(ENTER);
      assertThat(person.text("shaking-said")).contains("Screen 16: go on", "1.10 %");
      person.type("last-minute", "90 g").press(ENTER);
      assertThat(person.text("shaking-said")).contains("enough", "0.33 %");
      person.type("last-minute", "90 kg").press(ENTER);
      assertThat(person.text("last-minute-error")).contains("more than");
    }
  }

  @Test
  void aLastMinuteReadWrongIsCorrectedOrStruckAndKept() {
    try (Person person = Person.at(book)) {
      screened(person, "16 50");
      person.type("last-minute", "300 g").press(ENTER);
      Reading wrong = person.batch().steps().getLast().readings().getFirst();
      person
          .click("correct-" + wrong.id().number())
          .type("last-minute", "30 g")
          .type("reason", "a nought too many")
          .press(ENTER);
      assertThat(person.text("shaking-said")).contains("enough", "0.11 %").doesNotContain("go on");
      assertThat(person.text("panel-host")).contains("Struck out: a nought too many");
      Reading right = person.batch().steps().getLast().readings().getLast();
      person
          .click("correct-" + right.id().number())
          .type("reason", "another screen")
          .click("correct-strike");
      assertThat(person.text("shaking-said")).isEmpty();
      assertThat(person.batch().steps().getLast().readings()).hasSize(2).noneMatch(Reading::isLive);
    }
  }

  @Test
  void aDrySampleIsHeldToTheLaboratorysLimits() {
    try (Person person = Person.at(book)) {
      received(person).press(S).click("manner-DRY_SAMPLE").type("stack", "16 50").press(ENTER);
      weighs(person, "2.9 kg", "14.2 kg", "10.19 kg");
      assertThat(person.text("closure")).contains("outside your 0.3 %");
      assertThat(person.text("screen-findings"))
          .contains("Screen 50 kept 14.20 kg")
          .contains("Shake it in portions");
    }
  }
}
