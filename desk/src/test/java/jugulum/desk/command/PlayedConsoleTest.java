package jugulum.desk.command;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import java.util.concurrent.atomic.AtomicLong;
import jugulum.desk.words.English;
import jugulum.scale.played.PlayedScale;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

class PlayedConsoleTest {
  private final AtomicLong nanos = new AtomicLong();
  private final PlayedScale scale = new PlayedScale(0.1, 5000, nanos::get, new Random(3));
  private final PlayedConsole console = new PlayedConsole(scale, English.WORDS);

  @AfterEach
  void close() {
    scale.close();
  }

  private void seconds(double seconds) {
    nanos.addAndGet((long) (seconds * 1e9));
  }

  @Test
  void whatIsPutOnItLiesThereOnceItHasSettled() {
    assertThat(console.does("put 3.4 kg")).contains("3400");
    assertThat(scale.loadG()).as("at once").isLessThan(1);
    seconds(3);
    assertThat(scale.loadG()).isCloseTo(3400, within(1e-3));
    console.does("off");
    seconds(3);
    assertThat(scale.loadG()).isCloseTo(0, within(1e-3));
  }

  @Test
  void sandIsPouredNotThrown() {
    console.does("pour 300");
    seconds(1);
    assertThat(scale.loadG()).isCloseTo(150, within(1e-6));
    seconds(5);
    assertThat(scale.loadG()).isCloseTo(300, within(1e-6));
  }

  @Test
  void itsStepIsChanged() {
    assertThat(console.does("step 1 g")).contains("1 g");
    assertThat(scale.stepG()).isEqualTo(1);
  }

  @Test
  void whatItDoesNotKnowItSaysAndDoesNothing() {
    for (String odd : new String[] {"jump", "put much", "write backwards", "step 0", "fault"}) {
      assertThat(console.does(odd))
          .as(odd)
          .contains("“" + odd + "”")
          .contains("half-lines", "unit-at-rest");
    }
    assertThat(console.does("  ")).isEmpty();
    seconds(3);
    assertThat(scale.loadG()).isZero();
  }

  @Test
  void everythingElseIsAnswered() {
    for (String line :
        new String[] {"zero", "wind 0.3", "drift 2", "write unit-at-rest", "fault half-lines"}) {
      assertThat(console.does(line)).as(line).isNotEmpty().doesNotContain("“");
    }
  }
}
