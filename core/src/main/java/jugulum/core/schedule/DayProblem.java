package jugulum.core.schedule;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jugulum.core.check.Check;

/**
 * What is to be planned.
 *
 * @param tasks the tasks, each name once; what is done is not among them
 * @param limits what there is to work with
 * @param now nothing new begins before that minute of the day, 0 to 1,440
 * @param dark what takes hands or a machine ends by that minute of the day, 0 to 1,440
 */
public record DayProblem(List<DayTask> tasks, DayLimits limits, int now, int dark) {
  /** Minutes of a day. */
  public static final int DAY = 1440;

  /** Checks both minutes and keeps its own copy. */
  public DayProblem {
    tasks = List.copyOf(tasks);
    Check.inRange("now", now, 0, DAY);
    Check.inRange("dark", dark, 0, DAY);
    if (tasks.stream().map(DayTask::id).distinct().count() < tasks.size()) {
      throw new IllegalArgumentException("two tasks of one name");
    }
  }

  /** The task of a name. */
  public Optional<DayTask> task(String id) {
    return tasks.stream().filter(task -> task.id().equals(id)).findFirst();
  }

  /** The same with other tasks. */
  public DayProblem with(List<DayTask> other) {
    return new DayProblem(other, limits, now, dark);
  }

  /** The place of each task in the list, by its name. */
  Map<String, Integer> places() {
    Map<String, Integer> places = new HashMap<>();
    for (int i = 0; i < tasks.size(); i++) {
      places.put(tasks.get(i).id(), i);
    }
    return places;
  }

  /** For each task the places of those before it; one that is not of this day is done. */
  int[][] before() {
    Map<String, Integer> places = places();
    return tasks.stream()
        .map(
            task ->
                task.after().stream()
                    .filter(places::containsKey)
                    .mapToInt(id -> Check.known(places, id))
                    .distinct()
                    .toArray())
        .toArray(int[][]::new);
  }
}
