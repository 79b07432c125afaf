package jugulum.demo;

import java.time.LocalDate;
import java.util.List;
import java.util.OptionalDouble;
import jugulum.core.marks.LineMark;
import jugulum.core.marks.MarkLook;
import jugulum.core.marks.MarkLook.Saw;
import jugulum.core.marks.OwnMarks;
import jugulum.core.screens.Cut;
import jugulum.core.screens.StandardScreens;

/** The garden bowl, looked at with sand of one cut at the season's start. */
final class DemoMarks {
  private DemoMarks() {}

  static OwnMarks of() {
    Cut cut = new Cut(StandardScreens.numbered("50"), StandardScreens.numbered("100"));
    return new OwnMarks(
        cut,
        LocalDate.parse("2026-05-02"),
        40,
        40,
        OptionalDouble.of(11),
        List.of(
            look(1.5, 9.4, 8.1, Saw.NOTHING),
            look(1.625, 8.8, 8.9, Saw.GRAINS),
            look(1.75, 8.1, 9.7, Saw.THREAD),
            look(2, 6.9, 11.3, Saw.THREAD),
            look(2.125, 6.3, 12.1, Saw.SPECK),
            look(1.625, 8.8, 9.0, Saw.GRAINS),
            look(1.75, 8.2, 9.6, Saw.THREAD),
            look(2, 6.9, 11.2, Saw.THREAD),
            look(1.625, 8.9, 8.8, Saw.GRAINS),
            look(1.75, 8.1, 9.8, Saw.THREAD),
            look(2, 7.0, 11.3, Saw.THREAD)));
  }

  /** The long deck, its line looked at with one cut at three tilts and two waters. */
  static List<LineMark> lines() {
    return List.of(
        line(2, 18, 118, 5),
        line(2.5, 18, 131, 6),
        line(3, 18, 147, 5),
        line(3, 24, 166, 7),
        line(3.5, 24, 179, 6));
  }

  private static LineMark line(double tilt, double water, double mm, double minutes) {
    Cut cut = new Cut(StandardScreens.numbered("50"), StandardScreens.numbered("80"));
    return new LineMark(cut, tilt, OptionalDouble.of(water), mm, OptionalDouble.of(minutes));
  }

  private static MarkLook look(double turns, double rimMm, double litres, Saw saw) {
    return new MarkLook(true, turns, OptionalDouble.of(rimMm), litres, saw);
  }
}
