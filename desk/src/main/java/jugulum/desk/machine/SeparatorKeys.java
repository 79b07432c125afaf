package jugulum.desk.machine;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.layout.VBox;
import jugulum.core.account.Worked;
import jugulum.core.ledger.Step;
import jugulum.core.ledger.StepId;
import jugulum.core.machine.Gear;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.panel.Desk;

/**
 * The keys of a magnet that is a machine: started and stopped, its sheet, what looks wrong. Out of
 * sight where nobody said which machine it was.
 */
public final class SeparatorKeys extends VBox {
  private final StepId step;
  private final Desk desk;
  private final RunBox run;
  private Optional<Gear> gear = Optional.empty();

  /** Makes the keys of a step. */
  public SeparatorKeys(StepId step, Desk desk) {
    super(6);
    this.step = step;
    this.desk = desk;
    setId("separator-keys");
    Button wrong =
        Buttons.plain(
            "looks-wrong",
            desk.words().of("sheet.wrong"),
            "X",
            () -> gear.ifPresent(one -> desk.push(new WrongPanel(step, one.sheet(), desk))));
    Button sheet =
        Buttons.plain(
            "bench-sheet",
            desk.words().of("sheet.open"),
            "B",
            () ->
                gear.ifPresent(
                    one -> desk.push(new SheetPanel(step, one.sheet().checks(), one, desk))));
    run = new RunBox(step, desk, List.of(wrong), List.of(sheet));
    getChildren().add(run);
  }

  /** Shows a step. */
  public void show(Worked worked) {
    gear =
        worked
            .batch()
            .step(step)
            .map(Step::process)
            .flatMap(process -> process.on())
            .map(desk.shop()::gear);
    Parts.shown(this, gear.isPresent());
    if (gear.isPresent()) {
      run.show(worked, false);
    }
  }

  /** Shows what the time is to the run. */
  public void tick(Instant now) {
    if (gear.isPresent()) {
      run.tick(now);
    }
  }
}
