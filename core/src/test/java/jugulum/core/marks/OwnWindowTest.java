package jugulum.core.marks;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import jugulum.core.belief.Experience;
import jugulum.core.belief.MachineBelief;
import jugulum.core.belief.Sand;
import jugulum.core.belief.Value;
import jugulum.core.belief.Ways;
import jugulum.core.check.OutOfRange;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.Machine;
import jugulum.core.machine.Dial;
import jugulum.core.machine.Gear;
import jugulum.core.marks.MarkLook.Saw;
import jugulum.core.runs.PastRun;
import jugulum.core.screens.Cut;
import jugulum.core.screens.StandardScreens;
import jugulum.core.window.Conditions;
import org.junit.jupiter.api.Test;

class OwnWindowTest {
  private static final Cut CUT =
      new Cut(StandardScreens.numbered("50"), StandardScreens.numbered("80"));

  private static MarkLook look(double litres, Saw saw) {
    return new MarkLook(true, litres / 8, OptionalDouble.of(30 - litres), litres, saw);
  }

  private static OwnMarks marks(MarkLook... looks) {
    return new OwnMarks(
        CUT, LocalDate.of(2026, 11, 3), 40, 40, OptionalDouble.of(14), List.of(looks));
  }

  /** Threads at 20.6, 21 and 21.4: 21, 20 to 22; clean up to 24: aim 22.7. */
  @Test
  void theAimIsAThirdFromWhereSandClimbsToWhereGoldGoes() {
    OwnWindow window =
        OwnWindow.of(
            marks(
                look(20, Saw.GRAINS),
                look(20.6, Saw.THREAD),
                look(24, Saw.THREAD),
                look(20, Saw.NOTHING),
                look(21, Saw.THREAD),
                look(25, Saw.SPECK),
                look(20.2, Saw.GRAINS),
                look(21.4, Saw.THREAD)));
    assertThat(window.state()).isEqualTo(OwnWindow.State.WINDOW);
    assertThat(window.climbs().orElseThrow().usual()).isCloseTo(21, within(1e-9));
    assertThat(window.climbs().orElseThrow().low()).isCloseTo(20, within(0.01));
    assertThat(window.climbs().orElseThrow().high()).isCloseTo(22, within(0.01));
    assertThat(window.clean()).hasValue(24);
    assertThat(window.aim().orElseThrow()).isCloseTo(22.7, within(0.05));
    assertThat(window.turns().orElseThrow())
        .as("between the marks of 21.4 and 24")
        .isCloseTo(22.67 / 8, within(0.01));
    assertThat(window.rimMm().orElseThrow()).isCloseTo(30 - 22.67, within(0.01));
  }

  @Test
  void goldBeforeSandIsNoWindow() {
    OwnWindow window =
        OwnWindow.of(marks(look(18, Saw.GRAINS), look(20, Saw.SPECK), look(22, Saw.SPECK)));
    assertThat(window.state()).isEqualTo(OwnWindow.State.NONE);
    assertThat(window.aim()).isEmpty();
    assertThat(window.clean()).hasValue(18);
  }

  /**
   * Looked at, no window: whatever the record and the sizes say, that bowl is not offered first.
   */
  @Test
  void aBowlWithoutAWindowStandsBehind() {
    Gear bowl = Gear.any(new Machine(Machine.Kind.VORTEX_BOWL, "garden bowl"));
    Gear pan = Gear.any(new Machine(Machine.Kind.PAN, "flat pan"));
    OwnMarks none = marks(look(18, Saw.GRAINS), look(20, Saw.SPECK));
    assertThat(first(List.of(bowl, pan))).isEqualTo(bowl);
    assertThat(first(List.of(bowl.with(none), pan))).isEqualTo(pan);
    assertThat(first(List.of(bowl.with(none)))).as("there is no other").isEqualTo(bowl.with(none));
    OwnMarks good = marks(look(20, Saw.GRAINS), look(21, Saw.THREAD), look(23, Saw.THREAD));
    assertThat(first(List.of(bowl.with(good), pan))).isEqualTo(bowl.with(good));
  }

  private static Gear first(List<Gear> gear) {
    Sand sand =
        new Sand(
            CUT,
            4000,
            PastRun.Kind.FIRST,
            Conditions.usual(Assumptions.USUAL, Conditions.USUAL_HEAVIES, true),
            Optional.empty());
    return new Ways(new MachineBelief(Experience.NONE))
        .machines(sand, 400, gear, new Value(Optional.empty(), 0.9))
        .first()
        .orElseThrow()
        .gear();
  }

  @Test
  void beforeAThreadWasSeenNothingIsKnown() {
    assertThat(OwnWindow.of(marks()).state()).isEqualTo(OwnWindow.State.OPEN);
    assertThat(OwnWindow.of(marks(look(18, Saw.GRAINS))).state()).isEqualTo(OwnWindow.State.OPEN);
  }

  /** 0 of 40: less than 7.2 %; 149 specks for 2 %. */
  @Test
  void noneOfSoManySpecksBoundsTheLoss() {
    assertThat(OwnWindow.losesAtMost(40)).isCloseTo(0.072, within(5e-4));
    assertThat(OwnWindow.losesAtMost(148)).isGreaterThan(0.02);
    assertThat(OwnWindow.losesAtMost(149)).isLessThan(0.02);
  }

  @Test
  void theWayDownTellsWhereSandStands() {
    OwnWindow window =
        OwnWindow.of(
            marks(
                look(20, Saw.THREAD),
                look(24, Saw.THREAD),
                new MarkLook(false, 2.6, OptionalDouble.empty(), 20, Saw.THREAD),
                new MarkLook(false, 2.3, OptionalDouble.empty(), 18, Saw.GRAINS),
                new MarkLook(false, 2.1, OptionalDouble.empty(), 16, Saw.NOTHING)));
    assertThat(window.stops()).hasValue(18);
    assertThat(window.climbs().orElseThrow().usual()).as("only ways up").isEqualTo(20);
  }

  @Test
  void theSheetOfThatCutStandsAtTheMarksAndOthersDoNot() {
    Gear bowl = Gear.any(Machine.Kind.VORTEX_BOWL);
    Gear marked =
        bowl.with(marks(look(20, Saw.GRAINS), look(21, Saw.THREAD), look(24, Saw.THREAD)));
    Dial flow = marked.sheet(CUT).dial("flow").orElseThrow();
    assertThat(flow.usual().orElseThrow().usual()).isCloseTo(22, within(1e-9));
    assertThat(flow.target(0)).isEqualTo(flow.target(1));
    assertThat(marked.sheet(CUT).dial("rim").orElseThrow().usual().orElseThrow().usual())
        .isCloseTo(8, within(1e-9));
    assertThat(marked.sheet(Cut.ALL).dials()).isEqualTo(bowl.sheet().dials());
    assertThat(marked.withoutMarks(CUT)).isEqualTo(bowl);
  }

  @Test
  void whatCannotBeIsRefused() {
    assertThatThrownBy(() -> look(0, Saw.NOTHING)).isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> new MarkLook(true, Double.NaN, OptionalDouble.empty(), 5, Saw.NOTHING))
        .isInstanceOf(OutOfRange.class);
  }

  /**
   * A bowl whose sand climbs at 21 and whose gold goes at 24, looked at three times by steps of
   * half a litre with eyes and buckets that are off by 0.3 L/min: the aim lies between both, and
   * the range of where sand climbs holds it.
   */
  @Test
  void theAimLiesInTheTrueWindowAlsoWhereLooksAreNoisy() {
    Random random = new Random(11);
    int inside = 0;
    int windows = 0;
    for (int bowl = 0; bowl < 500; bowl++) {
      List<MarkLook> looks = new ArrayList<>();
      for (int way = 0; way < 3; way++) {
        double sand = 21 + 0.3 * random.nextGaussian();
        double gold = 24 + 0.3 * random.nextGaussian();
        for (double flow = 18; flow < 26; flow += 0.5) {
          double measured = flow + 0.1 * random.nextGaussian();
          Saw saw = flow > gold ? Saw.SPECK : flow > sand ? Saw.THREAD : Saw.GRAINS;
          looks.add(new MarkLook(true, flow / 8, OptionalDouble.empty(), measured, saw));
          if (saw == Saw.SPECK) {
            break;
          }
        }
      }
      OwnWindow window = OwnWindow.of(marks(looks.toArray(MarkLook[]::new)));
      if (window.aim().isPresent()) {
        windows++;
        double aim = window.aim().getAsDouble();
        inside += aim > 21 && aim < 24 ? 1 : 0;
      }
    }
    assertThat(windows).isGreaterThan(450);
    assertThat(inside / (double) windows).isGreaterThan(0.95);
  }
}
