package jugulum.desk.command;

import java.io.PrintWriter;
import jugulum.desk.guide.Guide;
import jugulum.desk.words.Words;
import picocli.CommandLine.Command;

/** Prints what each view answers, as docs/guide.md has it. */
@Command(name = "guide", mixinStandardHelpOptions = true)
final class GuideCommand extends Speaking {
  GuideCommand(Words words) {
    super(words);
  }

  @Override
  public Integer call() {
    PrintWriter out = out();
    out.print(Guide.markdown(words));
    out.flush();
    return Exit.OK;
  }
}
