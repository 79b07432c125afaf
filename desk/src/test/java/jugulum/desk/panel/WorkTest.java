package jugulum.desk.panel;

import static javafx.scene.input.KeyCode.ALT;
import static javafx.scene.input.KeyCode.B;
import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.D;
import static javafx.scene.input.KeyCode.DIGIT3;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.ESCAPE;
import static javafx.scene.input.KeyCode.J;
import static javafx.scene.input.KeyCode.P;
import static javafx.scene.input.KeyCode.Z;
import static org.assertj.core.api.Assertions.assertThat;

import java.sql.DriverManager;
import java.sql.SQLException;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Step;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import org.junit.jupiter.api.Test;

/** The less common work of the panels, on the half-way demo batch. */
class WorkTest extends OnTheDemoBook {
  private static Step last(Person person) {
    return person.batch().steps().getLast();
  }

  @Test
  void aLotIsPartedAndJoinedAgain() {
    try (Person person = Person.at(book)) {
      person.click("station-2-5").press(P).type("parts", "3").press(ENTER);
      assertThat(last(person).process()).isInstanceOf(Process.Splitting.class);
      assertThat(last(person).outputs()).hasSize(3);
      assertThat(person.text("outputs")).contains("−100, part 1");
      person
          .type("gross", "860")
          .press(ENTER)
          .type("gross", "860")
          .press(ENTER)
          .type("gross", "855")
          .press(ENTER);
      assertThat(person.text("closure")).contains("99.8 % found");
      int first = last(person).outputs().getFirst().number();
      person.click("outputs").click("open-lot").press(J);
      person.click("start-step");
      assertThat(person.text("step-error")).contains("at least one other lot");
      int second = person.batch().steps().getLast().outputs().get(1).number();
      String join = person.sees("join-" + second) ? "join-" + second : "join-" + first;
      person.click(join).click("start-step");
      assertThat(last(person).process()).isInstanceOf(Process.Merging.class);
      assertThat(last(person).inputs()).hasSize(2);
    }
  }

  @Test
  void aStepStartedByMistakeIsTakenBackWithItsReason() {
    try (Person person = Person.at(book)) {
      person.click("station-2-4").click("step-mistake").click("withdraw");
      assertThat(person.text("withdraw-reason-error")).contains("Say why");
      person.type("withdraw-reason", "wrong bucket").press(ENTER);
      assertThat(last(person).withdrawn().orElseThrow().reason()).isEqualTo("wrong bucket");
      assertThat(person.everything())
          .as("the cut waits for the magnet again")
          .doesNotContain("pass 4 on the bench");
      person.click("station-1-0").click("step-mistake").type("withdraw-reason", "no").press(ENTER);
      assertThat(person.text("withdraw-reason-error")).contains("has gone on");
    }
  }

  @Test
  void aStepIsDoneAndGoesOn() {
    try (Person person = Person.at(book)) {
      person.click("station-2-4").click("step-done");
      assertThat(last(person).finishedAt()).isPresent();
      assertThat(person.everything()).contains("✓ 3 passes");
      person.press(ESCAPE).click("station-2-4").press(ALT, D);
      assertThat(last(person).finishedAt()).isEmpty();
    }
  }

  @Test
  void middlingsThatCameOutAfterAllGetTheirLot() {
    try (Person person = Person.at(book)) {
      person.click("station-3-1").click("add-MIDDLINGS");
      Step pan = person.batch().steps().get(2);
      assertThat(pan.outputs()).hasSize(3);
      assertThat(person.batch().lots().getLast().material()).isEqualTo(Material.MIDDLINGS);
      assertThat(person.sees("add-MIDDLINGS")).isFalse();
    }
  }

  @Test
  void theNameAndTheAssumptionsOfTheBatchCanChange() {
    try (Person person = Person.at(book)) {
      String before = person.text("header-found");
      person
          .click("station-0-0")
          .press(B)
          .type("batch-name", "Fernhollow 12 b")
          .type("flatness", "0.9")
          .press(ENTER);
      assertThat(person.text("batch-header")).contains("Fernhollow 12 b");
      assertThat(person.text("header-found")).as("chunkier specks weigh more").isNotEqualTo(before);
      person.press(CONTROL, Z);
      assertThat(person.text("header-found"))
          .as("one Enter wrote both, one key takes both back")
          .isEqualTo(before);
      assertThat(person.text("batch-header")).doesNotContain("Fernhollow 12 b");
    }
  }

  @Test
  void aClosedBatchShowsButTakesNothing() {
    try (Person person = Person.at(book)) {
      person.click("close-batch").click("station-2-4");
      assertThat(person.sees("record-pass")).isFalse();
      assertThat(person.sees("note")).isFalse();
      assertThat(person.text("batch-header")).contains("closed");
      person.click("close-batch");
      assertThat(person.sees("record-pass")).isTrue();
    }
  }

  @Test
  void aBucketNamesItsLotsAndOpensOne() {
    try (Person person = Person.at(book)) {
      person.click("bucket-TAILINGS");
      assertThat(person.text("panel-host"))
          .contains("Tailings", "tailings −16 +30")
          .doesNotContain("finish residue");
      person.click("open-lot");
      assertThat(person.text("lot-facts"))
          .contains("Gold in it", "Free gold", "Hidden gold not measured");
      person.press(ESCAPE);
      assertThat(person.text("panel-host")).contains("tailings −16 +30");
      person.click("bucket-RESIDUE");
      assertThat(person.text("panel-host")).contains("finish residue −30 +50");
      person.click("bucket-OVERSIZE");
      assertThat(person.text("panel-host")).contains("Nothing is set aside here");
    }
  }

  @Test
  void seeingNoSpeckIsABoundNeverNone() {
    try (Person person = Person.at(book)) {
      int cut = person.batch().steps().get(1).outputs().getLast().number();
      person.open(cut).click("measure-SPECKS").type("specks", "0").type("share", "5").press(ENTER);
      assertThat(person.text("lot-facts"))
          .as("2.996 ÷ 0.05, one-sided 95 % (Garwood 1936)")
          .contains("fewer than 60 specks");
      person.type("specks", "3").type("share", "10").press(ENTER);
      assertThat(person.text("lot-facts")).as("0.619 and 8.767 ÷ 0.1").contains("6 to 88 specks");
    }
  }

  @Test
  void assaysOfFeedConcentrateAndTailingsTellARecoveryOfTheirOwn() {
    try (Person person = Person.at(book)) {
      Step bowl =
          person.batch().steps().stream()
              .filter(step -> step.id().number() == 11)
              .findFirst()
              .orElseThrow();
      assay(person, bowl.inputs().getFirst().number(), "20000");
      assay(person, bowl.outputs().get(0).number(), "170000");
      assay(person, bowl.outputs().get(1).number(), "900");
      person.click("station-3-3");
      assertThat(person.text("stage"))
          .as("c(f−t)/(f(c−t)) = 96.0 %")
          .contains("By the grades alone: 96.0 %", "Won over fed, by weight: ");
    }
  }

  private static void assay(Person person, int lot, String grade) {
    person.open(lot).click("measure-ASSAY").type("grade", grade).press(ENTER);
  }

  @Test
  void theAccountNamesWhatNobodyLookedAtAndHowToSettleIt() {
    try (Person person = Person.at(book)) {
      person.press(CONTROL, DIGIT3);
      assertThat(person.text("account-view"))
          .contains(
              "Nobody looked at",
              "−100",
              "Pan a measured share",
              "concentrate −16 +30",
              "Still to finish.");
      assertThat(person.text("account-FREE_FOUND")).startsWith("at most");
      assertThat(person.text("account-ALL_HEAD")).doesNotContain("at most");
    }
  }

  /** A disk that takes no more, as the database tells it; the trigger stands in for it. */
  @Test
  void aDiskThatDoesNotTakeItIsSaidAndNothingTypedIsLost() throws SQLException {
    try (Person person = Person.at(book)) {
      Batch before = person.batch();
      sql(
          "CREATE TRIGGER no_more BEFORE INSERT ON journal BEGIN SELECT RAISE(ABORT, 'no more');"
              + " END");
      person.click("station-2-4").type("lifted", "3.4 kg").type("dropped", "11 g").press(ENTER);
      assertThat(person.text("lifted-error")).contains("not recorded");
      assertThat(person.text("notice")).contains("Check the disk");
      assertThat(person.text("lifted")).isEqualTo("3.4 kg");
      assertThat(person.text("dropped")).isEqualTo("11 g");
      assertThat(person.batch()).isEqualTo(before);
      sql("DROP TRIGGER no_more");
      person.click("record-pass");
      assertThat(last(person).passes())
          .as("once the disk takes it again, the same key records it")
          .hasSize(4);
    }
  }

  private void sql(String statement) throws SQLException {
    try (var connection = DriverManager.getConnection("jdbc:sqlite:" + book);
        var work = connection.createStatement()) {
      work.execute(statement);
    }
  }
}
