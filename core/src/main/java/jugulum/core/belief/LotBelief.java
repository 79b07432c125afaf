package jugulum.core.belief;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What is thought of a container, and what to do with it.
 *
 * @param lot which
 * @param free its free gold, or all where that was not told apart; empty where its mass is not
 *     known and nobody looked, and for won gold
 * @param hidden its hidden gold; empty where its mass is not known and nobody measured it
 * @param machines the machines for it, the first first; empty where it is won gold or its mass is
 *     not known
 * @param ways what can be done with it, what leaves most first; none where machines are empty
 * @param look how to look at it first; empty where that is not worth its minutes
 * @param value what gold and hours are worth
 */
public record LotBelief(
    StockLot lot,
    Optional<Thought> free,
    Optional<Thought> hidden,
    Optional<Ways.Machines> machines,
    List<Way> ways,
    Optional<FirstLook> look,
    Value value) {
  /** Keeps its own copy. */
  public LotBelief {
    ways = List.copyOf(ways);
  }

  /** The machine to run it on, were it run. */
  public Optional<MachineWay> machine() {
    return machines.flatMap(Ways.Machines::first);
  }

  /** What to do with it: the way that leaves most. */
  public Optional<Way> first() {
    return ways.stream().findFirst();
  }

  /** Whether nothing that can be done with it pays its hands. */
  public boolean isLeft() {
    return first().filter(way -> !(way.net() > 0)).isPresent();
  }

  /** What is left of an hour of hands on the first way, as {@link Value} tells it. */
  public OptionalDouble netPerHour() {
    return first().isPresent()
        ? OptionalDouble.of(first().get().netPerHour())
        : OptionalDouble.empty();
  }

  LotBelief looking(Optional<FirstLook> at) {
    return new LotBelief(lot, free, hidden, machines, ways, at, value);
  }
}
