package jugulum.core.season;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import jugulum.core.check.Band;

/**
 * What was won of one cut by the same means over time.
 *
 * @param work by which work
 * @param machine on which machine; empty for the magnet
 * @param cut of which sizes, in the notation of cuts
 * @param seen what was won, in the order of time; one at least
 */
public record Track(KindOfWork work, String machine, String cut, List<Seen> seen) {
  /** Keeps its own copy. */
  public Track {
    seen = List.copyOf(seen);
  }

  /**
   * One step.
   *
   * @param batch the name of its batch
   * @param date on which day
   * @param recovery the share that went on, 0 to 1, with its 95 % range
   */
  public record Seen(String batch, LocalDate date, Band recovery) {}

  private record Means(KindOfWork work, String machine, String cut) {}

  /** All tracks of some batches, those with most steps first. */
  static List<Track> of(List<BatchResult> batches, ZoneId zone) {
    Map<Means, List<Seen>> byMeans =
        new TreeMap<>(
            Comparator.comparing(Means::work)
                .thenComparing(Means::machine)
                .thenComparing(Means::cut));
    for (BatchResult batch : batches) {
      batch
          .toldParts()
          .forEach(
              part ->
                  byMeans
                      .computeIfAbsent(
                          new Means(part.work(), part.machine(), part.cut()),
                          _ -> new ArrayList<>())
                      .add(
                          new Seen(
                              batch.name(),
                              LocalDate.ofInstant(part.at(), zone),
                              part.recovery().orElseThrow())));
    }
    List<Track> tracks = new ArrayList<>();
    byMeans.forEach(
        (means, seen) -> {
          seen.sort(Comparator.comparing(Seen::date));
          tracks.add(new Track(means.work(), means.machine(), means.cut(), seen));
        });
    tracks.sort(Comparator.comparingInt((Track track) -> -track.seen().size()));
    return tracks;
  }
}
