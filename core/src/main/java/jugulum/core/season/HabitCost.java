package jugulum.core.season;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jugulum.core.check.Band;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Machine;
import jugulum.core.machine.Dial;
import jugulum.core.shop.Shop;
import jugulum.core.trial.Logit;

/**
 * What a habit cost: its steps are compared with steps on the same machine and the same cut without
 * it, other habits taken into account, on the logit of the recovery ({@link Contrast}). The gold of
 * its steps times what the recovery would have been more is what it cost. That a habit goes with
 * something nobody wrote down cannot be told apart from it.
 *
 * @param habit which
 * @param work at which work
 * @param machine on which machine; empty for the magnet
 * @param usual the dial it is of, with where it usually stands there; empty for other habits
 * @param with how many steps with it, 1 or more
 * @param without how many comparable ones without it
 * @param costMg what it cost, in mg; below 0 where its steps won more; empty where it cannot be
 *     told
 * @param isSeen whether it is told to cost or bring something: of all habits told so at once, one
 *     in twenty may be chance ({@link #FALSE})
 */
public record HabitCost(
    Habit habit,
    KindOfWork work,
    String machine,
    Optional<Dial> usual,
    int with,
    int without,
    Optional<Band> costMg,
    boolean isSeen) {
  /**
   * The share of those told that may be chance (the false discovery rate; Y. Benjamini and Y.
   * Hochberg, Journal of the Royal Statistical Society B 57 (1995) 289-300; from memory).
   *
   * <p>Off by a half: how many habits are told to have cost gold.
   */
  public static final double FALSE = 0.05;

  /** One step by itself is no comparison: how such steps scatter nobody knows. */
  private static final int FEWEST = 2;

  private record Where(KindOfWork work, String machine, Optional<Machine.Kind> kind) {
    Optional<Dial> dial(Shop shop, Habit habit) {
      return kind.flatMap(of -> shop.gear(new Machine(of, machine)).sheet().dial(habit.dial()));
    }
  }

  /** A step, the batch it is of, and its habits. */
  private record Of(BatchId batch, PartingStep part, List<Habit> habits) {}

  /** A cost and how likely chance alone lets it look as large. */
  private record Told(HabitCost cost, double chance) {}

  /**
   * Every habit there was, what cost most first, what cannot be told last.
   *
   * @param shop with the machines: a dial is judged by where it usually stands there
   */
  public static List<HabitCost> of(List<BatchResult> batches, Shop shop) {
    Map<Where, List<Of>> byWhere = new LinkedHashMap<>();
    for (BatchResult batch : batches) {
      if (batch.closed()) {
        batch
            .toldParts()
            .forEach(
                part ->
                    byWhere
                        .computeIfAbsent(
                            new Where(part.work(), part.machine(), part.kind()),
                            _ -> new ArrayList<>())
                        .add(new Of(batch.id(), part, part.habits(shop))));
      }
    }
    List<Told> told = new ArrayList<>();
    byWhere.forEach((where, its) -> told.addAll(of(where, its, shop)));
    double mostChance = mostChance(told);
    return told.stream()
        .map(one -> one.chance() <= mostChance ? one.cost().seen() : one.cost())
        .sorted(
            Comparator.comparing((HabitCost one) -> !one.isSeen())
                .thenComparing(one -> one.costMg().map(band -> -band.usual()).orElse(1e9)))
        .toList();
  }

  private HabitCost seen() {
    return new HabitCost(habit, work, machine, usual, with, without, costMg, true);
  }

  /** Up to that chance a cost is told; below 0 where none is. */
  private static double mostChance(List<Told> told) {
    double[] chances =
        told.stream()
            .filter(one -> one.cost().costMg().isPresent())
            .mapToDouble(Told::chance)
            .sorted()
            .toArray();
    double most = -1;
    for (int i = 0; i < chances.length; i++) {
      if (chances[i] <= FALSE * (i + 1) / chances.length) {
        most = chances[i];
      }
    }
    return most;
  }

  private static List<Told> of(Where where, List<Of> all, Shop shop) {
    List<Habit> habits = all.stream().flatMap(one -> one.habits().stream()).distinct().toList();
    boolean anyWide = habits.stream().anyMatch(one -> one.kind() == Habit.Kind.WIDE_CUT);
    List<Contrast.Case> cases =
        all.stream()
            .map(
                one ->
                    new Contrast.Case(
                        one.batch().toString(),
                        kind(one.part(), anyWide),
                        one.part().logit(),
                        habits.stream().map(one.habits()::contains).toList()))
            .toList();
    Contrast contrast = Contrast.of(cases, habits.size());
    List<Told> costs = new ArrayList<>();
    for (int i = 0; i < habits.size(); i++) {
      Habit habit = habits.get(i);
      List<PartingStep> its =
          all.stream().filter(one -> one.habits().contains(habit)).map(Of::part).toList();
      Optional<Contrast.Effect> effect =
          contrast
              .effects()
              .get(i)
              .filter(_ -> its.size() >= FEWEST && all.size() - its.size() >= FEWEST);
      costs.add(
          new Told(
              new HabitCost(
                  habit,
                  where.work(),
                  where.machine(),
                  where.dial(shop, habit),
                  its.size(),
                  all.size() - its.size(),
                  effect.map(one -> cost(its, one)),
                  false),
              effect.map(Contrast.Effect::chance).orElse(1.0)));
    }
    return costs;
  }

  /**
   * A wide cut is never of the same sizes as a tight one: those that end at the same screen are
   * compared.
   */
  private static String kind(PartingStep part, boolean anyWide) {
    return anyWide ? part.lower() : part.cut();
  }

  /** What it cost at the low, usual and high end of the effect. */
  private static Band cost(List<PartingStep> its, Contrast.Effect effect) {
    return new Band(lost(its, effect.high()), lost(its, effect.mean()), lost(its, effect.low()));
  }

  private static double lost(List<PartingStep> its, double effect) {
    return its.stream()
        .mapToDouble(
            part ->
                (part.wonMg() + part.leftMg())
                    * (Logit.share(part.logit() - effect) - Logit.share(part.logit())))
        .sum();
  }
}
