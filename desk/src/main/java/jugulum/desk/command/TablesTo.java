package jugulum.desk.command;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import jugulum.book.table.Table;
import jugulum.book.xlsx.TablesXlsx;
import picocli.CommandLine.Option;

/** Where tables go that are not read along: scripts, a page, a spreadsheet; one or several. */
final class TablesTo {
  @Option(names = "--json", descriptionKey = "usage.json")
  private boolean json;

  @Option(names = "--pdf", paramLabel = "FILE", descriptionKey = "usage.pdf")
  private Optional<Path> pdf = Optional.empty();

  @Option(names = "--xlsx", paramLabel = "FILE", descriptionKey = "usage.xlsx")
  private Optional<Path> xlsx = Optional.empty();

  /** Whether nothing was asked for but a text. */
  boolean isToRead() {
    return pdf.isEmpty() && xlsx.isEmpty() && !json;
  }

  /**
   * Writes what was asked for.
   *
   * @param command says where the files are
   * @throws IOException if a file cannot be written
   */
  int write(BookCommand command, List<Table> tables, Supplier<byte[]> page, PrintWriter out)
      throws IOException {
    if (pdf.isPresent()) {
      command.written(pdf.get(), page.get());
    }
    if (xlsx.isPresent()) {
      command.written(xlsx.get(), TablesXlsx.write(tables));
    }
    if (json) {
      TablesOut.json(tables, out);
    }
    return Exit.OK;
  }
}
