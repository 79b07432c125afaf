package jugulum.core.gold;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import jugulum.core.check.OutOfRange;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.BatchFold;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Label;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Network;
import jugulum.core.mass.SandAccount;
import org.junit.jupiter.api.Test;

/** The share of specks that proved gold scales what was counted, and widens its range. */
class SpeckTestTest {
  private static final LotId FEED = new LotId(1);

  private static GoldRange gold(Measure... measures) {
    BatchFold fold = new BatchFold();
    Optional<Batch> batch = Optional.empty();
    BatchId id = new BatchId(new UUID(1, 1));
    batch =
        Optional.of(
            fold.replay(
                batch,
                new Edit.StartBatch(
                    id, new Label("made up", "", LocalDate.parse("2026-10-19")), Assumptions.USUAL),
                Instant.EPOCH));
    for (Measure measure : measures) {
      batch = Optional.of(fold.replay(batch, new Edit.RecordOnLot(FEED, measure), Instant.EPOCH));
    }
    Network network = Network.of(batch.orElseThrow());
    return GoldAccount.of(network, SandAccount.of(network)).known(FEED).orElseThrow();
  }

  private static final Measure WEIGHT = new Measure.SandWeight(1000, 0, 0, 1);
  private static final Measure COUNT = new Measure.SpeckCount(400, 0.5);

  private static Measure test(int tested, int gold) {
    return new Measure.SpeckTest(tested, gold, Map.of());
  }

  /** Beta(k + ½, n − k + ½) has the mean (k + ½)/(n + 1). */
  @Test
  void theMeanIsScaledByTheMeanOfTheShare() {
    GoldRange all = gold(WEIGHT, COUNT);
    GoldRange half = gold(WEIGHT, COUNT, test(40, 20));
    assertThat(half.milligrams() / all.milligrams()).isCloseTo(20.5 / 41, within(0.01));
    double wide = (half.highMg() - half.lowMg()) / half.milligrams();
    assertThat(wide).isGreaterThan((all.highMg() - all.lowMg()) / all.milligrams());
  }

  @Test
  void testsCountTogetherAndMoreOfThemNarrowTheRange() {
    GoldRange few = gold(WEIGHT, COUNT, test(10, 8));
    GoldRange many = gold(WEIGHT, COUNT, test(100, 80), test(100, 80));
    assertThat(many.milligrams()).isCloseTo(few.milligrams(), within(0.1 * few.milligrams()));
    assertThat((many.highMg() - many.lowMg()) / many.milligrams())
        .isLessThan((few.highMg() - few.lowMg()) / few.milligrams());
  }

  @Test
  void weighedGoldIsNotScaled() {
    Measure known = new Measure.KnownGold(50, 1);
    assertThat(gold(WEIGHT, known, COUNT, test(10, 1))).isEqualTo(gold(WEIGHT, known, COUNT));
  }

  @Test
  void moreGoldThanTestedIsRefused() {
    assertThatThrownBy(() -> test(5, 6))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("gold");
    assertThatThrownBy(() -> test(0, 0))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("tested");
    assertThat(List.of(test(1, 0), test(1, 1))).doesNotContainNull();
  }
}
