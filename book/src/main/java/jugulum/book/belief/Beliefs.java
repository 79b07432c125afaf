package jugulum.book.belief;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jugulum.book.batch.BatchStream;
import jugulum.book.batch.RunLines;
import jugulum.book.batch.SeenLines;
import jugulum.book.batch.StockLines;
import jugulum.book.shop.ShopStream;
import jugulum.book.stream.Book;
import jugulum.book.stream.Projection;
import jugulum.book.stream.Standing;
import jugulum.book.trial.TrialStream;
import jugulum.core.belief.Belief;
import jugulum.core.belief.Experience;
import jugulum.core.belief.LotBelief;
import jugulum.core.belief.Stock;
import jugulum.core.ledger.Batch;
import jugulum.core.trial.RunOf;
import jugulum.core.trial.SpikeBack;
import jugulum.core.trial.TriedRun;

/** What a whole book lets believe: the one place for window and command line. */
public final class Beliefs {
  /** What has to be brought up before {@link #of} is quick. */
  public static final List<Projection<Batch, ?>> RESTS_ON =
      List.of(RunLines.LINES, SeenLines.LINES);

  /** And before {@link #stock} is. */
  public static final List<Projection<Batch, ?>> STOCK_RESTS_ON =
      Stream.concat(RESTS_ON.stream(), Stream.of(StockLines.LINES)).toList();

  private Beliefs() {}

  /** What is thought of lots and machines. For the book's thread. */
  public static Belief of(Book book) {
    return new Belief(experience(book), ShopStream.of(book));
  }

  /** All that was seen. */
  public static Experience experience(Book book) {
    List<TriedRun> tried = tried(book);
    Map<RunOf, SpikeBack> spiked = spiked(tried);
    return new Experience(
        RunLines.all(book).stream().map(ran -> withSpike(ran, spiked).run()).toList(),
        ofNoBatch(tried),
        SeenLines.all(book));
  }

  /** What stands in the shop, what is worth working first first. */
  public static List<LotBelief> stock(Book book) {
    return Stock.ranked(of(book), book.lines(BatchStream.KIND, StockLines.LINES));
  }

  /** The runs of all trials. */
  public static List<TriedRun> tried(Book book) {
    return book.streams(TrialStream.KIND).stream()
        .flatMap(
            key ->
                book
                    .whole(TrialStream.of(TrialStream.id(key.id())))
                    .flatMap(Standing::now)
                    .stream())
        .flatMap(trial -> TriedRun.of(trial).stream())
        .toList();
  }

  /** Those that are of no batch. */
  public static List<TriedRun> ofNoBatch(List<TriedRun> tried) {
    return tried.stream().filter(run -> run.of().isEmpty()).toList();
  }

  /** What came back of spikes in runs of batches. */
  public static Map<RunOf, SpikeBack> spiked(List<TriedRun> tried) {
    return tried.stream()
        .filter(run -> run.of().isPresent() && run.isOwnGold())
        .collect(Collectors.toMap(run -> run.of().orElseThrow(), TriedRun::back, SpikeBack::with));
  }

  /** A run with what came back of the spike that was in its sand. */
  public static RunLines.Ran withSpike(RunLines.Ran ran, Map<RunOf, SpikeBack> spiked) {
    return Optional.ofNullable(spiked.get(new RunOf(ran.batch(), ran.run().step())))
        .map(back -> new RunLines.Ran(ran.batch(), ran.name(), ran.run().with(back)))
        .orElse(ran);
  }
}
