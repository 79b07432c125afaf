package jugulum.desk.panel;

import java.time.Instant;
import java.util.List;
import java.util.concurrent.CompletionStage;
import java.util.function.Consumer;
import java.util.function.Supplier;
import jugulum.core.account.Worked;
import jugulum.core.belief.Belief;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.StepId;
import jugulum.core.shop.Shop;
import jugulum.core.shop.ShopEdit;
import jugulum.core.task.Task;
import jugulum.desk.entry.Containers;
import jugulum.desk.files.FileKind;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;
import jugulum.desk.work.Outcome;

/** What panels can ask of the bench they stand at. */
public interface Desk {
  /** Sends an edit for the batch on the bench. */
  default CompletionStage<Outcome> submit(Edit edit) {
    return submit(List.of(edit));
  }

  /** Sends edits for the batch on the bench, all or none. */
  CompletionStage<Outcome> submit(List<Edit> edits);

  /** Opens the panel of a lot. */
  void openLot(LotId lot);

  /** Opens the panel of a step. */
  void openStep(StepId step);

  /** Puts a panel on top; {@link #back} returns to the one below. */
  void push(Panel panel);

  /** Returns to the panel below. */
  void back();

  /** The panel in sight has another thing at its foot. */
  void redock();

  /** How quantities are written now. */
  Supplier<Figures> figures();

  /** What texts and numbers are written in. */
  default Words words() {
    return figures().get().words();
  }

  /** What the shop owns. */
  Shop shop();

  /** The containers whose weight is remembered. */
  Containers containers();

  /** Plans the cuts of a lot. */
  void plan(LotId lot);

  /** Looks for specks in a picture of a lot. */
  void picture(LotId lot);

  /** What is open now of the batch shown. */
  List<Task> open(Worked worked);

  /** The time. */
  Instant now();

  /** Looks for what every batch and trial lets think of lots and machines. */
  void belief(Consumer<Belief> show);

  /** Changes the shop. */
  CompletionStage<Outcome> change(ShopEdit edit);

  /**
   * Asks where to put a file, writes it while the window goes on, and says what came of it.
   *
   * @param kind of what
   * @param title what its name is made of
   * @param bytes makes its content; not on the interface thread
   */
  void save(FileKind kind, String title, Supplier<byte[]> bytes);
}
