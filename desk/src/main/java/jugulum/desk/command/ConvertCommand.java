package jugulum.desk.command;

import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jugulum.book.table.Table;
import jugulum.core.units.Conversion;
import jugulum.core.units.Typed;
import jugulum.desk.entry.Parsers;
import jugulum.desk.words.Words;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Converts an amount into the other units of its kind. */
@Command(name = "convert", mixinStandardHelpOptions = true)
final class ConvertCommand extends Speaking {
  private static final int PLACES = 6;

  @Parameters(arity = "1..*", paramLabel = "AMOUNT", descriptionKey = "usage.convert.amount")
  private List<String> amount;

  @Option(names = "--to", paramLabel = "UNIT", descriptionKey = "usage.convert.to")
  private Optional<String> to = Optional.empty();

  @Option(names = "--json", descriptionKey = "usage.json")
  private boolean json;

  ConvertCommand(Words words) {
    super(words);
  }

  @Override
  public Integer call() {
    return switch (Conversion.of(words.typed(String.join(" ", amount)))) {
      case Typed.Wrong<Conversion>(var slip) -> fail(Exit.BAD_FILE, Parsers.sentence(words, slip));
      case Typed.Value<Conversion>(Conversion value) -> {
        List<Conversion.Unit> units =
            to.isEmpty() ? value.kind().units() : to.flatMap(value::unit).stream().toList();
        yield units.isEmpty()
            ? fail(Exit.BAD_FILE, words.of("command.no-unit", to.orElse("")))
            : print(value, units);
      }
    };
  }

  private int print(Conversion value, List<Conversion.Unit> units) {
    PrintWriter out = out();
    if (json) {
      List<List<Object>> rows = new ArrayList<>();
      units.forEach(unit -> rows.add(List.of(value.in(unit), unit.sign())));
      TablesOut.json(List.of(new Table("amounts", List.of("amount", "unit"), rows)), out);
    } else {
      units.forEach(
          unit ->
              out.println(
                  words.of(
                      "season.with-unit", words.rounded(value.in(unit), PLACES), unit.sign())));
      out.flush();
    }
    return Exit.OK;
  }
}
