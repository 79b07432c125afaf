package jugulum.desk.command;

import java.io.PrintWriter;
import java.util.concurrent.Callable;
import jugulum.desk.words.Words;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;

/** A command that says things: what was asked for, and what is wrong. */
abstract class Speaking implements Callable<Integer> {
  /** What it speaks. */
  protected final Words words;

  @Spec private CommandSpec spec;

  Speaking(Words words) {
    this.words = words;
  }

  /** Says what is wrong, and gives the exit code back. */
  protected int fail(int code, String sentence) {
    warn(sentence);
    return code;
  }

  /** Says what a person should know, beside what was asked for. */
  protected void warn(String sentence) {
    spec.commandLine().getErr().println(sentence);
    spec.commandLine().getErr().flush();
  }

  /** Says what was asked for. */
  protected void say(String text) {
    out().println(text);
    out().flush();
  }

  /** Where what was asked for goes. */
  protected PrintWriter out() {
    return spec.commandLine().getOut();
  }
}
