package jugulum.desk.entry;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import jugulum.core.ledger.Measure.LiftTest;
import jugulum.core.ledger.Measure.LiftTest.Lift;
import jugulum.desk.words.Words;

/** Lifts of a magnet as they are typed: "20 mm 31 g 0, 10 mm 12 g 2", farthest first. */
public final class LiftsText {
  private static final Pattern LIFT =
      Pattern.compile("(\\S+?)\\s*(?:mm)?\\s+(\\S+?)\\s*g?\\s+(\\d{1,6})");
  private static final double MOST_MM = 500;
  private static final double LEAST_MM = 0.1;
  private static final double MOST_G = 10_000;

  private LiftsText() {}

  /** Understands what was typed; grams and specks of each lift after its distance. */
  public static Entry<List<Lift>> parse(Words words, String typed) {
    List<Lift> lifts = new ArrayList<>();
    for (String part : typed.split("[,;]\\s+|;")) {
      Matcher lift = LIFT.matcher(part.strip());
      if (!lift.matches()) {
        return new Entry.Bad<>(words.of("lifts.unreadable", part.strip()));
      }
      Entry<Double> gap = Parsers.number(words, lift.group(1), LEAST_MM, MOST_MM);
      Entry<Double> grams = Parsers.number(words, lift.group(2), 0, MOST_G);
      if (gap instanceof Entry.Bad<Double>(String sentence)) {
        return new Entry.Bad<>(sentence);
      }
      if (grams instanceof Entry.Bad<Double>(String sentence)) {
        return new Entry.Bad<>(sentence);
      }
      int specks = Integer.parseInt(lift.group(3));
      if (specks > MOST_SPECKS) {
        return new Entry.Bad<>(words.of("lifts.unreadable", part.strip()));
      }
      lifts.add(
          new Lift(
              ((Entry.Value<Double>) gap).value(), ((Entry.Value<Double>) grams).value(), specks));
    }
    for (int i = 1; i < lifts.size(); i++) {
      if (lifts.get(i).gapMm() > lifts.get(i - 1).gapMm()) {
        return new Entry.Bad<>(words.of("lifts.order"));
      }
    }
    return lifts.size() > LiftTest.MOST_LIFTS
        ? new Entry.Bad<>(words.of("lifts.many", Integer.toString(LiftTest.MOST_LIFTS)))
        : new Entry.Value<>(List.copyOf(lifts));
  }

  private static final int MOST_SPECKS = 100_000;

  /** As they are typed. */
  public static String of(Words words, List<Lift> lifts) {
    return lifts.stream()
        .map(
            lift ->
                words.plain(lift.gapMm()) + " " + words.plain(lift.grams()) + " " + lift.specks())
        .collect(Collectors.joining("; "));
  }
}
