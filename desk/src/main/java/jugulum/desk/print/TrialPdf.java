package jugulum.desk.print;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import jugulum.core.screens.Cut;
import jugulum.core.trial.Contender;
import jugulum.core.trial.SpikeBack.Recovered;
import jugulum.core.trial.Trial;
import jugulum.core.trial.TrialLine;
import jugulum.core.trial.TrialPlan.Stuff;
import jugulum.core.trial.TrialResult;
import jugulum.core.trial.TrialRun;
import jugulum.desk.chart.ShareAxis;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.TrialWords;
import jugulum.desk.words.TrialWords.Answer;
import jugulum.desk.words.Words;
import org.openpdf.text.pdf.PdfPTable;

/** A trial on one page: the answer, the share won by size with its range, and every run. */
public final class TrialPdf {
  private static final float[] SCALES = {1, 0.9f, 0.8f, 0.7f};

  private TrialPdf() {}

  /** The page as a PDF file's content. Takes a while: not for the interface thread. */
  public static byte[] of(Figures figures, Trial trial, TrialResult result) {
    byte[] pdf = {};
    for (float scale : SCALES) {
      Paper paper = laidOut(figures, trial, result, scale);
      pdf = paper.bytes();
      if (paper.pages() == 1) {
        return pdf;
      }
    }
    return pdf;
  }

  private static Paper laidOut(Figures figures, Trial trial, TrialResult result, float scale) {
    Words words = figures.words();
    Paper paper = new Paper(words, trial.name(), scale);
    Answer answer = TrialWords.answer(words, trial, result);
    paper.write(trial.name(), paper.title);
    paper.write(
        words.beside(
            List.of(
                trial.from().map(whose -> words.of("trial.of", whose)).orElse(""),
                trial.plan().stuff() == Stuff.LEAD ? words.of("trial.with-lead") : "")),
        paper.text);
    paper.write(answer.sentence(), paper.bold);
    paper.write(answer.figure(), paper.figure);
    paper.write(answer.range(), paper.text);
    answer.rest().forEach(text -> paper.write(text, paper.text));
    paper.section("trial.page.tried");
    trial.plan().contenders().forEach(one -> paper.write(tried(words, one), paper.text));
    if (!result.lines().isEmpty()) {
      paper.section("trial.page.shares").add(shares(words, trial, result, paper));
      paper.write(words.of("trial.page.range"), paper.text);
    }
    paper.section("trial.runs").add(runs(figures, trial, paper));
    doubts(figures, trial, result).forEach(text -> paper.write(text, paper.text));
    return paper;
  }

  private static String tried(Words words, Contender one) {
    return words.beside(
        List.of(
            Sentences.machine(words, one.machine()),
            one.variant(),
            TrialWords.settings(words, one.settings()),
            one.operator()));
  }

  private static PdfPTable shares(Words words, Trial trial, TrialResult result, Paper paper) {
    ShareAxis axis =
        ShareAxis.below(result.lines().stream().mapToDouble(line -> line.recovered().low()));
    PdfPTable table = Paper.grid(16, 30, 14, 16, 24);
    List<TrialLine> bySize =
        result.lines().stream()
            .sorted(Comparator.comparing(TrialLine::cut, Cut.COARSE_FIRST))
            .toList();
    for (TrialLine line : bySize) {
      Recovered recovered = line.recovered();
      table.addCell(Paper.lined(Sentences.cut(words, line.cut()), paper.bold));
      table.addCell(
          Paper.lined(
              TrialWords.contender(words, trial.plan().contenders().get(line.contender())),
              paper.text));
      table.addCell(Paper.lined(TrialWords.share(words, recovered), paper.text));
      table.addCell(Paper.lined(TrialWords.range(words, recovered), paper.text));
      table.addCell(Paper.bar(axis.place(recovered.low()), axis.place(recovered.high())));
    }
    return table;
  }

  private static PdfPTable runs(Figures figures, Trial trial, Paper paper) {
    List<List<String>> rows = new ArrayList<>();
    for (TrialRun run : trial.runs()) {
      rows.add(
          List.of(
              Integer.toString(run.number()),
              TrialWords.contender(figures.words(), trial.contender(run)),
              figures.sand(run.sandG()),
              TrialWords.putIn(figures.words(), run),
              TrialWords.found(figures.words(), run)));
    }
    return paper.table(
        List.of(
            "trial.run",
            "trial.runs.machine",
            "trial.runs.sand",
            "trial.runs.in",
            "trial.runs.found"),
        new float[] {7, 22, 12, 26, 33},
        rows);
  }

  private static List<String> doubts(Figures figures, Trial trial, TrialResult result) {
    Words words = figures.words();
    return result.findings().stream()
        .filter(TrialWords::isDoubt)
        .map(
            finding ->
                words.of(
                    "trial.page.doubt",
                    Sentences.cut(words, finding.cut()),
                    TrialWords.contender(words, trial.plan().contenders().get(finding.contender())),
                    TrialWords.finding(figures, finding)))
        .toList();
  }
}
