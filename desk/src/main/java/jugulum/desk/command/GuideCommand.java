package jugulum.desk.command;

import java.io.PrintWriter;
import java.util.concurrent.Callable;
import jugulum.desk.guide.Guide;
import jugulum.desk.words.Words;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;

/** Prints what each view answers, as docs/guide.md has it. */
@Command(name = "guide", mixinStandardHelpOptions = true)
final class GuideCommand implements Callable<Integer> {
  private final Words words;

  @Spec private CommandSpec spec;

  GuideCommand(Words words) {
    this.words = words;
  }

  @Override
  public Integer call() {
    PrintWriter out = spec.commandLine().getOut();
    out.print(Guide.markdown(words));
    out.flush();
    return Exit.OK;
  }
}
