package jugulum.desk.command;

import java.io.IOException;
import java.io.PrintWriter;
import java.lang.reflect.Constructor;
import java.util.Optional;
import java.util.OptionalInt;
import jugulum.desk.words.Words;
import picocli.CommandLine;
import picocli.CommandLine.MissingParameterException;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.UnmatchedArgumentException;

/** The command line in one language. */
public final class Commands {
  private Commands() {}

  /**
   * Opens the window where nothing else is asked for: reading a command line takes its library as
   * long as a sixth of a start.
   *
   * @return the exit code; empty where there is a command line to read
   */
  public static OptionalInt atOnce(Words words, PrintWriter err, String... args)
      throws IOException {
    if (args.length == 0) {
      Jugulum.Opened opened = Jugulum.window(words, Optional.empty(), Optional.empty());
      opened.why().ifPresent(err::println);
      return OptionalInt.of(opened.exit());
    }
    return args.length == 1 && args[0].equals("demo")
        ? OptionalInt.of(new DemoCommand(words).call())
        : OptionalInt.empty();
  }

  /** All commands, speaking those words. */
  public static CommandLine speaking(Words words) {
    return new CommandLine(Jugulum.class, factory(words))
        .setResourceBundle(new UsageTexts(words))
        .setCaseInsensitiveEnumValuesAllowed(true)
        .setParameterExceptionHandler((problem, _) -> notUnderstood(problem, words));
  }

  /** Commands are given the words they speak; all else is made as the library does. */
  private static CommandLine.IFactory factory(Words words) {
    return new CommandLine.IFactory() {
      @Override
      public <K> K create(Class<K> kind) throws Exception {
        for (Constructor<?> one : kind.getDeclaredConstructors()) {
          if (one.getParameterCount() == 1 && one.getParameterTypes()[0] == Words.class) {
            return kind.cast(one.newInstance(words));
          }
        }
        return CommandLine.defaultFactory().create(kind);
      }
    };
  }

  private static int notUnderstood(ParameterException problem, Words words) {
    CommandLine asked = problem.getCommandLine();
    String key =
        switch (problem) {
          case UnmatchedArgumentException _ -> "command.unmatched";
          case MissingParameterException _ -> "command.missing";
          default -> "command.unusable";
        };
    asked.getErr().println(words.of(key, what(problem)));
    asked.getErr().println(words.of("command.see-help", asked.getCommandSpec().qualifiedName()));
    return Exit.BAD_FILE;
  }

  private static String what(ParameterException problem) {
    return switch (problem) {
      case UnmatchedArgumentException unmatched -> String.join(" ", unmatched.getUnmatched());
      case MissingParameterException missing ->
          String.join(" ", missing.getMissing().stream().map(Commands::named).toList());
      default -> String.valueOf(problem.getValue());
    };
  }

  private static String named(CommandLine.Model.ArgSpec one) {
    return one instanceof CommandLine.Model.OptionSpec option
        ? option.longestName() + " " + option.paramLabel()
        : one.paramLabel();
  }
}
