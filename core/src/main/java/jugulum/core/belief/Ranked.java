package jugulum.core.belief;

import java.util.List;
import java.util.Optional;
import jugulum.core.check.Band;
import jugulum.core.machine.Gear;
import jugulum.core.machine.Sheet;
import jugulum.core.machine.Sheet.Fit;
import jugulum.core.screens.Cut;
import jugulum.core.window.Conditions;
import jugulum.core.window.Windows;
import jugulum.core.window.Windows.Window;

/**
 * A machine for one lot, with why: whether the sizes suit it, how far the settling window lets it
 * part gold from the rest, and what it brings.
 *
 * @param way what it wins and takes
 * @param fit whether the cut's sizes are those it is good for
 * @param window the settling window; empty where nothing bounds the cut above
 */
public record Ranked(MachineWay way, Fit fit, Optional<Window> window) {
  /** Machines in the order of the ways, each with why. */
  public static List<Ranked> of(List<MachineWay> ways, Cut cut, Conditions conditions) {
    Windows windows = new Windows(conditions);
    return ways.stream().map(way -> of(way, cut, windows)).toList();
  }

  private static Ranked of(MachineWay way, Cut cut, Windows windows) {
    Sheet sheet = way.gear().sheet();
    return new Ranked(
        way,
        sheet.fit(cut),
        cut.passing().isEmpty()
            ? Optional.empty()
            : Optional.of(windows.of(cut.upperMm(), cut.lowerMm(), sheet.working().sorting())));
  }

  /** The machine. */
  public Gear gear() {
    return way.gear();
  }

  /** The share it is expected to win of the gold, 0 to 1. */
  public Band expected() {
    return way.share().share();
  }

  /** On how many of the machine's own runs that rests; 0 where it is common practice. */
  public int runs() {
    return way.share().all();
  }

  /** Whether what to expect rests on the machine's own runs. */
  public boolean byRecord() {
    return runs() > 0;
  }

  /**
   * Slowest gold over fastest other, widened by how the machine sorts; empty where nothing bounds
   * the cut above, or nothing else is in it.
   */
  public Optional<Band> ratio() {
    return window.flatMap(Window::ratio);
  }

  /** Whether the usual grains can be parted. */
  public boolean parts() {
    return ratio().isEmpty() || ratio().get().usual() >= 1;
  }
}
