package jugulum.desk;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.DisabledOnOs;
import org.junit.jupiter.api.condition.OS;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * The start script on machines on which this or that is missing: a copy of it with made-up JDKs and
 * a made-up Maven.
 */
@DisabledOnOs(OS.WINDOWS)
class LauncherTest {
  private static final List<String> TOOLS =
      List.of(
          "ls",
          "sed",
          "dirname",
          "cat",
          "find",
          "tr",
          "readlink",
          "mktemp",
          "tee",
          "grep",
          "head",
          "rm",
          "touch",
          "mkdir",
          "mv",
          "sleep",
          "nice");

  @TempDir private Path machine;
  private Path home;
  private Path path;
  private Path jdks;
  private final Map<String, String> environment = new TreeMap<>();

  private record Ran(int exit, String out, String err) {}

  @BeforeEach
  void setUp() throws IOException {
    Path here = Path.of("").toAbsolutePath();
    Path source = Files.exists(here.resolve("jugulum")) ? here : here.getParent();
    home = Files.createDirectories(machine.resolve("a folder/jugulum"));
    Files.createDirectories(home.resolve("scripts"));
    Files.createDirectories(home.resolve("desk/src/launcher"));
    Files.createDirectories(home.resolve("desk/src/main"));
    Files.writeString(home.resolve("pom.xml"), "");
    Files.writeString(home.resolve("desk/pom.xml"), "");
    for (String file : List.of("jugulum", "scripts/tools.sh", "scripts/verify")) {
      Files.copy(source.resolve(file), home.resolve(file));
    }
    path = Files.createDirectories(machine.resolve("bin"));
    for (String tool : TOOLS) {
      Path there =
          Stream.of("/usr/bin", "/bin")
              .map(folder -> Path.of(folder, tool))
              .filter(Files::exists)
              .findFirst()
              .orElseThrow();
      script(path.resolve(tool), "exec " + there + " \"$@\"");
    }
    jdks = Files.createDirectories(machine.resolve("jdks"));
    environment.put("PATH", path.toString());
    environment.put("JUGULUM_JDK_FOLDERS", jdks.toString());
    environment.put("HOME", machine.toString());
  }

  /** What goes on behind a window that is closed ends with it, a moment later. */
  @AfterEach
  void nothingGoesOnBehind() throws InterruptedException {
    for (int i = 0; i < 100 && isBusy(); i++) {
      Thread.sleep(100);
    }
  }

  private boolean isBusy() {
    return ProcessHandle.allProcesses()
        .anyMatch(
            one ->
                one.info()
                    .commandLine()
                    .filter(line -> line.contains(home.toString()))
                    .isPresent());
  }

  private static void script(Path file, String... lines) throws IOException {
    Files.createDirectories(file.getParent());
    Files.writeString(file, "#!/bin/sh\n" + String.join("\n", lines) + "\n");
    Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rwxr-xr-x"));
  }

  private static Path jdk(Path folder, String version) throws IOException {
    script(folder.resolve("bin/javac"), "exit 0");
    // Writes a demo book where it is asked to, draws pictures for ever, and is a window for a
    // while.
    script(
        folder.resolve("bin/java"),
        "echo \"ran ${0} $*\"",
        "for last; do :; done",
        "case \"$*\" in",
        "  *MakeDemo*) echo book > \"$last\" ;;",
        "  *' shots '*) echo $$ > '" + folder.resolve("learns") + "'; exec sleep 60 ;;",
        "  *'Main demo') sleep 4 ;;",
        "esac");
    Files.writeString(
        folder.resolve("release"), "IMPLEMENTOR=\"nobody\"\nJAVA_VERSION=\"" + version + "\"\n");
    return folder;
  }

  /** Writes what the real build writes for the launcher, with the java the environment names. */
  private void maven(Path file) throws IOException {
    script(
        file,
        "[ \"$1\" = --version ] && exit 0",
        "echo '[INFO] Building Jugulum core 0.1.0 [2/5]'",
        "echo '[INFO] Building Jugulum desk 0.1.0 [4/5]'",
        "mkdir -p '" + home + "/desk/target/start/launcher' '" + home + "/demo/target/start'",
        "touch '" + home + "/demo/target/start/jugulum-demo-0.1.0.jar'",
        "printf '%s\\n' \"$JAVA25_HOME/bin/java\" > '" + home + "/desk/target/start/launcher/java'",
        "echo jars > '" + home + "/desk/target/start/launcher/classpath'",
        "echo \"built in ${JAVA_HOME:-its own java}\" > '" + home + "/built'");
  }

  private Ran run(String script, String... arguments) throws IOException, InterruptedException {
    List<String> command = new ArrayList<>(List.of("/bin/sh", home.resolve(script).toString()));
    command.addAll(List.of(arguments));
    Path out = Files.createTempFile(machine, "out", "");
    Path err = Files.createTempFile(machine, "err", "");
    ProcessBuilder builder =
        new ProcessBuilder(command).redirectOutput(out.toFile()).redirectError(err.toFile());
    builder.environment().clear();
    builder.environment().putAll(environment);
    int exit = builder.start().waitFor();
    return new Ran(
        exit,
        Files.readString(out, StandardCharsets.UTF_8),
        Files.readString(err, StandardCharsets.UTF_8));
  }

  private static void saysInTwoLines(Ran ran, String what) {
    assertThat(ran.exit()).isEqualTo(3);
    assertThat(
            ran.err().lines().filter(line -> !line.startsWith("Maven is not installed;")).toList())
        .hasSize(2)
        .satisfies(lines -> assertThat(lines.getFirst()).contains(what))
        .satisfies(
            lines -> assertThat(lines.getLast()).contains("Debian", "Fedora", "macOS", "Windows"));
  }

  @ParameterizedTest
  @ValueSource(strings = {"jugulum", "scripts/verify"})
  void withoutAnyJdkItSaysWhatToInstall(String script) throws IOException, InterruptedException {
    saysInTwoLines(run(script), "JDK 25");
  }

  @ParameterizedTest
  @ValueSource(strings = {"1.8.0_412", "17.0.15", "24.0.1"})
  void anOlderJdkIsNone(String version) throws IOException, InterruptedException {
    jdk(jdks.resolve("old"), version);
    environment.put("JAVA_HOME", jdks.resolve("old").toString());
    saysInTwoLines(run("jugulum"), "JDK 25");
  }

  /** A Java without a compiler runs programs and builds none. */
  @Test
  void aJavaWithoutACompilerIsNone() throws IOException, InterruptedException {
    Files.delete(jdk(jdks.resolve("runtime"), "25").resolve("bin/javac"));
    saysInTwoLines(run("jugulum"), "JDK 25");
  }

  @ParameterizedTest
  @ValueSource(strings = {"JAVA_HOME", "PATH", "folders", "bundle"})
  void theJdkIsFoundWhereverItUsuallyIs(String where) throws IOException, InterruptedException {
    maven(path.resolve("mvn"));
    Path elsewhere = machine.resolve("some where/jdk");
    Path there =
        switch (where) {
          case "folders" -> jdk(jdks.resolve("jdk-26"), "26");
          case "bundle" -> jdk(jdks.resolve("jdk-25.jdk/Contents/Home"), "25.0.1");
          default -> jdk(elsewhere, "25.0.2");
        };
    if (where.equals("JAVA_HOME")) {
      environment.put("JAVA_HOME", there.toString());
    } else if (where.equals("PATH")) {
      Files.createSymbolicLink(path.resolve("javac"), there.resolve("bin/javac"));
    }
    jdk(jdks.resolve("a-jdk-17"), "17.0.1");
    Ran ran = run("jugulum", "--version");
    assertThat(ran.err())
        .contains("2 of 5: Jugulum core", "4 of 5: Jugulum desk")
        .doesNotContain("[INFO]");
    assertThat(ran.exit()).as(ran.err()).isZero();
    assertThat(ran.out())
        .contains("ran " + there.resolve("bin/java"), "jugulum.desk.Main --version");
  }

  @Test
  void aMavenWithoutAJavaOfItsOwnRunsOnTheOneFound() throws IOException, InterruptedException {
    maven(path.resolve("mvn"));
    Path jdk = jdk(jdks.resolve("jdk-25"), "25");
    assertThat(run("jugulum").exit()).isZero();
    assertThat(Files.readString(home.resolve("built"))).contains("built in " + jdk);
  }

  @Test
  void whereThereIsNoMavenItIsFetched() throws IOException, InterruptedException {
    jdk(jdks.resolve("jdk-25"), "25");
    maven(home.resolve("mvnw"));
    Ran ran = run("jugulum");
    assertThat(ran.exit()).as(ran.err()).isZero();
    assertThat(ran.err()).contains("fetching it once");
  }

  @ParameterizedTest
  @ValueSource(strings = {"jugulum", "scripts/verify"})
  void whereMavenCannotBeFetchedItSaysWhatToInstall(String script)
      throws IOException, InterruptedException {
    jdk(jdks.resolve("jdk-25"), "25");
    script(home.resolve("mvnw"), "exit 1");
    saysInTwoLines(run(script), "Maven");
  }

  @Test
  void aBuildThatFailsSaysWhyAndStartsNothing() throws IOException, InterruptedException {
    jdk(jdks.resolve("jdk-25"), "25");
    script(
        path.resolve("mvn"),
        "[ \"$1\" = --version ] && exit 0",
        "echo '[ERROR] no registry can be reached'",
        "exit 1");
    Ran ran = run("jugulum");
    assertThat(ran.exit()).isEqualTo(1);
    assertThat(ran.err()).contains("no registry can be reached", "did not come to its end");
    assertThat(ran.out()).isEmpty();
  }

  @Test
  void aDemoBookIsWrittenWhenItIsAskedFor() throws IOException, InterruptedException {
    maven(path.resolve("mvn"));
    jdk(jdks.resolve("jdk-25"), "25");
    Path launcher = home.resolve("desk/target/start/launcher");
    run("jugulum", "--version");
    assertThat(launcher.resolve("demo.book")).doesNotExist();
    Ran ran = run("jugulum", "demo");
    assertThat(ran.err()).contains("writing the demo book");
    assertThat(launcher.resolve("demo.book")).hasContent("book");
    assertThat(run("jugulum", "demo").err()).doesNotContain("writing");
  }

  /** Nobody's machine goes on working for a window that is closed. */
  @Test
  void whatIsLearntBehindTheWindowIsGivenUpWithIt() throws Exception {
    maven(path.resolve("mvn"));
    Path jdk = jdk(jdks.resolve("jdk-25"), "25");
    run("jugulum", "demo");
    long learns = Long.parseLong(Files.readString(jdk.resolve("learns")).strip());
    ProcessHandle.of(learns).ifPresent(one -> one.onExit().orTimeout(20, TimeUnit.SECONDS).join());
    assertThat(ProcessHandle.of(learns).filter(ProcessHandle::isAlive)).isEmpty();
    assertThat(home.resolve("desk/target/start/launcher/start.aot")).doesNotExist();
  }

  /** The JDK a build was made with is gone: it is built anew with another. */
  @Test
  void aJdkThatIsGoneIsReplaced() throws IOException, InterruptedException {
    maven(path.resolve("mvn"));
    Path first = jdk(jdks.resolve("jdk-25"), "25");
    assertThat(run("jugulum").exit()).isZero();
    assertThat(run("jugulum").err()).as("built once").isEmpty();
    Files.move(first, jdks.resolve("jdk-25-moved"));
    Ran ran = run("jugulum");
    assertThat(ran.exit()).as(ran.err()).isZero();
    assertThat(ran.out()).contains("jdk-25-moved/bin/java");
  }
}
