package jugulum.book;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** A program of its own, with the classes of the tests, that says on its errors what goes wrong. */
public final class OtherProgram {
  private OtherProgram() {}

  /** How it is started. */
  public static ProcessBuilder of(Class<?> main, Object... arguments) {
    List<String> command =
        new ArrayList<>(
            List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "--enable-native-access=ALL-UNNAMED",
                "-XX:TieredStopAtLevel=1",
                "-cp",
                System.getProperty("java.class.path"),
                main.getName()));
    for (Object one : arguments) {
      command.add(String.valueOf(one));
    }
    return new ProcessBuilder(command).redirectError(ProcessBuilder.Redirect.INHERIT);
  }
}
