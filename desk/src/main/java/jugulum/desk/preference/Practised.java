package jugulum.desk.preference;

import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;

/** How far whoever is at this bench got in each drill; kept with what the bench remembers. */
public final class Practised {
  private static final String PREFIX = "practice.";

  private final Preferences preferences;
  private final Map<String, Done> told = new ConcurrentHashMap<>();

  /**
   * What a drill came to so far.
   *
   * @param times how often it was run to its end
   * @param isReached whether it ever was what was asked for
   * @param goldLost of the best run, 0 to 1
   * @param minutes of the best run
   */
  public record Done(int times, boolean isReached, double goldLost, double minutes) {}

  public Practised(Preferences preferences) {
    this.preferences = preferences;
  }

  /** How far one got in a drill; empty before its first run. */
  public Optional<Done> of(String drill) {
    return Optional.ofNullable(told.get(drill))
        .or(() -> preferences.remembered(PREFIX + drill).flatMap(Practised::read));
  }

  private static Optional<Done> read(String text) {
    String[] parts = text.split(" ");
    try {
      return Optional.of(
          new Done(
              Integer.parseInt(parts[0]),
              Boolean.parseBoolean(parts[1]),
              Double.parseDouble(parts[2]),
              Double.parseDouble(parts[3])));
    } catch (NumberFormatException | ArrayIndexOutOfBoundsException otherHand) {
      return Optional.empty();
    }
  }

  /** A run of a drill came to its end. */
  public void tell(String drill, boolean isReached, double goldLost, double minutes) {
    Optional<Done> before = of(drill);
    boolean isBetter =
        before.isEmpty()
            || isReached && !before.get().isReached()
            || isReached == before.get().isReached() && goldLost < before.get().goldLost();
    int times = before.map(Done::times).orElse(0) + 1;
    Done now =
        isBetter
            ? new Done(times, isReached, goldLost, minutes)
            : new Done(
                times, before.get().isReached(), before.get().goldLost(), before.get().minutes());
    told.put(drill, now);
    preferences.remember(
        PREFIX + drill,
        String.format(
            Locale.ROOT,
            "%d %b %.5f %.2f",
            now.times(),
            now.isReached(),
            now.goldLost(),
            now.minutes()));
  }
}
