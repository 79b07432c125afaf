package jugulum.desk.day;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.util.Duration;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.Date;
import java.util.UUID;
import jugulum.core.day.Day;
import jugulum.core.schedule.DayPlan.Slot;
import jugulum.desk.follow.Days;
import jugulum.desk.words.DayWords;
import jugulum.desk.words.Figures;

/**
 * What is still to do on a day as a calendar a phone reads (RFC 5545). An event keeps its name from
 * one writing to the next, so that a calendar that reads the file again moves it.
 */
final class DayCalendar {
  private DayCalendar() {}

  /** The calendar as text. */
  static String of(Figures figures, Days.Shown shown) {
    ICalendar calendar = new ICalendar();
    calendar.setProductId("-//Jugulum//day//EN");
    shown.plan().slots().forEach(slot -> calendar.addEvent(event(figures, shown, slot)));
    return Biweekly.write(calendar).go();
  }

  private static VEvent event(Figures figures, Days.Shown shown, Slot slot) {
    Day day = shown.day();
    VEvent event = new VEvent();
    String name = day.date() + " " + slot.task();
    event.setUid(UUID.nameUUIDFromBytes(name.getBytes(StandardCharsets.UTF_8)).toString());
    Instant from = day.moment(slot.from(), figures.zone());
    event.setDateStart(Date.from(from));
    event.setDuration(Duration.builder().minutes(slot.to() - slot.from()).build());
    event.setSummary(DayWords.whole(figures.words(), day, shown.asked(), slot.task()));
    return event;
  }
}
