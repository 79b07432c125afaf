package jugulum.desk.command;

import java.io.IOException;
import java.nio.file.Path;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import jugulum.book.batch.ResultLines;
import jugulum.book.season.SeasonStream;
import jugulum.book.stream.Book;
import jugulum.book.table.SeasonTables;
import jugulum.book.table.Table;
import jugulum.book.xlsx.TablesXlsx;
import jugulum.core.season.SeasonAccount;
import jugulum.desk.print.SeasonPdf;
import jugulum.desk.words.Words;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** Tells what a year, or all of them, came to. */
@Command(name = "season", mixinStandardHelpOptions = true)
final class SeasonCommand extends BookCommand {
  @Option(names = "--year", paramLabel = "YEAR", descriptionKey = "usage.season.year")
  private Optional<Integer> year = Optional.empty();

  @Option(names = "--json", descriptionKey = "usage.json")
  private boolean json;

  @Option(names = "--pdf", paramLabel = "FILE", descriptionKey = "usage.pdf")
  private Optional<Path> pdf = Optional.empty();

  @Option(names = "--xlsx", paramLabel = "FILE", descriptionKey = "usage.xlsx")
  private Optional<Path> xlsx = Optional.empty();

  @Spec private CommandSpec spec;

  SeasonCommand(Words words) {
    super(words);
  }

  @Override
  protected int with(Book book) throws IOException {
    SeasonAccount account =
        SeasonAccount.of(
            ResultLines.all(book),
            SeasonStream.of(book),
            year.map(OptionalInt::of).orElse(OptionalInt.empty()),
            ZoneId.systemDefault());
    if (account.batches().isEmpty()) {
      return fail(Jugulum.BAD_FILE, words.of("command.no-season"));
    }
    List<Table> tables = SeasonTables.all(account);
    if (pdf.isPresent()) {
      return written(pdf.get(), SeasonPdf.of(figures(), account));
    }
    if (xlsx.isPresent()) {
      return written(xlsx.get(), TablesXlsx.write(tables));
    }
    if (json) {
      TablesOut.json(tables, spec.commandLine().getOut());
    } else {
      for (Table table : tables) {
        say(table.name());
        TablesOut.text(words, table, spec.commandLine().getOut());
        say("");
      }
    }
    return Jugulum.OK;
  }
}
