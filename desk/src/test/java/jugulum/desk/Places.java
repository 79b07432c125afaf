package jugulum.desk;

import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.D;
import static javafx.scene.input.KeyCode.DIGIT1;
import static javafx.scene.input.KeyCode.DOWN;
import static javafx.scene.input.KeyCode.E;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.ESCAPE;
import static javafx.scene.input.KeyCode.F;
import static javafx.scene.input.KeyCode.F11;
import static javafx.scene.input.KeyCode.G;
import static javafx.scene.input.KeyCode.M;
import static javafx.scene.input.KeyCode.N;
import static javafx.scene.input.KeyCode.O;
import static javafx.scene.input.KeyCode.S;
import static javafx.scene.input.KeyCode.SLASH;
import static javafx.scene.input.KeyCode.T;
import static javafx.scene.input.KeyCode.U;
import static javafx.scene.input.KeyCode.X;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.scene.input.KeyCode;
import jugulum.desk.view.View;

/** Every view, part, panel, page and form of the demo book, each with its way in from anywhere. */
public final class Places {
  private static final int LOTS = 30;
  private static final String HOME = "Fernhollow 12";

  private Places() {}

  /**
   * A place.
   *
   * @param name what it is called in a test
   * @param way from the bench, with nothing in front of it
   */
  public record Place(String name, Consumer<Person> way) {
    /** Whether it is a view as its key shows it. */
    public boolean isAView() {
      return Stream.of(View.values()).anyMatch(view -> view.toString().equals(name));
    }

    /** Goes there from anywhere. */
    public void enter(Person person) {
      leave(person);
      way.accept(person);
    }

    /** Goes back to the bench from there, whatever was pressed meanwhile. */
    public void leave(Person person) {
      person.pressTimes(ESCAPE, 4).press(CONTROL, DIGIT1);
      if (!person.batch().label().name().equals(HOME)) {
        person.openInOneFrame(HOME);
        person.settle();
      }
    }
  }

  private static Person show(Person person, View view) {
    return person.press(CONTROL, KeyCode.values()[DIGIT1.ordinal() + view.ordinal()]);
  }

  private static Place part(View view, String part) {
    return new Place(part, person -> show(person, view).click(part));
  }

  /** All of them. */
  public static List<Place> all() {
    List<Place> all = new ArrayList<>();
    for (View view : View.values()) {
      all.add(new Place(view.toString(), person -> show(person, view)));
    }
    all.add(new Place("a batch to start", person -> person.press(CONTROL, N)));
    for (String part : List.of("SIZES", "PLAN")) {
      all.add(part(View.CUTS, "cuts-part-" + part));
    }
    for (String part : List.of("STEPS", "SAND", "NEXT", "SMELTS", "GOLD")) {
      all.add(part(View.ACCOUNT, "account-part-" + part));
    }
    for (String part :
        List.of("MAGNETICS", "BATCHES", "WAYS", "SOURCES", "TRIPS", "POOLS", "MONEY", "YEAR")) {
      all.add(part(View.SEASON, "season-part-" + part));
    }
    for (String part : List.of("TABLES", "SPECK", "TOGETHER", "BACKUPS", "SHOP")) {
      all.add(part(View.SHOP, "shop-part-" + part));
    }
    all.add(new Place("a scale to learn", person -> show(person, View.SHOP).click("learn-scale")));
    all.add(new Place("help", person -> show(person, View.SEASON).write("?")));
    all.add(new Place("tour", person -> show(person, View.SEASON).write("?").press(T)));
    all.add(new Place("find", person -> person.press(SLASH).settle()));
    all.add(new Place("bench mode", Places::benchMode));
    day(all);
    gear(all);
    bench(all);
    return all;
  }

  private static void benchMode(Person person) {
    person.press(F11).until(() -> !person.text("hands-question").isEmpty());
  }

  private static void day(List<Place> all) {
    Consumer<Person> today =
        person ->
            show(person, View.DAY).click("day-part-TODAY").until(() -> person.sees("block-0-0"));
    all.add(new Place("today", today));
    for (KeyCode key : List.of(U, G, N, F)) {
      all.add(new Place("today " + key, today.andThen(person -> person.press(key))));
    }
    all.add(part(View.DAY, "day-part-OPEN"));
    all.add(part(View.DAY, "day-part-STOCK"));
    for (KeyCode key : List.of(F, T)) {
      all.add(
          new Place(
              "stock " + key, person -> show(person, View.DAY).click("day-part-STOCK").press(key)));
    }
  }

  private static void gear(List<Place> all) {
    all.add(part(View.GEAR, "gear-part-RECORD"));
    all.add(
        new Place(
            "own marks",
            person ->
                show(person, View.GEAR).click("gear-part-MARKS").type("marks-cut", "−50 +100")));
    all.add(
        new Place(
            "a table's line",
            person -> show(person, View.GEAR).click("gear-part-LINE").type("line-cut", "−50 +80")));
    all.add(part(View.GEAR, "gear-part-FEED"));
    Consumer<Person> trials =
        person ->
            show(person, View.GEAR)
                .click("gear-part-TRIALS")
                .until(() -> person.sees("trial-next"));
    all.add(new Place("a trial", trials));
    all.add(new Place("a trial to plan", trials.andThen(person -> person.press(N))));
    all.add(new Place("a run of a trial", trials.andThen(person -> person.press(ENTER))));
    all.add(new Place("a run to strike", trials.andThen(person -> person.press(X))));
    all.add(new Place("a trial in bench mode", trials.andThen(person -> person.press(F11))));
    Consumer<Person> drills = person -> show(person, View.GEAR).click("gear-part-PRACTICE");
    all.add(new Place("the drills", drills));
    for (int drill : new int[] {0, 9, 5}) {
      all.add(
          new Place(
              "drill " + drill,
              drills.andThen(
                  person ->
                      show(person, View.GEAR)
                          .pressTimes(DOWN, drill)
                          .press(ENTER)
                          .until(() -> person.sees("practice-stage")))));
    }
  }

  private static void bench(List<Place> all) {
    all.add(
        new Place(
            "a picture of specks",
            person ->
                show(person, View.BENCH)
                    .click("station-2-5")
                    .click("next-picture")
                    .until(() -> person.sees("eye-open"))));
    for (int lot = 1; lot <= LOTS; lot += 3) {
      int number = lot;
      all.add(new Place("lot " + lot, person -> person.open(number)));
    }
    for (String opened : List.of("bench-sheet", "looks-wrong", "look")) {
      all.add(new Place(opened, person -> person.click("station-3-2").click(opened)));
    }
    for (String station :
        List.of(
            "station-1-0",
            "station-2-4",
            "station-3-2",
            "station-4-3",
            "station-2-5",
            "bucket-TAILINGS")) {
      all.add(new Place(station, person -> person.click(station)));
    }
    all.add(new Place("a smelt", person -> person.click("station-2-5").click("measure-SMELT")));
    Consumer<Person> smelt = person -> person.click("station-2-5").click("next-smelt");
    all.add(new Place("a smelt to begin", smelt));
    all.add(
        new Place(
            "a smelt begun",
            smelt.andThen(
                person -> {
                  if (person.sees("melt-sample")) {
                    person.type("melt-sample", "150 g").click("melt-begin");
                  }
                  person.until(() -> person.sees("melt-take"));
                })));
    all.add(new Place("a run to start", person -> person.click("station-2-5").press(G)));
    all.add(
        new Place("a run just started", person -> person.click("station-2-5").press(G).press(E)));
    Consumer<Person> another =
        person -> {
          person.openInOneFrame("Saltergill 3");
          person.settle().open(1);
        };
    all.add(new Place("another batch", another));
    for (KeyCode key : List.of(D, M, S, X)) {
      all.add(new Place("another batch " + key, another.andThen(person -> person.press(key))));
    }
    all.add(new Place("magnet or not", another.andThen(person -> person.press(M).press(O))));
    all.add(
        new Place(
            "a closed batch",
            person -> {
              person.openInOneFrame("Tarnbeck 7");
              person.settle().open(1);
            }));
  }
}
