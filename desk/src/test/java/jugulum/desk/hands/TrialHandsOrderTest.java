package jugulum.desk.hands;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Optional;
import jugulum.book.Books;
import jugulum.book.stream.Writer;
import jugulum.core.trial.Trial;
import jugulum.core.trial.TrialId;
import jugulum.core.trial.Turn;
import jugulum.desk.DemoBooks;
import jugulum.desk.follow.Trials;
import jugulum.desk.preference.BenchMemory;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.Languages;
import jugulum.desk.work.HandDriven;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Keys pressed while an answer of a trial is being written. */
class TrialHandsOrderTest {
  private static final Clock CLOCK =
      Clock.fixed(Instant.parse("2026-05-04T08:00:00Z"), ZoneOffset.UTC);

  @TempDir private Path folder;
  private final HandDriven bookThread = new HandDriven();
  private final HandDriven window = new HandDriven();
  private Workbench bench;
  private TrialHands hands;
  private TrialId id;

  @BeforeEach
  void beginATrial() {
    Path book = DemoBooks.demo(folder.resolve("demo.book"));
    bench =
        Workbench.of(
            Books.open(book, Writer.unnamed(CLOCK)),
            BenchMemory.untilTheEnd(),
            Languages.english(),
            bookThread,
            window);
    bench.trials().read();
    drain();
    id =
        bench.trials().all().get().stream()
            .map(Trials.Shown::trial)
            .filter(trial -> !trial.closed() && trial.turn() instanceof Turn.Run)
            .findFirst()
            .orElseThrow()
            .id();
    hands = new TrialHands(bench, () -> Optional.of(id), () -> {});
    hands.begin();
  }

  private void drain() {
    while (bookThread.step() || window.step() || bench.work().isBusy()) {
      // until nobody has anything left to do
    }
  }

  private Trial trial() {
    return bench.trials().of(id).orElseThrow().trial();
  }

  /** Says what waits to every question of what is next. */
  private void answer() {
    while (hands.asked().isPresent()) {
      hands.take();
    }
  }

  @Test
  void backTakesBackWhatIsBeingWrittenAndNothingBefore() {
    answer();
    drain();
    Trial run = trial();
    assertThat(run.turn()).isInstanceOf(Turn.Look.class);
    answer();
    hands.back();
    drain();
    assertThat(trial()).as("the look is gone, the run stands").isEqualTo(run);
  }

  @Test
  void backTwiceTakesNoMoreThanWasWritten() {
    Trial before = trial();
    answer();
    hands.back();
    hands.back();
    drain();
    assertThat(trial()).isEqualTo(before);
    assertThat(hands.took()).isEmpty();
  }
}
