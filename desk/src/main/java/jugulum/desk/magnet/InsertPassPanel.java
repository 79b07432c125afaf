package jugulum.desk.magnet;

import jugulum.core.account.Worked;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Reading;
import jugulum.core.ledger.ReadingId;
import jugulum.core.ledger.StepId;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.measure.PassForm;
import jugulum.desk.measure.RecordBox;
import jugulum.desk.panel.Desk;
import jugulum.desk.panel.Panel;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/** Puts a pass that was forgotten before another one. */
final class InsertPassPanel extends Panel {
  private final Words words;
  private final StepId step;
  private final Reading before;
  private final PassForm form;
  private final RecordBox box;

  /** The form is set up once: what a person chose since then stays. */
  private boolean asked;

  InsertPassPanel(StepId step, Reading before, Desk desk) {
    this.words = desk.words();
    this.step = step;
    this.before = before;
    form = new PassForm(desk.figures(), desk.shop().magnets());
    box =
        new RecordBox(
                "insert-record",
                words.of("insert.record"),
                form,
                measure -> desk.submit(new Edit.InsertOnStep(step, before.id(), measure)))
            .with(Buttons.plain("tell-more", words.of("pass.more"), "H", form::tellMore))
            .then(desk::back);
    getChildren()
        .addAll(
            Parts.heading(words.of("insert.title"), ""),
            Parts.sentence(words.of("insert.about"), "muted"),
            box,
            Buttons.quiet("back", words.of("panel.back"), "Esc", desk::back));
  }

  @Override
  public void show(Worked worked, Figures figures) {
    if (asked) {
      return;
    }
    asked = true;
    boolean first =
        worked
            .batch()
            .step(step)
            .filter(now -> now.readings().getFirst().equals(before))
            .isPresent();
    form.from(first ? Measure.Pass.From.SAND : Measure.Pass.From.HEAP);
  }

  @Override
  public boolean fits(Worked worked) {
    return worked.batch().readings().anyMatch(one -> one.id().equals(before.id()));
  }

  @Override
  public void focusFirst() {
    box.form().fields().getFirst().field().requestFocus();
  }

  @Override
  public Object key() {
    return new Before(before.id());
  }

  private record Before(ReadingId reading) {}
}
