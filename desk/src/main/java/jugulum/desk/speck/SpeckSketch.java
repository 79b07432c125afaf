package jugulum.desk.speck;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import jugulum.core.identify.Clue;
import jugulum.desk.chart.Drawing;
import jugulum.desk.chart.Mark;
import jugulum.desk.chart.Mark.Spot;

/** Small sketches of what a speck looks like and does; our own, drawn by line. */
final class SpeckSketch {
  private static final double WIDTH = 44;
  private static final double HEIGHT = 26;
  private static final String LINE = "speck-line";
  private static final String FILL = "speck-fill";

  private SpeckSketch() {}

  /** The sketch of an answer; empty where words say it better. */
  static Optional<Drawing> of(Clue clue, String answer) {
    List<Mark> marks =
        switch (clue) {
          case SHAPE -> shape(answer);
          case NEEDLE -> needle(answer);
          case IN_THE_PAN -> pan(answer);
          default -> List.of();
        };
    return marks.isEmpty() ? Optional.empty() : Optional.of(new Drawing(WIDTH, HEIGHT, marks));
  }

  private static Mark path(double... places) {
    return new Mark.Path(
        IntStream.range(0, places.length / 2)
            .mapToObj(i -> new Spot(places[2 * i], places[2 * i + 1]))
            .toList(),
        LINE);
  }

  private static List<Mark> shape(String answer) {
    return switch (answer) {
      case "rounded" -> List.of(path(10, 14, 14, 6, 24, 4, 33, 8, 34, 16, 26, 22, 15, 21, 10, 14));
      case "flake" -> List.of(path(6, 15, 14, 11, 28, 10, 38, 13, 32, 17, 16, 18, 6, 15));
      case "cube" ->
          List.of(
              path(13, 9, 27, 9, 27, 23, 13, 23, 13, 9),
              path(13, 9, 19, 3, 33, 3, 27, 9),
              path(33, 3, 33, 17, 27, 23));
      case "sheet" ->
          List.of(
              path(8, 12, 24, 5, 37, 9, 21, 16, 8, 12),
              path(8, 16, 21, 20, 37, 13),
              path(8, 20, 21, 24, 37, 17));
      case "ball" -> List.of(new Mark.Dot(22, 13, 9, FILL));
      case "angular" -> List.of(path(10, 20, 16, 5, 25, 9, 35, 4, 31, 21, 20, 17, 10, 20));
      case "cut-edges" ->
          List.of(path(9, 8, 34, 5, 36, 12, 30, 15, 35, 20, 12, 22, 9, 8), path(13, 12, 30, 10));
      default -> List.of();
    };
  }

  private static List<Mark> needle(String answer) {
    Mark needle = path(40, 2, 26, 10);
    return switch (answer) {
      case "dents" -> List.of(needle, path(8, 16, 20, 8, 25, 11, 29, 9, 36, 17, 22, 22, 8, 16));
      case "smears" -> List.of(needle, path(8, 15, 18, 9, 26, 10, 20, 15, 38, 19, 14, 21, 8, 15));
      case "shatters" ->
          List.of(
              needle,
              path(8, 12, 16, 8, 15, 15, 8, 12),
              path(20, 14, 27, 12, 24, 20, 20, 14),
              path(31, 15, 37, 18, 30, 21, 31, 15));
      case "splits" ->
          List.of(needle, path(8, 12, 30, 11), path(8, 16, 34, 15), path(10, 20, 32, 20));
      case "nothing" -> List.of(needle, path(12, 20, 14, 9, 26, 10, 30, 20, 12, 20));
      default -> List.of();
    };
  }

  /** The floor of a pan tilted, water over it, and where the speck stays. */
  private static List<Mark> pan(String answer) {
    Mark floor = path(3, 6, 12, 20, 41, 23);
    Mark water = path(8, 12, 41, 12);
    return switch (answer) {
      case "stays-last" -> List.of(floor, water, new Mark.Dot(14, 18, 3, FILL));
      case "with-black-sand" ->
          List.of(
              floor,
              water,
              new Mark.Dot(23, 19, 3, FILL),
              new Mark.Dot(18, 18, 1.5, LINE),
              new Mark.Dot(28, 20, 1.5, LINE));
      case "goes-with-sand" -> List.of(floor, water, new Mark.Dot(37, 20, 3, FILL));
      case "floats-off" -> List.of(floor, water, new Mark.Dot(34, 11, 3, FILL));
      default -> List.of();
    };
  }
}
