package jugulum.desk.lot;

import java.util.List;
import jugulum.core.account.Worked;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.LotId;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.measure.MeasureForm;
import jugulum.desk.measure.OneField;
import jugulum.desk.measure.RecordBox;
import jugulum.desk.panel.Desk;
import jugulum.desk.panel.Panel;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/** What becomes of a lot no machine takes: it is kept in a bag, or thrown away. */
final class FatePanel extends Panel {
  private final Words words;
  private final LotId lot;
  private final Fate fate;
  private final RecordBox box;

  /** What can become of it. */
  enum Fate {
    BAG,
    DISCARD
  }

  FatePanel(LotId lot, Fate fate, Desk desk) {
    this.words = desk.words();
    this.lot = lot;
    this.fate = fate;
    MeasureForm form =
        switch (fate) {
          case BAG -> OneField.bag(desk.figures());
          case DISCARD -> OneField.discard(desk.figures());
        };
    box =
        new RecordBox(
                "record-fate",
                words.of("fate.record", fate),
                form,
                measure -> desk.submit(new Edit.RecordOnLot(lot, measure)))
            .aside()
            .then(desk::back);
    getChildren()
        .addAll(
            Parts.heading(words.of("fate.title", fate), ""),
            Parts.sentence(words.of("fate.about", fate), "muted"),
            box,
            Buttons.quiet("back", words.of("panel.back"), "Esc", desk::back));
  }

  @Override
  public void show(Worked worked, Figures figures) {}

  @Override
  public boolean fits(Worked worked) {
    return worked.network().lot(lot).isPresent() && worked.network().taker(lot).isEmpty();
  }

  @Override
  public void focusFirst() {
    box.form().fields().getFirst().field().requestFocus();
  }

  @Override
  public Object key() {
    return List.of(lot, fate);
  }
}
