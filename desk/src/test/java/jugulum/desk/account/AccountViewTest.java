package jugulum.desk.account;

import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DIGIT1;
import static javafx.scene.input.KeyCode.DIGIT3;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.L;
import static javafx.scene.input.KeyCode.P;
import static javafx.scene.input.KeyCode.S;
import static javafx.scene.input.KeyCode.SHIFT;
import static javafx.scene.input.KeyCode.UP;
import static javafx.scene.input.KeyCode.X;
import static javafx.scene.input.KeyCode.Z;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.IntStream;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Reading;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import org.dhatim.fastexcel.reader.CellType;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.Row;
import org.dhatim.fastexcel.reader.Sheet;
import org.junit.jupiter.api.Test;
import org.openpdf.text.pdf.PdfReader;
import org.openpdf.text.pdf.parser.PdfTextExtractor;

/** The account of the half-way demo batch, and of the finished one, in the window and on paper. */
class AccountViewTest extends OnTheDemoBook {
  private static Person atTheAccount(Person person) {
    person.press(CONTROL, DIGIT3);
    return person.until(() -> person.workbench().accountWork().account().get().isPresent());
  }

  private static Person finished(Person person) {
    person.openInOneFrame("Tarnbeck 7");
    return atTheAccount(person);
  }

  private static Lot lot(Person person, Material material, String cut) {
    return person.batch().lots().stream()
        .filter(lot -> lot.material() == material && lot.cut().notation().equals(cut))
        .findFirst()
        .orElseThrow();
  }

  private static String words(String text) {
    return text.replaceAll("\\s+", " ");
  }

  /** The weight of a lot that stands in two weighed steps is spoilt, found, and put right. */
  @Test
  void aMisweighedLotIsFoundAndCorrected() {
    try (Person person = Person.at(book)) {
      Lot cut = lot(person, Material.CUT, "−16 +30");
      Reading weight = cut.readings().getFirst();
      person.open(cut.id().number()).click("correct-" + weight.id().number());
      person.type("gross", "9.53 kg").type("reason", "as it was read").click("correct-record");
      atTheAccount(person).click("account-part-SAND");
      assertThat(person.text("balance-test")).contains("do not fit together");
      assertThat(person.text("misfit"))
          .contains("The weight of −16 +30 does not fit.", "the others say 8.3");
      person.click("misfit-" + cut.id().number());
      int spoilt = lot(person, Material.CUT, "−16 +30").readings().getLast().id().number();
      person
          .click("correct-" + spoilt)
          .type("gross", "9.06 kg")
          .type("reason", "a nine for a zero")
          .click("correct-record");
      atTheAccount(person);
      assertThat(person.text("balance-test")).contains("fit together").doesNotContain("do not");
      assertThat(lot(person, Material.CUT, "−16 +30").readings())
          .as("nothing recorded is lost")
          .hasSize(3);
    }
  }

  @Test
  void aWeightCanBeDoubtedAndTrustedAgain() {
    try (Person person = Person.at(book)) {
      Lot cut = lot(person, Material.CUT, "−16 +30");
      int weight = cut.readings().getFirst().id().number();
      person.open(cut.id().number()).click("correct-" + weight).click("correct-doubt");
      assertThat(person.text("reason-error")).as("a doubt needs its reason").isNotEmpty();
      person.type("reason", "the scale stood askew").click("correct-doubt");
      assertThat(person.everything()).contains("Doubted, does not count: the scale stood askew");
      atTheAccount(person).click("account-part-SAND");
      assertThat(person.everything()).contains("by difference");
      person
          .press(CONTROL, DIGIT1)
          .open(cut.id().number())
          .click("correct-" + weight)
          .click("correct-trust");
      assertThat(person.everything()).doesNotContain("Doubted");
    }
  }

  /**
   * The sand is worked out behind the edits: what it shows in between is of the batch before, never
   * of both.
   */
  @Test
  void lotsComeAndGoWhileTheSandIsLookedAt() {
    try (Person person = Person.at(book)) {
      atTheAccount(person).click("account-part-SAND");
      assertThat(person.text("account-view")).contains("non-magnetics −50 +100");
      for (int edit = 0; edit < 5; edit++) {
        person.press(CONTROL, Z);
      }
      person.until(() -> !person.text("account-view").contains("non-magnetics −50 +100"));
      assertThat(person.text("account-view")).doesNotContain("non-magnetics −50 +100");
      for (int edit = 0; edit < 5; edit++) {
        person.press(CONTROL, SHIFT, Z);
      }
      person.until(() -> person.text("account-view").contains("non-magnetics −50 +100"));
      assertThat(person.text("account-view")).contains("non-magnetics −50 +100");
    }
  }

  @Test
  void everyPartSaysWhatItIsFor() {
    try (Person person = finished(Person.at(book))) {
      assertThat(person.everything())
          .contains(
              "Of the free gold found",
              "Of all gold found",
              "95 % range",
              "beads and taken from samples",
              "Drawn anew",
              "What next",
              "of the 17 lots that are left pays");
      person.click("account-part-STEPS");
      assertThat(person.everything()).contains("kept so far", "Magnet: −20 +50");
      person.click("account-part-NEXT");
      assertThat(person.everything())
          .contains("Chance that it pays", "as told on 1 Oct 2026", "leave it.", "money an hour");
      String first = person.text("advice-sums");
      person.click("advice-2");
      assertThat(person.text("advice-sums")).isNotEqualTo(first);
      person.click("advice-by-GOLD");
      assertThat(person.text("advice-sums"))
          .contains("free gold is in there", "The best one could do: one more magnet pass.");
      assertThat(
              IntStream.rangeClosed(1, 8)
                  .mapToObj(line -> person.click("advice-" + line).text("advice-sums")))
          .anySatisfy(
              sums ->
                  assertThat(sums)
                      .contains("gold, free and hidden, is in there", "sell it as it is"));
      person.click("account-part-SMELTS");
      assertThat(person.everything())
          .contains(
              "mean of 2 smelts",
              "Smelting pays from",
              "hidden gold apart",
              "free and hidden together");
    }
  }

  @Test
  void theSheetAnswersHowMuchHowSureWhereTheRestIsAndWhatNext() throws IOException {
    try (Person person = finished(Person.at(book))) {
      Path file = folder.resolve("sheet.pdf");
      person
          .choosing(file)
          .press(P)
          .until(() -> Files.exists(file) && person.everything().contains("Saved as"));
      try (PdfReader reader = new PdfReader(Files.readAllBytes(file))) {
        assertThat(reader.getNumberOfPages()).isEqualTo(2);
        String first = words(new PdfTextExtractor(reader).getTextFromPage(1));
        assertThat(first)
            .contains(
                "Tarnbeck 7, the account",
                "How much",
                "2.549 g",
                "dwt",
                "How sure",
                "Of all gold, both combined",
                "Where the gold is",
                "Hidden gold",
                "tailings",
                "What next",
                "Chance that it pays",
                "The weights fit together");
        assertThat(words(new PdfTextExtractor(reader).getTextFromPage(2)))
            .contains("kept so far", "What this rests on", "JCGM 101");
      }
      assertThat(Files.readString(file, StandardCharsets.ISO_8859_1))
          .as("the fonts are in the file")
          .contains("/FontFile3");
    }
  }

  @Test
  void settlementAndLabelsComeAsPages() throws IOException {
    try (Person person = finished(Person.at(book))) {
      Path settlement = folder.resolve("settlement.pdf");
      person
          .choosing(settlement)
          .press(S)
          .until(() -> Files.exists(settlement) && person.everything().contains("settlement.pdf"));
      Path labels = folder.resolve("labels.pdf");
      person
          .choosing(labels)
          .press(L)
          .until(() -> Files.exists(labels) && person.everything().contains("labels.pdf"));
      try (PdfReader reader = new PdfReader(Files.readAllBytes(settlement));
          PdfReader second = new PdfReader(Files.readAllBytes(labels))) {
        String text = words(new PdfTextExtractor(reader).getTextFromPage(1));
        assertThat(text)
            .contains(
                "Settlement, Tarnbeck 7",
                "884 parts in 1000, measured",
                "Customer’s share of that, 70.0 %",
                "To be paid to the customer",
                "records to keep");
        assertThat(words(new PdfTextExtractor(second).getTextFromPage(1)))
            .contains("Tarnbeck 7", "884 fine", "−20 +50", "1.200 g");
      }
    }
  }

  @Test
  void theSpreadsheetHasNumbersAsNumbers() throws IOException {
    try (Person person = finished(Person.at(book))) {
      Path file = folder.resolve("tarnbeck.xlsx");
      person.choosing(file).press(X).until(() -> person.everything().contains("is written to"));
      try (ReadableWorkbook workbook = new ReadableWorkbook(Files.newInputStream(file))) {
        assertThat(workbook.getSheets().map(Sheet::getName))
            .containsExactly("account", "steps", "sand", "next", "lots", "readings");
        List<Row> account = workbook.findSheet("account").orElseThrow().read();
        Row won =
            account.stream()
                .filter(row -> row.getCellText(0).equals("gold_in_hand"))
                .findFirst()
                .orElseThrow();
        assertThat(won.getCell(2).getType()).isEqualTo(CellType.NUMBER);
        double shown =
            person
                .workbench()
                .projections()
                .current()
                .get()
                .worked()
                .orElseThrow()
                .gold()
                .won()
                .orElseThrow()
                .milligrams();
        assertThat(won.getCellAsNumber(2).orElseThrow().doubleValue()).isEqualTo(shown);
        Row feed = workbook.findSheet("sand").orElseThrow().read().get(1);
        assertThat(feed.getCellAsNumber(1).orElseThrow().doubleValue())
            .as("the feed, dry")
            .isGreaterThan(22_000);
      }
      assertThat(folder.resolve("tarnbeck.json")).exists();
      assertThat(Files.readString(folder.resolve("tarnbeck-account.csv")))
          .startsWith("figure,of,value,low,high,unit,at_most");
      assertThat(Files.readString(folder.resolve("tarnbeck-next.csv"))).contains("RERUN");
    }
  }

  @Test
  void aSmeltIsTypedOnItsLot() {
    try (Person person = Person.at(book)) {
      Lot tailings = lot(person, Material.TAILINGS, "−30 +50");
      person.open(tailings.id().number()).click("measure-SMELT");
      assertThat(person.everything())
          .as("the caution stands where the hazard is")
          .contains("Dry moulds");
      person.type("smelt-collector-mass", "40 g").type("smelt-button", "35 g");
      assertThat(person.text("smelt-button-says")).contains("weighs less", "Crush the slag");
      person.type("smelt-button", "41 g");
      assertThat(person.text("smelt-button-says")).contains("weighs what went in");
      person
          .type("smelt-sample", "200 g")
          .type("smelt-bead", "4 mg")
          .type("smelt-parted", "5 mg")
          .click("record");
      assertThat(person.text("smelt-parted-error")).as("more than the bead").isNotEmpty();
      assertThat(person.text("smelt-visible"))
          .as("nothing is claimed that nobody said")
          .contains("Left in, or nobody looked");
      person.click("smelt-visible").press(UP).press(UP).press(UP).press(ENTER);
      person.type("smelt-parted", "3.4 mg").type("smelt-slag", "0.2 mg").click("record");
      double lotMg =
          person
              .workbench()
              .projections()
              .current()
              .get()
              .worked()
              .orElseThrow()
              .gold()
              .lots()
              .get(tailings.id())
              .hidden()
              .orElseThrow()
              .milligrams();
      assertThat(lotMg)
          .as("3.4 mg fine, 884 fine, and 0.2 mg, in 200 g of 5.13 kg")
          .isBetween(95.0, 105.0);
      assertThat(person.everything())
          .contains(
              "200.0 g smelted with lead: bead 4.00 mg, parted 3.40 mg fine, 0.20 mg out of the"
                  + " slag; no visible gold");
      atTheAccount(person);
      assertThat(person.everything()).contains("got out of the slag");
    }
  }

  @Test
  void withoutGoldThereIsNothingToSettleOrLabel() {
    try (Person person = Person.at(book)) {
      person.openInOneFrame("Saltergill 3");
      atTheAccount(person).press(S);
      assertThat(person.text("notice")).contains("nothing to settle");
      person.press(L);
      assertThat(person.text("notice")).contains("in a vial yet");
      assertThat(person.everything())
          .contains("Recovery can be told once gold was weighed.", "Go on with feed");
      person.click("account-part-SAND");
      assertThat(person.text("balance-test")).contains("No weight checks another yet");
    }
  }

  /** Garnet sold is sand and money in the account, and the gold stays what it was. */
  @Test
  void whatIsSoldBesideGoldIsSandAndMoney() {
    try (Person person = Person.at(book)) {
      Lot tailings = lot(person, Material.TAILINGS, "−30 +50");
      String gold = person.text("header-gold");
      person.open(tailings.id().number()).click("measure-PRODUCT");
      person
          .type("product-purity", "130")
          .type("product-price", "1.5")
          .type("product-buyer", "a polisher")
          .press(ENTER);
      assertThat(person.text("product-purity-error")).isNotEmpty();
      person.type("product-purity", "80").press(ENTER);
      assertThat(person.everything()).contains("garnet, 80.0 % pure, 1.50 a kg, to a polisher");
      assertThat(person.text("header-gold")).isEqualTo(gold);
      atTheAccount(person).click("account-part-SAND");
      person.until(() -> person.everything().contains("5.13 kg, 7.70 €"));
    }
  }
}
