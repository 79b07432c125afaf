package jugulum.desk.command;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import jugulum.book.batch.BatchLines;
import jugulum.book.batch.BatchSummary;
import jugulum.book.stream.Book;
import jugulum.book.table.Table;
import jugulum.desk.words.Words;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

/** Lists the batches of a book. */
@Command(name = "list", mixinStandardHelpOptions = true)
final class ListCommand extends BookCommand {
  @Option(names = "--json", descriptionKey = "usage.json")
  private boolean json;

  ListCommand(Words words) {
    super(words);
  }

  @Override
  protected int with(Book book) {
    List<List<Object>> rows = new ArrayList<>();
    for (BatchSummary one : BatchLines.all(book)) {
      rows.add(
          Arrays.asList(
              one.name(),
              one.source(),
              one.received().toString(),
              one.state().name(),
              Table.cell(one.feedG()),
              Table.cell(one.wonG()),
              one.id().value().toString()));
    }
    Table table =
        new Table(
            "batches",
            List.of("batch", "source", "received", "state", "feed_g", "gold_g", "id"),
            rows);
    return TablesOut.print(words, json, table, out());
  }
}
