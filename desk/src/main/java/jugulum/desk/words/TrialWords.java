package jugulum.desk.words;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.TreeMap;
import java.util.stream.Collectors;
import jugulum.core.ledger.Material;
import jugulum.core.screens.Cut;
import jugulum.core.trial.Comparison;
import jugulum.core.trial.Comparison.Verdict;
import jugulum.core.trial.Contender;
import jugulum.core.trial.Found;
import jugulum.core.trial.ShareDifference;
import jugulum.core.trial.SpikeBack.Recovered;
import jugulum.core.trial.Trial;
import jugulum.core.trial.TrialEdit;
import jugulum.core.trial.TrialLine;
import jugulum.core.trial.TrialLine.Basis;
import jugulum.core.trial.TrialResult;
import jugulum.core.trial.TrialResult.Finding;
import jugulum.core.trial.TrialResult.Pair;
import jugulum.core.trial.TrialRun;
import jugulum.core.units.MassUnit;

/** What trials say. */
public final class TrialWords {
  private TrialWords() {}

  /**
   * The answer of a trial.
   *
   * @param sentence what it says
   * @param figure the figure of it; may be empty
   * @param range what is left open of that; may be empty
   * @param rest what else it says, a sentence each
   */
  public record Answer(String sentence, String figure, String range, List<String> rest) {
    private static Answer said(String sentence) {
      return new Answer(sentence, "", "", List.of());
    }
  }

  /** A machine as it was set up, in short. */
  public static String contender(Words words, Contender contender) {
    String name = contender.machine().name();
    String machine = name.isBlank() ? words.of("machine", contender.machine().kind()) : name;
    return words.row(
        List.of(machine, contender.variant()).stream().filter(t -> !t.isEmpty()).toList());
  }

  private static String contender(Words words, Trial trial, int contender) {
    return contender(words, trial.plan().contenders().get(contender));
  }

  /** What an edit does, as a noun. */
  public static String edit(Words words, TrialEdit edit) {
    return switch (edit) {
      case TrialEdit.Begin begin -> words.of("trial.edit.begin", begin.name());
      case TrialEdit.TakeOver taken -> words.of("trial.edit.take-over", taken.trial().name());
      case TrialEdit.Rename _ -> words.of("trial.edit.rename");
      case TrialEdit.Replan _ -> words.of("trial.edit.replan");
      case TrialEdit.Run run ->
          words.of(run.spikes().isEmpty() ? "trial.edit.blank" : "trial.edit.run");
      case TrialEdit.Find find -> words.of("trial.edit.find", Integer.toString(find.run()));
      case TrialEdit.StrikeRun strike ->
          words.of("trial.edit.strike", Integer.toString(strike.run()));
      case TrialEdit.AddNote _ -> words.of("edit.note");
      case TrialEdit.Close(boolean closed) ->
          words.of(closed ? "trial.edit.close" : "trial.edit.reopen");
    };
  }

  /** The answer, as far as there is one. */
  public static Answer answer(Words words, Trial trial, TrialResult result) {
    if (result.lines().isEmpty()) {
      return Answer.said(words.of("trial.answer.none"));
    }
    if (result.pairs().isEmpty()) {
      return alone(words, trial, result);
    }
    Comparator<Pair> clearest =
        Comparator.comparingDouble(pair -> Math.abs(pair.comparison().difference().value()));
    return result.pairs().stream()
        .filter(pair -> isWon(pair.comparison().verdict()))
        .max(clearest)
        .map(pair -> won(words, trial, result, pair))
        .orElseGet(() -> open(words, trial, result));
  }

  private static boolean isWon(Verdict verdict) {
    return verdict == Verdict.FIRST || verdict == Verdict.SECOND;
  }

  /** Nothing to compare with: how much it wins of the finest, then of the others. */
  private static Answer alone(Words words, Trial trial, TrialResult result) {
    TrialLine finest = result.lines().getLast();
    List<String> rest =
        result.lines().reversed().stream()
            .skip(1)
            .map(
                line ->
                    words.of(
                        "trial.answer.also",
                        Sentences.cut(words, line.cut()),
                        share(words, line.recovered()),
                        range(words, line.recovered())))
            .toList();
    return new Answer(
        words.of(
            "trial.answer.alone",
            words.beginning(contender(words, trial, finest.contender())),
            Sentences.cut(words, finest.cut())),
        share(words, finest.recovered()),
        range(words, finest.recovered()),
        rest);
  }

  private static Answer won(Words words, Trial trial, TrialResult result, Pair pair) {
    boolean first = pair.comparison().verdict() == Verdict.FIRST;
    ShareDifference difference = pair.comparison().difference();
    List<String> rest = new ArrayList<>();
    result.pairs().stream()
        .filter(one -> one != pair && isWon(one.comparison().verdict()))
        .map(one -> also(words, trial, one))
        .forEach(rest::add);
    alike(words, trial, result).ifPresent(rest::add);
    notSettled(words, trial, result).forEach(rest::add);
    if (result.pairs().size() > 1) {
      rest.add(words.of("trial.answer.together", Integer.toString(result.pairs().size())));
    }
    return new Answer(
        words.of(
            "trial.answer.won",
            words.beginning(contender(words, trial, first ? pair.first() : pair.second())),
            Sentences.cut(words, pair.cut())),
        words.of("trial.points-more", points(words, Math.abs(difference.value()))),
        words.of(
            "trial.answer.surely",
            points(words, first ? difference.low() : -difference.high()),
            points(words, first ? difference.high() : -difference.low())),
        rest);
  }

  private static String also(Words words, Trial trial, Pair pair) {
    boolean first = pair.comparison().verdict() == Verdict.FIRST;
    ShareDifference difference = pair.comparison().difference();
    return words.of(
        "trial.answer.also-won",
        Sentences.cut(words, pair.cut()),
        contender(words, trial, first ? pair.first() : pair.second()),
        points(words, Math.abs(difference.value())),
        points(words, first ? difference.low() : -difference.high()),
        points(words, first ? difference.high() : -difference.low()));
  }

  private static Answer open(Words words, Trial trial, TrialResult result) {
    List<Pair> open =
        result.pairs().stream()
            .filter(pair -> pair.comparison().verdict() == Verdict.NOT_SETTLED)
            .toList();
    if (open.isEmpty()) {
      return new Answer(
          words.of("trial.answer.all-alike"),
          "",
          "",
          List.of(words.of("trial.answer.alike-means", points(words, Comparison.ALIKE_WITHIN))));
    }
    Pair least =
        open.stream()
            .filter(pair -> pair.comparison().more() > 0)
            .min(Comparator.comparingInt(pair -> pair.comparison().more()))
            .orElse(open.getFirst());
    int more = least.comparison().more();
    List<String> rest = new ArrayList<>();
    alike(words, trial, result).ifPresent(rest::add);
    open.stream()
        .filter(pair -> pair != least)
        .map(pair -> notSettled(words, trial, pair))
        .forEach(rest::add);
    return new Answer(
        words.of("trial.answer.open", of(words, trial, least)),
        more > 0 ? words.counted("trial.more", more) : "",
        more > 0 ? words.of("trial.more.about") : words.of("trial.more.never"),
        rest);
  }

  private static Optional<String> alike(Words words, Trial trial, TrialResult result) {
    List<Pair> pairs =
        result.pairs().stream()
            .filter(pair -> pair.comparison().verdict() == Verdict.ALIKE)
            .toList();
    return pairs.isEmpty()
        ? Optional.empty()
        : Optional.of(words.of("trial.answer.alike", classes(words, trial, pairs)));
  }

  private static List<String> notSettled(Words words, Trial trial, TrialResult result) {
    return result.pairs().stream()
        .filter(pair -> pair.comparison().verdict() == Verdict.NOT_SETTLED)
        .map(pair -> notSettled(words, trial, pair))
        .toList();
  }

  private static String notSettled(Words words, Trial trial, Pair pair) {
    int more = pair.comparison().more();
    return more > 0
        ? words.counted("trial.answer.not-settled", more, of(words, trial, pair))
        : words.of("trial.answer.never-settled", of(words, trial, pair));
  }

  private static String classes(Words words, Trial trial, List<Pair> pairs) {
    return words.list(pairs.stream().map(pair -> of(words, trial, pair)).distinct().toList());
  }

  /** The size class; with the two contenders where there are more than two. */
  private static String of(Words words, Trial trial, Pair pair) {
    String cut = Sentences.cut(words, pair.cut());
    return trial.plan().contenders().size() == 2
        ? cut
        : words.of(
            "trial.of-pair",
            cut,
            contender(words, trial, pair.first()),
            contender(words, trial, pair.second()));
  }

  /** Percent points without their sign. */
  private static String points(Words words, double share) {
    return words.fixed(100 * share, 0);
  }

  /** A recovery in whole percent; from, to where what is missing leaves it open. */
  public static String share(Words words, Recovered recovered) {
    String least = words.fixed(100 * recovered.least(), 0);
    String most = words.fixed(100 * recovered.most(), 0);
    return least.equals(most)
        ? words.of("figures.percent", least)
        : words.of("figures.percents", least, most);
  }

  /** Its range. */
  public static String range(Words words, Recovered recovered) {
    return words.of(
        "figures.percents",
        words.fixed(100 * recovered.low(), 0),
        words.fixed(100 * recovered.high(), 0));
  }

  /** An amount that was counted or weighed. */
  public static String amount(Figures figures, Basis basis, double amount) {
    return basis == Basis.COUNTED
        ? figures.words().counted("trial.specks", (int) Math.round(amount))
        : figures.gold(amount);
  }

  /** Whether it casts doubt on the counts themselves, and is not only a remark on the range. */
  public static boolean isDoubt(Finding finding) {
    return switch (finding) {
      case Finding.TooMuch _, Finding.Scattered _, Finding.TooLight _, Finding.Missing _ -> true;
      case Finding.FewRuns _, Finding.NoneFound _, Finding.AllFound _ -> false;
    };
  }

  /** What is to be thought of before a result is believed. */
  public static String finding(Figures figures, Finding finding) {
    Words words = figures.words();
    return switch (finding) {
      case Finding.TooMuch(var _, var _, Basis basis, double over, var chance) -> {
        String much = amount(figures, basis, over);
        yield chance.isPresent()
            ? words.of("trial.finding.too-much." + basis, much, chance(words, chance.getAsDouble()))
            : words.of("trial.finding.too-much", much);
      }
      case Finding.FewRuns _ -> words.of("trial.finding.few-runs");
      case Finding.NoneFound _ -> words.of("trial.finding.none");
      case Finding.AllFound _ -> words.of("trial.finding.all");
      case Finding.Scattered(var _, var _, double chance) ->
          words.of("trial.finding.scattered", chance(words, chance));
      case Finding.TooLight(var _, var _, double mg, double sdMg) ->
          words.of("trial.finding.too-light", figures.gold(mg), figures.gold(sdMg));
      case Finding.Missing(var _, var _, Basis basis, double much) ->
          words.of("trial.finding.missing", amount(figures, basis, much));
    };
  }

  private static String chance(Words words, double chance) {
    return chance < 0.001 ? words.of("trial.chance.tiny") : words.percent(chance);
  }

  /** The classes, coarse first, as they would be typed. */
  public static String classes(List<Cut> classes) {
    return String.join(", ", classes.stream().map(Cut::notation).toList());
  }

  /** What was put into a run. */
  public static String putIn(Words words, TrialRun run) {
    return run.isBlank()
        ? words.of("trial.blank")
        : words.row(
            run.spikes().stream()
                .map(
                    spike ->
                        words.of(
                            "trial.runs.of",
                            typed(words, spike.specks(), spike.mg()),
                            Sentences.cut(words, spike.cut())))
                .toList());
  }

  /** What was found of a run, a line a port. */
  public static String found(Words words, TrialRun run) {
    if (run.struck().isPresent()) {
      return words.of("trial.runs.struck", run.struck().get().reason());
    }
    if (!run.isDone()) {
      return words.of("trial.runs.open");
    }
    Map<Material, List<Found>> ports =
        run.found().stream()
            .collect(Collectors.groupingBy(Found::port, TreeMap::new, Collectors.toList()));
    return ports.entrySet().stream()
        .map(
            port ->
                words.of(
                    "trial.runs.at",
                    words.of("material", port.getKey()),
                    words.row(
                        port.getValue().stream()
                            .map(one -> typed(words, one.specks(), one.mg()))
                            .toList())))
        .collect(Collectors.joining("\n"));
  }

  /** An amount as it would be typed: "44", "21.5 mg", or "44 / 21.5 mg". */
  public static String typed(Words words, OptionalInt specks, OptionalDouble mg) {
    String count = specks.isPresent() ? Integer.toString(specks.getAsInt()) : "";
    String mass =
        mg.isPresent() ? words.plain(mg.getAsDouble()) + " " + MassUnit.MILLIGRAM.sign() : "";
    return count.isEmpty() || mass.isEmpty() ? count + mass : count + " / " + mass;
  }

  /** Settings as they would be typed: "tilt 2.5; volts 12". */
  public static String settings(Words words, Map<String, Double> settings) {
    return new TreeMap<>(settings)
        .entrySet().stream()
            .map(set -> dial(words, set.getKey()) + " " + words.plain(set.getValue()))
            .collect(Collectors.joining("; "));
  }

  /** What a dial is called; one of one's own by its own name. */
  public static String dial(Words words, String dial) {
    return SheetWords.has(words, dial) ? SheetWords.dial(words, dial) : dial;
  }
}
