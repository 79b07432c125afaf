package jugulum.book.stream;

import java.time.Clock;
import java.util.UUID;
import java.util.function.Supplier;

/**
 * Who writes in a book.
 *
 * @param name tells the name of the bench, put on every row
 * @param clock tells when
 * @param ids new identifiers, each once in the world
 */
public record Writer(Supplier<String> name, Clock clock, Supplier<UUID> ids) {
  /** A bench without a name. */
  public static Writer unnamed(Clock clock) {
    return new Writer(() -> "", clock, UUID::randomUUID);
  }
}
