package jugulum.core.task;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.account.Worked;
import jugulum.core.belief.Belief;
import jugulum.core.belief.Experience;
import jugulum.core.belief.StockLot;
import jugulum.core.gold.GoldMemory;
import jugulum.core.gold.LotGold;
import jugulum.core.gold.Place;
import jugulum.core.gold.Smelts;
import jugulum.core.ledger.Bench;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Measure.Smelt;
import jugulum.core.ledger.Measure.VisibleGold;
import jugulum.core.ledger.MeltFact;
import jugulum.core.ledger.Melting;
import jugulum.core.ledger.Reading;
import jugulum.core.ledger.ReadingId;
import jugulum.core.ledger.Reason;
import jugulum.core.ledger.StepId;
import jugulum.core.shop.Fees;
import jugulum.core.shop.Shop;
import jugulum.core.shop.Terms;
import jugulum.core.stream.Refusal;
import jugulum.core.task.Task.Kind;
import jugulum.core.units.MassUnit;
import jugulum.core.units.Typed.Slip;
import org.junit.jupiter.api.Test;

/** A melt from sand to bead, by its open questions, as a person in bench mode answers them. */
class MeltTasksTest {
  private static final LotId TAILINGS = new LotId(3);
  private static final VisibleGold NONE = new VisibleGold(VisibleGold.State.NONE_SEEN, 0);

  /** Lots 2 concentrate, 3 tailings of 9.2 kg. */
  private final Bench bench =
      Bench.started()
          .weighs(1, 9_400)
          .table(1, Material.CONCENTRATE, Material.TAILINGS)
          .weighs(2, 200)
          .weighs(3, 9_200)
          .does(new Edit.FinishStep(new StepId(2), true));

  private Worked worked() {
    return Worked.of(bench.batch(), new GoldMemory(1_000));
  }

  private List<Task> melts() {
    return Tasks.of(worked(), Shop.USUAL, Optional.empty(), bench.now()).stream()
        .filter(task -> task.subject() instanceof Task.Subject.OfMelt)
        .toList();
  }

  private Task next() {
    return melts().getFirst();
  }

  private Answered answer(Task task, String... typed) {
    return new Answers(worked(), Shop.USUAL, MassUnit.GRAM, MassUnit.GRAM).to(task, List.of(typed));
  }

  private void answers(Kind kind, String... typed) {
    Task task = next();
    assertThat(task.kind()).as(task.toString()).isEqualTo(kind);
    Answered answered = answer(task, typed);
    assertThat(answered).as(task.toString()).isInstanceOf(Answered.Edits.class);
    ((Answered.Edits) answered).edits().forEach(bench::does);
  }

  private void takes(double grams, VisibleGold visible) {
    bench.measures(3, new Measure.Melt(0, new MeltFact.Taken(grams, visible)));
  }

  private void says(int crucible, MeltFact fact) {
    bench.measures(3, new Measure.Melt(crucible, fact));
  }

  private void makesReady() {
    answers(Kind.MELT_STOP);
    answers(Kind.MELT_STOP);
    answers(Kind.MELT_SANDS, "80", "20", "");
  }

  /** Charged and stopped for, up to its furnace. */
  private void charges(String sand, String collector) {
    answers(Kind.MELT_CHARGE, sand, "lead", collector);
    for (int stop = 0; stop < 4; stop++) {
      answers(Kind.MELT_STOP);
    }
    answers(Kind.MELT_START);
    bench.waits(Duration.ofMinutes(40));
    answers(Kind.MELT_POUR);
    bench.waits(Duration.ofMinutes(25));
  }

  private LotGold gold() {
    return Optional.ofNullable(worked().gold().lots().get(TAILINGS)).orElseThrow();
  }

  @Test
  void threeCruciblesOneSpoiltGoFromSandToBead() {
    takes(450, NONE);
    makesReady();
    charges("150", "40");
    answers(Kind.MELT_BUTTON, "41");
    answers(Kind.MELT_CUPEL);
    bench.waits(Duration.ofMinutes(40));
    answers(Kind.MELT_BEAD, "3.42 mg");
    charges("150", "40");
    says(2, new MeltFact.Spoilt("cracked, ran into the fire"));
    charges("150", "40.1");
    answers(Kind.MELT_BUTTON, "40.5");
    answers(Kind.MELT_CUPEL);
    bench.waits(Duration.ofMinutes(40));
    answers(Kind.MELT_BEAD, "3.18 mg");
    assertThat(melts())
        .as("the laboratory is heard of later")
        .extracting(Task::kind)
        .containsExactly(Kind.MELT_PARTED, Kind.MELT_PARTED);
    answers(Kind.MELT_PARTED, "3.0 mg");
    answers(Kind.MELT_PARTED, "2.8 mg");
    assertThat(melts()).isEmpty();
    List<Smelt> smelts = Smelts.of(bench.lot(3));
    assertThat(smelts).extracting(Smelt::sampleG).containsExactly(150.0, 150.0);
    double fineness = worked().gold().fineness();
    assertThat(gold().hidden().orElseThrow().milligrams() * fineness)
        .as("5.8 mg of 300 g, in the 8.75 kg that is left: the lost 150 g are gone too")
        .isCloseTo(5.8 / 0.3 * 8.75, within(3.0));
    assertThat(worked().gold().place(Place.Kind.BEAD).orElseThrow().gold().milligrams())
        .isCloseTo(5.8 / fineness, within(0.1));
  }

  @Test
  void heatWaitsForEveryYes() {
    takes(300, NONE);
    says(0, new MeltFact.Sands(1, 0, 0));
    says(1, new MeltFact.Charged(150, Smelt.Collector.LEAD, OptionalDouble.of(40)));
    Measure.Melt heat = new Measure.Melt(1, new MeltFact.Begun(MeltFact.Phase.MELT));
    for (MeltFact.Stop stop : MeltFact.Stop.values()) {
      assertThat(bench.refused(new Edit.RecordOnLot(TAILINGS, heat)).reason())
          .as("before " + stop)
          .isEqualTo(Reason.STOP_WITHOUT_YES);
      says(stop.isOfOneCrucible() ? 1 : 0, new MeltFact.Sure(stop));
    }
    bench.measures(3, heat);
    assertThat(next().kind()).isEqualTo(Kind.MELT_CHARGE);
    assertThat(melts().getLast().due()).as("the pouring has its hour").isPresent();
  }

  @Test
  void withoutACollectorNoneCanBeForgotten() {
    takes(300, NONE);
    makesReady();
    answers(Kind.MELT_CHARGE, "300", "none", "");
    assertThat(melts())
        .extracting(task -> task.parts().getFirst().name())
        .doesNotContain(MeltFact.Stop.COLLECTOR_IN.name());
  }

  /** 250 g that lose 10 in the roast: a crucible's 120 g were 125. */
  @Test
  void roastedSandCountsAsItWasBefore() {
    takes(250, NONE);
    answers(Kind.MELT_STOP);
    answers(Kind.MELT_STOP);
    answers(Kind.MELT_SANDS, "50", "", "8");
    answers(Kind.MELT_ROAST);
    assertThat(next().due()).isPresent();
    answers(Kind.MELT_ROASTED, "240");
    charges("120", "40");
    answers(Kind.MELT_BUTTON, "40");
    answers(Kind.MELT_CUPEL);
    bench.waits(Duration.ofMinutes(40));
    answers(Kind.MELT_BEAD, "2.5 mg");
    assertThat(Smelts.of(bench.lot(3)).getFirst().sampleG()).isCloseTo(125, within(1e-9));
    assertThat(Melting.open(bench.lot(3)).orElseThrow().leftG()).isCloseTo(120, within(1e-9));
  }

  @Test
  void moreThanAHundredPercentIsToldAtThePartThatIsTooMuch() {
    takes(250, NONE);
    answers(Kind.MELT_STOP);
    answers(Kind.MELT_STOP);
    assertThat(answer(next(), "70", "20", "15"))
        .isInstanceOfSatisfying(
            Answered.Wrong.class,
            wrong -> {
              assertThat(wrong.part()).isEqualTo(2);
              assertThat(wrong.slip()).isInstanceOf(Slip.OutOfRange.class);
            });
    assertThat(answer(next(), "70", "40", ""))
        .isInstanceOfSatisfying(
            Answered.Wrong.class, wrong -> assertThat(wrong.part()).isEqualTo(1));
  }

  @Test
  void aLightButtonMakesItAtLeast() {
    takes(150, NONE);
    makesReady();
    charges("150", "40");
    answers(Kind.MELT_BUTTON, "35");
    answers(Kind.MELT_CUPEL);
    answers(Kind.MELT_BEAD, "3 mg");
    assertThat(gold().isAtLeast()).isTrue();
    says(1, new MeltFact.Shot(4, false));
    assertThat(Smelts.of(bench.lot(3)).getFirst().beadMg())
        .as("shot kept out of the cupel held its part")
        .isCloseTo(3.0 * 39 / 35, within(1e-9));
  }

  @Test
  void theBlankIsTakenOffABeadThatWasNotParted() {
    takes(150, NONE);
    says(0, new MeltFact.Blank(0.11));
    makesReady();
    charges("150", "40");
    answers(Kind.MELT_BUTTON, "40");
    answers(Kind.MELT_CUPEL);
    answers(Kind.MELT_BEAD, "3.42 mg");
    assertThat(Smelts.of(bench.lot(3)).getFirst().beadMg()).isCloseTo(3.31, within(1e-9));
    says(1, new MeltFact.Parted(2.9));
    assertThat(Smelts.of(bench.lot(3)).getFirst().fineMg()).isCloseTo(2.9, within(1e-9));
  }

  /** Parted 126 mg of 320 g, visible gold judged 40 to 65 mg, 900 fine. */
  @Test
  void judgedGoldLeavesARangeOfHiddenGold() {
    takes(320, VisibleGold.judged(40, 65));
    makesReady();
    charges("320", "40");
    answers(Kind.MELT_BUTTON, "40");
    answers(Kind.MELT_CUPEL);
    answers(Kind.MELT_BEAD, "140 mg");
    answers(Kind.MELT_PARTED, "126 mg");
    Smelt smelt = Smelts.of(bench.lot(3)).getFirst();
    double least = smelt.fineMg() - smelt.visible().upToMg().orElseThrow() * 0.9;
    double most = smelt.fineMg() - smelt.visible().milligrams() * 0.9;
    assertThat(least).isCloseTo(67.5, within(1e-9));
    assertThat(most).isCloseTo(90, within(1e-9));
    assertThat(1000 * least / smelt.sampleG()).isCloseTo(211, within(0.5));
    assertThat(1000 * most / smelt.sampleG()).isCloseTo(281, within(0.5));
  }

  @Test
  void goldTakenOutBeforeStaysInHandThoughACrucibleIsLost() {
    takes(300, new VisibleGold(VisibleGold.State.TAKEN_BEFORE, 12));
    makesReady();
    charges("150", "40");
    says(1, new MeltFact.Spoilt("spilt"));
    assertThat(worked().gold().place(Place.Kind.BEAD).orElseThrow().gold().milligrams())
        .isCloseTo(12, within(0.01));
  }

  @Test
  void whatCannotBeIsRefusedAndChangesNothing() {
    assertThat(refused(1, new MeltFact.Bead(1))).isEqualTo(Reason.NOTHING_TO_MELT);
    assertThat(refused(0, new MeltFact.Taken(9_900, NONE))).isEqualTo(Reason.HEAVIER_THAN_INPUT);
    takes(300, NONE);
    assertThat(refused(1, new MeltFact.Bead(1))).isEqualTo(Reason.CRUCIBLE_EMPTY);
    assertThat(refused(1, charge(400))).isEqualTo(Reason.CRUCIBLE_TOO_MUCH);
    says(1, charge(150));
    assertThat(refused(1, charge(100))).isEqualTo(Reason.CRUCIBLE_ALREADY_CHARGED);
    says(1, new MeltFact.Button(0.5));
    assertThat(refused(1, new MeltFact.Bead(600))).isEqualTo(Reason.BEAD_HEAVIER_THAN_BUTTON);
    assertThat(refused(1, new MeltFact.Parted(1))).isEqualTo(Reason.NO_BEAD_TO_PART);
    says(1, new MeltFact.Bead(4));
    assertThat(refused(1, new MeltFact.Parted(5))).isEqualTo(Reason.PARTED_HEAVIER_THAN_BEAD);
    assertThat(refused(1, new MeltFact.Spoilt(" "))).isEqualTo(Reason.REASON_MISSING);
    says(2, charge(150));
    says(2, new MeltFact.Spoilt("spilt"));
    assertThat(refused(2, new MeltFact.Button(30))).isEqualTo(Reason.CRUCIBLE_SPOILT);
  }

  private static MeltFact charge(double grams) {
    return new MeltFact.Charged(grams, Smelt.Collector.LEAD, OptionalDouble.of(40));
  }

  private Refusal.Reason refused(int crucible, MeltFact fact) {
    return bench.refused(new Edit.RecordOnLot(TAILINGS, new Measure.Melt(crucible, fact))).reason();
  }

  @Test
  void whatIsSmeltedWholeLeavesTheStock() {
    assertThat(StockLot.of(bench.batch())).extracting(StockLot::lot).contains(TAILINGS);
    takes(9_200, NONE);
    assertThat(StockLot.of(bench.batch())).extracting(StockLot::lot).contains(TAILINGS);
    makesReady();
    charges("9200", "40");
    answers(Kind.MELT_BUTTON, "40");
    answers(Kind.MELT_CUPEL);
    answers(Kind.MELT_BEAD, "2 mg");
    assertThat(StockLot.of(bench.batch())).extracting(StockLot::lot).doesNotContain(TAILINGS);
  }

  /** A shop where gold is dear and a smelt cheap; 40 g/t that nobody can see. */
  @Test
  void whatASmeltWinsMostOfIsBegunWithASample() {
    Fees charges = new Fees(2, 1, 200, 15, 38, 6, 0.5, Optional.empty());
    Shop shop =
        Shop.USUAL.with(
            new Terms(5_000, 0.95, 20, 6, "€", LocalDate.of(2026, 3, 1), Optional.of(charges)));
    bench.measures(3, new Measure.Assay(40, 0.05, 400, Optional.empty(), Optional.of(NONE)));
    List<Task> thought =
        Tasks.of(
            worked(),
            shop,
            Optional.empty(),
            bench.now(),
            Optional.of(new Belief(Experience.NONE, shop)));
    assertThat(thought.stream().filter(task -> task.isOf(TAILINGS)))
        .extracting(Task::kind)
        .as("46 smelts are more than eight hours")
        .doesNotContain(Kind.MELT_TAKE);
    // Weighed again: the mean of both, 5.1 kg, is 26 smelts.
    bench.measures(3, new Measure.SandWeight(1_000, 0, 0, 1));
    Task take =
        Tasks.of(
                worked(),
                shop,
                Optional.empty(),
                bench.now(),
                Optional.of(new Belief(Experience.NONE, shop)))
            .stream()
            .filter(task -> task.kind() == Kind.MELT_TAKE && task.isOf(TAILINGS))
            .findFirst()
            .orElseThrow();
    Answered answered = answer(take, "450", "taken_before", "12");
    assertThat(answered)
        .isEqualTo(
            new Answered.Edits(
                List.of(
                    new Edit.RecordOnLot(
                        TAILINGS,
                        new Measure.Melt(
                            0,
                            new MeltFact.Taken(
                                450, new VisibleGold(VisibleGold.State.TAKEN_BEFORE, 12)))))));
    ((Answered.Edits) answered).edits().forEach(bench::does);
    assertThat(next().kind()).isEqualTo(Kind.MELT_STOP);
  }

  /** Judged by eye it is from so much to so much; 126 of 320 g, judged 40 to 65 mg. */
  @Test
  void whatIsJudgedByEyeHasTwoEnds() {
    Task take = MeltTasks.begin(bench.lot(3), 5_000);
    assertThat(taken(answer(take, "320", "judged", "40", "65")))
        .isEqualTo(VisibleGold.judged(40, 65));
    assertThat(taken(answer(take, "320", "judged", "40"))).isEqualTo(VisibleGold.judged(40, 40));
    assertThat(taken(answer(take, "320", "left_in", "40")))
        .as("what was left in has no weight")
        .isEqualTo(VisibleGold.LEFT);
    assertThat(answer(take, "320", "judged", "65", "40"))
        .as("the most is no less than the least")
        .isNotInstanceOf(Answered.Edits.class);
  }

  private static VisibleGold taken(Answered answered) {
    Edit.RecordOnLot edit = (Edit.RecordOnLot) ((Answered.Edits) answered).edits().getFirst();
    return ((MeltFact.Taken) ((Measure.Melt) edit.measure()).fact()).visible();
  }

  @Test
  void aStruckFactDoesNotCount() {
    takes(300, NONE);
    says(1, charge(150));
    says(1, new MeltFact.Bead(4));
    Reading bead = bench.lot(3).readings().getLast();
    assertThat(Smelts.of(bench.lot(3))).hasSize(1);
    bench.does(new Edit.Strike(bead.id(), "read off the wrong tray"));
    assertThat(Smelts.of(bench.lot(3))).isEmpty();
    assertThat(Melting.open(bench.lot(3))).isPresent();
  }

  @Test
  void whatALaboratoryPartedIsTypedAfterTheBatchWasClosed() {
    takes(150, NONE);
    says(1, charge(150));
    says(1, new MeltFact.Bead(4));
    bench.does(new Edit.CloseBatch(true));
    says(1, new MeltFact.Parted(3.6));
    assertThat(Smelts.of(bench.lot(3)).getFirst().fineMg()).isEqualTo(3.6);
    assertThat(refused(1, new MeltFact.Bead(3))).isEqualTo(Reason.BATCH_CLOSED);
  }

  @Test
  void whatIsEndedGivesTheRestBack() {
    takes(450, NONE);
    says(1, charge(150));
    says(1, new MeltFact.Bead(4));
    says(0, new MeltFact.Ended());
    assertThat(melts()).isEmpty();
    assertThat(gold().hidden().orElseThrow().milligrams())
        .as("what was not melted is still there; not parted: native metal")
        .isCloseTo(4 / 0.15 * 9.05, within(6.0));
  }

  /** A file from elsewhere is no bench: what it tells is read as far as it can be. */
  @Test
  void whatOnlyAFileCanTellBreaksNothing() {
    MeltFact.Charged charged =
        new MeltFact.Charged(0.1, Smelt.Collector.LEAD, OptionalDouble.of(9e6));
    List<MeltFact> facts =
        List.of(
            new MeltFact.Roasted(0.1, 0.14),
            charged,
            new MeltFact.Button(9e6),
            new MeltFact.Shot(9e6, false),
            new MeltFact.Bead(1e-300),
            new MeltFact.Parted(3));
    takes(9_000, NONE);
    Measure.Melt last = new Measure.Melt(1000, charged);
    Lot lot = new Lot(TAILINGS, Material.TAILINGS, bench.lot(3).cut(), "", readings(facts));
    assertThat(Smelts.of(lot)).as("a tenth of a gram that was less").isEmpty();
    assertThat(Smelts.button(Melting.of(lot).getFirst().crucibles().getFirst())).isEmpty();
    bench.measures(3, last);
    assertThat(Melting.next(bench.lot(3))).isEqualTo(1000);
  }

  private List<Reading> readings(List<MeltFact> facts) {
    List<Reading> readings = new ArrayList<>();
    readings.add(reading(1, 0, new MeltFact.Taken(9_000, NONE)));
    for (MeltFact fact : facts) {
      readings.add(reading(readings.size() + 1, fact.isOfOneCrucible() ? 1 : 0, fact));
    }
    return readings;
  }

  private Reading reading(int number, int crucible, MeltFact fact) {
    return new Reading(
        new ReadingId(number),
        bench.now(),
        new Measure.Melt(crucible, fact),
        Optional.empty(),
        Optional.empty());
  }
}
