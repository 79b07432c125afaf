package jugulum.desk;

import java.util.Optional;
import java.util.logging.Level;
import java.util.logging.Logger;
import jugulum.desk.command.Commands;
import jugulum.desk.words.Languages;

/** Starts the program. */
public final class Main {
  /**
   * Held for as long as the program runs: the logging system itself would forget a logger nobody
   * holds.
   */
  private static final Logger ROOT = Logger.getLogger("");

  private static final Logger JAVAFX = Logger.getLogger("javafx");

  private Main() {}

  public static void main(String[] args) {
    ROOT.setLevel(Level.WARNING);
    JAVAFX.setLevel(Level.SEVERE);
    System.exit(Commands.speaking(Languages.ofThisMachine().words(Optional.empty())).execute(args));
  }
}
