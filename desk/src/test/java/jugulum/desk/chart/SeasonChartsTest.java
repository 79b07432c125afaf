package jugulum.desk.chart;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import jugulum.core.check.Band;
import jugulum.core.gold.GoldRange;
import jugulum.core.ledger.BatchId;
import jugulum.core.season.BatchResult;
import jugulum.core.season.Change;
import jugulum.core.season.KindOfWork;
import jugulum.core.season.Track;
import jugulum.core.units.MassUnit;
import jugulum.desk.words.English;
import jugulum.desk.words.Figures;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What is drawn of a season stands where its figures say, within its room. */
class SeasonChartsTest {
  private static final Figures FIGURES = new Figures(MassUnit.GRAM, English.WORDS);
  private static final double WIDTH = 1000;
  private static final double HEIGHT = 200;

  private static BatchResult batch(LocalDate date, double feedG, double mg, boolean closed) {
    return new BatchResult(
        new BatchId(UUID.randomUUID()),
        "made up",
        "",
        date,
        closed,
        OptionalDouble.of(feedG),
        Optional.of(new GoldRange(mg, mg, mg)),
        0.9,
        Optional.of(new Band(0.7, 0.8, 0.9)),
        false,
        0,
        Map.of(),
        List.of(),
        List.of());
  }

  private static List<Mark.Bar> bars(Drawing drawing, String style) {
    return drawing.marks().stream()
        .filter(Mark.Bar.class::isInstance)
        .map(Mark.Bar.class::cast)
        .filter(bar -> bar.style().equals(style))
        .toList();
  }

  @Test
  void goldIsHeightFeedIsWidthAndWhatWasNotWonStandsOnTop() {
    List<BatchResult> batches =
        List.of(
            batch(LocalDate.parse("2026-03-01"), 10_000, 1000, true),
            batch(LocalDate.parse("2026-06-01"), 40_000, 2000, true),
            batch(LocalDate.parse("2026-09-01"), 40_000, 0, false));
    Drawing drawing = SeasonChart.of(FIGURES, batches, WIDTH, HEIGHT);
    List<Mark.Bar> won = bars(drawing, "chart-gold");
    assertThat(won).hasSize(2);
    assertThat(won.get(1).height()).isCloseTo(2 * won.get(0).height(), within(1e-6));
    assertThat(won.get(1).width()).isCloseTo(2 * won.get(0).width(), within(1e-6));
    assertThat(won.get(0).x()).isLessThan(won.get(1).x());
    List<Mark.Bar> away = bars(drawing, "chart-gold-pale");
    assertThat(away.get(0).height()).isCloseTo(won.get(0).height() / 4, within(1e-6));
    assertThat(away.get(0).y() + away.get(0).height()).isCloseTo(won.get(0).y(), within(1e-6));
    assertThat(bars(drawing, "chart-stone-pale")).as("not closed yet").hasSize(1);
    for (Mark mark : drawing.marks()) {
      if (mark instanceof Mark.Bar bar) {
        assertThat(bar.x()).isBetween(0.0, WIDTH - bar.width());
        assertThat(bar.y()).isBetween(0.0, HEIGHT - bar.height());
      }
    }
  }

  private static List<String> marksOfGold(Drawing drawing) {
    return drawing.marks().stream()
        .filter(Mark.Writing.class::isInstance)
        .map(Mark.Writing.class::cast)
        .map(Mark.Writing::text)
        .filter(text -> text.matches("[0-9.]+ (mg|g|gr|dwt|ozt)"))
        .toList();
  }

  /** One, two or five times a power of ten apart, in whatever unit gold is written. */
  @ParameterizedTest
  @EnumSource(
      value = MassUnit.class,
      names = {"GRAM", "GRAIN", "PENNYWEIGHT", "TROY_OUNCE"})
  void marksAreRoundInTheUnitTheyAreWrittenIn(MassUnit unit) {
    Figures figures = new Figures(unit, English.WORDS);
    for (double mg : new double[] {3.1, 47, 236, 2_309, 41_000}) {
      Drawing drawing =
          SeasonChart.of(
              figures,
              List.of(batch(LocalDate.parse("2026-03-01"), 10_000, mg, true)),
              WIDTH,
              HEIGHT);
      assertThat(marksOfGold(drawing))
          .as("%s of %s mg", unit, mg)
          .hasSizeBetween(2, 6)
          .allMatch(text -> text.replaceAll("[^1-9]", "").length() <= 2, "two digits at most");
    }
  }

  @Test
  void manyBatchesAreMonths() {
    List<BatchResult> batches = new ArrayList<>();
    for (int i = 0; i < 300; i++) {
      batches.add(batch(LocalDate.parse("2026-01-01").plusDays(i), 10_000, 100, true));
    }
    assertThat(SeasonChart.isByMonth(batches)).isTrue();
    Drawing drawing = SeasonChart.of(FIGURES, batches, WIDTH, HEIGHT);
    List<Mark.Bar> months = bars(drawing, "chart-gold");
    assertThat(months).hasSize(10);
    assertThat(months.get(0).height()).isCloseTo(31.0 / 28 * months.get(1).height(), within(1e-6));
    assertThat(SeasonChart.isByMonth(batches.subList(0, 40))).isFalse();
  }

  @Test
  void rowsHaveTheirDotOnTheFigureAndTheirRangeAroundIt() {
    List<RangeRows.Row> rows =
        List.of(
            new RangeRows.Row("one", "5 batches", new Band(100, 200, 400), "0.2 g"),
            new RangeRows.Row("two", "", Band.sharp(100), "0.1 g"));
    Drawing drawing = RangeRows.of(rows, 400);
    List<Mark.Dot> dots =
        drawing.marks().stream()
            .filter(Mark.Dot.class::isInstance)
            .map(Mark.Dot.class::cast)
            .toList();
    assertThat(dots).hasSize(2);
    assertThat(dots.get(0).x()).isCloseTo(2 * dots.get(1).x(), within(1e-6));
    List<Mark.Stroke> ranges =
        drawing.marks().stream()
            .filter(Mark.Stroke.class::isInstance)
            .map(Mark.Stroke.class::cast)
            .toList();
    assertThat(ranges).as("a sharp figure shows none").hasSize(1);
    assertThat(ranges.getFirst().fromX()).isCloseTo(dots.get(0).x() / 2, within(1e-6));
    assertThat(ranges.getFirst().toX()).isCloseTo(dots.get(0).x() * 2, within(1e-6));
    assertThat(ranges.getFirst().toX()).isLessThan(400);
    assertThat(RangeRows.spoken(English.WORDS, rows)).isEqualTo("one: 0.2 g. two: 0.1 g");
    assertThat(RangeRows.of(List.of(), 400).height()).isZero();
  }

  @Test
  void stepsStandInTimeAndAChangeIsALine() {
    LocalDate day = LocalDate.parse("2026-01-01");
    Track track =
        new Track(
            KindOfWork.MACHINES,
            "long deck",
            "−30 +50",
            List.of(
                new Track.Seen("a", day, new Band(0.7, 0.8, 0.9)),
                new Track.Seen("b", day.plusDays(50), new Band(0.8, 0.9, 0.95)),
                new Track.Seen("c", day.plusDays(100), new Band(0.85, 0.9, 0.95))));
    Change change =
        new Change("c", day.plusDays(50), "x", Optional.empty(), Optional.of("LONG DECK"));
    assertThat(change.isAbout(track)).isTrue();
    Drawing drawing =
        TracksChart.of(
            English.WORDS,
            List.of(new TracksChart.Row("long deck", "−30 +50", track, List.of(change))),
            WIDTH);
    List<Mark.Dot> dots =
        drawing.marks().stream()
            .filter(Mark.Dot.class::isInstance)
            .map(Mark.Dot.class::cast)
            .toList();
    assertThat(dots).hasSize(3);
    assertThat(dots.get(1).x()).isCloseTo((dots.get(0).x() + dots.get(2).x()) / 2, within(1e-6));
    assertThat(dots.get(0).y()).as("more is higher").isGreaterThan(dots.get(1).y());
    assertThat(drawing.marks())
        .filteredOn(mark -> mark.style().equals("chart-feed"))
        .singleElement()
        .satisfies(
            mark ->
                assertThat(((Mark.Stroke) mark).fromX()).isCloseTo(dots.get(1).x(), within(1e-6)));
  }
}
