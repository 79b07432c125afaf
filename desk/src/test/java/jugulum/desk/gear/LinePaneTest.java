package jugulum.desk.gear;

import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DIGIT6;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.Z;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import jugulum.core.ledger.Machine.Kind;
import jugulum.core.machine.Gear;
import jugulum.core.marks.LineMark;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import org.junit.jupiter.api.Test;

/** A table's line is looked at, cut by cut, and the table is tilted by it from then on. */
class LinePaneTest extends OnTheDemoBook {
  private static List<LineMark> looks(Person person) {
    return person.workbench().projections().shop().get().gear().stream()
        .filter(gear -> gear.kind() == Kind.SHAKER_TABLE)
        .map(Gear::ownLines)
        .flatMap(List::stream)
        .filter(mark -> mark.cut().notation().equals("−30 +50"))
        .toList();
  }

  private static void looks(Person person, String tilt, String mm) {
    int before = looks(person).size();
    person
        .type("line-tilt", tilt)
        .type("line-mm", mm)
        .press(ENTER)
        .until(() -> looks(person).size() == before + 1);
  }

  @Test
  void threeLooksTellTheTiltForALine() {
    try (Person person = Person.at(book)) {
      person.press(CONTROL, DIGIT6).click("gear-part-LINE").type("line-cut", "-30 +50");
      assertThat(person.text("line-says")).contains("Not looked at");
      person.type("line-minutes", "6");
      looks(person, "2", "120");
      assertThat(person.text("line-says")).contains("two tilts");
      looks(person, "3", "152");
      looks(person, "4", "181");
      assertThat(person.text("line-says")).contains("30.5 mm for each degree", "after 6 min");
      person.type("line-wanted", "166");
      assertThat(person.text("line-answer")).isEqualTo("tilt 3.5°");
      person.type("line-wanted", "300");
      assertThat(person.text("line-says")).contains("300 mm lies beyond");
      person.type("line-cut", "-80 +100");
      assertThat(person.text("line-says")).as("another cut").contains("Not looked at");
      person
          .type("line-cut", "-30 +50")
          .click("line-last")
          .until(() -> looks(person).size() == 2)
          .press(CONTROL, Z)
          .until(() -> looks(person).size() == 3);
    }
  }

  @Test
  void whatCannotBeIsSaidAndStays() {
    try (Person person = Person.at(book)) {
      person.press(CONTROL, DIGIT6).click("gear-part-LINE").type("line-cut", "-30 +50");
      person.type("line-tilt", "steep").type("line-mm", "152").press(ENTER);
      assertThat(person.text("line-tilt-error")).isNotEmpty();
      assertThat(person.text("line-tilt")).isEqualTo("steep");
      assertThat(looks(person)).isEmpty();
    }
  }
}
