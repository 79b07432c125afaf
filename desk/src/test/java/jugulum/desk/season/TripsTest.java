package jugulum.desk.season;

import static javafx.scene.input.KeyCode.*;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import jugulum.core.season.TripResult;
import jugulum.core.trip.Trip;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import org.junit.jupiter.api.Test;

/** Days outdoors, written down and read by the whole hour. */
class TripsTest extends OnTheDemoBook {
  private static Person atTrips(Person person) {
    person.press(CONTROL, DIGIT5).click("season-part-TRIPS");
    return person.until(() -> person.workbench().seasons().shown().get().isPresent());
  }

  private static List<TripResult> trips(Person person) {
    return person.workbench().seasons().shown().get().orElseThrow().account().trips();
  }

  private static Person day(Person person) {
    return person
        .type("trip-date", "2026-05-02")
        .type("trip-source", "Fernhollow Bench claim")
        .type("trip-travel", "1:30")
        .type("trip-work", "4 h 30")
        .type("trip-rest", "1/2 h")
        .type("trip-pans", "40")
        .type("trip-gravel", "12 2/3 buckets")
        .type("trip-carried", "9 kg")
        .type("trip-water", "10");
  }

  @Test
  void aTripIsKeptAndTakenBack() {
    try (Person person = Person.at(book)) {
      day(atTrips(person)).press(ENTER);
      person.until(() -> !trips(person).isEmpty());
      Trip trip = trips(person).getFirst().trip();
      assertThat(trip.minutes()).isEqualTo(90 + 270 + 30);
      assertThat(trip.dug().orElseThrow().inLitres().usual()).isEqualTo(228);
      assertThat(trip.carriedDryG()).hasValue(8100);
      assertThat(person.text("trip-work")).as("kept, so the field is empty again").isEmpty();
      assertThat(person.text("trips-pane"))
          .contains("Fernhollow Bench claim", "no gold yet", "228 L of gravel", "8.10 kg dry home");
      person.press(CONTROL, Z);
      person.until(() -> trips(person).isEmpty());
      person.press(CONTROL, SHIFT, Z);
      person.until(() -> !trips(person).isEmpty());
    }
  }

  @Test
  void aTripOfThirtyHoursKeepsWhatWasTypedAndChangesNothing() {
    try (Person person = Person.at(book)) {
      day(atTrips(person)).type("trip-work", "30").press(ENTER);
      person.until(() -> person.everything().contains("24 hours at most"));
      assertThat(trips(person)).isEmpty();
      assertThat(person.text("trip-work")).isEqualTo("30");
      person.type("trip-work", "soon").press(ENTER);
      assertThat(person.text("trip-work-error")).contains("not a length of time");
      person.type("trip-work", "4").type("trip-gravel", "12").press(ENTER);
      assertThat(person.text("trip-gravel-error")).contains("of what?");
      person.type("trip-gravel", "12 m/s").press(ENTER);
      assertThat(person.text("trip-gravel-error")).isNotEmpty();
      assertThat(trips(person)).isEmpty();
    }
  }

  /** 4 h, an hour of travel, 3 mg a pan, home 8 min/kg and 95 %: stop rough. */
  @Test
  void howFarDownIsToldAsOneTypes() {
    try (Person person = Person.at(book)) {
      atTrips(person).click("how-far");
      assertThat(person.text("far-says")).contains("one timed hour of each way");
      person
          .type("far-mg", "3")
          .type("far-home", "8")
          .type("far-wins", "95")
          .type("far-rough-minutes", "6")
          .type("far-rough-kept", "500")
          .type("far-rough-lost", "4")
          .type("far-fine-minutes", "10")
          .type("far-fine-kept", "100")
          .type("far-fine-lost", "10");
      person.until(() -> person.text("far-answer").equals("Stop rough"));
      assertThat(person.text("far-says"))
          .contains("0.109 g", "61.6 mg", "14.3 mg an hour", "14.8 min");
      person.type("far-home", "20");
      person.until(() -> person.text("far-answer").equals("Pan further"));
    }
  }
}
