package jugulum.book.stream;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import jugulum.book.Books;
import jugulum.book.batch.BatchLines;
import jugulum.book.batch.BatchStream;
import jugulum.book.batch.BatchSummary;
import jugulum.book.shop.ShopStream;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Label;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Reading;
import jugulum.core.ledger.ReadingId;
import jugulum.core.ledger.Reason;
import jugulum.core.ledger.StepId;
import jugulum.core.screens.Cut;
import jugulum.core.shop.ShopEdit;
import jugulum.core.shop.Terms;
import jugulum.core.stream.Meanwhile;
import jugulum.core.stream.Refusal;
import jugulum.core.weighing.Container;
import org.junit.jupiter.api.Test;

/**
 * Two benches on one book, in a database of another make: each edit is applied again on what the
 * other did, or refused with the reason.
 */
class SharedBookTest {
  private static final Clock CLOCK =
      Clock.fixed(Instant.parse("2026-11-26T09:00:00Z"), ZoneOffset.UTC);
  private static final BatchId ID =
      new BatchId(UUID.fromString("00000000-0000-4000-8000-00000000b00c"));
  private static final StreamRef<Batch, Edit> BATCH = BatchStream.of(ID);

  private final MemoryStore.Server server = new MemoryStore.Server();
  private final Book north = bench("north bench");
  private final Book south = bench("south bench");

  private Book bench(String name) {
    return new Book(
        server.connect(),
        Books.KINDS,
        new Writer(() -> new Bench(name, name), CLOCK, UUID::randomUUID));
  }

  private long started() {
    Label label = new Label("Wetherlam 2", "Coldbeck sluice", LocalDate.of(2026, 11, 1));
    assertThat(north.submit(Order.of(BATCH, new Edit.StartBatch(ID, label, Assumptions.USUAL))))
        .isInstanceOf(Saved.Recorded.class);
    return north.standing(BATCH).version();
  }

  private static Edit weight(int lot, double grams) {
    return new Edit.RecordOnLot(new LotId(lot), new Measure.SandWeight(grams, 0, 0, 1));
  }

  private static Edit magnet(int lot) {
    Process magnet = new Process.MagnetRun(Process.MagnetRun.Medium.BONE_DRY);
    return new Edit.TakeStep(
        magnet,
        List.of(new LotId(lot)),
        List.of(
            new Edit.NewLot(Material.MAGNETICS, Cut.ALL, ""),
            new Edit.NewLot(Material.NON_MAGNETICS, Cut.ALL, "")));
  }

  private static Edit parts(int lot, int parts) {
    return new Edit.TakeStep(
        new Process.Splitting(),
        List.of(new LotId(lot)),
        java.util.Collections.nCopies(parts, new Edit.NewLot(Material.PART, Cut.ALL, "")));
  }

  private static Saved on(Book book, long seen, Edit... edits) {
    return book.submit(Order.on(seen, BATCH, List.of(edits)));
  }

  private static void refused(Saved saved, Refusal.Reason reason) {
    assertThat(saved)
        .isInstanceOfSatisfying(
            Saved.Refused.class, no -> assertThat(no.refusal().reason()).isEqualTo(reason));
  }

  private List<Row> rows() {
    List<Row> rows = new java.util.ArrayList<>();
    server.connect().rows(BATCH.key(), 0, rows::add);
    return rows;
  }

  @Test
  void whatStillSaysTheSameIsAppliedAgain() {
    long seen = started();
    assertThat(on(north, seen, weight(1, 10_000))).isInstanceOf(Saved.Recorded.class);
    assertThat(on(south, seen, weight(1, 10_004)))
        .as("two weighings of one bucket")
        .isInstanceOf(Saved.Recorded.class);
    assertThat(south.standing(BATCH).now().orElseThrow().readings()).hasSize(2);
    assertThat(rows())
        .extracting(row -> row.from().bench().name())
        .containsExactly("north bench", "north bench", "south bench");
    assertThat(rows()).extracting(Row::version).containsExactly(1L, 2L, 3L);
  }

  /** Both take the same bucket to something else: the second is told that it is gone. */
  @Test
  void whatIsNoLongerAllowedIsRefusedByItsRule() {
    long seen = started();
    assertThat(on(north, seen, magnet(1))).isInstanceOf(Saved.Recorded.class);
    refused(on(south, seen, parts(1, 2)), Reason.LOT_ALREADY_TAKEN);
    assertThat(rows()).hasSize(2);
  }

  /**
   * The south bench means lot 2, which it is about to make; the north bench has made another lot 2
   * meanwhile.
   */
  @Test
  void aNumberThatCameToMeanSomethingElseIsRefused() {
    started();
    on(north, 1, parts(1, 2));
    long seen = south.standing(BATCH).version();
    on(north, seen, magnet(2));
    refused(on(south, seen, magnet(3), weight(4, 200)), Meanwhile.OTHER_CAME_FIRST);
    assertThat(on(south, seen, magnet(3)))
        .as("the step alone still says the same")
        .isInstanceOf(Saved.Recorded.class);
  }

  @Test
  void theRefusalTellsWhoCameFirstAndWhen() {
    long seen = started();
    on(south, seen, new Edit.Relabel(new Label("Wetherlam 2b", "", LocalDate.of(2026, 11, 1))));
    Saved saved =
        on(
            north,
            seen,
            new Edit.Relabel(new Label("Wetherlam two", "", LocalDate.of(2026, 11, 1))));
    refused(saved, Meanwhile.OTHER_CAME_FIRST);
    assertThat(((Saved.Refused) saved).refusal().values())
        .containsExactly(
            new Refusal.Told.Words("south bench"), new Refusal.Told.Moment(CLOCK.instant()));
    assertThat(
            on(
                north,
                north.standing(BATCH).version(),
                new Edit.Relabel(new Label("Wetherlam two", "", LocalDate.of(2026, 11, 1)))))
        .as("having looked")
        .isInstanceOf(Saved.Recorded.class);
  }

  /** After an undo a number is given anew: the reading struck must be the one that was seen. */
  @Test
  void aReadingThatIsAnotherNowIsNotStruck() {
    long seen = started();
    on(north, seen, weight(1, 10_000));
    long southSaw = south.standing(BATCH).version();
    north.undo(BATCH, southSaw);
    on(north, southSaw + 1, weight(1, 9_000));
    refused(
        on(south, southSaw, new Edit.Strike(new ReadingId(1), "wrong bucket")),
        Meanwhile.OTHER_CAME_FIRST);
    assertThat(south.standing(BATCH).now().orElseThrow().readings()).allMatch(Reading::isLive);
  }

  @Test
  void nobodyTakesBackWhatHeDidNotSee() {
    long seen = started();
    on(north, seen, weight(1, 10_000));
    long northSaw = north.standing(BATCH).version();
    on(south, northSaw, weight(1, 10_004));
    assertThat(north.undo(BATCH, northSaw))
        .isInstanceOfSatisfying(
            Walked.Refused.class,
            no -> assertThat(no.refusal().reason()).isEqualTo(Meanwhile.OTHER_CAME_FIRST));
    assertThat(north.undo(BATCH, northSaw + 1)).as("having looked").isInstanceOf(Walked.Done.class);
    assertThat(north.redo(BATCH, northSaw + 1))
        .as("its own undo came since")
        .isInstanceOf(Walked.Done.class);
  }

  @Test
  void twoTellTheShopDifferentThingsAndBothStand() {
    north.submit(
        Order.on(
            0,
            ShopStream.SHOP,
            List.of(new ShopEdit.KnowContainer(new Container("tin bowl", 315)))));
    south.submit(
        Order.on(
            0,
            ShopStream.SHOP,
            List.of(new ShopEdit.KnowContainer(new Container("deep tub", 900)))));
    assertThat(ShopStream.of(north).containers())
        .extracting(Container::name)
        .containsExactly("deep tub", "tin bowl");
    refused(
        south.submit(
            Order.on(
                1,
                ShopStream.SHOP,
                List.of(new ShopEdit.KnowContainer(new Container("deep tub", 905))))),
        Meanwhile.OTHER_CAME_FIRST);
    Terms terms = new Terms(75, 0.96, 18, 6, "", LocalDate.parse("2026-10-01"));
    assertThat(south.submit(Order.on(0, ShopStream.SHOP, List.of(new ShopEdit.SetTerms(terms)))))
        .isInstanceOf(Saved.Recorded.class);
    assertThat(ShopStream.of(south).containers()).hasSize(2);
  }

  /**
   * The other writes between the look and the write: the database says that the version is taken,
   * and the edit is tried on what stands there now.
   */
  @Test
  void aVersionIsGivenOnce() {
    long seen = started();
    server.beforeTheNextCommit(() -> on(south, seen, weight(1, 10_004)));
    assertThat(on(north, seen, weight(1, 10_000))).isInstanceOf(Saved.Recorded.class);
    assertThat(north.standing(BATCH).now().orElseThrow().readings()).hasSize(2);
    server.beforeTheNextCommit(() -> on(south, 3, magnet(1)));
    refused(on(north, 3, parts(1, 2)), Reason.LOT_ALREADY_TAKEN);
  }

  @Test
  void whoIsAlwaysBeatenIsToldAfterAWhile() {
    long seen = started();
    Runnable again =
        new Runnable() {
          @Override
          public void run() {
            on(south, seen, weight(1, 10_004));
            server.beforeTheNextCommit(this);
          }
        };
    server.beforeTheNextCommit(again);
    assertThatThrownBy(() -> on(north, seen, weight(1, 10_000))).isInstanceOf(BookProblem.class);
  }

  /**
   * Random work of two benches that see old versions: what stands is always what the journal folds
   * to, on both, and the list says so.
   */
  @Test
  void anyInterleavingFoldsToOneTruth() {
    Random random = new Random(20_261_126);
    started();
    Book[] benches = {north, south};
    int refused = 0;
    for (int i = 0; i < 400; i++) {
      Book bench = benches[random.nextInt(2)];
      long seen = Math.max(1, bench.standing(BATCH).version() - random.nextInt(4));
      switch (random.nextInt(6)) {
        case 0 -> bench.undo(BATCH, seen);
        case 1 -> bench.redo(BATCH, seen);
        case 2 ->
            refused +=
                on(bench, seen, new Edit.Strike(new ReadingId(1 + random.nextInt(6)), "by lot"))
                        instanceof Saved.Refused
                    ? 1
                    : 0;
        case 3 ->
            refused +=
                on(
                            bench,
                            seen,
                            parts(1 + random.nextInt(4), 2),
                            new Edit.FinishStep(new StepId(2), true))
                        instanceof Saved.Refused
                    ? 1
                    : 0;
        default ->
            refused +=
                on(bench, seen, weight(1 + random.nextInt(3), 4_000 + i)) instanceof Saved.Refused
                    ? 1
                    : 0;
      }
      Standing<Batch> one = north.standing(BATCH);
      assertThat(south.standing(BATCH)).isEqualTo(one);
      assertThat(one.now()).isEqualTo(BATCH.kind().fold().replay(north.history(BATCH)));
      assertThat(
              BatchLines.one(south, ID).map(BatchSummary::state).orElseThrow()
                  == BatchSummary.State.TAKEN_BACK)
          .isEqualTo(one.now().isEmpty());
    }
    assertThat(refused).isBetween(10, 300);
    assertThat(rows()).extracting(Row::version).isSorted().doesNotHaveDuplicates();
  }
}
