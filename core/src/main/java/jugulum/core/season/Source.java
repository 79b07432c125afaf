package jugulum.core.season;

/**
 * Where concentrate comes from.
 *
 * @param name as written on the buckets, not blank
 * @param place where it lies, may be empty
 * @param permits what allows the work there, with its end, may be empty
 * @param notes what else is to be remembered, may be empty
 */
public record Source(String name, String place, String permits, String notes) {
  /** Takes blanks off the ends. */
  public Source {
    name = name.strip();
    place = place.strip();
    permits = permits.strip();
    notes = notes.strip();
  }

  /** A source of which only the name is known. */
  public static Source named(String name) {
    return new Source(name, "", "", "");
  }
}
