package jugulum.desk.hands;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.ZoneOffset;
import java.util.EnumSet;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import jugulum.core.scale.ScaleView;
import jugulum.core.task.Part;
import jugulum.core.task.Task;
import jugulum.core.units.MassUnit;
import jugulum.desk.words.English;
import jugulum.desk.words.Figures;
import org.junit.jupiter.api.Test;

class HandsWordsTest {
  /** A check, a stop before heat and one thing of a turn are asked by their own texts. */
  @Test
  void everyPartHasItsQuestion() {
    for (Part.Ask ask :
        EnumSet.complementOf(EnumSet.of(Part.Ask.CHECKED, Part.Ask.STOP, Part.Ask.ACT))) {
      assertThat(English.WORDS.has("hands.ask." + ask)).as(ask.name()).isTrue();
    }
  }

  @Test
  void everythingThatIsOnlyDoneHasItsQuestion() {
    for (Task.Kind kind :
        Set.of(
            Task.Kind.START,
            Task.Kind.STOP,
            Task.Kind.FINISH_STEP,
            Task.Kind.BEGIN,
            Task.Kind.MELT_SANDS,
            Task.Kind.MELT_ROAST,
            Task.Kind.MELT_CHARGE,
            Task.Kind.MELT_START,
            Task.Kind.MELT_POUR,
            Task.Kind.MELT_CUPEL,
            Task.Kind.FINISH_LIFT,
            Task.Kind.FINISH_TURN,
            Task.Kind.CLOSE)) {
      assertThat(English.WORDS.has("hands.do." + kind)).as(kind.name()).isTrue();
    }
  }

  private static ScaleView steady(double driftG) {
    return new ScaleView(
        ScaleView.State.STEADY,
        812.4,
        812.4,
        false,
        Optional.empty(),
        1,
        true,
        OptionalDouble.of(driftG),
        Optional.empty());
  }

  @Test
  void aScaleThatMovedByItselfIsSaid() {
    Figures figures = new Figures(MassUnit.GRAM, ZoneOffset.UTC, English.WORDS);
    OptionalDouble still = OptionalDouble.of(0);
    assertThat(HandsWords.onTheScale(figures, steady(0.01), 0.01, still)).isEmpty();
    assertThat(HandsWords.onTheScale(figures, steady(-0.04), 0.01, still))
        .contains("drifts", "0.04 g");
    assertThat(HandsWords.onTheScale(figures, steady(0), 0.01, OptionalDouble.of(-0.05)))
        .contains("zero had moved", "0.05 g");
  }
}
