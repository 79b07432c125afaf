package jugulum.core.machine;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import jugulum.core.units.Typed;
import jugulum.core.units.Typed.Slip;
import jugulum.core.units.Typing;

/** Reads where things are, as one line: "line 140 · lowest 180 · groove 3". */
public final class SpotText {
  private static final double MOST = 10_000;

  private SpotText() {}

  /** What was typed, spot by spot; at least one. */
  public static Typed<Map<Spot, Double>> parse(String typed) {
    String[] words = typed.strip().split("[\\s·;]+");
    if (typed.isBlank()) {
      return new Typed.Wrong<>(new Slip.Empty());
    }
    Map<Spot, Double> spots = new EnumMap<>(Spot.class);
    for (int i = 0; i < words.length; i += 2) {
      Optional<Spot> spot = Spot.of(words[i]);
      if (spot.isEmpty()) {
        return new Typed.Wrong<>(new Slip.NoChoice(words[i]));
      }
      String number = i + 1 < words.length ? words[i + 1] : "";
      switch (Typing.number(number, 0, MOST)) {
        case Typed.Value<Double>(Double value) -> spots.put(spot.get(), value);
        case Typed.Wrong<Double>(Slip slip) -> {
          return new Typed.Wrong<>(slip);
        }
      }
    }
    return new Typed.Value<>(spots);
  }
}
