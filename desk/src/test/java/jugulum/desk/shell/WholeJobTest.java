package jugulum.desk.shell;

import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DIGIT1;
import static javafx.scene.input.KeyCode.DIGIT4;
import static javafx.scene.input.KeyCode.DIGIT5;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.ESCAPE;
import static javafx.scene.input.KeyCode.F;
import static javafx.scene.input.KeyCode.F11;
import static javafx.scene.input.KeyCode.RIGHT;
import static javafx.scene.input.KeyCode.U;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import javafx.application.Platform;
import javafx.scene.control.TableView;
import jugulum.core.belief.LotBelief;
import jugulum.core.finish.Finishing;
import jugulum.core.gold.Smelts;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.MeltFact;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Step;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import org.junit.jupiter.api.Test;

/** One batch is finished, smelted and pooled, by keys. */
class WholeJobTest extends OnTheDemoBook {
  private static Lot lot(Person person, Material material, String cut) {
    return person.batch().lots().stream()
        .filter(lot -> lot.material() == material && lot.cut().notation().equals(cut))
        .filter(
            lot ->
                person.batch().steps().stream().noneMatch(step -> step.inputs().contains(lot.id())))
        .findFirst()
        .orElseThrow();
  }

  private static void turnTo(Person person, String question) {
    for (int i = 0; i < 60 && !person.text("hands-question").contains(question); i++) {
      person.press(RIGHT);
    }
    assertThat(person.text("hands-question")).contains(question);
  }

  /** Answers one task of bench mode, part by part. */
  private static void answers(Person person, String... texts) {
    long before = person.batch().readings().count();
    for (String text : texts) {
      person.write(text).press(ENTER);
    }
    person.until(() -> person.batch().readings().count() > before);
    assertThat(person.sees("hands-wrong")).isFalse();
  }

  private static void yes(Person person, int times) {
    for (int i = 0; i < times; i++) {
      answers(person, "");
    }
  }

  private static Step finishing(Person person) {
    return person.batch().steps().stream()
        .filter(step -> step.process() instanceof Process.Finishing)
        .reduce((_, later) -> later)
        .orElseThrow();
  }

  private static void finishes(Person person) {
    Lot concentrate =
        person.batch().lots().stream()
            .filter(lot -> lot.material() == Material.CONCENTRATE)
            .filter(
                lot ->
                    person.batch().steps().stream()
                        .noneMatch(step -> step.inputs().contains(lot.id())))
            .findFirst()
            .orElseThrow();
    int before = person.batch().steps().size();
    person.press(CONTROL, DIGIT1).open(concentrate.id().number()).press(F).press(ENTER);
    person.until(() -> person.batch().steps().size() > before);
    person.press(F11);
    turnTo(person, "finished");
    answers(person, "1");
    yes(person, 5);
    answers(person, "4", "1");
    answers(person, "210", "");
    answers(person, "2");
    turnTo(person, "How much gold?");
    answers(person, "210 mg");
    person.press(ESCAPE);
  }

  private static void smelts(Person person, Lot tailings) {
    person
        .workbench()
        .session()
        .submit(
            new Edit.RecordOnLot(
                tailings.id(),
                new Measure.Melt(0, new MeltFact.Taken(150, Measure.VisibleGold.LEFT))));
    person.settle();
    person.press(F11);
    turnTo(person, "mercury");
    yes(person, 2);
    answers(person, "80", "20", "");
    answers(person, "150", "1", "40");
    yes(person, 4);
    yes(person, 1);
    turnTo(person, "poured");
    yes(person, 1);
    turnTo(person, "button weigh");
    answers(person, "40.5");
    turnTo(person, "cupel");
    yes(person, 1);
    turnTo(person, "bead weigh");
    answers(person, "3.4");
    person.press(ESCAPE);
  }

  @SuppressWarnings("unchecked")
  private static TableView<LotBelief> stock(Person person) {
    return (TableView<LotBelief>) person.root().lookup("#stock");
  }

  private static void pools(Person person, Lot tailings) {
    person.press(CONTROL, DIGIT4).click("day-part-STOCK");
    person.until(() -> !stock(person).getItems().isEmpty()).press(CONTROL, DIGIT4);
    List<LotBelief> items = stock(person).getItems();
    List<LotBelief> both =
        items.stream()
            .filter(one -> one.lot().material() == Material.TAILINGS && one.lot().isWeighed())
            .filter(
                one ->
                    one.lot().lot().equals(tailings.id())
                            && one.lot().batch().equals(person.batch().id())
                        || one.lot().label().equals("Tarnbeck 7"))
            .limit(2)
            .toList();
    assertThat(both).hasSize(2);
    Platform.runLater(
        () -> {
          stock(person).getSelectionModel().clearSelection();
          both.forEach(stock(person).getSelectionModel()::select);
          stock(person).requestFocus();
        });
    person.settle().press(U).write("last pool").press(ENTER);
    person.until(
        () ->
            person.workbench().projections().batches().get().stream()
                .anyMatch(one -> one.name().equals("last pool")));
  }

  @Test
  void aBatchIsFinishedSmeltedAndPooled() {
    try (Person person = Person.at(book)) {
      finishes(person);
      assertThat(Finishing.of(finishing(person)).turns())
          .singleElement()
          .satisfies(turn -> assertThat(turn.goldMg()).isEqualTo(210));
      Lot tailings = lot(person, Material.TAILINGS, "−30 +50");
      smelts(person, tailings);
      assertThat(Smelts.of(person.batch().lot(tailings.id()).orElseThrow()))
          .singleElement()
          .satisfies(one -> assertThat(one.beadMg()).isCloseTo(3.4, within(1e-9)));
      pools(person, tailings);
      assertThat(person.batch().lot(tailings.id()).orElseThrow().latest(Measure.Pooled.class))
          .as("its sand is in the pool, what was smelted before counts")
          .isPresent();
      person.press(CONTROL, DIGIT5).click("season-part-POOLS");
      person.until(() -> person.text("pools-pane").contains("last pool"));
      assertThat(person.text("pools-pane")).contains("Fernhollow 12", "Tarnbeck 7");
    }
  }
}
