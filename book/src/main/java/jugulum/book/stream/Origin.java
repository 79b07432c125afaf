package jugulum.book.stream;

/**
 * Where a row of a journal comes from.
 *
 * @param bench the bench that wrote it; without id or name in rows of books that did not say
 * @param action what a person did with one key, in however many streams; empty in rows of books
 *     that did not say
 */
public record Origin(Bench bench, String action) {
  /** As in rows of books that did not say. */
  public static final Origin UNTOLD = new Origin(Bench.UNNAMED, "");

  /** Whether a bench wrote it: known by its id, or by its name where there was none yet. */
  boolean isBy(Bench other) {
    return bench.id().isEmpty() ? bench.name().equals(other.name()) : bench.id().equals(other.id());
  }
}
