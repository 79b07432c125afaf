package jugulum.desk.bench;

import static javafx.scene.input.KeyCode.ALT;
import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.ESCAPE;
import static javafx.scene.input.KeyCode.Z;
import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.UnaryOperator;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import jugulum.desk.DemoBooks;
import jugulum.desk.Journalled;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import jugulum.desk.Places;
import jugulum.desk.Places.Place;
import jugulum.desk.kit.Keys;
import org.junit.jupiter.api.Test;

/**
 * Whoever weighs looks at the scale: a weight typed anywhere becomes that weight or nothing. It
 * opens, starts, names and throws away nothing, whatever was in sight and whatever came before.
 */
class BlindWalkTest extends OnTheDemoBook {
  private static final String TYPED = "1.97 kg";
  private static final Pattern AS_A_WEIGHT = Pattern.compile("\\b1970(000)?(\\.0)?\\b");

  /** One of so many cases is tried in every build, each of them when thorough. */
  private static final int SHARE = Boolean.getBoolean("jugulum.thorough") ? 1 : 20;

  /** What comes between the opening and the weight. */
  private record Before(String name, UnaryOperator<Person> does) {}

  private record Case(Place place, Before before) {
    @Override
    public String toString() {
      return place.name() + ", " + before.name();
    }
  }

  private static List<Before> befores(Map<String, String> letters, List<String> fields) {
    List<Before> all = new ArrayList<>();
    fields.forEach(
        field ->
            all.add(
                new Before(
                    "in " + field,
                    person -> person.until(() -> person.sees(field)).type(field, ""))));
    all.add(new Before("as opened", person -> person));
    all.add(new Before("after Esc", person -> person.press(ESCAPE)));
    all.add(new Before("after going back", person -> person.press(CONTROL, Z)));
    letters.forEach(
        (letter, says) -> {
          KeyCode key = KeyCode.getKeyCode(letter);
          if (key != null && key.isLetterKey()) {
            all.add(
                new Before(
                    "after Alt " + letter + " (" + says + ")", person -> person.press(ALT, key)));
          }
        });
    return all;
  }

  private int books;

  /** Another copy of the demo book, as it was at first. */
  private Path fresh() {
    return DemoBooks.demo(folder.resolve("demo-" + books++ + ".book"));
  }

  /** The fields in sight. */
  private static List<String> fields(Node node) {
    if (!node.isVisible() || node.isDisabled()) {
      return List.of();
    }
    if (node instanceof TextInputControl field) {
      return field.getId() == null ? List.of() : List.of(field.getId());
    }
    Stream<? extends Node> inside =
        switch (node) {
          case ScrollPane pane when pane.getContent() != null -> Stream.of(pane.getContent());
          case Parent parent -> parent.getChildrenUnmodifiable().stream();
          default -> Stream.empty();
        };
    return inside.flatMap(one -> fields(one).stream()).toList();
  }

  /** Every place is visited for its letters; then so many of all cases are tried. */
  private List<Case> cases(Random random) {
    List<Case> all = new ArrayList<>();
    try (Person person = Person.at(book)) {
      for (Place place : Places.all()) {
        place.enter(person);
        Map<String, String> letters = person.drawn(() -> Keys.shown(person.root()));
        // A view shows the part it showed last; its fields are tried where the part is chosen.
        List<String> fields =
            place.isAView() ? List.of() : person.drawn(() -> fields(person.root()));
        befores(letters, fields).forEach(before -> all.add(new Case(place, before)));
        place.leave(person);
      }
    }
    Collections.shuffle(all, random);
    List<Case> tried = new ArrayList<>(all.subList(0, (all.size() + SHARE - 1) / SHARE));
    // One that takes a weight is always among them, or the walk would prove nothing.
    all.stream()
        .filter(one -> one.before().name().equals("in gross"))
        .findFirst()
        .ifPresent(tried::add);
    return tried;
  }

  private static boolean isReached(Case one, Person person) {
    try {
      one.place().enter(person);
      one.before().does().apply(person);
      return true;
    } catch (AssertionError lost) {
      return false;
    }
  }

  @Test
  void aWeightTypedAnywhereBecomesThatWeightOrNothing() {
    List<Case> cases = cases(new Random(Long.getLong("jugulum.blindSeed", 30)));
    List<String> wrong = new ArrayList<>();
    int recorded = 0;
    Path now = fresh();
    Person person = Person.at(now);
    try {
      for (Case one : cases) {
        int first = Journalled.rows(now).size();
        if (!isReached(one, person)) {
          // A case before it may have left the way there shut: what is in sight is kept from place
          // to place. From a fresh window it must be found.
          person.close();
          now = fresh();
          first = Journalled.rows(now).size();
          person = Person.at(now);
          if (!isReached(one, person)) {
            wrong.add(one + " was not reached");
            continue;
          }
        }
        int before = Journalled.rows(now).size();
        int asked = person.filesAsked();
        Object view = person.inSight();
        person.blind(TYPED).press(ENTER);
        List<String> rows = Journalled.rows(now);
        List<String> added = rows.subList(before, rows.size());
        if (!added.stream().allMatch(row -> AS_A_WEIGHT.matcher(row).find())) {
          wrong.add(one + " recorded " + added);
        } else if (person.filesAsked() != asked) {
          wrong.add(one + " asked for a file");
        } else if (person.inSight() != view) {
          wrong.add(one + " went elsewhere");
        }
        recorded += added.size();
        if (rows.size() > first) {
          person.close();
          now = fresh();
          person = Person.at(now);
        }
      }
    } finally {
      person.close();
    }
    assertThat(wrong).as("%d cases", cases.size()).isEmpty();
    assertThat(recorded).as("weights that were taken").isPositive();
  }
}
