package jugulum.core.season;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.DoubleStream;
import jugulum.core.check.Band;
import jugulum.core.shop.Shop;
import org.hipparchus.distribution.continuous.TDistribution;
import org.hipparchus.stat.inference.TTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Ranges of a season hold as often as they say, and are what reference libraries make of them. */
class SeasonStatisticsTest {
  private static final int RUNS = 600;

  /** Student's bound for a share of 95 in a hundred among {@link #RUNS} draws: 99.9 %. */
  private static final double LEAST = 0.92;

  private static final Habit HABIT = new Habit(Habit.Kind.DIAL_HIGH, "charge");

  @Test
  void twoGroupsOfOneKindAreTheTTestOfTheTextbooks() {
    double[] with = {2.1, 1.7, 2.6, 1.9};
    double[] without = {2.9, 3.3, 2.4, 3.0, 2.8};
    List<Contrast.Case> cases = new ArrayList<>();
    DoubleStream.of(with)
        .forEach(x -> cases.add(new Contrast.Case("batch", "a", x, List.of(true))));
    DoubleStream.of(without)
        .forEach(x -> cases.add(new Contrast.Case("batch", "a", x, List.of(false))));
    cases.add(new Contrast.Case("batch", "alone", 99, List.of(true)));
    Contrast.Effect effect = Contrast.of(cases, 1).effects().getFirst().orElseThrow();
    double t = new TDistribution(7).inverseCumulativeProbability(0.975);
    assertThat(effect.mean() / (effect.half() / t))
        .isCloseTo(new TTest().homoscedasticT(with, without), within(1e-9));
    assertThat(effect.chance())
        .isCloseTo(new TTest().homoscedasticTTest(with, without), within(1e-9));
  }

  /** One step without a habit went well for a reason of its own: nobody knows how it scatters. */
  @Test
  void oneStepWithoutAHabitIsNoComparison() {
    SplittableRandom random = new SplittableRandom(5);
    List<BatchResult> batches = new ArrayList<>();
    for (int i = 0; i < 20; i++) {
      PartingStep part =
          MadeUp.part(MadeUp.DAY.plusDays(i), 2 + 0.3 * MadeUp.normal(random), 500, HABIT);
      batches.add(MadeUp.batch("Alder bend", MadeUp.DAY.plusDays(i), 450, 4, List.of(part)));
    }
    batches.add(
        MadeUp.batch("Alder bend", MadeUp.DAY, 450, 4, List.of(MadeUp.part(MadeUp.DAY, 4.5, 500))));
    HabitCost one = HabitCost.of(batches, Shop.USUAL).getFirst();
    assertThat(one.without()).isEqualTo(1);
    assertThat(one.isSeen()).isFalse();
    assertThat(one.costMg()).isEmpty();
    batches.add(
        MadeUp.batch("Alder bend", MadeUp.DAY, 450, 4, List.of(MadeUp.part(MadeUp.DAY, 4.4, 500))));
    assertThat(HabitCost.of(batches, Shop.USUAL).getFirst().isSeen()).isTrue();
  }

  @Test
  void whatIsAlwaysSoOrFollowsFromAnotherTellsNothing() {
    List<Contrast.Case> cases = new ArrayList<>();
    for (int i = 0; i < 8; i++) {
      boolean odd = i % 2 == 1;
      cases.add(new Contrast.Case("batch", "a", i, List.of(true, odd, odd)));
    }
    Contrast contrast = Contrast.of(cases, 3);
    assertThat(contrast.effects().get(0)).isEmpty();
    assertThat(contrast.effects().get(1)).isPresent();
    assertThat(contrast.effects().get(2)).isEmpty();
    assertThat(Contrast.of(List.of(), 2).effects()).containsOnly(Optional.empty());
  }

  @Test
  void theRangeOfASourceHoldsItsTruth() {
    SplittableRandom random = new SplittableRandom(1);
    int held = 0;
    int all = 0;
    for (int run = 0; run < RUNS; run++) {
      List<BatchResult> batches = new ArrayList<>();
      for (int source = 0; source < 3; source++) {
        for (int i = 0; i < 2 + 2 * source; i++) {
          double hours = 4 + 6 * random.nextDouble();
          double rate = 100 * (source + 1) * Math.exp(0.3 * MadeUp.normal(random) - 0.045);
          batches.add(MadeUp.batch("source " + source, rate * hours, hours));
        }
      }
      for (SourceRate rate : SourceRate.ranked(batches, Season.NOTHING, SourceRate.Of.HOUR)) {
        int source = rate.source().charAt(7) - '0';
        double truth = 100.0 * (source + 1);
        all++;
        held += rate.rate().low() <= truth && truth <= rate.rate().high() ? 1 : 0;
      }
    }
    assertThat((double) held / all).isBetween(LEAST, 0.985);
  }

  @Test
  void onlyOneBatchOfEachSourceHasNoRange() {
    List<SourceRate> rates =
        SourceRate.ranked(
            List.of(MadeUp.batch("one", 1000, 4), MadeUp.batch("two", 3000, 4)),
            Season.NOTHING,
            SourceRate.Of.HOUR);
    assertThat(rates).extracting(SourceRate::source).containsExactly("two", "one");
    assertThat(rates).allMatch(SourceRate::isSharp);
    assertThat(rates.getFirst().isSurelyAbove(rates.getLast())).isFalse();
    assertThat(rates.getFirst().rate()).isEqualTo(Band.sharp(750));
  }

  /** What a habit cost is known: the same steps without it. */
  @Test
  void theCostOfAHabitHoldsItsTruthAndNoneIsSeenWhereThereIsNone() {
    SplittableRandom random = new SplittableRandom(2);
    int held = 0;
    int alarms = 0;
    for (int run = 0; run < RUNS; run++) {
      held += trueCostIsHeld(random, 1.2) ? 1 : 0;
      List<HabitCost> none = HabitCost.of(List.of(of(random, 0, 24)), Shop.USUAL);
      alarms += none.getFirst().isSeen() ? 1 : 0;
    }
    assertThat(held / (double) RUNS).isBetween(LEAST, 0.985);
    assertThat(alarms / (double) RUNS).isBetween(0.015, 0.08);
  }

  private static boolean trueCostIsHeld(SplittableRandom random, double effect) {
    BatchResult batch = of(random, effect, 24);
    Band cost = HabitCost.of(List.of(batch), Shop.USUAL).getFirst().costMg().orElseThrow();
    double truth =
        batch.parts().stream()
            .filter(part -> part.habits().contains(HABIT))
            .mapToDouble(
                part -> {
                  double share = part.recovery().orElseThrow().usual();
                  double without = 1 / (1 + Math.exp(-(Math.log(share / (1 - share)) + effect)));
                  return 1000 * (without - share);
                })
            .sum();
    return cost.low() <= truth && truth <= cost.high();
  }

  private static BatchResult of(SplittableRandom random, double effect, int steps) {
    List<PartingStep> parts = new ArrayList<>();
    for (int i = 0; i < steps; i++) {
      boolean with = i % 3 == 0;
      double logit = 1.5 - (with ? effect : 0) + 0.5 * MadeUp.normal(random);
      parts.add(
          with
              ? MadeUp.part(MadeUp.DAY, logit, 1000, HABIT)
              : MadeUp.part(MadeUp.DAY, logit, 1000));
    }
    return MadeUp.batch("source", MadeUp.DAY, 20_000, 10, parts);
  }

  @Test
  void aChangeThatDoesNothingIsSeldomSeenToDoSomething() {
    SplittableRandom random = new SplittableRandom(3);
    Change change =
        new Change(
            "c", MadeUp.DAY, "less water", Optional.of(KindOfWork.MACHINES), Optional.empty());
    int alarms = 0;
    int seen = 0;
    for (int run = 0; run < RUNS; run++) {
      alarms += effect(random, change, 0).isSeen() ? 1 : 0;
      seen += effect(random, change, 1.5).isSeen() ? 1 : 0;
    }
    assertThat(alarms / (double) RUNS).isBetween(0.015, 0.08);
    assertThat(seen / (double) RUNS).isGreaterThan(0.9);
  }

  private static ChangeEffect effect(SplittableRandom random, Change change, double by) {
    List<PartingStep> parts = new ArrayList<>();
    for (int i = 0; i < 16; i++) {
      boolean after = i >= 8;
      LocalDate date = MadeUp.DAY.plusDays(after ? i : i - 20);
      parts.add(MadeUp.part(date, 1.5 + (after ? by : 0) + 0.6 * MadeUp.normal(random), 1000));
    }
    return ChangeEffect.of(
        change, List.of(MadeUp.batch("source", MadeUp.DAY, 20_000, 10, parts)), ZoneOffset.UTC);
  }

  /** As many cuts of every batch: exactly what the textbooks make of the means of batches. */
  @Test
  void wholeBatchesAreComparedByTheirMeans() {
    double[][] batches = {{1, 2, 4}, {2, 2, 3}, {4, 4, 4}, {3, 5, 6}, {2, 6, 4}};
    List<Contrast.Case> cases = new ArrayList<>();
    double[] means = new double[batches.length];
    for (int batch = 0; batch < batches.length; batch++) {
      for (int cut = 0; cut < 3; cut++) {
        means[batch] += batches[batch][cut] / 3;
        cases.add(
            new Contrast.Case(
                "batch " + batch, "cut " + cut, batches[batch][cut], List.of(batch < 2)));
      }
    }
    Contrast.Effect effect = Contrast.of(cases, 1).effects().getFirst().orElseThrow();
    double[] before = {means[0], means[1]};
    double[] after = {means[2], means[3], means[4]};
    assertThat(effect.chance())
        .isCloseTo(new TTest().homoscedasticTTest(before, after), within(1e-6));
  }

  /** Cuts of one batch are alike for reasons nobody wrote down. */
  private static List<BatchResult> alikeWithinBatches(
      SplittableRandom random, double batchSd, double effect, boolean isHabit) {
    List<BatchResult> batches = new ArrayList<>();
    for (int batch = 0; batch < 10; batch++) {
      boolean second = batch >= 5;
      double shared = batchSd * MadeUp.normal(random);
      List<PartingStep> parts = new ArrayList<>();
      for (String cut : List.of("−30 +50", "−50 +100", "−100", "−20 +30")) {
        double logit = 1.5 + shared + (second ? effect : 0) + 0.4 * MadeUp.normal(random);
        LocalDate date = MadeUp.DAY.plusDays(second ? batch : batch - 20);
        Habit[] habits = isHabit && second ? new Habit[] {HABIT} : new Habit[0];
        parts.add(MadeUp.part(date, cut, logit, 1000, habits));
      }
      batches.add(MadeUp.batch("source", MadeUp.DAY, 20_000, 10, parts));
    }
    return batches;
  }

  @ParameterizedTest
  @ValueSource(doubles = {0, 0.25, 0.5})
  void whatBatchesHaveInCommonIsNotTakenForAChangeOrAHabit(double batchSd) {
    SplittableRandom random = new SplittableRandom(5);
    Change change =
        new Change(
            "c", MadeUp.DAY, "less water", Optional.of(KindOfWork.MACHINES), Optional.empty());
    int alarms = 0;
    int habits = 0;
    int seen = 0;
    for (int run = 0; run < RUNS; run++) {
      alarms += seen(change, alikeWithinBatches(random, batchSd, 0, false)) ? 1 : 0;
      seen += seen(change, alikeWithinBatches(random, batchSd, 1.5, false)) ? 1 : 0;
      habits +=
          HabitCost.of(alikeWithinBatches(random, batchSd, 0, true), Shop.USUAL).getFirst().isSeen()
              ? 1
              : 0;
    }
    assertThat(alarms / (double) RUNS).as("changes").isBetween(0.015, 0.08);
    assertThat(habits / (double) RUNS).as("habits").isBetween(0.015, 0.08);
    assertThat(seen / (double) RUNS).isGreaterThan(0.9);
  }

  private static boolean seen(Change change, List<BatchResult> batches) {
    return ChangeEffect.of(change, batches, ZoneOffset.UTC).isSeen();
  }

  /** A dozen habits asked about at once, of which none costs anything. */
  @Test
  void ofManyHabitsNoneIsSeenWhereThereIsNone() {
    SplittableRandom random = new SplittableRandom(6);
    int alarms = 0;
    for (int run = 0; run < RUNS; run++) {
      List<BatchResult> batches = new ArrayList<>();
      for (int batch = 0; batch < 12; batch++) {
        List<PartingStep> parts = new ArrayList<>();
        for (int cut = 0; cut < 4; cut++) {
          List<Habit> habits = new ArrayList<>();
          for (int habit = 0; habit < 12; habit++) {
            if (random.nextInt(4) == 0) {
              habits.add(new Habit(Habit.Kind.DIAL_HIGH, "dial " + habit));
            }
          }
          parts.add(
              MadeUp.part(
                  MadeUp.DAY,
                  "cut " + cut,
                  1.5 + 0.5 * MadeUp.normal(random),
                  1000,
                  habits.toArray(Habit[]::new)));
        }
        batches.add(MadeUp.batch("source", MadeUp.DAY, 20_000, 10, parts));
      }
      alarms += HabitCost.of(batches, Shop.USUAL).stream().anyMatch(HabitCost::isSeen) ? 1 : 0;
    }
    assertThat(alarms / (double) RUNS).isBetween(0.015, 0.08);
  }

  /** Sources that give the same, one of them by luck and the others steadily. */
  @Test
  void sourcesThatScatterUnequallyAreHeldAndNotToldApart() {
    SplittableRandom random = new SplittableRandom(7);
    double[] scatter = {0.15, 0.3, 0.7};
    int[] batchesOf = {6, 4, 3};
    int[] held = new int[3];
    int apart = 0;
    for (int run = 0; run < RUNS; run++) {
      List<BatchResult> batches = new ArrayList<>();
      for (int source = 0; source < 3; source++) {
        for (int i = 0; i < batchesOf[source]; i++) {
          double sd = scatter[source];
          double rate = 100 * Math.exp(sd * MadeUp.normal(random) - sd * sd / 2);
          batches.add(MadeUp.batch("source " + source, 8 * rate, 8));
        }
      }
      List<SourceRate> rates = SourceRate.ranked(batches, Season.NOTHING, SourceRate.Of.HOUR);
      apart += rates.getFirst().isSurelyAbove(rates.get(1)) ? 1 : 0;
      for (SourceRate rate : rates) {
        int source = rate.source().charAt(7) - '0';
        held[source] += rate.rate().low() <= 100 && 100 <= rate.rate().high() ? 1 : 0;
      }
    }
    for (int source = 0; source < 3; source++) {
      assertThat(held[source] / (double) RUNS).as("source %s", source).isBetween(0.86, 0.995);
    }
    assertThat(apart / (double) RUNS).isLessThan(0.06);
  }

  @Test
  void withStepsOnOneSideOnlyNothingIsCompared() {
    Change later =
        new Change("c", MadeUp.DAY.plusDays(9), "less water", Optional.empty(), Optional.empty());
    ChangeEffect effect =
        ChangeEffect.of(later, List.of(of(new SplittableRandom(4), 0, 6)), ZoneOffset.UTC);
    assertThat(effect.stepsBefore()).isEqualTo(6);
    assertThat(effect.after()).isEmpty();
    assertThat(effect.points()).isEmpty();
    assertThat(effect.isSeen()).isFalse();
  }

  /** By hand: 800 won of 1,000 in each, so 200 away, 87.5 to 350 by its range. */
  @Test
  void aYearAddsUpWithErrorsThatAreIndependent() {
    YearSum sum =
        YearSum.of(List.of(MadeUp.batch("a", 800, 4), MadeUp.batch("b", 800, 6)), Season.NOTHING);
    assertThat(sum.wonMg()).isEqualTo(1600);
    assertThat(sum.awayMg().usual()).isCloseTo(400, within(1e-9));
    double below = 200 - 800 * (0.1 / 0.9);
    double above = 800 * (0.3 / 0.7) - 200;
    assertThat(sum.awayMg().low()).isCloseTo(400 - Math.sqrt(2) * below, within(1e-9));
    assertThat(sum.awayMg().high()).isCloseTo(400 + Math.sqrt(2) * above, within(1e-9));
    assertThat(sum.share().orElseThrow().usual()).isCloseTo(0.8, within(1e-9));
    assertThat(sum.mgPerHour().orElseThrow()).isEqualTo(160);
    assertThat(sum.sources()).isEqualTo(2);
    assertThat(YearSum.of(List.of(), Season.NOTHING).share()).isEmpty();
  }
}
