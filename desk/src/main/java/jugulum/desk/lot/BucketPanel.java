package jugulum.desk.lot;

import java.util.List;
import java.util.function.Function;
import javafx.scene.control.Label;
import jugulum.core.account.Worked;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.panel.Desk;
import jugulum.desk.panel.LotList;
import jugulum.desk.panel.Panel;
import jugulum.desk.panel.Rows;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;

/** Several lots set aside together, one of which can be opened. */
public final class BucketPanel extends Panel {
  @Prologue private final Words words;
  private final String title;
  private final Function<Worked, List<LotId>> which;
  private final LotList list;
  private final Label empty = Parts.sentence(words.of("bucket.empty"), "muted");

  /**
   * Makes the panel.
   *
   * @param title what the bucket is called
   * @param which finds its lots in a batch
   * @param desk the bench
   */
  public BucketPanel(String title, Function<Worked, List<LotId>> which, Desk desk) {
    this.words = desk.words();
    super();
    this.title = title;
    this.which = which;
    list = new LotList(words, "bucket-lots", LotList.Names.OVER_FIGURES, desk::openLot);
    getChildren()
        .addAll(
            Parts.heading(title, ""),
            Parts.sentence(words.of("bucket.about"), "muted"),
            list,
            empty,
            Parts.row(
                Buttons.plain(
                    "open-lot",
                    words.of("outputs.open"),
                    "O",
                    () -> list.chosen().ifPresent(desk::openLot)),
                Buttons.quiet("back", words.of("panel.back"), "Esc", desk::back)));
  }

  @Override
  public void show(Worked worked, Figures figures) {
    List<Lot> lots = worked.network().lots(which.apply(worked));
    list.show(lots.stream().map(lot -> Rows.of(lot, worked, figures)).toList());
    Parts.shown(list, !lots.isEmpty());
    Parts.shown(empty, lots.isEmpty());
  }

  @Override
  public boolean fits(Worked worked) {
    return true;
  }

  @Override
  public void focusFirst() {
    list.requestFocus();
  }

  @Override
  public Object key() {
    return title;
  }
}
