package jugulum.desk.view;

import java.util.List;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.StepId;
import jugulum.core.screens.Screen;
import jugulum.core.trial.TrialId;

/** The ways from one view to another; every view is given them. */
public interface Navigation {
  /** Shows a view. */
  void show(View view);

  /** Puts a batch on the bench and shows it. */
  void open(BatchId batch);

  /** Opens a lot of the batch on the bench. */
  void openLot(LotId lot);

  /** Opens a step of the batch on the bench. */
  void openStep(StepId step);

  /** Opens a lot of any batch. */
  void openLot(BatchId batch, LotId lot);

  /** Opens a step of any batch. */
  void openStep(BatchId batch, StepId step);

  /** Plans the cuts of a lot of the batch on the bench. */
  void plan(LotId lot);

  /** Looks for specks in a picture of a lot of the batch on the bench. */
  void picture(LotId lot);

  /** Looks for specks in a picture for some use. */
  void picture(PictureUse use);

  /** Screens a lot of the batch on the bench with a stack. */
  void screen(LotId lot, List<Screen> stack);

  /** Shows what is known of a source. */
  void openSource(String source);

  /** Shows what a machine has shown in the runs of all batches. */
  void openRecord(Machine machine);

  /** Shows a trial. */
  void openTrial(TrialId trial);

  /** Shows the page on which a scale is learnt. */
  void learnScale();

  /** Shows the page that asks somebody new what he owns. */
  void sayGear();

  /** Shows the form that starts a batch. */
  void startBatch();

  /** Looks for something in the whole book. */
  void find();

  /** Writes the batch on the bench to files. */
  void exportBatch();

  /** Reads a batch in from a file. */
  void importBatch();
}
