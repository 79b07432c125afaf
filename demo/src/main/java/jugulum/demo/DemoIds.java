package jugulum.demo;

import java.util.SplittableRandom;
import java.util.UUID;
import java.util.function.Supplier;

/**
 * Identifiers drawn from a seed, so that a demo book says the same to the last sign, whoever writes
 * it.
 */
final class DemoIds implements Supplier<UUID> {
  private static final long VERSION_MASK = 0xffffffff_ffff0fffL;
  private static final long VERSION_4 = 0x4000L;
  private static final long VARIANT_MASK = 0x3fffffff_ffffffffL;
  private static final long VARIANT_2 = 0x80000000_00000000L;

  private final SplittableRandom random;

  DemoIds(long seed) {
    random = new SplittableRandom(seed);
  }

  /** One of the form of those drawn by chance (RFC 9562, section 5.4). */
  @Override
  public UUID get() {
    return new UUID(
        random.nextLong() & VERSION_MASK | VERSION_4, random.nextLong() & VARIANT_MASK | VARIANT_2);
  }
}
