package jugulum.book.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import jugulum.book.BatchBook;
import jugulum.book.OtherProgram;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Reading;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * Kills a real program at random moments while it records, and looks for every reading it had said
 * was recorded. Six rounds here; scripts/kill-test runs as many as one likes.
 */
class KillTest {
  private static final int ROUNDS = Integer.getInteger("jugulum.kills", 6);

  @TempDir private Path folder;

  @Test
  void noReadingThatWasShownAsRecordedIsEverLost() throws IOException, InterruptedException {
    Path file = folder.resolve("killed.book");
    long seed = Long.getLong("jugulum.killSeed", 20_261_125L);
    Random random = new Random(seed);
    int said = -1;
    int inTheMiddle = 0;
    for (int round = 0; round < ROUNDS; round++) {
      Path out = folder.resolve("said-" + round);
      Process program = start(file, out);
      waitForFirst(program, out);
      Thread.sleep(random.nextInt(120));
      program.destroyForcibly().waitFor(20, TimeUnit.SECONDS);
      List<String> lines = Files.readAllLines(out);
      said = Integer.parseInt(lines.getLast());
      try (BatchBook book = BatchBook.open(file, Clock.systemUTC())) {
        assertThat(book.readOnly()).as("a killed program locks nobody out").isEmpty();
        book.verify();
        List<Double> recorded =
            book.state(Killable.ID).now().orElseThrow().lots().getFirst().readings().stream()
                .map(Reading::measure)
                .map(measure -> ((Measure.SandWeight) measure).grossG())
                .toList();
        assertThat(recorded.size()).as("round %d of seed %d", round, seed).isGreaterThan(said);
        inTheMiddle += recorded.size() > said + 1 ? 1 : 0;
        for (int i = 0; i < recorded.size(); i++) {
          assertThat(recorded.get(i)).isEqualTo(i);
        }
      }
    }
    System.out.printf(
        "%d kills, %d readings said and all of them found, %d more on disk than said%n",
        ROUNDS, said + 1, inTheMiddle);
  }

  private static Process start(Path file, Path out) throws IOException {
    return OtherProgram.of(Killable.class, file).redirectOutput(out.toFile()).start();
  }

  private static void waitForFirst(Process program, Path out)
      throws IOException, InterruptedException {
    while (Files.size(out) == 0) {
      assertThat(program.isAlive()).as("the program ended by itself").isTrue();
      Thread.sleep(5);
    }
  }
}
