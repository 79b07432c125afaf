package jugulum.desk.command;

import java.lang.reflect.Constructor;
import jugulum.desk.words.Words;
import picocli.CommandLine;
import picocli.CommandLine.MissingParameterException;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.UnmatchedArgumentException;

/** The command line in one language. */
public final class Commands {
  private Commands() {}

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
