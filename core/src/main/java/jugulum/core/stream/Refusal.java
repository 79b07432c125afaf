package jugulum.core.stream;

import java.time.Instant;
import java.util.List;

/**
 * Why an edit was not carried out: a reason and the values a sentence about it needs. Nothing has
 * changed.
 *
 * @param reason what is wrong
 * @param values in the order the reason tells
 */
public record Refusal(Reason reason, List<Told> values) {
  /** Keeps its own copy of the values. */
  public Refusal {
    values = List.copyOf(values);
  }

  /** A refusal with the values its reason tells. */
  public static Refusal of(Reason reason, Told... values) {
    return new Refusal(reason, List.of(values));
  }

  /**
   * What can be wrong with an edit: the constants of an enum beside the edits of each kind of
   * stream. Its sentence goes by its name, so no two kinds of stream use one name for different
   * things.
   */
  public interface Reason {
    /** The constant's name. */
    String name();
  }

  /** A value told in a refusal; the window gives it its unit and language. */
  public sealed interface Told {
    /** A mass, in grams. */
    record Grams(double grams) implements Told {}

    /** A point in time. */
    record Moment(Instant at) implements Told {}

    /** A name or a writing. */
    record Words(String text) implements Told {}
  }
}
