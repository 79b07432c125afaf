package jugulum.desk.chart;

import java.util.ArrayList;
import java.util.List;
import jugulum.core.ledger.Machine;

/**
 * What a machine looks like when it runs right, as a sketch: pale sand, black sand, gold, each
 * where it then lies. In words it stands beside.
 */
public final class RightChart {
  private static final double HIGH = 104;
  private static final double WIDE = 240;
  private static final double MIDDLE = HIGH / 2;
  private static final double TURN = 2 * Math.PI;

  private final List<Mark> marks = new ArrayList<>();

  private RightChart() {}

  /** Draws a kind of machine; at most so wide as there is room. */
  public static Drawing of(Machine.Kind kind, double width) {
    RightChart chart = new RightChart();
    switch (kind) {
      case SHAKER_TABLE -> chart.deck();
      case VORTEX_BOWL, HOPPER_BOWL -> chart.bowl();
      case FINISHING_TABLE -> chart.film();
      case MAT_SLUICE, CLEANUP_SLUICE -> chart.mats();
      case FLUID_BED_TRAP -> chart.bed();
      case PIPE_TRAP -> chart.pipe();
      case STACKED_TRAY -> chart.trays();
      case PAN, RIFFLED_PAN, FLAT_PAN, CONICAL_PAN -> chart.pan();
      case RIFFLE_SLUICE -> chart.riffles();
      case HAND_MAGNET, COVERED_MAGNET, LIFTING_MAGNET -> chart.lifted();
      case DRUM_SEPARATOR, SECOND_STAGE -> chart.drum();
      case FEEDER -> chart.curtain();
    }
    return new Drawing(Math.min(width, WIDE), HIGH, chart.marks);
  }

  private void area(String style, double... xy) {
    List<Mark.Spot> spots = new ArrayList<>();
    for (int i = 0; i < xy.length; i += 2) {
      spots.add(new Mark.Spot(xy[i], xy[i + 1]));
    }
    spots.add(spots.getFirst());
    marks.add(new Mark.Path(spots, style));
  }

  private void bend(String style, double x, double y, double wide, double high, double... turn) {
    List<Mark.Spot> spots = new ArrayList<>();
    int steps = 36;
    for (int i = 0; i <= steps; i++) {
      double angle = TURN * (turn[0] + (turn[1] - turn[0]) * i / steps);
      spots.add(new Mark.Spot(x + wide * Math.cos(angle), y + high * Math.sin(angle)));
    }
    marks.add(new Mark.Path(spots, style));
  }

  private void grains(String style, double radius, double... xy) {
    for (int i = 0; i < xy.length; i += 2) {
      marks.add(new Mark.Dot(xy[i], xy[i + 1], radius, style));
    }
  }

  /**
   * All of it wet; pale sand below, a narrow black band, a bright hairline above it to the port.
   */
  private void deck() {
    area("chart-gauge", 12, 12, 232, 12, 220, 94, 4, 94);
    area("chart-stone", 10, 40, 160, 70, 160, 92, 6, 92);
    area("chart-steel", 14, 22, 224, 54, 222, 62, 14, 32);
    marks.add(new Mark.Stroke(14, 20, 224, 50, "chart-gold-line"));
    for (double y = 24; y < 92; y += 14) {
      marks.add(new Mark.Stroke(10, y, 120, y, "chart-grid"));
    }
  }

  /** Gold in an arc outside, low dark ribs inside it, a clear ring before the cone. */
  private void bowl() {
    bend("chart-gauge", 120, MIDDLE, 108, 46, 0, 1);
    bend("chart-steel-pale", 120, MIDDLE, 70, 29, 0, 1);
    bend("chart-water", 120, MIDDLE, 56, 23, 0, 1);
    bend("chart-gauge", 120, MIDDLE, 22, 9, 0, 1);
    bend("chart-gold-line", 120, MIDDLE, 96, 40, 0.30, 0.62);
    bend("chart-gold-line", 120, MIDDLE, 92, 38, 0.34, 0.56);
    grains("chart-stone", 2, 138, 46, 144, 56, 128, 64, 104, 62, 98, 48, 114, 41);
  }

  /** A glassy film: black rows stay, pale sand is gone, gold lies highest. */
  private void film() {
    area("chart-gauge", 8, 8, 232, 8, 224, 96, 16, 96);
    marks.add(new Mark.Stroke(40, 30, 196, 30, "chart-gold-line"));
    area("chart-steel", 36, 38, 200, 38, 196, 46, 40, 46);
    area("chart-steel-pale", 44, 54, 186, 54, 182, 60, 48, 60);
    grains("chart-stone", 2, 70, 82, 120, 86, 158, 80);
  }

  /** Sand turning over in every pocket, the last one nearly barren. */
  private void mats() {
    for (int i = 0; i < 6; i++) {
      double x = 14 + i * 36;
      double y = 22 + i * 9;
      area("chart-gauge", x, y, x + 32, y + 8, x + 32, y + 24, x, y + 16);
      bend("chart-steel", x + 16, y + 12, 9, 4, 0, 1);
      if (i < 4) {
        grains("chart-gold", 2.5, x + 10 + i, y + 14);
      }
    }
  }

  /** A bed that quakes softly, without spouts, gold deep in it. */
  private void bed() {
    area("chart-gauge", 30, 14, 210, 14, 196, 96, 44, 96);
    area("chart-water", 33, 22, 207, 22, 204, 40, 36, 40);
    area("chart-steel", 36, 42, 204, 42, 196, 92, 44, 92);
    grains("chart-gold", 3, 80, 84, 112, 88, 140, 86, 166, 82, 96, 78);
    marks.add(new Mark.Stroke(60, 40, 180, 40, "chart-feed"));
  }

  /** A dark floor that rolls, in the bend. */
  private void pipe() {
    bend("chart-feed", 120, 20, 90, 72, 0, 0.5);
    bend("chart-feed", 120, 20, 60, 46, 0, 0.5);
    area("chart-steel", 84, 76, 156, 76, 146, 88, 120, 91, 94, 88);
    grains("chart-gold", 3, 104, 86, 120, 88, 134, 86);
  }

  /** Trays alike on both sides, each with less gold than the one above. */
  private void trays() {
    for (int i = 0; i < 4; i++) {
      double y = 10 + i * 24;
      double in = i * 8.0;
      area("chart-gauge", 30 + in, y, 210 - in, y, 202 - in, y + 16, 38 + in, y + 16);
      area("chart-steel", 44 + in, y + 9, 196 - in, y + 9, 192 - in, y + 14, 48 + in, y + 14);
      for (int speck = 0; speck < 6 - 2 * i; speck++) {
        double side = speck % 2 == 0 ? -1 : 1;
        grains("chart-gold", 2.5, 120 + side * (14 + 12 * (speck / 2)), y + 10);
      }
    }
  }

  /** Flat layers, black below pale, gold last at the edge. */
  private void pan() {
    area("chart-gauge", 20, 20, 220, 20, 172, 92, 68, 92);
    area("chart-stone", 44, 56, 196, 56, 186, 70, 54, 70);
    area("chart-steel", 55, 72, 185, 72, 174, 89, 67, 89);
    grains("chart-gold", 3, 74, 86, 84, 88, 80, 82, 92, 87);
  }

  /** Dark sand swirls behind each riffle, the last ones pale; water just over them. */
  private void riffles() {
    area("chart-gauge", 6, 14, 234, 40, 234, 100, 6, 100);
    area("chart-water", 6, 30, 234, 52, 234, 58, 6, 36);
    for (int i = 0; i < 6; i++) {
      double x = 22 + 36 * i;
      double y = 74 + 2.2 * i;
      marks.add(new Mark.Stroke(x, y - 34, x, y, "chart-gauge"));
      area(
          i < 4 ? "chart-steel" : "chart-stone",
          x + 2,
          y,
          x + 26,
          y,
          x + 14,
          y - 14,
          x + 2,
          y - 20);
    }
    grains("chart-gold", 2, 30, 70, 38, 72, 66, 73, 102, 76);
  }

  /** A small lift, all black; the sand below spread one to three grains deep. */
  private void lifted() {
    area("chart-gauge", 96, 8, 144, 8, 144, 34, 96, 34);
    area("chart-steel", 100, 36, 140, 36, 132, 50, 108, 50);
    marks.add(new Mark.Stroke(12, 88, 228, 88, "chart-gauge"));
    for (double x = 18; x < 226; x += 9) {
      grains(x % 18 == 0 ? "chart-steel" : "chart-stone", 2.5, x, 83);
    }
  }

  /** An even curtain falls past the drum: black stays with it and falls behind, pale before. */
  private void drum() {
    bend("chart-gauge", 120, 60, 34, 34, 0, 1);
    bend("chart-steel", 120, 60, 36, 36, -0.25, 0.25);
    for (double x = 96; x < 124; x += 6) {
      grains("chart-stone", 2, x, 6, x + 2, 14);
    }
    area("chart-stone", 34, 100, 92, 100, 78, 86, 50, 86);
    area("chart-steel", 150, 100, 212, 100, 196, 84, 166, 84);
  }

  /** Sand leaves the lip of the feeder in an even curtain. */
  private void curtain() {
    area("chart-gauge", 30, 8, 110, 8, 90, 44, 50, 44);
    area("chart-stone", 42, 22, 98, 22, 88, 44, 52, 44);
    area("chart-gauge", 40, 50, 190, 58, 190, 64, 40, 56);
    for (double y = 66; y < 100; y += 7) {
      grains("chart-stone", 2, 184, y, 190, y + 3, 196, y);
    }
  }
}
