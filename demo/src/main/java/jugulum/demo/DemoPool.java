package jugulum.demo;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.UUID;
import jugulum.book.batch.BatchStream;
import jugulum.book.batch.Pooling;
import jugulum.book.batch.StockLines;
import jugulum.book.season.SeasonStream;
import jugulum.book.shop.ShopStream;
import jugulum.book.stream.Book;
import jugulum.book.stream.Order;
import jugulum.book.stream.Saved;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Label;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Machine.Kind;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure.LiftTest;
import jugulum.core.ledger.Measure.LiftTest.Lift;
import jugulum.core.ledger.Measure.MagnetTest;
import jugulum.core.ledger.PoolPart;
import jugulum.core.machine.Gear;
import jugulum.core.machine.Inverter;
import jugulum.core.marks.FeedMark;
import jugulum.core.season.SeasonEdit;
import jugulum.core.shop.ShopEdit;
import jugulum.core.trip.Dug;
import jugulum.core.trip.Trip;

/**
 * The end of a made-up season: the tailings that were kept are run together over a drum, a second
 * magnet and the bowl, and the days outdoors are written down. All of it invented.
 */
final class DemoPool {
  private static final String POOL = "7a3e5c10-0000-4000-9000-000000000099";

  /** What a bowl finds once more of what was passed over. */
  private static final double FOUND = 0.62;

  private static final Gear DRUM =
      new Gear(
              "north drum",
              Kind.DRUM_SEPARATOR,
              Optional.empty(),
              Map.of(),
              OptionalDouble.of(70),
              OptionalDouble.of(480),
              OptionalDouble.empty())
          .behind(Optional.of(new Inverter(0.85, 8)))
          .withFeeds(
              List.of(new FeedMark(6, 10.8), new FeedMark(9, 20.4), new FeedMark(7.5, 16.2)));

  private static final Gear NEAR = Gear.any(new Machine(Kind.SECOND_STAGE, "near magnet"));

  private final Book book;
  private final DemoClock clock;

  DemoPool(Book book, DemoClock clock) {
    this.book = book;
    this.clock = clock;
  }

  private void does(Order<?, ?>... orders) {
    if (book.submit(List.of(orders)) instanceof Saved.Refused refused) {
      throw new IllegalStateException("made-up data was refused: " + refused);
    }
  }

  /** The tailings still standing, of batches received since a day, run together. */
  void runTogether(LocalDate since) {
    clock.jumpTo("2026-11-14T08:00:00Z");
    for (Gear gear : List.of(DRUM, NEAR)) {
      does(Order.of(ShopStream.SHOP, new ShopEdit.KnowMachine(gear)));
    }
    List<Pooling.Of> lots =
        book.lines(BatchStream.KIND, StockLines.LINES).stream()
            .filter(one -> one.material() == Material.TAILINGS && one.isWeighed())
            .filter(
                one ->
                    !book.standing(BatchStream.of(one.batch()))
                        .now()
                        .orElseThrow()
                        .label()
                        .received()
                        .isBefore(since))
            .map(one -> new Pooling.Of(one.batch(), one.lot()))
            .toList();
    List<PoolPart> parts = Pooling.parts(book, lots);
    BatchId id = new BatchId(UUID.fromString(POOL));
    Label label = new Label("Autumn pool", Pooling.source(parts), LocalDate.parse("2026-11-14"));
    does(Pooling.orders(id, label, Assumptions.USUAL, parts).toArray(Order<?, ?>[]::new));
    work(new Bencher(book, clock, id), parts);
  }

  private void work(Bencher bench, List<PoolPart> parts) {
    double grams = parts.stream().mapToDouble(PoolPart::grams).sum();
    double mg =
        parts.stream().mapToDouble(one -> one.grams() / 1000 * one.mgPerKg().orElse(0)).sum();
    bench.measure(
        bench.feed(),
        new LiftTest(
            100, List.of(new Lift(20, 2.6, 0), new Lift(12, 1.4, 0), new Lift(5, 0.5, 3))));
    List<LotId> first = bench.separator(DRUM, bench.feed());
    bench.set("motor-volts", 7.5);
    bench.set("feed", 16);
    bench.set("magnet-gap", 12);
    bench.starts(DRUM);
    bench.lets((int) Math.round(grams / 1000 / 16 * 60));
    bench.stops();
    double black = tens(grams * 0.04);
    bench.weigh(first.get(0), black);
    bench.weigh(first.get(1), tens(grams - black));
    bench.measure(first.get(0), new MagnetTest(50, 48, 0.5));
    bench.looks(first.get(0), 120, 0);
    bench.done();
    List<LotId> second = bench.separator(NEAR, first.get(1));
    bench.set("magnet-gap", 5);
    bench.set("feed", 12);
    bench.starts(NEAR);
    bench.lets((int) Math.round(grams / 1000 / 12 * 60));
    bench.stops();
    double rest = tens(grams * 0.008);
    bench.weigh(second.get(0), rest);
    bench.weigh(second.get(1), tens(grams - black - rest));
    bench.measure(second.get(0), new MagnetTest(20, 15, 1));
    bench.looks(second.get(0), 60, 2);
    bench.note("Heap of the second magnet looked at first: two specks in 60 g.");
    bench.done();
    bowl(bench, second.get(1), grams - black - rest, mg);
    bench.close();
  }

  private static void bowl(Bencher bench, LotId sand, double grams, double mg) {
    List<LotId> ports = bench.machine(DemoBook.BOWL, sand, Material.CONCENTRATE, Material.TAILINGS);
    bench.set("rim", 5);
    bench.set("charge", 350);
    bench.starts(DemoBook.BOWL);
    bench.lets((int) Math.round(grams / 350 * 2.2));
    bench.stops();
    bench.weigh(ports.get(0), 96.4);
    bench.weigh(ports.get(1), tens(grams - 96));
    bench.looks(ports.get(1), 2_000, 3);
    bench.done();
    List<LotId> finished = bench.finish(ports.get(0));
    double won = Math.round(mg * FOUND) / 1000.0;
    bench.gold(finished.get(0), won, won);
    bench.weigh(finished.get(1), 96);
    bench.looks(finished.get(1), 96, 1);
    bench.lets(20);
    bench.done();
  }

  private static double tens(double grams) {
    return Math.round(grams / 10) * 10.0;
  }

  /** Three days outdoors: two fed one batch together. */
  void outdoors(BatchId fern, BatchId tarn) {
    trip(
        "trip 1",
        "2026-09-12",
        DemoTruth.FERNHOLLOW,
        130,
        290,
        22,
        Dug.ofLitres(310),
        14_300,
        fern);
    trip(
        "trip 2",
        "2026-09-13",
        DemoTruth.FERNHOLLOW,
        130,
        350,
        27,
        Dug.ofLitres(400),
        18_900,
        fern);
    trip("trip 3", "2026-09-26", DemoTruth.TARNBECK, 70, 330, 30, Dug.ofKg(720), 21_500, tarn);
  }

  private void trip(
      String id,
      String date,
      String source,
      double travel,
      double work,
      int pans,
      Dug dug,
      double carriedG,
      BatchId batch) {
    clock.jumpTo(date + "T18:30:00Z");
    does(
        Order.of(
            SeasonStream.SEASON,
            new SeasonEdit.AddTrip(
                new Trip(
                    id,
                    LocalDate.parse(date),
                    source,
                    travel,
                    work,
                    45,
                    OptionalInt.of(pans),
                    Optional.of(dug),
                    OptionalDouble.of(carriedG),
                    OptionalDouble.of(0.12),
                    Optional.of(batch),
                    ""))));
  }
}
