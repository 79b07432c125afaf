package jugulum.desk.day;

import static javafx.scene.input.KeyCode.*;
import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeMap;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.scene.input.KeyCode;
import jugulum.core.check.Band;
import jugulum.core.day.DayEdit;
import jugulum.core.day.DayWork;
import jugulum.core.day.Job;
import jugulum.core.day.OwnTask;
import jugulum.core.schedule.DayPlan;
import jugulum.core.schedule.DayPlan.Slot;
import jugulum.core.schedule.DayPlan.Why;
import jugulum.core.schedule.DayTask.Hands;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import jugulum.desk.follow.Days;
import jugulum.desk.words.DayWords;
import org.junit.jupiter.api.Test;

/** The day of the demo book: three batches, half done, worked by keys alone. */
class DayPlanTest extends OnTheDemoBook {
  private static final String MORNING = "2026-11-17T10:40:00Z";

  private Person atDay(String moment) {
    Person person = Person.at(book, Clock.fixed(Instant.parse(moment), ZoneOffset.UTC));
    person.sized(1280, 800).press(CONTROL, DIGIT4);
    return person.until(() -> person.sees("block-0-0"));
  }

  private static Days.Shown shown(Person person) {
    return person.workbench().days().today().get().orElseThrow();
  }

  /** Presses a key and waits for the plan that comes of it. */
  private static void does(Person person, KeyCode... keys) {
    Days.Shown before = shown(person);
    person.press(keys);
    person.until(() -> shown(person) != before);
  }

  private static Optional<Job> job(Days.Shown shown, String task) {
    return Optional.ofNullable(shown.asked().jobs().get(task));
  }

  /**
   * The task in hand, by what is told of it: which one a plan puts first is not settled by a rule.
   */
  private static String inHand(Person person) {
    Days.Shown shown = shown(person);
    String what = person.text("day-what");
    return shown.asked().jobs().keySet().stream()
        .filter(
            task ->
                DayWords.whole(person.workbench().words(), shown.day(), shown.asked(), task)
                    .equals(what))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void theDayOfTheDemoIsHalfDone() {
    try (Person person = atDay(MORNING)) {
      Days.Shown shown = shown(person);
      assertThat(shown.asked().jobs().values().stream().map(Job::name).distinct())
          .containsExactlyInAnyOrder("Fernhollow 12", "Thornsike 4", "Saltergill 3");
      assertThat(shown.asked().done()).hasSizeGreaterThan(8);
      assertThat(shown.plan().slots()).hasSizeGreaterThan(8);
      assertThat(person.text("day-by")).startsWith("Done by 1");
      assertThat(person.text("day-learnt")).contains("the magnet takes 13 % longer");
      assertThat(person.everything()).contains("light until 17:", "Battery, ");
    }
  }

  /** Whoever asks for a plan and says something of the day meanwhile gets one that knows of it. */
  @Test
  void aPlanAskedForIsKeptAlsoWhenTheDayIsEditedMeanwhile() {
    try (Person person = atDay(MORNING)) {
      Days days = person.workbench().days();
      Instant now = Instant.parse(MORNING);
      OwnTask own =
          new OwnTask(
              "own a", "mend the trough", new Band(20, 25, 30), Hands.ALL, OptionalInt.empty());
      List<Slot> before = shown(person).day().plan();
      person.drawn(
          () -> {
            days.planAgain(now);
            return days.submit(new DayEdit.Add(own), now);
          });
      person.until(() -> !days.planning().get() && shown(person).day().own().contains(own));
      DayPlan plan = shown(person).plan();
      assertThat(
              Stream.concat(
                  plan.slots().stream().map(Slot::task),
                  plan.left().stream().map(DayPlan.Left::task)))
          .contains(own.id());
      assertThat(shown(person).day().plan()).as("kept").isNotEqualTo(before);
    }
  }

  @Test
  void aMachineThatBreaksAtNoonLeavesTheRestAsItWas() {
    try (Person person = atDay("2026-11-17T12:05:00Z")) {
      does(person, P);
      Days.Shown before = shown(person);
      String broken =
          before.plan().slots().stream()
              .flatMap(slot -> machine(before, slot.task()).stream())
              .findFirst()
              .orElseThrow();
      for (int i = 0; i < 200 && !inHand(person, broken); i++) {
        person.press(i % 6 == 5 ? DOWN : RIGHT);
      }
      assertThat(inHand(person, broken)).as("found by the arrows").isTrue();
      does(person, X);
      Days.Shown after = shown(person);
      assertThat(after.plan().slots())
          .noneMatch(slot -> machine(after, slot.task()).equals(Optional.of(broken)));
      assertThat(after.plan().left()).anyMatch(left -> left.why() == Why.NO_MACHINE);
      assertThat(person.text("day-tight")).contains(broken + " is out of use");
      assertThat(after.plan().end()).isLessThanOrEqualTo(after.asked().problem().dark());
      Map<String, Integer> order = order(before);
      List<Integer> kept =
          after.plan().slots().stream()
              .map(slot -> order.get(slot.task()))
              .filter(place -> place != null)
              .toList();
      assertThat(kept).hasSizeGreaterThan(3);
      does(person, X);
      assertThat(shown(person).plan().slots())
          .anyMatch(slot -> machine(shown(person), slot.task()).equals(Optional.of(broken)));
      does(person, CONTROL, Z);
      assertThat(shown(person).day().out()).hasSize(1);
    }
  }

  private static Map<String, Integer> order(Days.Shown shown) {
    Map<String, Integer> order = new TreeMap<>();
    shown.plan().slots().forEach(slot -> order.put(slot.task(), order.size()));
    return order;
  }

  private static Optional<String> machine(Days.Shown shown, String task) {
    return job(shown, task).flatMap(DayWork::machine);
  }

  private static boolean inHand(Person person, String machine) {
    return person.sees("day-out")
        && machine(shown(person), inHand(person)).equals(Optional.of(machine));
  }

  @Test
  void aTaskIsForbiddenWantedBackAndBoundToAnHour() {
    try (Person person = atDay(MORNING)) {
      String task = inHand(person);
      does(person, F);
      assertThat(shown(person).plan().why(task)).contains(Why.SAID);
      assertThat(person.text("day-left")).contains("you said so");
      does(person, F);
      assertThat(shown(person).plan().slot(task)).isPresent();
      person.press(U).type("day-time", "25 o'clock").press(ENTER);
      assertThat(person.text("day-time-error")).contains("no time of day");
      assertThat(person.text("day-time")).isEqualTo("25 o'clock");
      Days.Shown before = shown(person);
      person.type("day-time", "15.30").press(ENTER);
      person.until(() -> shown(person) != before);
      assertThat(shown(person).plan().slot(task).orElseThrow().to()).isLessThanOrEqualTo(930);
      assertThat(person.text("day-about")).contains("only until 15:30");
    }
  }

  @Test
  void aTaskOfOnesOwnIsAddedBegunAndDone() {
    try (Person person = atDay(MORNING)) {
      person.press(N).press(ENTER);
      assertThat(person.text("own-what-error")).contains("Say what is to be done");
      person.type("own-what", "mend the pump").type("own-minutes", "10 – 30");
      Days.Shown before = shown(person);
      person.type("own-at", "10:45").press(ENTER);
      person.until(() -> shown(person) != before);
      String task =
          shown(person).day().own().stream()
              .filter(own -> own.what().equals("mend the pump"))
              .map(own -> own.id())
              .findFirst()
              .orElseThrow();
      assertThat(shown(person).plan().slot(task).orElseThrow().from()).isGreaterThanOrEqualTo(645);
      assertThat(person.text("day-what")).isEqualTo("mend the pump");
      does(person, ENTER);
      assertThat(person.text("day-when")).startsWith("Under way since 10:40");
      does(person, D);
      assertThat(shown(person).asked().done()).containsKey(task);
    }
  }

  @Test
  void enterGoesToTheBenchWithTheTask() {
    try (Person person = atDay(MORNING)) {
      String batch = job(shown(person), inHand(person)).orElseThrow().name();
      person.press(ENTER);
      person.until(() -> person.sees("panel-host"));
      assertThat(person.batch().label().name()).isEqualTo(batch);
    }
  }

  @Test
  void whatADayHasIsToldAndBadFiguresStay() {
    try (Person person = atDay(MORNING)) {
      person.press(G).type("day-battery", "much").press(ENTER);
      assertThat(person.text("day-battery-error")).isNotEmpty();
      assertThat(person.text("day-battery")).isEqualTo("much");
      person.type("day-battery", "10").type("day-longitude", "").press(ENTER);
      assertThat(person.text("day-longitude-error")).contains("both figures");
      Days.Shown before = shown(person);
      person.type("day-longitude", "-5").press(ENTER);
      person.until(() -> shown(person) != before);
      assertThat(person.text("day-tight")).contains("The battery does not last");
      assertThat(shown(person).plan().left()).anyMatch(left -> left.why() == Why.NO_POWER);
      person.press(G).type("day-celsius", "-3");
      Days.Shown cold = shown(person);
      person.press(ENTER).until(() -> shown(person) != cold);
      assertThat(person.text("day-tight")).contains("Frost");
    }
  }

  @Test
  void theDayGoesToACalendarAndToAPage() throws Exception {
    try (Person person = atDay(MORNING)) {
      Path calendar = folder.resolve("day.ics");
      person.choosing(calendar).press(K).until(() -> Files.exists(calendar));
      person.settle();
      String text = Files.readString(calendar);
      assertThat(text).startsWith("BEGIN:VCALENDAR").contains("VERSION:2.0", "DTSTART", "DURATION");
      assertThat(text.split("BEGIN:VEVENT")).hasSize(shown(person).plan().slots().size() + 1);
      Path page = folder.resolve("day.pdf");
      person.choosing(page).press(W).until(() -> Files.exists(page));
      person.until(() -> person.everything().contains("day.pdf"));
      assertThat(Files.readAllBytes(page)).startsWith("%PDF".getBytes(StandardCharsets.US_ASCII));
    }
  }

  @Test
  void aPlanThatWasAskedForIsKept() {
    try (Person person = atDay(MORNING)) {
      does(person, P);
      person.until(() -> !shown(person).day().plan().isEmpty());
      assertThat(person.text("day-proof")).contains("likely between");
    }
    try (Person person = atDay(MORNING)) {
      Days.Shown again = shown(person);
      assertThat(again.plan().slots()).extracting(Slot::task).isNotEmpty();
      assertThat(again.day().plan()).isNotEmpty();
    }
  }

  /** What changes while a plan is being made does not leave somebody waiting for ever. */
  @Test
  void aPlanThatWasAskedForIsNotGivenUpForWhatChangesMeanwhile() {
    try (Person person = atDay(MORNING)) {
      long before = shown(person).version();
      Platform.runLater(
          () -> {
            Instant now = Instant.parse(MORNING);
            person.workbench().days().planAgain(now);
            person.workbench().days().refresh(now);
          });
      person.until(() -> shown(person).version() > before);
      person.until(() -> !person.workbench().days().planning().get());
      assertThat(person.workbench().days().planning().get()).isFalse();
      assertThat(person.text("day-proof")).contains("likely between");
    }
  }
}
