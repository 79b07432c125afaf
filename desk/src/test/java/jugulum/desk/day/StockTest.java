package jugulum.desk.day;

import static javafx.scene.input.KeyCode.*;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.application.Platform;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TableView;
import jugulum.core.belief.LotBelief;
import jugulum.core.belief.StockLot;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.Measure;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import jugulum.desk.print.StockLabelsPdf;
import org.junit.jupiter.api.Test;
import org.openpdf.text.pdf.PdfReader;
import org.openpdf.text.pdf.parser.PdfTextExtractor;

/** The stock of the demo book, by keys. */
class StockTest extends OnTheDemoBook {
  private Person atStock() {
    Person person = Person.at(book);
    person.press(CONTROL, DIGIT4).click("day-part-STOCK");
    person.until(() -> !table(person).getItems().isEmpty());
    return person.press(CONTROL, DIGIT4);
  }

  @SuppressWarnings("unchecked")
  private static TableView<LotBelief> table(Person person) {
    return (TableView<LotBelief>) person.root().lookup("#stock");
  }

  @Test
  void whatBringsMostComesFirstAndOneLookDecides() {
    try (Person person = atStock()) {
      List<LotBelief> items = List.copyOf(table(person).getItems());
      for (int i = 1; i < items.size(); i++) {
        assertThat(items.get(i).netPerHour().orElse(-1e9))
            .isLessThanOrEqualTo(items.get(i - 1).netPerHour().orElse(-1e9));
      }
      assertThat(person.text("stock-decides")).contains("One look decides most", "€");
      assertThat(person.text("stock-sum")).startsWith(items.size() + " containers");
    }
  }

  @Test
  void aScannedCodeLeadsToItsContainerAndANameNarrowsTheList() {
    try (Person person = atStock()) {
      StockLot wanted = table(person).getItems().get(5).lot();
      person.press(F).write(wanted.code()).press(ENTER);
      assertThat(table(person).getSelectionModel().getSelectedItem().lot()).isEqualTo(wanted);
      assertThat(person.focused().getId()).isEqualTo("stock");
      person.press(F).write("saltergill");
      assertThat(table(person).getItems())
          .isNotEmpty()
          .allMatch(one -> one.lot().label().equals("Saltergill 3"));
      person.write(" nowhere").press(ENTER);
      assertThat(person.text("stock-find-error")).contains("Nothing here is called");
      assertThat(person.text("stock-find")).isEqualTo("saltergill nowhere");
      person.press(ESCAPE);
      assertThat(table(person).getItems()).hasSizeGreaterThan(10);
    }
  }

  /** Residues of two batches in one bag, one assay, and each batch learns its own. */
  @Test
  void lotsOfTwoBatchesAreJoinedInABagAndLearnTheirShares() {
    try (Person person = atStock()) {
      for (String batch : List.of("Fernhollow 12", "Tarnbeck 7")) {
        int at =
            table(person).getItems().stream()
                .map(
                    one -> one.lot().label() + one.lot().material() + one.lot().grams().isPresent())
                .toList()
                .indexOf(batch + "TAILINGStrue");
        Platform.runLater(
            () -> {
              table(person).getSelectionModel().clearSelection();
              table(person).getSelectionModel().select(at);
              table(person).requestFocus();
            });
        person.settle().press(B).press(ENTER);
        assertThat(person.text("stock-what-error")).isNotEmpty();
        person.type("stock-what", "winter bag").press(ENTER);
        person.until(() -> inBag(person) == (batch.startsWith("F") ? 1 : 2));
      }
      person.press(A);
      person.until(() -> person.sees("composite-bag"));
      Platform.runLater(() -> choose(person));
      person.settle();
      person.type("composite-sample", "400 g").type("composite-grade", "3").press(ENTER);
      person.until(() -> person.text("composite-said").contains("Shared out"));
      for (String batch : List.of("Fernhollow 12", "Tarnbeck 7")) {
        person.openInOneFrame(batch);
        assertThat(assays(person.batch())).isEqualTo(1);
      }
    }
  }

  @SuppressWarnings("unchecked")
  private static void choose(Person person) {
    ((ComboBox<String>) person.root().lookup("#composite-bag")).setValue("winter bag");
  }

  private static long inBag(Person person) {
    return table(person).getItems().stream()
        .filter(one -> one.lot().bag().filter("winter bag"::equals).isPresent())
        .count();
  }

  private static long assays(Batch batch) {
    return batch.lots().stream()
        .flatMap(lot -> lot.live(Measure.Assay.class))
        .filter(assay -> assay.composite().filter("winter bag"::equals).isPresent())
        .count();
  }

  @Test
  void whatIsThrownAwayIsGoneFromTheStock() {
    try (Person person = atStock()) {
      StockLot first = table(person).getItems().getFirst().lot();
      int before = table(person).getItems().size();
      person.press(T).type("stock-what", "spilt on the floor").press(ENTER);
      person.until(() -> table(person).getItems().size() == before - 1);
      assertThat(table(person).getItems()).noneMatch(one -> one.lot().equals(first));
    }
  }

  @Test
  void labelsCarryTheirCodeInLettersAndForAScanner() throws Exception {
    try (Person person = atStock()) {
      Path pages = folder.resolve("labels.pdf");
      person.choosing(pages).press(L).until(() -> person.everything().contains("labels.pdf"));
      StockLot lot = table(person).getItems().getFirst().lot();
      try (PdfReader reader = new PdfReader(Files.readAllBytes(pages))) {
        assertThat(new PdfTextExtractor(reader).getTextFromPage(1))
            .contains(lot.code(), lot.label());
      }
      var drawn = StockLabelsPdf.drawn(lot.code());
      int[] pixels = new int[drawn.getWidth() * drawn.getHeight() * 16];
      for (int i = 0; i < pixels.length; i++) {
        int x = i % (drawn.getWidth() * 4) / 4;
        int y = i / (drawn.getWidth() * 4) / 4;
        pixels[i] = drawn.getRGB(x, y);
      }
      var seen =
          new BinaryBitmap(
              new HybridBinarizer(
                  new RGBLuminanceSource(drawn.getWidth() * 4, drawn.getHeight() * 4, pixels)));
      assertThat(new QRCodeReader().decode(seen).getText()).isEqualTo(lot.code());
    }
  }
}
