package jugulum.desk;

import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DIGIT3;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.L;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Measure;
import jugulum.desk.words.Language;
import jugulum.desk.words.Languages;
import org.junit.jupiter.api.Test;

/**
 * Every view in Spanish: nothing cut off, nothing left in English. Themes differ in colours alone
 * ({@code ContrastTest}), so one is walked.
 */
class SpanishViewsTest extends OnTheDemoBook {
  private static final Locale HOME = Locale.forLanguageTag("es-CL");
  private static final Languages SPANISH = new Languages(Language.shipped(), HOME, HOME);

  /** What no name in the demo has and Spanish has not. */
  private static final Pattern ENGLISH =
      Pattern.compile("\\b(the|and|with|sand|weigh|weighed|from|looked|nobody|minutes|of)\\b");

  private static final List<String> NOTES_OF_THE_DEMO =
      List.of(
          "Panned after the two pickers were out.",
          "Five pickers, two of them with quartz.",
          "Two millimetres higher than one would think: the sand is coarse for its cut.");

  private static Stream<String> english(Node node) {
    return node instanceof Labeled labeled
            && labeled.getText() != null
            && ENGLISH.matcher(labeled.getText()).find()
        ? Stream.of(labeled.getText())
        : Stream.empty();
  }

  @Test
  void everyViewFitsAndSpeaksIt() {
    TreeSet<String> faults = new TreeSet<>();
    TreeSet<String> english = new TreeSet<>();
    try (Person person = Person.speaking(SPANISH, book)) {
      EveryView.walk(
          person,
          "",
          (seen, where) -> {
            Sight.cutOff(seen).forEach(text -> faults.add("cut off in " + where + ": " + text));
            Sight.outOfSight(seen)
                .forEach(text -> faults.add("out of sight in " + where + ": " + text));
            english.addAll(Sight.told(seen, SpanishViewsTest::english));
          });
    }
    assertThat(faults).isEmpty();
    // What people of the demo wrote is theirs.
    assertThat(english)
        .allMatch(text -> NOTES_OF_THE_DEMO.stream().anyMatch(text::contains))
        .as("what people typed stays as it is")
        .isNotEmpty();
  }

  @Test
  void oneKeyChangesIt() {
    try (Person person = Person.speaking(SPANISH, book)) {
      person.press(CONTROL, DIGIT3);
      assertThat(person.text("tab-ACCOUNT")).isEqualTo("Cuenta");
      person.press(CONTROL, L);
      assertThat(person.text("tab-ACCOUNT")).isEqualTo("Account");
      person.press(CONTROL, L);
      assertThat(person.text("tab-ACCOUNT")).isEqualTo("Cuenta");
      assertThat(person.batch().label().name()).as("a typed name").isEqualTo("Fernhollow 12");
    }
  }

  private static double grossOf(Person person, int lot) {
    return person
        .batch()
        .lot(new LotId(lot))
        .flatMap(one -> one.latest(Measure.SandWeight.class))
        .map(Measure.SandWeight::grossG)
        .orElseThrow();
  }

  @Test
  void numbersAreReadAsTheyAreWrittenThere() {
    try (Person person = Person.speaking(SPANISH, book)) {
      person.open(8).type("gross", "4,116 kg").press(ENTER);
      assertThat(grossOf(person, 8)).isEqualTo(4116);
      person.open(8).type("gross", "12.500 kg").press(ENTER);
      assertThat(person.text("gross-error")).contains("12,500", "12500", "Escriba");
      person.open(8).type("gross", "4.12 kg").press(ENTER);
      assertThat(grossOf(person, 8)).isEqualTo(4120);
    }
  }
}
