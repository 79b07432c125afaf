package jugulum.desk;

import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.D;
import static javafx.scene.input.KeyCode.DIGIT1;
import static javafx.scene.input.KeyCode.DIGIT2;
import static javafx.scene.input.KeyCode.DIGIT3;
import static javafx.scene.input.KeyCode.DIGIT4;
import static javafx.scene.input.KeyCode.DIGIT5;
import static javafx.scene.input.KeyCode.DIGIT6;
import static javafx.scene.input.KeyCode.DIGIT7;
import static javafx.scene.input.KeyCode.DOWN;
import static javafx.scene.input.KeyCode.E;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.ESCAPE;
import static javafx.scene.input.KeyCode.F11;
import static javafx.scene.input.KeyCode.F9;
import static javafx.scene.input.KeyCode.G;
import static javafx.scene.input.KeyCode.M;
import static javafx.scene.input.KeyCode.N;
import static javafx.scene.input.KeyCode.O;
import static javafx.scene.input.KeyCode.P;
import static javafx.scene.input.KeyCode.S;
import static javafx.scene.input.KeyCode.SLASH;
import static javafx.scene.input.KeyCode.T;
import static javafx.scene.input.KeyCode.U;
import static javafx.scene.input.KeyCode.X;
import static javafx.scene.input.KeyCode.Z;

import java.util.List;
import javafx.scene.input.KeyCode;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.desk.view.View;

/** The way through every view of the demo book, and what can be seen on it. */
final class EveryView {
  private EveryView() {}

  /** What is looked at in each view. */
  interface Look {
    void at(Person person, String where);
  }

  /** Walks through the views once, and leaves the other theme and the next unit behind. */
  static void walk(Person person, String theme, Look look) {
    for (View view : View.values()) {
      person.press(CONTROL, KeyCode.values()[DIGIT1.ordinal() + view.ordinal()]);
      look.at(person, theme + " " + view);
    }
    person.press(CONTROL, N);
    look.at(person, theme + " a batch to start");
    person.press(CONTROL, DIGIT1);
    for (String part : List.of("cuts-part-SIZES", "cuts-part-PLAN")) {
      person.press(CONTROL, DIGIT2).click(part);
      look.at(person, theme + " " + part);
    }
    for (String part :
        List.of(
            "account-part-STEPS",
            "account-part-SAND",
            "account-part-NEXT",
            "account-part-SMELTS",
            "account-part-GOLD")) {
      person.press(CONTROL, DIGIT3).click(part);
      look.at(person, theme + " " + part);
    }
    for (String part :
        List.of(
            "season-part-MAGNETICS",
            "season-part-BATCHES",
            "season-part-WAYS",
            "season-part-SOURCES",
            "season-part-TRIPS",
            "season-part-POOLS",
            "season-part-MONEY",
            "season-part-YEAR")) {
      person.press(CONTROL, DIGIT5).click(part);
      look.at(person, theme + " " + part);
    }
    person.press(CONTROL, DIGIT5).write("?");
    look.at(person, theme + " help");
    person.press(T);
    look.at(person, theme + " tour");
    person.press(F9).press(CONTROL, DIGIT5).press(SLASH).settle();
    person.type("find", "7");
    person.settle();
    look.at(person, theme + " find");
    person.press(ESCAPE);
    trials(person, theme, look);
    practice(person, theme, look);
    for (String part :
        List.of(
            "shop-part-TABLES",
            "shop-part-SPECK",
            "shop-part-TOGETHER",
            "shop-part-BACKUPS",
            "shop-part-SHOP")) {
      person.press(CONTROL, DIGIT7).click(part);
      look.at(person, theme + " " + part);
    }
    person.press(CONTROL, DIGIT7).click("learn-scale");
    look.at(person, theme + " a scale to learn");
    person.press(ESCAPE).press(CONTROL, DIGIT1).press(F11);
    person.until(() -> !person.text("hands-question").isEmpty()).pulses(1);
    look.at(person, theme + " bench mode");
    person.press(ESCAPE);
    day(person, theme, look);
    for (String opened : List.of("bench-sheet", "looks-wrong", "look")) {
      person.click("station-3-2").click(opened);
      look.at(person, theme + " " + opened);
      person.click("back");
    }
    for (String station :
        List.of(
            "station-1-0",
            "station-2-4",
            "station-3-2",
            "station-3-1",
            "station-4-3",
            "station-2-5",
            "station-0-0",
            "bucket-TAILINGS")) {
      person.click(station);
      look.at(person, theme + " " + station);
    }
    person.click("station-2-5").click("measure-SMELT");
    look.at(person, theme + " a smelt");
    smelt(person, theme, look);
    finish(person, theme, look);
    person.click("station-2-5").click("next-picture").until(() -> person.sees("eye-open"));
    look.at(person, theme + " a picture of specks");
    person.press(KeyCode.ESCAPE);
    person.press(CONTROL, KeyCode.DIGIT6).click("gear-part-MARKS").type("marks-cut", "−50 +100");
    look.at(person, theme + " own marks");
    person.click("gear-part-LINE").type("line-cut", "−50 +80").type("line-wanted", "150");
    look.at(person, theme + " a table's line");
    person.click("gear-part-FEED");
    look.at(person, theme + " a feeder");
    person.click("gear-part-RECORD").press(CONTROL, DIGIT1);
    person
        .open(3)
        .click(
            "correct-"
                + person
                    .batch()
                    .lot(new LotId(3))
                    .orElseThrow()
                    .readings()
                    .getFirst()
                    .id()
                    .number());
    look.at(person, theme + " a reading to correct or doubt");
    person.press(ESCAPE).press(ESCAPE);
    running(person);
    look.at(person, theme + " a machine that runs");
    for (int edit = 0; edit < 3; edit++) {
      person.press(ESCAPE).press(CONTROL, Z);
    }
    eightUnweighed(person, theme, look);
    person.openInOneFrame("Tarnbeck 7");
    look.at(person, theme + " a closed batch");
    person.openInOneFrame("Fernhollow 12");
    person.press(CONTROL, T);
    person.press(CONTROL, U);
  }

  /** A trial is read, planned, and its next run begun and looked at. */
  private static void trials(Person person, String theme, Look look) {
    person.press(CONTROL, DIGIT6).click("gear-part-TRIALS");
    person.until(() -> person.sees("trial-next"));
    look.at(person, theme + " a trial");
    person.press(N);
    look.at(person, theme + " a trial to plan");
    person.press(ESCAPE).press(ENTER);
    look.at(person, theme + " a run of a trial");
    person.press(ENTER).press(ENTER);
    look.at(person, theme + " what was found of a run");
    person.press(ESCAPE).press(X);
    look.at(person, theme + " a run that is not to count");
    // Its type follows the window in the first frame.
    person.press(F11).pulses(1);
    look.at(person, theme + " a trial in bench mode");
    person.press(ESCAPE);
    person.click("gear-part-TRIALS").press(CONTROL, Z).click("gear-part-RECORD");
  }

  /** The drills, a run of a bowl, of a table and of a magnet, and how one went. */
  private static void practice(Person person, String theme, Look look) {
    person.press(CONTROL, DIGIT6).click("gear-part-PRACTICE").press(CONTROL, DIGIT6);
    look.at(person, theme + " the drills");
    for (int drill : new int[] {0, 9, 5}) {
      person.pressTimes(DOWN, drill).press(ENTER).until(() -> person.sees("practice-stage"));
      person.press(P);
      look.at(person, theme + " a run of practice");
      person.press(ESCAPE).until(() -> person.sees("verdict-page"));
      look.at(person, theme + " how a run went");
      person.press(ESCAPE).until(() -> person.sees("drills"));
    }
    person.click("gear-part-RECORD");
  }

  /** The plan of a day, what one says of a task, of the day, and a task of one's own. */
  private static void day(Person person, String theme, Look look) {
    person.press(CONTROL, DIGIT4).until(() -> person.sees("block-0-0"));
    look.at(person, theme + " a day");
    person.press(U);
    look.at(person, theme + " a task only until");
    person.press(ESCAPE).press(G);
    look.at(person, theme + " what a day has");
    person.press(ESCAPE).press(N);
    look.at(person, theme + " a task of one's own");
    person.press(ESCAPE);
    for (String part : List.of("day-part-OPEN", "day-part-STOCK")) {
      person.click(part);
      look.at(person, theme + " " + part);
    }
    person.click("day-part-TODAY").press(CONTROL, DIGIT1);
  }

  /** Another batch, screened into eight cuts of which none is weighed yet. */
  private static void eightUnweighed(Person person, String theme, Look look) {
    person.openInOneFrame("Saltergill 3");
    person.open(1).press(D);
    look.at(person, theme + " is it dry");
    person.press(ESCAPE).press(M).press(O).type("school-magnetite", "60");
    look.at(person, theme + " magnet or not");
    person.press(ESCAPE).press(ESCAPE).press(S).click("water");
    look.at(person, theme + " water and lifts");
    person.press(ESCAPE).type("stack", "16 20 30 50 70 100 140").press(ENTER);
    look.at(person, theme + " eight cuts, none weighed");
    for (String bucket : List.of("bucket-OVERSIZE", "bucket-TAILINGS", "station-1-1")) {
      person.click(bucket);
      look.at(person, theme + " " + bucket + " of eight cuts, none weighed");
    }
    person.press(ESCAPE).press(CONTROL, Z);
    person.openInOneFrame("Fernhollow 12");
  }

  /** A smelt from what is taken to the first crucible in the fire, and taken back. */
  private static void smelt(Person person, String theme, Look look) {
    long before = person.batch().readings().count();
    person.click("station-2-5").click("next-smelt");
    look.at(person, theme + " a smelt to begin");
    person.type("melt-sample", "150 g").click("melt-begin");
    person.until(() -> person.sees("melt-take"));
    look.at(person, theme + " a stop before heat");
    recorded(person, 2, "melt-take");
    person.type("ask-IRON", "80");
    recorded(person, 1, "melt-take");
    look.at(person, theme + " a crucible to charge");
    person.type("ask-MELTED", "150").type("ask-COLLECTOR_MASS", "40");
    person.click("ask-COLLECTOR").press(KeyCode.DOWN).press(KeyCode.ENTER);
    recorded(person, 6, "melt-take");
    person.click("melt-more");
    look.at(person, theme + " a crucible in the fire");
    takenBack(person, before);
  }

  /** Gold that is finished on a bowl, led, and taken back. */
  private static void finish(Person person, String theme, Look look) {
    long before = person.batch().readings().count();
    person.open(concentrate(person)).click("next-finish").click("start-step");
    person.until(() -> person.sees("ask-TOOL"));
    look.at(person, theme + " what it is finished on");
    person.click("ask-TOOL").press(KeyCode.UP).press(KeyCode.UP).press(KeyCode.ENTER);
    recorded(person, 6, "finish-take");
    look.at(person, theme + " the last lift");
    person.click("ask-LIFTED_SAW").press(KeyCode.DOWN).press(KeyCode.ENTER);
    recorded(person, 1, "finish-take");
    person.type("ask-TURN_GOLD", "310 mg");
    recorded(person, 1, "finish-take");
    look.at(person, theme + " another turn or none");
    takenBack(person, before);
    person.press(CONTROL, Z);
  }

  private static int concentrate(Person person) {
    return person.batch().lots().stream()
        .filter(lot -> lot.material() == Material.CONCENTRATE)
        .filter(
            lot ->
                person.batch().steps().stream()
                    .noneMatch(step -> step.isLive() && step.inputs().contains(lot.id())))
        .findFirst()
        .orElseThrow()
        .id()
        .number();
  }

  private static void recorded(Person person, int times, String button) {
    for (int i = 0; i < times; i++) {
      long before = person.batch().readings().count();
      person.click(button).until(() -> person.batch().readings().count() > before);
    }
  }

  private static void takenBack(Person person, long readings) {
    while (person.batch().readings().count() > readings) {
      long now = person.batch().readings().count();
      person.press(CONTROL, Z).until(() -> person.batch().readings().count() < now);
    }
  }

  /** A machine is chosen and runs, its first charge in. */
  private static void running(Person person) {
    person.click("station-2-5").press(G);
    String bowl = person.workbench().words().of("machine", Machine.Kind.VORTEX_BOWL);
    for (int i = 0; i < 12 && !person.text("machine").contains(bowl); i++) {
      person.press(DOWN);
    }
    person.press(ENTER).press(E);
  }
}
