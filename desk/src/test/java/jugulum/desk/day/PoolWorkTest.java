package jugulum.desk.day;

import static javafx.scene.input.KeyCode.*;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.application.Platform;
import javafx.scene.control.TableView;
import jugulum.book.batch.BatchSummary;
import jugulum.core.belief.LotBelief;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure.PoolOf;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import org.junit.jupiter.api.Test;

/** Sand of two batches goes into a pool, is worked, and what it gave is told where it came from. */
class PoolWorkTest extends OnTheDemoBook {
  @SuppressWarnings("unchecked")
  private static TableView<LotBelief> table(Person person) {
    return (TableView<LotBelief>) person.root().lookup("#stock");
  }

  private static Person atStock(Person person) {
    person.press(CONTROL, DIGIT4).click("day-part-STOCK");
    person.until(() -> !table(person).getItems().isEmpty());
    return person.press(CONTROL, DIGIT4);
  }

  /** The weighed tailings of two batches are chosen. */
  private static void choose(Person person) {
    List<String> labels = List.of("Fernhollow 12", "Tarnbeck 7");
    List<LotBelief> items = table(person).getItems();
    int[] rows =
        labels.stream()
            .mapToInt(
                label ->
                    items.indexOf(
                        items.stream()
                            .filter(one -> one.lot().label().equals(label))
                            .filter(one -> one.lot().material() == Material.TAILINGS)
                            .filter(one -> one.lot().isWeighed())
                            .findFirst()
                            .orElseThrow()))
            .toArray();
    Platform.runLater(
        () -> {
          table(person).getSelectionModel().clearSelection();
          for (int row : rows) {
            table(person).getSelectionModel().select(row);
          }
          table(person).requestFocus();
        });
    person.settle();
  }

  private static BatchSummary named(Person person, String name) {
    return person.workbench().projections().batches().get().stream()
        .filter(one -> one.name().equals(name))
        .findFirst()
        .orElseThrow();
  }

  private static boolean isThere(Person person, String name) {
    return person.workbench().projections().batches().get().stream()
        .anyMatch(one -> one.name().equals(name) && one.state() != BatchSummary.State.TAKEN_BACK);
  }

  @Test
  void aPoolIsMadeByKeysWorkedAndToldByItsBatches() {
    try (Person person = Person.at(book)) {
      atStock(person);
      int before = table(person).getItems().size();
      choose(person);
      person.press(U).press(ENTER);
      assertThat(person.text("stock-what-error")).as("without a name").isNotEmpty();
      person.write("autumn pool").press(ENTER);
      person.until(() -> isThere(person, "autumn pool"));
      person.until(() -> table(person).getItems().size() == before - 1);
      BatchId pool = named(person, "autumn pool").id();
      assertThat(table(person).getItems()).anyMatch(one -> one.lot().batch().equals(pool));

      person.workbench().session().open(pool);
      person.until(() -> person.batch().id().equals(pool));
      PoolOf told = person.batch().lots().getFirst().latest(PoolOf.class).orElseThrow();
      assertThat(told.parts()).hasSize(2);
      person.press(CONTROL, DIGIT1).open(1);
      assertThat(person.text("lot-facts"))
          .contains("A pool: lots 2, batches 2. Looked at before: 2");
      person.press(F).press(ENTER);
      person.until(() -> person.batch().lots().size() == 3);
      person.open(2).type("gold", "84 mg").press(ENTER);
      person.until(
          () ->
              person
                  .workbench()
                  .projections()
                  .current()
                  .get()
                  .worked()
                  .orElseThrow()
                  .gold()
                  .won()
                  .isPresent());

      person.press(CONTROL, DIGIT5).click("season-part-POOLS");
      person.until(() -> person.text("pools-pane").contains("84.0 mg"));
      assertThat(person.text("pools-pane"))
          .contains("autumn pool", "Fernhollow 12", "Tarnbeck 7", "never compares methods");

      person.workbench().session().open(told.parts().getLast().batch());
      person.press(CONTROL, DIGIT3).click("account-part-GOLD");
      person.until(() -> person.everything().contains("Won later out of autumn pool"));
      assertThat(person.everything()).contains("Passed over");
    }
  }

  @Test
  void aPoolIsTakenBackInEveryBatchAtOnce() {
    try (Person person = Person.at(book)) {
      atStock(person);
      int before = table(person).getItems().size();
      choose(person);
      person.press(U).write("short pool").press(ENTER);
      person.until(() -> isThere(person, "short pool"));
      BatchId pool = named(person, "short pool").id();
      person.workbench().session().open(pool);
      person.until(() -> person.batch().id().equals(pool));
      person.press(CONTROL, DIGIT1).press(CONTROL, Z);
      person.until(() -> !isThere(person, "short pool"));
      atStock(person);
      person.until(() -> table(person).getItems().size() == before);
    }
  }

  /** Won gold stays out, with a sentence; a pool nothing was won of yet says so. */
  @Test
  void goldStaysOutAndAnUnworkedPoolSaysSo() {
    try (Person person = Person.at(book)) {
      atStock(person);
      int gold =
          table(person).getItems().stream()
              .map(one -> one.lot().material())
              .toList()
              .indexOf(Material.GOLD);
      Platform.runLater(
          () -> {
            table(person).getSelectionModel().clearSelection();
            table(person).getSelectionModel().select(gold);
            table(person).requestFocus();
          });
      person.settle();
      assertThat(person.text("stock-why")).doesNotContain("not known");
      person.press(U).write("gold pool").press(ENTER);
      assertThat(person.text("stock-what-error")).contains("Won gold does not go into a pool");
      assertThat(isThere(person, "gold pool")).isFalse();
      person.press(ESCAPE);
      choose(person);
      person.press(U).write("idle pool").press(ENTER);
      person.until(() -> isThere(person, "idle pool"));
      person.press(CONTROL, DIGIT5).click("season-part-POOLS");
      person.until(() -> person.text("pools-pane").contains("Nothing won yet out of"));
    }
  }
}
