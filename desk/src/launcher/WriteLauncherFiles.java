import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.stream.Collectors;

/**
 * Run by the build with the program's class path: writes which java and which jars the launcher
 * script is to use.
 */
public final class WriteLauncherFiles {
  private WriteLauncherFiles() {}

  public static void main(String[] args) throws IOException {
    Path folder = Files.createDirectories(Path.of(args[0]));
    String jars =
        Arrays.stream(System.getProperty("java.class.path").split(File.pathSeparator))
            .filter(entry -> entry.endsWith(".jar"))
            .collect(Collectors.joining(File.pathSeparator));
    Files.writeString(
        folder.resolve("java"), Path.of(System.getProperty("java.home"), "bin", "java") + "\n");
    Files.writeString(folder.resolve("classpath"), args[1] + File.pathSeparator + jars + "\n");
  }
}
