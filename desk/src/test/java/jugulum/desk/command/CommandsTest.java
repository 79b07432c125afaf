package jugulum.desk.command;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import jugulum.book.Books;
import jugulum.book.batch.BatchLines;
import jugulum.book.batch.BatchStream;
import jugulum.book.batch.BatchSummary;
import jugulum.book.json.BatchFile;
import jugulum.book.stream.Book;
import jugulum.book.stream.Writer;
import jugulum.core.account.Worked;
import jugulum.core.gold.Recovery;
import jugulum.core.ledger.Batch;
import jugulum.core.units.MassUnit;
import jugulum.desk.DemoBooks;
import jugulum.desk.Main;
import jugulum.desk.words.English;
import jugulum.desk.words.Figures;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What the commands say, and that they are processes with exit codes. */
class CommandsTest {
  @TempDir private Path folder;
  private Path book;

  private record Ran(int exit, String out, String err) {}

  @BeforeEach
  void writeTheDemo() {
    book = folder.resolve("demo.book");
    DemoBooks.demo(book);
  }

  private static Ran run(String... arguments) {
    StringWriter out = new StringWriter();
    StringWriter err = new StringWriter();
    int exit =
        Commands.speaking(English.WORDS)
            .setOut(new PrintWriter(out))
            .setErr(new PrintWriter(err))
            .execute(arguments);
    return new Ran(exit, out.toString(), err.toString());
  }

  /** The same as a process of its own, as a script would run it. */
  private Ran process(String... arguments) throws IOException, InterruptedException {
    List<String> command =
        new ArrayList<>(
            List.of(Path.of(System.getProperty("java.home"), "bin", "java").toString()));
    command.addAll(
        List.of(
            "--enable-native-access=ALL-UNNAMED",
            "-XX:TieredStopAtLevel=1",
            "-Djugulum.demo=" + book,
            "-Djugulum.demo.season=" + book,
            "-cp",
            System.getProperty("java.class.path")));
    command.add(Main.class.getName());
    command.addAll(List.of(arguments));
    Path out = folder.resolve("out.txt");
    Path err = folder.resolve("err.txt");
    ProcessBuilder builder =
        new ProcessBuilder(command).redirectOutput(out.toFile()).redirectError(err.toFile());
    List.of("DISPLAY", "WAYLAND_DISPLAY").forEach(builder.environment()::remove);
    int exit = builder.start().waitFor();
    return new Ran(exit, Files.readString(out, StandardCharsets.UTF_8), Files.readString(err));
  }

  private Batch batch(String name) {
    try (Book open = Books.open(book, Writer.unnamed(Clock.systemUTC()))) {
      BatchSummary found =
          BatchLines.all(open).stream()
              .filter(one -> one.name().equals(name))
              .findFirst()
              .orElseThrow();
      return open.standing(BatchStream.of(found.id())).now().orElseThrow();
    }
  }

  private Path file(String name) throws IOException {
    return Files.writeString(folder.resolve("batch.json"), BatchFile.write(batch(name), List.of()));
  }

  @Test
  void balancePrintsTheFiguresOfTheWindow() throws IOException {
    Ran ran = run("balance", file("Fernhollow 12").toString());
    assertThat(ran.exit()).isZero();
    Worked worked = Worked.of(batch("Fernhollow 12"));
    Figures figures = new Figures(MassUnit.GRAM, English.WORDS);
    Recovery found = worked.gold().recovery(Recovery.Against.FOUND).orElseThrow();
    assertThat(ran.out())
        .contains("Fernhollow 12", figures.gold(worked.gold().won().orElseThrow().milligrams()))
        .contains("at most " + English.WORDS.percent(found.share()), English.WORDS.range(found))
        .contains("Nobody looked at: −100")
        .contains("99.7 % found");
  }

  @Test
  void balanceForScripts() throws IOException, InterruptedException {
    Ran ran = process("balance", file("Tarnbeck 7").toString(), "--json");
    assertThat(ran.exit()).isZero();
    JsonNode json = JsonMapper.shared().readTree(ran.out());
    Recovery found =
        Worked.of(batch("Tarnbeck 7")).gold().recovery(Recovery.Against.FOUND).orElseThrow();
    assertThat(json.at("/recovery/FREE_FOUND/share").doubleValue()).isEqualTo(found.share());
    assertThat(json.at("/recovery/FREE_FOUND/atMost").booleanValue()).isFalse();
    assertThat(json.at("/goldWeighedMg/milligrams").doubleValue()).isBetween(2_540.0, 2_550.0);
    assertThat(json.at("/recovery/ALL_FOUND/share").doubleValue())
        .as("hidden gold makes it less")
        .isLessThan(found.share());
    assertThat(json.at("/where/MAGNETICS/hiddenMg/milligrams").doubleValue()).isPositive();
    assertThat(json.at("/where/TAILINGS/freeMg/milligrams").doubleValue()).isPositive();
  }

  @Test
  void aBadFileIsNamedWithLineAndReason() throws IOException {
    Path file = file("Saltergill 3");
    Files.writeString(
        file, Files.readString(file).replace("\"tareG\" : 820.0", "\"tareG\" : \"none\""));
    Ran ran = run("balance", file.toString());
    assertThat(ran.exit()).isEqualTo(Exit.BAD_FILE);
    assertThat(ran.err()).containsPattern("batch\\.json:\\d+: .*tareG").contains("number");
    assertThat(ran.out()).isEmpty();
    assertThat(run("balance", folder.resolve("none.json").toString()))
        .returns(Exit.BAD_FILE, Ran::exit);
  }

  /** A file without a sign in it is no new book for whoever only wants to look. */
  @Test
  void anEmptyFileIsNotTakenForANewBook() throws IOException {
    Path empty = Files.createFile(folder.resolve("empty.book"));
    for (String command : List.of("list", "check", "stock", "season")) {
      Ran ran =
          command.equals("check")
              ? run(command, empty.toString())
              : run("--book", empty.toString(), command);
      assertThat(ran.exit()).as(command).isEqualTo(Exit.BOOK_PROBLEM);
      assertThat(ran.err()).as(command).contains("is empty");
      assertThat(empty).as(command).isEmptyFile();
    }
  }

  /** A copy that broke off: what its pages still hold is saved, or it is said that nothing is. */
  @Test
  void ofATruncatedBookIsRescuedWhatIsThere() throws IOException {
    byte[] whole = Files.readAllBytes(book);
    int rescued = 0;
    for (int percent : List.of(98, 90, 70, 40, 10, 1, 0)) {
      Path cut = folder.resolve("cut-" + percent + ".book");
      Files.write(cut, Arrays.copyOf(whole, whole.length * percent / 100));
      Path fresh = folder.resolve("fresh-" + percent + ".book");
      Ran ran = run("rescue", cut.toString(), fresh.toString());
      assertThat(ran.err()).as(percent + " %").doesNotContain("rescue ", "Exception");
      if (ran.exit() == Exit.OK) {
        rescued++;
        assertThat(run("--book", fresh.toString(), "list").exit()).isEqualTo(Exit.OK);
      } else {
        assertThat(ran.exit()).as(percent + " %").isEqualTo(Exit.BOOK_PROBLEM);
        assertThat(fresh).as("no half book is left, " + percent + " %").doesNotExist();
      }
    }
    assertThat(rescued).as("books of which something was saved").isGreaterThanOrEqualTo(3);
  }

  @Test
  void aBookIsCheckedAndADamagedOneRescued() throws IOException {
    assertThat(run("check", book.toString()))
        .returns(Exit.OK, Ran::exit)
        .extracting(Ran::out)
        .asString()
        .contains("4 batches");
    byte[] bytes = Files.readAllBytes(book);
    java.util.Arrays.fill(bytes, bytes.length / 3, bytes.length / 3 + 9_000, (byte) 0);
    Files.write(book, bytes);
    assertThat(run("check", book.toString()))
        .returns(Exit.BOOK_PROBLEM, Ran::exit)
        .extracting(Ran::err)
        .asString()
        .contains("damaged", "rescue");
    Path fresh = folder.resolve("fresh.book");
    assertThat(run("rescue", book.toString(), fresh.toString())).returns(Exit.OK, Ran::exit);
    assertThat(run("check", fresh.toString())).returns(Exit.OK, Ran::exit);
  }

  @Test
  void withoutADisplayItSaysSo() throws IOException, InterruptedException {
    Ran ran = process("--book", book.toString());
    assertThat(ran).returns(Exit.NO_DISPLAY, Ran::exit);
    assertThat(ran.err()).contains("no display");
  }

  @Test
  void shotsDrawsEveryViewWithoutADisplay() throws IOException, InterruptedException {
    Path shots = folder.resolve("shots");
    Ran ran = process("shots", shots.toString());
    assertThat(ran.exit()).as(ran.err()).isZero();
    assertThat(ran.err()).doesNotContain("Exception");
    try (Stream<Path> files = Files.list(shots)) {
      List<Path> pictures = files.toList();
      assertThat(pictures)
          .extracting(path -> path.getFileName().toString())
          .contains(
              "bench.png",
              "account.png",
              "season.png",
              "day.png",
              "shop.png",
              "speck.png",
              "bench-mode.png");
      for (Path picture : pictures) {
        BufferedImage image = ImageIO.read(picture.toFile());
        assertThat(image.getWidth()).isEqualTo(1280);
        assertThat(image.getHeight()).isEqualTo(800);
        long colours =
            java.util.Arrays.stream(image.getRGB(0, 0, 1280, 800, null, 0, 1280))
                .distinct()
                .count();
        assertThat(colours)
            .as("%s is not an empty window", picture.getFileName())
            .isGreaterThan(200);
      }
    }
  }
}
