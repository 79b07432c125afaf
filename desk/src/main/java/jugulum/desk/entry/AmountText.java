package jugulum.desk.entry;

import java.util.OptionalDouble;
import java.util.OptionalInt;
import jugulum.core.trial.Amount;
import jugulum.core.units.MassText;
import jugulum.core.units.MassUnit;
import jugulum.desk.words.TrialWords;
import jugulum.desk.words.Words;

/** Specks as they are typed: counted "44", weighed "21.5 mg", or both, "44 / 21.5 mg". */
public final class AmountText {
  /** Nobody puts more gold into a trial: what is heavier was meant for the sand. In grams. */
  private static final double MOST_G = 100;

  private AmountText() {}

  /** Understands it, or says why not. */
  public static Entry<Amount> parse(Words words, String typed) {
    int stroke = typed.indexOf('/');
    if (stroke >= 0) {
      return both(words, typed.substring(0, stroke), typed.substring(stroke + 1));
    }
    return typed.chars().anyMatch(Character::isLetter)
        ? weighed(words, OptionalInt.empty(), typed)
        : counted(words, typed);
  }

  private static Entry<Amount> both(Words words, String specks, String mass) {
    return switch (Parsers.count(words, specks, Amount.MOST_SPECKS)) {
      case Entry.Value<Integer>(Integer count) -> weighed(words, OptionalInt.of(count), mass);
      case Entry.Bad<Integer>(String sentence) -> new Entry.Bad<>(sentence);
    };
  }

  private static Entry<Amount> counted(Words words, String typed) {
    return switch (Parsers.count(words, typed, Amount.MOST_SPECKS)) {
      case Entry.Value<Integer>(Integer count) -> new Entry.Value<>(Amount.counted(count));
      case Entry.Bad<Integer>(String sentence) -> new Entry.Bad<>(sentence);
    };
  }

  private static Entry<Amount> weighed(Words words, OptionalInt specks, String typed) {
    Entry<MassText.Mass> mass = Parsers.gold(words, MassUnit.MILLIGRAM).apply(typed);
    return switch (Parsers.within(words, mass, typed, 0, MOST_G)) {
      case Entry.Value<MassText.Mass>(MassText.Mass value) ->
          new Entry.Value<>(new Amount(specks, OptionalDouble.of(value.milligrams())));
      case Entry.Bad<MassText.Mass>(String sentence) -> new Entry.Bad<>(sentence);
    };
  }

  /** As it would be typed. */
  public static String of(Words words, Amount amount) {
    return TrialWords.typed(words, amount.specks(), amount.mg());
  }
}
