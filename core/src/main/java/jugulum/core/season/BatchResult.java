package jugulum.core.season;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import jugulum.core.account.Worked;
import jugulum.core.check.Band;
import jugulum.core.gold.GoldRange;
import jugulum.core.gold.Recovery;
import jugulum.core.gold.SpecksAlike;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.PoolPart;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Step;
import jugulum.core.pool.Later;
import jugulum.core.pool.Pool;

/**
 * What one batch brings to a season.
 *
 * @param id which
 * @param name what is written on its bucket
 * @param source where it came from, as written
 * @param received the day it was received
 * @param closed whether it is done
 * @param feedG the dry concentrate that came in, in grams; empty where it was not weighed
 * @param won the gold in hand; empty before the first weighing
 * @param fineness the fineness used for it, 0 to 1
 * @param share the share of its gold in hand, 0 to 1, with its 95 % range, as its account tells it;
 *     empty where it cannot be told
 * @param isAtMost whether lots nobody looked at can only lower that share
 * @param alikeMg how far what was not won is off together with that of other batches of its source,
 *     in mg, as a standard deviation, 0 or more
 * @param minutes at the bench, by work
 * @param parts its steps that part gold from sand
 * @param pool what it was put together of; empty for a batch that is no pool
 */
public record BatchResult(
    BatchId id,
    String name,
    String source,
    LocalDate received,
    boolean closed,
    OptionalDouble feedG,
    Optional<GoldRange> won,
    double fineness,
    Optional<Band> share,
    boolean isAtMost,
    double alikeMg,
    Map<KindOfWork, Double> minutes,
    List<PartingStep> parts,
    List<PoolPart> pool) {
  /** No share is believed to lie below that when what got away is told by it. */
  private static final double LEAST_SHARE = 1e-3;

  /** Keeps its own copies. */
  public BatchResult {
    minutes = Map.copyOf(minutes);
    parts = List.copyOf(parts);
    pool = List.copyOf(pool);
  }

  /** What a batch brings. Takes a while: not for the interface thread. */
  public static BatchResult of(Worked worked) {
    Batch batch = worked.batch();
    Optional<Recovery> best = worked.gold().best();
    List<PartingStep> parts = new ArrayList<>();
    for (Step step : worked.network().steps()) {
      boolean partsGold =
          step.process() instanceof Process.GravityRun
              || step.process() instanceof Process.MagnetRun;
      Optional.ofNullable(worked.gold().stages().get(step.id()))
          .filter(_ -> partsGold)
          .ifPresent(stage -> parts.add(PartingStep.of(step, worked.network(), stage)));
    }
    double feed = worked.sand().feedG();
    return new BatchResult(
        batch.id(),
        batch.label().name(),
        batch.label().source(),
        batch.label().received(),
        batch.closed(),
        feed > 0 ? OptionalDouble.of(feed) : OptionalDouble.empty(),
        worked.gold().won(),
        worked.gold().fineness(),
        best.map(BatchResult::band),
        best.filter(Recovery::isAtMost).isPresent(),
        SpecksAlike.sdMg(worked.network(), worked.sand(), worked.gold()),
        BenchTime.minutes(batch),
        parts,
        Pool.of(batch).map(Pool::parts).orElse(List.of()));
  }

  /**
   * The same with what was won later of what it let go, and the time that took: for what its source
   * gives.
   */
  BatchResult with(Later later) {
    if (!later.isAny()) {
      return this;
    }
    GoldRange own = won.orElse(GoldRange.NONE);
    Band gold = later.milligrams();
    Map<KindOfWork, Double> spent = new EnumMap<>(KindOfWork.class);
    spent.putAll(minutes);
    spent.merge(KindOfWork.MACHINES, later.minutes(), Double::sum);
    return new BatchResult(
        id,
        name,
        source,
        received,
        closed,
        feedG,
        Optional.of(
            new GoldRange(
                own.milligrams() + gold.usual(),
                own.lowMg() + gold.low(),
                own.highMg() + gold.high())),
        fineness,
        share,
        isAtMost,
        alikeMg,
        spent,
        parts,
        pool);
  }

  private static Band band(Recovery one) {
    double low = Math.clamp(one.low(), 0, 1);
    double high = Math.clamp(one.high(), low, 1);
    return new Band(low, Math.clamp(one.share(), low, high), high);
  }

  /** The gold in hand, in mg; 0 before the first weighing. */
  public double wonMg() {
    return won.map(GoldRange::milligrams).orElse(0.0);
  }

  /** What was not won of its gold, in mg; empty where no share can be told. */
  public Optional<Band> awayMg() {
    return share
        .filter(_ -> won.isPresent())
        .map(band -> new Band(missing(band.high()), missing(band.usual()), missing(band.low())));
  }

  private double missing(double share) {
    double told = Math.max(LEAST_SHARE, share);
    return wonMg() * (1 - told) / told;
  }

  /**
   * What was not won of several batches together, in mg; those of which it cannot be told count for
   * nothing. What batches of one source have in common adds up, the rest of their errors is
   * independent.
   */
  public static Band awayTogether(List<BatchResult> batches, UnaryOperator<String> source) {
    return Spread.sum(
        batches.stream()
            .flatMap(
                one ->
                    one
                        .awayMg()
                        .map(
                            away -> new Spread.One(away, source.apply(one.source()), one.alikeMg()))
                        .stream())
            .toList());
  }

  /** All the time at the bench, in minutes, 0 or more. */
  public double benchMinutes() {
    return minutes.values().stream().mapToDouble(Double::doubleValue).sum();
  }

  /** Its steps of which a recovery is told, with the gold that went into them. */
  public Stream<PartingStep> toldParts() {
    return parts.stream().filter(part -> part.recovery().isPresent());
  }
}
