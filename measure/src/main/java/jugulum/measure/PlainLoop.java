package jugulum.measure;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import jugulum.core.gold.BatchSpecks;
import jugulum.core.gold.Evidence;
import jugulum.core.gold.LotEvidence;
import jugulum.core.gold.Removals;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Network;
import jugulum.core.mass.SandAccount;
import jugulum.core.specks.Speck;
import org.hipparchus.random.MersenneTwister;
import org.hipparchus.random.RandomDataGenerator;

/**
 * The recovery against the gold found the plain way, to measure against: one generator, one loop
 * over draws and lots, nothing remembered, one thread, sorted whole.
 */
final class PlainLoop {
  private PlainLoop() {}

  /** The ends of the 95 % range. */
  static double[] recovery(Network network, SandAccount sand, int draws) {
    List<Evidence> won = new ArrayList<>();
    List<Evidence> left = new ArrayList<>();
    BatchSpecks specks = BatchSpecks.of(network);
    Removals removals = Removals.of(network);
    network
        .endLots()
        .forEach(
            lot ->
                LotEvidence.of(lot, network, sand, specks, removals)
                    .free()
                    .ifPresent(evidence -> (isWon(lot) ? won : left).add(evidence)));
    RandomDataGenerator random = RandomDataGenerator.of(new MersenneTwister(1));
    double[] shares = new double[draws];
    for (int i = 0; i < draws; i++) {
      double fineness = random.nextNormal(0.9, 0.04);
      double flat = Math.exp(random.nextNormal(-0.03, 0.246));
      double gold = sum(won, random, fineness, flat);
      shares[i] = gold / (gold + sum(left, random, fineness, flat));
    }
    Arrays.sort(shares);
    return new double[] {shares[(int) (0.025 * draws)], shares[(int) (0.975 * draws)]};
  }

  private static boolean isWon(Lot lot) {
    return lot.material() == Material.GOLD;
  }

  private static double sum(
      List<Evidence> lots, RandomDataGenerator random, double fineness, double flat) {
    double sum = 0;
    for (Evidence lot : lots) {
      sum +=
          switch (lot) {
            case Evidence.Weighed(var weighing) ->
                Math.max(
                    0,
                    random.nextNormal(
                        weighing.meanG() * 1000, weighing.standardUncertaintyG() * 1000));
            case Evidence.Known(double mg, double sd) ->
                sd == 0 ? mg : Math.max(0, random.nextNormal(mg, sd));
            case Evidence.Counted(int specks, double share, var speck) ->
                specks(random, specks + 0.5, share, speck) * flat;
            case Evidence.Panned(var classes, double share) ->
                classes.stream()
                        .mapToDouble(
                            one ->
                                specks(
                                    random,
                                    one.specks() + 0.5 / classes.size(),
                                    share,
                                    one.speck()))
                        .sum()
                    * flat;
            case Evidence.Picked(double found, var speck) ->
                found + specks(random, 0.5, 1, speck) * flat;
            case Evidence.Proven(Evidence counted, int tested, int gold) -> {
              double is = random.nextGamma(gold + 0.5, 1);
              double isNot = random.nextGamma(tested - gold + 0.5, 1);
              yield sum(List.of(counted), random, fineness, flat) * is / (is + isNot);
            }
            case Evidence.Sampled of -> {
              double inSample =
                  metal(random, of.fineMg(), of.nativeMg(), of.relativeSd(), fineness);
              double grains = inSample / of.grain().meanMg() + 0.5;
              yield inSample + random.nextGamma(grains, of.grain().meanMg()) * (1 / of.share() - 1);
            }
            case Evidence.Judged(double low, double high) ->
                low + (high - low) * random.nextUniform(0, 1);
            case Evidence.InHand(double fine, double metal, double sd) ->
                metal(random, fine, metal, sd, fineness);
            case Evidence.FromPasses(var removal, var speck) -> {
              double middle = Math.log1p(removal.left().orElse(0));
              double high =
                  Math.log1p(removal.leftHigh().orElse(removal.left().orElse(0))) - middle;
              yield Math.max(0, Math.expm1(middle + high / 1.96 * random.nextNormal(0, 1)))
                  * speck.meanMg()
                  * flat;
            }
          };
    }
    return sum;
  }

  private static double metal(
      RandomDataGenerator random, double fine, double metal, double sd, double fineness) {
    double variance = Math.log1p(sd * sd);
    return Math.max(0, fine / fineness + metal)
        * Math.exp(random.nextNormal(-variance / 2, Math.sqrt(variance)));
  }

  private static double specks(
      RandomDataGenerator random, double shape, double share, Speck speck) {
    double variance = Math.log1p(speck.variance() / shape);
    return random.nextGamma(shape, 1 / share)
        * speck.meanMg()
        * Math.exp(random.nextNormal(-variance / 2, Math.sqrt(variance)));
  }
}
