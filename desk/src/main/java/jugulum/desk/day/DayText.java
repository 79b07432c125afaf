package jugulum.desk.day;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jugulum.core.day.Daylight;
import jugulum.core.day.Job;
import jugulum.desk.follow.Days;
import jugulum.desk.words.DayWords;
import jugulum.desk.words.Words;

/** Says in a line what a day has: light, batches, hands. */
final class DayText {
  private DayText() {}

  static String of(Words words, Days.Shown shown) {
    List<String> said = new ArrayList<>();
    Optional<Daylight.Light> light = shown.asked().light();
    if (light.isEmpty()) {
      said.add(words.of("day.no-light"));
    } else if (!light.get().equals(Daylight.Light.ALWAYS)) {
      said.add(words.of("day.light", DayWords.clock(words, light.get().to())));
    }
    shown
        .day()
        .setup()
        .until()
        .ifPresent(until -> said.add(words.of("day.work-until", DayWords.clock(words, until))));
    long batches = shown.asked().jobs().values().stream().map(Job::batch).distinct().count();
    said.add(words.counted("day.batches", (int) batches));
    said.add(words.counted("day.pairs-of-hands", shown.day().setup().pairs()));
    return words.row(said);
  }
}
