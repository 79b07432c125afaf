package jugulum.desk.command;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import jugulum.desk.DemoBooks;
import jugulum.desk.words.English;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import picocli.CommandLine;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What scripts ask of a book: text and JSON out, files out and in, exit codes. */
class BookCommandsTest {
  @TempDir static Path written;
  private static Path book;

  private record Ran(int exit, String out, String err) {
    JsonNode json() {
      return JsonMapper.shared().readTree(out);
    }
  }

  @BeforeAll
  static void write() {
    book = written.resolve("demo.book");
    DemoBooks.demo(book);
  }

  private static Ran run(String... arguments) {
    StringWriter out = new StringWriter();
    StringWriter err = new StringWriter();
    CommandLine line =
        Commands.speaking(English.WORDS).setOut(new PrintWriter(out)).setErr(new PrintWriter(err));
    int exit = line.execute(arguments);
    return new Ran(exit, out.toString(), err.toString());
  }

  private static Ran onTheBook(String... arguments) {
    String[] all = new String[arguments.length + 2];
    all[0] = "--book";
    all[1] = book.toString();
    System.arraycopy(arguments, 0, all, 2, arguments.length);
    return run(all);
  }

  @Test
  void theListSaysTheSameInBothForms() {
    JsonNode json = onTheBook("list", "--json").json();
    assertThat(json.size()).isEqualTo(4);
    Ran text = onTheBook("list");
    assertThat(text.exit()).isZero();
    for (JsonNode batch : json) {
      assertThat(text.out()).contains(batch.get("batch").asString(), batch.get("id").asString());
    }
  }

  @Test
  void anAccountGoesOutInEveryForm() throws IOException {
    assertThat(onTheBook("account", "tarnbeck 7").out()).contains("Tarnbeck 7", "free gold");
    assertThat(onTheBook("account", "Tarnbeck 7", "--json").json().get("account").isArray())
        .isTrue();
    Path pdf = written.resolve("a.pdf");
    assertThat(onTheBook("account", "Tarnbeck 7", "--pdf", pdf.toString()).exit()).isZero();
    assertThat(Files.size(pdf)).isGreaterThan(5_000);
    Path xlsx = written.resolve("a.xlsx");
    assertThat(onTheBook("account", "Tarnbeck 7", "--xlsx", xlsx.toString()).exit()).isZero();
    assertThat(Files.size(xlsx)).isGreaterThan(5_000);
    Ran none = onTheBook("account", "Nowhere 1");
    assertThat(none.exit()).isEqualTo(Exit.BAD_FILE);
    assertThat(none.err()).contains("no batch named “Nowhere 1”");
  }

  @Test
  void stockAndSeasonAreTablesWithTheSameHeadsInJson() {
    assertThat(onTheBook("stock", "--json").json().get(0).has("free_mg")).isTrue();
    assertThat(onTheBook("stock").out()).startsWith("code");
    JsonNode season = onTheBook("season", "--year", "2026", "--json").json();
    assertThat(season.get("batches").size()).isEqualTo(4);
    assertThat(season.has("habits")).isTrue();
    assertThat(onTheBook("season").out()).contains("batches", "sources", "slips");
    assertThat(onTheBook("season", "--year", "1999").exit()).isEqualTo(Exit.BAD_FILE);
  }

  @Test
  void aBatchAndAWholeBookGoOutAndComeBack() {
    String file = written.resolve("tarnbeck.json").toString();
    assertThat(onTheBook("export", "--batch", "Tarnbeck 7", file).exit()).isZero();
    String other = written.resolve("other.book").toString();
    assertThat(run("--book", other, "import", file).out()).contains("Tarnbeck 7 is in the book");
    Ran again = run("--book", other, "import", file);
    assertThat(again.exit()).isEqualTo(Exit.BAD_FILE);
    assertThat(again.err()).isNotBlank();
    String whole = written.resolve("whole.json").toString();
    assertThat(onTheBook("export", whole).exit()).isZero();
    Ran notEmpty = run("--book", other, "import", "--whole", whole);
    assertThat(notEmpty.exit()).isEqualTo(Exit.BOOK_PROBLEM);
    String fresh = written.resolve("fresh.book").toString();
    assertThat(run("--book", fresh, "import", "--whole", whole).exit()).isZero();
    assertThat(run("--book", fresh, "list", "--json").out())
        .isEqualTo(onTheBook("list", "--json").out());
    Ran bad = run("--book", written.resolve("x.book").toString(), "import", "--whole", file);
    assertThat(bad.exit()).isEqualTo(Exit.BAD_FILE);
    assertThat(bad.err()).contains("this is no file of a whole book");
    assertThat(run("--book", written.resolve("none.book").toString(), "list").exit())
        .isEqualTo(Exit.BOOK_PROBLEM);
  }

  @Test
  void amountsAreConvertedAndDoubtsAreSaid() {
    assertThat(run("convert", "12", "dwt", "--to", "g").out().strip()).isEqualTo("18.662086 g");
    assertThat(run("convert", "1 ozt", "--json").json().size()).isGreaterThan(5);
    Ran ounce = run("convert", "1", "oz");
    assertThat(ounce.exit()).isEqualTo(Exit.BAD_FILE);
    assertThat(ounce.err()).contains("which ounce");
    assertThat(run("convert", "1 g", "--to", "furlong").err()).contains("furlong");
  }

  /** The page that ships is the one the program prints. */
  @Test
  void theManualPageIsTheOneThatShips() throws IOException {
    assertThat(Path.of("../docs/jugulum.1")).content().isEqualTo(run("man").out());
    assertThat(run("generate-completion").out()).contains("jugulum", "season", "convert");
  }
}
