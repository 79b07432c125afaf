package jugulum.book.table;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.TreeMap;
import java.util.stream.Collectors;
import jugulum.core.ledger.Struck;
import jugulum.core.screens.Cut;
import jugulum.core.trial.Contender;
import jugulum.core.trial.Found;
import jugulum.core.trial.Spike;
import jugulum.core.trial.Trial;
import jugulum.core.trial.TrialLine;
import jugulum.core.trial.TrialResult;
import jugulum.core.trial.TrialRun;
import org.jspecify.annotations.Nullable;

/** A trial as tables: what was put in and found, run by run, and what that shows. */
public final class TrialTables {
  private static final List<String> RUN =
      List.of(
          "run",
          "at",
          "machine",
          "machine_name",
          "variant",
          "settings",
          "operator",
          "sand_g",
          "cut",
          "what",
          "specks",
          "mg",
          "sd_mg",
          "share",
          "struck");

  private static final List<String> SHOWN =
      List.of(
          "machine",
          "machine_name",
          "variant",
          "cut",
          "basis",
          "runs",
          "put_in",
          "won",
          "let_go",
          "missing",
          "own",
          "low",
          "least",
          "most",
          "high");

  private TrialTables() {}

  /** One row for every amount that was put in, and every one that was found. */
  public static Table runs(Trial trial) {
    List<List<Object>> rows = new ArrayList<>();
    for (TrialRun run : trial.runs()) {
      for (Spike spike : run.spikes()) {
        List<Object> row = row(trial, run, spike.cut(), "PUT_IN", spike.specks(), spike.mg());
        row.set(12, spike.sdMg());
        row.set(13, spike.share());
        rows.add(row);
      }
      for (Found found : run.found()) {
        rows.add(row(trial, run, found.cut(), found.port().name(), found.specks(), found.mg()));
      }
    }
    return new Table("runs", RUN, rows);
  }

  private static List<Object> row(
      Trial trial, TrialRun run, Cut cut, String what, OptionalInt specks, OptionalDouble mg) {
    Contender tried = trial.contender(run);
    return cells(
        run.number(),
        run.at(),
        tried.machine().kind().name(),
        tried.machine().name(),
        tried.variant(),
        settings(tried),
        tried.operator(),
        run.sandG(),
        cut.notation(),
        what,
        specks.isPresent() ? specks.getAsInt() : null,
        mg.isPresent() ? mg.getAsDouble() : null,
        null,
        null,
        run.struck().map(Struck::reason).orElse(""));
  }

  private static List<Object> cells(@Nullable Object... cells) {
    return Arrays.asList(cells);
  }

  private static String settings(Contender tried) {
    return new TreeMap<>(tried.settings())
        .entrySet().stream()
            .map(set -> set.getKey() + "=" + set.getValue())
            .collect(Collectors.joining("; "));
  }

  /** One row for every machine and size class: what came back and the share won, 0 to 1. */
  public static Table shown(Trial trial) {
    return new Table(
        "shown",
        SHOWN,
        TrialResult.of(trial).lines().stream().map(line -> shown(trial, line)).toList());
  }

  private static List<Object> shown(Trial trial, TrialLine line) {
    Contender tried = trial.plan().contenders().get(line.contender());
    return cells(
        tried.machine().kind().name(),
        tried.machine().name(),
        tried.variant(),
        line.cut().notation(),
        line.basis().name(),
        line.runs(),
        line.back().in(),
        line.back().won(),
        line.back().lost(),
        line.back().missing(),
        line.own().isPresent() ? line.own().getAsDouble() : null,
        line.recovered().low(),
        line.recovered().least(),
        line.recovered().most(),
        line.recovered().high());
  }
}
