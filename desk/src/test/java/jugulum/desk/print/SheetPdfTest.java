package jugulum.desk.print;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jugulum.core.ledger.Machine.Kind;
import jugulum.core.machine.Gear;
import jugulum.core.machine.Sheets;
import jugulum.core.screens.Cut;
import jugulum.core.screens.StandardScreens;
import jugulum.desk.words.English;
import jugulum.desk.words.SheetWords;
import jugulum.desk.words.StartWords;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.openpdf.text.pdf.PdfReader;
import org.openpdf.text.pdf.parser.PdfTextExtractor;

/** The page for the wall, read back with the library's own reader. */
class SheetPdfTest {
  private static final Cut CUT =
      new Cut(StandardScreens.numbered("50"), StandardScreens.numbered("100"));

  private static String words(String text) {
    return text.replaceAll("\\s+", " ");
  }

  @ParameterizedTest
  @EnumSource(Kind.class)
  void everyMachineHasOnePageWithAllOfItsSheet(Kind kind) throws IOException {
    Gear gear = Gear.any(kind);
    boolean isWet = gear.sheet().dial("wetting").isPresent();
    SheetPage page =
        SheetPage.of(
            English.WORDS,
            gear,
            English.WORDS.of("machine", kind),
            Optional.of(new StartWords.Feed(CUT, 0.3)),
            "Cindermoor 3 · −50 +100",
            isWet ? Map.of("wetting", 3.0) : Map.of("feed", 12.0),
            List.of("This lot is 21 charges."));
    byte[] pdf = SheetPdf.of(English.WORDS, page);
    try (PdfReader reader = new PdfReader(pdf)) {
      assertThat(reader.getNumberOfPages()).isEqualTo(1);
      String text = words(new PdfTextExtractor(reader).getTextFromPage(1));
      assertThat(text)
          .contains(
              English.WORDS.of("machine", kind),
              "Cindermoor 3",
              "This lot is 21 charges.",
              isWet ? "3 drops in 10 L" : "12 kg/h");
      for (String check : Sheets.of(kind).checks()) {
        assertThat(text).contains(words(SheetWords.check(English.WORDS, check)));
      }
      for (String caution : Sheets.of(kind).cautions()) {
        assertThat(text)
            .contains(words(SheetWords.caution(English.WORDS, caution)).substring(0, 30));
      }
    }
    assertThat(new String(pdf, StandardCharsets.ISO_8859_1))
        .as("the fonts are in the file")
        .contains("/FontFile3", "B612");
  }
}
