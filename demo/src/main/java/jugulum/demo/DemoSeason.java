package jugulum.demo;

import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import jugulum.book.Books;
import jugulum.book.batch.ResultLines;
import jugulum.book.belief.Beliefs;
import jugulum.book.season.SeasonStream;
import jugulum.book.stream.Bench;
import jugulum.book.stream.Book;
import jugulum.book.stream.Order;
import jugulum.book.stream.Saved;
import jugulum.book.stream.Writer;
import jugulum.core.ledger.BatchId;
import jugulum.core.season.Change;
import jugulum.core.season.Gravel;
import jugulum.core.season.KindOfWork;
import jugulum.core.season.SeasonEdit;
import jugulum.core.season.Slip;
import jugulum.core.season.Source;

/**
 * A made-up book of two seasons: five sources, {@link #BATCHES} batches, one a pool of others,
 * habits that cost gold and changes that mend some of it. What is true of it is drawn from {@link
 * DemoTruth}; the batches tell it as a bench would, by weights and counted specks. Claims, places
 * and figures are invented.
 */
public final class DemoSeason {
  /** How many batches were washed, the last two not closed. */
  private static final int WASHED = 46;

  /** How many batches it has: at the end one was put together of others. */
  public static final int BATCHES = WASHED + 1;

  /** What was kept of batches since then is run together. */
  private static final LocalDate POOLED_SINCE = LocalDate.parse("2026-03-01");

  private static final LocalDate FIRST = LocalDate.parse("2025-03-03");
  private static final LocalDate LAST = LocalDate.parse("2026-11-09");
  private static final long SEED = 20261127;

  private final DemoClock clock = new DemoClock(FIRST + "T06:30:00Z");
  private final DemoTruth truth = new DemoTruth(SEED);
  private final Map<String, Integer> numbers = new TreeMap<>();
  private final List<Made> made = new ArrayList<>();
  private final Book book;

  /** A batch that was made. */
  private record Made(BatchId id, String source, LocalDate date, double goldG) {}

  private DemoSeason(Path path) {
    this.book = Books.open(path, new Writer(() -> Bench.UNNAMED, clock, new DemoIds(SEED)));
  }

  /** Makes the book at a place where there is none. */
  public static void write(Path path) {
    DemoSeason demo = new DemoSeason(path);
    try (Book _ = demo.book) {
      DemoBook.shop(demo.book);
      demo.sources();
      for (int i = 0; i < WASHED; i++) {
        demo.batch(i);
      }
      demo.slips();
      demo.changes();
      DemoPool end = new DemoPool(demo.book, demo.clock);
      end.outdoors(
          demo.fedBy(DemoTruth.FERNHOLLOW, "2026-09-13"),
          demo.fedBy(DemoTruth.TARNBECK, "2026-09-26"));
      end.runTogether(POOLED_SINCE);
      // What every batch came to is worked out once here, not at every first look of a newcomer.
      ResultLines.all(demo.book);
      Beliefs.stock(demo.book);
    }
  }

  /** The first batch of a source received after a day. */
  private BatchId fedBy(String source, String day) {
    LocalDate after = LocalDate.parse(day);
    return made.stream()
        .filter(one -> one.date().isAfter(after) && one.source().equals(source))
        .findFirst()
        .map(Made::id)
        .orElseThrow();
  }

  private void does(SeasonEdit edit) {
    if (book.submit(Order.of(SeasonStream.SEASON, edit)) instanceof Saved.Refused refused) {
      throw new IllegalStateException("made-up data was refused: " + refused + " for " + edit);
    }
  }

  private void sources() {
    does(
        new SeasonEdit.TellSource(
            new Source(
                DemoTruth.TARNBECK,
                "left bank, above the ford",
                "hand tools, to 30 September each year",
                "Fine and flat; pay layer at the foot of the fan.")));
    does(
        new SeasonEdit.TellSource(
            new Source(
                DemoTruth.FERNHOLLOW,
                "second terrace",
                "lease 114, renewed to 2028",
                "Much garnet.")));
    does(
        new SeasonEdit.TellSource(
            new Source(DemoTruth.HEAP, "behind the shed", "", "Washed once, years ago.")));
  }

  private static LocalDate dayOf(int number) {
    long days = LAST.toEpochDay() - FIRST.toEpochDay();
    LocalDate date = FIRST.plusDays(days * number / (WASHED - 1));
    // Nobody washes gravel in the frost: what was kept is worked then, and less of it.
    return date.getMonthValue() <= 2 ? date.plusDays(number % 5) : date;
  }

  private void batch(int number) {
    LocalDate date = dayOf(number);
    clock.jumpTo(date + "T07:30:00Z");
    String source = truth.source(number);
    int next = numbers.merge(source, 1, Integer::sum);
    String name = source.split(" ")[0].equals("Old") ? "Heap" : source.split(" ")[0];
    String id = "7a3e5c10-0000-4000-9000-%012d".formatted(number + 1);
    // One bucket was written on in a hurry: the season offers to join the two names.
    String written = number == 20 ? source.toLowerCase(Locale.ROOT) : source;
    Bencher bench = new Bencher(book, clock, id, name + " " + next, written, date.toString());
    double gold =
        new DemoWork(bench, truth.about(number, source, date), number)
            .carriedOut(number < WASHED - 2 ? 3 : number == WASHED - 2 ? 1 : 0);
    BatchId batch = new BatchId(UUID.fromString(id));
    made.add(new Made(batch, source, date, gold));
    if (!source.equals(DemoTruth.HEAP) && number % 6 != 5) {
      does(
          new SeasonEdit.TellGravel(
              new Gravel(batch, truth.buckets(number), Gravel.USUAL_BUCKET_L)));
    }
  }

  /** Gold was sent off four times, and once it came back lighter than melting explains. */
  private void slips() {
    List<LocalDate> days =
        List.of(
            LocalDate.parse("2025-07-14"),
            LocalDate.parse("2025-12-01"),
            LocalDate.parse("2026-05-18"),
            LocalDate.parse("2026-09-28"));
    double[] weighed = {0.996, 0.991, 0.964, 0.994};
    double[] fineness = {0.884, 0.902, 0.893, 0.897};
    double[] pricePerGram = {88, 93, 99, 103};
    LocalDate since = FIRST;
    for (int i = 0; i < days.size(); i++) {
      LocalDate until = days.get(i);
      LocalDate from = since;
      List<Made> its =
          made.stream()
              .filter(one -> !one.date().isBefore(from) && one.date().isBefore(until.minusDays(20)))
              .toList();
      since = until.minusDays(20);
      clock.jumpTo(until + "T15:00:00Z");
      double sent = Math.round(its.stream().mapToDouble(Made::goldG).sum() * 1000) / 1000.0 - 0.012;
      double received = Math.round(sent * weighed[i] * 100) / 100.0;
      does(
          new SeasonEdit.AddSlip(
              new Slip(
                  "slip " + (i + 1),
                  until,
                  sent,
                  received,
                  fineness[i],
                  Math.round(received * fineness[i] * pricePerGram[i] * 0.94 * 100) / 100.0,
                  its.stream().map(Made::id).toList(),
                  i == 2 ? "melted with borax, slag kept" : "")));
    }
  }

  private void changes() {
    change(
        "change 1", DemoTruth.MORE_DROPS, "The heap is dropped three times", KindOfWork.MAGNET, "");
    change(
        "change 2",
        DemoTruth.AGENT,
        "Wetting agent into the hopper too",
        KindOfWork.MACHINES,
        DemoBook.BOWL.name());
    change(
        "change 3",
        DemoTruth.LESS_WATER,
        "Two litres less wash water",
        KindOfWork.MACHINES,
        DemoBook.DECK.name());
  }

  private void change(String id, LocalDate date, String what, KindOfWork work, String machine) {
    clock.jumpTo(date + "T18:00:00Z");
    does(
        new SeasonEdit.AddChange(
            new Change(
                id,
                date,
                what,
                Optional.of(work),
                machine.isEmpty() ? Optional.empty() : Optional.of(machine))));
  }
}
