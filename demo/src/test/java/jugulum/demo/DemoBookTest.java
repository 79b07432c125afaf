package jugulum.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import jugulum.book.Books;
import jugulum.book.batch.BatchLines;
import jugulum.book.batch.BatchStream;
import jugulum.book.batch.BatchSummary;
import jugulum.book.batch.BatchSummary.State;
import jugulum.book.json.BookFile;
import jugulum.book.stream.Book;
import jugulum.book.stream.Writer;
import jugulum.book.trial.TrialStream;
import jugulum.core.account.Worked;
import jugulum.core.gold.Recovery;
import jugulum.core.ledger.NetworkCheck;
import jugulum.core.mass.StepClosure;
import jugulum.core.trial.Comparison.Verdict;
import jugulum.core.trial.TrialResult;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class DemoBookTest {
  @TempDir private Path folder;

  /**
   * So that a package made twice holds the same. The file itself tells beside it when its tables
   * were made.
   */
  @Test
  void writtenTwiceItSaysTheSameToTheLastSign() throws IOException {
    assertThat(all("one.book")).isEqualTo(all("two.book"));
  }

  private String all(String name) throws IOException {
    Path file = folder.resolve(name);
    DemoBook.write(file);
    try (Book book = Books.open(file, Writer.unnamed(Clock.systemUTC()))) {
      ByteArrayOutputStream whole = new ByteArrayOutputStream();
      BookFile.write(book, whole);
      return whole.toString(StandardCharsets.UTF_8);
    }
  }

  /** One question is settled, the other is not: that is what the two are there to show. */
  @Test
  void twoTrialsOneSettledOneNot() {
    Path file = folder.resolve("demo.book");
    DemoBook.write(file);
    try (Book book = Books.open(file, Writer.unnamed(Clock.systemUTC()))) {
      List<Set<Verdict>> verdicts =
          book.streams().stream()
              .filter(key -> key.kind().equals(TrialStream.KIND.name()))
              .map(key -> book.standing(TrialStream.of(TrialStream.id(key.id()))).now())
              .map(trial -> TrialResult.of(trial.orElseThrow()))
              .map(
                  result ->
                      result.pairs().stream()
                          .map(pair -> pair.comparison().verdict())
                          .collect(Collectors.toSet()))
              .toList();
      assertThat(verdicts)
          .hasSize(2)
          .anySatisfy(
              settled -> assertThat(settled).contains(Verdict.SECOND).contains(Verdict.ALIKE))
          .anySatisfy(open -> assertThat(open).containsExactly(Verdict.NOT_SETTLED));
    }
  }

  @Test
  void fourBatchesInThreeStates() {
    Path file = folder.resolve("demo.book");
    DemoBook.write(file);
    try (Book book = Books.open(file, Writer.unnamed(Clock.systemUTC()))) {
      book.verify();
      List<BatchSummary> list = BatchLines.all(book);
      assertThat(list)
          .extracting(BatchSummary::state)
          .containsExactlyInAnyOrder(
              State.CLOSED, State.UNDER_WAY, State.UNDER_WAY, State.RECEIVED);
      for (BatchSummary line : list) {
        Worked worked = Worked.of(book.standing(BatchStream.of(line.id())).now().orElseThrow());
        assertThat(NetworkCheck.findings(worked.batch())).isEmpty();
        assertThat(worked.network().steps())
            .allSatisfy(
                step ->
                    assertThat(worked.sand().closure(step.id()).state())
                        .as("%s %s", line.name(), step)
                        .isNotIn(StepClosure.State.OVER, StepClosure.State.SHORT));
        if (line.state() == State.CLOSED) {
          for (Recovery.Of of : Recovery.Of.values()) {
            Recovery found = worked.gold().recovery(of, Recovery.Against.FOUND).orElseThrow();
            assertThat(found.isAtMost())
                .as("every lot of the finished batch was looked at for %s gold", of)
                .isFalse();
          }
          assertThat(worked.gold().recovery(Recovery.Of.ALL, Recovery.Against.BOTH)).isPresent();
          assertThat(worked.gold().places())
              .anySatisfy(
                  place -> assertThat(place.hidden().orElseThrow().milligrams()).isPositive());
        }
      }
    }
  }
}
