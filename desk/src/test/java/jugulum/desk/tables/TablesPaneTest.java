package jugulum.desk.tables;

import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DIGIT7;
import static javafx.scene.input.KeyCode.P;
import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.List;
import javafx.scene.control.ListView;
import javafx.scene.input.Clipboard;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import jugulum.desk.words.English;
import org.junit.jupiter.api.Test;

/** A person looks things up, and what is typed is worked out. */
class TablesPaneTest extends OnTheDemoBook {
  private static void choose(Person person, Reckoner.Kind kind) {
    person.drawn(
        () -> {
          ((ListView<?>) person.root().lookup("#tables"))
              .getSelectionModel()
              .select(kind.ordinal());
          return null;
        });
    // A field that came in just now takes the focus once it is drawn.
    person.settle();
  }

  @Test
  void whatIsTypedIsWorkedOutAndBadInputStays() throws Exception {
    try (Person person = Person.at(book)) {
      person.press(CONTROL, DIGIT7).click("shop-part-TABLES");
      person.type("table-UNITS-amount", "12 dwt");
      assertThat(person.everything()).contains("18.6621", "NIST Special Publication 811");
      person.type("table-UNITS-amount", "1 oz");
      assertThat(person.text("table-UNITS-amount-error")).contains("which ounce");
      assertThat(person.everything()).as("what was understood last stays").contains("15.4324");
      choose(person, Reckoner.Kind.TILT);
      person.type("table-TILT-rise", "10").type("table-TILT-run", "100");
      assertThat(person.everything()).contains("5.71");
      person.click("table-copy");
      assertThat(person.drawn(() -> Clipboard.getSystemClipboard().getString()))
          .startsWith("Tilt, °\tSlope\n5.71\t");
      choose(person, Reckoner.Kind.SPECKS);
      person.type("table-SPECKS-upper", "0.1").type("table-SPECKS-lower", "0.2");
      assertThat(person.everything()).contains("must be smaller than the upper one");
      choose(person, Reckoner.Kind.SHEETS);
      person.drawn(
          () -> {
            person.root().lookup("#tables").requestFocus();
            return null;
          });
      person.choosing(folder.resolve("t.pdf")).press(P).settle();
      person.until(() -> Files.exists(folder.resolve("t.pdf")));
      person.until(() -> person.text("notice").contains("t.pdf"));
      assertThat(Files.readString(folder.resolve("t.pdf"), StandardCharsets.ISO_8859_1))
          .startsWith("%PDF");
    }
  }

  /**
   * Water: 1.0016 mPa·s at 20 °C (IAPWS); openings and their ratio: ASTM E11, a fourth root of 2.
   */
  @Test
  void figuresAreThoseOfTheStandards() {
    List<Reckoner> all = new Reckoners(English.WORDS).all();
    assertThat(all).extracting(Reckoner::kind).containsExactly(Reckoner.Kind.values());
    assertThat(row(all, Reckoner.Kind.WATER, "20").get(1)).isEqualTo("1.002");
    assertThat(row(all, Reckoner.Kind.SCREENS, "30").subList(1, 3)).containsExactly("T28", "0.6");
    assertThat(row(all, Reckoner.Kind.SCREENS, "20").get(3)).isEqualTo("1.2");
    assertThat(row(all, Reckoner.Kind.DENSITIES, "magnetite").get(1)).isEqualTo("5.1 to 5.2");
    assertThat(row(all, Reckoner.Kind.CHARGES, "30")).contains("3 h 00");
    assertThat(row(all, Reckoner.Kind.WHOLE_LOT, "27"))
        .as("8 kg in 27 heats: 40.5 h")
        .contains("40 h 30", "1215.00", "14.72", "2038", "3.45");
    assertThat(row(all, Reckoner.Kind.ROAST, "-6.69")).contains("-2.37");
    assertThat(row(all, Reckoner.Kind.SMELT_CHARGE, "borax").get(1))
        .as("120 g: 60 % at 90, 10 % at 120, 30 % at 55 to a hundred")
        .isEqualTo("99");
    assertThat(row(all, Reckoner.Kind.BATTERY, "480"))
        .as("12 V 80 Ah lead, 70 W behind an inverter, 20 kg/h")
        .contains("90.4", "5.31", "106");
    assertThat(row(all, Reckoner.Kind.FLOW, "24")).contains("16");
  }

  private static List<String> row(List<Reckoner> all, Reckoner.Kind kind, String first) {
    return all.get(kind.ordinal()).work().get().orElseThrow().rows().stream()
        .filter(row -> row.getFirst().equals(first))
        .findFirst()
        .orElseThrow();
  }
}
