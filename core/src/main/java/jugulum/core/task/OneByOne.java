package jugulum.core.task;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * The open questions of a batch, asked one at a time and each part by part.
 *
 * @param tasks what is open, in the order one would do it
 * @param asked the one being asked; empty where nothing is open
 * @param answers what was answered to its first parts, as texts
 * @param skipped what is put off until nothing else is open
 */
public record OneByOne(
    List<Task> tasks, Optional<Task> asked, List<String> answers, Set<Task.Key> skipped) {
  /** Before anything is open. */
  public static final OneByOne NOTHING =
      new OneByOne(List.of(), Optional.empty(), List.of(), Set.of());

  /** Keeps its own copies. */
  public OneByOne {
    tasks = List.copyOf(tasks);
    answers = List.copyOf(answers);
    skipped = Set.copyOf(skipped);
  }

  /**
   * The same after the batch changed: a question that is still open goes on being asked, and keeps
   * what was answered already.
   */
  public OneByOne over(List<Task> now) {
    Optional<Task> same =
        asked.flatMap(
            before -> now.stream().filter(task -> task.key().equals(before.key())).findFirst());
    return same.isPresent()
        ? new OneByOne(now, same, answers, skipped)
        : new OneByOne(now, first(now, skipped), List.of(), skipped);
  }

  /** What is skipped comes when nothing else does. */
  private static Optional<Task> first(List<Task> tasks, Set<Task.Key> skipped) {
    return tasks.stream()
        .filter(task -> !skipped.contains(task.key()))
        .findFirst()
        .or(() -> tasks.stream().findFirst());
  }

  /** The part that is asked for; empty where there is only to do it, or all was answered. */
  public Optional<Part> part() {
    return asked
        .map(Task::parts)
        .filter(parts -> answers.size() < parts.size())
        .map(parts -> parts.get(answers.size()));
  }

  /** Whether every part has its answer. */
  public boolean isAnswered() {
    return asked.filter(task -> answers.size() >= task.parts().size()).isPresent();
  }

  /** The same with the part asked for answered. */
  public OneByOne answered(String text) {
    return withAnswers(Stream.concat(answers.stream(), Stream.of(text)).toList());
  }

  /** The same asking for an earlier part again. */
  public OneByOne backTo(int part) {
    return withAnswers(answers.subList(0, Math.min(part, answers.size())));
  }

  /** Whether something was answered that can be asked for again. */
  public boolean canGoBack() {
    return !answers.isEmpty();
  }

  private OneByOne withAnswers(List<String> texts) {
    return new OneByOne(tasks, asked, texts, skipped);
  }

  /** Puts the question off; once every one was put off, all are asked again. */
  public OneByOne skip() {
    if (asked.isEmpty()) {
      return this;
    }
    Set<Task.Key> more = new HashSet<>(skipped);
    more.add(asked.get().key());
    boolean all = tasks.stream().allMatch(task -> more.contains(task.key()));
    Set<Task.Key> then = all ? Set.of() : more;
    return new OneByOne(tasks, first(tasks, then), List.of(), then);
  }

  /** What stands beside the question: what {@link #other} would ask; empty where there is none. */
  public Optional<Task> beside() {
    return other().asked().filter(task -> !asked.equals(Optional.of(task)));
  }

  /** Turns to the next lot or step that asks for something, and round again. */
  public OneByOne other() {
    if (asked.isEmpty()) {
      return this;
    }
    List<Task.Subject> subjects =
        new ArrayList<>(tasks.stream().map(Task::subject).distinct().toList());
    int here = subjects.indexOf(asked.get().subject());
    Task.Subject next = subjects.get((here + 1) % subjects.size());
    Optional<Task> turned = tasks.stream().filter(task -> task.subject().equals(next)).findFirst();
    return here == subjects.indexOf(next) ? this : new OneByOne(tasks, turned, List.of(), skipped);
  }
}
