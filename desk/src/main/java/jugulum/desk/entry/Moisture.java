package jugulum.desk.entry;

import java.util.OptionalDouble;
import jugulum.core.ledger.Measure;
import jugulum.desk.words.Words;

/**
 * What was typed for the water in sand: "8", "8 %" or "8 ± 1".
 *
 * @param share the water's share of the wet weight
 * @param sd its standard deviation; a tenth of the share where none was told, since nobody knows a
 *     bucket's water better
 */
public record Moisture(double share, OptionalDouble sd) {
  private static final String SPREAD = "±|\\+/?-";
  static final Moisture DRY = new Moisture(0, OptionalDouble.empty());

  public static Entry<Moisture> parse(Words words, String typed) {
    String[] parts = typed.split(SPREAD, 2);
    return switch (Parsers.percent(words, parts[0], 0, 99)) {
      case Entry.Bad<Double>(String sentence) -> new Entry.Bad<>(sentence);
      case Entry.Value<Double>(Double share) when share == 0 -> new Entry.Value<>(DRY);
      case Entry.Value<Double>(Double share) when parts.length == 1 ->
          new Entry.Value<>(
              new Moisture(
                  share, OptionalDouble.of(share * Measure.SandWeight.UNTOLD_MOISTURE_SPREAD)));
      case Entry.Value<Double>(Double share) ->
          switch (Parsers.percent(words, parts[1], 0, 50)) {
            case Entry.Value<Double>(Double sd) ->
                new Entry.Value<>(new Moisture(share, OptionalDouble.of(sd)));
            case Entry.Bad<Double>(String sentence) -> new Entry.Bad<>(sentence);
          };
    };
  }

  /** As it would be typed. */
  public static String typed(Words words, double share, OptionalDouble sd) {
    if (share == 0) {
      return "";
    }
    String percent = words.plain(share * 100);
    return sd.isPresent() ? percent + " ± " + words.plain(sd.getAsDouble() * 100) : percent;
  }
}
