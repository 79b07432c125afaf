package jugulum.desk.command;

import java.io.PrintWriter;
import jugulum.desk.guide.Glossary;
import jugulum.desk.guide.Guide;
import jugulum.desk.words.Words;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

/** Prints what each view answers, as docs/guide.md has it. */
@Command(name = "guide", mixinStandardHelpOptions = true)
final class GuideCommand extends Speaking {
  @Option(names = "--words", descriptionKey = "usage.guide.words")
  private boolean glossary;

  GuideCommand(Words words) {
    super(words);
  }

  @Override
  public Integer call() {
    PrintWriter out = out();
    out.print(glossary ? Glossary.markdown(words) : Guide.markdown(words));
    out.flush();
    return Exit.OK;
  }
}
