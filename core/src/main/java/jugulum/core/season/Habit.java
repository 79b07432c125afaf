package jugulum.core.season;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Process.MagnetRun;
import jugulum.core.ledger.Step;
import jugulum.core.machine.Dial;
import jugulum.core.machine.Sheet;
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

  /**
   * The openings of a tight cut differ by no more than that factor: common practice sets screens a
   * factor of 1.2, for the finest gold, to 3.3 apart.
   */
  public static final double TIGHT = 3.4;

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

  /**
   * What a step shows of habits, whoever's its machine is.
   *
   * @param finestMm the finest speck one sees, in mm: a cut without a lower screen reaches down to
   *     it
   */
  static List<Habit> of(Step step, Cut cut, double finestMm) {
    return switch (step.process()) {
      case MagnetRun run -> ofMagnet(step, run);
      case Process.GravityRun _ when isWide(cut, finestMm) -> List.of(of(Kind.WIDE_CUT));
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

  /** How coarse the coarsest of the oversize is nobody knows. */
  private static boolean isWide(Cut cut, double finestMm) {
    return cut.passing().isPresent() && cut.upperMm() / Math.max(cut.lowerMm(), finestMm) > TIGHT;
  }

  /**
   * Dials that stood outside where they usually stand.
   *
   * @param set where they stood, by name
   * @param sheet of the machine, with what is its own
   */
  static List<Habit> ofDials(Map<String, Double> set, Sheet sheet) {
    return set.entrySet().stream()
        .flatMap(
            one ->
                sheet
                    .dial(one.getKey())
                    .filter(dial -> !dial.isUsual(one.getValue()))
                    .map(dial -> new Habit(side(dial, one.getValue()), one.getKey()))
                    .stream())
        .sorted(Comparator.comparing(Habit::dial))
        .toList();
  }

  private static Kind side(Dial dial, double value) {
    return value < dial.usual().orElseThrow().low() ? Kind.DIAL_LOW : Kind.DIAL_HIGH;
  }
}
