package jugulum.desk.command;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import jugulum.book.batch.BatchStream;
import jugulum.book.batch.BatchSummary;
import jugulum.book.batch.RunLines;
import jugulum.book.shop.ShopStream;
import jugulum.book.stream.Book;
import jugulum.book.table.AccountTables;
import jugulum.book.xlsx.TablesXlsx;
import jugulum.core.account.Account;
import jugulum.core.account.Worked;
import jugulum.core.gold.GoldMemory;
import jugulum.core.ledger.Batch;
import jugulum.core.runs.Evidence;
import jugulum.core.shop.Shop;
import jugulum.desk.print.AccountPdf;
import jugulum.desk.words.Words;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Tells what a batch came to. */
@Command(name = "account", mixinStandardHelpOptions = true)
final class AccountCommand extends BookCommand {
  @Parameters(paramLabel = "BATCH", descriptionKey = "usage.batch")
  private String named;

  @Option(names = "--json", descriptionKey = "usage.json")
  private boolean json;

  @Option(names = "--pdf", paramLabel = "FILE", descriptionKey = "usage.pdf")
  private Optional<Path> pdf = Optional.empty();

  @Option(names = "--xlsx", paramLabel = "FILE", descriptionKey = "usage.xlsx")
  private Optional<Path> xlsx = Optional.empty();

  @Spec private CommandSpec spec;

  AccountCommand(Words words) {
    super(words);
  }

  @Override
  protected int with(Book book) throws IOException {
    Optional<BatchSummary> found = batch(book, named);
    Optional<Batch> batch = found.flatMap(one -> book.standing(BatchStream.of(one.id())).now());
    if (batch.isEmpty()) {
      return Jugulum.BAD_FILE;
    }
    Worked worked = Worked.of(batch.get());
    if (pdf.isEmpty() && xlsx.isEmpty() && !json) {
      BalanceText.of(worked, figures()).forEach(this::say);
      return Jugulum.OK;
    }
    Shop shop = ShopStream.of(book);
    Account account =
        worked.account(
            new GoldMemory(),
            shop,
            Evidence.of(RunLines.all(book).stream().map(RunLines.Ran::run).toList()));
    if (pdf.isPresent()) {
      return written(pdf.get(), AccountPdf.of(account, shop.containersG(), figures()));
    }
    if (xlsx.isPresent()) {
      return written(xlsx.get(), TablesXlsx.write(AccountTables.all(account)));
    }
    TablesOut.json(List.copyOf(AccountTables.all(account)), spec.commandLine().getOut());
    return Jugulum.OK;
  }
}
