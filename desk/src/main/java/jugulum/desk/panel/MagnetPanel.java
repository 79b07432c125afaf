package jugulum.desk.panel;

import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import jugulum.core.gold.Evidence;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Step;
import jugulum.core.ledger.StepId;
import jugulum.core.passes.Removal;
import jugulum.core.specks.SpeckMass;
import jugulum.desk.entry.Buttons;
import jugulum.desk.entry.PassForm;
import jugulum.desk.entry.RecordBox;
import jugulum.desk.workbench.Worked;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/** A magnet in staged passes: what each freed, and what is probably still caught. */
final class MagnetPanel extends StepPanel {
  private PassList passes;
  private VBox trapped;
  private PassForm form;
  private RecordBox record;

  MagnetPanel(StepId step, Desk desk) {
    super(step, desk);
  }

  @Override
  protected List<VBox> own() {
    passes = new PassList(reading -> desk.push(new CorrectPanel(reading, desk)));
    trapped = new VBox(4);
    trapped.setId("trapped");
    form = new PassForm(desk.figures());
    record =
        new RecordBox("record-pass", Words.of("pass.record", "1"), form, measure -> desk.submit(new Edit.RecordOnStep(step, measure)))
            .with(Buttons.plain("count-speck", Words.of("pass.count"), "C", form::countOne));
    VBox table = new VBox(passes);
    return List.of(table, trapped, record, Parts.advice("caution", "", Words.of("caution.magnet")));
  }

  @Override
  protected List<VBox> ownEntry() {
    return List.of(record);
  }

  @Override
  protected void showOwn(Worked worked, Step now, Figures figures) {
    passes.show(now.readings(), figures, !worked.batch().closed());
    trapped.getChildren().clear();
    int made = now.passes().size();
    if (made > 0) {
      showTrapped(worked, now, figures);
    }
    form.from(made == 0 ? Measure.Pass.From.SAND : Measure.Pass.From.HEAP);
    record.label(Words.of("pass.record", Integer.toString(made + 1)));
  }

  private void showTrapped(Worked worked, Step now, Figures figures) {
    Removal removal = Evidence.removal(now);
    switch (removal.state()) {
      case TOO_FEW_PASSES, NOTHING_CAUGHT, NOT_DECLINING -> trapped.getChildren().add(Parts.advice("idle", "", Words.of("trapped", removal.state())));
      case DECLINING -> {
        double left = removal.left().orElse(0);
        var cut = worked.network().lot(now.inputs().getFirst()).orElseThrow().cut();
        var given = worked.batch().assumptions();
        double speckMg = SpeckMass.meanMg(cut, given.flatness(), given.goldDensity());
        Label about = Parts.styled(new Label(Words.of("trapped.specks", Figures.fixed(left, 0))), "trapped");
        String range = Words.of("trapped.range", Figures.fixed(removal.leftLow(), 0), Figures.fixed(removal.leftHigh().orElse(left), 0));
        trapped
            .getChildren()
            .addAll(
                Parts.row(about, Parts.styled(new Label(range), "muted")),
                Parts.sentence(Words.of("trapped.mass", figures.gold(left * speckMg))),
                Parts.sentence(Words.of("trapped.next", Figures.fixed(removal.nextCatch().orElse(0), 1)), "muted"));
      }
    }
  }

  @Override
  public void focusFirst() {
    form.fields().getFirst().field().requestFocus();
  }
}
