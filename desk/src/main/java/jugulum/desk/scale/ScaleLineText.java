package jugulum.desk.scale;

import java.util.Locale;
import java.util.Optional;
import jugulum.core.check.OutOfRange;
import jugulum.core.scale.ScaleLine;
import jugulum.desk.entry.Entry;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/**
 * A line to a scale as text: {@code localhost:4001} for the network, {@code played} for the played
 * one, else the name of a serial port and its speed, {@code /dev/ttyUSB0 9600}.
 */
final class ScaleLineText {
  private static final int USUAL_BAUD = 9600;
  private static final String PLAYED = "played";

  private ScaleLineText() {}

  /**
   * Reads one.
   *
   * @param ask what the scale is asked with; empty where it sends by itself
   */
  static Entry<ScaleLine> parse(Words words, String typed, Optional<String> ask) {
    String text = typed.strip();
    if (text.isEmpty()) {
      return new Entry.Bad<>(words.of("scale.line.missing"));
    }
    if (text.toLowerCase(Locale.ROOT).equals(PLAYED)) {
      return new Entry.Value<>(new ScaleLine.Played());
    }
    try {
      return new Entry.Value<>(line(text, ask));
    } catch (NumberFormatException notANumber) {
      return new Entry.Bad<>(words.of("scale.line.odd", text));
    } catch (OutOfRange beyond) {
      return new Entry.Bad<>(Sentences.outOfRange(words, beyond));
    }
  }

  private static ScaleLine line(String text, Optional<String> ask) {
    String[] parts = text.split("\\s+");
    int colon = text.lastIndexOf(':');
    if (colon > 0 && parts.length == 1 && !text.startsWith("/")) {
      return new ScaleLine.Network(
          text.substring(0, colon), Integer.parseInt(text.substring(colon + 1)), ask);
    }
    int baud = parts.length > 1 ? Integer.parseInt(parts[1]) : USUAL_BAUD;
    return new ScaleLine.Serial(parts[0], baud, ask);
  }

  /** As it would be typed. */
  static String of(ScaleLine line) {
    return switch (line) {
      case ScaleLine.Serial(String port, int baud, var _) -> port + " " + baud;
      case ScaleLine.Network(String host, int port, var _) -> host + ":" + port;
      case ScaleLine.Played _ -> PLAYED;
    };
  }
}
