package jugulum.core.task;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import jugulum.core.account.Worked;
import jugulum.core.belief.Belief;
import jugulum.core.belief.Experience;
import jugulum.core.ledger.Bench;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Process.MagnetRun;
import jugulum.core.ledger.Route;
import jugulum.core.machine.Gear;
import jugulum.core.machine.RunLog;
import jugulum.core.shop.Shop;
import jugulum.core.task.Task.Kind;
import jugulum.core.units.MassUnit;
import org.junit.jupiter.api.Test;

/** A separator is led as every machine: checked, set, started, stopped, its products weighed. */
class SeparatorTasksTest {
  private static final Gear DRUM = gear(Machine.Kind.DRUM_SEPARATOR, "long drum");
  private static final Gear COVERED = gear(Machine.Kind.COVERED_MAGNET, "block in a bag");
  private static final LotId FEED = new LotId(1);

  private final Bench bench = Bench.started().weighs(1, 4_000);
  private Shop shop = Shop.USUAL;

  private static Gear gear(Machine.Kind kind, String name) {
    return Gear.any(new Machine(kind, name));
  }

  private List<Task> tasks() {
    Route route =
        new Route(
            "magnet all of it",
            List.of(Route.Leg.of(new Route.Does.Magnet(MagnetRun.Medium.BONE_DRY), Material.FEED)));
    return Tasks.of(
        Worked.of(bench.batch()),
        shop,
        Optional.of(route),
        bench.now(),
        Optional.of(new Belief(Experience.NONE, shop)));
  }

  private void answers(Task task, String... typed) {
    Answered answered =
        new Answers(Worked.of(bench.batch()), shop, MassUnit.GRAM, MassUnit.GRAM)
            .to(task, List.of(typed));
    assertThat(answered).as(task.toString()).isInstanceOf(Answered.Edits.class);
    ((Answered.Edits) answered).edits().forEach(bench::does);
  }

  private Task next(Kind kind) {
    return tasks().stream().filter(task -> task.kind() == kind).findFirst().orElseThrow();
  }

  private void begins() {
    Task begin = next(Kind.BEGIN);
    assertThat(begin.isOf(FEED)).isTrue();
    answers(begin);
  }

  private MagnetRun run() {
    return (MagnetRun) bench.step(2).orElseThrow().process();
  }

  @Test
  void aDrumIsCheckedStartedStoppedAndItsProductsWeighed() {
    shop = shop.with(DRUM);
    begins();
    assertThat(run().by()).isEqualTo(MagnetRun.Way.DRUM);
    assertThat(run().with()).contains(DRUM.machine());
    assertThat(tasks()).extracting(Task::kind).contains(Kind.CHECK, Kind.SET, Kind.START);
    assertThat(tasks()).extracting(Task::kind).doesNotContain(Kind.PASS);
    for (Task check : tasks().stream().filter(one -> one.kind() == Kind.CHECK).toList()) {
      answers(check);
    }
    answers(next(Kind.START));
    assertThat(tasks()).extracting(Task::kind).containsExactly(Kind.STOP);
    answers(next(Kind.STOP));
    assertThat(RunLog.of(bench.step(2).orElseThrow()).minutes()).isPresent();
    for (Task weigh : tasks().stream().filter(one -> one.kind() == Kind.WEIGH).toList()) {
      answers(weigh, "1900");
    }
    answers(next(Kind.FINISH_STEP));
    assertThat(bench.step(2).orElseThrow().finishedAt()).isPresent();
  }

  @Test
  void aMagnetInTheHandIsCheckedBeforeItsFirstPass() {
    shop = shop.with(COVERED);
    begins();
    assertThat(run().by()).isEqualTo(MagnetRun.Way.HAND);
    assertThat(run().with()).contains(COVERED.machine());
    assertThat(tasks()).extracting(Task::kind).contains(Kind.CHECK, Kind.PASS);
    assertThat(tasks()).extracting(Task::kind).doesNotContain(Kind.START);
    answers(next(Kind.PASS), "1200");
    assertThat(tasks()).extracting(Task::kind).doesNotContain(Kind.CHECK, Kind.SET);
  }

  @Test
  void withoutAMagnetOfItsOwnAShopGoesOnByHandAsBefore() {
    begins();
    assertThat(run().with()).isEmpty();
    assertThat(tasks()).extracting(Task::kind).contains(Kind.PASS).doesNotContain(Kind.CHECK);
    assertThat(bench.step(2).orElseThrow().live(Measure.Checked.class)).isEmpty();
  }
}
