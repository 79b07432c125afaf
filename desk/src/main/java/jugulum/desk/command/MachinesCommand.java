package jugulum.desk.command;

import java.io.PrintWriter;
import jugulum.desk.words.Words;
import picocli.CommandLine.Command;

/** Prints every bench sheet, as docs/machines.md has them. */
@Command(name = "machines", mixinStandardHelpOptions = true)
final class MachinesCommand extends Speaking {
  MachinesCommand(Words words) {
    super(words);
  }

  @Override
  public Integer call() {
    PrintWriter out = out();
    out.print(MachinesText.all(words));
    out.flush();
    return 0;
  }
}
