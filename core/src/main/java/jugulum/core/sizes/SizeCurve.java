package jugulum.core.sizes;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import jugulum.core.check.Check;

/**
 * A size analysis: what stayed on each screen of a stack and what reached the pan.
 *
 * <p>Between two openings the share finer is taken as a straight line over the logarithm of the
 * size, the usual way of reading a size curve (ASTM D422 and D6913 plots; common practice).
 *
 * @param sieved what stayed on each screen, coarse first; at least one
 * @param panG what passed the finest screen, in grams
 */
public record SizeCurve(List<Sieved> sieved, double panG) implements SizeSpread {
  /**
   * Beyond the finest screen nothing was measured: the line is drawn on to nothing at this part of
   * the finest opening.
   */
  private static final double NOTHING_BELOW = 0.25;

  /**
   * Above the coarsest screen likewise: everything is taken as finer than this many times its
   * opening.
   */
  private static final double ALL_BELOW = 2;

  /** A top screen that kept less than this share of the whole bounds the sand. */
  private static final double HARDLY_ANY = 0.0005;

  /**
   * What stayed on one screen.
   *
   * @param openingMm its opening, in mm, from 0.001 to 200
   * @param retainedG dry, in grams, 0 or more
   */
  public record Sieved(double openingMm, double retainedG) {
    /** Checks both values against their ranges. */
    public Sieved {
      Check.inRange("openingMm", openingMm, 0.001, 200);
      Check.grams("retainedG", retainedG);
    }
  }

  /**
   * A point of the curve.
   *
   * @param sizeMm the opening, in mm
   * @param finer the share of the sand that passes it, 0 to 1
   */
  public record Point(double sizeMm, double finer) {}

  /**
   * Checks the pan and that the openings fall and the whole weighs something.
   *
   * @throws IllegalArgumentException if they do not
   */
  public SizeCurve {
    sieved = List.copyOf(sieved);
    Check.grams("panG", panG);
    Check.inRange("screens", sieved.size(), 1, 100);
    for (int i = 1; i < sieved.size(); i++) {
      Check.inRange(
          "openingMm", sieved.get(i).openingMm(), 0, Math.nextDown(sieved.get(i - 1).openingMm()));
    }
    Check.inRange(
        "totalG",
        panG + sieved.stream().mapToDouble(Sieved::retainedG).sum(),
        Double.MIN_NORMAL,
        1e9);
  }

  /** All of it, in grams. */
  public double totalG() {
    return panG + sieved.stream().mapToDouble(Sieved::retainedG).sum();
  }

  /** The measured points, coarse first: one for each screen. */
  public List<Point> points() {
    List<Point> points = new ArrayList<>();
    double left = totalG();
    for (Sieved one : sieved) {
      left -= one.retainedG();
      points.add(new Point(one.openingMm(), Math.clamp(left / totalG(), 0, 1)));
    }
    return List.copyOf(points);
  }

  /**
   * The smallest opening that let everything through, in mm; empty if the coarsest screen kept
   * some.
   */
  public OptionalDouble topMm() {
    return points().stream()
        .takeWhile(point -> point.finer() >= 1 - HARDLY_ANY)
        .mapToDouble(Point::sizeMm)
        .reduce((_, finer) -> finer);
  }

  /**
   * The size a share of the sand is finer than, in mm; empty where that lies beyond the screens
   * used.
   *
   * @param share from 0 to 1: 0.5 for D50, 0.8 for P80
   */
  public OptionalDouble sizeAt(double share) {
    Check.share("share", share);
    List<Point> points = points();
    for (int i = 1; i < points.size(); i++) {
      Point coarse = points.get(i - 1);
      Point fine = points.get(i);
      if (share <= coarse.finer() && share >= fine.finer()) {
        double along =
            coarse.finer() == fine.finer()
                ? 1
                : (share - fine.finer()) / (coarse.finer() - fine.finer());
        return OptionalDouble.of(fine.sizeMm() * Math.pow(coarse.sizeMm() / fine.sizeMm(), along));
      }
    }
    return OptionalDouble.empty();
  }

  /** Half of the sand is finer, in mm; empty where that lies beyond the screens used. */
  public OptionalDouble d50Mm() {
    return sizeAt(0.5);
  }

  /** Four fifths of the sand are finer, in mm; empty where that lies beyond the screens used. */
  public OptionalDouble p80Mm() {
    return sizeAt(0.8);
  }

  /**
   * {@inheritDoc} Beyond the screens used it is a guess: a line to nothing below, to everything
   * above.
   */
  @Override
  public double finer(double sizeMm) {
    List<Point> points = new ArrayList<>();
    Point top = points().getFirst();
    Point last = points().getLast();
    points.add(new Point(top.sizeMm() * ALL_BELOW, 1));
    points.addAll(points());
    points.add(new Point(last.sizeMm() * NOTHING_BELOW, 0));
    if (sizeMm >= points.getFirst().sizeMm()) {
      return 1;
    }
    for (int i = 1; i < points.size(); i++) {
      Point coarse = points.get(i - 1);
      Point fine = points.get(i);
      if (sizeMm >= fine.sizeMm()) {
        double along = Math.log(sizeMm / fine.sizeMm()) / Math.log(coarse.sizeMm() / fine.sizeMm());
        return fine.finer() + along * (coarse.finer() - fine.finer());
      }
    }
    return 0;
  }
}
