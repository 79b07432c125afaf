package jugulum.core.season;

import java.time.Duration;
import java.time.Instant;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Note;
import jugulum.core.ledger.Reading;
import jugulum.core.ledger.Step;

/**
 * How long somebody was at the bench, from when things were written down: what lies between two
 * records of a step counts, and a quiet longer than {@link #BREAK} counts as nothing, since nobody
 * stood there, or nobody wrote. Ours, and rather too short than too long.
 */
final class BenchTime {
  /**
   * No work at the bench goes so long without a word: ours.
   *
   * <p>Off by a half: hours by work where one pauses for one to two hours.
   */
  static final Duration BREAK = Duration.ofMinutes(90);

  private BenchTime() {}

  /** The minutes of each kind of work of a batch, 0 or more; kinds without any are left out. */
  static Map<KindOfWork, Double> minutes(Batch batch) {
    Map<KindOfWork, Double> minutes = new EnumMap<>(KindOfWork.class);
    batch.steps().stream()
        .filter(Step::isLive)
        .forEach(
            step -> {
              double spent = minutes(batch, step);
              if (spent > 0) {
                minutes.merge(KindOfWork.of(step.process()), spent, Double::sum);
              }
            });
    return minutes;
  }

  private static double minutes(Batch batch, Step step) {
    List<Instant> moments =
        Stream.of(
                Stream.of(step.startedAt()),
                step.readings().stream().map(Reading::moment),
                step.notes().stream().map(Note::at),
                step.outputs().stream()
                    .map(batch::lot)
                    .flatMap(Optional::stream)
                    .map(Lot::readings)
                    .flatMap(List::stream)
                    .map(Reading::at),
                step.finishedAt().stream())
            .flatMap(moment -> moment)
            .sorted()
            .toList();
    long seconds = 0;
    for (int i = 1; i < moments.size(); i++) {
      Duration quiet = Duration.between(moments.get(i - 1), moments.get(i));
      seconds += quiet.compareTo(BREAK) > 0 ? 0 : quiet.toSeconds();
    }
    return seconds / 60.0;
  }
}
