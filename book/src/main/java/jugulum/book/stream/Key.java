package jugulum.book.stream;

/**
 * A stream, as the store knows it.
 *
 * @param kind the name of its kind
 * @param id which one of that kind
 */
public record Key(String kind, String id) {}
