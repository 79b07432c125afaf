package jugulum.desk.kit;

import java.util.Optional;
import java.util.function.Supplier;

/** Something made when it is first asked for, so that a start makes the bench only. */
public final class Lazy<T> {
  private final Supplier<T> maker;
  private Optional<T> made = Optional.empty();

  /** Of what that makes. */
  public Lazy(Supplier<T> maker) {
    this.maker = maker;
  }

  /** The thing, made now if it was not before. */
  public T get() {
    T one = made.orElseGet(maker);
    made = Optional.of(one);
    return one;
  }
}
