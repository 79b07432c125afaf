package jugulum.desk.shop;

import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DIGIT7;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.Z;
import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.concurrent.CompletionStage;
import jugulum.core.ledger.Machine.Kind;
import jugulum.core.machine.Gear;
import jugulum.core.machine.Sheet.Sizes;
import jugulum.core.screens.Screen;
import jugulum.core.shop.OwnedScreen;
import jugulum.core.shop.OwnedScreen.Having;
import jugulum.core.shop.OwnedScreen.Use;
import jugulum.core.shop.Shop;
import jugulum.core.shop.ShopEdit;
import jugulum.core.weighing.Container;
import jugulum.desk.Person;
import jugulum.desk.work.Outcome;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.framework.junit5.ApplicationExtension;

@ExtendWith(ApplicationExtension.class)
class ShopViewTest {
  @TempDir private Path folder;

  private Person atTheShop() {
    return Person.at(folder.resolve("my.book")).press(CONTROL, DIGIT7);
  }

  private static Shop shop(Person person) {
    return person.workbench().projections().shop().get();
  }

  @Test
  void aTylerScreenIsOwnedUnderItsOwnMark() {
    try (Person person = atTheShop()) {
      person.click("series-TYLER").click("own-T65");
      assertThat(shop(person).owned()).contains(new Screen("T65", 0.212));
      person.click("own-T65");
      assertThat(shop(person).owned()).doesNotContain(new Screen("T65", 0.212));
    }
  }

  @Test
  void aClassifierIsKeptWithAllThatIsToldOfIt() {
    try (Person person = atTheShop()) {
      person
          .type("screen-label", "12 hole")
          .type("screen-opening", "1.55")
          .type("screen-diameter", "350")
          .type("screen-load", "1500");
      person.click("screen-use-WET").click("add-screen");
      OwnedScreen kept =
          new OwnedScreen(
              "12 hole",
              1.55,
              Having.OWNED,
              Use.WET,
              OptionalDouble.of(350),
              OptionalDouble.of(1_500));
      assertThat(shop(person).screen("12 hole")).contains(kept);
      assertThat(person.text("screens-table"))
          .contains("12 hole", "1.55", "Wet only", "350", "1500");
      person.type("screen-label", "12 hole").type("screen-opening", "1.55").click("lack-screen");
      assertThat(shop(person).screen("12 hole").orElseThrow().having()).isEqualTo(Having.NOT_OWNED);
      person.press(CONTROL, Z);
      assertThat(shop(person).screen("12 hole")).contains(kept);
    }
  }

  @Test
  void containersAreRememberedAndForgotten() {
    try (Person person = atTheShop()) {
      assertThat(person.text("containers")).contains("None yet");
      person.type("container-name", "tin").type("container-tare", "0 g").press(ENTER);
      assertThat(person.text("container-tare-error")).contains("weighs nothing");
      person.type("container-tare", "120 g").press(ENTER);
      assertThat(person.text("containers")).contains("tin", "120 g");
      person.click("forget-tin");
      assertThat(shop(person).containers()).isEmpty();
    }
  }

  /**
   * Two changes of the shop asked for before the first is written: each is made on the shop as it
   * is then.
   */
  @Test
  void twoContainersKeptQuicklyAreBothKept() {
    try (Person person = atTheShop()) {
      CompletionStage<Outcome> first =
          person
              .workbench()
              .session()
              .change(new ShopEdit.KnowContainer(new Container("tin", 120)));
      CompletionStage<Outcome> second =
          person
              .workbench()
              .session()
              .change(new ShopEdit.KnowContainer(new Container("steel pan", 640)));
      assertThat(List.of(first.toCompletableFuture().join(), second.toCompletableFuture().join()))
          .hasOnlyElementsOfType(Outcome.Recorded.class);
      person.settle();
      assertThat(shop(person).containers())
          .extracting(Container::name)
          .containsExactlyInAnyOrder("tin", "steel pan");
    }
  }

  @Test
  void whatIsTypedInOneCardStaysWhileAnotherChangesTheShop() {
    try (Person person = atTheShop()) {
      person
          .type("terms-price", "98.5")
          .type("container-name", "tin")
          .type("gear-name", "the old deck")
          .type("usual-fineness", "870");
      person.click("series-TYLER").click("own-T65");
      assertThat(shop(person).owned()).contains(new Screen("T65", 0.212));
      assertThat(
              List.of(
                  person.text("terms-price"),
                  person.text("container-name"),
                  person.text("gear-name"),
                  person.text("usual-fineness")))
          .containsExactly("98.5", "tin", "the old deck", "870");
    }
  }

  @Test
  void theFinestSpeckOneSeesIsKeptAndBounded() {
    try (Person person = atTheShop()) {
      assertThat(person.text("finest-seen")).isEqualTo("0.05");
      person.type("finest-seen", "3").click("assume");
      assertThat(person.text("finest-seen-error")).contains("Between 0.005 and 1");
      assertThat(person.text("finest-seen")).isEqualTo("3");
      person.type("finest-seen", "0.08").type("usual-fineness", "870").click("assume");
      assertThat(shop(person).assumptions().finestSeenMm()).isEqualTo(0.08);
      assertThat(shop(person).assumptions().fineness()).isEqualTo(0.87);
    }
  }

  @Test
  void aMachineIsKeptWithWhatIsItsOwnChangedAndForgotten() {
    try (Person person = atTheShop()) {
      person
          .type("gear-name", "the old deck")
          .type("gear-finest", "2")
          .type("gear-coarsest", "1")
          .press(ENTER);
      assertThat(person.text("gear-coarsest-error")).contains("above the finest");
      assertThat(shop(person).gear()).isEmpty();
      person
          .type("gear-finest", "0.1")
          .type("gear-watts", "150")
          .type("gear-battery", "600")
          .type("gear-sump", "70 kilo")
          .press(ENTER);
      assertThat(person.text("gear-sump-error")).contains("not a number");
      person.type("gear-sump", "70").press(ENTER);
      Gear kept =
          new Gear(
              "the old deck",
              Kind.SHAKER_TABLE,
              Optional.of(new Sizes(0.1, 1)),
              Map.of(),
              OptionalDouble.of(150),
              OptionalDouble.of(600),
              OptionalDouble.of(70));
      assertThat(shop(person).gear()).containsExactly(kept);
      assertThat(person.text("gear")).contains("Shaker table, the old deck", "0.1 to 1 mm");
      person.click("change-gear-the-old-deck").type("gear-coarsest", "").press(ENTER);
      assertThat(shop(person).gear().getFirst().suits()).contains(new Sizes(0.1, 2.36));
      person.press(CONTROL, Z);
      assertThat(shop(person).gear()).containsExactly(kept);
      person.click("forget-gear-the-old-deck");
      assertThat(shop(person).gear()).isEmpty();
    }
  }

  /** The name of the bench is the bench's, not the book's: it signs every edit from then on. */
  @Test
  void theNameOfTheBenchSignsItsEdits() {
    try (Person person = atTheShop()) {
      person.click("call-bench");
      assertThat(person.everything()).contains("A bench needs a name");
      person.type("bench-name", "by the window").press(ENTER).settle();
      assertThat(person.text("bench-name")).isEqualTo("by the window");
      assertThat(person.workbench().preferences().benchName()).isEqualTo("by the window");
    }
    try (Person person = atTheShop()) {
      assertThat(person.workbench().preferences().benchName()).isEqualTo("by the window");
    }
  }
}
