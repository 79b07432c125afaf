package jugulum.book.together;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import jugulum.book.batch.BatchStream;
import jugulum.book.store.FileServer;
import jugulum.book.stream.Book;
import jugulum.book.stream.Order;
import jugulum.book.stream.Row;
import jugulum.book.stream.Saved;
import jugulum.book.stream.SetAside;
import jugulum.book.stream.Standing;
import jugulum.book.stream.StreamRef;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.BatchFold;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Label;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Reading;
import jugulum.core.screens.Cut;
import jugulum.core.stream.Applied;
import jugulum.core.stream.History.Dated;
import jugulum.core.stream.Log;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * Benches that work without a network, each by itself, on one batch, and tell the server in any
 * order, with the network cut at any point: what stands then is what one after the other would have
 * done, everything anybody did stands or is set aside where it was done, and every weight lies on
 * the lot it was meant for.
 */
class InterleavingsTest {
  /** So many; mvn verify -Pthorough tries a thousand. */
  private static final int RUNS = Boolean.getBoolean("jugulum.thorough") ? 1_000 : 12;

  private static final Instant BEGINNING = Instant.parse("2026-11-26T09:00:00Z");
  @TempDir private Path folder;

  @Test
  void whateverTheOrderEverythingStandsOrIsSetAside() {
    int recorded = 0;
    int aside = 0;
    int takenBack = 0;
    try (Shop shop = new Shop(folder)) {
      for (int run = 0; run < RUNS; run++) {
        Run one = new Run(shop, 20_261_201L + run);
        one.play();
        recorded += one.recorded;
        aside += one.aside;
        takenBack += one.takenBack;
      }
    }
    System.out.printf(
        "%d interleavings of three benches: %d actions recorded, %d set aside, %d taken back%n",
        RUNS, recorded, aside, takenBack);
    assertThat(aside).as("some came too late").isGreaterThan(RUNS / 2);
    assertThat(recorded).isGreaterThan(aside);
  }

  /** Which lot it is, whatever its number: the how-manieth that an action made. */
  private record Made(String action, int which) {}

  /** A server and three benches; a book has room for many batches. */
  private static final class Shop implements AutoCloseable {
    private final FileServer server;
    private final List<ABench> benches = new ArrayList<>();
    private long seconds;

    Shop(Path folder) {
      server = new FileServer(folder.resolve("server.book"));
      for (String name : List.of("north", "south", "clean room")) {
        benches.add(new ABench(name, folder, clock(), UUID::randomUUID, server::connect));
      }
    }

    /** A second goes by whenever it is asked. */
    private Clock clock() {
      return new Clock() {
        @Override
        public ZoneId getZone() {
          return ZoneOffset.UTC;
        }

        @Override
        public Clock withZone(ZoneId zone) {
          return this;
        }

        @Override
        public Instant instant() {
          return BEGINNING.plusSeconds(seconds++);
        }
      };
    }

    @Override
    public void close() {
      benches.forEach(bench -> bench.book.verify());
      benches.forEach(ABench::close);
      server.store().close();
    }
  }

  private static final class Run {
    private final Random random;
    private final Shop shop;
    private final FileServer server;
    private final List<ABench> benches;
    private final BatchId id;
    private final StreamRef<Batch, Edit> batchOf;
    private final Map<Double, Made> meantLot = new HashMap<>();
    private final Map<String, Double> meantStrike = new HashMap<>();
    private final Set<String> did = new HashSet<>();
    private int weights;
    private int recorded;
    private int aside;
    private int takenBack;

    Run(Shop shop, long seed) {
      this.random = new Random(seed);
      this.shop = shop;
      this.server = shop.server;
      this.benches = shop.benches;
      this.id = new BatchId(new UUID(0x4000, 0x8000_0000_0000_0000L + seed));
      this.batchOf = BatchStream.of(id);
    }

    void play() {
      begin();
      for (int step = 0; step < 60; step++) {
        ABench bench = benches.get(random.nextInt(benches.size()));
        if (random.nextInt(5) == 0) {
          if (random.nextInt(3) == 0) {
            server.cutAfter(random.nextInt(6));
          }
          bench.carry();
          continue;
        }
        work(bench);
      }
      server.cutAfter(Integer.MAX_VALUE);
      for (int round = 0; round < 3; round++) {
        benches.forEach(bench -> assertThat(bench.carry()).isEmpty());
      }
      check();
    }

    private void begin() {
      Label label = new Label("Wetherlam 2", "Coldbeck sluice", LocalDate.of(2026, 11, 1));
      submit(benches.getFirst(), new Edit.StartBatch(id, label, Assumptions.USUAL));
      benches.getFirst().carry();
      benches.forEach(ABench::carry);
    }

    private void work(ABench bench) {
      Standing<Batch> standing = bench.book.standing(batchOf);
      if (standing.now().isEmpty()) {
        return;
      }
      Batch batch = standing.now().get();
      Lot lot = batch.lots().get(random.nextInt(batch.lots().size()));
      switch (random.nextInt(12)) {
        case 0, 1 -> split(bench, lot.id());
        case 2 ->
            magnet(
                bench,
                lot.id(),
                batch.lots().stream().mapToInt(one -> one.id().number()).max().orElse(0));
        case 3 -> strike(bench, batch);
        case 4 -> walk(bench, standing.version());
        case 5 ->
            submit(
                bench,
                new Edit.Relabel(
                    new Label("Wetherlam " + shop.seconds, "", LocalDate.of(2026, 11, 1))));
        default -> weigh(bench, lot.id());
      }
    }

    private void weigh(ABench bench, LotId lot) {
      double grams = 1_000 + ++weights;
      Made made = made(bench.book).get(lot.number());
      submit(bench, new Edit.RecordOnLot(lot, new Measure.SandWeight(grams, 0, 0, 1)));
      meantLot.put(grams, made);
    }

    private void split(ABench bench, LotId lot) {
      submit(
          bench,
          new Edit.TakeStep(
              new Process.Splitting(),
              List.of(lot),
              Collections.nCopies(2, new Edit.NewLot(Material.PART, Cut.ALL, ""))));
    }

    /** A step and the weights of what it makes, in one action. */
    private void magnet(ABench bench, LotId lot, int last) {
      double first = 1_000 + ++weights;
      double second = 1_000 + ++weights;
      Optional<String> action =
          submit(
              bench,
              new Edit.TakeStep(
                  new Process.MagnetRun(Process.MagnetRun.Medium.BONE_DRY),
                  List.of(lot),
                  List.of(
                      new Edit.NewLot(Material.MAGNETICS, Cut.ALL, ""),
                      new Edit.NewLot(Material.NON_MAGNETICS, Cut.ALL, ""))),
              new Edit.RecordOnLot(new LotId(last + 1), new Measure.SandWeight(first, 0, 0, 1)),
              new Edit.RecordOnLot(new LotId(last + 2), new Measure.SandWeight(second, 0, 0, 1)));
      action.ifPresent(
          it -> {
            meantLot.put(first, new Made(it, 0));
            meantLot.put(second, new Made(it, 1));
          });
    }

    private void strike(ABench bench, Batch batch) {
      List<Reading> live = batch.readings().filter(Reading::isLive).toList();
      if (live.isEmpty()) {
        return;
      }
      Reading one = live.get(random.nextInt(live.size()));
      String reason = "meant " + grams(one) + " by " + shop.seconds;
      submit(bench, new Edit.Strike(one.id(), reason));
      meantStrike.put(reason, grams(one));
    }

    private void walk(ABench bench, long seen) {
      if (random.nextBoolean()) {
        bench.book.undo(batchOf, seen);
      } else {
        bench.book.redo(batchOf, seen);
      }
    }

    private Optional<String> submit(ABench bench, Edit... edits) {
      long seen = bench.book.standing(batchOf).version();
      Saved saved = bench.book.submit(Order.on(seen, batchOf, List.of(edits)));
      if (saved instanceof Saved.Recorded(String action)) {
        did.add(action);
        return Optional.of(action);
      }
      return Optional.empty();
    }

    private static double grams(Reading reading) {
      return ((Measure.SandWeight) reading.measure()).grossG();
    }

    /** Which action made each lot of a book's batch, by its number. */
    private Map<Integer, Made> made(Book book) {
      Map<Integer, Made> made = new HashMap<>();
      Optional<Batch> batch = Optional.empty();
      for (Dated<Edit> edit : book.history(batchOf).done()) {
        Set<Integer> before = new HashSet<>();
        batch.ifPresent(is -> is.lots().forEach(lot -> before.add(lot.id().number())));
        batch = Optional.of(new BatchFold().replay(batch, edit.edit(), edit.at()));
        int which = 0;
        for (Lot lot : batch.get().lots()) {
          if (!before.contains(lot.id().number())) {
            made.put(lot.id().number(), new Made(edit.action(), which(made, edit.action())));
            which++;
          }
        }
      }
      return made;
    }

    private static int which(Map<Integer, Made> made, String action) {
      return (int) made.values().stream().filter(one -> one.action().equals(action)).count();
    }

    private void check() {
      ABench first = benches.getFirst();
      for (ABench bench : benches) {
        assertThat(bench.mirror.waiting()).as(bench.name).isZero();
        assertThat(bench.book.standing(batchOf)).isEqualTo(first.book.standing(batchOf));
      }
      everyActionStandsOnceOrIsSetAside();
      everyRowIsAllowedWhereItStands();
      everyWeightLiesWhereItWasMeant(first);
    }

    private void everyActionStandsOnceOrIsSetAside() {
      Map<String, Integer> found = new LinkedHashMap<>();
      Set<String> there = new HashSet<>();
      server.store().rows(batchOf.key(), 0, row -> there.add(row.from().action()));
      there.forEach(action -> found.merge(action, 1, Integer::sum));
      for (ABench bench : benches) {
        for (SetAside one : bench.mirror.setAside()) {
          if (!one.what().streams().contains(batchOf.key())) {
            continue;
          }
          found.merge(one.what().action(), 1, Integer::sum);
          aside += one.state() == SetAside.State.OPEN ? 1 : 0;
          takenBack += one.state() == SetAside.State.OPEN ? 0 : 1;
        }
      }
      recorded += there.size();
      assertThat(found.values()).allMatch(times -> times == 1);
      assertThat(found.keySet()).containsAll(did);
    }

    /** The order of the server is one in which everybody may have done what stands. */
    private void everyRowIsAllowedWhereItStands() {
      List<Row> rows = new ArrayList<>();
      server.store().rows(batchOf.key(), 0, rows::add);
      BatchFold fold = new BatchFold();
      Log<Edit> log = new Log<>();
      for (Row row : rows) {
        Optional<Batch> before = fold.replay(log.history());
        if (row.act() == Row.Act.EDIT) {
          Edit edit = batchOf.kind().edit(row);
          assertThat(fold.apply(before, edit, row.at())).isInstanceOf(Applied.Done.class);
          log.edit(new Dated<>(row.version(), row.at(), row.from().action(), edit));
        } else if (row.act() == Row.Act.UNDO) {
          assertThat(log.undo(row.body())).isTrue();
        } else {
          assertThat(log.redo(row.body())).isTrue();
        }
      }
    }

    private void everyWeightLiesWhereItWasMeant(ABench bench) {
      Optional<Batch> batch = bench.book.standing(batchOf).now();
      Map<Integer, Made> made = made(bench.book);
      batch.ifPresent(
          is -> {
            for (Lot lot : is.lots()) {
              for (Reading reading : lot.readings()) {
                assertThat(made.get(lot.id().number()))
                    .as("%s g in lot %d", grams(reading), lot.id().number())
                    .isEqualTo(meantLot.get(grams(reading)));
                reading
                    .struck()
                    .ifPresent(
                        struck ->
                            assertThat(grams(reading)).isEqualTo(meantStrike.get(struck.reason())));
              }
            }
          });
    }
  }
}
