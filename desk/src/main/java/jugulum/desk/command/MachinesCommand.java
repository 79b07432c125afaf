package jugulum.desk.command;

import java.io.PrintWriter;
import java.util.concurrent.Callable;
import jugulum.desk.words.Words;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;

/** Prints every bench sheet, as docs/machines.md has them. */
@Command(name = "machines", mixinStandardHelpOptions = true)
final class MachinesCommand implements Callable<Integer> {
  private final Words words;

  @Spec private CommandSpec spec;

  MachinesCommand(Words words) {
    this.words = words;
  }

  @Override
  public Integer call() {
    PrintWriter out = spec.commandLine().getOut();
    out.print(MachinesText.all(words));
    out.flush();
    return 0;
  }
}
