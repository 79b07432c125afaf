package jugulum.desk.print;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import jugulum.book.Books;
import jugulum.book.batch.BatchLines;
import jugulum.book.batch.BatchStream;
import jugulum.book.shop.ShopStream;
import jugulum.book.stream.Book;
import jugulum.book.stream.Writer;
import jugulum.book.trial.TrialStream;
import jugulum.core.account.Account;
import jugulum.core.account.Worked;
import jugulum.core.belief.Belief;
import jugulum.core.belief.Experience;
import jugulum.core.belief.StockLot;
import jugulum.core.gold.GoldMemory;
import jugulum.core.ledger.Machine.Kind;
import jugulum.core.machine.Gear;
import jugulum.core.shop.Shop;
import jugulum.core.trial.Trial;
import jugulum.core.trial.TrialResult;
import jugulum.core.units.MassUnit;
import jugulum.desk.DemoBooks;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Pseudo;
import jugulum.desk.words.Words;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.openpdf.text.pdf.PdfReader;
import org.openpdf.text.pdf.parser.PdfTextExtractor;

/**
 * What is printed speaks the language chosen, to the last word, with that person's decimal mark.
 */
class PagesInAnotherLanguageTest {
  private static final Words WORDS = Words.in(Pseudo.language(), Locale.GERMANY);
  private static final Figures FIGURES = new Figures(MassUnit.GRAM, WORDS);

  /** Names of the demo, signs of units, and months, which the made-up language has as English. */
  private static final Pattern NAMES =
      Pattern.compile(
          "Garden|Slate|against"
              + "|Tarnbeck|gravel|fan|little|cone|long|deck|garden|bowl|slate|old|pan|season|bag|last|black|of|the"
              + "|Oct|Nov|mg|kg|gr|dwt|ozt|oz|ton|cm");

  @TempDir private static Path folder;
  private static Account account;
  private static Trial trial;

  @BeforeAll
  static void theAccountOfAFinishedBatch() throws IOException {
    Path path = folder.resolve("demo.book");
    DemoBooks.demo(path);
    Clock clock = Clock.fixed(Instant.parse("2026-11-17T15:00:00Z"), ZoneOffset.UTC);
    try (Book book = Books.open(path, Writer.unnamed(clock))) {
      Shop shop = book.standing(ShopStream.SHOP).now().orElseThrow();
      account =
          BatchLines.all(book).stream()
              .filter(one -> one.name().equals("Tarnbeck 7"))
              .map(one -> book.standing(BatchStream.of(one.id())).now().orElseThrow())
              .map(
                  batch ->
                      Worked.of(batch).account(new GoldMemory(), new Belief(Experience.NONE, shop)))
              .findFirst()
              .orElseThrow();
      trial =
          book.streams().stream()
              .filter(key -> key.kind().equals(TrialStream.KIND.name()))
              .flatMap(
                  key -> book.standing(TrialStream.of(TrialStream.id(key.id()))).now().stream())
              .filter(Trial::closed)
              .findFirst()
              .orElseThrow();
    }
  }

  @Test
  void theTrial() throws IOException {
    byte[] pdf = TrialPdf.of(FIGURES, trial, TrialResult.of(trial));
    speaks(pdf);
    try (PdfReader reader = new PdfReader(pdf)) {
      assertThat(reader.getNumberOfPages()).isEqualTo(1);
    }
  }

  private static void speaks(byte[] pdf) throws IOException {
    TreeSet<String> untranslated = new TreeSet<>();
    StringBuilder all = new StringBuilder();
    try (PdfReader reader = new PdfReader(pdf)) {
      for (int page = 1; page <= reader.getNumberOfPages(); page++) {
        all.append(new PdfTextExtractor(reader).getTextFromPage(page)).append('\n');
      }
    }
    Pattern.compile("[A-Za-z]{2,}")
        .matcher(all)
        .results()
        .map(MatchResult::group)
        .filter(word -> !NAMES.matcher(word).matches())
        .forEach(untranslated::add);
    assertThat(untranslated).isEmpty();
    assertThat(all.toString()).contains(String.valueOf(Pseudo.OPEN));
  }

  @Test
  void theAccount() throws IOException {
    speaks(AccountPdf.of(account, List.of(), FIGURES));
  }

  @Test
  void theSettlementAndTheLabels() throws IOException {
    speaks(SettlementPdf.of(account, FIGURES, LocalDate.of(2026, 11, 17)));
    for (LabelSize size : LabelSize.values()) {
      speaks(LabelsPdf.of(account, FIGURES, size));
      speaks(StockLabelsPdf.of(StockLot.of(account.network().batch()), FIGURES, size));
    }
  }

  @Test
  void theBenchSheet() throws IOException {
    SheetPage page =
        SheetPage.of(
            WORDS,
            Gear.any(Kind.SHAKER_TABLE),
            WORDS.of("machine", Kind.SHAKER_TABLE),
            Optional.empty(),
            "",
            Map.of(),
            List.of());
    speaks(SheetPdf.of(WORDS, page));
  }
}
