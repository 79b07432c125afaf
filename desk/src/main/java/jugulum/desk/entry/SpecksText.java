package jugulum.desk.entry;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jugulum.core.ledger.Measure.PannedSample.Seen;
import jugulum.core.screens.Cut;
import jugulum.desk.words.Words;

/** Specks as they are typed: "3", or by size "+50 1, −50 +80 2, −80 4". */
public final class SpecksText {
  private static final int MOST = 1_000_000;
  private static final Pattern BY_SIZE =
      Pattern.compile("(?:[-−–]\\s*(\\d+))?\\s*(?:\\+\\s*(\\d+))?[\\s:]+(\\d{1,6})");

  private SpecksText() {}

  /**
   * Understands what was typed for a lot of that cut; where a size names one screen only, the lot's
   * own bounds it on the other side.
   */
  public static Entry<List<Seen>> parse(Words words, Cut lot, String typed) {
    if (!typed.contains("+") && !typed.matches(".*[-−–].*")) {
      return switch (Parsers.count(words, typed, MOST)) {
        case Entry.Value<Integer>(Integer specks) ->
            new Entry.Value<>(List.of(new Seen(lot, specks)));
        case Entry.Bad<Integer>(String sentence) -> new Entry.Bad<>(sentence);
      };
    }
    List<Seen> all = new ArrayList<>();
    for (String part : typed.split("[,;]")) {
      Matcher sizes = BY_SIZE.matcher(part.strip());
      if (!sizes.matches()
          || !CutText.isKnown(sizes.group(1))
          || !CutText.isKnown(sizes.group(2))
          || sizes.group(1) == null && sizes.group(2) == null) {
        return new Entry.Bad<>(words.of("specks.unreadable", part.strip()));
      }
      Optional<Cut> cut = CutText.of(lot, sizes.group(1), sizes.group(2)).filter(lot::overlaps);
      if (cut.isEmpty()) {
        return new Entry.Bad<>(words.of("specks.outside", part.strip()));
      }
      if (all.stream().anyMatch(one -> one.cut().overlaps(cut.get()))) {
        return new Entry.Bad<>(words.of("specks.overlap", part.strip()));
      }
      all.add(new Seen(cut.get(), Integer.parseInt(sizes.group(3))));
    }
    return new Entry.Value<>(List.copyOf(all));
  }
}
