package jugulum.practice.start;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.OptionalDouble;
import jugulum.core.ledger.Machine;
import jugulum.core.machine.Gear;
import jugulum.core.marks.MarkLook;
import jugulum.core.marks.MarkLook.Saw;
import jugulum.core.marks.OwnMarks;
import jugulum.core.screens.Cut;
import jugulum.core.screens.StandardScreens;
import jugulum.practice.sand.FeedSand;
import jugulum.practice.start.Trade.Point;
import org.junit.jupiter.api.Test;

/** A drill's valve in one's own turns. */
class OwnDialTest {
  private static final Cut CUT =
      new Cut(StandardScreens.numbered("50"), StandardScreens.numbered("80"));
  private static final FeedSand SAND = LotSand.of(CUT, 0.1, 0.4).orElseThrow();
  private static final Gear BARE = Gear.any(new Machine(Machine.Kind.VORTEX_BOWL, "garden bowl"));

  /** Nine tenths of the sand go at 10 L/min, gold at 16. */
  private static Trade trade(double most) {
    return new Trade(
        Trade.Rig.BOWL,
        20,
        List.of(new Point(4, 0.1, 0), new Point(10, 0.9, 0.001), new Point(20, 1, 0.2)),
        most);
  }

  private static MarkLook look(double turns, double litres, Saw saw) {
    return new MarkLook(true, turns, OptionalDouble.empty(), litres, saw);
  }

  /** Sand climbs at 21 L/min and 2 turns, gold is clean up to 24 L/min and 3 turns. */
  private static Gear bowl(Saw atMost) {
    return BARE.with(
        new OwnMarks(
            CUT,
            LocalDate.of(2026, 5, 2),
            40,
            40,
            OptionalDouble.empty(),
            List.of(
                look(1, 18, Saw.NOTHING),
                look(2, 21, Saw.THREAD),
                look(3, 24, atMost),
                look(4, 27, Saw.SPECK))));
  }

  @Test
  void whereSandClimbsAndGoldGoesStandForEachOther() {
    OwnDial dial = OwnDial.of(List.of(BARE, bowl(Saw.THREAD)), SAND, trade(16)).orElseThrow();
    assertThat(dial.litresPerMinute(10)).isCloseTo(21, within(1e-9));
    assertThat(dial.litresPerMinute(16)).isCloseTo(24, within(1e-9));
    assertThat(dial.litresPerMinute(13)).isCloseTo(22.5, within(1e-9));
    assertThat(dial.turns(13).orElseThrow()).isCloseTo(2.5, within(1e-9));
    assertThat(dial.turns(0)).as("16 L/min: nobody looked").isEmpty();
  }

  @Test
  void withoutAWindowThereIsNothingToStandFor() {
    assertThat(OwnDial.of(List.of(bowl(Saw.THREAD)), SAND, trade(9))).isEmpty();
    assertThat(OwnDial.of(List.of(bowl(Saw.SPECK)), SAND, trade(16))).isEmpty();
    assertThat(OwnDial.of(List.of(BARE), SAND, trade(16))).isEmpty();
    FeedSand other =
        LotSand.of(
                new Cut(StandardScreens.numbered("80"), StandardScreens.numbered("100")), 0.1, 0.4)
            .orElseThrow();
    assertThat(OwnDial.of(List.of(bowl(Saw.THREAD)), other, trade(16))).isEmpty();
  }
}
