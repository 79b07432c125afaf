package jugulum.desk.day;

import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DIGIT1;
import static javafx.scene.input.KeyCode.DIGIT4;
import static javafx.scene.input.KeyCode.DOWN;
import static javafx.scene.input.KeyCode.ENTER;
import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.control.ListView;
import javafx.scene.control.TableView;
import jugulum.core.belief.LotBelief;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import jugulum.desk.session.Workbench;
import org.junit.jupiter.api.Test;

class DayViewTest extends OnTheDemoBook {
  private static ListView<?> today(Person person) {
    return (ListView<?>) person.root().lookup("#today");
  }

  @SuppressWarnings("unchecked")
  private static TableView<LotBelief> stock(Person person) {
    return (TableView<LotBelief>) person.root().lookup("#stock");
  }

  /** What is open is listed, Enter goes to it, and what is done there is gone from the list. */
  @Test
  void whatIsOpenIsListedAndLeadsThere() {
    try (Person person = Person.at(book)) {
      person.openInOneFrame("Saltergill 3");
      person.settle().open(1).click("change").click("route").press(DOWN).press(ENTER);
      person.press(CONTROL, DIGIT4).click("day-part-OPEN").press(CONTROL, DIGIT4);
      assertThat(person.everything()).contains("Screen on 16 · 30 · 50 · 80 · 100");
      int before = today(person).getItems().size();
      person.press(ENTER);
      assertThat(person.sees("next-by-route")).as("the lot is open on the bench").isTrue();
      person.click("next-by-route").click("start-step").press(CONTROL, DIGIT4);
      assertThat(today(person).getItems())
          .as("five screens make six cuts to weigh")
          .hasSizeGreaterThanOrEqualTo(before + 5);
      assertThat(person.everything()).contains("Weigh: −80 +100");
    }
  }

  @Test
  void aClosedBatchHasNothingOpen() {
    try (Person person = Person.at(book)) {
      person.openInOneFrame("Tarnbeck 7");
      person.settle().press(CONTROL, DIGIT4).click("day-part-OPEN");
      assertThat(today(person).getItems()).isEmpty();
      assertThat(person.everything()).contains("Nothing is open");
    }
  }

  @Test
  void theStockIsOfEveryBatchAndGoesWithTheEdits() {
    try (Person person = Person.at(book)) {
      person.openInOneFrame("Saltergill 3");
      person.settle().press(CONTROL, DIGIT4).click("day-part-STOCK");
      person.until(() -> !stock(person).getItems().isEmpty());
      assertThat(stock(person).getItems())
          .extracting(one -> one.lot().label())
          .contains("Saltergill 3", "Fernhollow 12", "Tarnbeck 7");
      int before = stock(person).getItems().size();
      Workbench bench = person.workbench();
      person
          .press(CONTROL, DIGIT1)
          .open(1)
          .click("next-screen")
          .type("stack", "20 50")
          .click("start-step");
      assertThat(bench.projections().current().get().worked().orElseThrow().batch().lots())
          .hasSizeGreaterThan(1);
      person.press(CONTROL, DIGIT4);
      person.until(() -> stock(person).getItems().size() > before);
      assertThat(stock(person).getItems()).as("the feed became three cuts").hasSize(before + 2);
    }
  }
}
