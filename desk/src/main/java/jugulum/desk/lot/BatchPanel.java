package jugulum.desk.lot;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import jugulum.core.account.Worked;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Label;
import jugulum.desk.batch.AssumptionsForm;
import jugulum.desk.batch.LabelForm;
import jugulum.desk.entry.EntryField;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.panel.Desk;
import jugulum.desk.panel.Panel;
import jugulum.desk.told.Told;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;
import jugulum.desk.work.Outcome;

/** What is written on the bucket, and what is taken as given for this batch. */
final class BatchPanel extends Panel {
  @Prologue private final Words words;
  private final Desk desk;
  private final LabelForm label = new LabelForm(words);
  private final AssumptionsForm given = new AssumptionsForm(words);
  private final RouteBox route;
  private Optional<Batch> filled = Optional.empty();

  BatchPanel(Desk desk) {
    this.words = desk.words();
    super();
    this.desk = desk;
    this.route = new RouteBox(desk);
    getChildren()
        .addAll(
            Parts.heading(words.of("batch.title"), ""),
            label.inColumn(),
            route,
            Parts.section(words.of("batch.given")),
            Parts.sentence(words.of("batch.given.about"), "muted"),
            given.inColumn(),
            Parts.row(
                Buttons.primary("change-batch", words.of("batch.change"), "Enter", this::change),
                Buttons.plain("back", words.of("panel.back"), "Esc", desk::back)));
    Stream.concat(label.fields().stream(), given.fields().stream())
        .map(EntryField::field)
        .forEach(field -> field.setOnAction(_ -> change()));
  }

  /** Sends only what differs, so that undo takes back what was changed and no more. */
  private void change() {
    Batch batch = there(filled);
    Optional<Label> written = label.read();
    Optional<Assumptions> assumed = written.flatMap(_ -> given.read(batch.assumptions()));
    if (assumed.isEmpty()) {
      return;
    }
    List<Edit> edits = new ArrayList<>();
    written
        .filter(one -> !one.equals(batch.label()))
        .ifPresent(one -> edits.add(new Edit.Relabel(one)));
    assumed
        .filter(one -> !one.equals(batch.assumptions()))
        .ifPresent(one -> edits.add(new Edit.Assume(one)));
    if (edits.isEmpty()) {
      desk.back();
      return;
    }
    desk.submit(edits)
        .thenAccept(
            outcome -> {
              switch (outcome) {
                case Outcome.Recorded _ -> desk.back();
                case Outcome.Not not -> label.refuse(Told.why(not, desk.figures().get()));
              }
            });
  }

  @Override
  public void show(Worked worked, Figures figures) {
    if (filled.isEmpty()) {
      label.fill(worked.batch().label());
      given.fill(worked.batch().assumptions());
    }
    filled = Optional.of(worked.batch());
    route.show(worked);
  }

  @Override
  public boolean fits(Worked worked) {
    return filled.isEmpty() || filled.get().id().equals(worked.batch().id());
  }

  @Override
  public void focusFirst() {
    label.fields().getFirst().field().requestFocus();
  }

  @Override
  public Object key() {
    return BatchPanel.class;
  }
}
