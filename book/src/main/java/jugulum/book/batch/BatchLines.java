package jugulum.book.batch;

import static jugulum.book.stream.LineTable.real;
import static jugulum.book.stream.LineTable.text;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.book.batch.BatchSummary.State;
import jugulum.book.stream.Book;
import jugulum.book.stream.Cells;
import jugulum.book.stream.LineTable;
import jugulum.book.stream.Projection;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Label;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Network;
import jugulum.core.mass.SandAccount;
import org.jspecify.annotations.Nullable;

/** The list of batches: a line each. A batch taken back keeps the label it had. */
public final class BatchLines implements Projection<Batch, BatchSummary> {
  static final BatchLines LINES = new BatchLines();

  private static final LineTable TABLE =
      new LineTable(
          "batch",
          List.of(
              text("name"),
              text("source"),
              text("received"),
              text("state"),
              real("feed_g"),
              real("won_g")));

  private static final Comparator<BatchSummary> NEWEST_FIRST =
      Comparator.<BatchSummary, Boolean>comparing(line -> line.state() == State.TAKEN_BACK)
          .thenComparing(BatchSummary::received, Comparator.reverseOrder())
          .thenComparing(BatchSummary::name);

  private BatchLines() {}

  /** All batches of a book, newest first, those taken back last. */
  public static List<BatchSummary> all(Book book) {
    return book.lines(BatchStream.KIND, LINES).stream().sorted(NEWEST_FIRST).toList();
  }

  /** All batches as their lines stand in the book, in no order. */
  public static List<BatchSummary> asTheyStand(Book book) {
    return book.linesAsTheyStand(LINES);
  }

  /** The line of one batch. */
  public static Optional<BatchSummary> one(Book book, BatchId id) {
    return book.lines(BatchStream.of(id), LINES).stream().findFirst();
  }

  @Override
  public LineTable table() {
    return TABLE;
  }

  @Override
  public boolean isEager() {
    return true;
  }

  @Override
  public List<BatchSummary> lines(String id, Optional<Batch> now, Batch last) {
    Label label = now.orElse(last).label();
    Optional<Network> network = now.map(Network::of);
    Optional<SandAccount> sand = network.map(SandAccount::of);
    OptionalDouble feed =
        sand.stream().mapToDouble(SandAccount::feedG).filter(grams -> grams > 0).findFirst();
    OptionalDouble won =
        network.map(linked -> wonG(linked, sand.get())).orElse(OptionalDouble.empty());
    return List.of(
        new BatchSummary(
            BatchStream.id(id),
            label.name(),
            label.source(),
            label.received(),
            state(now, network),
            feed,
            won));
  }

  private static State state(Optional<Batch> batch, Optional<Network> network) {
    if (batch.isEmpty()) {
      return State.TAKEN_BACK;
    }
    if (batch.get().closed()) {
      return State.CLOSED;
    }
    return network.get().steps().size() > 1 ? State.UNDER_WAY : State.RECEIVED;
  }

  private static OptionalDouble wonG(Network network, SandAccount sand) {
    return network
        .endLots()
        .filter(lot -> lot.material() == Material.GOLD && sand.mass(lot.id()).isMeasured())
        .mapToDouble(lot -> sand.mass(lot.id()).grams())
        .reduce(Double::sum);
  }

  @Override
  public List<Object> cells(BatchSummary line) {
    return Arrays.asList(
        line.name(),
        line.source(),
        line.received().toString(),
        line.state().name(),
        orNull(line.feedG()),
        orNull(line.wonG()));
  }

  /** A database's word for what is not known. */
  static @Nullable Object orNull(OptionalDouble value) {
    return value.isPresent() ? value.getAsDouble() : null;
  }

  @Override
  public BatchSummary line(Cells cells) {
    return new BatchSummary(
        BatchStream.id(cells.id()),
        cells.text(0),
        cells.text(1),
        LocalDate.parse(cells.text(2)),
        State.valueOf(cells.text(3)),
        cells.number(4),
        cells.number(5));
  }
}
