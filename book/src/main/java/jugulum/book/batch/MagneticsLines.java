package jugulum.book.batch;

import static jugulum.book.stream.LineTable.real;
import static jugulum.book.stream.LineTable.text;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import jugulum.book.json.JsonCodec;
import jugulum.book.stream.Book;
import jugulum.book.stream.Cells;
import jugulum.book.stream.Codec;
import jugulum.book.stream.LineTable;
import jugulum.book.stream.Projection;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.BatchId;
import jugulum.core.magnet.Magnetics;

/** The magnetics no step has taken. Brought up when it is read. */
public final class MagneticsLines implements Projection<Batch, MagneticsLines.Held> {
  static final MagneticsLines LINES = new MagneticsLines();

  private static final LineTable TABLE =
      new LineTable(
          "magnetics", List.of(text("batch"), real("grams"), text("bag"), text("magnetics")));
  private static final Codec<Magnetics> MAGNETICS = new JsonCodec<>(Magnetics.class, List.of());

  private MagneticsLines() {}

  /**
   * A lot of magnetics with the batch it belongs to.
   *
   * @param batch the batch
   * @param name what is written on its bucket
   * @param magnetics the lot
   */
  public record Held(BatchId batch, String name, Magnetics magnetics) {}

  /** The magnetics of a batch. */
  public static List<Held> of(Book book, BatchId batch) {
    return book.lines(BatchStream.of(batch), LINES);
  }

  @Override
  public LineTable table() {
    return TABLE;
  }

  @Override
  public List<Held> lines(String id, Optional<Batch> now, Batch last) {
    return now.map(Magnetics::of).orElse(List.of()).stream()
        .map(one -> new Held(BatchStream.id(id), last.label().name(), one))
        .toList();
  }

  @Override
  public List<Object> cells(Held line) {
    Magnetics held = line.magnetics();
    return Arrays.asList(
        line.name(),
        held.mass().isKnown() ? held.mass().grams() : null,
        held.bag().orElse(null),
        MAGNETICS.write(held));
  }

  @Override
  public Held line(Cells cells) {
    return new Held(
        BatchStream.id(cells.id()), cells.text(0), MAGNETICS.read(MAGNETICS.form(), cells.text(3)));
  }
}
