package jugulum.core.season;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import jugulum.core.shop.Shop;
import org.junit.jupiter.api.Test;

/** A year is told apart from the others, and what belongs to all of them is not. */
class SeasonAccountTest {
  private static final LocalDate LAST_YEAR = LocalDate.parse("2025-06-01");
  private static final LocalDate THIS_YEAR = LocalDate.parse("2026-06-01");
  private static final Habit HABIT = new Habit(Habit.Kind.DIAL_HIGH, "charge");

  private static BatchResult batch(LocalDate date, double mg, PartingStep... parts) {
    return MadeUp.batch("Larkbeck bar", date, mg, 5, List.of(parts));
  }

  private static SeasonAccount of(List<BatchResult> all, Season season, OptionalInt year) {
    return SeasonAccount.of(all, season, Shop.USUAL, year, ZoneOffset.UTC);
  }

  @Test
  void aYearHasItsOwnBatchesSlipsAndChanges() {
    BatchResult before = batch(LAST_YEAR, 1000);
    BatchResult now = batch(THIS_YEAR, 3000);
    Season season =
        Season.NOTHING
            .withSlips(
                List.of(
                    new Slip("a", LAST_YEAR, 1, 0.99, 0.9, 80, List.of(before.id()), ""),
                    new Slip("b", THIS_YEAR, 1, 0.99, 0.9, 90, List.of(), "")))
            .withChanges(
                List.of(
                    new Change("c", THIS_YEAR, "three drops", Optional.empty(), Optional.empty())));
    SeasonAccount account = of(List.of(now, before), season, OptionalInt.of(2026));
    assertThat(account.years()).containsExactly(2026, 2025);
    assertThat(account.batches()).containsExactly(now);
    assertThat(account.paid()).isEqualTo(90);
    assertThat(account.changes()).hasSize(1);
    assertThat(account.unsoldMg()).isEqualTo(3000);
    SeasonAccount all = of(List.of(now, before), season, OptionalInt.empty());
    assertThat(all.batches()).containsExactly(before, now);
    assertThat(all.paid()).isEqualTo(170);
    assertThat(all.unsoldMg()).isEqualTo(3000);
    assertThat(all.rates(SourceRate.Of.HOUR).getFirst().wonMg()).isEqualTo(4000);
    assertThat(of(List.of(now, before), season, OptionalInt.of(2025)).changes()).isEmpty();
    assertThat(of(List.of(), Season.NOTHING, OptionalInt.empty()).years()).isEmpty();
  }

  @Test
  void gravelMakesGoldPerBucketAndPerCubicMetre() {
    BatchResult one = batch(THIS_YEAR, 900);
    BatchResult other = batch(THIS_YEAR.plusDays(9), 1500);
    Season season =
        Season.NOTHING.with(new Gravel(one.id(), 50, 20)).with(new Gravel(other.id(), 50, 20));
    SeasonAccount account = of(List.of(one, other), season, OptionalInt.of(2026));
    SourceRate bucket = account.rates(SourceRate.Of.BUCKET).getFirst();
    assertThat(bucket.rate().usual()).isCloseTo(24, within(1e-9));
    assertThat(account.rates(SourceRate.Of.CUBIC_METRE).getFirst().rate().usual())
        .isCloseTo(1200, within(1e-9));
    assertThat(bucket.rate().low()).isLessThan(24);
    assertThat(account.rates(SourceRate.Of.KILOGRAM).getFirst().spent()).isEqualTo(40);
  }

  @Test
  void joinedNamesAreOneSource() {
    Season season = Season.NOTHING.joining("larkbeck bar", "Larkbeck bar");
    List<BatchResult> all =
        List.of(batch(THIS_YEAR, 900), MadeUp.batch("larkbeck bar", THIS_YEAR, 1100, 5, List.of()));
    SeasonAccount apart = of(all, Season.NOTHING, OptionalInt.of(2026));
    assertThat(apart.rates(SourceRate.Of.HOUR)).hasSize(2);
    assertThat(apart.alike()).hasSize(1);
    SeasonAccount joined = of(all, season, OptionalInt.of(2026));
    assertThat(joined.rates(SourceRate.Of.HOUR)).hasSize(1);
    assertThat(joined.rates(SourceRate.Of.HOUR).getFirst().batches()).isEqualTo(2);
    assertThat(joined.alike()).isEmpty();
    assertThat(joined.sum().sources()).isEqualTo(1);
  }

  @Test
  void theWorstHabitIsOneThatIsSeenToHaveCostSomething() {
    List<PartingStep> parts = new ArrayList<>();
    for (int i = 0; i < 12; i++) {
      double wobble = 0.05 * (i % 3);
      parts.add(MadeUp.part(THIS_YEAR, 2 + wobble, 1000));
      parts.add(MadeUp.part(THIS_YEAR, 0.5 + wobble, 1000, HABIT));
    }
    SeasonAccount account =
        of(
            List.of(batch(THIS_YEAR, 20_000, parts.toArray(PartingStep[]::new))),
            Season.NOTHING,
            OptionalInt.of(2026));
    HabitCost worst = account.worstHabit().orElseThrow();
    assertThat(worst.habit()).isEqualTo(HABIT);
    assertThat(worst.with()).isEqualTo(12);
    assertThat(worst.without()).isEqualTo(12);
    // By hand: 1 g a step, 0.635 won instead of 0.886 at a wobble of 0.05.
    assertThat(worst.costMg().orElseThrow().usual()).isCloseTo(12 * 251, within(90.0));
    assertThat(account.tracks()).hasSize(1);
    assertThat(account.tracks().getFirst().seen()).hasSize(24);
    List<PartingStep> few = parts.subList(0, 2);
    assertThat(
            of(
                    List.of(batch(THIS_YEAR, 2000, few.toArray(PartingStep[]::new))),
                    Season.NOTHING,
                    OptionalInt.of(2026))
                .worstHabit())
        .isEmpty();
  }

  @Test
  void aHabitThatIsAlwaysThereCannotBeTold() {
    List<PartingStep> parts = new ArrayList<>();
    for (int i = 0; i < 6; i++) {
      parts.add(MadeUp.part(THIS_YEAR, 1 + 0.1 * i, 1000, HABIT));
    }
    HabitCost cost =
        HabitCost.of(List.of(batch(THIS_YEAR, 5000, parts.toArray(PartingStep[]::new))), Shop.USUAL)
            .getFirst();
    assertThat(cost.costMg()).isEmpty();
    assertThat(cost.isSeen()).isFalse();
  }
}
