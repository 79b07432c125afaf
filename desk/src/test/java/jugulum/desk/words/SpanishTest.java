package jugulum.desk.words;

import static org.assertj.core.api.Assertions.assertThat;

import com.ibm.icu.text.MessageFormat;
import com.ibm.icu.text.MessagePattern;
import com.ibm.icu.text.MessagePattern.Part;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import jugulum.core.machine.Spot;
import jugulum.core.machine.SpotText;
import jugulum.core.units.Conversion;
import jugulum.core.units.MassUnit;
import jugulum.core.units.Typed;
import jugulum.desk.entry.Entry;
import jugulum.desk.entry.HoursText;
import org.junit.jupiter.api.Test;

/** Spanish says all that English says, with the same figures put in. */
class SpanishTest {
  private static final Language SPANISH = Language.SPANISH;
  private static final Words WORDS = Words.in(SPANISH, Locale.forLanguageTag("es-CL"));

  /** Patterns of dates and of what the command line library puts in are no messages. */
  private static final Pattern NO_MESSAGE = Pattern.compile("date\\..*|usage\\..*|mixin.*");

  /** Words of English that Spanish has not, and that would be left over. */
  private static final Pattern ENGLISH =
      Pattern.compile("(?i)\\b(the|and|with|gold|sand|batch|of|lot|weigh|from)\\b");

  private static List<String> arguments(String pattern) {
    MessagePattern parts = new MessagePattern(pattern);
    TreeSet<String> found = new TreeSet<>();
    for (int i = 0; i < parts.countParts(); i++) {
      Part part = parts.getPart(i);
      if (part.getType() == Part.Type.ARG_NUMBER || part.getType() == Part.Type.ARG_NAME) {
        found.add(parts.getSubstring(part));
      }
    }
    return List.copyOf(found);
  }

  private static Stream<Map.Entry<String, String>> messages() {
    return SPANISH.texts().entrySet().stream()
        .filter(one -> !NO_MESSAGE.matcher(one.getKey()).matches());
  }

  @Test
  void nothingIsLeftInEnglishAndTheSameIsPutIn() {
    assertThat(SPANISH.translated()).isEqualTo(1);
    List<String> other = new ArrayList<>();
    messages()
        .forEach(
            one -> {
              String english = Language.ENGLISH.text(one.getKey()).orElseThrow();
              if (!arguments(one.getValue()).equals(arguments(english))) {
                other.add(one.getKey());
              }
            });
    assertThat(other).isEmpty();
    assertThat(SPANISH.texts().keySet()).isEqualTo(Language.ENGLISH.texts().keySet());
  }

  @Test
  void everyPluralHasTheFormsOfTheLanguage() {
    List<String> faults = new ArrayList<>();
    messages()
        .filter(one -> one.getValue().contains("plural"))
        .forEach(
            one -> {
              MessageFormat format = new MessageFormat(one.getValue(), SPANISH.locale());
              Object[] some = {1, "B", "C", "D", "E", "F", "G"};
              Object[] many = {7, "B", "C", "D", "E", "F", "G"};
              if (format.format(some).isBlank() && format.format(many).isBlank()) {
                faults.add(one.getKey());
              }
            });
    assertThat(faults).isEmpty();
    assertThat(WORDS.counted("board.cuts", 1)).isEqualTo("1 corte");
    assertThat(WORDS.counted("board.cuts", 4)).isEqualTo("4 cortes");
  }

  @Test
  void noEnglishWordStandsInIt() {
    assertThat(
            messages()
                .filter(one -> !one.getKey().matches("played\\..*|.*\\.NO_ADDRESS|jugulum\\..*"))
                .filter(one -> ENGLISH.matcher(one.getValue()).find())
                .filter(one -> !one.getValue().contains("docs/"))
                .map(Map.Entry::getKey))
        .isEmpty();
  }

  @Test
  void itIsChosenWhereTheMachineSpeaksIt() {
    for (String home : List.of("es", "es-CL", "es-MX", "es-ES")) {
      Languages languages =
          new Languages(
              Language.shipped(), Locale.forLanguageTag(home), Locale.forLanguageTag(home));
      assertThat(languages.words(Optional.empty()).language()).isEqualTo(SPANISH);
      assertThat(languages.words(Optional.of("en")).language()).isEqualTo(Language.ENGLISH);
    }
    assertThat(
            new Languages(Language.shipped(), Locale.FRANCE, Locale.FRANCE).words(Optional.empty()))
        .extracting(Words::language)
        .isEqualTo(Language.ENGLISH);
    assertThat(WORDS.fixed(1.25, 2)).as("numbers of that place").isEqualTo("1,25");
  }

  @Test
  void whatIsTypedInItIsUnderstood() {
    assertThat(MassUnit.spelled("gramos")).contains(MassUnit.GRAM);
    assertThat(MassUnit.spelled("libras")).contains(MassUnit.POUND);
    assertThat(Conversion.of("12 baldes")).isEqualTo(Conversion.of("12 buckets"));
    assertThat(HoursText.parse(WORDS, "2 horas")).isEqualTo(new Entry.Value<>(120.0));
    assertThat(HoursText.parse(WORDS, "45 minutos")).isEqualTo(new Entry.Value<>(45.0));
    assertThat(SpotText.parse("línea 140 · baja 180 · ranura 3"))
        .isEqualTo(
            new Typed.Value<>(Map.of(Spot.LINE, 140.0, Spot.LOWEST, 180.0, Spot.GROOVE, 3.0)));
  }
}
