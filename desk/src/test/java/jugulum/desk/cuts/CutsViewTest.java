package jugulum.desk.cuts;

import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DIGIT2;
import static javafx.scene.input.KeyCode.DOWN;
import static javafx.scene.input.KeyCode.END;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.HOME;
import static javafx.scene.input.KeyCode.RIGHT;
import static javafx.scene.input.KeyCode.S;
import static javafx.scene.input.KeyCode.W;
import static javafx.scene.input.KeyCode.Z;
import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Process.Screening.Manner;
import jugulum.core.ledger.Step;
import jugulum.core.mass.StepClosure;
import jugulum.core.screens.Screen;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import org.junit.jupiter.api.Test;
import org.w3c.dom.Document;
import org.xml.sax.SAXException;

/** Planning, size curves and handling, on the demo batches. */
class CutsViewTest extends OnTheDemoBook {
  private static Step last(Person person) {
    return person.batch().steps().getLast();
  }

  /**
   * Ctrl 2 plans the cut that waits, S takes the stack, Enter starts it, and the weights close it.
   */
  @Test
  void aNewcomerPlansWeighsAndClosesTheWaitingCutOfTheHalfWayBatchWithKeysAlone() {
    try (Person person = Person.at(book)) {
      person.press(CONTROL, DIGIT2);
      assertThat(person.text("plans"))
          .as("half an hour more for 21 mg is not proposed")
          .contains("no screen, proposed", "1 screen", "140");
      person.click("plans").press(HOME).press(DOWN).press(W);
      assertThat(person.text("plan-why")).contains("−100 +140", "−140");
      person.press(S);
      assertThat(person.text("stack")).isEqualTo("140");
      assertThat(person.text("cuts-preview")).contains("−100 +140 · −140");
      person.press(ENTER);
      Step step = last(person);
      assertThat(step.process())
          .isInstanceOfSatisfying(
              Process.Screening.class,
              made -> assertThat(made.stack()).extracting(Screen::label).containsExactly("140"));
      assertThat(step.process())
          .isInstanceOfSatisfying(
              Process.Screening.class, made -> assertThat(made.manner()).contains(Manner.WET_BULK));
      person.write("1.71 kg").press(ENTER).write("855 g").press(ENTER);
      assertThat(person.text("closure")).contains("99.4 % found", "inside your 1.0 %");
      StepClosure closure =
          person
              .workbench()
              .projections()
              .current()
              .get()
              .worked()
              .orElseThrow()
              .sand()
              .closure(step.id());
      assertThat(closure.state()).isEqualTo(StepClosure.State.CLOSES);
      assertThat(person.text("screen-findings")).contains("All cuts together", "2.57 kg");
    }
  }

  @Test
  void theMagnetDecidesWhichStackWillDo() {
    try (Person person = Person.at(book)) {
      person.openInOneFrame("Saltergill 3");
      person.press(CONTROL, DIGIT2).press(W);
      String with = person.text("plan-why");
      assertThat(with).contains("ilmenite").doesNotContain("magnetite");
      String trade = person.text("plans");
      person.click("plan-magnet-1");
      assertThat(person.text("plan-why")).contains("magnetite").isNotEqualTo(with);
      assertThat(person.text("plans")).as("less gold for the same hours").isNotEqualTo(trade);
      assertThat(person.text("plan-why"))
          .containsAnyOf("take the magnetite out first", "no screen helps", "an upper screen of");
    }
  }

  @Test
  void everyPlanOfASchoolHasItsReason() {
    try (Person person = Person.at(book)) {
      person.openInOneFrame("Saltergill 3");
      person.press(CONTROL, DIGIT2).press(W).click("plans");
      person.press(END);
      assertThat(person.text("plan-why")).contains("School: wide above 30 mesh");
      person.press(HOME);
      assertThat(person.text("plan-why"))
          .doesNotContain("School")
          .contains("Look it over for pickers");
    }
  }

  /** Of chunky gold every stack wins another amount than of flakes. */
  @Test
  void measuredGrainsDecideTheStack() {
    try (Person person = Person.at(book)) {
      person.openInOneFrame("Saltergill 3");
      person
          .press(CONTROL, DIGIT2)
          .type("plan-gold", "900")
          .type("plan-grains", "0.30x0.25x0.04 0.2x0.2x0.03")
          .click("plan-more");
      assertThat(person.text("plan-why")).contains("thinner than the settling law reaches");
      person.type("plan-grains", "0.30x0.25x0.08 0.2x0.2x0.06");
      String flakes = person.text("plans");
      assertThat(proposedScreens(person)).isPositive();
      person.type("plan-grains", "0.30x0.25x0.20 0.2x0.2x0.17");
      assertThat(person.text("plans")).isNotEqualTo(flakes);
      person.type("plan-grains", "0.30x0.25");
      assertThat(person.text("plan-grains-error")).contains("length x width x thickness");
    }
  }

  private static int proposedScreens(Person person) {
    Matcher proposed = Pattern.compile("(\\d+) screens?, proposed").matcher(person.text("plans"));
    return proposed.find() ? Integer.parseInt(proposed.group(1)) : 0;
  }

  @Test
  void theWindowsFollowTheSliders() {
    try (Person person = Person.at(book)) {
      person.press(CONTROL, DIGIT2).press(W);
      String before = person.text("window-chart");
      person.click("plan-flatness").press(HOME);
      String flat = person.text("window-chart");
      assertThat(flat).isNotEqualTo(before).contains("!");
      person.press(RIGHT).press(RIGHT);
      assertThat(person.text("window-chart")).isNotEqualTo(flat);
      String why = person.text("plan-why");
      person.pressTimes(RIGHT, 6).until(() -> !person.text("plan-why").equals(why));
      assertThat(person.text("plan-why"))
          .as("the search follows when the slider rests")
          .isNotEqualTo(why);
    }
  }

  @Test
  void whatIsNotUnderstoodIsToldAtTheFieldAndTheLastPlanStays() {
    try (Person person = Person.at(book)) {
      person.press(CONTROL, DIGIT2);
      // The first plan is made before it is known what the whole book lets believe.
      AtomicBoolean isKnown = new AtomicBoolean();
      person.drawn(
          () -> {
            person.workbench().projections().everyBatch().belief(_ -> isKnown.set(true));
            return true;
          });
      person.until(isKnown::get).settle();
      String plans = person.text("plans");
      person.type("plan-margin", "wide");
      assertThat(person.text("plan-margin-error")).contains("“wide” is not a number");
      assertThat(person.text("plans")).isEqualTo(plans);
      person.type("plan-margin", "1").type("plan-p80", "0.05");
      assertThat(person.text("plan-p80-error")).contains("larger size");
    }
  }

  @Test
  void withoutAScreenForTheOversizeNoStackIsProposed() {
    try (Person person = Person.at(book)) {
      person.openInOneFrame("Saltergill 3");
      person.press(CONTROL, DIGIT2).type("plan-looked-over", "9");
      assertThat(person.text("plan-remarks")).contains("No stack can be proposed", "9 mm or wider");
    }
  }

  private Person atTheCurve(Person person) {
    return person.click("station-1-0").click("plan-cuts");
  }

  @Test
  void theCurveGoesOutAsTablePictureAndDrawing()
      throws IOException, ParserConfigurationException, SAXException {
    try (Person person = Person.at(book)) {
      atTheCurve(person);
      assertThat(person.text("size-facts")).contains("0.463 mm", "0.957 mm", "33.82 kg");
      assertThat(person.text("size-table")).contains("1.18–0.6 mm", "1.97", "24.7", "63.0");
      Path csv = folder.resolve("curve.csv");
      person
          .choosing(csv)
          .click("export-sizes-csv")
          .until(() -> person.text("notice").contains("curve.csv"));
      assertThat(csv).content().startsWith("opening_mm,retained_g").contains("0.15,7020.0");
      Path png = folder.resolve("curve.png");
      person
          .choosing(png)
          .click("export-sizes-png")
          .until(() -> person.text("notice").contains("curve.png"));
      BufferedImage picture = ImageIO.read(png.toFile());
      assertThat(picture.getWidth()).isGreaterThan(600);
      assertThat(
              IntStream.range(0, picture.getWidth())
                  .map(x -> picture.getRGB(x, picture.getHeight() / 2))
                  .distinct()
                  .count())
          .isGreaterThan(2);
      Path svg = folder.resolve("curve.svg");
      person
          .click("overlay-gold")
          .choosing(svg)
          .click("export-sizes-svg")
          .until(() -> person.text("notice").contains("curve.svg"));
      Document drawing =
          DocumentBuilderFactory.newDefaultInstance().newDocumentBuilder().parse(svg.toFile());
      assertThat(drawing.getElementsByTagName("polyline").getLength())
          .as("feed and gold")
          .isEqualTo(2);
      assertThat(svg)
          .content()
          .contains("Gold won so far", "stroke: #")
          .doesNotContain("-j-", "-fx-");
    }
  }

  @Test
  void anotherBatchIsLaidOver() {
    try (Person person = Person.at(book)) {
      atTheCurve(person).click("overlay-2");
      person.until(() -> person.text("size-chart").contains("Tarnbeck 7"));
      assertThat(person.text("size-chart")).contains("Tarnbeck 7", "Fernhollow 12, feed");
      person.click("overlay-1").until(() -> person.text("notice").contains("no size curve yet"));
    }
  }

  @Test
  void aSieveSampleIsReadOrRefusedWhole() throws IOException {
    try (Person person = Person.at(book)) {
      person.openInOneFrame("Saltergill 3");
      person.press(CONTROL, DIGIT2).click("cuts-part-SIZES");
      assertThat(person.text("size-facts")).contains("No size curve of this lot yet");
      Path csv =
          Files.writeString(
              folder.resolve("sample.csv"),
              "opening_mm;retained_g\n1,18;12,5\n0,6;x\n0,3;80\n0,3;70\n0;40\n");
      person
          .choosing(csv)
          .click("import-sizes")
          .until(() -> person.text("notice").contains("not taken"));
      assertThat(person.text("notice")).contains("what parts the columns");
      int readings = person.batch().lots().getFirst().readings().size();
      person.click("csv-layout").press(DOWN).press(ENTER);
      person.click("import-sizes").until(() -> person.text("notice").contains("line 3"));
      assertThat(person.text("notice"))
          .contains("line 3, column 2 (retained_g)", "line 5, column 1", "faults: 2");
      assertThat(person.batch().lots().getFirst().readings()).hasSize(readings);
      Files.writeString(csv, "opening_mm;retained_g\n1,18;12,5\n0,6;60\n0,3;80\n0;40\n");
      person
          .click("import-sizes")
          .until(
              () ->
                  person.batch().lots().getFirst().latest(Measure.SizeAnalysis.class).isPresent());
      assertThat(person.text("size-facts")).contains("D50", "mm", "193 g");
      person.click("cuts-part-PLAN");
      assertThat(person.text("cuts-view"))
          .contains("Its sizes are known")
          .doesNotContain("Half is finer than, mm");
      person.press(CONTROL, Z);
      assertThat(person.batch().lots().getFirst().latest(Measure.SizeAnalysis.class)).isEmpty();
    }
  }
}
