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
    String share = mass.isMeasured() && all > 0 ? Figures.percent(mass.grams() / all) : Words.of("screen.no-share");
    return Rows.of(lot, Sentences.cut(lot.cut()), List.of(Rows.mass(lot, worked, figures), share), worked, figures);
  }
}
