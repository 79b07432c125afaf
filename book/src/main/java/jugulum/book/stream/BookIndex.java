package jugulum.book.stream;

import java.util.ArrayList;
import java.util.List;

/**
 * What a book says of itself, in a stream of its own: its identity, then each stream as it begins.
 * So a stream that is gone is missed.
 */
public final class BookIndex {
  /** Where it stands. */
  public static final Key KEY = new Key("book", "book");

  /** The number of the form its rows are written in. */
  static final int FORM = 1;

  private static final String BOOK = "book ";
  private static final String STREAM = "stream ";

  private final List<Key> streams = new ArrayList<>();

  /** What a row says that gives a book its identity. */
  static String book(String id) {
    return BOOK + id;
  }

  /** Whether a row gives a book its identity. */
  static boolean isIdentity(String body) {
    return body.startsWith(BOOK);
  }

  /** What a row says of a stream that begins; the name of a kind is one word. */
  static String begins(Key stream) {
    return STREAM + stream.kind() + " " + stream.id();
  }

  /** Takes the next row. */
  void take(Row row) {
    String body = row.body();
    if (body.startsWith(STREAM)) {
      String[] words = body.substring(STREAM.length()).split(" ", 2);
      streams.add(new Key(words[0], words.length > 1 ? words[1] : ""));
    } else if (!body.startsWith(BOOK)) {
      throw new BookProblem.NotUnderstood("the book says of itself: " + body, null);
    }
  }

  /** Every stream that was begun, in that order. */
  List<Key> streams() {
    return List.copyOf(streams);
  }
}
