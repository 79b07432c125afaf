package jugulum.book.stream;

import java.util.List;

/**
 * What a person did with one key at a bench that could not tell the others yet.
 *
 * @param action its name in the world
 * @param rows all it wrote, in as many streams as it reached
 */
public record Waiting(String action, List<Placed> rows) {
  /** Keeps its own copy. */
  public Waiting {
    rows = List.copyOf(rows);
  }

  /** The streams it reached, but for the one the book has of itself. */
  public List<Key> streams() {
    return rows.stream().map(Placed::stream).filter(key -> !Book.isItsOwn(key)).distinct().toList();
  }
}
