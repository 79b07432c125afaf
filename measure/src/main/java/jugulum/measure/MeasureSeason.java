package jugulum.measure;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalInt;
import java.util.function.Consumer;
import jugulum.book.Books;
import jugulum.book.batch.ResultLines;
import jugulum.book.find.Asked;
import jugulum.book.find.Finder;
import jugulum.book.season.SeasonStream;
import jugulum.book.shop.ShopStream;
import jugulum.book.stream.Book;
import jugulum.book.stream.Writer;
import jugulum.core.season.BatchResult;
import jugulum.core.season.SeasonAccount;
import jugulum.core.units.MassUnit;
import jugulum.demo.DemoSeason;
import jugulum.desk.chart.Drawing;
import jugulum.desk.chart.SeasonChart;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Language;
import jugulum.desk.words.Words;

/** A book of ten thousand batches: the season from its projections, and finding in it. */
public final class MeasureSeason {
  private static final int BATCHES = 10_000;
  private static final int TIMES = 9;
  private static final double PAGE = 1230;
  private static final double CHART = 150;
  private static final Asked.Speech SPEECH =
      new Asked.Speech(List.of("over"), List.of("under"), List.of("not looked at"), Map.of());

  private MeasureSeason() {}

  /** Prints the figures. */
  public static void main(String[] args) {
    print(System.out::println);
  }

  static void print(Consumer<String> out) {
    try {
      Path path = Files.createTempDirectory("jugulum-measure").resolve("season.book");
      DemoSeason.write(path);
      bringUp(path);
      multiply(path);
      measure(path, out);
    } catch (IOException problem) {
      throw new UncheckedIOException(problem);
    } catch (SQLException problem) {
      throw new IllegalStateException(problem);
    }
  }

  private static void bringUp(Path path) {
    try (Book book = Books.open(path, Writer.unnamed(Clock.systemUTC()))) {
      Finder.behind(book).forEach(batch -> Finder.bringUp(book, batch));
    }
  }

  /**
   * What follows from the batches is copied under other names: what is measured reads only that.
   */
  private static void multiply(Path path) throws SQLException {
    try (Connection sql = DriverManager.getConnection("jdbc:sqlite:" + path);
        Statement does = sql.createStatement()) {
      sql.setAutoCommit(false);
      does.execute("CREATE TEMP TABLE copy (n INTEGER)");
      for (int n = 1; n * DemoSeason.BATCHES < BATCHES; n++) {
        does.execute("INSERT INTO copy VALUES (" + n + ")");
      }
      String id = "printf('%08x', c.n) || substr(t.stream, 9)";
      does.execute(
          "INSERT INTO stream (kind, stream, version) SELECT kind, "
              + id
              + ", version FROM stream t, copy c"
              + " WHERE t.kind = 'batch'");
      does.execute(
          "INSERT INTO projected (name, kind, stream, version) SELECT name, kind, "
              + id
              + ", version FROM projected t, copy c WHERE t.kind = 'batch'");
      does.execute(
          "INSERT INTO projection_result SELECT "
              + id
              + ", place, name || ' ' || c.n, source,"
              + " received, replace(body, t.stream, "
              + id
              + ") FROM projection_result t, copy c");
      does.execute(
          "INSERT INTO projection_batch SELECT "
              + id
              + ", place, name || ' ' || c.n, source,"
              + " received, state, feed_g, won_g FROM projection_batch t, copy c");
      does.execute(
          "INSERT INTO projection_find (stream, place, kind, name, title, about, number, gold_mg,"
              + " sand_g, unseen, said) SELECT "
              + id
              + ", place, kind, name || ' ' || c.n,"
              + " title, about, number, gold_mg, sand_g, unseen, said || ' ' || c.n"
              + " FROM projection_find t, copy c");
      does.execute("DELETE FROM projection_find_text");
      does.execute(
          "INSERT INTO projection_find_text (rowid, said) SELECT doc, said FROM projection_find");
      sql.commit();
    }
  }

  private static void measure(Path path, Consumer<String> out) {
    Figures figures = new Figures(MassUnit.GRAM, Words.in(Language.ENGLISH, Locale.ENGLISH));
    try (Book book = Books.open(path, Writer.unnamed(Clock.systemUTC()))) {
      double[] season = new double[TIMES];
      int batches = 0;
      int marks = 0;
      for (int i = 0; i < TIMES; i++) {
        long begun = System.nanoTime();
        List<BatchResult> all = ResultLines.asTheyStand(book);
        SeasonAccount account =
            SeasonAccount.of(
                all,
                SeasonStream.of(book),
                ShopStream.of(book),
                OptionalInt.empty(),
                ZoneOffset.UTC);
        Drawing drawing = SeasonChart.of(figures, account.batches(), PAGE, CHART);
        season[i] = (System.nanoTime() - begun) / 1e6;
        batches = account.batches().size();
        marks = drawing.marks().size();
      }
      out.accept(
          String.format(
              Locale.ROOT,
              "season of %d batches read, worked out and drawn (%d marks): %s ms",
              batches,
              marks,
              spread(season)));
      Finder finder = new Finder(book);
      for (String typed :
          List.of("t", "tarn", "tranbeck", "fernhollow bowl", "over 4 g", "-50 not looked at")) {
        double[] found = new double[TIMES];
        int lines = 0;
        for (int i = 0; i < TIMES; i++) {
          long begun = System.nanoTime();
          lines = finder.find(Asked.of(typed, SPEECH)).lines().size();
          found[i] = (System.nanoTime() - begun) / 1e6;
        }
        out.accept(
            String.format(Locale.ROOT, "find “%s”, %d lines: %s ms", typed, lines, spread(found)));
      }
    }
    System.gc();
    Runtime runtime = Runtime.getRuntime();
    out.accept(
        String.format(
            Locale.ROOT,
            "memory in use afterwards %.0f MB, most that could be used %.0f MB",
            (runtime.totalMemory() - runtime.freeMemory()) / 1e6,
            runtime.maxMemory() / 1e6));
  }

  private static String spread(double[] milliseconds) {
    double[] sorted = milliseconds.clone();
    Arrays.sort(sorted);
    return String.format(
        Locale.ROOT,
        "%.1f (best %.1f, first %.1f)",
        sorted[sorted.length / 2],
        sorted[0],
        milliseconds[0]);
  }
}
