package jugulum.desk.hands;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import java.util.stream.IntStream;
import jugulum.book.Books;
import jugulum.book.batch.BatchStream;
import jugulum.book.stream.Book;
import jugulum.book.stream.Order;
import jugulum.book.stream.Saved;
import jugulum.book.stream.Writer;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Label;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Process;
import jugulum.core.screens.Cut;
import jugulum.core.task.Routes;
import jugulum.core.task.Task;
import jugulum.desk.preference.BenchMemory;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.English;
import jugulum.desk.words.Languages;
import jugulum.desk.work.HandDriven;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * Quick hands, a slow book, a clock that beats, somebody at a panel, another batch: whatever comes
 * before what, one answer is one row, none is lost, and what is taken back is what was recorded.
 */
class HandsOrdersTest {
  private static final int ORDERS = Boolean.getBoolean("jugulum.thorough") ? 1_700 : 60;
  private static final String CUT = English.WORDS.of("hands.cut", "#").split("#")[0];
  private static final Clock CLOCK =
      Clock.fixed(Instant.parse("2026-11-29T10:00:00Z"), ZoneOffset.UTC);
  private static final BatchId ONE = new BatchId(new UUID(28, 1));
  private static final BatchId OTHER = new BatchId(new UUID(28, 2));

  @TempDir private static Path shared;
  @TempDir private Path folder;

  private HandDriven bookThread;
  private HandDriven window;
  private Random random;
  private Book book;
  private Workbench bench;
  private Hands hands;

  /** What hangs on the magnet, pass by pass: far from clean. */
  private static final List<Integer> LIFTED = List.of(20_000, 16_001, 13_002, 10_403, 8_304);

  /** What the panel recorded. */
  private List<Double> panel;

  @BeforeAll
  static void twoBatchesWithAMagnetAtWork() {
    try (Book book = Books.open(shared.resolve("two.book"), Writer.unnamed(CLOCK))) {
      for (BatchId id : List.of(ONE, OTHER)) {
        Label label = new Label("Wetherlam " + id.value(), "", LocalDate.EPOCH);
        Process magnet = new Process.MagnetRun(Process.MagnetRun.Medium.BONE_DRY);
        assertThat(
                book.submit(
                    Order.on(
                        0,
                        BatchStream.of(id),
                        List.of(
                            new Edit.StartBatch(id, label, Assumptions.USUAL),
                            new Edit.FollowRoute(Optional.of(Routes.SHIPPED.getFirst())),
                            weight(90_000),
                            new Edit.TakeStep(
                                magnet,
                                List.of(new LotId(1)),
                                List.of(
                                    new Edit.NewLot(Material.MAGNETICS, Cut.ALL, ""),
                                    new Edit.NewLot(Material.NON_MAGNETICS, Cut.ALL, "")))))))
            .isInstanceOf(Saved.Recorded.class);
      }
    }
  }

  private static Edit weight(double grams) {
    return new Edit.RecordOnLot(new LotId(1), new Measure.SandWeight(grams, 0, 0, 1));
  }

  private void open(int seed) throws IOException {
    Path path = folder.resolve(seed + ".book");
    Files.copy(shared.resolve("two.book"), path);
    random = new Random(seed);
    bookThread = new HandDriven();
    window = new HandDriven();
    panel = new ArrayList<>();
    book = Books.open(path, Writer.unnamed(CLOCK));
    bench = Workbench.of(book, BenchMemory.untilTheEnd(), Languages.english(), bookThread, window);
    hands = new Hands(bench, CLOCK::instant, () -> {}, _ -> {});
    bench.projections().current().addListener((_, _, _) -> hands.refresh());
    bench.session().begin();
    bench.session().open(ONE);
    hands.begin();
    drain();
    assertThat(hands.asking().asked().map(Task::kind)).contains(Task.Kind.PASS);
  }

  private void drain() {
    while (bookThread.step() || window.step() || bench.work().isBusy()) {
      // until nobody has anything left to do
    }
  }

  /** Whether it was said since somebody began to answer that the question went away. */
  private boolean isCut;

  private void look() {
    isCut |= hands.wrong().filter(said -> said.contains(CUT)).isPresent();
  }

  /** Time goes by between two keys, or does not. */
  private void meanwhile() {
    look();
    for (int steps = random.nextInt(7); steps > 0; steps--) {
      switch (random.nextInt(8)) {
        case 0 -> hands.refresh();
        case 1 -> {
          double grams = 90_000 + panel.size() + 1;
          panel.add(grams);
          bench.session().submitElsewhere(List.of(Order.of(BatchStream.of(ONE), weight(grams))));
        }
        case 2, 3, 4 -> bookThread.step();
        default -> window.step();
      }
      look();
    }
  }

  /** A pass: what hangs on the magnet, what fell back, specks; now and then a key bounces. */
  private void answer(int lifted) {
    isCut = false;
    for (char sign : Integer.toString(lifted).toCharArray()) {
      hands.type(String.valueOf(sign));
      meanwhile();
    }
    hands.take();
    meanwhile();
    hands.take();
    meanwhile();
    if (isCut) {
      // Whoever is told that the question went away does not go on with the rest of its answer.
      isCut = false;
      return;
    }
    hands.type("9");
    hands.take();
    if (random.nextInt(3) == 0) {
      hands.take();
    }
    meanwhile();
  }

  private List<Integer> passes(BatchId id) {
    return batch(id).steps().stream()
        .flatMap(step -> step.passes().stream())
        .map(pass -> (int) pass.liftedG())
        .toList();
  }

  private Batch batch(BatchId id) {
    return book.standing(BatchStream.of(id)).now().orElseThrow();
  }

  private List<Double> weighed(BatchId id) {
    return batch(id).lots().getFirst().readings().stream()
        .map(reading -> ((Measure.SandWeight) reading.measure()).grossG())
        .skip(1)
        .toList();
  }

  private void close() {
    drain();
    assertThat(weighed(ONE)).as("what the panel recorded").isEqualTo(panel);
    bench.close();
  }

  @Test
  void oneAnswerIsOneRow() throws IOException {
    for (int seed = 0; seed < ORDERS; seed++) {
      open(seed);
      int many = 1 + random.nextInt(4);
      IntStream.range(0, many).forEach(i -> answer(LIFTED.get(i)));
      drain();
      assertThat(passes(ONE)).as("order %d", seed).isEqualTo(LIFTED.subList(0, many));
      assertThat(passes(OTHER)).isEmpty();
      close();
    }
  }

  @Test
  void whatIsTakenBackIsWhatWasRecorded() throws IOException {
    for (int seed = 0; seed < ORDERS; seed++) {
      open(seed);
      List<Integer> stands = new ArrayList<>();
      Optional<Integer> took = Optional.empty();
      for (int i = 0; i < 4; i++) {
        if (random.nextInt(3) > 0) {
          answer(LIFTED.get(i));
          stands.add(LIFTED.get(i));
          took = Optional.of(LIFTED.get(i));
        } else {
          hands.back();
          meanwhile();
          took.ifPresent(stands::remove);
          took = Optional.empty();
        }
      }
      drain();
      assertThat(passes(ONE)).as("order %d", seed).isEqualTo(stands);
      close();
    }
  }

  /** What was recorded in one batch is not taken back by a key pressed at another. */
  @Test
  void anotherBatchOnTheBenchKeepsWhatItHas() throws IOException {
    for (int seed = 0; seed < ORDERS; seed++) {
      open(seed);
      for (int i = 0; i < 5; i++) {
        switch (random.nextInt(4)) {
          case 0 -> bench.session().open(random.nextBoolean() ? ONE : OTHER);
          case 1 -> hands.back();
          default -> answer(LIFTED.get(i));
        }
        meanwhile();
      }
      drain();
      List<Integer> all = new ArrayList<>(passes(ONE));
      all.addAll(passes(OTHER));
      assertThat(all).as("order %d", seed).doesNotHaveDuplicates().isSubsetOf(LIFTED);
      BatchId here = bench.projections().current().get().id().orElseThrow();
      BatchId there = here.equals(ONE) ? OTHER : ONE;
      List<Integer> before = passes(there);
      hands.back();
      hands.back();
      drain();
      assertThat(passes(there)).as("order %d", seed).isEqualTo(before);
      close();
    }
  }
}
