package jugulum.book.replay;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import jugulum.book.replay.ReplayFile.Not;
import jugulum.book.replay.ReplayFile.Whole;
import jugulum.book.replay.ReplayFile.Why;
import jugulum.practice.drill.Action;
import jugulum.practice.drill.Drills;
import jugulum.practice.drill.LoggedAction;
import jugulum.practice.drill.Replay;
import jugulum.practice.drill.Runs.Grain;
import org.junit.jupiter.api.Test;

class ReplayFileTest {
  private static final Replay BOWL =
      Replay.of(
          Drills.of("flat-fines").orElseThrow(),
          new Grain(300, 200),
          -4611686018427387905L,
          List.of(
              new LoggedAction(0, new Action.Agent(true)),
              new LoggedAction(0, new Action.Level(-0.25)),
              new LoggedAction(3, new Action.Charge(30, true)),
              new LoggedAction(5, new Action.Valve(17.5))),
          900);

  @Test
  void aRunReadsBackAsItWasAndIsTheSameRun() {
    String text = ReplayFile.write(BOWL);
    assertThat(ReplayFile.read(text)).isEqualTo(new Whole(BOWL));
    Replay again = ((Whole) ReplayFile.read(text)).replay();
    assertThat(again.played().score()).isEqualTo(BOWL.played().score());
  }

  @Test
  void everythingOneCanDoReadsBack() {
    Replay deck =
        Replay.of(
            Drills.of("first-table").orElseThrow(),
            new Grain(600, 200),
            7,
            List.of(
                new LoggedAction(0, new Action.Tilt(3)),
                new LoggedAction(1, new Action.Rise(0.5)),
                new LoggedAction(2, new Action.Water(20, 4)),
                new LoggedAction(3, new Action.Stroke(12, 290)),
                new LoggedAction(4, new Action.Feed(16)),
                new LoggedAction(5, new Action.Splitter(0, 0.07))),
            60);
    Replay pan =
        Replay.of(
            Drills.of("drops").orElseThrow(),
            new Grain(300, 200),
            7,
            List.of(
                new LoggedAction(0, new Action.Lift()),
                new LoggedAction(200, new Action.Drop()),
                new LoggedAction(400, new Action.Away())),
            500);
    for (Replay replay : List.of(deck, pan)) {
      assertThat(ReplayFile.read(ReplayFile.write(replay))).isEqualTo(new Whole(replay));
    }
  }

  @Test
  void whatIsNoRunIsSaidToBeNone() {
    String text = ReplayFile.write(BOWL);
    assertThat(why("{")).isEqualTo(Why.NOT_JSON);
    assertThat(why("{}")).isEqualTo(Why.OTHER_FILE);
    assertThat(why(text.replace("\"version\" : 1", "\"version\" : 2"))).isEqualTo(Why.NEWER);
    assertThat(why(text.replace("flat-fines", "no such"))).isEqualTo(Why.UNKNOWN_DRILL);
    assertThat(why(text.replace("\"coarsestMm\" : 0.15", "\"coarsestMm\" : 99")))
        .isEqualTo(Why.BAD_VALUE);
    assertThat(why(text.replace("\"does\" : \"valve\"", "\"does\" : \"sing\"")))
        .isEqualTo(Why.BAD_VALUE);
    assertThat(why(text.replace("17.5", "\"much\""))).isEqualTo(Why.BAD_VALUE);
    for (String steps : List.of("9223372036854775807", "-1", "1.5", "1e400", "20000001")) {
      assertThat(why(text.replaceFirst("\"steps\" : \\d+", "\"steps\" : " + steps)))
          .as(steps)
          .isEqualTo(Why.BAD_VALUE);
    }
  }

  private static Why why(String text) {
    return ((Not) ReplayFile.read(text)).why();
  }

  /** Written before laws had numbers: it was under the first; and under others it says so. */
  @Test
  void aRunKnowsTheLawsItWasPlayedUnder() {
    Replay replay = Replay.of(Drills.of("leans").orElseThrow(), Grain.SEEN, 7, List.of(), 30);
    assertThat(replay.isOfOtherLaws()).isFalse();
    String text = ReplayFile.write(replay);
    assertThat(ReplayFile.read(text)).isEqualTo(new Whole(replay));
    String before = text.replaceFirst("\\s*\"laws\" : \\d+,", "");
    assertThat(before).isNotEqualTo(text);
    assertThat(ReplayFile.read(before))
        .isInstanceOfSatisfying(
            Whole.class, whole -> assertThat(whole.replay().laws()).isEqualTo(1));
    assertThat(ReplayFile.read(text.replaceFirst("\"laws\" : \\d+", "\"laws\" : 99")))
        .isInstanceOfSatisfying(
            Whole.class, whole -> assertThat(whole.replay().isOfOtherLaws()).isTrue());
  }
}
