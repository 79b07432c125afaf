package jugulum.desk.entry;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jugulum.core.screens.Cut;
import jugulum.core.screens.Screen;
import jugulum.core.screens.StandardScreens;
import jugulum.desk.words.Words;

/** Cuts as they are typed: "+30, −30 +50, −50", or the screens between them, "30 50". */
public final class CutText {
  private static final Pattern CUT = Pattern.compile("(?:[-−–]\\s*(\\d+))?\\s*(?:\\+\\s*(\\d+))?");
  private static final Pattern SCREENS = Pattern.compile("\\d+(?:[\\s,;]+\\d+)*");

  private CutText() {}

  /** Understands cuts, the coarse ones first whatever order they were typed in. */
  public static Entry<List<Cut>> parse(Words words, String typed) {
    String text = typed.strip();
    if (text.isEmpty()) {
      return new Entry.Bad<>(words.of("cuts.missing"));
    }
    return SCREENS.matcher(text).matches() ? between(words, text) : each(words, text);
  }

  private static Entry<List<Cut>> between(Words words, String text) {
    List<Screen> stack = new ArrayList<>();
    for (String label : text.split("[\\s,;]+")) {
      Optional<Screen> screen = StandardScreens.numbered(label);
      if (screen.isEmpty()) {
        return new Entry.Bad<>(words.of("cuts.unknown", label));
      }
      if (!stack.isEmpty() && screen.get().openingMm() >= stack.getLast().openingMm()) {
        return new Entry.Bad<>(words.of("stack.order", label, stack.getLast().label()));
      }
      stack.add(screen.get());
    }
    return new Entry.Value<>(Cut.of(Cut.ALL, stack));
  }

  private static Entry<List<Cut>> each(Words words, String text) {
    List<Cut> cuts = new ArrayList<>();
    for (String part : text.split("[,;]")) {
      Matcher sizes = CUT.matcher(part.strip());
      boolean isCut = sizes.matches() && (sizes.group(1) != null || sizes.group(2) != null);
      Optional<Cut> cut =
          isCut && isKnown(sizes.group(1)) && isKnown(sizes.group(2))
              ? of(Cut.ALL, sizes.group(1), sizes.group(2))
              : Optional.empty();
      if (cut.isEmpty()) {
        return new Entry.Bad<>(words.of("cuts.unreadable", part.strip()));
      }
      cuts.add(cut.get());
    }
    return new Entry.Value<>(cuts.stream().sorted(Cut.COARSE_FIRST).toList());
  }

  /** Whether it is left out, or a screen. */
  static boolean isKnown(String label) {
    return label == null || StandardScreens.numbered(label).isPresent();
  }

  /**
   * The cut between two screens, either of which may be left out: then the lot's own bounds it.
   * Empty where the lot has no such grains.
   */
  static Optional<Cut> of(Cut lot, String passing, String retained) {
    Optional<Screen> upper = passing == null ? lot.passing() : StandardScreens.numbered(passing);
    Optional<Screen> lower = retained == null ? lot.retained() : StandardScreens.numbered(retained);
    boolean crossed =
        upper.isPresent()
            && lower.isPresent()
            && !(upper.get().openingMm() > lower.get().openingMm());
    return crossed ? Optional.empty() : Optional.of(new Cut(upper, lower));
  }
}
