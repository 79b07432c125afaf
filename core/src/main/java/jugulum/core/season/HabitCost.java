package jugulum.core.season;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import jugulum.core.check.Band;
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
 * @param with how many steps with it, 1 or more
 * @param without how many comparable ones without it
 * @param costMg what it cost, in mg; below 0 where its steps won more; empty where it cannot be
 *     told
 */
public record HabitCost(
    Habit habit, Work work, String machine, int with, int without, Optional<Band> costMg) {
  /** Whether the range of its cost excludes nothing. */
  public boolean isSeen() {
    return costMg.filter(Band::isAwayFromZero).isPresent();
  }

  private record Where(Work work, String machine) {}

  /** Every habit there was, what cost most first, what cannot be told last. */
  public static List<HabitCost> of(List<BatchResult> batches) {
    List<Part> told =
        batches.stream().filter(BatchResult::closed).flatMap(BatchResult::toldParts).toList();
    Map<Where, List<Part>> byWhere =
        told.stream()
            .collect(
                Collectors.groupingBy(
                    part -> new Where(part.work(), part.machine()),
                    LinkedHashMap::new,
                    Collectors.toList()));
    List<HabitCost> costs = new ArrayList<>();
    byWhere.forEach((where, its) -> costs.addAll(of(where, its)));
    costs.sort(
        Comparator.comparing((HabitCost one) -> !one.isSeen())
            .thenComparing(one -> one.costMg().map(band -> -band.usual()).orElse(1e9)));
    return costs;
  }

  private static List<HabitCost> of(Where where, List<Part> parts) {
    List<Habit> habits = parts.stream().flatMap(part -> part.habits().stream()).distinct().toList();
    boolean anyWide = habits.stream().anyMatch(one -> one.kind() == Habit.Kind.WIDE_CUT);
    List<Contrast.Case> cases =
        parts.stream()
            .map(
                part ->
                    new Contrast.Case(
                        kind(part, anyWide),
                        part.logit(),
                        habits.stream().map(part.habits()::contains).toList()))
            .toList();
    Contrast contrast = Contrast.of(cases, habits.size());
    List<HabitCost> costs = new ArrayList<>();
    for (int i = 0; i < habits.size(); i++) {
      Habit habit = habits.get(i);
      List<Part> its = parts.stream().filter(part -> part.habits().contains(habit)).toList();
      costs.add(
          new HabitCost(
              habit,
              where.work(),
              where.machine(),
              its.size(),
              parts.size() - its.size(),
              contrast.effects().get(i).map(effect -> cost(its, effect))));
    }
    return costs;
  }

  /**
   * A wide cut is never of the same sizes as a tight one: those that end at the same screen are
   * compared.
   */
  private static String kind(Part part, boolean anyWide) {
    return anyWide ? part.lower() : part.cut();
  }

  /** What it cost at the low, usual and high end of the effect. */
  private static Band cost(List<Part> its, Contrast.Effect effect) {
    return new Band(lost(its, effect.high()), lost(its, effect.mean()), lost(its, effect.low()));
  }

  private static double lost(List<Part> its, double effect) {
    return its.stream()
        .mapToDouble(
            part ->
                (part.wonMg() + part.leftMg())
                    * (Logit.share(part.logit() - effect) - Logit.share(part.logit())))
        .sum();
  }
}
