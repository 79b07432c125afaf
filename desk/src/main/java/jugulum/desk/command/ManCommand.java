package jugulum.desk.command;

import java.io.PrintWriter;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import jugulum.desk.words.Words;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Help;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;

/** Prints the manual page, as docs/jugulum.1 has it. */
@Command(name = "man", mixinStandardHelpOptions = true)
final class ManCommand implements Callable<Integer> {
  private final Words words;

  @Spec private CommandSpec spec;

  ManCommand(Words words) {
    this.words = words;
  }

  @Override
  public Integer call() {
    PrintWriter out = spec.commandLine().getOut();
    out.print(page(words, spec.parent().commandLine()));
    out.flush();
    return Exit.OK;
  }

  /** The page in the language of manual pages (man macros of troff). */
  static String page(Words words, CommandLine top) {
    StringBuilder page = new StringBuilder(".TH JUGULUM 1\n.SH NAME\njugulum \\- ");
    page.append(plain(top.getCommandSpec().resourceBundle().getString("jugulum.usage.description")))
        .append("\n.SH SYNOPSIS\n");
    literal(page, top.getHelp());
    for (CommandLine command : top.getSubcommands().values().stream().distinct().toList()) {
      page.append(".SH ").append(command.getCommandName().toUpperCase(Locale.ROOT)).append('\n');
      literal(page, command.getHelp());
      command.getSubcommands().values().forEach(own -> literal(page, own.getHelp()));
    }
    page.append(".SH ").append(words.of("man.exit").toUpperCase(Locale.ROOT)).append('\n');
    for (String code : List.of("0", "2", "3", "4")) {
      page.append(".TP\n").append(code).append('\n').append(plain(words.of("man.exit." + code)));
      page.append('\n');
    }
    return page.toString();
  }

  private static void literal(StringBuilder page, Help help) {
    page.append(".nf\n");
    String text =
        help.description() + "\n" + help.synopsis(0) + help.parameterList() + help.optionList();
    text.lines().map(ManCommand::plain).forEach(line -> page.append(line).append('\n'));
    page.append(".fi\n");
  }

  /** A line may not begin with a point or a quote, and a hyphen stays one. */
  private static String plain(String line) {
    String text = line.replace("\\", "\\e").replace("-", "\\-");
    return text.startsWith(".") || text.startsWith("'") ? "\\&" + text : text;
  }
}
