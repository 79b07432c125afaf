package jugulum.desk.entry;

import java.util.List;
import java.util.Optional;
import jugulum.core.weighing.Container;

/** The containers whose weight is remembered. */
public interface Containers {
  /** Nothing is remembered. */
  Containers NONE =
      new Containers() {
        @Override
        public List<Container> known() {
          return List.of();
        }

        @Override
        public void remember(Container container) {}
      };

  /** All of them, by name. */
  List<Container> known();

  /** Remembers one; an older weight of its name is forgotten. */
  void remember(Container container);

  /** The one of a name, whatever its capitals. */
  default Optional<Container> named(String name) {
    return known().stream().filter(one -> one.name().equalsIgnoreCase(name.strip())).findFirst();
  }
}
