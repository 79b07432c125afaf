package jugulum.desk.machine;

import java.util.List;
import javafx.scene.layout.VBox;
import jugulum.core.account.Worked;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Step;
import jugulum.core.ledger.StepId;
import jugulum.core.machine.Sheet;
import jugulum.core.machine.Symptom;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.panel.Desk;
import jugulum.desk.panel.Panel;
import jugulum.desk.words.Figures;
import jugulum.desk.words.SheetWords;
import jugulum.desk.words.Words;
import jugulum.desk.work.Outcome;

/** Something looks wrong: what one sees, what may be behind it, and a note of what was done. */
final class WrongPanel extends Panel {
  private final Words words;
  private final StepId step;
  private final Desk desk;
  private final VBox seen = new VBox(6);
  private final VBox causes = new VBox(8);

  WrongPanel(StepId step, Sheet sheet, Desk desk) {
    this.words = desk.words();
    this.step = step;
    this.desk = desk;
    sheet
        .symptoms()
        .forEach(
            one ->
                seen.getChildren()
                    .add(
                        Buttons.chip(
                            "symptom-" + one.id(),
                            SheetWords.symptom(words, one.id()),
                            () -> show(one))));
    causes.setId("causes");
    getChildren()
        .addAll(
            Parts.heading(words.of("wrong.title"), words.of("machine", sheet.kind())),
            RightBox.of(words, sheet.kind()),
            Parts.sentence(words.of("wrong.about"), "muted"),
            seen,
            causes,
            Buttons.quiet("back", words.of("panel.back"), "Esc", desk::back));
  }

  private void show(Symptom symptom) {
    causes.getChildren().setAll(Parts.section(SheetWords.symptom(words, symptom.id())));
    for (String cause : symptom.causes()) {
      VBox remedy = Parts.advice("water", "", SheetWords.cause(words, cause));
      remedy
          .getChildren()
          .add(
              Buttons.plain("did-" + cause, words.of("wrong.did"), "", () -> note(symptom, cause)));
      causes.getChildren().add(remedy);
    }
    causes.lookup("#did-" + symptom.causes().getFirst()).requestFocus();
  }

  private void note(Symptom symptom, String cause) {
    desk.submit(
            new Edit.AddNote(
                step,
                words.of(
                    "wrong.note",
                    SheetWords.symptom(words, symptom.id()),
                    SheetWords.cause(words, cause))))
        .thenAccept(
            outcome -> {
              if (outcome instanceof Outcome.Recorded) {
                desk.back();
              }
            });
  }

  @Override
  public void show(Worked worked, Figures figures) {}

  @Override
  public boolean fits(Worked worked) {
    return worked.batch().step(step).filter(Step::isLive).isPresent() && !worked.batch().closed();
  }

  @Override
  public void focusFirst() {
    seen.getChildren().getFirst().requestFocus();
  }

  @Override
  public Object key() {
    return List.of(step, "wrong");
  }
}
