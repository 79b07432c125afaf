package jugulum.book.table;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import jugulum.core.check.Band;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.PoolPart;
import jugulum.core.pool.PoolShare;
import jugulum.core.season.BatchResult;
import jugulum.core.season.Gravel;
import jugulum.core.season.KindOfWork;
import jugulum.core.season.PoolAccount;
import jugulum.core.season.PoolAccount.Group;
import jugulum.core.season.PoolAccount.Method;
import jugulum.core.season.SeasonAccount;
import jugulum.core.season.Source;
import jugulum.core.season.SourceRate;
import jugulum.core.season.TripResult;
import jugulum.core.trip.Dug;
import jugulum.core.trip.Trip;
import org.jspecify.annotations.Nullable;

/** A season as tables: batches, sources, steps, habits, changes, slips. */
public final class SeasonTables {
  private SeasonTables() {}

  /** All of them, with what is in a column told by its head. */
  public static List<Table> all(SeasonAccount account) {
    return List.of(
        batches(account),
        sources(account),
        steps(account),
        habits(account),
        changes(account),
        slips(account),
        trips(account),
        poolParts(account),
        poolShares(account));
  }

  /** One row a trip; time in minutes, home its share of the bench time of its batch. */
  private static Table trips(SeasonAccount account) {
    List<List<Object>> rows = new ArrayList<>();
    for (TripResult one : account.trips()) {
      Trip trip = one.trip();
      List<Object> row =
          cells(
              trip.date().toString(),
              account.season().meant(trip.source()),
              trip.travelMinutes(),
              trip.workMinutes(),
              trip.restMinutes(),
              one.homeMinutes(),
              trip.pans().isPresent() ? trip.pans().getAsInt() : null);
      row.addAll(band(trip.dug().map(Dug::inLitres)));
      row.addAll(
          cells(
              Table.cell(trip.carriedDryG()),
              Table.cell(one.milligrams()),
              Table.cell(one.mgPerHour()),
              trip.note()));
      rows.add(row);
    }
    return new Table(
        "trips",
        List.of(
            "date",
            "source",
            "travel_minutes",
            "work_minutes",
            "rest_minutes",
            "home_minutes",
            "pans",
            "gravel_l",
            "gravel_low_l",
            "gravel_high_l",
            "carried_dry_g",
            "mg",
            "mg_per_hour",
            "note"),
        rows);
  }

  /** One row a lot that went into a pool: what came of it by its grade and by its mass alone. */
  private static Table poolParts(SeasonAccount account) {
    List<List<Object>> rows = new ArrayList<>();
    for (PoolAccount pool : account.pools()) {
      for (PoolShare share : pool.shares()) {
        PoolPart part = share.part();
        rows.add(
            cells(
                pool.pool().name(),
                part.name(),
                part.lot().number(),
                part.source(),
                part.material().name(),
                part.machine().map(SeasonTables::machine).orElse(null),
                part.grams(),
                share.mgPerKg(),
                share.isJudged(),
                share.milligrams(),
                share.byMassMg(),
                share.minutes()));
      }
    }
    return new Table(
        "pool_parts",
        List.of(
            "pool",
            "batch",
            "lot",
            "source",
            "material",
            "machine",
            "grams",
            "mg_per_kg",
            "judged",
            "mg",
            "by_mass_mg",
            "minutes"),
        rows);
  }

  /** One row a batch, a source and a method of a pool. */
  private static Table poolShares(SeasonAccount account) {
    List<List<Object>> rows = new ArrayList<>();
    for (PoolAccount pool : account.pools()) {
      pool.byBatch().forEach(group -> rows.add(group(pool, "BATCH", group.name(), group)));
      pool.bySource().forEach(group -> rows.add(group(pool, "SOURCE", group.name(), group)));
      for (Group group : pool.byMethod()) {
        Method method = group.method().orElseThrow();
        String name =
            method.material().name() + method.machine().map(one -> " " + machine(one)).orElse("");
        rows.add(group(pool, "METHOD", name, group));
      }
    }
    return new Table(
        "pool_shares",
        List.of(
            "pool",
            "of",
            "name",
            "grams",
            "mg",
            "low",
            "high",
            "minutes",
            "won_before_mg",
            "passed_over",
            "passed_over_low",
            "passed_over_high"),
        rows);
  }

  private static String machine(Machine machine) {
    return (machine.kind().name() + " " + machine.name()).strip();
  }

  private static List<Object> group(PoolAccount pool, String of, String name, Group group) {
    List<Object> row = cells(pool.pool().name(), of, name, group.grams());
    row.addAll(band(Optional.of(group.milligrams())));
    row.add(group.minutes());
    row.add(group.wonMg());
    row.addAll(band(group.passedOver()));
    return row;
  }

  private static List<@Nullable Object> band(Optional<Band> band) {
    return band.map(one -> cells(one.usual(), one.low(), one.high()))
        .orElseGet(() -> cells(null, null, null));
  }

  private static List<@Nullable Object> cells(@Nullable Object... cells) {
    return new ArrayList<>(Arrays.asList(cells));
  }

  /** One row a batch; masses in grams and milligrams, shares 0 to 1, time in minutes. */
  public static Table batches(SeasonAccount account) {
    List<String> heads =
        new ArrayList<>(
            List.of(
                "batch",
                "source",
                "received",
                "closed",
                "feed_g",
                "won_mg",
                "share",
                "share_low",
                "share_high",
                "at_most",
                "away_mg",
                "away_low_mg",
                "away_high_mg",
                "gravel_m3"));
    for (KindOfWork work : KindOfWork.values()) {
      heads.add(work.name().toLowerCase(Locale.ROOT) + "_minutes");
    }
    List<List<Object>> rows = new ArrayList<>();
    for (BatchResult one : account.batches()) {
      List<Object> row =
          cells(
              one.name(),
              account.season().meant(one.source()),
              one.received().toString(),
              one.closed(),
              Table.cell(one.feedG()),
              one.wonMg());
      row.addAll(band(one.share()));
      row.add(one.isAtMost());
      row.addAll(band(one.awayMg()));
      row.add(account.season().gravel(one.id()).map(Gravel::cubicMetres).orElse(null));
      for (KindOfWork work : KindOfWork.values()) {
        row.add(one.minutes().getOrDefault(work, 0.0));
      }
      rows.add(row);
    }
    return new Table("batches", heads, rows);
  }

  private static Table sources(SeasonAccount account) {
    List<List<Object>> rows = new ArrayList<>();
    for (SourceRate.Of of : SourceRate.Of.values()) {
      for (SourceRate rate : account.rates(of)) {
        Source source = account.season().source(rate.source());
        List<Object> row =
            cells(
                rate.source(),
                source.place(),
                source.permits(),
                source.notes(),
                of.name(),
                rate.batches(),
                rate.wonMg(),
                rate.spent(),
                rate.rate().usual());
        row.addAll(
            rate.isSharp() ? cells(null, null) : cells(rate.rate().low(), rate.rate().high()));
        rows.add(row);
      }
    }
    return new Table(
        "sources",
        List.of(
            "source", "place", "permits", "notes", "of", "batches", "won_mg", "spent", "mg_each",
            "low", "high"),
        rows);
  }

  private static Table steps(SeasonAccount account) {
    List<List<Object>> rows = new ArrayList<>();
    account
        .tracks()
        .forEach(
            track ->
                track
                    .seen()
                    .forEach(
                        seen -> {
                          List<Object> row =
                              cells(
                                  seen.batch(),
                                  seen.date().toString(),
                                  track.work().name(),
                                  track.machine(),
                                  track.cut());
                          row.addAll(band(Optional.of(seen.recovery())));
                          rows.add(row);
                        }));
    return new Table(
        "steps",
        List.of("batch", "date", "work", "machine", "cut", "recovery", "low", "high"),
        rows);
  }

  private static Table habits(SeasonAccount account) {
    return new Table(
        "habits",
        List.of("habit", "dial", "work", "machine", "with", "without", "cost_mg", "low", "high"),
        account.habits().stream()
            .map(
                one -> {
                  List<Object> row =
                      cells(
                          one.habit().kind().name(),
                          one.habit().dial(),
                          one.work().name(),
                          one.machine(),
                          one.with(),
                          one.without());
                  row.addAll(band(one.costMg()));
                  return row;
                })
            .collect(Collectors.toList()));
  }

  private static Table changes(SeasonAccount account) {
    return new Table(
        "changes",
        List.of(
            "date",
            "what",
            "work",
            "machine",
            "steps_before",
            "before",
            "steps_after",
            "after",
            "added",
            "low",
            "high"),
        account.changes().stream()
            .map(
                one -> {
                  List<Object> row =
                      cells(
                          one.change().date().toString(),
                          one.change().what(),
                          one.change().work().map(KindOfWork::name).orElse(""),
                          one.change().machine().orElse(""),
                          one.stepsBefore(),
                          one.before().orElse(null),
                          one.stepsAfter(),
                          one.after().orElse(null));
                  row.addAll(band(one.points()));
                  return row;
                })
            .collect(Collectors.toList()));
  }

  private static Table slips(SeasonAccount account) {
    return new Table(
        "slips",
        List.of(
            "date", "sent_g", "received_g", "fineness", "own_fineness", "paid", "weight", "note"),
        account.slips().stream()
            .map(
                one ->
                    cells(
                        one.slip().date().toString(),
                        one.slip().sentG(),
                        one.slip().receivedG(),
                        one.slip().fineness(),
                        Table.cell(one.ownFineness()),
                        one.slip().paid(),
                        one.weightShare(),
                        one.slip().note()))
            .collect(Collectors.toList()));
  }
}
