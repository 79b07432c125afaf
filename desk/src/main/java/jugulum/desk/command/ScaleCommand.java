package jugulum.desk.command;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import jugulum.desk.words.Words;
import jugulum.scale.played.PlayedLine;
import jugulum.scale.played.PlayedPort;
import jugulum.scale.played.PlayedScale;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

/** Plays a scale on a network port and, where there is one, a serial line. */
@Command(name = "scale", mixinStandardHelpOptions = true)
final class ScaleCommand extends Speaking {
  private static final String PULL = "pull";
  private static final String PLUG = "plug";
  private static final String QUIT = "quit";

  @Option(
      names = "--port",
      paramLabel = "PORT",
      descriptionKey = "usage.scale.port",
      defaultValue = "4001")
  private int port;

  @Option(
      names = "--step",
      paramLabel = "GRAMS",
      descriptionKey = "usage.scale.step",
      defaultValue = "0.1")
  private double step;

  @Option(
      names = "--capacity",
      paramLabel = "GRAMS",
      descriptionKey = "usage.scale.capacity",
      defaultValue = "6000")
  private double capacity;

  ScaleCommand(Words words) {
    super(words);
  }

  @Override
  public Integer call() throws IOException {
    PrintWriter out = out();
    if (!(step > 0) || !(capacity > step) || port < 0 || port > 65_535) {
      return fail(Exit.BAD_FILE, words.of("played.no-scale"));
    }
    try (PlayedScale scale =
        new PlayedScale(step, capacity, System::nanoTime, new Random()).start()) {
      Optional<PlayedPort> open = plug(scale, port);
      if (open.isEmpty()) {
        return fail(Exit.BAD_FILE, words.of("played.taken", Integer.toString(port)));
      }
      int number = open.get().number();
      out.println(words.of("played.port", Integer.toString(number)));
      Optional<PlayedLine> line = line(scale);
      line.ifPresent(one -> out.println(words.of("played.line", one.name())));
      out.println(words.of("played.help"));
      out.flush();
      play(scale, open, number, out);
      line.ifPresent(PlayedLine::close);
    }
    return Exit.OK;
  }

  private void play(PlayedScale scale, Optional<PlayedPort> first, int number, PrintWriter out)
      throws IOException {
    PlayedConsole console = new PlayedConsole(scale, words);
    BufferedReader typed =
        new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8));
    Optional<PlayedPort> open = first;
    for (String line = typed.readLine(); line != null; line = typed.readLine()) {
      String said =
          switch (line.strip().toLowerCase(Locale.ROOT)) {
            case QUIT -> "";
            case PULL -> {
              open.ifPresent(PlayedPort::close);
              open = Optional.empty();
              yield words.of("played.pulled");
            }
            case PLUG -> {
              open = open.or(() -> plug(scale, number));
              yield words.of("played.plugged");
            }
            default -> console.does(line);
          };
      if (line.strip().equalsIgnoreCase(QUIT)) {
        break;
      }
      out.println(said);
      out.flush();
    }
    open.ifPresent(PlayedPort::close);
  }

  private static Optional<PlayedPort> plug(PlayedScale scale, int number) {
    try {
      return Optional.of(new PlayedPort(scale, number));
    } catch (IOException taken) {
      return Optional.empty();
    }
  }

  private static Optional<PlayedLine> line(PlayedScale scale) {
    try {
      return Optional.of(new PlayedLine(scale));
    } catch (IOException | LinkageError none) {
      return Optional.empty();
    }
  }
}
