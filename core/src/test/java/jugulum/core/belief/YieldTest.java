package jugulum.core.belief;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import jugulum.core.check.Band;
import org.junit.jupiter.api.Test;

class YieldTest {
  /**
   * R(1) is the usual recovery of common practice, R(½) its low end, and gold far faster than the
   * sand is won as well as any: by definition.
   */
  @Test
  void theYieldOfAMachineHangsOnTheRatioOfSpeeds() {
    Yield yield = Yield.of(new Band(0.5, 0.75, 0.95));
    assertThat(yield.share(1)).isCloseTo(0.75, within(1e-9));
    assertThat(yield.share(0.5)).isCloseTo(0.5, within(1e-9));
    assertThat(yield.share(1e9)).isCloseTo(0.95, within(1e-6));
    assertThat(yield.share(0.05)).isLessThan(0.1);
    for (double ratio = 0.1; ratio < 10; ratio *= 1.2) {
      assertThat(yield.share(ratio * 1.2)).isGreaterThan(yield.share(ratio));
    }
  }
}
