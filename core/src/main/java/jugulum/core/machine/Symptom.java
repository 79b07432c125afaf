package jugulum.core.machine;

import java.util.List;

/**
 * Something one sees when a machine is out of tune, with what may be behind it.
 *
 * @param id its name in texts, lower case with hyphens
 * @param causes likely first; each has a text of its own with the remedy, under the symptom's name
 *     and its own
 */
public record Symptom(String id, List<String> causes) {
  /** Keeps its own copy. */
  public Symptom {
    causes = List.copyOf(causes);
  }

  static Symptom of(String id, String... causes) {
    return new Symptom(id, List.of(causes));
  }
}
