package jugulum.practice.deck;

import java.util.List;
import jugulum.core.check.Check;
import jugulum.practice.law.Film;

/**
 * What a person sets at a shaker table.
 *
 * @param tiltDegrees of the deck towards its long edge, 0 to {@link Film#STEEPEST}
 * @param riseDegrees how much higher the ports are than the feed, in degrees, ±5
 * @param troughLMin water along the whole top edge, in L/min, 0 to {@link #MOST_L_MIN}
 * @param sprayLMin water along the half of it before the ports, in L/min, 0 to {@link #MOST_L_MIN}
 * @param strokeMm how far the deck goes, in mm, 0 to 40
 * @param strokes how often, by minute, 0 to 600
 * @param feedKgH sand, in kg/h, 0 to {@link #MOST_KG_H}
 * @param splittersM where the ports part along the far edge, from the top, in m; the first catches
 *     what comes above the first splitter, the last what comes below the last
 */
public record DeckControls(
    double tiltDegrees,
    double riseDegrees,
    double troughLMin,
    double sprayLMin,
    double strokeMm,
    double strokes,
    double feedKgH,
    List<Double> splittersM) {
  /** The most water taken. */
  public static final double MOST_L_MIN = 80;

  /** The most feed taken. */
  public static final double MOST_KG_H = 200;

  /** The ports of a table: two concentrates, middlings, tailings. */
  public static final int PORTS = 4;

  /** Where practice begins: within the usual of the bench sheet. */
  public static final DeckControls USUAL =
      new DeckControls(3, 0, 20, 0, 12, 290, 16, List.of(0.08, 0.18, 0.30));

  /** Checks every value and keeps its own copy. */
  public DeckControls {
    Check.inRange("tiltDegrees", tiltDegrees, 0, Film.STEEPEST);
    Check.inRange("riseDegrees", riseDegrees, -5, 5);
    Check.inRange("troughLMin", troughLMin, 0, MOST_L_MIN);
    Check.inRange("sprayLMin", sprayLMin, 0, MOST_L_MIN);
    Check.inRange("strokeMm", strokeMm, 0, 40);
    Check.inRange("strokes", strokes, 0, 600);
    Check.inRange("feedKgH", feedKgH, 0, MOST_KG_H);
    Check.inRange("splitters", splittersM.size(), PORTS - 1, PORTS - 1);
    double before = 0;
    for (double splitter : splittersM) {
      before = Check.inRange("splitter", splitter, before, 3);
    }
    splittersM = List.copyOf(splittersM);
  }

  /** The same with another tilt. */
  public DeckControls tilt(double degrees) {
    return new DeckControls(
        degrees, riseDegrees, troughLMin, sprayLMin, strokeMm, strokes, feedKgH, splittersM);
  }

  /** The same with the ports standing higher or lower. */
  public DeckControls rise(double degrees) {
    return new DeckControls(
        tiltDegrees, degrees, troughLMin, sprayLMin, strokeMm, strokes, feedKgH, splittersM);
  }

  /** The same with other water. */
  public DeckControls water(double trough, double spray) {
    return new DeckControls(
        tiltDegrees, riseDegrees, trough, spray, strokeMm, strokes, feedKgH, splittersM);
  }

  /** The same with another stroke. */
  public DeckControls stroke(double mm, double aMinute) {
    return new DeckControls(
        tiltDegrees, riseDegrees, troughLMin, sprayLMin, mm, aMinute, feedKgH, splittersM);
  }

  /** The same with another feed. */
  public DeckControls feed(double kgH) {
    return new DeckControls(
        tiltDegrees, riseDegrees, troughLMin, sprayLMin, strokeMm, strokes, kgH, splittersM);
  }

  /** The same with the ports parted elsewhere. */
  public DeckControls splitters(List<Double> places) {
    return new DeckControls(
        tiltDegrees, riseDegrees, troughLMin, sprayLMin, strokeMm, strokes, feedKgH, places);
  }
}
