package jugulum.book.stream;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jugulum.book.Books;
import jugulum.book.batch.BatchStream;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Label;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Measure;
import jugulum.core.stream.Meanwhile;
import jugulum.core.stream.Refusal.Told;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What a person did with one key is taken back with one key, in however many streams it is. */
class ActionsTest {
  private static final Instant NOW = Instant.parse("2026-11-29T09:00:00Z");
  private static final Clock CLOCK = Clock.fixed(NOW, ZoneOffset.UTC);
  private static final List<StreamRef<Batch, Edit>> BATCHES =
      Stream.of(1, 2, 3).map(i -> new BatchId(new UUID(7, i))).map(BatchStream::of).toList();

  @TempDir private Path folder;

  private Book open(String make) {
    Writer north = new Writer(() -> new Bench("n", "north bench"), CLOCK, UUID::randomUUID);
    Book book =
        make.equals("memory")
            ? new Book(new MemoryStore.Server().connect(), Books.KINDS, north)
            : Books.open(folder.resolve("a.book"), north);
    for (StreamRef<Batch, Edit> batch : BATCHES) {
      recorded(
          book.submit(
              Order.of(
                  batch,
                  new Edit.StartBatch(
                      BatchStream.id(batch.id()),
                      new Label("Wetherlam " + batch.id().charAt(35), "", LocalDate.EPOCH),
                      Assumptions.USUAL))));
    }
    return book;
  }

  private static String recorded(Saved saved) {
    assertThat(saved).isInstanceOf(Saved.Recorded.class);
    return ((Saved.Recorded) saved).action();
  }

  private static Edit weight(double grams) {
    return new Edit.RecordOnLot(new LotId(1), new Measure.SandWeight(grams, 0, 0, 1));
  }

  private static List<Order<?, ?>> inEach(double grams, int... batches) {
    return IntStream.of(batches)
        .<Order<?, ?>>mapToObj(one -> Order.of(BATCHES.get(one), weight(grams)))
        .toList();
  }

  private static long weighed(Book book, int batch) {
    return book.standing(BATCHES.get(batch)).now().orElseThrow().readings().count();
  }

  private static Walked<Edit> undo(Book book, int batch) {
    return book.undo(BATCHES.get(batch), book.standing(BATCHES.get(batch)).version());
  }

  private static Walked<Edit> redo(Book book, int batch) {
    return book.redo(BATCHES.get(batch), book.standing(BATCHES.get(batch)).version());
  }

  @ParameterizedTest
  @ValueSource(strings = {"memory", "sqlite"})
  void oneKeyTakesAllOfItBackAndBringsItBack(String make) {
    try (Book book = open(make)) {
      recorded(book.submit(inEach(900, 0, 1)));
      assertThat(undo(book, 1)).isInstanceOf(Walked.Done.class);
      assertThat(List.of(weighed(book, 0), weighed(book, 1))).containsExactly(0L, 0L);
      assertThat(redo(book, 0))
          .isEqualTo(
              new Walked.Done<>(weight(900), List.of(BATCHES.get(0).key(), BATCHES.get(1).key())));
      assertThat(List.of(weighed(book, 0), weighed(book, 1))).containsExactly(1L, 1L);
      book.verify();
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"memory", "sqlite"})
  void twoEditsSentTogetherGoTogether(String make) {
    try (Book book = open(make)) {
      recorded(
          book.submit(
              Order.on(1, BATCHES.getFirst(), List.of(weight(900), weight(901), weight(902)))));
      undo(book, 0);
      assertThat(weighed(book, 0)).isZero();
      redo(book, 0);
      assertThat(weighed(book, 0)).isEqualTo(3);
      book.verify();
    }
  }

  /** Something came after it in the other batch, and still says the same without it. */
  @ParameterizedTest
  @ValueSource(strings = {"memory", "sqlite"})
  void whatCameAfterItElsewhereStands(String make) {
    try (Book book = open(make)) {
      recorded(book.submit(inEach(900, 0, 1)));
      recorded(book.submit(Order.of(BATCHES.get(1), weight(905))));
      assertThat(undo(book, 0)).isInstanceOf(Walked.Done.class);
      assertThat(List.of(weighed(book, 0), weighed(book, 1))).containsExactly(0L, 1L);
      assertThat(redo(book, 0)).isInstanceOf(Walked.Done.class);
      assertThat(List.of(weighed(book, 0), weighed(book, 1))).containsExactly(1L, 2L);
      book.verify();
    }
  }

  /** Its reading was struck in the other batch: without it the strike would mean nothing. */
  @ParameterizedTest
  @ValueSource(strings = {"memory", "sqlite"})
  void whereWhatCameAfterWouldSaySomethingElseNothingGoes(String make) {
    try (Book book = open(make)) {
      recorded(book.submit(inEach(900, 0, 1)));
      var reading =
          book.standing(BATCHES.get(1)).now().orElseThrow().readings().findFirst().orElseThrow();
      recorded(
          book.submit(Order.of(BATCHES.get(1), new Edit.Strike(reading.id(), "the wrong bucket"))));
      long before = book.length();
      assertThat(undo(book, 0))
          .isInstanceOfSatisfying(
              Walked.Refused.class,
              no -> {
                assertThat(no.refusal().reason()).isEqualTo(Meanwhile.RESTS_ON_IT);
                assertThat(no.refusal().values())
                    .containsExactly(new Told.Words("north bench"), new Told.Moment(NOW));
              });
      assertThat(book.length()).isEqualTo(before);
      undo(book, 1);
      assertThat(undo(book, 0)).as("the strike taken back").isInstanceOf(Walked.Done.class);
    }
  }

  /** An edit in the other batch made what was taken back there unreachable. */
  @Test
  void whatCannotComeBackEverywhereDoesNotComeBack() {
    try (Book book = open("memory")) {
      recorded(book.submit(inEach(900, 0, 1)));
      undo(book, 0);
      recorded(book.submit(Order.of(BATCHES.get(1), weight(905))));
      assertThat(redo(book, 0)).isInstanceOf(Walked.Refused.class);
      assertThat(List.of(weighed(book, 0), weighed(book, 1))).containsExactly(0L, 1L);
    }
  }

  /**
   * Random work in three batches: after each undo no batch has a part of an action another has not.
   */
  @Test
  void anyWalkLeavesActionsWhole() {
    Random random = new Random(28);
    Map<Double, Integer> parts = new HashMap<>();
    try (Book book = open("memory")) {
      for (int i = 0; i < 400; i++) {
        int which = random.nextInt(3);
        switch (random.nextInt(4)) {
          case 0 -> undo(book, which);
          case 1 -> redo(book, which);
          default -> {
            List<Order<?, ?>> orders = new ArrayList<>();
            double grams = 1_000 + i;
            for (int one = 0; one < 3; one++) {
              if (one == which || random.nextInt(3) == 0) {
                orders.add(Order.of(BATCHES.get(one), weight(grams)));
              }
            }
            if (book.submit(orders) instanceof Saved.Recorded) {
              parts.put(grams, orders.size());
            }
          }
        }
        Map<Double, Integer> standing = new HashMap<>();
        for (StreamRef<Batch, Edit> batch : BATCHES) {
          book.standing(batch).now().stream()
              .flatMap(one -> one.readings())
              .map(reading -> ((Measure.SandWeight) reading.measure()).grossG())
              .forEach(grams -> standing.merge(grams, 1, Integer::sum));
        }
        standing.forEach(
            (grams, there) ->
                assertThat(there).as("parts of %s", grams).isEqualTo(parts.get(grams)));
      }
      book.verify();
    }
  }
}
