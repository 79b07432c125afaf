package jugulum.desk.command;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jugulum.core.belief.MachineBelief;
import jugulum.core.ledger.Machine.Kind;
import jugulum.core.machine.Overnight;
import jugulum.core.machine.Sheet;
import jugulum.core.machine.Sheets;
import jugulum.core.machine.Symptom;
import jugulum.desk.words.SheetWords;
import jugulum.desk.words.Words;

/** The bench sheets as Markdown, from the data and texts the window shows. */
final class MachinesText {
  private MachinesText() {}

  static String all(Words words) {
    return words.of("machines.head")
        + Stream.of(Kind.values())
            .map(Sheets::of)
            .map(one -> MachinesText.sheet(words, one))
            .collect(Collectors.joining("\n"));
  }

  private static String sheet(Words words, Sheet sheet) {
    String title = "## " + words.of("machine", sheet.kind()) + "\n\n";
    String suits =
        words.of(
                "sheet.suits",
                words.plain(sheet.suits().finestMm()),
                words.plain(sheet.suits().coarsestMm()))
            + "\n\n";
    String ports =
        sheet.ports().isEmpty()
            ? ""
            : sheet.ports().stream()
                    .map(port -> words.of("port", port))
                    .collect(Collectors.joining(" · "))
                + "\n\n";
    String expected =
        words.of(
                "sheet.expected",
                sheet.working().sorts(),
                words.wholeShares(MachineBelief.common(sheet)))
            + "\n\n";
    return title
        + suits
        + expected
        + ports
        + list(sheet.checks().stream().map(one -> SheetWords.check(words, one)).toList())
        + overnight(words, sheet)
        + dials(words, sheet)
        + symptoms(words, sheet.symptoms())
        + cleaning(words, sheet)
        + cautions(words, sheet);
  }

  private static String overnight(Words words, Sheet sheet) {
    return Overnight.isFor(sheet)
        ? words.of("machines.overnight")
            + "\n\n"
            + list(Overnight.CHECKS.stream().map(one -> SheetWords.check(words, one)).toList())
        : "";
  }

  private static String list(List<String> items) {
    return items.stream().map(item -> "- " + item + "\n").collect(Collectors.joining()) + "\n";
  }

  private static String dials(Words words, Sheet sheet) {
    return words.of("machines.dials")
        + "\n|---|---|---|---|---|\n"
        + sheet.dials().stream()
            .map(
                dial ->
                    "| "
                        + String.join(
                            " | ",
                            SheetWords.dial(words, dial.id()),
                            SheetWords.usual(words, dial),
                            words.of(
                                "sheet.usual",
                                words.plain(dial.low()),
                                words.plain(dial.high()),
                                SheetWords.unit(words, dial.unit())),
                            SheetWords.does(words, sheet, dial),
                            SheetWords.how(words, dial))
                        + " |\n")
            .collect(Collectors.joining())
        + "\n";
  }

  private static String symptoms(Words words, List<Symptom> symptoms) {
    return words.of("machines.symptoms")
        + "\n|---|---|\n"
        + symptoms.stream()
            .map(
                one ->
                    "| "
                        + SheetWords.symptom(words, one.id())
                        + " | "
                        + one.causes().stream()
                            .map(cause -> SheetWords.cause(words, cause))
                            .collect(Collectors.joining("<br>"))
                        + " |\n")
            .collect(Collectors.joining())
        + "\n";
  }

  private static String cleaning(Words words, Sheet sheet) {
    StringBuilder text = new StringBuilder(words.of("sheet.cleaning") + ":\n\n");
    for (int i = 0; i < sheet.cleaning().size(); i++) {
      text.append(i + 1)
          .append(". ")
          .append(SheetWords.cleaning(words, sheet.cleaning().get(i)))
          .append('\n');
    }
    return text.toString();
  }

  private static String cautions(Words words, Sheet sheet) {
    return "\n"
        + sheet.cautions().stream()
            .map(one -> SheetWords.caution(words, one))
            .map(text -> "> " + text + "\n")
            .collect(Collectors.joining(">\n"));
  }
}
