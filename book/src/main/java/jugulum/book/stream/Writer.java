package jugulum.book.stream;

import java.time.Clock;
import java.util.UUID;
import java.util.function.Supplier;

/**
 * Who writes in a book.
 *
 * @param bench tells the bench, put on every row
 * @param clock tells when
 * @param ids new identifiers, each once in the world
 */
public record Writer(Supplier<Bench> bench, Clock clock, Supplier<UUID> ids) {
  /** A bench without a name. */
  public static Writer unnamed(Clock clock) {
    return new Writer(() -> Bench.UNNAMED, clock, UUID::randomUUID);
  }
}
