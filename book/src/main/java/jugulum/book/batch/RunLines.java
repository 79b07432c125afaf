package jugulum.book.batch;

import static jugulum.book.stream.LineTable.text;

import java.util.List;
import java.util.Optional;
import jugulum.book.json.JsonCodec;
import jugulum.book.stream.Book;
import jugulum.book.stream.Cells;
import jugulum.book.stream.Codec;
import jugulum.book.stream.LineTable;
import jugulum.book.stream.Projection;
import jugulum.core.account.Worked;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.BatchId;
import jugulum.core.runs.PastRun;

/**
 * Every run over a machine. Brought up when it is read: what a run won needs the gold of the whole
 * batch.
 */
public final class RunLines implements Projection<Batch, RunLines.Ran> {
  public static final RunLines LINES = new RunLines();

  private static final LineTable TABLE =
      new LineTable(
          "run",
          List.of(text("batch"), text("machine"), text("kind"), text("started"), text("run")));
  private static final Codec<PastRun> RUN = new JsonCodec<>(PastRun.class, List.of());

  private RunLines() {}

  /**
   * A run over a machine with the batch it belongs to.
   *
   * @param batch the batch
   * @param name what is written on its bucket
   * @param run the run
   */
  public record Ran(BatchId batch, String name, PastRun run) {}

  /** The runs of a batch. */
  public static List<Ran> of(Book book, BatchId batch) {
    return book.lines(BatchStream.of(batch), LINES);
  }

  /** The runs of every batch. */
  public static List<Ran> all(Book book) {
    return book.lines(BatchStream.KIND, LINES);
  }

  @Override
  public LineTable table() {
    return TABLE;
  }

  @Override
  public int fold() {
    return Worked.RULE;
  }

  /**
   * Most batches of a season have no run that was looked at: only those with one are worked out.
   */
  @Override
  public List<Ran> lines(String id, Optional<Batch> now, Batch last) {
    return now
        .filter(batch -> batch.steps().stream().anyMatch(step -> step.process().on().isPresent()))
        .map(Worked::of)
        .map(worked -> PastRun.of(worked.network(), worked.sand(), worked.gold()))
        .orElse(List.of())
        .stream()
        .map(run -> new Ran(BatchStream.id(id), last.label().name(), run))
        .toList();
  }

  @Override
  public List<Object> cells(Ran line) {
    PastRun run = line.run();
    return List.of(
        line.name(),
        run.machine().name(),
        run.kind().name(),
        run.startedAt().toString(),
        RUN.write(run));
  }

  @Override
  public Ran line(Cells cells) {
    return new Ran(BatchStream.id(cells.id()), cells.text(0), RUN.read(RUN.form(), cells.text(4)));
  }
}
