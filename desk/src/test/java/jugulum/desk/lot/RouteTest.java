package jugulum.desk.lot;

import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DOWN;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.Z;
import static org.assertj.core.api.Assertions.assertThat;

import jugulum.core.ledger.Process;
import jugulum.core.ledger.Route;
import jugulum.core.screens.Screen;
import jugulum.core.task.Routes;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import org.junit.jupiter.api.Test;

/** A route is chosen for a batch, its next step stands first, and the way a batch went is kept. */
class RouteTest extends OnTheDemoBook {
  private static final String SHIPPED = "Full stack, magnet, every cut on its own";

  @Test
  void theNextStepOfTheRouteStandsFirst() {
    try (Person person = Person.at(book)) {
      person.openInOneFrame("Saltergill 3");
      person.settle().open(1);
      assertThat(person.sees("next-by-route")).as("without a route nothing is put first").isFalse();
      person.click("change").click("route").press(DOWN).press(ENTER);
      assertThat(person.batch().route()).contains(Routes.SHIPPED.getFirst());
      assertThat(person.everything()).contains("Sizes before density");
      person.click("back");
      assertThat(person.everything()).contains("Screen on 16 · 30 · 50 · 80 · 100", SHIPPED);
      person.click("next-by-route").click("start-step");
      Process.Screening made = (Process.Screening) person.batch().steps().getLast().process();
      assertThat(made.stack())
          .extracting(Screen::label)
          .containsExactly("16", "30", "50", "80", "100");
    }
  }

  @Test
  void aRouteIsTakenBackLikeAnything() {
    try (Person person = Person.at(book)) {
      person.openInOneFrame("Saltergill 3");
      person.settle().open(1).click("change").click("route").press(DOWN).press(ENTER);
      person.press(CONTROL, Z);
      assertThat(person.batch().route()).isEmpty();
      assertThat(person.text("notice")).contains(SHIPPED);
    }
  }

  @Test
  void theWayABatchWentIsKeptUnderAName() {
    try (Person person = Person.at(book)) {
      person.openInOneFrame("Fernhollow 12");
      person.settle().open(1).click("change").click("keep-route");
      assertThat(person.workbench().projections().shop().get().routes()).isEmpty();
      person.type("route-name", "as in May").click("keep-route");
      Route own = person.workbench().projections().shop().get().route("as in May").orElseThrow();
      assertThat(own.legs().getFirst().does()).isInstanceOf(Route.Does.Screen.class);
      person.openInOneFrame("Saltergill 3");
      person.settle().open(1).click("change").click("route");
      person.pressTimes(DOWN, Routes.SHIPPED.size() + 1).press(ENTER);
      assertThat(person.batch().route()).contains(own);
    }
  }
}
