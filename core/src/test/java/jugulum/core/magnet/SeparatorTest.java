package jugulum.core.magnet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.account.Worked;
import jugulum.core.belief.Belief;
import jugulum.core.belief.Experience;
import jugulum.core.belief.SeparatorWay;
import jugulum.core.check.OutOfRange;
import jugulum.core.ledger.Bench;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Machine.Kind;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Measure.LiftTest;
import jugulum.core.ledger.Measure.LiftTest.Lift;
import jugulum.core.ledger.Measure.Running;
import jugulum.core.ledger.Process.MagnetRun;
import jugulum.core.ledger.Process.MagnetRun.Medium;
import jugulum.core.ledger.Process.MagnetRun.Way;
import jugulum.core.ledger.Reason;
import jugulum.core.ledger.StepId;
import jugulum.core.machine.BenchSums;
import jugulum.core.machine.Gear;
import jugulum.core.machine.Inverter;
import jugulum.core.marks.FeedLine;
import jugulum.core.marks.FeedMark;
import jugulum.core.runs.PastRun;
import jugulum.core.screens.Cut;
import jugulum.core.shop.Shop;
import org.junit.jupiter.api.Test;

/** Magnets as machines: what they take, how fast, with what power, and which of them first. */
class SeparatorTest {
  private static final Machine DRUM = new Machine(Kind.DRUM_SEPARATOR, "north drum");
  private static final Machine SECOND = new Machine(Kind.SECOND_STAGE, "near magnet");
  private static final StepId FIRST = new StepId(2);

  private static MagnetRun dry(Machine with) {
    return new MagnetRun(
        Medium.BONE_DRY, Optional.empty(), Optional.of(Way.of(with.kind())), Optional.of(with));
  }

  private static Bench through(Bench bench, int lot, Machine with) {
    return bench.runs(dry(with), List.of(lot), Material.MAGNETICS, Material.NON_MAGNETICS);
  }

  /** 10.8 kg/h at 6 V and 20.4 at 9 make 15 at 7.3 V; nothing is told beyond what was weighed. */
  @Test
  void aFeedersLineTellsTheSettingForAFeed() {
    FeedLine line =
        FeedLine.of(List.of(new FeedMark(6, 10.8), new FeedMark(9, 20.4))).orElseThrow();
    assertThat(line.setting(15).orElseThrow()).isCloseTo(7.3, within(0.05));
    assertThat(line.kgPerHour(7.5).orElseThrow()).isCloseTo(15.6, within(1e-9));
    assertThat(line.scatter()).as("two minutes always lie on their line").isEmpty();
    assertThat(line.setting(25)).isEmpty();
    assertThat(line.kgPerHour(5.9)).isEmpty();
    FeedLine three =
        FeedLine.of(List.of(new FeedMark(6, 10.8), new FeedMark(9, 20.4), new FeedMark(7.5, 16.6)))
            .orElseThrow();
    assertThat(three.scatter().orElseThrow()).isBetween(0.5, 1.5);
  }

  @Test
  void moreThatGivesNoMoreIsNoLine() {
    assertThat(FeedLine.of(List.of(new FeedMark(6, 10), new FeedMark(6, 11)))).isEmpty();
    assertThat(FeedLine.of(List.of(new FeedMark(6, 10), new FeedMark(9, 8)))).isEmpty();
    assertThat(FeedLine.of(List.of())).isEmpty();
    assertThatThrownBy(() -> new FeedMark(Double.NaN, 1)).isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> new FeedMark(6, -1)).isInstanceOf(OutOfRange.class);
  }

  /** 12 V 80 Ah lead, 70 W behind an inverter of 0.85 that idles at 8 W: 90.4 W, 5.3 h, 106 kg. */
  @Test
  void aBatteryLastsSoLongBehindAnInverter() {
    double draws = new Inverter(0.85, 8).draws(70);
    assertThat(draws).isCloseTo(90.4, within(0.05));
    double hours = BenchSums.batteryHours(BenchSums.usableWh(12, 80, BenchSums.OF_LEAD), draws);
    assertThat(hours).isCloseTo(5.3, within(0.02));
    assertThat(hours * 20).isCloseTo(106, within(0.5));
    Gear plain =
        new Gear(
            "north drum",
            Kind.DRUM_SEPARATOR,
            Optional.empty(),
            Map.of(),
            OptionalDouble.of(70),
            OptionalDouble.empty(),
            OptionalDouble.empty());
    assertThat(plain.drawWatts()).hasValue(70);
    assertThat(plain.behind(Optional.of(new Inverter(0.85, 8))).drawWatts().orElseThrow())
        .isEqualTo(draws);
    assertThatThrownBy(() -> new Inverter(0, 8)).isInstanceOf(OutOfRange.class);
  }

  /**
   * 90 and 80 % of the magnetite with 1 and 4 % of the gold: 98 and 4.96 %, and 45 times as much.
   */
  @Test
  void stagesTakeTogether() {
    List<Taken> stages = List.of(new Taken(0.9, 0.01), new Taken(0.8, 0.04));
    Taken both = Taken.together(stages);
    assertThat(both.magnetite()).isCloseTo(0.98, within(1e-12));
    assertThat(both.gold()).isCloseTo(0.0496, within(1e-12));
    assertThat(Taken.perMagnetiteAgainstFirst(stages)).isCloseTo(45, within(0.5));
    assertThatThrownBy(() -> Taken.perMagnetiteAgainstFirst(List.of(new Taken(0.9, 0.01))))
        .isInstanceOf(OutOfRange.class);
  }

  @Test
  void oneWorksAtTheWeakestThatTakesEnough() {
    Strength strength =
        Strength.of(
                new LiftTest(
                    100,
                    List.of(
                        new Lift(20, 10, 0),
                        new Lift(10, 30, 1),
                        new Lift(6, 4, 1),
                        new Lift(3, 6, 9))))
            .orElseThrow();
    assertThat(strength.weakestEnough().gapMm()).as("40 of 50 g").isEqualTo(10);
    assertThat(strength.points()).extracting(Strength.Point::specks).containsExactly(0, 1, 2, 11);
    assertThat(strength.points().getLast().specksPer100G()).isCloseTo(150, within(1e-9));
    assertThat(Strength.of(new LiftTest(100, List.of(new Lift(5, 0, 0))))).isEmpty();
  }

  @Test
  void aLiftTestKeepsToItsSample() {
    assertThatThrownBy(() -> new LiftTest(100, List.of(new Lift(5, 101, 0))))
        .isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> new LiftTest(100, List.of())).isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> new LiftTest(100, List.of(new Lift(5, 10, 0), new Lift(6, 10, 0))))
        .as("nearer from lift to lift")
        .isInstanceOf(OutOfRange.class);
    assertThat(
            Bench.started()
                .weighs(1, 50)
                .refused(
                    new Edit.RecordOnLot(
                        new LotId(1), new LiftTest(100, List.of(new Lift(5, 10, 0)))))
                .reason())
        .isEqualTo(Reason.HEAVIER_THAN_INPUT);
  }

  /** 2 kg of sand, half magnetite: the drum takes 900 g of it, the second stage 80 of the rest. */
  private static Bench worked() {
    Bench bench = Bench.started().measures(1, new Measure.MagnetTest(100, 50, 10)).weighs(1, 2_000);
    through(bench, 1, DRUM)
        .does(new Edit.RecordOnStep(FIRST, new Measure.Setting("magnet-gap", 12)))
        .does(new Edit.RecordOnStep(FIRST, new Running(Running.State.STARTED)))
        .waits(Duration.ofMinutes(6))
        .does(new Edit.RecordOnStep(FIRST, new Running(Running.State.STOPPED)))
        .weighs(2, 900)
        .measures(2, new Measure.SpeckCount(0, 1))
        .weighs(3, 1_100);
    return through(bench, 3, SECOND)
        .weighs(4, 80)
        .measures(4, new Measure.KnownGold(0.4, 0.05))
        .weighs(5, 1_020);
  }

  @Test
  void aLineOfStagesTellsWhatEachTook() {
    Worked worked = Worked.of(worked().batch());
    List<MagnetStage> line =
        MagnetStage.line(
            worked.network(),
            worked.sand(),
            worked.gold(),
            worked.batch().step(new StepId(3)).orElseThrow());
    assertThat(line).extracting(MagnetStage::step).containsExactly(FIRST, new StepId(3));
    assertThat(line.getFirst().share().orElseThrow()).isCloseTo(0.9, within(1e-9));
    assertThat(line.getFirst().isUntested()).isTrue();
    assertThat(line.get(1).share()).as("nobody tested what it took").isEmpty();
    assertThat(line.get(1).mgPerKg().orElseThrow()).isCloseTo(5, within(0.3));
    assertThat(line)
        .as("from either end")
        .isEqualTo(
            MagnetStage.line(
                worked.network(),
                worked.sand(),
                worked.gold(),
                worked.batch().step(FIRST).orElseThrow()));
  }

  @Test
  void aMagnetsRunsAreItsRecordAndItsPace() {
    Worked worked = Worked.of(worked().batch());
    List<PastRun> runs = PastRun.of(worked.network(), worked.sand(), worked.gold());
    assertThat(runs).extracting(PastRun::machine).containsExactly(DRUM, SECOND);
    PastRun drum = runs.getFirst();
    assertThat(drum.minutes().orElseThrow()).isCloseTo(7, within(1e-9));
    assertThat(drum.setting("magnet-gap")).contains(12.0);
    assertThat(drum.magnet().orElseThrow().magnetiteG()).isEqualTo(900);
    Shop shop =
        Shop.USUAL
            .with(Gear.any(DRUM))
            .with(Gear.any(SECOND))
            .with(Gear.any(new Machine(Kind.HAND_MAGNET, "round magnet")));
    Belief belief = new Belief(Experience.of(runs), shop);
    List<SeparatorWay> ways = SeparatorWay.of(belief, Cut.ALL, 5_000);
    assertThat(ways)
        .extracting(way -> way.gear().name())
        .containsExactly("north drum", "round magnet", "near magnet");
    assertThat(ways.getFirst().magnetite().orElseThrow()).isCloseTo(0.9, within(1e-9));
    assertThat(ways.getFirst().runs()).isEqualTo(1);
    assertThat(belief.pace(Gear.any(DRUM), Cut.ALL).byRecord()).isTrue();
    assertThat(SeparatorWay.best(belief, Cut.ALL, 5_000, Medium.UNDER_WATER).orElseThrow().gear())
        .as("wet sand does not run past a drum")
        .extracting(Gear::name)
        .isEqualTo("round magnet");
    assertThat(SeparatorWay.of(new Belief(Experience.NONE, Shop.USUAL), Cut.ALL, 5_000)).isEmpty();
  }

  @Test
  void aDrumThatLeavesTooMuchComesAfter() {
    Bench bench = Bench.started().measures(1, new Measure.MagnetTest(100, 50, 10)).weighs(1, 2_000);
    through(bench, 1, DRUM).weighs(2, 600).weighs(3, 1_400);
    Worked worked = Worked.of(bench.batch());
    List<PastRun> runs = PastRun.of(worked.network(), worked.sand(), worked.gold());
    Shop shop =
        Shop.USUAL
            .with(Gear.any(DRUM))
            .with(Gear.any(new Machine(Kind.HAND_MAGNET, "round magnet")));
    assertThat(SeparatorWay.of(new Belief(Experience.of(runs), shop), Cut.ALL, 5_000))
        .extracting(way -> way.gear().name())
        .containsExactly("round magnet", "north drum");
  }

  @Test
  void aMagnetIsNotCharged() {
    Bench bench = through(Bench.started().weighs(1, 2_000), 1, DRUM);
    assertThat(
            bench
                .refused(
                    new Edit.RecordOnStep(
                        FIRST, new Measure.Charge(OptionalDouble.of(100), Optional.empty())))
                .reason())
        .isEqualTo(Reason.MEASURE_NOT_FOR_THIS);
  }
}
