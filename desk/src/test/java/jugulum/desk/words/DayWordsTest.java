package jugulum.desk.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Stream;
import jugulum.core.check.Band;
import jugulum.core.day.Day;
import jugulum.core.day.DayEdit;
import jugulum.core.day.DayFinding;
import jugulum.core.day.DaySetup;
import jugulum.core.day.DayWork;
import jugulum.core.day.OwnTask;
import jugulum.core.schedule.DayLimits;
import jugulum.core.schedule.DayPlan;
import jugulum.core.schedule.DayPlan.Proof;
import jugulum.core.schedule.DayProblem;
import jugulum.core.schedule.DayTask.Hands;
import jugulum.core.schedule.DayTask.Said;
import jugulum.desk.day.DayTimes;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Everything that can be told of a day is told in a sentence of its own. */
class DayWordsTest {
  private static final Words WORDS = English.WORDS;
  private static final OwnTask NOON =
      new OwnTask("n", "noon", Band.sharp(30), Hands.ALL, OptionalInt.of(720));
  private static final Day DAY =
      new Day(
          LocalDate.of(2026, 11, 17),
          DaySetup.USUAL,
          List.of(NOON),
          Map.of(),
          List.of(),
          List.of(),
          Map.of(),
          List.of(),
          List.of());
  private static final DayWork.Asked ASKED =
      new DayWork.Asked(
          new DayProblem(List.of(), DayLimits.USUAL, 480, 1000),
          Map.of(),
          Map.of(),
          List.of(),
          Optional.empty(),
          new DayWork.Taken(0, 0));

  static Stream<DayEdit> edits() {
    return Stream.of(
        new DayEdit.Begin(DAY.date(), DaySetup.USUAL),
        new DayEdit.Whole(DAY),
        new DayEdit.SetUp(DaySetup.USUAL),
        new DayEdit.Add(NOON),
        new DayEdit.Drop("n"),
        new DayEdit.Say("n", Said.NOTHING),
        new DayEdit.Before(new Day.Order("a", "b")),
        new DayEdit.OutOfUse(new DayLimits.Out("long deck", 0, 9)),
        new DayEdit.BackInUse("VORTEX_BOWL"),
        new DayEdit.MarkTask("n", Optional.empty()),
        new DayEdit.Plan(List.of(), List.of()));
  }

  @ParameterizedTest
  @MethodSource("edits")
  void everyEditIsTold(DayEdit edit) {
    assertThat(DayWords.edit(WORDS, edit))
        .isNotBlank()
        .doesNotContain("{", "day.edit", "day.tight");
  }

  @Test
  void aMachineWithoutANameIsCalledByItsKind() {
    assertThat(DayWords.edit(WORDS, new DayEdit.BackInUse("VORTEX_BOWL")))
        .isEqualTo("Vortex bowl back in use");
  }

  static Stream<DayFinding> findings() {
    return Stream.of(
        new DayFinding.NoLight(),
        new DayFinding.Frost(),
        new DayFinding.Wet(0.95),
        new DayFinding.NoMachine(2),
        new DayFinding.Out("long deck", 1),
        new DayFinding.Battery(900, 620),
        new DayFinding.Tank(120, 80),
        new DayFinding.Ring(List.of("n")),
        new DayFinding.Late("n", 75),
        new DayFinding.AfterDark(1120, 1031),
        new DayFinding.TrayTooSmall("n"),
        new DayFinding.WaterStands("n", 40));
  }

  @ParameterizedTest
  @MethodSource("findings")
  void everyFindingSaysWhatWouldHelp(DayFinding finding) {
    assertThat(DayWords.finding(WORDS, DAY, ASKED, finding))
        .isNotBlank()
        .doesNotContain("{", "day.edit", "day.tight");
  }

  @Test
  void whatIsMissingOfTheBatteryIsSaid() {
    assertThat(DayWords.finding(WORDS, DAY, ASKED, new DayFinding.Battery(900, 620)))
        .contains("900 Wh", "620 Wh", "Charge 280 Wh");
    assertThat(DayWords.finding(WORDS, DAY, ASKED, new DayFinding.Late("n", 75)))
        .contains("noon is 1 h 15 later");
  }

  @Test
  void howGoodAPlanIsAndWhenTheDayIsLikelyToEndIsSaid() {
    Band likely = new Band(910, 935, 980);
    assertThat(DayWords.proof(WORDS, plan(new Proof.Best()), likely))
        .isEqualTo("proven best for these minutes; likely between 15:10 and 16:20");
    assertThat(DayWords.proof(WORDS, plan(new Proof.Within(0.04)), likely)).contains("at most 4");
    assertThat(DayWords.proof(WORDS, plan(new Proof.Kept(0.02)), likely))
        .contains("as it was shown");
    assertThat(DayWords.clock(WORDS, 1440 + 190)).isEqualTo("03:10 tomorrow");
  }

  private static DayPlan plan(Proof proof) {
    return new DayPlan(List.of(), List.of(), 935, proof);
  }

  @ParameterizedTest
  @CsvSource({
    "15:00, 15:00",
    "15.30, 15:30",
    "7, 07:00",
    "3 pm, 15:00",
    "12 am, 00:00",
    "1530, 15:30",
    "9 h, 09:00",
    "12pm, 12:00"
  })
  void timesOfDayAreReadAsPeopleWriteThem(String typed, LocalTime time) {
    assertThat(time.toSecondOfDay() / 60).isEqualTo(DayTimes.minute(WORDS, typed).orElseThrow());
  }

  @ParameterizedTest
  @CsvSource({"noonish", "25:00", "13 pm", "15:75", "-3"})
  void whatIsNoTimeOfDayIsNotTaken(String typed) {
    assertThat(DayTimes.minute(WORDS, typed)).isEmpty();
  }
}
