package jugulum.core.scale;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import jugulum.core.simulated.Spoilt;
import org.junit.jupiter.api.Test;

/** Whatever a wire brings: it is a weight, or none. */
class ScaleFuzzTest {
  private static final List<String> LINES =
      List.of(
          "ST,GS,+  12.50 g",
          "US,GS,+  12.51 g",
          "ST,GS,+ 112.50 g",
          "ST,NT,+   2.50 g",
          "ST,GS,+  13.00 g",
          "ST,GS,-   0.50 g",
          "ST,GS,+  12.50 g");

  @Test
  void linesOfAnyKindAreLearntFromAndHeard() {
    Random random = new Random(Spoilt.SEED);
    int learnt = 0;
    for (int i = 0; i < Spoilt.MANY / 4; i++) {
      List<String> sent = new ArrayList<>();
      for (String line : LINES) {
        sent.add(random.nextInt(3) == 0 ? Spoilt.one(line, random) : line);
      }
      Optional<Learning> learning = Learning.from(sent);
      for (Learning one : learning.stream().toList()) {
        learnt++;
        sent.forEach(
            line -> {
              assertThat(one.dialect().hear(line)).as(line).isNotNull();
              if (!Dialect.isGarbled(line)) {
                assertThat(Learning.pieces(line, one.dialect())).as(line).isNotNull();
              }
            });
      }
    }
    assertThat(learnt).as("of which something was learnt").isPositive();
  }

  /** A serial number of twenty digits is no weight, and no step is worked out of it. */
  @Test
  void aNumberOfTwentyDigitsIsNoWeight() {
    List<String> sent = new ArrayList<>();
    for (int i = 0; i < 6; i++) {
      sent.add("SN 9223372036854775808" + i + "1 ST 1" + i + ".5 g");
    }
    Learning learning = Learning.from(sent).orElseThrow();
    assertThat(learning.stepG()).hasValue(0.5);
    assertThat(
            Learning.from(List.of("99999999999999999999", "99999999999999999998", "1", "2", "3")))
        .isEmpty();
  }
}
