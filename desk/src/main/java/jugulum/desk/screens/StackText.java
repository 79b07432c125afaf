package jugulum.desk.screens;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import jugulum.core.screens.Cut;
import jugulum.core.screens.Screen;
import jugulum.desk.entry.Entry;
import jugulum.desk.words.Words;

/** A stack written as the labels of its screens, coarse on top: "16 30 50 100". */
final class StackText {
  private static final Pattern BETWEEN = Pattern.compile("[\\s,;·]+");

  private StackText() {}

  /** As it would be typed. */
  static String of(List<Screen> stack) {
    return stack.stream()
        .map(
            screen ->
                screen.label().contains(" ") ? screen.label().replace(' ', '_') : screen.label())
        .collect(Collectors.joining(" "));
  }

  /** Understands it, or says which screen is wrong and why. */
  static Entry<List<Screen>> parse(Words words, String typed, List<Screen> owned, Cut feed) {
    List<Screen> stack = new ArrayList<>();
    for (String label : BETWEEN.split(typed.strip())) {
      if (label.isEmpty()) {
        continue;
      }
      Optional<Screen> screen =
          owned.stream()
              .filter(one -> one.label().replace(' ', '_').equalsIgnoreCase(label))
              .findFirst();
      if (screen.isEmpty()) {
        return bad(words, "stack.unknown", label);
      }
      double opening = screen.get().openingMm();
      if (!(opening < feed.upperMm() && opening > feed.lowerMm())) {
        return bad(words, "stack.outside", label, words.plain(opening));
      }
      if (stack.contains(screen.get())) {
        return bad(words, "stack.twice", label);
      }
      if (!stack.isEmpty() && opening >= stack.getLast().openingMm()) {
        return bad(words, "stack.order", label, stack.getLast().label());
      }
      stack.add(screen.get());
    }
    return stack.isEmpty()
        ? bad(words, "refusal.SCREENS_MISSING")
        : new Entry.Value<>(List.copyOf(stack));
  }

  private static Entry<List<Screen>> bad(Words words, String key, String... values) {
    return new Entry.Bad<>(words.of(key, values));
  }
}
