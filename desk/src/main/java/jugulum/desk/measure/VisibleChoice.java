package jugulum.desk.measure;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import jugulum.core.ledger.Measure.VisibleGold;
import jugulum.core.ledger.Measure.VisibleGold.State;
import jugulum.core.units.MassText;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.entry.Parsers;
import jugulum.desk.kit.Choices;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/**
 * Asks what became of the gold one could see in a sample: it decides of which gold the result
 * speaks.
 */
public final class VisibleChoice extends VBox {
  private final Words words;
  private final ComboBox<State> state;
  private final EntryField<MassText.Mass> taken;
  private final EntryField<MassText.Mass> from;
  private final EntryField<MassText.Mass> to;

  /**
   * Whether what is shown was recorded without a word on visible gold, and nobody has chosen since.
   */
  private boolean untold;

  /** Makes a choice that claims nothing until somebody chooses: left in, or nobody looked. */
  public VisibleChoice(String id, Supplier<Figures> figures) {
    this.words = figures.get().words();
    getStyleClass().add("form");
    state =
        Choices.of(
            id, words.of("form.visible"), List.of(State.values()), one -> words.of("visible", one));
    taken = gold(id + "-mass", "form.visible.mass", "form.visible.mass.hint", figures);
    from = gold(id + "-from", "form.visible.judged", "form.visible.judged.hint", figures);
    to = gold(id + "-to", "form.visible.judged.to", "form.visible.mass.hint", figures);
    FieldRow judged = new FieldRow(List.of(from, to));
    taken.managedProperty().bind(taken.visibleProperty());
    taken.visibleProperty().bind(state.valueProperty().map(State::isWeighed));
    judged.managedProperty().bind(judged.visibleProperty());
    judged.visibleProperty().bind(state.valueProperty().isEqualTo(State.JUDGED));
    state.valueProperty().addListener((_, _, _) -> untold = false);
    state.setValue(State.LEFT_IN);
    Label asked = new Label(words.of("form.visible"));
    asked.getStyleClass().add("entry-label");
    asked.setLabelFor(state);
    getChildren().addAll(new VBox(3, asked, state), taken, judged);
  }

  private static EntryField<MassText.Mass> gold(
      String id, String key, String hint, Supplier<Figures> figures) {
    return new EntryField<>(
        figures.get().words(),
        id,
        figures.get().words().of(key),
        figures.get().words().of(hint),
        typed ->
            Parsers.gold(figures.get().words(), MeasureForm.smallGoldUnit(figures.get()))
                .apply(typed));
  }

  /** The fields in order; which are in sight depends on what is chosen. */
  public Stream<EntryField<?>> fields() {
    return Stream.of(taken, from, to);
  }

  /**
   * What was chosen, nothing inside where nobody said then or now; nothing outside after saying at
   * the field what is wrong.
   */
  public Optional<Optional<VisibleGold>> read() {
    State chosen = state.getValue();
    if (untold) {
      return Optional.of(Optional.empty());
    }
    return switch (chosen) {
      case TAKEN_BEFORE, TAKEN_AFTER ->
          taken.read().map(mass -> Optional.of(new VisibleGold(chosen, mass.milligrams())));
      case JUDGED ->
          from.read()
              .flatMap(
                  least ->
                      to.read().flatMap(most -> judged(least.milligrams(), most.milligrams())));
      case NONE_SEEN, LEFT_IN -> Optional.of(Optional.of(new VisibleGold(chosen, 0)));
    };
  }

  private Optional<Optional<VisibleGold>> judged(double leastMg, double mostMg) {
    if (mostMg < leastMg) {
      to.refuse(words.of("form.visible.judged.order"));
      return Optional.empty();
    }
    return Optional.of(Optional.of(VisibleGold.judged(leastMg, mostMg)));
  }

  void fill(VisibleGold visible) {
    state.setValue(visible.state());
    if (visible.state().isWeighed()) {
      MeasureForm.putMilligrams(words, taken, visible.milligrams());
    }
    visible
        .upToMg()
        .ifPresent(
            most -> {
              MeasureForm.putMilligrams(words, from, visible.milligrams());
              MeasureForm.putMilligrams(words, to, most);
            });
  }

  /** Nobody said: shown as left in, and recorded as it was unless somebody chooses. */
  void fillUntold() {
    state.setValue(State.LEFT_IN);
    untold = true;
  }

  /** As it was at first. */
  public void clear() {
    fill(VisibleGold.LEFT);
  }
}
