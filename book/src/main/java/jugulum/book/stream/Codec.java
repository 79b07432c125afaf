package jugulum.book.stream;

/**
 * How something is written in a book, and read again in every form it was ever written in.
 *
 * @param <T> what
 */
public interface Codec<T> {
  /** The number of the form that is written; higher than any before. */
  int form();

  /** Writes something in today's form, on one line. */
  String write(T value);

  /**
   * Reads a text of any form up to today's. What was once recorded is read whatever ranges a later
   * version allows.
   *
   * @throws BookProblem.NotUnderstood if it is something else
   */
  T read(int form, String text);
}
