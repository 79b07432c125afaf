package jugulum.desk.shell;

import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DIGIT1;
import static javafx.scene.input.KeyCode.DIGIT2;
import static javafx.scene.input.KeyCode.DIGIT3;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.ESCAPE;
import static javafx.scene.input.KeyCode.L;
import static javafx.scene.input.KeyCode.S;
import static javafx.scene.input.KeyCode.SHIFT;
import static javafx.scene.input.KeyCode.TAB;
import static javafx.scene.input.KeyCode.V;
import static javafx.scene.input.KeyCode.W;
import static javafx.scene.input.KeyCode.Z;
import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.Node;
import jugulum.core.ledger.Machine;
import jugulum.core.machine.Gear;
import jugulum.core.shop.OwnedScreen;
import jugulum.core.shop.Shop;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import org.junit.jupiter.api.Test;

class FirstStartTest extends OnTheDemoBook {
  @Test
  void anEmptyBookOffersWhatToDoWithButtons() {
    try (Person person = Person.at(folder.resolve("new.book"))) {
      person.press(L);
      assertThat(person.lookedRound()).isEqualTo(1);
      person.click("say-gear");
      assertThat(person.sees("first-gear")).isTrue();
      person.press(CONTROL, DIGIT1).click("begin-batch");
      assertThat(person.sees("start-view")).isTrue();
      person.write("First 1").press(ENTER).press(CONTROL, DIGIT1);
      assertThat(person.sees("begin-batch")).isFalse();
    }
  }

  @Test
  void whatOneOwnsIsSaidByKeysInOnePage() {
    try (Person person = Person.at(folder.resolve("new.book"))) {
      person.press(W).write("100 20 50").press(TAB).press(S).press(V).press(ENTER);
      assertThat(person.sees("start-view")).isTrue();
      person.until(() -> person.workbench().projections().shop().get().gear().size() == 2);
      Shop shop = person.workbench().projections().shop().get();
      assertThat(shop.gear())
          .extracting(Gear::kind)
          .containsExactlyInAnyOrder(Machine.Kind.SHAKER_TABLE, Machine.Kind.VORTEX_BOWL);
      assertThat(shop.screens())
          .filteredOn(OwnedScreen::isOwned)
          .extracting(OwnedScreen::label)
          .contains("20", "50", "100");
      assertThat(shop.scale()).isEmpty();
    }
  }

  @Test
  void aScreenThatIsNoneIsSaidAndNothingIsKept() {
    try (Person person = Person.at(folder.resolve("new.book"))) {
      Shop before = person.workbench().projections().shop().get();
      person.press(W).write("20 51").press(ENTER);
      assertThat(person.text("first-screens-error")).contains("“51”");
      assertThat(person.text("first-screens")).isEqualTo("20 51");
      assertThat(person.workbench().projections().shop().get()).isEqualTo(before);
    }
  }

  @Test
  void enterOnBackGoesBackAndKeepsNothing() {
    try (Person person = Person.at(folder.resolve("new.book"))) {
      Shop before = person.workbench().projections().shop().get();
      person.press(W).write("20").press(SHIFT, TAB);
      for (int i = 0; i < 30 && !"first-back".equals(person.focused().getId()); i++) {
        person.press(TAB);
      }
      person.press(ENTER);
      assertThat(person.sees("bench-view")).isTrue();
      assertThat(person.workbench().projections().shop().get()).isEqualTo(before);
    }
  }

  @Test
  void aPlayedScaleIsThereToTryAndARealOneIsLearnt() {
    try (Person person = Person.at(folder.resolve("new.book"))) {
      person.press(W).press(TAB).press(DIGIT3).press(ENTER);
      person.until(() -> person.workbench().projections().shop().get().scale().isPresent());
      person.press(CONTROL, DIGIT1).press(W).click("first-weights-SENT").press(ENTER);
      assertThat(person.sees("scale-page")).isTrue();
    }
  }

  /** Where a digit chooses, a weight is still no choice of gear. */
  @Test
  void aWeightTypedWhileGearIsChosenKeepsNone() {
    try (Person person = Person.at(folder.resolve("new.book"))) {
      person.press(W).press(TAB).blind("3.97 kg").press(ENTER);
      assertThat(person.text("notice")).contains("Nothing is asked");
      assertThat(person.sees("first-gear")).isTrue();
      assertThat(person.workbench().projections().shop().get().scale()).isEmpty();
    }
  }

  @Test
  void aQuestionMarkShowsTheKeysOfWhereOneIsAndEscReturns() {
    try (Person person = Person.at(book)) {
      person.click("station-2-5").write("?");
      assertThat(person.text("keys-help")).contains("Magnet", "Run over a machine", "Ctrl Z");
      person.press(ESCAPE);
      assertThat(person.sees("keys-help")).isFalse();
      assertThat(person.sees("bench-view")).isTrue();
      person.press(CONTROL, DIGIT2).write("?");
      assertThat(person.text("keys-help"))
          .as("of another view")
          .doesNotContain("Run over a machine");
      person.press(ESCAPE);
      assertThat(person.sees("cuts-view")).isTrue();
    }
  }

  /** The next Enter after undo or redo is for the work, not for a tab. */
  @Test
  void afterUndoAndRedoTheFocusIsWhereTheWorkIs() {
    try (Person person = Person.at(book)) {
      person.click("station-2-4").type("lifted", "3.4 kg").press(ENTER);
      for (int i = 0; i < 3; i++) {
        person.press(CONTROL, Z);
        assertThat(isAtTheBench(person.focused())).as("after undo").isTrue();
        person.press(CONTROL, SHIFT, Z);
        assertThat(isAtTheBench(person.focused())).as("after redo").isTrue();
      }
    }
  }

  private static boolean isAtTheBench(Node focused) {
    for (Node one = focused; one != null; one = one.getParent()) {
      if ("bench-view".equals(one.getId())) {
        return true;
      }
    }
    return false;
  }
}
