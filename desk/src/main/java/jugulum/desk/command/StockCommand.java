package jugulum.desk.command;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import jugulum.book.belief.Beliefs;
import jugulum.book.stream.Book;
import jugulum.book.table.Table;
import jugulum.core.belief.FirstLook;
import jugulum.core.belief.LotBelief;
import jugulum.core.belief.MachineWay;
import jugulum.core.belief.StockLot;
import jugulum.core.belief.Way;
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
    List<List<Object>> rows = new ArrayList<>();
    for (LotBelief one : Beliefs.stock(book)) {
      StockLot lot = one.lot();
      rows.add(
          Arrays.asList(
              lot.code(),
              lot.label(),
              lot.material().name(),
              lot.cut().notation(),
              Table.cell(lot.grams()),
              one.free().map(gold -> gold.gold().milligrams()).orElse(null),
              one.free().map(gold -> gold.gold().lowMg()).orElse(null),
              one.free().map(gold -> gold.gold().highMg()).orElse(null),
              one.free().map(gold -> gold.by().name()).orElse(null),
              one.hidden().map(gold -> gold.gold().milligrams()).orElse(null),
              one.first().map(way -> way.kind().name()).orElse(null),
              one.first().flatMap(Way::machine).map(StockCommand::machine).orElse(null),
              one.first().map(Way::minutes).orElse(null),
              one.first().map(Way::handsMinutes).orElse(null),
              one.first().map(Way::wonMg).orElse(null),
              one.first().map(Way::net).orElse(null),
              Table.cell(one.netPerHour()),
              one.value().isMoney() ? "money" : "mg",
              one.look().map(look -> look.kind().name()).orElse(null),
              one.look().map(FirstLook::grams).orElse(null),
              one.look().map(FirstLook::worth).orElse(null),
              lot.bag().orElse("")));
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
                "free_low_mg",
                "free_high_mg",
                "by",
                "hidden_mg",
                "way",
                "machine",
                "minutes",
                "hands_minutes",
                "won_mg",
                "net",
                "net_per_hour",
                "net_in",
                "look",
                "look_g",
                "look_worth",
                "bag"),
            rows);
    return TablesOut.print(words, json, table, out());
  }

  private static String machine(MachineWay way) {
    return way.gear().name().isEmpty() ? way.gear().kind().name() : way.gear().name();
  }
}
