package jugulum.core.machine;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jugulum.core.check.Band;
import jugulum.core.ledger.Machine;
import jugulum.core.machine.Sheet.Fit;
import jugulum.core.screens.Cut;
import jugulum.core.window.Conditions;
import jugulum.core.window.Windows;
import jugulum.core.window.Windows.Window;

/**
 * A machine for one cut: whether the sizes suit it, how far the settling window lets it part gold
 * from the rest, and the recovery to expect. Where the machine has no record of its own the
 * recovery is common practice, and wide; the window says what can be parted, not what will be won.
 *
 * @param gear the machine
 * @param fit whether the cut's sizes are those it is good for
 * @param window the settling window; empty where nothing bounds the cut above
 * @param expected the recovery to expect, 0 to 1; without a record, and where the usual grains
 *     cannot be parted, its low end is halved
 * @param runs on how many of the machine's own runs that rests; 0 where it is common practice
 */
public record Ranked(Gear gear, Fit fit, Optional<Window> window, Band expected, int runs) {
  /**
   * Machines without a record count alike, about where common practice has its middle: those ranges
   * are too wide to rank by.
   */
  private static final double UNPROVEN = 0.75;

  private static final Comparator<Ranked> BEST_FIRST =
      Comparator.comparing(Ranked::fit)
          .thenComparing(ranked -> !ranked.parts())
          .thenComparing(ranked -> -(ranked.byRecord() ? ranked.expected().usual() : UNPROVEN))
          .thenComparing(
              ranked -> ranked.parts() ? -ranked.ratio().map(Band::usual).orElse(0.0) : 0)
          .thenComparing(ranked -> ranked.gear().kind())
          .thenComparing(Ranked::gear, Gear.BY_NAME);

  /**
   * Machines for a cut, best first: suited before not, able to part the usual grains before not,
   * then by what their own runs let expect, then by the wider window; where none can part the usual
   * grains their windows tell nothing, and the one that takes most goes first.
   *
   * @param records the recovery to expect by the machine's own runs, 0 to 1, for those that have a
   *     record
   */
  public static List<Ranked> of(
      Cut cut, Conditions conditions, List<Gear> gear, Map<Machine, Proven> records) {
    Windows windows = new Windows(conditions);
    return gear.stream()
        .map(one -> of(one, cut, windows, Optional.ofNullable(records.get(one.machine()))))
        .sorted(BEST_FIRST)
        .toList();
  }

  private static Ranked of(Gear gear, Cut cut, Windows windows, Optional<Proven> record) {
    Sheet sheet = gear.sheet();
    Optional<Window> window =
        cut.passing().isEmpty()
            ? Optional.empty()
            : Optional.of(windows.of(cut.upperMm(), cut.lowerMm(), sheet.working().sorting()));
    boolean parts = window.flatMap(Window::ratio).map(ratio -> ratio.usual() >= 1).orElse(true);
    Band common = parts ? sheet.expected(cut) : Sheet.lowEndHalved(sheet.expected(cut));
    return new Ranked(
        gear,
        sheet.fit(cut),
        window,
        record.map(Proven::share).orElse(common),
        record.map(Proven::all).orElse(0));
  }

  /** Whether what to expect rests on the machine's own runs. */
  public boolean byRecord() {
    return runs > 0;
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
