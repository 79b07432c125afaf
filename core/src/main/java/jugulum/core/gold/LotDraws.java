package jugulum.core.gold;

import java.util.Optional;
import java.util.stream.Stream;

/**
 * Draws of the gold in one lot.
 *
 * @param free free gold; empty where nobody told it apart
 * @param hidden hidden gold; empty where nobody measured it
 * @param together both, where they were measured together
 * @param evidence what they rest on
 */
record LotDraws(
    Optional<Draws> free, Optional<Draws> hidden, Optional<Draws> together, LotEvidence evidence) {
  private record More(Draws one, Draws other) {}

  /** Both kinds as far as known: measured together but no less than the free gold, or added up. */
  Draws all(GoldMemory memory) {
    if (together.isPresent()) {
      return free.map(
              gold ->
                  memory.recall(new More(together.get(), gold), () -> together.get().orMore(gold)))
          .orElse(together.get());
    }
    return memory.sum(Stream.of(free, hidden).flatMap(Optional::stream).toList()).orElseThrow();
  }

  /** Hidden gold as measured, or what both together are more than the free gold. */
  Optional<Draws> hiddenGold(GoldMemory memory) {
    if (hidden.isPresent() || together.isEmpty() || free.isEmpty()) {
      return hidden;
    }
    return Optional.of(memory.minus(together.get(), free.get()));
  }

  /**
   * Free gold, or both kinds where nobody told them apart: what was lost of the free gold is no
   * more.
   */
  Optional<Draws> freeAtMost() {
    return free.or(() -> together);
  }

  /** Whether both kinds are known, apart or together. */
  boolean isWhole() {
    return together.isPresent() || free.isPresent() && hidden.isPresent() && !evidence.finerOpen();
  }

  /** Whether free gold may be there of which nothing is known. */
  boolean isFreeOpen() {
    return freeAtMost().isEmpty() || evidence.finerOpen();
  }

  boolean isTogether() {
    return free.isEmpty() && together.isPresent();
  }
}
