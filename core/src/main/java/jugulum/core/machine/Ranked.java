package jugulum.core.machine;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import jugulum.core.check.Band;
import jugulum.core.ledger.Machine.Kind;
import jugulum.core.machine.Sheet.Fit;
import jugulum.core.screens.Cut;
import jugulum.core.window.Conditions;
import jugulum.core.window.Sorting;
import jugulum.core.window.Windows;

/**
 * A kind of machine for one cut: whether the sizes suit it, and how far the settling window lets it part gold from the rest. No recovery is
 * made up: the window says what can be parted, not what will be won.
 *
 * @param kind the machine
 * @param fit whether the cut's sizes are those it is good for
 * @param ratio slowest gold over fastest other, widened by how the machine sorts; empty where nothing bounds the cut above, or nothing else
 *     is in it
 */
public record Ranked(Kind kind, Fit fit, Optional<Band> ratio) {
  private static final Comparator<Ranked> BEST_FIRST =
      Comparator.comparing(Ranked::fit).thenComparing(ranked -> -ranked.ratio().map(Band::usual).orElse(0.0)).thenComparing(Ranked::kind);

  /** Every kind of machine for a cut, best first: suited before not, then the wider window. */
  public static List<Ranked> of(Cut cut, Conditions conditions) {
    Windows windows = new Windows(conditions);
    double finest = Math.max(cut.lowerMm(), conditions.finestGoldMm());
    return Stream.of(Kind.values()).map(kind -> of(kind, cut, Math.min(finest, cut.upperMm()), windows)).sorted(BEST_FIRST).toList();
  }

  private static Ranked of(Kind kind, Cut cut, double finestMm, Windows windows) {
    Fit fit = cut.passing().isEmpty() ? Fit.IN_PART : Sheets.of(kind).suits().fit(cut.upperMm(), finestMm);
    Optional<Band> ratio = cut.passing().isEmpty() ? Optional.empty() : windows.of(cut.upperMm(), cut.lowerMm(), Sorting.of(kind)).ratio();
    return new Ranked(kind, fit, ratio);
  }

  /** Whether the usual grains can be parted. */
  public boolean parts() {
    return ratio.isEmpty() || ratio.get().usual() >= 1;
  }
}
