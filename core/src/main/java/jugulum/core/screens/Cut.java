package jugulum.core.screens;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * The sand between two screens, written −30 +50.
 *
 * @param passing the screen all of it went through; empty for the oversize, and for sand no screen
 *     has seen
 * @param retained the screen all of it stayed on; empty for the undersize, and for sand no screen
 *     has seen
 */
public record Cut(Optional<Screen> passing, Optional<Screen> retained) {
  /** Sand no screen has seen. */
  public static final Cut ALL = new Cut(Optional.empty(), Optional.empty());

  /** Coarse cuts before fine ones, and a wide cut before the cuts within it. */
  public static final Comparator<Cut> COARSE_FIRST =
      Comparator.comparingDouble(Cut::upperMm)
          .reversed()
          .thenComparing(Comparator.comparingDouble(Cut::lowerMm));

  /** Checks that the two screens are different, the passed one the coarser. */
  public Cut {
    if (passing.isPresent()
        && retained.isPresent()
        && !(passing.get().openingMm() > retained.get().openingMm())) {
      throw new IllegalArgumentException("a cut passes a coarser screen than it stays on");
    }
  }

  /** The largest grain, in millimetres; infinite where no screen bounds it. */
  public double upperMm() {
    return passing.map(Screen::openingMm).orElse(Double.POSITIVE_INFINITY);
  }

  /** The smallest grain, in millimetres; 0 where no screen bounds it. */
  public double lowerMm() {
    return retained.map(Screen::openingMm).orElse(0.0);
  }

  /** Whether no screen bounds it on either side. */
  public boolean isAll() {
    return passing.isEmpty() && retained.isEmpty();
  }

  /** Whether screens bound it on both sides. */
  public boolean isClosed() {
    return passing.isPresent() && retained.isPresent();
  }

  /** Whether this is what stayed on the coarsest screen. */
  public boolean isOversize() {
    return passing.isEmpty() && retained.isPresent();
  }

  /** Whether it holds the sizes another holds, whatever is written on their screens. */
  public boolean isSameSizes(Cut other) {
    return upperMm() == other.upperMm() && lowerMm() == other.lowerMm();
  }

  /** Whether a grain size can lie in both. */
  public boolean overlaps(Cut other) {
    return lowerMm() < other.upperMm() && other.lowerMm() < upperMm();
  }

  /** Whether a screen parts it: its opening lies within. */
  public boolean isPartedBy(Screen screen) {
    return screen.openingMm() < upperMm() && screen.openingMm() > lowerMm();
  }

  /** The narrowest cut that holds both. */
  public Cut spanning(Cut other) {
    return new Cut(
        upperMm() >= other.upperMm() ? passing : other.passing,
        lowerMm() <= other.lowerMm() ? retained : other.retained);
  }

  /** Its usual writing: "+16", "−30 +50", "−100"; empty for {@link #ALL}, which has none. */
  public String notation() {
    String minus = passing.map(screen -> "−" + screen.label()).orElse("");
    String plus = retained.map(screen -> "+" + screen.label()).orElse("");
    return minus.isEmpty() || plus.isEmpty() ? minus + plus : minus + " " + plus;
  }

  /**
   * The cuts a stack makes of a feed, coarse first: one more than there are screens.
   *
   * @param feed the cut that goes onto the stack
   * @param stack the screens from the top down, each finer than the one above; at least one
   * @throws IllegalArgumentException if a screen is not finer than the one above it or lies outside
   *     the feed
   */
  public static List<Cut> of(Cut feed, List<Screen> stack) {
    List<Cut> cuts = new ArrayList<>();
    Optional<Screen> above = feed.passing();
    for (Screen screen : stack) {
      cuts.add(new Cut(above, Optional.of(screen)));
      above = Optional.of(screen);
    }
    cuts.add(new Cut(above, feed.retained()));
    return List.copyOf(cuts);
  }
}
