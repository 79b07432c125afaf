package jugulum.core.trial;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Random;
import java.util.UUID;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.screens.Cut;
import jugulum.core.simulated.Coverage;
import jugulum.core.specks.Speck;
import jugulum.core.trial.TrialPlan.Stuff;
import jugulum.core.trial.TrialResult.Finding;
import org.hipparchus.distribution.continuous.GammaDistribution;
import org.hipparchus.distribution.discrete.PoissonDistribution;
import org.hipparchus.random.RandomDataGenerator;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Trials read by weight, of sand that has gold of its own: specks of many sizes, as many of them in
 * the blank run and in the run as chance has it.
 */
class BlankByWeightTest {
  private static final Cut CUT = ScatteringRuns.CUT;
  private static final Speck SPECK =
      Speck.of(CUT, Assumptions.USUAL.flatness(), Assumptions.USUAL.goldDensity());
  private static final double SD_MG = 0.02;

  private final Random random = new Random(31);
  private final RandomDataGenerator draws = new RandomDataGenerator(31);

  private record Went(double wonMg, double lostMg) {}

  /** So many specks over a machine that wins such a share of them. */
  private Went over(int specks, double share) {
    GammaDistribution mass =
        new GammaDistribution(1 / SPECK.variance(), SPECK.meanMg() * SPECK.variance());
    double won = 0;
    double lost = 0;
    for (int i = 0; i < specks; i++) {
      double mg = draws.nextDeviate(mass);
      if (random.nextDouble() < share) {
        won += mg;
      } else {
        lost += mg;
      }
    }
    return new Went(won, lost);
  }

  private double weighed(double mg) {
    return Math.max(0, mg + SD_MG * random.nextGaussian());
  }

  private TrialRun run(int number, List<Spike> spikes, double wonMg, double lostMg) {
    return new TrialRun(
        number,
        0,
        1_000,
        spikes,
        List.of(
            new Found(
                Material.CONCENTRATE, CUT, OptionalInt.empty(), OptionalDouble.of(weighed(wonMg))),
            new Found(
                Material.TAILINGS, CUT, OptionalInt.empty(), OptionalDouble.of(weighed(lostMg)))),
        Optional.empty(),
        Instant.EPOCH,
        Optional.empty());
  }

  /** A spike of so many specks, in sand with so many of its own on average, and a blank run. */
  private TrialResult trial(int specks, double own, double share) {
    PoissonDistribution ownSpecks = new PoissonDistribution(own);
    Went blank = over(draws.nextDeviate(ownSpecks), share);
    Went mine = over(draws.nextDeviate(ownSpecks), share);
    Went spike = over(specks, share);
    double inMg = spike.wonMg() + spike.lostMg();
    Spike put = new Spike(CUT, OptionalInt.empty(), OptionalDouble.of(weighed(inMg)), SD_MG, 1);
    TrialPlan plan =
        new TrialPlan(
            Stuff.GOLD,
            List.of(new Contender(new Machine(Machine.Kind.PAN, "pan"), "", Map.of(), "")),
            List.of(CUT),
            specks,
            List.of(0));
    return TrialResult.of(
        new Trial(
            new TrialId(new UUID(31, 1)),
            "own gold",
            Optional.empty(),
            plan,
            List.of(
                run(1, List.of(), blank.wonMg(), blank.lostMg()),
                run(2, List.of(put), spike.wonMg() + mine.wonMg(), spike.lostMg() + mine.lostMg())),
            List.of(),
            false));
  }

  @ParameterizedTest
  @CsvSource({"60, 20, 0.8", "60, 60, 0.8", "150, 50, 0.9", "150, 150, 0.7"})
  void theRangeHoldsAlsoWhereSandHasGoldOfItsOwn(int specks, double own, double share) {
    Coverage.upTo(1, specks + " specks, " + own + " of the sand's own", 2_000)
        .asking(
            () -> {
              SpikeBack.Recovered told =
                  trial(specks, own, share).line(0, CUT).orElseThrow().recovered();
              return told.low() <= share && told.high() >= share;
            });
  }

  /** "More than was put in" is said of good trials seldom. */
  @ParameterizedTest
  @CsvSource({"60, 20, 0.8", "60, 60, 0.8", "150, 50, 0.9"})
  void aGoodTrialIsSeldomSaidToHaveGivenTooMuch(int specks, double own, double share) {
    int many = 1_000;
    int said = 0;
    for (int i = 0; i < many; i++) {
      said +=
          trial(specks, own, share).findings().stream().anyMatch(Finding.TooMuch.class::isInstance)
              ? 1
              : 0;
    }
    assertThat(said / (double) many).isLessThan(0.06);
  }
}
