package jugulum.core.look;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.belief.Pace;
import jugulum.core.belief.Value;
import jugulum.core.check.OutOfRange;
import jugulum.core.ledger.Measure.PannedSample;
import jugulum.core.look.LookWeighed.Says;
import jugulum.core.screens.Cut;
import jugulum.core.screens.StandardScreens;
import jugulum.core.shop.Terms;
import jugulum.core.specks.PoissonRange;
import jugulum.core.specks.Speck;
import org.junit.jupiter.api.Test;

/** The worked example: hands at 22 an hour, half of that to watch, fine gold at 80 a gram. */
class LookWeighedTest {
  private static final double SPECK_MG = 0.243;
  private static final double SPECK_WORTH = 0.0175;

  /** So fine that a speck is worth 1.75 hundredths, as the example rounds it. */
  private static final double FINENESS = SPECK_WORTH / (SPECK_MG / 1000 * 80);

  private static final Value VALUE =
      new Value(Optional.of(new Terms(80, 1, 22, 6, "€", LocalDate.of(2026, 11, 1))), FINENESS);

  private static Stakes stakes(double kgLeft, double kgLetGo) {
    return new Stakes(VALUE, SPECK_MG, kgLeft, kgLetGo, new Pace(20, 15, 0.2, 0, 0.5));
  }

  private static LookWeighed.Option said(LookWeighed look, Act act) {
    return look.options().stream().filter(one -> one.act() == act).findFirst().orElseThrow();
  }

  /** A flat grain of −30 +50, flatness 0.3, density 17. */
  @Test
  void theSpeckOfTheExampleWeighsWhatTheBenchSays() {
    Cut cut = new Cut(StandardScreens.numbered("30"), StandardScreens.numbered("50"));
    assertThat(Speck.of(cut, 0.3, 17).meanMg()).isCloseTo(SPECK_MG, within(0.005));
  }

  @Test
  void everyActPaysFromItsOwnCount() {
    Stakes stakes = stakes(30, 20);
    assertThat(stakes.paysFrom(Act.SLOW).orElseThrow()).isCloseTo(69.9, within(0.1));
    assertThat(stakes.paysFrom(Act.TURN).orElseThrow()).isCloseTo(2.3, within(0.05));
    assertThat(stakes.paysFrom(Act.RERUN).orElseThrow()).isCloseTo(126, within(0.5));
    assertThat(stakes.handsMinutes(Act.RERUN)).isCloseTo(60, within(1e-9));
    assertThat(stakes.winsMg(Act.RERUN, 126)).isCloseTo(126 * 20 * 0.5 * SPECK_MG, within(1e-9));
  }

  @Test
  void whatLeavesAnHourIsMoney() {
    Leaving leaving =
        new Leaving(
            new PannedSample(4000, List.of(new PannedSample.Seen(Cut.ALL, 10))),
            Optional.empty(),
            new Seen(4000, 10, 1),
            SPECK_MG,
            OptionalDouble.of(15),
            true);
    assertThat(leaving.moneyPerHour(VALUE.terms().orElseThrow(), FINENESS).orElseThrow())
        .isCloseTo(0.66, within(0.005));
  }

  @Test
  void aLeanTailingTurnsAValveAndNoMore() {
    // 10 in 4 kg are 2.5 a kilogram; who panned as much knows.
    LookWeighed look = LookWeighed.of(stakes(30, 20), new Seen(8000, 40, 1));
    assertThat(look.toDo().map(LookWeighed.Option::act)).containsExactly(Act.TURN);
    assertThat(said(look, Act.SLOW).says()).isEqualTo(Says.LEAVE);
    assertThat(said(look, Act.RERUN).says()).isEqualTo(Says.LEAVE);
    assertThat(look.first().orElseThrow().act()).isEqualTo(Act.TURN);
  }

  /** Slowing down: leave it from 53 g without a speck, 80 g with one, 125.5 g with three. */
  @Test
  void soManyGramsSayThatItIsNotWorthIt() {
    double[][] atLeast = {{0, 53}, {1, 80}, {3, 126}};
    for (double[] one : atLeast) {
      int specks = (int) one[0];
      Stakes stakes = stakes(30, 20);
      assertThat(said(LookWeighed.of(stakes, new Seen(one[1], specks, 1)), Act.SLOW).says())
          .isEqualTo(Says.LEAVE);
      LookWeighed less = LookWeighed.of(stakes, new Seen(one[1] - 1, specks, 1));
      assertThat(said(less, Act.SLOW).says()).isEqualTo(Says.PAN_ON);
    }
    LookWeighed none = LookWeighed.of(stakes(30, 20), Seen.NOTHING);
    assertThat(said(none, Act.SLOW).moreG()).isCloseTo(53, within(0.5));
  }

  @Test
  void eightWithinFortyNineGramsSayThatItIs() {
    Stakes stakes = stakes(30, 20);
    assertThat(said(LookWeighed.of(stakes, new Seen(49, 8, 1)), Act.SLOW).says())
        .isEqualTo(Says.ACT);
    assertThat(said(LookWeighed.of(stakes, new Seen(50, 8, 1)), Act.SLOW).says())
        .isEqualTo(Says.PAN_ON);
  }

  /** What is to pan on is as much as it takes: with it and no speck more it is said. */
  @Test
  void panningOnAsToldSaysIt() {
    Stakes stakes = stakes(30, 20);
    Seen seen = new Seen(40, 2, 1);
    LookWeighed.Option slow = said(LookWeighed.of(stakes, seen), Act.SLOW);
    assertThat(slow.says()).isEqualTo(Says.PAN_ON);
    assertThat(said(LookWeighed.of(stakes, seen.and(slow.moreG() + 0.1, 0)), Act.SLOW).says())
        .isEqualTo(Says.LEAVE);
    assertThat(said(LookWeighed.of(stakes, seen.and(slow.moreG() - 0.1, 0)), Act.SLOW).says())
        .isEqualTo(Says.PAN_ON);
  }

  /** The first look has Garwood's 95 %; all later ones together may err as often again. */
  @Test
  void laterLooksAreWider() {
    assertThat(new Seen(50, 3, 1).range()).isEqualTo(PoissonRange.of(3, 0.95));
    assertThat(new Seen(50, 3, 2).range()).isEqualTo(PoissonRange.of(3, 0.975));
    assertThat(new Seen(50, 3, 3).range().high()).isGreaterThan(new Seen(50, 3, 2).range().high());
    double all = 0;
    for (int look = 2; look < 10_000; look++) {
      all += 1.0 / look / (look - 1);
    }
    assertThat(all).isCloseTo(1, within(1e-3));
  }

  @Test
  void whereNothingRunsOnlyTheTailingsCanGoOnceMore() {
    LookWeighed look = LookWeighed.of(stakes(0, 20), new Seen(100, 2, 1));
    assertThat(look.options()).extracting(LookWeighed.Option::act).containsExactly(Act.RERUN);
    assertThat(LookWeighed.of(stakes(0, 0), new Seen(100, 2, 1)).first()).isEmpty();
  }

  /** Without a price the hour stands for so much gold. */
  @Test
  void withoutAPriceGoldIsWeighedAgainstTheHoursGold() {
    Value value = new Value(Optional.empty(), 0.9);
    Stakes stakes = new Stakes(value, SPECK_MG, 30, 20, new Pace(20, 15, 0.2, 0, 0.5));
    assertThat(stakes.paysFrom(Act.SLOW).orElseThrow())
        .isCloseTo(Value.HOUR_MG / 2 / (15 * SPECK_MG * 0.6), within(1e-9));
  }

  /** An act for which nobody is paid has no count from which on it pays. */
  @Test
  void whereHandsCostNothingNothingIsWeighed() {
    Terms free = new Terms(80, 1, 0, 6, "€", LocalDate.of(2026, 11, 1));
    Stakes stakes =
        new Stakes(
            new Value(Optional.of(free), 0.9), SPECK_MG, 30, 20, new Pace(20, 15, 0.2, 0, 0.5));
    assertThat(stakes.paysFrom(Act.RERUN)).isEmpty();
    assertThat(LookWeighed.of(stakes, new Seen(100, 2, 1)).options()).isEmpty();
    Stakes alone = new Stakes(VALUE, SPECK_MG, 30, 20, new Pace(20, 15, 0.2, 0, 0));
    assertThat(alone.paysFrom(Act.SLOW)).as("it runs alone").isEmpty();
  }

  @Test
  void whatCannotBeIsRefusedByName() {
    assertThatThrownBy(() -> new Seen(Double.NaN, 0, 1))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("grams");
    assertThatThrownBy(() -> new Seen(10, -1, 1))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("specks");
    assertThatThrownBy(() -> stakes(-1, 0))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("kgLeft");
  }
}
