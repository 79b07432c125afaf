package jugulum.desk.entry;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import java.util.function.BiFunction;
import jugulum.core.machine.Dial;
import jugulum.core.screens.Cut;
import jugulum.core.simulated.Spoilt;
import jugulum.core.units.Conversion;
import jugulum.core.units.MassUnit;
import jugulum.core.units.Typed;
import jugulum.desk.command.Commands;
import jugulum.desk.preference.BenchFile;
import jugulum.desk.words.English;
import jugulum.desk.words.Words;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Whatever is typed is understood, or refused in a sentence that tells nothing of the inside. */
class TypedFuzzTest {
  private static final Words COMMA =
      Words.in(English.WORDS.language(), Locale.forLanguageTag("de-DE"));

  @TempDir private Path folder;

  private enum Kind {
    SAND("12 lb 6.5 oz", (words, typed) -> Parsers.sand(words, MassUnit.GRAM).apply(typed)),
    GOLD("1.234,5 mg", (words, typed) -> Parsers.gold(words, MassUnit.GRAM).apply(typed)),
    PERCENT("12.5 %", (words, typed) -> Parsers.percent(words, typed, 0, 100)),
    COUNT("1200", (words, typed) -> Parsers.count(words, typed, 100_000)),
    DAY("2026-05-04", Parsers::day),
    NAME("Tarnbeck 7", (words, typed) -> Parsers.text(words, "refusal.NAME_MISSING").apply(typed)),
    CUTS("+30, −30 +50, −50", CutText::parse),
    SCREENS("20 30 50, 100", CutText::parse),
    SPECKS("+50 1, −50 +80 2, −80 4", (words, typed) -> SpecksText.parse(words, Cut.ALL, typed)),
    AMOUNT("44 / 21.5 mg", AmountText::parse),
    SETTINGS(
        "tilt 2.5; volts 12", (words, typed) -> SettingsText.parse(words, Optional.empty(), typed)),
    TILT("12.5 mm / 350 mm", (words, typed) -> DialText.parse(words, Dial.Unit.DEGREES, typed)),
    FLOW(
        "2 gal / 31.5 s",
        (words, typed) -> DialText.parse(words, Dial.Unit.LITRES_PER_MINUTE, typed)),
    CONVERSION(
        "12.5 lb",
        (words, typed) ->
            switch (Conversion.of(typed)) {
              case Typed.Value<Conversion>(Conversion value) -> new Entry.Value<>(value);
              case Typed.Wrong<Conversion>(Typed.Slip slip) ->
                  new Entry.Bad<>(Parsers.sentence(words, slip));
            });

    private final String good;
    private final BiFunction<Words, String, Entry<?>> parser;

    Kind(String good, BiFunction<Words, String, Entry<?>> parser) {
      this.good = good;
      this.parser = parser;
    }
  }

  @ParameterizedTest
  @EnumSource(Kind.class)
  void whatIsTypedIsUnderstoodOrRefusedInASentence(Kind kind) {
    Random random = new Random(Spoilt.SEED);
    int understood = 0;
    for (int i = 0; i < Spoilt.MANY; i++) {
      String typed = Spoilt.one(kind.good, random);
      if (typed.length() > EntryField.LONGEST) {
        // A field refuses it unread.
        continue;
      }
      Words words = random.nextBoolean() ? English.WORDS : COMMA;
      switch (kind.parser.apply(words, words.typed(typed))) {
        case Entry.Value<?> _ -> understood++;
        case Entry.Bad<?>(String sentence) ->
            assertThat(sentence)
                .as(typed)
                .matches(said -> Spoilt.isSentence(said.replace(typed, "")));
      }
    }
    assertThat(understood).as("some are still understood").isPositive();
  }

  @Test
  void aBenchFileIsReadOrKeptBesideANewOne() throws IOException {
    Random random = new Random(Spoilt.SEED);
    Path file = folder.resolve("bench.properties");
    String good = "unit = GRAIN\ntheme = QUARTZ\nsize = 110\nbench = \\u0041 shed\n";
    for (int i = 0; i < Spoilt.MANY / 8; i++) {
      String spoilt = Spoilt.one(good, random).replace('\ud800', 'x');
      Files.writeString(file, spoilt);
      BenchFile bench = new BenchFile(file);
      bench.put("tones", "false");
      assertThat(new BenchFile(file).get("tones")).as(spoilt).hasValue("false");
      Path aside = folder.resolve("bench.properties.unreadable");
      assertThat(
              Files.exists(aside)
                  || new BenchFile(file).get("unit").isPresent()
                  || !spoilt.startsWith("unit = GRAIN\n"))
          .as(spoilt)
          .isTrue();
      Files.deleteIfExists(aside);
    }
  }

  /** What one window remembers is not forgotten because another remembers something else. */
  @Test
  void twoWindowsOfABenchRememberBoth() {
    Path file = folder.resolve("bench.properties");
    BenchFile one = new BenchFile(file);
    BenchFile other = new BenchFile(file);
    one.put("unit", "GRAIN");
    other.put("theme", "QUARTZ");
    assertThat(new BenchFile(file).get("unit")).hasValue("GRAIN");
    assertThat(new BenchFile(file).get("theme")).hasValue("QUARTZ");
    one.note("bench", "north shed");
    one.put("unit", "GRAM");
    assertThat(one.get("bench")).as("known before it is written").hasValue("north shed");
    assertThat(new BenchFile(file).get("bench")).isEmpty();
  }

  @Test
  void commandsRefuseInSentences() {
    Random random = new Random(Spoilt.SEED);
    List<String> good =
        List.of(
            "convert 12.5 lb",
            "list --book nowhere.book --json",
            "account Tarnbeck --book nowhere.book --pdf out.pdf",
            "export --whole --book nowhere.book out.json",
            "season --book nowhere.book --year 2026",
            "stock --book nowhere.book",
            "machines --json");
    for (int i = 0; i < Spoilt.MANY / 8; i++) {
      String spoilt = Spoilt.one(good.get(random.nextInt(good.size())), random);
      StringWriter out = new StringWriter();
      StringWriter err = new StringWriter();
      int exit =
          Commands.speaking(English.WORDS)
              .setOut(new PrintWriter(out))
              .setErr(new PrintWriter(err))
              .execute(spoilt.split(" "));
      String said = err.toString();
      for (String word : spoilt.split(" ")) {
        said = word.isBlank() ? said : said.replace(word, "");
      }
      assertThat(exit).as(spoilt).isBetween(0, 9);
      if (exit != 0) {
        assertThat(said).as(spoilt).doesNotContain("Exception", "\tat ", "jugulum.");
      }
    }
  }

  @Test
  void anOptionWithoutItsValueIsNamed() {
    StringWriter err = new StringWriter();
    Commands.speaking(English.WORDS)
        .setErr(new PrintWriter(err))
        .execute("season", "--book", "nowhere.book", "--year");
    assertThat(err.toString()).contains("--year YEAR").doesNotContain("java.", "jugulum.desk");
  }
}
