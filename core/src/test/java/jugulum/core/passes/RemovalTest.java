package jugulum.core.passes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import jugulum.core.check.OutOfRange;
import jugulum.core.passes.Removal.State;
import org.junit.jupiter.api.Test;

class RemovalTest {
  /** Computed independently with another language's numerical library from the likelihood. */
  @Test
  void threePassesThatFall() {
    Removal removal = Removal.of(List.of(77, 50, 37));
    assertThat(removal.state()).isEqualTo(State.DECLINING);
    assertThat(removal.estimate().getAsDouble()).isCloseTo(237.60, within(0.02));
    assertThat(removal.share().getAsDouble()).isCloseTo(0.3223, within(0.0001));
    assertThat(removal.low()).isCloseTo(194.6, within(0.1));
    assertThat(removal.high().getAsDouble()).isCloseTo(370.9, within(0.2));
  }

  @Test
  void whatIsLeftAndWhatTheNextPassFrees() {
    Removal removal = Removal.of(List.of(46, 21, 9));
    assertThat(removal.estimate().getAsDouble()).isCloseTo(81.96, within(0.01));
    assertThat(removal.left().getAsDouble()).isCloseTo(5.96, within(0.01));
    assertThat(removal.nextCatch().getAsDouble()).isCloseTo(3.41, within(0.01));
    assertThat(removal.low()).isCloseTo(76.4, within(0.1));
    assertThat(removal.high().getAsDouble()).isCloseTo(96.7, within(0.1));
  }

  /** C. Zippin, Journal of Wildlife Management 22 (1958), from memory: read off his chart as about 400 and 0.42. */
  @Test
  void zippinsOwnExample() {
    Removal removal = Removal.of(List.of(165, 101, 54));
    assertThat(removal.estimate().getAsDouble()).isCloseTo(394.5, within(0.1)).isCloseTo(400, within(10.0));
    assertThat(removal.share().getAsDouble()).isCloseTo(0.425, within(0.001)).isCloseTo(0.42, within(0.01));
  }

  @Test
  void catchesThatDoNotFallHaveNoUpperEnd() {
    Removal removal = Removal.of(List.of(10, 12, 9));
    assertThat(removal.state()).isEqualTo(State.NOT_DECLINING);
    assertThat(removal.high()).isEmpty();
    assertThat(Removal.of(List.of(3, 9, 20)).estimate()).isEmpty();
  }

  @Test
  void allInTheFirstPassLeavesNothing() {
    Removal removal = Removal.of(List.of(30, 0, 0));
    assertThat(removal.left().getAsDouble()).isCloseTo(0, within(1e-6));
    assertThat(removal.share().getAsDouble()).isCloseTo(1, within(1e-6));
    assertThat(removal.low()).isEqualTo(30);
  }

  @Test
  void tooLittleToTell() {
    assertThat(Removal.of(List.of(46)).state()).isEqualTo(State.TOO_FEW_PASSES);
    assertThat(Removal.of(List.of()).state()).isEqualTo(State.TOO_FEW_PASSES);
    assertThat(Removal.of(List.of(0, 0)).state()).isEqualTo(State.NOTHING_CAUGHT);
    assertThatThrownBy(() -> Removal.of(List.of(4, -1))).isInstanceOf(OutOfRange.class);
  }

  /** With a known truth the 95 % range must hold it about 95 times in a hundred. */
  @Test
  void theRangeHoldsTheTruthAsOftenAsItSays() {
    Random random = new Random(20_261_125);
    int held = 0;
    int ladders = 400;
    for (int i = 0; i < ladders; i++) {
      int left = 300;
      List<Integer> catches = new ArrayList<>();
      for (int pass = 0; pass < 4; pass++) {
        int caught = 0;
        for (int speck = 0; speck < left; speck++) {
          caught += random.nextDouble() < 0.45 ? 1 : 0;
        }
        left -= caught;
        catches.add(caught);
      }
      Removal removal = Removal.of(catches);
      held += removal.low() <= 300 && removal.high().orElse(Double.POSITIVE_INFINITY) >= 300 ? 1 : 0;
    }
    assertThat(100.0 * held / ladders).isBetween(92.0, 98.0);
  }
}
