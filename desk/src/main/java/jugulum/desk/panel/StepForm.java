package jugulum.desk.panel;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import jugulum.core.account.Worked;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Edit.NewLot;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.StepId;
import jugulum.core.screens.Cut;
import jugulum.core.task.Task;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.told.Told;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.TaskWords;
import jugulum.desk.words.Words;
import jugulum.desk.work.Outcome;

/** Starts a step on a lot; what differs by kind of step is in the classes below it. */
public abstract class StepForm extends Panel {
  private final Words words;
  protected final LotId lot;
  protected final Desk desk;
  private final Label error = Parts.sentence("", "entry-error");
  private Optional<Worked> worked = Optional.empty();
  private Optional<Task.Key> asked = Optional.empty();

  public StepForm(String title, LotId lot, Desk desk) {
    this.words = desk.words();
    this.lot = lot;
    this.desk = desk;
    error.setId("step-error");
    error.managedProperty().bind(error.visibleProperty());
    error.setVisible(false);
    getChildren().add(Parts.heading(title, ""));
    addEventFilter(
        KeyEvent.KEY_PRESSED,
        key -> {
          if (key.getCode() == KeyCode.ENTER && startsFrom(key.getTarget())) {
            start();
            key.consume();
          }
        });
  }

  /**
   * Enter starts the step wherever it means nothing else; fields say for themselves what it means
   * in them.
   */
  private static boolean startsFrom(Object target) {
    return target instanceof ToggleButton
        || target instanceof CheckBox
        || target instanceof ComboBox<?> list && !list.isShowing();
  }

  /** To be added last, under what the form asks. */
  protected final void addButtons(String startText) {
    getChildren()
        .addAll(
            error,
            Parts.row(
                Buttons.primary("start-step", startText, "Enter", this::start),
                Buttons.plain("back", words.of("panel.back"), "Esc", desk::back)));
  }

  /** The step to take, or nothing after {@link #refuse}. */
  protected abstract Optional<Edit.TakeStep> step(Lot lot);

  /** Starts the step. */
  protected final void start() {
    Optional<Edit.TakeStep> step =
        worked.flatMap(now -> now.network().lot(lot)).flatMap(this::step);
    if (step.isPresent() && asksFirst()) {
      return;
    }
    step.ifPresent(this::send);
  }

  /**
   * What the lot itself still asks for cannot be had once it is in the machine: the first Enter
   * says so, the next one means it.
   */
  private boolean asksFirst() {
    Optional<Task> open =
        worked.stream()
            .flatMap(
                now ->
                    desk.open(now).stream()
                        .filter(task -> task.isOf(lot) && task.isOfTheLotItself()))
            .findFirst();
    if (open.isEmpty() || open.map(Task::key).equals(asked)) {
      return false;
    }
    asked = open.map(Task::key);
    refuse(words.of("step.ask", TaskWords.text(words, open.get(), there(worked).network())));
    return true;
  }

  private void send(Edit.TakeStep step) {
    StepId next = there(worked).batch().nextStep();
    desk.submit(step)
        .thenAccept(
            outcome -> {
              switch (outcome) {
                case Outcome.Recorded _ -> desk.openStep(next);
                case Outcome.Not not -> refuse(Told.why(not, desk.figures().get()));
              }
            });
  }

  /** Says why the step cannot be started. */
  protected final void refuse(String sentence) {
    error.setText(words.of("entry.error", sentence));
    error.setVisible(true);
  }

  protected final Edit.TakeStep take(Process process, List<LotId> inputs, List<NewLot> outputs) {
    error.setVisible(false);
    return new Edit.TakeStep(process, inputs, outputs);
  }

  protected static NewLot made(Material material, Cut cut) {
    return new NewLot(material, cut, "");
  }

  @Override
  public void show(Worked now, Figures figures) {
    worked = Optional.of(now);
    Lot taken = there(now.network().lot(lot));
    ((Label) ((HBox) getChildren().getFirst()).getChildren().get(1))
        .setText(Sentences.lot(words, taken));
    update(now, taken);
  }

  /** Shows what depends on the batch. */
  protected void update(Worked now, Lot taken) {}

  @Override
  public boolean fits(Worked now) {
    return now.network().lot(lot).isPresent() && now.network().taker(lot).isEmpty();
  }

  @Override
  public Object key() {
    return List.of(getClass(), lot);
  }

  @Override
  public void focusFirst() {
    lookup("#start-step").requestFocus();
  }
}
