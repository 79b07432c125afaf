package jugulum.desk.entry;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jugulum.core.machine.Dial;
import jugulum.core.machine.Sheet;
import jugulum.desk.words.SheetWords;
import jugulum.desk.words.Words;

/**
 * How a machine is set, as it is typed: "tilt 2.5; volts 12". A name its sheet does not have is a
 * dial of one's own.
 */
public final class SettingsText {
  private static final double MOST = 1e6;
  private static final Pattern ONE = Pattern.compile("(.*\\D)\\s+([0-9][0-9.,]*)");

  private SettingsText() {}

  /** Understands it, or says which part is not understood. */
  public static Entry<Map<String, Double>> parse(Words words, Optional<Sheet> sheet, String typed) {
    Map<String, Double> settings = new LinkedHashMap<>();
    for (String part : typed.split(";")) {
      if (part.isBlank()) {
        continue;
      }
      Matcher one = ONE.matcher(part.strip());
      if (!one.matches()) {
        return new Entry.Bad<>(words.of("settings.unreadable", part.strip()));
      }
      switch (Parsers.number(words, one.group(2), 0, MOST)) {
        case Entry.Value<Double>(Double value) ->
            settings.put(dial(words, sheet, one.group(1).strip()), value);
        case Entry.Bad<Double>(String sentence) -> {
          return new Entry.Bad<>(sentence);
        }
      }
    }
    return new Entry.Value<>(settings);
  }

  /** The name a dial has on the sheet, by what a person calls it or begins to. */
  private static String dial(Words words, Optional<Sheet> sheet, String called) {
    return sheet.stream()
        .flatMap(one -> one.dials().stream())
        .map(Dial::id)
        .filter(id -> id.equalsIgnoreCase(called) || begins(SheetWords.dial(words, id), called))
        .findFirst()
        .orElse(called);
  }

  private static boolean begins(String name, String called) {
    return name.regionMatches(true, 0, called, 0, called.length());
  }
}
