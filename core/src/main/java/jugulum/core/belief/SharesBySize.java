package jugulum.core.belief;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import jugulum.core.check.Band;
import jugulum.core.machine.Gear;
import jugulum.core.minerals.Mineral;
import jugulum.core.screens.Cut;
import jugulum.core.trial.Logit;
import jugulum.core.window.Conditions;
import jugulum.core.window.GoldSpeed;
import jugulum.core.window.Windows;
import jugulum.core.window.Windows.Window;

/**
 * What a machine that nobody has a record of wins of a cut: size by size, by how much faster gold
 * of that size falls than the fastest other grain of the cut ({@link Yield}). Within its screens
 * gold is taken to be spread evenly over the logarithm of the size, as everywhere. Not safe for
 * several threads.
 */
final class SharesBySize {
  /** So many sizes stand for all between two screens. */
  private static final int SIZES = 8;

  /** An open cut reaches so many times its lower screen. */
  private static final double BEYOND = 2;

  /** Sand no screen has seen reaches so far, in mm. */
  private static final double TOP_MM = 2.36;

  /** A share is told no closer to none or all than that. */
  private static final double EDGE = 0.002;

  private final Conditions conditions;
  private final Windows windows;
  private final GoldSpeed speeds;
  private final Map<Band, Yield> yields = new HashMap<>();

  SharesBySize(Conditions conditions) {
    this.conditions = conditions;
    this.windows = new Windows(conditions);
    this.speeds = new GoldSpeed(conditions);
  }

  /** The share won, 0 to 1: low and high are the ends of a wide range of common practice. */
  Band of(Gear gear, Cut cut) {
    double lower = Math.max(cut.lowerMm(), conditions.finestGoldMm());
    double upper =
        cut.passing().isPresent() ? cut.upperMm() : Math.max(TOP_MM, BEYOND * cut.lowerMm());
    double from = Math.min(lower, upper);
    Optional<Window> window =
        cut.passing().map(_ -> windows.of(upper, cut.lowerMm(), gear.sheet().working().sorting()));
    Optional<Band> fastest = window.flatMap(SharesBySize::fastest);
    double low = 0;
    double usual = 0;
    double high = 0;
    double down = 0;
    double up = 0;
    for (int i = 0; i < SIZES; i++) {
      double size = from * Math.pow(upper / from, (i + 0.5) / SIZES);
      Band practice = practice(gear, size);
      double middle = Logit.of(practice.usual(), EDGE);
      down += middle - Logit.of(practice.low(), EDGE);
      up += Logit.of(practice.high(), EDGE) - middle;
      if (fastest.isEmpty()) {
        low += practice.low();
        usual += practice.usual();
        high += practice.high();
      } else {
        Yield yield = yields.computeIfAbsent(practice, Yield::of);
        Band gold = speeds.at(size);
        Band other = fastest.get();
        low += yield.share(between(gold.low(), gold.usual()) / other.high());
        usual += yield.share(gold.usual() / other.usual());
        high += yield.share(between(gold.usual(), gold.high()) / other.low());
      }
    }
    // The laws move the middle; how far machines and hands differ about it, as a logit, stays that
    // of common practice.
    double middle = Logit.of(usual / SIZES, EDGE);
    return new Band(
        Math.min(Math.min(low, usual) / SIZES, Logit.share(middle - down / SIZES)),
        usual / SIZES,
        Math.max(Math.max(high, usual) / SIZES, Logit.share(middle + up / SIZES)));
  }

  /** Gold finer or coarser than a machine is good for is won as from sizes that do not suit it. */
  private static Band practice(Gear gear, double sizeMm) {
    Band expected =
        Panning.isPan(gear) ? Panning.share(SizeClass.at(sizeMm)) : gear.sheet().expected();
    boolean suits =
        sizeMm >= gear.sheet().suits().finestMm() && sizeMm <= gear.sheet().suits().coarsestMm();
    return suits ? expected : new Band(expected.low() / 4, expected.low() / 2, expected.low());
  }

  /** The speed gold is told from, with the doubt the window has of it. */
  private static Optional<Band> fastest(Window window) {
    return window
        .ratio()
        .map(ratio -> window.gold().slowest().usual() / ratio.usual())
        .map(
            speed -> {
              Band fall =
                  window.others().stream()
                      .filter(one -> one.mineral() == window.limiting().orElse(Mineral.QUARTZ))
                      .findFirst()
                      .orElseThrow()
                      .fastest();
              return new Band(
                  speed * between(fall.low(), fall.usual()) / fall.usual(),
                  speed,
                  speed * between(fall.usual(), fall.high()) / fall.usual());
            });
  }

  /** Half way to the end of a band: the ends of several bands seldom meet. */
  private static double between(double one, double other) {
    return Math.sqrt(one * other);
  }
}
