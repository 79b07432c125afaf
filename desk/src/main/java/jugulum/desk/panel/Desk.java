package jugulum.desk.panel;

import java.util.concurrent.CompletionStage;
import java.util.function.Supplier;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.StepId;
import jugulum.core.shop.Shop;
import jugulum.desk.entry.Containers;
import jugulum.desk.workbench.Outcome;
import jugulum.desk.words.Figures;

/** What panels can ask of the bench they stand at. */
public interface Desk {
  /** Sends an edit for the batch on the bench. */
  CompletionStage<Outcome> submit(Edit edit);

  /** Opens the panel of a lot. */
  void openLot(LotId lot);

  /** Opens the panel of a step. */
  void openStep(StepId step);

  /** Puts a panel on top; {@link #back} returns to the one below. */
  void push(Panel panel);

  /** Returns to the panel below. */
  void back();

  /** How quantities are written now. */
  Supplier<Figures> figures();

  /** What the shop owns. */
  Shop shop();

  /** The containers whose weight is remembered. */
  Containers containers();

  /** Plans the cuts of a lot. */
  void plan(LotId lot);
}
