package jugulum.desk.entry;

import java.util.Optional;
import java.util.function.Function;
import jugulum.core.units.MassText;
import jugulum.core.units.MassUnit;
import jugulum.core.weighing.Container;
import jugulum.desk.words.Words;

/**
 * What was typed for a container: its weight, the name of one whose weight is known, or both with
 * "=" between them, which is remembered.
 *
 * @param grams its weight, in grams
 * @param name its name, if it has one
 * @param isNew whether a weight was told with the name
 */
public record Tare(double grams, Optional<String> name, boolean isNew) {
  private static final String IS = "=";

  public static Entry<Tare> parse(Words words, String typed, MassUnit bare, Containers containers) {
    Optional<Container> known = containers.named(typed);
    if (known.isPresent()) {
      return new Entry.Value<>(new Tare(known.get().tareG(), known.map(Container::name), false));
    }
    String[] parts = typed.split(IS, 2);
    String weight = parts[parts.length - 1];
    Optional<String> name =
        parts.length == 2 && !parts[0].isBlank() ? Optional.of(parts[0].strip()) : Optional.empty();
    boolean word = name.isEmpty() && typed.chars().noneMatch(Character::isDigit);
    if (word) {
      return new Entry.Bad<>(words.of("entry.container.unknown", typed.strip()));
    }
    return switch (Parsers.sand(words, bare).apply(weight)) {
      case Entry.Value<MassText.Mass>(MassText.Mass mass)
          when name.isPresent() && !(mass.grams() > 0) ->
          new Entry.Bad<>(words.of("entry.container.weightless", name.get()));
      case Entry.Value<MassText.Mass>(MassText.Mass mass) ->
          new Entry.Value<>(new Tare(mass.grams(), name, name.isPresent()));
      case Entry.Bad<MassText.Mass>(String sentence) -> new Entry.Bad<>(sentence);
    };
  }

  /** The container to remember, if one was told. */
  public Optional<Container> told() {
    Function<String, Container> container = called -> new Container(called, grams);
    return isNew ? name.map(container) : Optional.empty();
  }
}
