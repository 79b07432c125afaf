package jugulum.core.runs;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.gold.BatchSpecks;
import jugulum.core.gold.GoldAccount;
import jugulum.core.gold.Stage;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Step;
import jugulum.core.machine.RunLog;
import jugulum.core.passes.NextPass;
import jugulum.core.shop.StopRule;
import jugulum.core.shop.Terms;
import jugulum.core.specks.Speck;

/**
 * What running the same tailings once more is worth, from what each run over them won: as for the
 * passes of a magnet.
 */
public final class NextRun {
  private NextRun() {}

  /**
   * The advice after repeated runs; empty for a single one, and where one of them was not weighed
   * or counted. What a run won counts in mean specks of the cut; the minutes are the mean of those
   * runs that were timed.
   *
   * @param step any of the runs
   * @param terms what gold and time are worth, if told
   * @param rule the shop's own rule
   */
  public static Optional<NextPass> of(
      Step step, Network network, GoldAccount gold, Optional<Terms> terms, StopRule rule) {
    List<Step> runs = Reductions.repeats(network, step);
    List<Double> won =
        runs.stream()
            .map(run -> gold.stages().get(run.id()))
            .filter(Objects::nonNull)
            .flatMap(stage -> wonMg(stage).stream())
            .toList();
    if (runs.size() < 2 || won.size() < runs.size()) {
      return Optional.empty();
    }
    Speck speck = BatchSpecks.of(network).of(network.cutInto(runs.getFirst()));
    return Optional.of(
        NextPass.of(
            won.stream().map(mg -> mg / speck.meanMg()).toList(),
            minutes(runs),
            speck,
            gold.fineness(),
            terms,
            rule));
  }

  private static Optional<Double> wonMg(Stage stage) {
    return stage.won().map(range -> range.milligrams());
  }

  private static OptionalDouble minutes(List<Step> runs) {
    return runs.stream()
        .map(RunLog::of)
        .map(RunLog::minutes)
        .flatMapToDouble(OptionalDouble::stream)
        .average();
  }
}
