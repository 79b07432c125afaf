package jugulum.book.together;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.function.BooleanSupplier;
import jugulum.book.Books;
import jugulum.book.batch.BatchLines;
import jugulum.book.batch.BatchStream;
import jugulum.book.store.BookAddress;
import jugulum.book.store.ServedSchema;
import jugulum.book.store.TestServer;
import jugulum.book.stream.Bench;
import jugulum.book.stream.Book;
import jugulum.book.stream.BookProblem;
import jugulum.book.stream.BookProblem.Kind;
import jugulum.book.stream.Order;
import jugulum.book.stream.Saved;
import jugulum.book.stream.SetAside;
import jugulum.book.stream.StreamRef;
import jugulum.book.stream.Walked;
import jugulum.book.stream.Writer;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Label;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Reading;
import jugulum.core.ledger.ReadingId;
import jugulum.core.stream.Meanwhile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Two benches on one book that a real server keeps. */
class TogetherTest {
  private static final BatchId ID =
      new BatchId(UUID.fromString("00000000-0000-4000-8000-00000000b00c"));
  private static final StreamRef<Batch, Edit> BATCH = BatchStream.of(ID);

  @TempDir private Path folder;
  private final BookAddress address = TestServer.book();

  private Together bench(String name) {
    return bench(name, address);
  }

  private Together bench(String name, BookAddress where) {
    Bench bench = new Bench("id of " + name, name);
    return Together.open(
        where,
        folder.resolve(name + ".book"),
        new Writer(() -> bench, Clock.systemUTC(), UUID::randomUUID),
        Books.KINDS);
  }

  private static Edit started(String name) {
    return new Edit.StartBatch(
        ID, new Label(name, "", LocalDate.of(2026, 11, 1)), Assumptions.USUAL);
  }

  private static Edit weight(double grams) {
    return new Edit.RecordOnLot(new LotId(1), new Measure.SandWeight(grams, 0, 0, 1));
  }

  private static Saved on(Book book, Edit edit) {
    return book.submit(Order.on(book.standing(BATCH).version(), BATCH, List.of(edit)));
  }

  static void until(BooleanSupplier so) {
    long end = System.nanoTime() + Duration.ofSeconds(30).toNanos();
    while (!so.getAsBoolean()) {
      assertThat(System.nanoTime()).as("it came in half a minute").isLessThan(end);
      try {
        Thread.sleep(10);
      } catch (InterruptedException ended) {
        throw new IllegalStateException(ended);
      }
    }
  }

  private static long weights(Together bench) {
    return bench.book().standing(BATCH).now().map(batch -> batch.readings().count()).orElse(0L);
  }

  @Test
  void whatOneRecordsTheOtherSees() {
    try (Together north = bench("north");
        Together south = bench("south")) {
      north.start(_ -> {});
      south.start(_ -> {});
      assertThat(south.book().othersWrote()).as("it begins to watch").isEmpty();
      on(north.book(), started("Wetherlam 2"));
      on(north.book(), weight(4_180));
      assertThat(weights(north)).as("at once where it was recorded").isEqualTo(1);
      assertThat(north.book().length()).isEqualTo(2);
      until(() -> weights(south) == 1);
      assertThat(south.book().othersWrote().orElseThrow().row().from().bench().name())
          .isEqualTo("north");
      on(south.book(), weight(4_179));
      until(() -> weights(north) == 2);
      until(() -> north.status().waiting() == 0 && south.status().waiting() == 0);
      assertThat(BatchLines.all(south.book())).isEqualTo(BatchLines.all(north.book()));
      assertThat(north.book().undo(BATCH, north.book().standing(BATCH).version()))
          .as("one takes back one's own, having seen the other's")
          .isInstanceOf(Walked.Done.class);
      until(() -> weights(south) == 1);
      until(() -> north.status().here().size() == 2);
      assertThat(north.status().here())
          .extracting(one -> one.name())
          .containsExactly("north", "south");
    }
    try (Together again = bench("again")) {
      again.book().verify();
      assertThat(weights(again)).isEqualTo(1);
    }
  }

  @Test
  void whatCannotBeTakenIsSetAsideAndDoneAgainOrLetGo() {
    try (Together north = bench("north");
        Together south = bench("south")) {
      on(north.book(), started("Wetherlam 2"));
      assertThat(north.carry()).isEmpty();
      assertThat(south.carry()).isEmpty();
      Label other = new Label("Wetherlam two", "", LocalDate.of(2026, 11, 1));
      on(south.book(), new Edit.Relabel(new Label("Wetherlam 2b", "", LocalDate.of(2026, 11, 1))));
      on(north.book(), new Edit.Relabel(other));
      on(north.book(), weight(4_180));
      assertThat(south.carry()).isEmpty();
      assertThat(north.carry()).isEmpty();
      SetAside aside = north.setAside().getFirst();
      assertThat(aside.why().reason().name()).isEqualTo(Meanwhile.OTHER_CAME_FIRST.name());
      assertThat(aside.mayBeAgain()).isTrue();
      assertThat(weights(north)).as("what does not rest on it stands").isEqualTo(1);
      assertThat(north.again(aside)).isInstanceOf(Saved.Recorded.class);
      assertThat(north.setAside().getFirst().state()).isEqualTo(SetAside.State.DONE_AGAIN);
      assertThat(north.carry()).isEmpty();
      assertThat(south.carry()).isEmpty();
      assertThat(south.book().standing(BATCH).now().orElseThrow().label()).isEqualTo(other);
      assertThat(south.book().standing(BATCH)).isEqualTo(north.book().standing(BATCH));
    }
  }

  @Test
  void whatTheServerDoesNotTakeIsSetAsideAndTheRestGoes() {
    try (Together north = bench("north")) {
      on(north.book(), started("Wetherlam 2"));
      on(north.book(), new Edit.Strike(first(north), "x".repeat(5)));
      on(north.book(), weight(1));
      on(north.book(), new Edit.Strike(first(north), "a reason without end ".repeat(300_000)));
      on(north.book(), weight(2));
      assertThat(north.carry()).isEmpty();
      assertThat(north.status().waiting()).isZero();
      assertThat(north.setAside().getFirst().why().reason().name())
          .isEqualTo(Meanwhile.NOT_TAKEN.name());
      assertThat(north.book().standing(BATCH).now().orElseThrow().readings())
          .hasSize(2)
          .allMatch(Reading::isLive);
    }
  }

  private static ReadingId first(Together bench) {
    return bench
        .book()
        .standing(BATCH)
        .now()
        .flatMap(batch -> batch.readings().findFirst())
        .map(Reading::id)
        .orElse(new ReadingId(1));
  }

  @Test
  void aBenchWithoutAServerBeginsNothingButGoesOn() {
    BookAddress nowhere = BookAddress.parse("postgresql://bench@localhost:1/gold");
    assertThatThrownBy(() -> bench("lost", nowhere))
        .isInstanceOfSatisfying(
            BookProblem.class, told -> assertThat(told.kind()).isEqualTo(Kind.NO_SERVER));
    try (Together north = bench("north")) {
      on(north.book(), started("Wetherlam 2"));
      assertThat(north.carry()).isEmpty();
    }
    try (Together north = bench("north", nowhere)) {
      assertThat(north.status().problem().orElseThrow().kind()).isEqualTo(Kind.NO_SERVER);
      on(north.book(), weight(1));
      assertThat(weights(north)).isEqualTo(1);
    }
    try (Together north = bench("north")) {
      assertThat(north.status().waiting()).as("it went as soon as it could").isZero();
      assertThat(weights(north)).isEqualTo(1);
    }
  }

  @Test
  void anotherBookAtTheAddressIsNotMixedWithTheOneThatWasKnown() {
    try (Together north = bench("north")) {
      on(north.book(), started("Wetherlam 2"));
      assertThat(north.carry()).isEmpty();
    }
    try (Together north = bench("north", TestServer.book())) {
      assertThat(north.status().problem().orElseThrow().kind()).isEqualTo(Kind.ANOTHER_BOOK);
      assertThat(north.book().standing(BATCH).now()).as("what is known is read").isPresent();
    }
  }

  /** The server is lost, and a new one gets the copy of the bench that knew most. */
  @Test
  void aNewServerGoesOnWhereABenchWas() {
    try (Together north = bench("north");
        Together south = bench("south")) {
      on(north.book(), started("Wetherlam 2"));
      assertThat(north.carry()).isEmpty();
      assertThat(south.carry()).isEmpty();
      on(south.book(), weight(1));
      on(north.book(), weight(2));
      assertThat(north.carry()).isEmpty();
    }
    BookAddress fresh = TestServer.book();
    Books.there(folder.resolve("north.book"), fresh, Writer.unnamed(Clock.systemUTC()));
    try (Together south = bench("south", fresh);
        Together north = bench("north", fresh)) {
      assertThat(south.status().problem()).isEmpty();
      assertThat(south.status().waiting()).as("what waited went there").isZero();
      assertThat(weights(north)).isEqualTo(2);
      assertThat(weights(south)).isEqualTo(2);
    }
  }

  @Test
  void aServerWithoutABookAndAForeignerAreToldApart() {
    BookAddress empty = TestServer.empty();
    assertThatThrownBy(() -> bench("early", empty))
        .isInstanceOfSatisfying(
            BookProblem.class, told -> assertThat(told.kind()).isEqualTo(Kind.NO_BOOK_THERE));
    ServedSchema.init(empty, TestServer.BENCH);
    assertThat(ServedSchema.init(empty, TestServer.BENCH))
        .containsExactly(
            ServedSchema.Done.TABLES_WERE_THERE,
            ServedSchema.Done.ROLE_WAS_THERE,
            ServedSchema.Done.RIGHTS);
    TestServer.sql("CREATE ROLE guest LOGIN");
    assertThatThrownBy(() -> bench("guest", empty.as("guest")))
        .isInstanceOfSatisfying(
            BookProblem.class, told -> assertThat(told.kind()).isEqualTo(Kind.NO_RIGHT));
    assertThatThrownBy(() -> bench("stranger", empty.as("nobody")))
        .isInstanceOfSatisfying(
            BookProblem.class, told -> assertThat(told.kind()).isEqualTo(Kind.NOT_LET_IN));
    bench("early", empty.as(TestServer.BENCH)).close();
  }
}
