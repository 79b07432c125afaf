package jugulum.core.shop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.check.OutOfRange;
import jugulum.core.ledger.Process.Screening.Manner;
import jugulum.core.screens.Cut;
import jugulum.core.screens.Screen;
import jugulum.core.screens.StandardScreens;
import jugulum.core.shop.OwnedScreen.Having;
import jugulum.core.shop.OwnedScreen.Use;
import jugulum.core.weighing.Container;
import org.junit.jupiter.api.Test;

class ShopTest {
  private static OwnedScreen screen(String label, double opening, Having having, Use use) {
    return new OwnedScreen(
        label, opening, having, use, OptionalDouble.empty(), OptionalDouble.empty());
  }

  @Test
  void onlyOwnedScreensOfTheRightUseAreOffered() {
    Shop shop =
        Shop.USUAL
            .with(screen("60", 0.25, Having.NOT_OWNED, Use.BOTH))
            .with(screen("140", 0.106, Having.OWNED, Use.WET))
            .with(screen("200", 0.075, Having.OWNED, Use.DRY));
    assertThat(shop.owned()).extracting(Screen::label).contains("140", "200").doesNotContain("60");
    assertThat(shop.ownedFor(Optional.of(Manner.WET_BULK)))
        .extracting(OwnedScreen::label)
        .contains("140", "100")
        .doesNotContain("200");
    assertThat(shop.ownedFor(Optional.of(Manner.DRY_SAMPLE)))
        .extracting(OwnedScreen::label)
        .contains("200")
        .doesNotContain("140");
  }

  @Test
  void twoScreensOfOneOpeningStandInAStackOnce() {
    Shop shop = Shop.USUAL.with(screen("T48", 0.3, Having.OWNED, Use.BOTH));
    assertThat(shop.owned()).filteredOn(screen -> screen.openingMm() == 0.3).hasSize(1);
    assertThat(shop.screens()).filteredOn(screen -> screen.openingMm() == 0.3).hasSize(2);
  }

  @Test
  void aScreenToldAgainReplacesTheOldOne() {
    Shop shop = Shop.USUAL.with(screen("50", 0.31, Having.OWNED, Use.BOTH));
    assertThat(shop.screen("50").orElseThrow().openingMm()).isEqualTo(0.31);
    assertThat(shop.screens()).hasSameSizeAs(Shop.USUAL.screens());
  }

  @Test
  void aContainerIsRememberedByItsNameWhateverItsCapitals() {
    Shop shop =
        Shop.USUAL
            .with(new Container("Tin bowl", 315))
            .with(new Container("tin bowl", 318))
            .with(new Container("Tin", 120));
    assertThat(shop.containers()).hasSize(2);
    assertThat(shop.container(" TIN BOWL ").orElseThrow().tareG()).isEqualTo(318);
    assertThat(shop.withoutContainer("tin").containers()).hasSize(1);
    assertThatThrownBy(() -> new Container("x", 0))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("tareG");
  }

  /** ASTM C136, from memory: 7 kg/m², so that an 8-inch screen keeps about 200 g. */
  @Test
  void aLaboratoryScreenTakesWhatItsFaceAllows() {
    OwnedScreen eightInch =
        new OwnedScreen(
            "50", 0.3, Having.OWNED, Use.BOTH, OptionalDouble.of(203), OptionalDouble.empty());
    assertThat(eightInch.loadFor(Manner.DRY_SAMPLE)).isCloseTo(226, within(1.0));
    assertThat(eightInch.loadFor(Manner.WET_BULK))
        .isGreaterThan(eightInch.loadFor(Manner.DRY_SAMPLE));
    OwnedScreen told =
        new OwnedScreen(
            "50", 0.3, Having.OWNED, Use.BOTH, OptionalDouble.of(203), OptionalDouble.of(180));
    assertThat(told.loadFor(Manner.WET_BULK)).isEqualTo(180);
  }

  @Test
  void openingsNotPositiveAreRefused() {
    assertThatThrownBy(() -> screen("x", 0, Having.OWNED, Use.BOTH))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("openingMm");
    assertThatThrownBy(() -> screen("x", Double.NaN, Having.OWNED, Use.BOTH))
        .isInstanceOf(OutOfRange.class);
  }

  @Test
  void magnetsAreKnownByNameWhateverTheirCapitals() {
    Shop shop =
        Shop.USUAL
            .with(new Magnet("pull rod", 180))
            .with(new Magnet("Pull Rod", 210))
            .with(new Magnet("block", 420));
    assertThat(shop.magnets()).extracting(Magnet::name).containsExactly("Pull Rod", "block");
    assertThat(shop.withoutMagnet("BLOCK").magnets()).hasSize(1);
    assertThatThrownBy(() -> new Magnet(" ", 100)).hasMessageContaining("name");
    assertThatThrownBy(() -> new Magnet("rod", 0))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("strengthMt");
  }

  @Test
  void termsTellWhatGoldIsWorthAndTimeCosts() {
    Terms terms = new Terms(104, 0.94, 22, 6, " € ", LocalDate.parse("2026-10-01"));
    assertThat(terms.currency()).isEqualTo("€");
    assertThat(terms.worth(1_000, 0.9)).isCloseTo(0.9 * 104 * 0.94, within(1e-12));
    assertThat(terms.cost(90)).isEqualTo(33);
    assertThatThrownBy(() -> new Terms(104, 1.2, 22, 6, "", LocalDate.EPOCH))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("payable");
    assertThatThrownBy(() -> new Terms(Double.NaN, 1, 22, 6, "", LocalDate.EPOCH))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("pricePerGram");
  }

  @Test
  void theRuleOfStoppingIsTheUsualUntilTold() {
    assertThat(Shop.USUAL.stopRule()).isEqualTo(StopRule.USUAL);
    StopRule few = new StopRule(StopRule.Kind.UNDER_SPECKS, 5);
    assertThat(Shop.USUAL.with(few).with(new Magnet("rod", 100)).stopRule()).isEqualTo(few);
    assertThatThrownBy(() -> new StopRule(StopRule.Kind.UNDER_SPECKS, 0))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("stopSpecks");
  }

  /** A route names screens nobody may have: each is stood for by the nearest of one's own. */
  @Test
  void aRoutesStackIsFittedToTheScreensOneHas() {
    Shop small = owning("20", "50", "100");
    assertThat(labels(small, "16", "30", "50", "80", "100")).containsExactly("20", "50", "100");
    assertThat(labels(small, "20", "50"))
        .as("as it says where they are there")
        .containsExactly("20", "50");
    assertThat(labels(small, "30")).as("nothing comes near").containsExactly("20");
    assertThat(labels(owning("4"), "50", "100")).containsExactly("50", "100");
    assertThat(labels(Shop.USUAL, "16", "30", "50", "80", "100"))
        .as("who told nothing of his screens has the usual ones")
        .containsExactly("16", "30", "50", "80", "100");
  }

  private static Shop owning(String... labels) {
    Shop shop = Shop.USUAL;
    for (OwnedScreen one : Shop.USUAL.screens()) {
      shop = shop.with(screen(one.label(), one.openingMm(), Having.NOT_OWNED, Use.BOTH));
    }
    for (String label : labels) {
      double opening = StandardScreens.numbered(label).orElseThrow().openingMm();
      shop = shop.with(screen(label, opening, Having.OWNED, Use.BOTH));
    }
    return shop;
  }

  private static List<String> labels(Shop shop, String... asked) {
    return shop.stack(List.of(asked), Cut.ALL).stream().map(Screen::label).toList();
  }
}
