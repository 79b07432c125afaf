package jugulum.desk.command;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import jugulum.core.units.MassText.Mass;
import jugulum.core.units.MassUnit;
import jugulum.core.units.Typed;
import jugulum.core.units.Typing;
import jugulum.desk.words.Words;
import jugulum.scale.played.PlayedScale;
import jugulum.scale.played.Writing;

/** What is typed while a scale is played. */
final class PlayedConsole {
  /** Sand trickles that fast unless told, in grams a second. */
  private static final double TRICKLE_GS = 150;

  private final PlayedScale scale;
  private final Words words;

  PlayedConsole(PlayedScale scale, Words words) {
    this.scale = scale;
    this.words = words;
  }

  /** Does what a line says, and says what was done; empty for an empty line. */
  String does(String typed) {
    String[] parts = typed.strip().split("\\s+", 2);
    String rest = parts.length > 1 ? parts[1] : "";
    try {
      return switch (parts[0].toLowerCase(Locale.ROOT)) {
        case "" -> "";
        case "put" -> grams(rest).map(this::put).orElseGet(() -> odd(typed));
        case "pour" -> grams(rest).map(this::pour).orElseGet(() -> odd(typed));
        case "off" -> put(0);
        case "zero" -> zero();
        case "wind" -> grams(rest).map(this::wind).orElseGet(() -> odd(typed));
        case "drift" -> grams(rest).map(this::drift).orElseGet(() -> odd(typed));
        case "step" ->
            grams(rest).filter(one -> one > 0).map(this::step).orElseGet(() -> odd(typed));
        case "write" -> write(Writing.valueOf(rest.toUpperCase(Locale.ROOT).replace('-', '_')));
        case "fault" ->
            fault(PlayedScale.Fault.valueOf(rest.toUpperCase(Locale.ROOT).replace('-', '_')));
        default -> odd(typed);
      };
    } catch (IllegalArgumentException noSuchName) {
      return odd(typed);
    }
  }

  private static Optional<Double> grams(String text) {
    return Typing.sand(text, MassUnit.GRAM) instanceof Typed.Value<Mass>(Mass mass)
        ? Optional.of(mass.grams())
        : Optional.empty();
  }

  private String odd(String typed) {
    return words.of(
        "played.odd", typed.strip(), names(Writing.values()), names(PlayedScale.Fault.values()));
  }

  private static String names(Enum<?>[] all) {
    return String.join(
        ", ",
        Arrays.stream(all)
            .map(one -> one.name().toLowerCase(Locale.ROOT).replace('_', '-'))
            .toList());
  }

  private String put(double grams) {
    scale.put(grams);
    return words.of("played.put", words.plain(grams));
  }

  private String pour(double grams) {
    scale.pour(grams, TRICKLE_GS);
    return words.of("played.pour", words.plain(grams));
  }

  private String zero() {
    scale.zero();
    return words.of("played.zero");
  }

  private String wind(double grams) {
    scale.wind(grams);
    return words.of("played.wind", words.plain(grams));
  }

  private String drift(double gramsAMinute) {
    scale.drift(gramsAMinute / 60);
    return words.of("played.drift", words.plain(gramsAMinute));
  }

  private String step(double grams) {
    scale.step(grams);
    return words.of("played.step", words.plain(grams));
  }

  private String write(Writing how) {
    scale.write(how);
    return words.of("played.write");
  }

  private String fault(PlayedScale.Fault wrong) {
    scale.fault(wrong);
    return words.of("played.fault");
  }
}
