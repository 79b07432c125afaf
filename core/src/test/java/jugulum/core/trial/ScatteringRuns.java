package jugulum.core.trial;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.screens.Cut;
import jugulum.core.screens.StandardScreens;
import jugulum.core.trial.TrialPlan.Stuff;
import org.hipparchus.distribution.continuous.BetaDistribution;
import org.hipparchus.random.RandomDataGenerator;

/**
 * Trials of machines whose runs differ beyond their specks: the share won is drawn anew for each
 * run, beta-distributed, so that two specks of one run go the same way more often than two of
 * different runs (their correlation).
 */
final class ScatteringRuns {
  static final Cut CUT =
      Cut.of(
              Cut.ALL,
              List.of(
                  StandardScreens.numbered("50").orElseThrow(),
                  StandardScreens.numbered("100").orElseThrow()))
          .get(1);

  private final int specks;
  private final Random random;
  private final RandomDataGenerator draws;

  ScatteringRuns(int specks, long seed) {
    this.specks = specks;
    this.random = new Random(seed);
    this.draws = new RandomDataGenerator(seed);
  }

  /** A run of a machine that wins so much on average. */
  private TrialRun run(int number, int contender, double share, double correlation) {
    double now = share;
    if (correlation > 0) {
      double both = 1 / correlation - 1;
      now = draws.nextDeviate(new BetaDistribution(share * both, (1 - share) * both));
    }
    int won = ComparisonTest.found(specks, now, random);
    return new TrialRun(
        number,
        contender,
        1_000,
        List.of(Spike.counted(CUT, specks)),
        List.of(
            Found.counted(Material.CONCENTRATE, CUT, won),
            Found.counted(Material.TAILINGS, CUT, specks - won)),
        Optional.empty(),
        Instant.EPOCH,
        Optional.empty());
  }

  /** A trial of machines that win so much, each with so many runs, looked at. */
  TrialResult trial(List<Double> shares, int runs, double correlation) {
    List<Contender> contenders = new ArrayList<>();
    List<TrialRun> all = new ArrayList<>();
    for (int contender = 0; contender < shares.size(); contender++) {
      contenders.add(
          new Contender(new Machine(Machine.Kind.PAN, "pan " + contender), "", Map.of(), ""));
      for (int i = 0; i < runs; i++) {
        all.add(run(all.size() + 1, contender, shares.get(contender), correlation));
      }
    }
    TrialPlan plan =
        new TrialPlan(
            Stuff.GOLD,
            contenders,
            List.of(CUT),
            specks,
            all.stream().map(TrialRun::contender).toList());
    return TrialResult.of(
        new Trial(
            new TrialId(new UUID(29, 1)), "equal", Optional.empty(), plan, all, List.of(), false));
  }
}
