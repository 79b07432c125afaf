package jugulum.desk.hands;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.Set;
import jugulum.core.task.Part;
import jugulum.core.task.Task;
import jugulum.desk.words.English;
import org.junit.jupiter.api.Test;

class HandsWordsTest {
  /** A check is asked by its own text. */
  @Test
  void everyPartHasItsQuestion() {
    for (Part.Ask ask : EnumSet.complementOf(EnumSet.of(Part.Ask.CHECKED))) {
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
            Task.Kind.CLOSE)) {
      assertThat(English.WORDS.has("hands.do." + kind)).as(kind.name()).isTrue();
    }
  }
}
