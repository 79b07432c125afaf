package jugulum.core.gold;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;

/**
 * Remembers the random draws of the last account and what was made of them, so that after an edit only what rests on changed evidence
 * is drawn and added up again. The account comes out the same with a memory, with another one, or with an empty one: draws depend on
 * evidence and lot alone. For one thread at a time.
 */
public final class GoldMemory {
  private Map<Object, Draws> before = new HashMap<>();
  private Map<Object, Draws> now = new HashMap<>();

  /** Forgets what the account before the last did not use. */
  void begin() {
    before = now;
    now = new HashMap<>();
  }

  /** The draws known by that key, drawn only if the last account did not have them. The key says all they depend on. */
  Draws recall(Object key, Supplier<Draws> drawn) {
    Draws draws = now.getOrDefault(key, before.get(key));
    if (draws == null) {
      draws = drawn.get();
    }
    now.put(key, draws);
    return draws;
  }

  /** What a sum depends on: draws are the same only if they are the same ones. */
  private record Sum(List<Draws> parts) {}

  private record Share(Draws won, Draws of) {}

  /** The sum of those that are known; empty if none is. */
  Optional<Draws> sum(List<Draws> known) {
    return known.size() <= 1 ? known.stream().findFirst() : Optional.of(recall(new Sum(known), () -> Draws.sum(known)));
  }

  /** One over the other. */
  Draws share(Draws won, Draws of) {
    return recall(new Share(won, of), () -> won.over(of));
  }
}
