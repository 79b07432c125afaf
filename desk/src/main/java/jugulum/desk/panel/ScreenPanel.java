package jugulum.desk.panel;

import java.util.List;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Step;
import jugulum.core.ledger.StepId;
import jugulum.core.mass.LotMass;
import jugulum.desk.workbench.Worked;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/** A stack of screens: each cut with its share of the feed and what is finer. */
final class ScreenPanel extends StepPanel {
  ScreenPanel(StepId step, Desk desk) {
    super(step, desk);
  }

  @Override
  protected LotList.Row row(Lot lot, Worked worked, Figures figures) {
    Step now = there(worked.batch().step(step));
    double all = now.outputs().stream().mapToDouble(id -> worked.sand().mass(id).grams()).sum();
    LotMass mass = worked.sand().mass(lot.id());
    boolean told = mass.isMeasured() && all > 0;
    double finer = now.outputs().stream().skip(1L + now.outputs().indexOf(lot.id())).mapToDouble(id -> worked.sand().mass(id).grams()).sum();
    String share = told ? Figures.fixed(100 * mass.grams() / all, 1) : Words.of("screen.no-share");
    String finerShare = told && finer > 0 ? Figures.fixed(100 * finer / all, 1) : Words.of("screen.no-share");
    return new LotList.Row(lot.id(), Sentences.cut(lot.cut()), List.of(Rows.mass(lot, worked, figures), share, finerShare), "", !mass.isMeasured());
  }

  @Override
  protected String[] heads() {
    return new String[] {Words.of("outputs.mass"), Words.of("screen.share"), Words.of("screen.finer")};
  }
}
