package jugulum.desk.entry;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.VBox;
import jugulum.core.ledger.Measure.VisibleGold;
import jugulum.core.ledger.Measure.VisibleGold.State;
import jugulum.core.units.MassText;
import jugulum.core.units.MassUnit;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/** Asks what became of the gold one could see in a sample: left in, it spoils an assay. */
final class VisibleChoice extends VBox {
  private final ComboBox<State> state;
  private final EntryField<MassText.Mass> taken;

  VisibleChoice(String id, Supplier<Figures> figures) {
    getStyleClass().add("form");
    state = Choices.of(id, Words.of("form.visible"), List.of(State.values()), one -> Words.of("visible", one));
    taken = new EntryField<>(id + "-mass", Words.of("form.visible.mass"), Words.of("form.visible.mass.hint"), typed -> Parsers.gold(figures.get().unit() == MassUnit.GRAM ? MassUnit.MILLIGRAM : figures.get().unit()).apply(typed));
    taken.managedProperty().bind(taken.visibleProperty());
    taken.visibleProperty().bind(state.valueProperty().map(State::isWeighed));
    getChildren().addAll(state, taken);
  }

  EntryField<?> mass() {
    return taken;
  }

  /** What was chosen, or nothing after saying at the field what is wrong. */
  Optional<VisibleGold> read() {
    State chosen = state.getValue();
    return chosen.isWeighed() ? taken.read().map(mass -> new VisibleGold(chosen, mass.grams() * 1000)) : Optional.of(new VisibleGold(chosen, 0));
  }

  void fill(VisibleGold visible) {
    state.setValue(visible.state());
    taken.fill(visible.state().isWeighed() ? Figures.plain(visible.milligrams()) + " " + MassUnit.MILLIGRAM.sign() : "");
  }

  void clear() {
    fill(new VisibleGold(State.NONE_SEEN, 0));
  }
}
