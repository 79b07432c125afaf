package jugulum.desk.entry;

import jugulum.core.trip.Dug;
import jugulum.core.units.Conversion;
import jugulum.core.units.Conversion.Kind;
import jugulum.core.units.NumberText;
import jugulum.core.units.Typed;
import jugulum.desk.words.Words;

/** Understands gravel by weight or volume: 60 kg, 40 L, 12 buckets, 2/3 bucket. */
public final class GravelText {
  private static final double MOST = 1e6;

  private GravelText() {}

  /** The gravel a text tells. */
  public static Entry<Dug> parse(Words words, String typed) {
    if (NumberText.parse(typed) instanceof NumberText.Number) {
      return new Entry.Bad<>(words.of("gravel.unit", typed.strip()));
    }
    return switch (Conversion.of(words.typed(typed))) {
      case Typed.Value<Conversion>(Conversion read)
          when read.kind() == Kind.VOLUME && within(read.base()) ->
          new Entry.Value<>(Dug.ofLitres(read.base()));
      case Typed.Value<Conversion>(Conversion read)
          when read.kind() == Kind.MASS && within(read.base() / 1000) ->
          new Entry.Value<>(Dug.ofKg(read.base() / 1000));
      case Typed.Value<Conversion> _ -> new Entry.Bad<>(words.of("gravel.bad", typed.strip()));
      case Typed.Wrong<Conversion>(var slip) -> new Entry.Bad<>(Parsers.sentence(words, slip));
    };
  }

  private static boolean within(double amount) {
    return amount >= 0 && amount <= MOST;
  }
}
