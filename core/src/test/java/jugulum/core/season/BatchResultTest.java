package jugulum.core.season;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.stream.Stream;
import jugulum.core.account.Worked;
import jugulum.core.check.Band;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.BatchFold;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Edit.NewLot;
import jugulum.core.ledger.Label;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Measure.Pass;
import jugulum.core.ledger.Measure.Pass.From;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Process.MagnetRun.Medium;
import jugulum.core.ledger.Route;
import jugulum.core.ledger.Step;
import jugulum.core.ledger.StepId;
import jugulum.core.machine.Gear;
import jugulum.core.runs.PastRun;
import jugulum.core.screens.Cut;
import jugulum.core.screens.Screen;
import jugulum.core.screens.StandardScreens;
import jugulum.core.shop.Shop;
import jugulum.core.task.Routes;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a batch brings to a season: time, recovery, steps, and the habits they show. */
class BatchResultTest {
  private static final Instant START = Instant.parse("2026-04-02T08:00:00Z");
  private static final LotId FEED = new LotId(1);

  private Optional<Batch> batch = Optional.empty();
  private Instant now = START;

  private void does(Edit edit) {
    batch = Optional.of(new BatchFold().replay(batch, edit, now));
  }

  private BatchResultTest after(int minutes) {
    now = now.plus(Duration.ofMinutes(minutes));
    return this;
  }

  private static Screen screen(String number) {
    return StandardScreens.numbered(number).orElseThrow();
  }

  private static Cut cut(String upper, String lower) {
    return new Cut(
        Optional.of(screen(upper)),
        lower.isEmpty() ? Optional.empty() : Optional.of(screen(lower)));
  }

  private void received(Cut cut) {
    does(
        new Edit.StartBatch(
            new BatchId(new UUID(3, 3)),
            new Label("Larkbeck 1", "Larkbeck bar", LocalDate.parse("2026-04-02")),
            Assumptions.USUAL));
    does(
        new Edit.TakeStep(
            new Process.Splitting(), List.of(FEED), List.of(new NewLot(Material.PART, cut, ""))));
    weigh(2, 4000);
  }

  private void weigh(int lot, double grams) {
    does(new Edit.RecordOnLot(new LotId(lot), new Measure.SandWeight(grams, 0, 0, 1)));
  }

  private StepId step() {
    return batch.orElseThrow().steps().getLast().id();
  }

  private List<Habit> habits() {
    return habits(Shop.USUAL);
  }

  private List<Habit> habits(Shop shop) {
    Worked worked = Worked.of(batch.orElseThrow());
    return worked.network().steps().stream().flatMap(one -> habits(worked, one, shop)).toList();
  }

  private static Stream<Habit> habits(Worked worked, Step step, Shop shop) {
    List<Habit> ofAny = Habit.of(step, worked.network().cutInto(step), 0.05);
    List<Habit> ofDials =
        step.process() instanceof Process.GravityRun run
            ? Habit.ofDials(PastRun.settings(step), shop.gear(run.machine()).sheet())
            : List.of();
    return Stream.concat(ofAny.stream(), ofDials.stream());
  }

  private void magnet(Medium medium, int heapDrops) {
    does(
        new Edit.TakeStep(
            new Process.MagnetRun(medium),
            List.of(new LotId(2)),
            List.of(
                new NewLot(Material.MAGNETICS, cut("50", ""), ""),
                new NewLot(Material.NON_MAGNETICS, cut("50", ""), ""))));
    does(new Edit.RecordOnStep(step(), new Pass(From.SAND, 2000, 50, 4)));
    for (int drop = 0; drop < heapDrops; drop++) {
      does(new Edit.RecordOnStep(step(), new Pass(From.HEAP, 1900 - 20 * drop, 10, 1)));
    }
  }

  private void bowl(Cut cut, String dial, double value) {
    does(
        new Edit.TakeStep(
            new Process.GravityRun(new Machine(Machine.Kind.VORTEX_BOWL, "garden bowl")),
            List.of(new LotId(2)),
            List.of(
                new NewLot(Material.CONCENTRATE, cut, ""),
                new NewLot(Material.TAILINGS, cut, ""))));
    does(new Edit.RecordOnStep(step(), new Measure.Setting(dial, value)));
  }

  @Test
  void aHeapDroppedOnceOrDampSandAreHabits() {
    received(cut("50", ""));
    magnet(Medium.DAMP, 1);
    assertThat(habits())
        .containsExactly(new Habit(Habit.Kind.DAMP, ""), new Habit(Habit.Kind.FEW_DROPS, ""));
  }

  @Test
  void twoDropsOfDrySandAreNone() {
    received(cut("50", ""));
    magnet(Medium.BONE_DRY, 2);
    assertThat(habits()).isEmpty();
  }

  @Test
  void aWideCutAndADialBeyondTheUsualAreHabits() {
    received(cut("20", "80"));
    bowl(cut("20", "80"), "charge", 320);
    assertThat(habits())
        .containsExactly(
            new Habit(Habit.Kind.WIDE_CUT, ""), new Habit(Habit.Kind.DIAL_HIGH, "charge"));
  }

  /** A cut no screen bounds below reaches down to the finest speck one sees, 0.05 mm. */
  @ParameterizedTest
  @CsvSource({
    "20, 50, false",
    "30, 100, true",
    "100, '', false",
    "50, '', true",
    "30, '', true",
    "80, '', true"
  })
  void aCutIsWideByItsOpenings(String upper, String lower, boolean isWide) {
    received(cut(upper, lower));
    bowl(cut(upper, lower), "charge", 150);
    assertThat(habits())
        .isEqualTo(isWide ? List.of(new Habit(Habit.Kind.WIDE_CUT, "")) : List.of());
  }

  /** What the program proposes it does not warn of. */
  @Test
  void noRouteThatShipsMakesAWideCutBetweenItsScreens() {
    for (Route route : Routes.SHIPPED) {
      for (Route.Leg leg : route.legs()) {
        if (leg.does() instanceof Route.Does.Screen screen) {
          List<Screen> stack =
              screen.labels().stream()
                  .map(label -> StandardScreens.numbered(label).orElseThrow())
                  .toList();
          Cut.of(Cut.ALL, stack).stream()
              .filter(Cut::isClosed)
              .forEach(
                  one ->
                      assertThat(one.upperMm() / one.lowerMm())
                          .as(route.name() + " " + one.notation())
                          .isLessThanOrEqualTo(Habit.TIGHT));
        }
      }
    }
  }

  @Test
  void aTightCutWithinTheUsualIsNoneAndALowDialIs() {
    received(cut("50", "80"));
    bowl(cut("50", "80"), "charge", 150);
    assertThat(habits()).isEmpty();
    does(new Edit.RecordOnStep(step(), new Measure.Setting("charge", 40)));
    assertThat(habits()).containsExactly(new Habit(Habit.Kind.DIAL_LOW, "charge"));
  }

  /** A bowl that always takes 40 g is not charged too little with 40. */
  @Test
  void onesOwnUsualGoesBeforeThatOfTheKind() {
    received(cut("50", "80"));
    bowl(cut("50", "80"), "charge", 40);
    Gear own =
        new Gear(
            "garden bowl",
            Machine.Kind.VORTEX_BOWL,
            Optional.empty(),
            Map.of("charge", new Band(35, 40, 45)),
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            OptionalDouble.empty());
    Shop shop = Shop.USUAL.with(own);
    assertThat(habits(shop)).isEmpty();
    does(new Edit.RecordOnStep(step(), new Measure.Setting("charge", 150)));
    assertThat(habits(shop)).containsExactly(new Habit(Habit.Kind.DIAL_HIGH, "charge"));
    assertThat(habits()).isEmpty();
    PartingStep part =
        BatchResult.of(Worked.of(batch.orElseThrow())).parts().stream().findFirst().orElseThrow();
    assertThat(part.habits(shop)).isEqualTo(habits(shop));
    assertThat(part.habits(Shop.USUAL)).isEmpty();
  }

  /** 4 min, 50 min and 80 min between records count; two hours of quiet do not. */
  @Test
  void timeIsWhatLiesBetweenRecordsAndALongQuietIsNone() {
    received(cut("50", ""));
    after(4);
    bowl(cut("50", ""), "charge", 150);
    after(50);
    does(new Edit.RecordOnStep(step(), new Measure.Setting("rim", 5)));
    after(120);
    does(new Edit.AddNote(step(), "Back from the creek."));
    after(80);
    does(new Edit.FinishStep(step(), true));
    Map<KindOfWork, Double> minutes = BenchTime.minutes(batch.orElseThrow());
    assertThat(minutes)
        .containsEntry(KindOfWork.MACHINES, 130.0)
        .doesNotContainKey(KindOfWork.MAGNET);
  }

  @Test
  void aBatchTellsItsGoldItsShareAndItsStepsAndIsOpenUntilClosed() {
    received(cut("50", ""));
    bowl(cut("50", ""), "charge", 150);
    weigh(3, 40);
    weigh(4, 3900);
    does(
        new Edit.RecordOnLot(
            new LotId(4),
            new Measure.PannedSample(
                390, List.of(new Measure.PannedSample.Seen(cut("50", ""), 30)))));
    does(
        new Edit.TakeStep(
            new Process.Finishing(),
            List.of(new LotId(3)),
            List.of(
                new NewLot(Material.GOLD, cut("50", ""), ""),
                new NewLot(Material.RESIDUE, cut("50", ""), ""))));
    does(new Edit.RecordOnLot(new LotId(5), new Measure.GoldWeight(0.8, 0.001)));
    weigh(6, 39);
    does(new Edit.RecordOnLot(new LotId(6), new Measure.KnownGold(0, 0)));
    BatchResult open = BatchResult.of(Worked.of(batch.orElseThrow()));
    assertThat(open.closed()).isFalse();
    assertThat(open.source()).isEqualTo("Larkbeck bar");
    assertThat(open.wonMg()).isCloseTo(800, within(1e-6));
    double share = open.share().orElseThrow().usual();
    assertThat(open.awayMg().orElseThrow().usual())
        .isCloseTo(800 * (1 - share) / share, within(1e-6));
    assertThat(open.awayMg().orElseThrow().low()).isLessThan(open.awayMg().orElseThrow().usual());
    assertThat(open.parts()).hasSize(1);
    PartingStep part = open.parts().getFirst();
    assertThat(part.machine()).isEqualTo("garden bowl");
    assertThat(part.cut()).isEqualTo("−50");
    assertThat(part.lower()).isEmpty();
    assertThat(part.recovery().orElseThrow().usual()).isBetween(0.5, 0.999);
    does(new Edit.CloseBatch(true));
    BatchResult closed = BatchResult.of(Worked.of(batch.orElseThrow()));
    assertThat(closed.closed()).isTrue();
    assertThat(YearSum.of(List.of(open), Season.NOTHING).told()).isZero();
    assertThat(YearSum.of(List.of(closed), Season.NOTHING).told()).isEqualTo(1);
  }
}
