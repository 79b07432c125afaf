package jugulum.core.mass;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import jugulum.core.ledger.Bench;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Measure.SandWeight;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.StepId;
import jugulum.core.mass.Suspicion.Slip;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SuspicionsTest {
  /** A stack that closes when the second cut weighs 6,240 g. */
  private static Bench stack(SandWeight second) {
    return Bench.started()
        .measures(1, new SandWeight(20_700, 700, 0, 10))
        .screens(1, "30", "50")
        .measures(2, new SandWeight(9_510, 0, 0, 10))
        .measures(3, second)
        .measures(4, new SandWeight(4_250, 0, 0, 10));
  }

  private static List<Suspicion> of(Bench bench, Double... containers) {
    Network network = Network.of(bench.batch());
    return Suspicions.of(
        network, SandAccount.of(network).closure(new StepId(2)), List.of(containers));
  }

  @Test
  void swappedDigitsAreFoundAtTheirReading() {
    assertThat(of(stack(new SandWeight(2_640, 0, 0, 10))))
        .anySatisfy(
            found -> {
              assertThat(found.slip()).isEqualTo(Slip.DIGITS_SWAPPED);
              assertThat(found.lot()).isEqualTo(new LotId(3));
              assertThat(found.rightG()).isEqualTo(6_240);
              assertThat(found.missesG()).isCloseTo(0, within(1e-9));
            });
  }

  @Test
  void aForgottenTareIsThatOfAContainerOfTheShop() {
    assertThat(of(stack(new SandWeight(6_555, 0, 0, 5)), 315.0, 820.0))
        .filteredOn(found -> found.lot().equals(new LotId(3)))
        .first()
        .satisfies(found -> assertThat(found.slip()).isEqualTo(Slip.TARE_FORGOTTEN))
        .satisfies(found -> assertThat(found.rightG()).isEqualTo(6_240));
    assertThat(of(stack(new SandWeight(6_555, 0, 0, 5))))
        .as("nobody knows such a container")
        .noneMatch(found -> found.slip() == Slip.TARE_FORGOTTEN);
  }

  @Test
  void aTareTakenTwiceIsFound() {
    assertThat(of(stack(new SandWeight(6_240, 430, 0, 10))))
        .extracting(Suspicion::slip)
        .contains(Slip.TARE_TAKEN_TWICE);
  }

  @Test
  void wetSandTakenForDryHasTheMoistureOfAnotherWeight() {
    Bench wet =
        Bench.started()
            .measures(1, new SandWeight(21_740, 0, 0.08, 10))
            .screens(1, "30", "50")
            .measures(2, new SandWeight(9_510, 0, 0, 10))
            .measures(3, new SandWeight(6_240 / 0.92, 0, 0, 10))
            .measures(4, new SandWeight(4_250, 0, 0, 10));
    assertThat(of(wet))
        .anySatisfy(
            found ->
                assertThat(found)
                    .returns(Slip.WET_TAKEN_FOR_DRY, Suspicion::slip)
                    .returns(new LotId(3), Suspicion::lot));
  }

  @ParameterizedTest
  @CsvSource({
    "13757, POUNDS_AS_KILOGRAMS",
    "2830, KILOGRAMS_AS_POUNDS",
    "220.1, OUNCES_AS_GRAMS",
    "5687.7, TROY_OUNCES_AS_OUNCES"
  })
  void aSlipOfUnitsIsFound(double writtenG, Slip slip) {
    assertThat(of(stack(new SandWeight(Math.min(writtenG, 13_757), 0, 0, 1))))
        .extracting(Suspicion::slip)
        .contains(slip);
  }

  @Test
  void aStackThatClosesRaisesNoSuspicion() {
    assertThat(of(stack(new SandWeight(6_240, 0, 0, 10)))).isEmpty();
  }

  @Test
  void spiltSandIsNotExplainedAway() {
    assertThat(of(stack(new SandWeight(5_000, 0, 0, 10))))
        .as("no single slip gives that")
        .isEmpty();
  }
}
