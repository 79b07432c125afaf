package jugulum.desk.command;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import jugulum.book.batch.BatchStream;
import jugulum.book.batch.BatchSummary;
import jugulum.book.batch.PoolLines;
import jugulum.book.belief.Beliefs;
import jugulum.book.shop.ShopStream;
import jugulum.book.stream.Book;
import jugulum.book.table.AccountTables;
import jugulum.core.account.Account;
import jugulum.core.account.Worked;
import jugulum.core.gold.GoldMemory;
import jugulum.core.ledger.Batch;
import jugulum.core.pool.Later;
import jugulum.core.shop.Shop;
import jugulum.desk.print.AccountPdf;
import jugulum.desk.words.LaterWords;
import jugulum.desk.words.Words;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Parameters;

/** Tells what a batch came to. */
@Command(name = "account", mixinStandardHelpOptions = true)
final class AccountCommand extends BookCommand {
  @Parameters(paramLabel = "BATCH", descriptionKey = "usage.batch")
  private String named;

  @Mixin private TablesTo to = new TablesTo();

  AccountCommand(Words words) {
    super(words);
  }

  @Override
  protected int with(Book book) throws IOException {
    Optional<BatchSummary> found = batch(book, named);
    Optional<Batch> batch = found.flatMap(one -> book.standing(BatchStream.of(one.id())).now());
    if (batch.isEmpty()) {
      return Exit.BAD_FILE;
    }
    Worked worked = Worked.of(batch.get());
    Later later = PoolLines.later(book, worked.batch().id());
    if (to.isToRead()) {
      BalanceText.of(worked, figures()).forEach(this::say);
      LaterWords.of(later, worked.gold().won(), figures()).forEach(this::say);
      return Exit.OK;
    }
    Shop shop = ShopStream.of(book);
    Account account = worked.account(new GoldMemory(), Beliefs.of(book)).with(later);
    return to.write(
        this,
        List.copyOf(AccountTables.all(account)),
        () -> AccountPdf.of(account, shop.containersG(), figures()),
        out());
  }
}
