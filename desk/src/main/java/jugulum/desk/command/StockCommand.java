package jugulum.desk.command;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import jugulum.book.batch.BatchStream;
import jugulum.book.batch.RunLines;
import jugulum.book.batch.StockLines;
import jugulum.book.shop.ShopStream;
import jugulum.book.stream.Book;
import jugulum.book.table.Table;
import jugulum.core.stock.StockRank;
import jugulum.core.stock.StockRank.Ranked;
import jugulum.desk.words.Words;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** Lists what stands in the shop, what is worth working first first. */
@Command(name = "stock", mixinStandardHelpOptions = true)
final class StockCommand extends BookCommand {
  @Option(names = "--json", descriptionKey = "usage.json")
  private boolean json;

  @Spec private CommandSpec spec;

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
              or(one.lot().grams()),
              or(one.freeMg()),
              or(one.minutes()),
              or(one.mgPerHour()),
              or(one.moneyPerHour()),
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
    if (json) {
      TablesOut.json(List.of(table), spec.commandLine().getOut());
    } else {
      TablesOut.text(words, table, spec.commandLine().getOut());
    }
    return Jugulum.OK;
  }

  private static @Nullable Object or(OptionalDouble value) {
    return value.isPresent() ? value.getAsDouble() : null;
  }
}
