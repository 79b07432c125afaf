package jugulum.core.finish;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import jugulum.core.account.Worked;
import jugulum.core.gold.GoldMemory;
import jugulum.core.ledger.Bench;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.FinishFact;
import jugulum.core.ledger.FinishFact.Lift;
import jugulum.core.ledger.FinishFact.Lifted;
import jugulum.core.ledger.FinishFact.Tool;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Reason;
import jugulum.core.ledger.StepId;
import jugulum.core.passes.NextPass;
import jugulum.core.passes.Removal;
import jugulum.core.screens.Cut;
import jugulum.core.screens.StandardScreens;
import jugulum.core.shop.Shop;
import jugulum.core.shop.Terms;
import jugulum.core.specks.Speck;
import jugulum.core.task.Answered;
import jugulum.core.task.Answers;
import jugulum.core.task.Task;
import jugulum.core.task.Task.Kind;
import jugulum.core.task.Tasks;
import jugulum.core.units.MassUnit;
import org.junit.jupiter.api.Test;

class FinishingTest {
  private static final StepId FINISH = new StepId(3);

  /** Lots 2 concentrate of 60 g, finished into 4 gold and 5 residue. */
  private final Bench bench =
      Bench.started()
          .weighs(1, 9_400)
          .table(1, Material.CONCENTRATE, Material.TAILINGS)
          .weighs(2, 60)
          .finishes(2);

  private Worked worked() {
    return Worked.of(bench.batch(), new GoldMemory(1_000));
  }

  private Task next() {
    return Tasks.of(worked(), Shop.USUAL, Optional.empty(), bench.now()).stream()
        .filter(task -> task.isOf(FINISH))
        .findFirst()
        .orElseThrow();
  }

  private void answers(Kind kind, String... typed) {
    Task task = next();
    assertThat(task.kind()).isEqualTo(kind);
    Answered answered =
        new Answers(worked(), Shop.USUAL, MassUnit.GRAM, MassUnit.GRAM).to(task, List.of(typed));
    assertThat(answered).as(task.toString()).isInstanceOf(Answered.Edits.class);
    ((Answered.Edits) answered).edits().forEach(bench::does);
  }

  private void says(FinishFact fact) {
    bench.does(new Edit.RecordOnStep(FINISH, new Measure.Finish(fact)));
  }

  private Finishing now() {
    return Finishing.of(bench.step(FINISH.number()).orElseThrow());
  }

  @Test
  void aTurnOnTheBowlIsFiveThingsALiftAndItsGold() {
    answers(Kind.FINISH_TOOL, "bowl");
    for (int act = 0; act < 5; act++) {
      answers(Kind.FINISH_ACT);
    }
    assertThat(next().parts().getFirst().usual()).as("where one begins").hasValue(3);
    answers(Kind.FINISH_LIFT, "", "2");
    answers(Kind.FINISH_TURN, "620", "");
    assertThat(now().turns()).singleElement().returns(620.0, FinishFact.Turn::goldMg);
    answers(Kind.FINISH_AGAIN, "1");
    for (int act = 0; act < 5; act++) {
      answers(Kind.FINISH_ACT);
    }
    assertThat(next().parts().getFirst().usual()).as("sand stayed: one more").hasValue(4);
    answers(Kind.FINISH_LIFT, "", "1");
    answers(Kind.FINISH_TURN, "240", "1");
    answers(Kind.FINISH_AGAIN, "2");
    assertThat(now().isLed()).isFalse();
    assertThat(Tasks.of(worked(), Shop.USUAL, Optional.empty(), bench.now()))
        .as("then all of the gold goes on the scale")
        .extracting(Task::kind)
        .startsWith(Kind.WEIGH_GOLD);
  }

  @Test
  void onTheTableNothingIsLifted() {
    answers(Kind.FINISH_TOOL, "2");
    for (int act = 0; act < 4; act++) {
      answers(Kind.FINISH_ACT);
    }
    answers(Kind.FINISH_TURN, "85", "");
    assertThat(now().lifts()).isEmpty();
  }

  @Test
  void whoeverWantsNotToBeLedIsAskedForTheWeight() {
    answers(Kind.FINISH_TOOL, "");
    assertThat(now().tool()).contains(Tool.BY_HAND);
    assertThat(Tasks.of(worked(), Shop.USUAL, Optional.empty(), bench.now()))
        .extracting(Task::kind)
        .startsWith(Kind.WEIGH_GOLD);
  }

  @Test
  void aSpeckAtFiveSecondsAdvisesFour() {
    assertThat(LiftTime.after(List.of())).isEqualTo(3);
    assertThat(LiftTime.after(List.of(new Lift(5, Lifted.SPECK)))).isEqualTo(4);
    assertThat(LiftTime.after(List.of(new Lift(5, Lifted.SPECK), new Lift(4, Lifted.SAND_LEFT))))
        .as("never again as long as a speck took")
        .isEqualTo(4);
    assertThat(LiftTime.after(List.of(new Lift(1, Lifted.SPECK)))).isEqualTo(1);
    assertThat(LiftTime.after(List.of(new Lift(3, Lifted.SAND_LEFT)))).isEqualTo(4);
  }

  /** A second concentrate of the same cut begins where the first one ended; another cut anew. */
  @Test
  void theSecondsOfACutAreLearntFromItsOtherConcentrates() {
    says(new FinishFact.On(Tool.BOWL));
    says(new Lift(5, Lifted.SPECK));
    says(new FinishFact.Over());
    Cut fine = new Cut(StandardScreens.numbered("80"), StandardScreens.numbered("100"));
    bench.does(
        new Edit.AddOutput(
            new StepId(2), new Edit.NewLot(Material.SECOND_CONCENTRATE, Cut.ALL, "")));
    bench.does(new Edit.AddOutput(new StepId(2), new Edit.NewLot(Material.MIDDLINGS, fine, "")));
    bench.finishes(6).finishes(7);
    Network network = Network.of(bench.batch());
    assertThat(Finishing.liftSeconds(network, bench.step(4).orElseThrow())).isEqualTo(4);
    assertThat(Finishing.liftSeconds(network, bench.step(5).orElseThrow()))
        .as("another cut")
        .isEqualTo(LiftTime.FIRST);
    assertThat(Finishing.liftSeconds(network, bench.step(3).orElseThrow())).isEqualTo(4);
  }

  /** 620, 240 and 85 mg: a turn wins 0.624, 53 mg are left, the next one brings 33. */
  @Test
  void whatTheTurnsTellAndWhetherAnotherPays() {
    says(new FinishFact.On(Tool.BOWL));
    for (double mg : new double[] {620, 240, 85}) {
      bench.waits(Duration.ofMinutes(9));
      says(new FinishFact.Turn(mg, OptionalDouble.empty(), 0));
    }
    NextTurn next =
        NextTurn.of(
            bench.step(3).orElseThrow(),
            new Speck(0.243, 0, 0, false),
            0.9,
            Optional.of(new Terms(80, 1, 22, 6, "€", LocalDate.of(2026, 11, 1))),
            Shop.USUAL.stopRule());
    assertThat(next.share().orElseThrow()).isCloseTo(0.624, within(0.01));
    assertThat(next.leftMg().orElseThrow()).isCloseTo(53, within(2.0));
    assertThat(next.nextMg().orElseThrow()).isCloseTo(33, within(1.5));
    assertThat(next.leftLowMg()).isBetween(1.0, 45.0);
    assertThat(next.leftHighMg().orElseThrow()).isBetween(80.0, 300.0);
    assertThat(next.pass().minutes().orElseThrow())
        .as("nine, and one to record")
        .isCloseTo(10, within(0.8));
    NextPass.Money money = next.pass().money().orElseThrow();
    assertThat(money.brings()).as("33 mg, 900 fine, at 80").isCloseTo(2.4, within(0.15));
    assertThat(money.costs()).as("ten minutes at 22 an hour").isCloseTo(3.7, within(0.3));
    assertThat(money.pays()).isFalse();
  }

  @Test
  void moreGoldThanThereWasSandIsRefused() {
    assertThat(
            bench
                .refused(
                    new Edit.RecordOnStep(
                        FINISH,
                        new Measure.Finish(new FinishFact.Turn(61_000, OptionalDouble.empty(), 0))))
                .reason())
        .isEqualTo(Reason.GOLD_HEAVIER_THAN_LOT);
    assertThat(
            bench
                .refused(
                    new Edit.RecordOnStep(
                        new StepId(2), new Measure.Finish(new FinishFact.On(Tool.BOWL))))
                .reason())
        .isEqualTo(Reason.MEASURE_NOT_FOR_THIS);
  }

  /**
   * Turns that win six in ten of the gold, with a standard deviation of 0.05 from turn to turn:
   * what is left lies in its range about as often as promised.
   */
  @Test
  void whatIsLeftLiesInItsRangeAlsoWhereTurnsDiffer() {
    Random random = new Random(7);
    int held = 0;
    int told = 0;
    for (int run = 0; run < 400; run++) {
      double left = 1_000;
      List<Double> won = new ArrayList<>();
      for (int turn = 0; turn < 4; turn++) {
        double share = Math.clamp(0.6 + 0.05 * random.nextGaussian(), 0.05, 0.95);
        won.add(share * left);
        left -= share * left;
      }
      double grainMg = NextTurn.grain(new Speck(0.05, 0, 0, false), won).meanMg();
      Removal removal = Removal.of(won.stream().map(mg -> mg / grainMg).toList());
      if (removal.leftHigh().isPresent()) {
        told++;
        held +=
            removal.leftLow() * grainMg <= left
                    && left <= removal.leftHigh().getAsDouble() * grainMg
                ? 1
                : 0;
      }
    }
    assertThat(told).isGreaterThan(360);
    assertThat(held / (double) told).isGreaterThan(0.92);
  }
}
