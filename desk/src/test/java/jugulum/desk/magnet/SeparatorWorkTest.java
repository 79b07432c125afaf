package jugulum.desk.magnet;

import static javafx.scene.input.KeyCode.ALT;
import static javafx.scene.input.KeyCode.B;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.ESCAPE;
import static javafx.scene.input.KeyCode.M;
import static javafx.scene.input.KeyCode.R;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Machine.Kind;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Process.MagnetRun;
import jugulum.core.ledger.Process.MagnetRun.Way;
import jugulum.core.ledger.Step;
import jugulum.core.machine.Gear;
import jugulum.core.machine.Inverter;
import jugulum.core.machine.RunLog;
import jugulum.core.shop.ShopEdit;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import org.junit.jupiter.api.Test;

/** A drum and a second stage of one's own, on the cut of the half-way batch that waits. */
class SeparatorWorkTest extends OnTheDemoBook {
  private static final Gear DRUM =
      new Gear(
              "north drum",
              Kind.DRUM_SEPARATOR,
              Optional.empty(),
              Map.of(),
              OptionalDouble.of(70),
              OptionalDouble.of(480),
              OptionalDouble.empty())
          .behind(Optional.of(new Inverter(0.85, 8)));
  private static final Gear SECOND = Gear.any(new Machine(Kind.SECOND_STAGE, "near magnet"));

  private static Step last(Person person) {
    return person.batch().steps().getLast();
  }

  private static void owns(Person person, Gear... gear) {
    Stream.of(gear)
        .forEach(one -> person.workbench().session().change(new ShopEdit.KnowMachine(one)));
    person.until(
        () -> person.workbench().projections().shop().get().separators().size() == gear.length);
  }

  @Test
  void aDrumIsTimedSetLookedAtAndItsLineSeen() {
    try (Person person = Person.at(book)) {
      owns(person, DRUM, SECOND);
      person.click("station-2-5").click("measure-LIFT_TEST");
      person.type("lifts", "20 31; 10 12 2").press(ENTER);
      assertThat(person.text("lifts-error")).contains("20 31");
      person.type("lifts", "20 31 0; 10 12 2; 5 4 7").press(ENTER);
      person.press(ALT, M);
      assertThat(person.text("separator-says")).contains("hands", "no run looked at yet");
      person.click("dry-check-RAN_FREELY").click("start-step");
      assertThat(((MagnetRun) last(person).process()).with()).contains(DRUM.machine());
      assertThat(((MagnetRun) last(person).process()).by()).isEqualTo(Way.DRUM);
      assertThat(person.text("strength")).contains("Work it at 10 mm: 91", "2 of 9 specks");
      person.press(ALT, R).until(() -> RunLog.of(last(person)).isRunning());
      assertThat(person.everything()).as("at its station, not a pass").contains("drum, running");
      person.press(ALT, B);
      assertThat(person.text("sheet-sums")).isNotNull();
      person.type("dial-magnet-gap", "12").press(ENTER).type("dial-feed", "20").press(ENTER);
      assertThat(last(person).setting("magnet-gap")).hasValue(12);
      assertThat(person.text("sheet-sums")).contains("The battery lasts 5 h 19");
      person.press(ESCAPE).press(ALT, R).until(() -> !RunLog.of(last(person)).isRunning());
      assertThat(last(person).live(Measure.Running.class)).hasSize(2);
    }
  }

  @Test
  void withoutOnesOwnItIsAskedWhatLifts() {
    try (Person person = Person.at(book)) {
      person.click("station-2-5").press(ALT, M).click("way-DRUM");
      person.click("dry-check-RAN_FREELY").click("start-step");
      assertThat(((MagnetRun) last(person).process()).with()).isEmpty();
      assertThat(person.sees("separator-keys")).isFalse();
    }
  }
}
