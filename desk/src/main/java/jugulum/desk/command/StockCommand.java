package jugulum.desk.command;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import jugulum.book.batch.BatchStream;
import jugulum.book.batch.RunLines;
import jugulum.book.batch.StockLines;
import jugulum.book.shop.ShopStream;
import jugulum.book.stream.Book;
import jugulum.book.table.Table;
import jugulum.core.stock.StockRank;
import jugulum.core.stock.StockRank.Ranked;
import jugulum.desk.words.Words;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

/** Lists what stands in the shop, what is worth working first first. */
@Command(name = "stock", mixinStandardHelpOptions = true)
final class StockCommand extends BookCommand {
  @Option(names = "--json", descriptionKey = "usage.json")
  private boolean json;

  StockCommand(Words words) {
    super(words);
  }

  @Override
  protected int with(Book book) {
    List<Ranked> ranked =
        StockRank.of(
            book.lines(BatchStream.KIND, StockLines.LINES),
            ShopStream.of(book),
            RunLines.all(book).stream().map(RunLines.Ran::run).toList());
    List<List<Object>> rows = new ArrayList<>();
    for (Ranked one : ranked) {
      rows.add(
          Arrays.asList(
              one.lot().code(),
              one.lot().label(),
              one.lot().material().name(),
              one.lot().cut().notation(),
              Table.cell(one.lot().grams()),
              Table.cell(one.freeMg()),
              Table.cell(one.minutes()),
              Table.cell(one.mgPerHour()),
              Table.cell(one.moneyPerHour()),
              one.lot().bag().orElse("")));
    }
    Table table =
        new Table(
            "stock",
            List.of(
                "code",
                "batch",
                "material",
                "cut",
                "sand_g",
                "free_mg",
                "minutes",
                "mg_per_hour",
                "money_per_hour",
                "bag"),
            rows);
    return TablesOut.print(words, json, table, out());
  }
}
