package jugulum.desk.print;

import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DIGIT3;
import static javafx.scene.input.KeyCode.DIGIT4;
import static javafx.scene.input.KeyCode.DIGIT5;
import static javafx.scene.input.KeyCode.DIGIT7;
import static javafx.scene.input.KeyCode.L;
import static javafx.scene.input.KeyCode.P;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import org.junit.jupiter.api.Test;
import org.openpdf.text.Rectangle;
import org.openpdf.text.pdf.PdfReader;

/** Pages go to a printer of the system as they go into a file. */
class PrintingTest extends OnTheDemoBook {
  private static final double POINTS_OF_MM = 72 / 25.4;

  @Test
  void aPageIsPrintedFromTheWindow() throws IOException {
    try (Person person = Person.at(book).printingTo("shed printer")) {
      person.press(CONTROL, DIGIT3).press(P);
      person.until(() -> person.printed().size() == 1);
      person.until(() -> person.text("notice").contains("was handed to shed printer"));
      person.press(CONTROL, DIGIT5).until(() -> person.sees("season-print"));
      person.press(P).until(() -> person.printed().size() == 2);
      for (byte[] pdf : person.printed()) {
        PdfReader pages = new PdfReader(pdf);
        assertThat(pages.getNumberOfPages()).isPositive();
        pages.close();
      }
    }
  }

  @Test
  void aPrinterThatTakesNothingIsSaid() {
    try (Person person = Person.at(book).printingTo("broken printer")) {
      person.press(CONTROL, DIGIT3).press(P);
      person.until(() -> person.text("notice").contains("out of paper"));
      assertThat(person.printed()).isEmpty();
    }
  }

  @Test
  void labelsAreOfTheSizeChosenOneAPage() throws IOException {
    try (Person person = Person.at(book).printingTo("label printer")) {
      person.press(CONTROL, DIGIT7).click("labels-size-MEDIUM");
      person.press(CONTROL, DIGIT4).click("day-part-STOCK").settle();
      person.press(L).until(() -> person.printed().size() == 1);
      PdfReader pages = new PdfReader(person.printed().getFirst());
      assertThat(pages.getNumberOfPages()).isGreaterThan(3);
      Rectangle first = pages.getPageSize(1);
      assertThat((double) first.getWidth()).isCloseTo(62 * POINTS_OF_MM, within(0.5));
      assertThat((double) first.getHeight()).isCloseTo(29 * POINTS_OF_MM, within(0.5));
      pages.close();
    }
  }
}
