package jugulum.desk;

import java.io.FileDescriptor;
import java.io.FileOutputStream;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.logging.Level;
import java.util.logging.Logger;
import jugulum.desk.command.Commands;
import jugulum.desk.words.Languages;
import jugulum.desk.words.Words;

/** Starts the program. */
public final class Main {
  /**
   * Held for as long as the program runs: the logging system itself would forget a logger nobody
   * holds.
   */
  private static final Logger ROOT = Logger.getLogger("");

  private static final Logger JAVAFX = Logger.getLogger("javafx");

  private Main() {}

  /** Texts have signs that the machine's own way of writing may not know. */
  private static PrintWriter written(FileDescriptor to) {
    return new PrintWriter(new FileOutputStream(to), true, StandardCharsets.UTF_8);
  }

  public static void main(String[] args) throws IOException {
    ROOT.setLevel(Level.WARNING);
    JAVAFX.setLevel(Level.SEVERE);
    Words words = Languages.ofThisMachine().words(Optional.empty());
    PrintWriter out = written(FileDescriptor.out);
    PrintWriter err = written(FileDescriptor.err);
    OptionalInt atOnce = Commands.atOnce(words, err, args);
    System.exit(
        atOnce.isPresent()
            ? atOnce.getAsInt()
            : Commands.speaking(words).setOut(out).setErr(err).execute(args));
  }
}
