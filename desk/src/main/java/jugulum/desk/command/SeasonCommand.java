package jugulum.desk.command;

import java.io.IOException;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import jugulum.book.batch.ResultLines;
import jugulum.book.season.SeasonStream;
import jugulum.book.shop.ShopStream;
import jugulum.book.stream.Book;
import jugulum.book.table.SeasonTables;
import jugulum.book.table.Table;
import jugulum.core.season.SeasonAccount;
import jugulum.desk.print.SeasonPdf;
import jugulum.desk.words.Words;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** Tells what a year, or all of them, came to. */
@Command(name = "season", mixinStandardHelpOptions = true)
final class SeasonCommand extends BookCommand {
  @Option(names = "--year", paramLabel = "YEAR", descriptionKey = "usage.season.year")
  private Optional<Integer> year = Optional.empty();

  @Mixin private TablesTo to = new TablesTo();

  SeasonCommand(Words words) {
    super(words);
  }

  @Override
  protected int with(Book book) throws IOException {
    SeasonAccount account =
        SeasonAccount.of(
            ResultLines.all(book),
            SeasonStream.of(book),
            ShopStream.of(book),
            year.map(OptionalInt::of).orElse(OptionalInt.empty()),
            ZoneId.systemDefault());
    if (account.batches().isEmpty()) {
      return fail(Exit.BAD_FILE, words.of("command.no-season"));
    }
    List<Table> tables = SeasonTables.all(account);
    if (!to.isToRead()) {
      return to.write(this, tables, () -> SeasonPdf.of(figures(), account), out());
    }
    for (Table table : tables) {
      say(table.name());
      TablesOut.text(words, table, out());
      say("");
    }
    return Exit.OK;
  }
}
