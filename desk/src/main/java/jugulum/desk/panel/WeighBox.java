package jugulum.desk.panel;

import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.measure.RecordBox;
import jugulum.desk.measure.SandWeightForm;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/** Weighs a lot: a bowl of it, the same bowl again, or another bowl that is added to it. */
public final class WeighBox extends VBox {
  private final Words words;
  private final Supplier<Optional<Lot>> lot;
  private final SandWeightForm form;
  private final RecordBox box;
  private final Label target = Parts.sentence("", "in-hand-text");
  private Optional<LotId> shown = Optional.empty();

  /**
   * Makes the box.
   *
   * @param id the id of the button that records
   * @param text what that button says
   * @param desk takes the weight
   * @param lot the lot on the scale
   */
  public WeighBox(String id, String text, Desk desk, Supplier<Optional<Lot>> lot) {
    this.words = desk.words();
    this.lot = lot;
    this.form = new SandWeightForm(desk.figures(), desk.containers());
    this.box =
        new RecordBox(
                id,
                text,
                form,
                measure -> desk.submit(new Edit.RecordOnLot(lot.get().orElseThrow().id(), measure)))
            .with(Buttons.plain("another-bowl", words.of("weigh.another"), "A", this::another));
    getStyleClass().add("weigh-box");
    target.setId("weigh-target");
    getChildren().addAll(target, box);
  }

  /** Runs after a weight was recorded and the lot is done. */
  public WeighBox then(Runnable what) {
    box.then(
        () -> {
          form.forBowl(1);
          what.run();
          tell();
        });
    return this;
  }

  RecordBox box() {
    return box;
  }

  /** A weight typed is recorded first; the next one is of another bowl of the same lot. */
  private void another() {
    if (form.isFilled()) {
      box.recordThen(this::nextBowl);
    } else {
      nextBowl();
    }
  }

  private void nextBowl() {
    form.forBowl(
        lot.get()
            .filter(now -> !now.bowls().isEmpty())
            .map(now -> now.bowls().lastKey() + 1)
            .orElse(1));
    tell();
    focus();
  }

  /** Says what is on the scale; another lot starts with its first bowl. */
  public void tell() {
    Optional<LotId> now = lot.get().map(Lot::id);
    if (!now.equals(shown)) {
      shown = now;
      form.forBowl(1);
    }
    target.setText(lot.get().map(this::target).orElse(""));
  }

  private String target(Lot now) {
    String name = Sentences.lot(words, now);
    if (form.bowl() > 1) {
      return words.of("weigh.target.bowl", name, Integer.toString(form.bowl()));
    }
    return words.of(now.bowls().isEmpty() ? "outputs.target" : "weigh.target.again", name);
  }

  void focus() {
    form.fields().getFirst().field().requestFocus();
  }
}
