package jugulum.desk.shell;

import java.util.Optional;
import java.util.function.Supplier;

/** Something made when it is first asked for, so that a start makes the bench only. */
final class Lazy<T> {
  private final Supplier<T> maker;
  private Optional<T> made = Optional.empty();

  Lazy(Supplier<T> maker) {
    this.maker = maker;
  }

  T get() {
    T one = made.orElseGet(maker);
    made = Optional.of(one);
    return one;
  }
}
