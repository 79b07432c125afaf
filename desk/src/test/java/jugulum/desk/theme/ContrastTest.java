package jugulum.desk.theme;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.scene.paint.Color;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Contrast of text against every ground it stands on: W3C Web Content Accessibility Guidelines 2.2,
 * 1.4.3, at least 4.5 to 1.
 */
class ContrastTest {
  private static final Pattern COLOUR = Pattern.compile("(-j-[a-z-]+):\\s*(#[0-9a-f]{6});");

  private static Map<String, Color> colours(String sheet) throws IOException {
    Map<String, Color> found = new HashMap<>();
    try (var in = ContrastTest.class.getResourceAsStream("/jugulum/desk/theme/" + sheet)) {
      Matcher colour = COLOUR.matcher(new String(in.readAllBytes(), StandardCharsets.UTF_8));
      while (colour.find()) {
        found.put(colour.group(1), Color.web(colour.group(2)));
      }
    }
    return found;
  }

  /** Relative luminance as WCAG 2.2 defines it. */
  private static double luminance(Color colour) {
    return 0.2126 * linear(colour.getRed())
        + 0.7152 * linear(colour.getGreen())
        + 0.0722 * linear(colour.getBlue());
  }

  private static double linear(double channel) {
    return channel <= 0.04045 ? channel / 12.92 : Math.pow((channel + 0.055) / 1.055, 2.4);
  }

  private static double contrast(Color one, Color other) {
    double lighter = Math.max(luminance(one), luminance(other));
    double darker = Math.min(luminance(one), luminance(other));
    return (lighter + 0.05) / (darker + 0.05);
  }

  @ParameterizedTest
  @ValueSource(strings = {"black-sand.css", "quartz.css", "glare.css"})
  void everyTextCanBeRead(String sheet) throws IOException {
    Map<String, Color> colours = colours(sheet);
    for (String text :
        List.of(
            "-j-text",
            "-j-muted",
            "-j-gold-text",
            "-j-teal-text",
            "-j-garnet-text",
            "-j-steel-text",
            "-j-moss-text")) {
      for (String ground :
          List.of("-j-ground", "-j-raised", "-j-sunken", "-j-chosen", "-j-selected")) {
        assertThat(contrast(colours.get(text), colours.get(ground)))
            .as("%s on %s in %s", text, ground, sheet)
            .isGreaterThanOrEqualTo(4.5);
      }
    }
    assertThat(contrast(colours.get("-j-on-gold"), colours.get("-j-gold")))
        .isGreaterThanOrEqualTo(4.5);
    assertThat(contrast(colours.get("-j-on-teal"), colours.get("-j-teal")))
        .isGreaterThanOrEqualTo(4.5);
    assertThat(contrast(colours.get("-j-in-band"), colours.get("-j-stone")))
        .isGreaterThanOrEqualTo(4.5);
  }
}
