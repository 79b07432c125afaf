package jugulum.desk.print;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import jugulum.core.check.Band;
import jugulum.core.season.BatchResult;
import jugulum.core.season.PoolAccount;
import jugulum.core.season.SeasonAccount;
import jugulum.core.season.SourceRate;
import jugulum.core.season.TripResult;
import jugulum.core.season.YearSum;
import jugulum.desk.words.Figures;
import jugulum.desk.words.SeasonWords;
import jugulum.desk.words.Words;
import org.openpdf.text.pdf.PdfPTable;

/** A year on paper: what it came to, sources, habits, changes, slips, and every batch. */
public final class SeasonPdf {
  private static final float BAR = 40;

  private SeasonPdf() {}

  /** The pages as a PDF file's content. Takes a while: not for the interface thread. */
  public static byte[] of(Figures figures, SeasonAccount account) {
    Words words = figures.words();
    String title =
        words.of(
            "season.page.title",
            account.year().isPresent()
                ? Integer.toString(account.year().getAsInt())
                : words.of("season.all-years"));
    Paper paper = new Paper(words, title);
    paper.write(title, paper.title);
    sum(account.sum(), figures, paper);
    paper.section("season.sources.title").add(sources(figures, account, paper));
    habits(account, figures, paper);
    changes(account, words, paper);
    slips(account, figures, paper);
    trips(account, figures, paper);
    account.pools().forEach(pool -> pool(pool, figures, paper));
    paper.section("batches.title").add(batches(figures, account, paper));
    return paper.bytes();
  }

  private static void sum(YearSum sum, Figures figures, Paper paper) {
    Words words = figures.words();
    paper.write(
        words.of(
            "season.head",
            words.counted("season.batches", sum.batches()),
            figures.sand(sum.feedG()),
            words.counted("season.sources", sum.sources())),
        paper.text);
    paper.write(words.of("season.page.won", figures.gold(sum.wonMg())), paper.figure);
    sum.share()
        .ifPresent(
            share ->
                paper.write(
                    words.of(
                        "season.page.share",
                        words.percent(share.usual()),
                        words.wholeShares(share),
                        SeasonWords.amounts(figures, sum.awayMg())),
                    paper.text));
  }

  private static void habits(SeasonAccount account, Figures figures, Paper paper) {
    Words words = figures.words();
    part(
        paper,
        "season.habits.title",
        account.habits(),
        one ->
            words.of(
                "season.page.habit",
                SeasonWords.habit(words, one),
                SeasonWords.counted(words, one),
                SeasonWords.cost(figures, one)));
  }

  private static void changes(SeasonAccount account, Words words, Paper paper) {
    part(
        paper,
        "season.changes.title",
        account.changes(),
        one ->
            words.of(
                "season.page.change",
                words.day(one.change().date()),
                one.change().what(),
                SeasonWords.did(words, one)));
  }

  private static void slips(SeasonAccount account, Figures figures, Paper paper) {
    Words words = figures.words();
    part(
        paper,
        "season.slips.title",
        account.slips(),
        one ->
            words.of(
                "season.page.slip",
                words.day(one.slip().date()),
                words.of(
                    "season.slip.line",
                    figures.gold(one.slip().receivedG() * 1000),
                    words.fixed(1000 * one.slip().fineness(), 0),
                    figures.gold(one.slip().fineG() * 1000)),
                SeasonWords.slip(words, one)));
  }

  /** A part with a sentence for each thing; none where there is nothing to tell. */
  private static <T> void part(
      Paper paper, String title, List<T> all, Function<T, String> sentence) {
    if (!all.isEmpty()) {
      paper.section(title);
      all.forEach(one -> paper.write(sentence.apply(one), paper.text));
    }
  }

  private static void trips(SeasonAccount account, Figures figures, Paper paper) {
    Words words = figures.words();
    List<List<String>> rows = new ArrayList<>();
    for (TripResult.OfSource one : TripResult.bySource(account.trips(), account.season())) {
      rows.add(
          List.of(
              SeasonWords.source(words, one.source()),
              words.counted("trip.of", one.trips(), words.fixed(one.hours(), 1)),
              figures.gold(one.milligrams()),
              words.of("trip.each-hour", figures.gold(one.mgPerHour()))));
    }
    if (!rows.isEmpty()) {
      paper
          .section("trip.page")
          .add(
              paper.table(
                  List.of("batches.source", "season.part.TRIPS", "batches.gold", "trip.title"),
                  new float[] {34, 22, 20, 24},
                  rows));
    }
  }

  private static void pool(PoolAccount pool, Figures figures, Paper paper) {
    Words words = figures.words();
    paper.section("season.pools.page", pool.pool().name());
    List<List<String>> rows = new ArrayList<>();
    for (PoolAccount.Group group : pool.byBatch()) {
      rows.add(
          List.of(
              group.name(),
              figures.sand(group.grams()),
              figures.gold(group.milligrams().usual()),
              SeasonWords.amounts(figures, group.milligrams()),
              group
                  .passedOver()
                  .map(share -> words.percent(share.usual()))
                  .orElse(words.of("header.none"))));
    }
    paper.add(
        paper.table(
            List.of(
                "batches.name",
                "batches.feed",
                "batches.gold",
                "season.pools.ends",
                "season.pools.over"),
            new float[] {30, 14, 14, 24, 18},
            rows));
  }

  private static PdfPTable sources(Figures figures, SeasonAccount account, Paper paper) {
    Words words = figures.words();
    List<List<String>> rows = new ArrayList<>();
    for (SourceRate rate : account.rates(SourceRate.Of.HOUR)) {
      rows.add(
          List.of(
              SeasonWords.source(words, rate.source()),
              words.counted("season.batches", rate.batches()),
              figures.gold(rate.wonMg()),
              SeasonWords.rate(figures, SourceRate.Of.HOUR, rate.rate().usual()),
              rate.isSharp() ? "" : SeasonWords.amounts(figures, rate.rate())));
    }
    return paper.table(
        List.of("batches.source", "batches.title", "batches.gold", "season.page.hour", ""),
        new float[] {32, 16, 14, 18, 20},
        rows);
  }

  private static PdfPTable batches(Figures figures, SeasonAccount account, Paper paper) {
    Words words = figures.words();
    double most =
        account.batches().stream()
            .mapToDouble(one -> one.wonMg() + one.awayMg().map(Band::usual).orElse(0.0))
            .max()
            .orElse(1);
    PdfPTable table = Paper.grid(20, 16, 13, 12, 14, BAR - 15);
    for (String head :
        List.of("batches.name", "batches.received", "batches.feed", "batches.gold")) {
      table.addCell(Paper.lined(words.of(head), paper.bold));
    }
    table.addCell(Paper.lined(words.of("season.page.share.head"), paper.bold));
    table.addCell(Paper.lined("", paper.bold));
    for (BatchResult one : account.batches()) {
      table.addCell(Paper.lined(one.name(), paper.bold));
      table.addCell(Paper.lined(words.day(one.received()), paper.text));
      table.addCell(
          Paper.lined(
              one.feedG().isPresent()
                  ? figures.sand(one.feedG().getAsDouble())
                  : words.of("header.none"),
              paper.text));
      table.addCell(Paper.lined(figures.gold(one.wonMg()), paper.text));
      table.addCell(
          Paper.lined(
              one.share().map(words::wholeShares).orElse(words.of("header.none")), paper.text));
      table.addCell(Paper.bar(0, one.wonMg() / Math.max(most, Double.MIN_NORMAL)));
    }
    return table;
  }
}
