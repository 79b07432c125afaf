package jugulum.book.json;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import jugulum.book.Books;
import jugulum.book.Samples;
import jugulum.book.batch.BatchStream;
import jugulum.book.shop.ShopStream;
import jugulum.book.stream.Bench;
import jugulum.book.stream.Book;
import jugulum.book.stream.Key;
import jugulum.book.stream.MemoryStore;
import jugulum.book.stream.Order;
import jugulum.book.stream.Row;
import jugulum.book.stream.Writer;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Label;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Measure;
import jugulum.core.shop.ShopEdit;
import jugulum.core.weighing.Container;
import org.junit.jupiter.api.Test;

/**
 * A whole book as one file: it reads back equal, and what is spoilt in it leaves nothing behind.
 */
class WholeBookTest {
  private static final int SPOILT = Boolean.getBoolean("jugulum.thorough") ? 20_000 : 1_500;

  private static Book empty() {
    return new Book(
        new MemoryStore.Server().connect(),
        Books.KINDS,
        new Writer(() -> new Bench("b-1", "north"), Clock.systemUTC(), UUID::randomUUID));
  }

  private static Book written() {
    Book book = empty();
    Batch sample = Samples.everything();
    book.submit(Order.of(BatchStream.of(sample.id()), new Edit.Adopt(sample)));
    List<Order<?, ?>> both = new ArrayList<>();
    for (int i = 1; i <= 2; i++) {
      BatchId id = new BatchId(new UUID(28, i));
      Label label = new Label("Wetherlam " + i, "", LocalDate.EPOCH);
      book.submit(Order.of(BatchStream.of(id), new Edit.StartBatch(id, label, Assumptions.USUAL)));
      both.add(
          Order.of(
              BatchStream.of(id),
              new Edit.RecordOnLot(new LotId(1), new Measure.SandWeight(4_000, 0, 0, 1))));
    }
    book.submit(both);
    var last = BatchStream.of(new BatchId(new UUID(28, 2)));
    book.undo(last, book.standing(last).version());
    book.submit(
        Order.of(ShopStream.SHOP, new ShopEdit.KnowContainer(new Container("tin bowl", 315))));
    return book;
  }

  private static String text(Book book) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    BookFile.write(book, out);
    return out.toString(StandardCharsets.UTF_8);
  }

  private static List<Row> rows(Book book, Key stream) {
    List<Row> rows = new ArrayList<>();
    book.rows(stream, rows::add);
    return rows;
  }

  @Test
  void benchesAndActionsReadBackEqual() {
    Book book = written();
    Book other = empty();
    assertThat(BookFile.read(new StringReader(text(book)), other, Books.KINDS))
        .isEqualTo(new BookFile.Read(book.streams().size(), book.length(), 0));
    for (Key stream : book.streams()) {
      assertThat(rows(other, stream)).isEqualTo(rows(book, stream));
    }
    var one = BatchStream.of(new BatchId(new UUID(28, 1)));
    other.redo(one, other.standing(one).version());
    assertThat(other.standing(BatchStream.of(new BatchId(new UUID(28, 2)))).undoable())
        .as("an action comes back whole, in another book too")
        .isEqualTo(2);
  }

  @Test
  void aFileOfTheFirstVersionIsRead() {
    String first =
        "{\"format\":\"jugulum-book\",\"version\":1,\"streams\":[{\"kind\":\"shop\",\"id\":\"shop\","
            + "\"rows\":[{\"version\":1,\"at\":\"2026-11-17T10:00:00Z\",\"who\":\"north\",\"act\":"
            + "\"EDIT\",\"form\":2,\"edit\":{\"edit\":\"know-container\",\"container\":{\"name\":\"tin"
            + " bowl\",\"tareG\":315}}}]}]}";
    Book book = empty();
    assertThat(BookFile.read(new StringReader(first), book, Books.KINDS))
        .isEqualTo(new BookFile.Read(1, 1, 0));
    assertThat(ShopStream.of(book).containers()).hasSize(1);
  }

  /** Each row is understood, and together they make nothing: a weight in a batch nobody began. */
  @Test
  void rowsThatCannotStandTogetherAreAFault() {
    Edit weight = new Edit.RecordOnLot(new LotId(1), new Measure.SandWeight(4_000, 0, 0, 1));
    String alone =
        "{\"format\":\"jugulum-book\",\"version\":2,\"streams\":[{\"kind\":\"batch\",\"id\":\""
            + new UUID(28, 1)
            + "\",\"rows\":[{\"version\":1,\"at\":\"2026-11-17T10:00:00Z\",\"who\":\"\",\"act\":\"EDIT\","
            + "\"form\":"
            + BatchStream.KIND.edits().form()
            + ",\"edit\":"
            + BatchStream.KIND.edits().write(weight)
            + "}]}]}";
    Book other = empty();
    assertThat(BookFile.read(new StringReader(alone), other, Books.KINDS))
        .isInstanceOf(BookFile.Faulty.class);
    assertThat(other.length()).isZero();
  }

  private static String spoilt(String text, Random random) {
    int at = random.nextInt(text.length());
    int to = Math.min(text.length(), at + 1 + random.nextInt(12));
    return switch (random.nextInt(5)) {
      case 0 -> text.substring(0, at) + text.substring(to);
      case 1 -> text.substring(0, at) + "x" + text.substring(at + 1);
      case 2 -> text.substring(0, at) + text.substring(at, to) + text.substring(at);
      case 3 -> text.substring(0, at) + random.nextInt(100) + text.substring(at + 1);
      default -> text.substring(0, at);
    };
  }

  /** Read whole or not at all; and said without the name of a class. */
  @Test
  void whatIsSpoiltLeavesNothingBehind() {
    Book book = written();
    String good = text(book);
    Random random = new Random(28);
    int read = 0;
    for (int i = 0; i < SPOILT; i++) {
      String bad = spoilt(good, random);
      Book other = empty();
      switch (BookFile.read(new StringReader(bad), other, Books.KINDS)) {
        case BookFile.Read(int streams, long rows, int _) -> {
          read++;
          assertThat(other.length()).isEqualTo(rows);
          assertThat(other.streams()).hasSize(streams);
          other.verify();
        }
        case BookFile.Faulty(var faults) -> {
          assertThat(other.length()).as(bad).isZero();
          assertThat(faults)
              .isNotEmpty()
              .allSatisfy(
                  fault -> {
                    assertThat(fault.reason()).isNotBlank();
                    assertThat(fault.reason()).doesNotContain("Exception", "java.", "jugulum.");
                  });
        }
      }
    }
    assertThat(read).isBetween(1, SPOILT - 1);
  }
}
