package jugulum.core.runs;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import jugulum.core.screens.Cut;
import jugulum.core.trial.Logit;
import jugulum.core.trial.RandomEffects.Result;
import jugulum.core.trial.Slope;
import jugulum.core.trial.TriedRun;

/**
 * What a dial of a machine did, as far as that can be told: among runs of one cut and kind, for
 * sand and sizes do more than any dial.
 *
 * @param cut the sizes of those runs
 * @param kind their kind; empty for runs of trials
 * @param slope of their recoveries, as logits, over the dial
 */
public record DialRecord(Cut cut, Optional<PastRun.Kind> kind, Slope slope) {
  /** Runs that may be compared. */
  private record Alike(Cut cut, Optional<PastRun.Kind> kind) {}

  private record Dot(Alike alike, Slope.At at) {}

  /**
   * Of the cut and kind with the most runs at which the dial stood differently; empty where none
   * has {@link Slope#LEAST} of them.
   *
   * @param runs of one machine
   * @param tried its runs of trials
   * @param dial the dial's name
   */
  public static Optional<DialRecord> of(List<PastRun> runs, List<TriedRun> tried, String dial) {
    Map<Alike, List<Slope.At>> groups =
        dots(runs, tried, dial).stream()
            .collect(
                Collectors.groupingBy(
                    Dot::alike, Collectors.mapping(Dot::at, Collectors.toList())));
    return groups.entrySet().stream()
        .filter(group -> group.getValue().size() >= Slope.LEAST && differ(group.getValue()))
        .max(
            Comparator.comparingInt(
                (Map.Entry<Alike, List<Slope.At>> group) -> group.getValue().size()))
        .map(
            group ->
                new DialRecord(
                    group.getKey().cut(), group.getKey().kind(), Slope.of(group.getValue())));
  }

  private static boolean differ(List<Slope.At> dots) {
    return dots.stream().mapToDouble(Slope.At::setting).distinct().count() > 1;
  }

  private static List<Dot> dots(List<PastRun> runs, List<TriedRun> tried, String dial) {
    List<Dot> dots = new ArrayList<>();
    for (PastRun run : runs) {
      run.setting(dial)
          .filter(_ -> run.isTold())
          .ifPresent(
              set ->
                  dots.add(
                      new Dot(
                          new Alike(run.cut(), Optional.of(run.kind())),
                          new Slope.At(set, Result.of(run.recovery().orElseThrow())))));
    }
    for (TriedRun run : tried) {
      Optional.ofNullable(run.settings().get(dial))
          .filter(_ -> run.isOwnGold())
          .ifPresent(
              set ->
                  dots.add(
                      new Dot(
                          new Alike(run.cut(), Optional.empty()),
                          new Slope.At(set, run.result()))));
    }
    return dots;
  }

  /** The share to expect with the dial so, 0 to 1. */
  public double share(double setting) {
    return Logit.share(slope.at(setting));
  }
}
