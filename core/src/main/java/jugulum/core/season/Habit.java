package jugulum.core.season;

import java.util.ArrayList;
import java.util.List;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Process.MagnetRun;
import jugulum.core.ledger.Step;
import jugulum.core.machine.Dial;
import jugulum.core.machine.Gear;
import jugulum.core.machine.Sheet;
import jugulum.core.runs.PastRun;
import jugulum.core.screens.Cut;

/**
 * A way of working that common practice warns of.
 *
 * @param kind which
 * @param dial by which dial of a machine, by its name on the sheet; empty for the others
 */
public record Habit(Kind kind, String dial) {
  /** Fewer drops of the heap than that leave gold in it: common practice. */
  public static final int ENOUGH_DROPS = 2;

  /** The openings of a tight cut differ by no more than that factor: common practice. */
  public static final double TIGHT = 2.1;

  /** The kinds there are. */
  public enum Kind {
    /** The magnet over damp sand. */
    DAMP,
    /** The heap of the magnet dropped less often than {@link #ENOUGH_DROPS}. */
    FEW_DROPS,
    /** A cut wider than {@link #TIGHT} on a machine. */
    WIDE_CUT,
    /** A dial below where one starts. */
    DIAL_LOW,
    /** A dial above where one starts. */
    DIAL_HIGH
  }

  private static Habit of(Kind kind) {
    return new Habit(kind, "");
  }

  /** What a step shows of habits. */
  static List<Habit> of(Step step, Cut cut) {
    return switch (step.process()) {
      case MagnetRun run -> ofMagnet(step, run);
      case Process.GravityRun run -> ofMachine(step, Gear.any(run.machine().kind()).sheet(), cut);
      default -> List.of();
    };
  }

  private static List<Habit> ofMagnet(Step step, MagnetRun run) {
    List<Habit> habits = new ArrayList<>();
    if (run.medium() == MagnetRun.Medium.DAMP) {
      habits.add(of(Kind.DAMP));
    }
    long drops =
        step.passes().stream().filter(pass -> pass.from() == Measure.Pass.From.HEAP).count();
    if (run.by() == MagnetRun.Way.HAND && !step.passes().isEmpty() && drops < ENOUGH_DROPS) {
      habits.add(of(Kind.FEW_DROPS));
    }
    return habits;
  }

  private static List<Habit> ofMachine(Step step, Sheet sheet, Cut cut) {
    List<Habit> habits = new ArrayList<>();
    if (cut.passing().isPresent()
        && cut.retained().isPresent()
        && cut.upperMm() / cut.lowerMm() > TIGHT) {
      habits.add(of(Kind.WIDE_CUT));
    }
    PastRun.settings(step)
        .forEach(
            (name, value) ->
                sheet
                    .dial(name)
                    .filter(dial -> !dial.isUsual(value))
                    .map(dial -> new Habit(side(dial, value), name))
                    .ifPresent(habits::add));
    return habits;
  }

  private static Kind side(Dial dial, double value) {
    return value < dial.usual().orElseThrow().low() ? Kind.DIAL_LOW : Kind.DIAL_HIGH;
  }
}
