package jugulum.desk.print;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.MeltFact.Stop;
import jugulum.core.ledger.Melting;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/** The sheet of a smelt: what must be so before heat, and a line for every crucible to fill in. */
public final class MeltPdf {
  /** So many lines are there to be filled in with a pen. */
  private static final int LINES = 6;

  private MeltPdf() {}

  /** The page as a PDF file's content. Takes a while: not for the interface thread. */
  public static byte[] of(Lot lot, Figures figures) {
    Words words = figures.words();
    String name = words.of("melt.sheet.title", Sentences.lot(words, lot));
    Paper paper = new Paper(words, name);
    paper.write(name, paper.title).write(words.of("melt.sheet.who"), paper.text);
    paper.section("melt.sheet.stops");
    for (Stop stop : Stop.values()) {
      paper.write(words.of("melt.sheet.box", words.of("melt.stop", stop)), paper.text);
    }
    paper.section("melt.sheet.crucibles");
    paper.add(
        paper.table(
            List.of(
                "melt.sheet.number",
                "melt.sheet.sand",
                "melt.sheet.metal",
                "melt.sheet.button",
                "melt.sheet.bead",
                "melt.sheet.parted",
                "melt.sheet.note"),
            new float[] {8, 13, 13, 13, 13, 13, 27},
            rows(lot, figures)));
    paper.section("melt.sheet.said");
    lot.live(Measure.Melt.class)
        .filter(melt -> melt.crucible() == 0)
        .forEach(melt -> paper.write(Sentences.measure(melt, figures), paper.text));
    paper.section("sheet.page.cautions");
    Stream.of("caution.smelt", "caution.fume")
        .forEach(key -> paper.write(words.of(key), paper.text));
    return paper.bytes();
  }

  private static List<List<String>> rows(Lot lot, Figures figures) {
    List<List<String>> rows = new ArrayList<>();
    Melting.of(lot).stream()
        .flatMap(round -> round.crucibles().stream())
        .forEach(one -> rows.add(row(one, figures)));
    while (rows.size() < LINES) {
      rows.add(List.of(Integer.toString(rows.size() + 1), "", "", "", "", "", ""));
    }
    return rows;
  }

  private static List<String> row(Melting.Crucible one, Figures figures) {
    return List.of(
        Integer.toString(one.number()),
        figures.read(one.sandG(), 0.1),
        one.charged().stream()
            .flatMapToDouble(in -> in.collectorG().stream())
            .mapToObj(grams -> figures.read(grams, 0.1))
            .findFirst()
            .orElse(""),
        one.buttonG().stream().mapToObj(g -> figures.read(g, 0.1)).findFirst().orElse(""),
        one.beadMg().stream().mapToObj(figures::gold).findFirst().orElse(""),
        one.partedMg().stream().mapToObj(figures::gold).findFirst().orElse(""),
        one.spoilt().orElse(""));
  }
}
