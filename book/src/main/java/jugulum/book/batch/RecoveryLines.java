package jugulum.book.batch;

import static jugulum.book.stream.LineTable.real;
import static jugulum.book.stream.LineTable.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jugulum.book.stream.Cells;
import jugulum.book.stream.LineTable;
import jugulum.book.stream.Projection;
import jugulum.core.account.Worked;
import jugulum.core.gold.Recovery;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.BatchId;

/**
 * The recoveries of every batch: of which gold, against what, with range. Brought up when it is
 * read.
 */
public final class RecoveryLines implements Projection<Batch, RecoveryLines.Recovered> {
  /** The table of the recoveries. */
  public static final RecoveryLines LINES = new RecoveryLines();

  private static final LineTable TABLE =
      new LineTable(
          "recovery",
          List.of(
              text("batch"),
              text("of"),
              text("against"),
              real("share"),
              real("low"),
              real("high"),
              text("bound")));

  private RecoveryLines() {}

  /** What gold nobody looked for makes of a recovery. */
  public enum Bound {
    TOLD,
    AT_MOST,
    AT_LEAST
  }

  /**
   * A recovery with the batch it belongs to.
   *
   * @param batch the batch
   * @param name what is written on its bucket
   * @param of of which gold
   * @param against against what
   * @param share the recovery, 0 to 1
   * @param low the low end of its 95 % range
   * @param high the high end of its 95 % range
   * @param bound whether it is bounded only
   */
  public record Recovered(
      BatchId batch,
      String name,
      Recovery.Of of,
      Recovery.Against against,
      double share,
      double low,
      double high,
      Bound bound) {}

  @Override
  public LineTable table() {
    return TABLE;
  }

  @Override
  public int fold() {
    return Worked.RULE;
  }

  @Override
  public List<Recovered> lines(String id, Optional<Batch> now, Batch last) {
    List<Recovered> lines = new ArrayList<>();
    now.map(Worked::of)
        .ifPresent(
            worked -> {
              for (Recovery.Of of : Recovery.Of.values()) {
                for (Recovery.Against against : Recovery.Against.values()) {
                  worked
                      .gold()
                      .recovery(of, against)
                      .map(one -> recovered(id, last, one))
                      .ifPresent(lines::add);
                }
              }
            });
    return lines;
  }

  private static Recovered recovered(String id, Batch batch, Recovery one) {
    Bound bound = one.isAtMost() ? Bound.AT_MOST : one.isAtLeast() ? Bound.AT_LEAST : Bound.TOLD;
    return new Recovered(
        BatchStream.id(id),
        batch.label().name(),
        one.of(),
        one.against(),
        one.share(),
        one.low(),
        one.high(),
        bound);
  }

  @Override
  public List<Object> cells(Recovered line) {
    return List.of(
        line.name(),
        line.of().name(),
        line.against().name(),
        line.share(),
        line.low(),
        line.high(),
        line.bound().name());
  }

  @Override
  public Recovered line(Cells cells) {
    return new Recovered(
        BatchStream.id(cells.id()),
        cells.text(0),
        Recovery.Of.valueOf(cells.text(1)),
        Recovery.Against.valueOf(cells.text(2)),
        cells.number(3).orElseThrow(),
        cells.number(4).orElseThrow(),
        cells.number(5).orElseThrow(),
        Bound.valueOf(cells.text(6)));
  }
}
