package jugulum.desk.gear;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jugulum.core.belief.Experience;
import jugulum.core.belief.MachineBelief;
import jugulum.core.ledger.Assumptions;
import jugulum.core.machine.Gear;
import jugulum.core.runs.DialRecord;
import jugulum.core.runs.PastRun;
import jugulum.core.screens.Cut;
import jugulum.core.trial.Slope;
import jugulum.core.trial.TriedRun;
import jugulum.core.window.Conditions;
import jugulum.desk.chart.RecordChart;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.TrialWords;
import jugulum.desk.words.Words;

/** What a machine has shown, in words: first runs, reductions, reruns and trials apart, by cut. */
final class RecordText {
  /** A record is told of sand as it usually is: of which batch's is asked elsewhere. */
  private static final Conditions USUAL =
      Conditions.usual(Assumptions.USUAL, Conditions.USUAL_HEAVIES, true);

  private RecordText() {}

  /** What it has shown, a line a cut and kind of run; empty where nothing is told. */
  static List<RecordChart.Line> of(Words words, Experience evidence, Gear gear) {
    Experience its = evidence.of(gear.machine());
    List<RecordChart.Line> lines = new ArrayList<>();
    List<TriedRun> own = its.tried().stream().filter(TriedRun::isOwnGold).toList();
    for (Cut cut : cuts(its)) {
      for (PastRun.Kind kind : PastRun.Kind.values()) {
        new MachineBelief(Experience.of(its.runs()))
            .record(gear, cut, kind, USUAL)
            .map(proven -> new RecordChart.Line(cut, words.of("runs.kind", kind), proven))
            .ifPresent(lines::add);
      }
      tried(own, gear, cut, words.of("runs.kind.tried")).forEach(lines::add);
    }
    theirs(evidence, gear)
        .forEach(
            (whose, runs) ->
                cuts(new Experience(List.of(), runs))
                    .forEach(
                        cut ->
                            tried(runs, gear, cut, words.of("runs.kind.theirs", whose))
                                .forEach(lines::add)));
    return lines;
  }

  /** What there is to say while nothing is told. */
  static String none(Words words, Experience evidence, Gear gear) {
    return words.of(
        "runs.record.none", Integer.toString(evidence.of(gear.machine()).runs().size()));
  }

  /** What a dial did: that it matters, or that no effect can be seen yet. */
  static String dial(Words words, Experience its, String dial) {
    String name = TrialWords.dial(words, dial);
    return DialRecord.of(its.runs(), its.tried(), dial)
        .map(record -> dial(words, record, name))
        .orElseGet(() -> words.of("runs.dial.few", name, Integer.toString(Slope.LEAST)));
  }

  private static String dial(Words words, DialRecord record, String name) {
    Slope slope = record.slope();
    String among =
        words.of(
            "runs.dial.among",
            Integer.toString(slope.results()),
            record
                .kind()
                .map(kind -> words.of("runs.kind", kind))
                .orElseGet(() -> words.of("runs.kind.tried")),
            Sentences.cut(words, record.cut()));
    if (slope.isSeen()) {
      return words.of(
          "runs.dial.seen",
          name,
          words.plain(slope.low()),
          words.percent(record.share(slope.low())),
          words.plain(slope.high()),
          words.percent(record.share(slope.high())),
          among);
    }
    return slope.more() == Slope.NEVER
        ? words.of("runs.dial.never", name, among)
        : words.counted("runs.dial.unseen", slope.more(), name, among);
  }

  private static List<Cut> cuts(Experience its) {
    return Stream.concat(
            its.runs().stream().map(PastRun::cut), its.tried().stream().map(TriedRun::cut))
        .distinct()
        .sorted(Cut.COARSE_FIRST)
        .toList();
  }

  /** Runs of trials somebody else made with a machine of that kind. */
  private static Map<String, List<TriedRun>> theirs(Experience evidence, Gear gear) {
    return evidence.tried().stream()
        .filter(run -> run.from().isPresent() && run.machine().kind() == gear.kind())
        .sorted(Comparator.comparing(TriedRun::cut, Cut.COARSE_FIRST))
        .collect(
            Collectors.groupingBy(
                run -> run.from().orElseThrow(), TreeMap::new, Collectors.toList()));
  }

  private static Stream<RecordChart.Line> tried(
      List<TriedRun> runs, Gear gear, Cut cut, String kind) {
    List<TriedRun> here = runs.stream().filter(run -> run.cut().isSameSizes(cut)).toList();
    return here.isEmpty()
        ? Stream.empty()
        : Stream.of(
            new RecordChart.Line(
                cut, kind, new MachineBelief(Experience.NONE).tried(here, gear, cut, USUAL)));
  }
}
