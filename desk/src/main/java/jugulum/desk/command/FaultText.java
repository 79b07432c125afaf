package jugulum.desk.command;

import java.nio.file.Path;
import jugulum.book.file.FileFault;
import jugulum.desk.words.Words;

/** Says what is wrong with a file as compilers do: file, line, place, reason. */
final class FaultText {
  private FaultText() {}

  static String of(Words words, Path file, FileFault fault) {
    return fault.line() > 0
        ? words.of(
            "command.fault",
            file.toString(),
            Integer.toString(fault.line()),
            fault.where(),
            fault.reason())
        : words.of(
            "command.fault.no-line",
            file.toString(),
            fault.where().isEmpty()
                ? fault.reason()
                : words.of("command.fault.place", fault.where(), fault.reason()));
  }
}
