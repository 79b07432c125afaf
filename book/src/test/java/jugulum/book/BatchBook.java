package jugulum.book;

import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import jugulum.book.batch.BatchLines;
import jugulum.book.batch.BatchStream;
import jugulum.book.batch.BatchSummary;
import jugulum.book.shop.ShopStream;
import jugulum.book.stream.Book;
import jugulum.book.stream.Order;
import jugulum.book.stream.Saved;
import jugulum.book.stream.Standing;
import jugulum.book.stream.Store;
import jugulum.book.stream.StreamRef;
import jugulum.book.stream.Walked;
import jugulum.book.stream.Writer;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Edit;
import jugulum.core.shop.Shop;
import jugulum.core.shop.ShopEdit;
import jugulum.core.stream.History;

/** A book as the tests of batches and the shop speak of it. */
public record BatchBook(Book book) implements AutoCloseable {
  public static BatchBook open(Path file, Clock clock) {
    return new BatchBook(Books.open(file, Writer.unnamed(clock)));
  }

  public Saved submit(BatchId id, Edit edit) {
    return book.submit(Order.of(BatchStream.of(id), edit));
  }

  public Saved submit(ShopEdit edit) {
    return book.submit(Order.of(ShopStream.SHOP, edit));
  }

  public Standing<Batch> state(BatchId id) {
    return book.standing(BatchStream.of(id));
  }

  public Optional<Edit> undo(BatchId id) {
    return undo(BatchStream.of(id));
  }

  public Optional<Edit> redo(BatchId id) {
    return redo(BatchStream.of(id));
  }

  public <E> Optional<E> undo(StreamRef<?, E> stream) {
    return done(book.undo(stream, book.standing(stream).version()));
  }

  public <E> Optional<E> redo(StreamRef<?, E> stream) {
    return done(book.redo(stream, book.standing(stream).version()));
  }

  private static <E> Optional<E> done(Walked<E> walked) {
    return walked instanceof Walked.Done<E>(E edit, _) ? Optional.of(edit) : Optional.empty();
  }

  public History<Edit> history(BatchId id) {
    return book.history(BatchStream.of(id));
  }

  public List<BatchSummary> list() {
    return BatchLines.all(book);
  }

  public Shop shop() {
    return ShopStream.of(book);
  }

  public Optional<Store.ReadOnly> readOnly() {
    return book.readOnly();
  }

  public long length() {
    return book.length();
  }

  public void verify() {
    book.verify();
  }

  @Override
  public void close() {
    book.close();
  }
}
