package jugulum.book.stream;

/**
 * A row and the stream it stands in.
 *
 * @param stream which
 * @param row what it says
 */
public record Placed(Key stream, Row row) {}
