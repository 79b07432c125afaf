package jugulum.desk.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * Work off the interface thread, moved on by hand: it can be stopped, tells how far it is, and
 * whatever fails is said.
 */
class WorkTest {
  @TempDir private Path folder;

  private final HandDriven bookThread = new HandDriven();
  private final HandDriven window = new HandDriven();

  private Notices notices() {
    return new Notices(folder.resolve("a.book"), Clock.systemUTC());
  }

  private Work work(Notices notices) {
    return new Work(bookThread, Runnable::run, window, notices);
  }

  private void drain() {
    while (bookThread.step() || window.step()) {
      // until nobody has anything left to do
    }
  }

  private static List<Integer> parts(int number) {
    return IntStream.range(0, number).boxed().toList();
  }

  @Test
  void longWorkTellsHowFarItIsAndEnds() {
    Work work = work(notices());
    List<Integer> seen = new ArrayList<>();
    List<Integer> told = new ArrayList<>();
    AtomicInteger done = new AtomicInteger();
    work.progress().addListener((_, _, now) -> now.ifPresent(one -> told.add(one.done())));
    work.steps(LongWork.RUNS, () -> parts(5), part -> part * 10, seen::add, done::incrementAndGet);
    drain();
    assertThat(seen).containsExactly(0, 10, 20, 30, 40);
    assertThat(told).containsExactly(0, 1, 2, 3, 4);
    assertThat(done).hasValue(1);
    assertThat(work.progress().get()).isEmpty();
  }

  @Test
  void longWorkIsStoppedBetweenTwoSteps() {
    Work work = work(notices());
    List<Integer> seen = new ArrayList<>();
    AtomicInteger done = new AtomicInteger();
    work.steps(LongWork.VERIFY, () -> parts(50), part -> part, seen::add, done::incrementAndGet);
    for (int i = 0; i < 8; i++) {
      bookThread.step();
      window.step();
    }
    assertThat(work.progress().get()).map(Work.Progress::of).contains(50);
    work.stopLongWork();
    drain();
    assertThat(seen).hasSizeBetween(5, 9);
    assertThat(done).hasValue(0);
    assertThat(work.progress().get()).isEmpty();
  }

  @Test
  void aStepThatFailsIsSaidAndEndsTheWork() {
    Notices notices = notices();
    Work work = work(notices);
    AtomicInteger done = new AtomicInteger();
    List<Integer> seen = new ArrayList<>();
    work.steps(
        LongWork.RUNS, () -> parts(9), part -> 12 / (3 - part), seen::add, done::incrementAndGet);
    drain();
    assertThat(notices.notice().get())
        .isInstanceOfSatisfying(
            Notice.Failed.class,
            failed -> {
              assertThat(failed.failure().cause()).isInstanceOf(ArithmeticException.class);
              assertThat(failed.failure().writtenDown()).isPresent();
            });
    assertThat(seen).containsExactly(4, 6, 12);
    assertThat(done).hasValue(0);
    assertThat(work.progress().get()).isEmpty();
  }

  @Test
  void whatCannotBeShownIsSaidToo() {
    Notices notices = notices();
    work(notices)
        .run(
            () -> 1,
            _ -> {
              throw new IllegalStateException("no such place in the window");
            });
    drain();
    assertThat(notices.notice().get()).isInstanceOf(Notice.Failed.class);
  }

  /**
   * Three questions before the first is worked out: one answer, and the one under way is told that
   * nobody wants it.
   */
  @Test
  void onlyWhatWasAskedLastIsAnswered() {
    Latest latest = work(notices()).latest();
    List<String> worked = new ArrayList<>();
    List<String> shown = new ArrayList<>();
    for (String question : List.of("a", "b", "c")) {
      latest.ask(
          _ -> {
            worked.add(question);
            return question;
          },
          shown::add);
    }
    drain();
    assertThat(worked).containsExactly("c");
    assertThat(shown).containsExactly("c");
    List<BooleanSupplier> over = new ArrayList<>();
    latest.ask(
        isOver -> {
          over.add(isOver);
          return "d";
        },
        shown::add);
    bookThread.step();
    latest.drop();
    drain();
    assertThat(over.getFirst().getAsBoolean()).isTrue();
    assertThat(shown).as("nobody wants d any more").containsExactly("c");
  }

  /** An outcome that fails is told on the interface thread, whoever finds out first. */
  @Test
  void aFailureIsToldOnTheInterfaceThread() {
    Work work = work(notices());
    CompletableFuture<Outcome> outcome =
        work.<Integer>outcome(
                () -> {
                  throw new IllegalStateException("the disk is gone");
                },
                _ -> CompletableFuture.completedFuture(new Outcome.Recorded()))
            .toCompletableFuture();
    Optional<Outcome> before = Optional.ofNullable(outcome.getNow(null));
    bookThread.step();
    assertThat(before).isEmpty();
    assertThat(outcome).as("not told by the book's thread").isNotDone();
    drain();
    assertThat(outcome.join()).isInstanceOf(Outcome.Failed.class);
  }

  /** What comes too late is told so; what was only to be shown is not spoken of. */
  @Test
  void afterTheEndNobodyWaitsForEver() {
    Notices notices = notices();
    Work work = work(notices);
    Notice before = notices.notice().get();
    work.end(() -> {});
    assertThat(work.behind(() -> 1)).isCompletedExceptionally();
    work.run(() -> 1, _ -> {});
    drain();
    assertThat(notices.notice().get()).isEqualTo(before);
    CompletableFuture<Outcome> outcome =
        work.outcome(() -> 1, _ -> CompletableFuture.completedFuture(new Outcome.Recorded()))
            .toCompletableFuture();
    drain();
    assertThat(outcome.join()).isInstanceOf(Outcome.Failed.class);
  }
}
