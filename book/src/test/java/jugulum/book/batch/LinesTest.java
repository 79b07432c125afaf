package jugulum.book.batch;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import jugulum.book.BatchBook;
import jugulum.book.Samples;
import jugulum.book.store.HeldAlone;
import jugulum.core.belief.StockLot;
import jugulum.core.gold.GoldAccount;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Network;
import jugulum.core.magnet.Magnetics;
import jugulum.core.mass.SandAccount;
import jugulum.core.runs.PastRun;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * The tables that follow from batches say what the batches say, to the last digit, and go with
 * every edit.
 */
class LinesTest {
  @TempDir private Path folder;

  private final Batch sample = Samples.everything();

  private BatchBook open() {
    return BatchBook.open(folder.resolve("a.book"), Clock.systemUTC());
  }

  private static List<PastRun> runs(Batch batch) {
    Network network = Network.of(batch);
    SandAccount sand = SandAccount.of(network);
    return PastRun.of(network, sand, GoldAccount.of(network, sand));
  }

  @Test
  void runsComeBackEqual() {
    try (BatchBook book = open()) {
      book.submit(sample.id(), new Edit.Adopt(sample));
      assertThat(RunLines.of(book.book(), sample.id()))
          .extracting(RunLines.Ran::run)
          .hasSizeGreaterThan(1)
          .isEqualTo(runs(sample));
    }
    try (BatchBook book = open()) {
      assertThat(RunLines.of(book.book(), sample.id()))
          .as("read, not worked out")
          .extracting(RunLines.Ran::run)
          .isEqualTo(runs(sample));
    }
  }

  @Test
  void magneticsComeBackEqual() {
    try (BatchBook book = open()) {
      book.submit(sample.id(), new Edit.Adopt(sample));
      for (int read = 0; read < 2; read++) {
        assertThat(MagneticsLines.of(book.book(), sample.id()))
            .extracting(MagneticsLines.Held::magnetics)
            .isEqualTo(Magnetics.of(sample));
      }
    }
  }

  @Test
  void stockAndRecoveriesGoWithTheEdits() {
    try (BatchBook book = open()) {
      book.submit(sample.id(), new Edit.Adopt(sample));
      List<StockLot> stock = book.book().lines(BatchStream.KIND, StockLines.LINES);
      assertThat(stock).isNotEmpty().allMatch(line -> line.batch().equals(sample.id()));
      assertThat(book.book().lines(BatchStream.KIND, RecoveryLines.LINES))
          .isNotEmpty()
          .allSatisfy(line -> assertThat(line.share()).isBetween(line.low(), line.high()));
      LotId heaviest =
          stock.stream()
              .max(java.util.Comparator.comparingDouble(line -> line.grams().orElse(0)))
              .orElseThrow()
              .lot();
      book.submit(sample.id(), new Edit.RecordOnLot(heaviest, new Measure.Discarded("made up")));
      assertThat(book.book().lines(BatchStream.KIND, StockLines.LINES))
          .hasSize(stock.size() - 1)
          .extracting(StockLot::lot)
          .doesNotContain(heaviest);
      book.undo(sample.id());
      assertThat(book.book().lines(BatchStream.KIND, StockLines.LINES)).isEqualTo(stock);
      book.undo(sample.id());
      assertThat(book.book().lines(BatchStream.KIND, StockLines.LINES)).isEmpty();
    }
  }

  /** A window that may only read works out what is behind, and keeps nothing. */
  @Test
  void whoMayOnlyReadReadsTheSame() {
    try (BatchBook first = open()) {
      first.submit(sample.id(), new Edit.Adopt(sample));
    }
    List<RunLines.Ran> behind;
    try (HeldAlone _ = new HeldAlone(folder.resolve("a.book"), "far away");
        BatchBook second = open()) {
      assertThat(second.readOnly()).isPresent();
      behind = second.book().lines(BatchStream.KIND, RunLines.LINES);
      assertThat(second.book().lines(BatchStream.KIND, RunLines.LINES)).isEqualTo(behind);
    }
    try (BatchBook first = open()) {
      assertThat(first.book().behind(BatchStream.KIND, RunLines.LINES))
          .as("nothing was kept")
          .isNotEmpty();
      assertThat(first.book().lines(BatchStream.KIND, RunLines.LINES))
          .isEqualTo(behind)
          .isNotEmpty();
    }
  }
}
