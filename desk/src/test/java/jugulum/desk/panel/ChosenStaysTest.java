package jugulum.desk.panel;

import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.G;
import static javafx.scene.input.KeyCode.U;
import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.control.CheckBox;
import javafx.scene.control.ToggleButton;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Measure.Pass.From;
import jugulum.core.ledger.Step;
import jugulum.core.machine.RunLog;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import org.junit.jupiter.api.Test;

/**
 * What a person has chosen in a form stays chosen while the window is written anew: another unit,
 * another edit, another shop.
 */
class ChosenStaysTest extends OnTheDemoBook {
  private static Step magnet(Person person) {
    return person.batch().steps().getLast();
  }

  @Test
  void aPassFromTheSandIsRecordedFromTheSandAfterTheUnitChanged() {
    try (Person person = Person.at(book)) {
      person
          .click("station-2-4")
          .click("from-sand")
          .type("lifted", "120 g")
          .type("dropped", "4 g")
          .type("pass-specks", "2");
      person.press(CONTROL, U);
      assertThat(person.text("lifted")).as("what was typed stays").isEqualTo("120 g");
      person.click("record-pass");
      assertThat(magnet(person).passes().getLast().from()).isEqualTo(From.SAND);
    }
  }

  @Test
  void aPassFromTheSandSurvivesAnEditThatComesBackLate() {
    try (Person person = Person.at(book)) {
      person.click("station-2-4").click("from-sand");
      int lot = magnet(person).outputs().getFirst().number();
      person
          .workbench()
          .session()
          .submit(new Edit.RecordOnLot(new LotId(lot), new Measure.SandWeight(3_430, 0, 0, 10)))
          .toCompletableFuture()
          .join();
      person
          .settle()
          .type("lifted", "110 g")
          .type("dropped", "2 g")
          .type("pass-specks", "1")
          .press(ENTER);
      assertThat(magnet(person).passes().getLast().from()).isEqualTo(From.SAND);
    }
  }

  @Test
  void portsTickedForARunStayTicked() {
    try (Person person = Person.at(book)) {
      person.click("station-2-5").press(G).click("port-MIDDLINGS");
      boolean ticked = ((CheckBox) person.root().lookup("#port-MIDDLINGS")).isSelected();
      person.press(CONTROL, U);
      assertThat(((CheckBox) person.root().lookup("#port-MIDDLINGS")).isSelected())
          .isEqualTo(ticked);
      person.click("start-step");
      assertThat(
              magnet(person).outputs().stream()
                  .map(id -> person.batch().lot(id).orElseThrow().material().name())
                  .toList()
                  .contains("MIDDLINGS"))
          .isEqualTo(ticked);
    }
  }

  @Test
  void theMeasureChosenForALotStaysChosen() {
    try (Person person = Person.at(book)) {
      person.open(6).click("measure-ASSAY").type("grade", "12");
      person.press(CONTROL, U);
      assertThat(((ToggleButton) person.root().lookup("#measure-ASSAY")).isSelected()).isTrue();
      assertThat(person.text("grade")).isEqualTo("12");
      person.press(ENTER);
      assertThat(person.batch().lot(new LotId(6)).orElseThrow().latest(Measure.Assay.class))
          .isPresent();
    }
  }

  /** A Start struck out takes its Stop along, and the run can be started anew. */
  @Test
  void aStruckStartLeavesARunThatCanBeStartedAgain() {
    try (Person person = Person.at(book)) {
      person.click("station-2-5").press(G).click("start-step").click("run").click("run");
      int start =
          magnet(person).readings().stream()
              .filter(
                  one ->
                      one.measure() instanceof Measure.Running running
                          && running.state() == Measure.Running.State.STARTED)
              .findFirst()
              .orElseThrow()
              .id()
              .number();
      person
          .click("correct-" + start)
          .type("reason", "it was another bowl")
          .click("correct-strike");
      person.click("run");
      assertThat(
              magnet(person)
                  .live(Measure.Running.class)
                  .filter(
                      one ->
                          ((Measure.Running) one.measure()).state()
                              == Measure.Running.State.STARTED))
          .hasSize(1);
      person.click("run");
      assertThat(RunLog.of(magnet(person)).isRunning()).isFalse();
    }
  }
}
