package jugulum.desk.command;

import java.io.PrintWriter;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;

/** Prints every bench sheet, as docs/machines.md has them. */
@Command(
    name = "machines",
    mixinStandardHelpOptions = true,
    description = "Prints the bench sheet of every machine as Markdown.")
final class MachinesCommand implements Callable<Integer> {
  @Spec private CommandSpec spec;

  @Override
  public Integer call() {
    PrintWriter out = spec.commandLine().getOut();
    out.print(MachinesText.all());
    out.flush();
    return 0;
  }
}
