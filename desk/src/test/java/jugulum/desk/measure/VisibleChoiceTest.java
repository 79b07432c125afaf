package jugulum.desk.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.VBox;
import jugulum.core.ledger.Measure.VisibleGold;
import jugulum.core.ledger.Measure.VisibleGold.State;
import jugulum.core.units.MassUnit;
import jugulum.desk.entry.EntryField;
import jugulum.desk.words.English;
import jugulum.desk.words.Figures;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.framework.junit5.ApplicationExtension;

@ExtendWith(ApplicationExtension.class)
class VisibleChoiceTest {
  private VisibleChoice choice;

  /** Not before the toolkit runs. */
  @BeforeEach
  void make() {
    choice = new VisibleChoice("seen", () -> new Figures(MassUnit.GRAM, English.WORDS));
  }

  private List<EntryField<?>> fields() {
    return choice.fields().toList();
  }

  @SuppressWarnings("unchecked")
  private void choose(State state) {
    VBox asked = (VBox) choice.getChildren().getFirst();
    ((ComboBox<State>) asked.getChildren().getLast()).setValue(state);
  }

  @Test
  void nothingIsClaimedUntilSomebodyChooses() {
    assertThat(choice.read()).contains(Optional.of(VisibleGold.LEFT));
    choose(State.NONE_SEEN);
    assertThat(choice.read()).contains(Optional.of(new VisibleGold(State.NONE_SEEN, 0)));
    choice.clear();
    assertThat(choice.read())
        .as("emptied, nothing is claimed either")
        .contains(Optional.of(VisibleGold.LEFT));
  }

  /**
   * A reading of before said nothing of visible gold, and says nothing when it is opened and
   * closed.
   */
  @Test
  void whatNobodySaidStaysUnsaidUntilSomebodyChooses() {
    choice.fillUntold();
    assertThat(choice.read()).contains(Optional.empty());
    choose(State.NONE_SEEN);
    assertThat(choice.read().orElseThrow()).isPresent();
  }

  @Test
  void aJudgementHasTwoEndsInOrder() {
    choose(State.JUDGED);
    assertThat(choice.read()).as("both ends are asked for").isEmpty();
    fields().get(1).fill("0.9");
    fields().get(2).fill("0.3");
    assertThat(choice.read()).isEmpty();
    fields().get(2).fill("1.4 mg");
    assertThat(choice.read()).contains(Optional.of(VisibleGold.judged(0.9, 1.4)));
  }
}
