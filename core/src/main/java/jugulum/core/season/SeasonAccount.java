package jugulum.core.season;

import java.time.ZoneId;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import jugulum.core.check.Check;
import jugulum.core.ledger.BatchId;
import jugulum.core.pool.Pools;
import jugulum.core.season.Season.Alike;
import jugulum.core.shop.Shop;

/**
 * Everything a year, or all years together, come to: what the window shows, the page prints and the
 * tables hold.
 *
 * @param years those there are batches of, the last first
 * @param year the year told of; empty for all of them
 * @param season what was told beside the batches
 * @param batches those of the year, by the day they were received
 * @param sum what they come to
 * @param rates what each source gives, by what was spent on it, the best first
 * @param habits what each habit cost, what cost most first
 * @param changes what each change of the year did, before and after in all years
 * @param slips those of the year beside one's own figures
 * @param tracks what was won of each cut by each means over time
 * @param trips what the trips of the year came to, by their day
 * @param pools what was put together of several batches, and what it gave back to them
 * @param alike names of sources that are likely meant to be one
 */
public record SeasonAccount(
    List<Integer> years,
    OptionalInt year,
    Season season,
    List<BatchResult> batches,
    YearSum sum,
    Map<SourceRate.Of, List<SourceRate>> rates,
    List<HabitCost> habits,
    List<ChangeEffect> changes,
    List<SlipCheck> slips,
    List<Track> tracks,
    List<TripResult> trips,
    List<PoolAccount> pools,
    List<Alike> alike) {
  /**
   * Works out the account. Takes a while in a large book: not for the interface thread.
   *
   * @param all the results of every batch
   * @param shop with where the dials of its machines usually stand
   * @param year of which year; empty for all of them
   * @param zone where days are counted
   */
  public static SeasonAccount of(
      List<BatchResult> all, Season season, Shop shop, OptionalInt year, ZoneId zone) {
    List<BatchResult> batches =
        all.stream()
            .filter(batch -> year.isEmpty() || batch.received().getYear() == year.getAsInt())
            .sorted(Comparator.comparing(BatchResult::received).thenComparing(BatchResult::name))
            .toList();
    Pools pools = PoolAccount.pools(all);
    // What a pool gave is its sources' gold, so it is told with their batches and not beside them;
    // its sand was run before, so its runs are not compared with those of others.
    List<BatchResult> washed = batches.stream().filter(batch -> !pools.isPool(batch.id())).toList();
    List<BatchResult> washedAll = all.stream().filter(batch -> !pools.isPool(batch.id())).toList();
    Map<BatchId, BatchResult> withLater =
        all.stream()
            .collect(
                Collectors.toMap(
                    BatchResult::id,
                    batch -> batch.with(pools.later(batch.id())),
                    (one, _) -> one));
    List<BatchResult> ofSources =
        washed.stream().map(batch -> Check.known(withLater, batch.id())).toList();
    Map<SourceRate.Of, List<SourceRate>> rates = new EnumMap<>(SourceRate.Of.class);
    for (SourceRate.Of of : SourceRate.Of.values()) {
      rates.put(of, SourceRate.ranked(ofSources, season, of));
    }
    return new SeasonAccount(
        all.stream()
            .map(batch -> batch.received().getYear())
            .distinct()
            .sorted(Comparator.reverseOrder())
            .toList(),
        year,
        season,
        batches,
        YearSum.of(batches, season),
        rates,
        HabitCost.of(washed, shop),
        season.changes().stream()
            .filter(one -> year.isEmpty() || one.date().getYear() == year.getAsInt())
            .map(one -> ChangeEffect.of(one, washedAll, zone))
            .toList(),
        SlipCheck.of(season, all).stream()
            .filter(one -> year.isEmpty() || one.slip().date().getYear() == year.getAsInt())
            .toList(),
        Track.of(washed, zone),
        TripResult.of(season.trips(), withLater).stream()
            .filter(one -> year.isEmpty() || one.trip().date().getYear() == year.getAsInt())
            .toList(),
        PoolAccount.of(pools, all, season).stream()
            .filter(pool -> batches.stream().anyMatch(batch -> batch.id().equals(pool.pool().id())))
            .toList(),
        season.alike(all.stream().map(BatchResult::source).toList()));
  }

  /** What the sources give of something spent, the best first. */
  public List<SourceRate> rates(SourceRate.Of of) {
    return rates.getOrDefault(of, List.of());
  }

  /** The habit that is seen to have cost most; empty where none is. */
  public Optional<HabitCost> worstHabit() {
    return habits.stream()
        .filter(one -> one.isSeen() && one.costMg().filter(band -> band.low() > 0).isPresent())
        .findFirst();
  }

  /** What was paid for gold, in the shop's currency. */
  public double paid() {
    return slips.stream().mapToDouble(one -> one.slip().paid()).sum();
  }

  /** The gold in hand of batches no slip of any year tells of, native, in mg. */
  public double unsoldMg() {
    Set<BatchId> sent =
        season.slips().stream().flatMap(one -> one.batches().stream()).collect(Collectors.toSet());
    return batches.stream()
        .filter(one -> !sent.contains(one.id()))
        .mapToDouble(BatchResult::wonMg)
        .sum();
  }
}
