package jugulum.desk;

import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.MINUS;
import static javafx.scene.input.KeyCode.PLUS;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import jugulum.desk.Places.Place;
import jugulum.desk.words.Languages;
import jugulum.desk.words.Pseudo;
import org.junit.jupiter.api.Test;

/**
 * Whatever is opened stands still once it is there, at every size of window and type; a seeded
 * share of the places in every build, all of them when thorough.
 */
class EveryPlaceStandsStillTest extends OnTheDemoBook {
  private static final boolean IS_THOROUGH = Boolean.getBoolean("jugulum.thorough");
  private static final int SHARE = IS_THOROUGH ? 1 : 9;

  private record Size(double width, double height) {}

  private static final List<Size> SIZES = List.of(new Size(1024, 700), new Size(1280, 800));

  /** Practice moves: that is what it is for. */
  private static List<Place> places() {
    List<Place> places =
        new ArrayList<>(
            Places.all().stream().filter(place -> !place.name().startsWith("drill ")).toList());
    Collections.shuffle(places, new Random(Long.getLong("jugulum.placesSeed", 28)));
    return places.subList(0, (places.size() + SHARE - 1) / SHARE);
  }

  private static void walk(Person person, String as) {
    List<AssertionError> moved = new ArrayList<>();
    for (Place place : places()) {
      place.enter(person);
      for (Size size : SIZES) {
        person.sized(size.width(), size.height());
        try {
          person.standsStill(as + place.name() + " " + size);
        } catch (AssertionError one) {
          moved.add(one);
        }
      }
    }
    assertThat(moved).extracting(AssertionError::getMessage).isEmpty();
  }

  @Test
  void inTheUsualTypeAndLarger() {
    try (Person person = Person.at(book)) {
      walk(person, "");
      person.press(CONTROL, PLUS).press(CONTROL, PLUS);
      walk(person, "larger: ");
      person.press(CONTROL, MINUS).press(CONTROL, MINUS);
    }
  }

  @Test
  void inALanguageOfLongWords() {
    Languages longWords = new Languages(List.of(Pseudo.language()), Locale.ENGLISH, Locale.GERMANY);
    try (Person person = Person.speaking(longWords, book)) {
      walk(person, "long words: ");
    }
  }
}
