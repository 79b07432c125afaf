package jugulum.desk.guide;

import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DIGIT5;
import static javafx.scene.input.KeyCode.ESCAPE;
import static javafx.scene.input.KeyCode.F1;
import static javafx.scene.input.KeyCode.F7;
import static javafx.scene.input.KeyCode.F8;
import static javafx.scene.input.KeyCode.F9;
import static javafx.scene.input.KeyCode.T;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import jugulum.desk.words.English;
import jugulum.desk.words.Language;
import jugulum.desk.words.Words;
import org.junit.jupiter.api.Test;

/** The question mark answers in every view what the docs answer; the tour leads through. */
class GuideTest extends OnTheDemoBook {
  @Test
  void theDocsSayWhatTheWindowSays() throws IOException {
    assertThat(Path.of("../docs/guide.md")).content().isEqualTo(Guide.markdown(English.WORDS));
    assertThat(Path.of("../docs/words.md")).content().isEqualTo(Glossary.markdown(English.WORDS));
    for (Guide.Page page : Guide.Page.values()) {
      Guide guide = Guide.of(English.WORDS, page);
      assertThat(guide.answers()).hasSizeGreaterThan(1);
      assertThat(guide.words()).hasSizeGreaterThan(2);
      for (String source : guide.sources()) {
        for (String part : source.split("[ ,]+")) {
          if (part.startsWith("docs/")) {
            assertThat(Files.exists(Path.of("..", part))).as(part).isTrue();
          }
        }
      }
    }
  }

  /** The pages are made of these; their anchors are their headings in small letters. */
  @Test
  void theSameInSpanishAndF1GoesToThePageOfTheView() throws IOException {
    Words spanish = English.WORDS.in(Language.SPANISH);
    assertThat(Path.of("../docs/guide_es.md")).content().isEqualTo(Guide.markdown(spanish));
    assertThat(Guide.place(spanish, Guide.Page.DAY)).isEqualTo("guide_es.html#día");
    try (Person person = Person.at(book)) {
      person.press(CONTROL, DIGIT5).press(F1);
      assertThat(person.pages()).containsExactly("guide.html#season");
    }
  }

  @Test
  void theQuestionMarkTellsWhatTheViewAnswersAndTheTourCanBeLeft() {
    try (Person person = Person.at(book)) {
      person.press(CONTROL, DIGIT5).write("?");
      assertThat(person.everything()).contains("Which source next week?", "slip: What a refiner");
      assertThat(person.everything()).contains("claim: permit, lease. Spanish: concesión");
      person.press(T);
      assertThat(person.text("tour-text")).startsWith("The board is a throat");
      assertThat(person.sees("board")).isTrue();
      for (int step = 2; step <= 7; step++) {
        person.press(F8);
      }
      assertThat(person.text("tour-text")).startsWith("The season:");
      assertThat(person.sees("season-view")).isTrue();
      person.press(F7);
      assertThat(person.sees("day-view")).isTrue();
      person.press(F9);
      assertThat(person.sees("tour")).isFalse();
      person.write("?").press(ESCAPE);
      assertThat(person.sees("day-view")).isTrue();
    }
  }

  @Test
  void theTourEndsAfterItsLastStep() {
    try (Person person = Person.at(book)) {
      person.write("?").press(T).pressTimes(F8, 9);
      assertThat(person.text("tour-text")).startsWith("Everything is found with /");
      person.press(F8);
      assertThat(person.sees("tour")).isFalse();
    }
  }
}
