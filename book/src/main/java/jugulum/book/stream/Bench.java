package jugulum.book.stream;

/**
 * A bench that writes in books.
 *
 * @param id which one in the world; empty where it is told by its name alone
 * @param name what its people call it; may be empty, and may change
 */
public record Bench(String id, String name) {
  /** A bench nobody named. */
  public static final Bench UNNAMED = new Bench("", "");
}
