package jugulum.core.gold;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.BooleanSupplier;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import jugulum.core.check.Check;
import jugulum.core.passes.Removal;

/**
 * Remembers the random draws of the last account and what was made of them, so that after an edit
 * only what rests on changed evidence is drawn and added up again. The account comes out the same
 * with a memory, with another one, or with an empty one: draws depend on evidence and lot alone.
 * For one thread at a time.
 */
public final class GoldMemory {
  /** As many draws as an account is worked out with. */
  public static final int USUAL_DRAWS = 20_000;

  private final int count;
  private Map<Object, Draws> before = new HashMap<>();
  private Map<Object, Draws> now = new HashMap<>();
  private Map<List<Double>, Removal> removalsBefore = new HashMap<>();
  private Map<List<Double>, Removal> removals = new HashMap<>();
  private boolean whole = true;
  private BooleanSupplier stop = () -> false;

  /** For accounts with the usual number of draws. */
  public GoldMemory() {
    this(USUAL_DRAWS);
  }

  /**
   * For accounts with so many draws.
   *
   * @param draws from 1,000 to 10,000,000
   */
  public GoldMemory(int draws) {
    this.count = (int) Check.inRange("draws", draws, 1_000, 10_000_000);
  }

  /** Draws per lot. */
  int count() {
    return count;
  }

  /**
   * Gives a piece of work up with a {@link CancellationException} as soon as that is so; it is
   * asked before every draw. What was drawn until then is kept for the next.
   */
  public void stopWhen(BooleanSupplier so) {
    stop = so;
  }

  private void goOn() {
    if (stop.getAsBoolean()) {
      throw new CancellationException();
    }
  }

  /** Forgets what the account before the last did not use; nothing where the last was given up. */
  void begin() {
    if (whole) {
      before = now;
      removalsBefore = removals;
    } else {
      before.putAll(now);
      removalsBefore.putAll(removals);
    }
    now = new HashMap<>();
    removals = new HashMap<>();
    whole = false;
  }

  /** An account is worked out. */
  void end() {
    whole = true;
  }

  /** The removal estimate of catches, worked out only if the last account did not have it. */
  Removal removal(List<Double> catches) {
    Removal known = removals.getOrDefault(catches, removalsBefore.get(catches));
    Removal removal = known == null ? Removal.of(catches) : known;
    removals.put(List.copyOf(catches), removal);
    return removal;
  }

  /**
   * The draws known by that key, drawn only if the last account did not have them. The key says all
   * they depend on.
   */
  Draws recall(Object key, Supplier<Draws> drawn) {
    Draws draws = now.getOrDefault(key, before.get(key));
    if (draws == null) {
      goOn();
      draws = drawn.get();
    }
    now.put(key, draws);
    return draws;
  }

  /**
   * Draws by several threads what the last account did not have, and finds its ranges, which every
   * account tells; each by its own key, so the order does not matter.
   */
  <K> void recallAll(List<K> keys, Function<K, Draws> drawn) {
    List<K> missing =
        keys.stream()
            .filter(key -> !now.containsKey(key) && !before.containsKey(key))
            .distinct()
            .toList();
    List<Draws> made =
        missing.parallelStream()
            .map(
                key -> {
                  goOn();
                  Draws draws = drawn.apply(key);
                  draws.range();
                  return draws;
                })
            .toList();
    IntStream.range(0, made.size()).forEach(i -> now.put(missing.get(i), made.get(i)));
  }

  /** What a sum depends on: draws are the same only if they are the same ones. */
  private record Sum(List<Draws> parts) {}

  private record Share(Draws won, Draws of) {}

  private record Minus(Draws all, Draws part) {}

  /** The sum of those that are known; empty if none is. */
  Optional<Draws> sum(List<Draws> known) {
    return known.size() <= 1
        ? known.stream().findFirst()
        : Optional.of(recall(new Sum(known), () -> Draws.sum(known)));
  }

  /** One less the other, not below 0. */
  Draws minus(Draws all, Draws part) {
    return recall(new Minus(all, part), () -> all.minus(part));
  }

  /** One over the other. */
  Draws share(Draws won, Draws of) {
    return recall(new Share(won, of), () -> won.over(of));
  }
}
