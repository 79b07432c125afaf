package jugulum.desk.command;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import jugulum.desk.DemoBooks;
import jugulum.desk.words.English;
import jugulum.desk.words.Language;
import jugulum.desk.words.Words;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * What a script reads is the same whatever language the person speaks, to the last sign: names,
 * words of a list, points in numbers. What a person reads is not.
 */
class SameForScriptsTest {
  private static final Words SPANISH = Words.in(Language.SPANISH, Locale.forLanguageTag("es-CL"));

  @TempDir static Path folder;
  private static Path book;

  @BeforeAll
  static void write() throws IOException {
    book = DemoBooks.demo(folder.resolve("demo.book"));
    Files.createDirectories(folder.resolve("copies"));
    assertThat(said(English.WORDS, List.of("backup", folder.resolve("copies").toString())))
        .isNotBlank();
    assertThat(
            said(
                English.WORDS,
                List.of(
                    "export", "--batch", "Tarnbeck 7", folder.resolve("batch.json").toString())))
        .isNotBlank();
  }

  private static String said(Words words, List<String> arguments) {
    StringWriter out = new StringWriter();
    StringWriter err = new StringWriter();
    int exit =
        Commands.speaking(words)
            .setOut(new PrintWriter(out))
            .setErr(new PrintWriter(err))
            .execute(
                Stream.concat(Stream.of("--book", book.toString()), arguments.stream())
                    .toArray(String[]::new));
    assertThat(exit).as("%s: %s", arguments, err).isZero();
    return out.toString();
  }

  static Stream<List<String>> commands() {
    return Stream.of(
        List.of("list"),
        List.of("convert", "12.5 dwt"),
        List.of("stock"),
        List.of("account", "Tarnbeck 7"),
        List.of("season"),
        List.of("balance", folder.resolve("batch.json").toString()),
        List.of("backup", "--list", folder.resolve("copies").toString()));
  }

  @ParameterizedTest
  @MethodSource("commands")
  void jsonIsTheSame(List<String> command) {
    List<String> asked = Stream.concat(command.stream(), Stream.of("--json")).toList();
    String english = said(English.WORDS, asked);
    assertThat(english).startsWith(english.startsWith("[") ? "[" : "{").hasSizeGreaterThan(80);
    assertThat(said(SPANISH, asked)).isEqualTo(english);
  }

  @Test
  void filesOfABatchAndOfTheBookAreTheSame() throws IOException {
    for (List<String> export :
        List.of(List.of("export", "--batch", "Tarnbeck 7"), List.of("export"))) {
      Path english = folder.resolve("english-" + export.size() + ".json");
      Path spanish = folder.resolve("spanish-" + export.size() + ".json");
      said(English.WORDS, Stream.concat(export.stream(), Stream.of(english.toString())).toList());
      said(SPANISH, Stream.concat(export.stream(), Stream.of(spanish.toString())).toList());
      assertThat(spanish).hasSameTextualContentAs(english);
    }
  }

  /** So that the tests above compare two languages at all. */
  @Test
  void whatAPersonReadsIsNot() {
    List<String> account = List.of("account", "Tarnbeck 7");
    assertThat(said(SPANISH, account)).isNotEqualTo(said(English.WORDS, account));
  }
}
