package jugulum.desk.theme;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The styles of drawings as the web writes them, read from the window's own style sheets, so that
 * both look alike.
 */
public final class ChartStyles {
  private static final Pattern COLOUR = Pattern.compile("(-j-[a-z-]+):\\s*(#[0-9a-fA-F]{6})");
  private static final Pattern RULE = Pattern.compile("(?m)^\\.(chart-[a-z-]+) \\{([^}]*)}");
  private static final String TYPE = "B612, sans-serif";

  private ChartStyles() {}

  /** Declarations by style class, in the light colours: for paper and other programs. */
  public static Map<String, String> forPaper() {
    Map<String, String> colours = new HashMap<>();
    Matcher colour = COLOUR.matcher(read("quartz.css"));
    while (colour.find()) {
      colours.put(colour.group(1), colour.group(2));
    }
    Map<String, String> styles = new HashMap<>();
    Matcher rule = RULE.matcher(read("jugulum.css"));
    while (rule.find()) {
      styles.put(
          rule.group(1),
          Stream.of(rule.group(2).split(";"))
              .map(String::strip)
              .filter(one -> !one.isEmpty())
              .map(one -> web(one, colours))
              .collect(Collectors.joining("; ")));
    }
    return styles;
  }

  private static String web(String declaration, Map<String, String> colours) {
    String[] parts = declaration.split(":", 2);
    String name =
        parts[0].strip().replace("-fx-", "").replace("stroke-dash-array", "stroke-dasharray");
    String value = parts[1].strip();
    String shown = colours.getOrDefault(value, value).replace("transparent", "none");
    return name.equals("font-size") ? "font: " + shown + " " + TYPE : name + ": " + shown;
  }

  private static String read(String sheet) {
    try (InputStream in = ChartStyles.class.getResourceAsStream("/jugulum/desk/theme/" + sheet)) {
      return new String(Objects.requireNonNull(in, sheet).readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException problem) {
      throw new UncheckedIOException(problem);
    }
  }
}
