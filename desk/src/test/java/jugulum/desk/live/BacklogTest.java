package jugulum.desk.live;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class BacklogTest {
  /** Fifty megabytes of lines in twenty seconds, and nobody who looks. */
  @Test
  void aFloodCallsOnceAndLeavesTheNewest() {
    Backlog<Integer> backlog = new Backlog<>(200);
    long calls = IntStream.range(0, 100_000).filter(backlog::add).count();
    assertThat(calls).isEqualTo(1);
    assertThat(backlog.takeAll()).isEqualTo(IntStream.range(99_800, 100_000).boxed().toList());
    assertThat(backlog.takeAll()).isEmpty();
    assertThat(backlog.add(7)).as("it is called again").isTrue();
  }
}
