package jugulum.desk.day;

import java.util.List;
import jugulum.core.day.DayPace;
import jugulum.desk.words.DayWords;
import jugulum.desk.words.Words;

/** Says how the minutes of other days stood to their plans. */
final class LearntText {
  /** Nearer than that to the plan nobody needs to be told. */
  private static final double MATTERS = 0.05;

  private LearntText() {}

  /** What was learnt, the most often done first; empty where nothing that matters was. */
  static String of(Words words, DayPace pace) {
    record Work(String kind, String machine) {}
    List<String> told =
        pace.done().stream()
            .map(done -> new Work(done.kind(), done.machine()))
            // Of runs there is no text: a machine's own timed runs tell its pace.
            .filter(work -> words.has("day.learnt." + work.kind()))
            .distinct()
            .filter(work -> Math.abs(pace.of(work.kind(), work.machine()).factor() - 1) >= MATTERS)
            .map(
                work -> {
                  DayPace.Learnt learnt = pace.of(work.kind(), work.machine());
                  String what =
                      work.machine().isEmpty()
                          ? words.of("day.learnt." + work.kind())
                          : DayWords.machine(words, work.machine());
                  return words.counted(
                      learnt.factor() > 1 ? "day.learnt.slower" : "day.learnt.quicker",
                      learnt.count(),
                      what,
                      words.fixed(100 * Math.abs(learnt.factor() - 1), 0));
                })
            .limit(3)
            .toList();
    return told.isEmpty() ? "" : words.of("day.learnt", words.row(told));
  }
}
