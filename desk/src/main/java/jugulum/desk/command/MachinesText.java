package jugulum.desk.command;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jugulum.core.ledger.Machine.Kind;
import jugulum.core.machine.Sheet;
import jugulum.core.machine.Sheets;
import jugulum.core.machine.Symptom;
import jugulum.desk.words.Figures;
import jugulum.desk.words.SheetWords;
import jugulum.desk.words.Words;

/** The bench sheets as Markdown, from the data and texts the window shows. */
final class MachinesText {
  private static final String HEAD =
      """
      # Bench sheets

      Made by `./jugulum machines` from the same data the window shows; a test compares them. \
      Usual values, sizes and remedies are common
      practice with small shop machines. What a maker says of his own machine goes before it.

      """;

  private MachinesText() {}

  static String all() {
    return HEAD
        + Stream.of(Kind.values())
            .map(Sheets::of)
            .map(MachinesText::sheet)
            .collect(Collectors.joining("\n"));
  }

  private static String sheet(Sheet sheet) {
    String title = "## " + Words.of("machine", sheet.kind()) + "\n\n";
    String suits =
        Words.of(
                "sheet.suits",
                Figures.plain(sheet.suits().finestMm()),
                Figures.plain(sheet.suits().coarsestMm()))
            + "\n\n";
    String ports =
        sheet.ports().stream()
                .map(port -> Words.of("port", port))
                .collect(Collectors.joining(" · "))
            + "\n\n";
    String expected = Words.of("sheet.expected", Figures.wholeShares(sheet.expected())) + "\n\n";
    return title
        + suits
        + expected
        + ports
        + list(sheet.checks().stream().map(SheetWords::check).toList())
        + dials(sheet)
        + symptoms(sheet.symptoms())
        + cleaning(sheet)
        + cautions(sheet);
  }

  private static String list(List<String> items) {
    return items.stream().map(item -> "- " + item + "\n").collect(Collectors.joining()) + "\n";
  }

  private static String dials(Sheet sheet) {
    return "| dial | usual | takes | what it does | how to measure |\n|---|---|---|---|---|\n"
        + sheet.dials().stream()
            .map(
                dial ->
                    "| "
                        + String.join(
                            " | ",
                            SheetWords.dial(dial.id()),
                            SheetWords.usual(dial),
                            Words.of(
                                "sheet.usual",
                                Figures.plain(dial.low()),
                                Figures.plain(dial.high()),
                                SheetWords.unit(dial.unit())),
                            SheetWords.does(sheet, dial),
                            SheetWords.how(dial))
                        + " |\n")
            .collect(Collectors.joining())
        + "\n";
  }

  private static String symptoms(List<Symptom> symptoms) {
    return "| what one sees | likely causes and remedies, in order |\n|---|---|\n"
        + symptoms.stream()
            .map(
                one ->
                    "| "
                        + SheetWords.symptom(one.id())
                        + " | "
                        + one.causes().stream()
                            .map(SheetWords::cause)
                            .collect(Collectors.joining("<br>"))
                        + " |\n")
            .collect(Collectors.joining())
        + "\n";
  }

  private static String cleaning(Sheet sheet) {
    StringBuilder text = new StringBuilder(Words.of("sheet.cleaning") + ":\n\n");
    for (int i = 0; i < sheet.cleaning().size(); i++) {
      text.append(i + 1)
          .append(". ")
          .append(SheetWords.cleaning(sheet.cleaning().get(i)))
          .append('\n');
    }
    return text.toString();
  }

  private static String cautions(Sheet sheet) {
    return "\n"
        + sheet.cautions().stream()
            .map(SheetWords::caution)
            .map(text -> "> " + text + "\n")
            .collect(Collectors.joining(">\n"));
  }
}
