package jugulum.desk.follow;

import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.concurrent.CompletionStage;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import jugulum.book.batch.BatchStream;
import jugulum.book.batch.ResultLines;
import jugulum.book.season.SeasonStream;
import jugulum.book.shop.ShopStream;
import jugulum.book.stream.Book;
import jugulum.book.stream.Key;
import jugulum.book.stream.Standing;
import jugulum.core.ledger.BatchId;
import jugulum.core.season.BatchResult;
import jugulum.core.season.Season;
import jugulum.core.season.SeasonAccount;
import jugulum.core.season.SeasonEdit;
import jugulum.core.shop.Shop;
import jugulum.desk.work.Latest;
import jugulum.desk.work.LongWork;
import jugulum.desk.work.Notice;
import jugulum.desk.work.Notices;
import jugulum.desk.work.Outcome;
import jugulum.desk.work.Steps;
import jugulum.desk.work.Work;

/** The seasons of the book: what is told of them in, what they come to out. */
public final class Seasons {
  private final Book book;
  private final Work work;
  private final Following<Season, SeasonEdit> following;
  private final Latest latest;
  private final ReadOnlyObjectWrapper<Optional<Shown>> shown =
      new ReadOnlyObjectWrapper<>(Optional.empty());
  private Optional<Steps> reading = Optional.empty();
  private OptionalInt year = OptionalInt.empty();
  private boolean isYearChosen;

  /**
   * A season as it is shown.
   *
   * @param account of the year chosen
   * @param version how many rows the journal of the season has
   * @param unread the names of batches that could not be read
   * @param left how many batches are yet to be read: what is told grows until it is 0
   */
  public record Shown(SeasonAccount account, long version, List<String> unread, int left) {
    /** Keeps its own copy. */
    public Shown {
      unread = List.copyOf(unread);
    }

    /** Whether every batch is in it that can be read. */
    public boolean isWhole() {
      return left == 0;
    }
  }

  /** What one batch gave: a result, none where it was taken back or cannot be read. */
  private record Read(BatchId id, Optional<BatchResult> result) {}

  public Seasons(Book book, Work work, Notices notices) {
    this.book = book;
    this.work = work;
    this.following = new Following<>(book, work, notices, Notice.WalkedSeason::new);
    this.latest = work.latest();
  }

  /** What was read last; empty before the first time. */
  public ReadOnlyObjectProperty<Optional<Shown>> shown() {
    return shown.getReadOnlyProperty();
  }

  /** A name no slip and no change has. */
  public String newId() {
    return book.newId();
  }

  /** Tells of one year from now on, or of all of them. */
  public void choose(OptionalInt other) {
    isYearChosen = true;
    year = other;
    read();
  }

  /**
   * Reads what every batch came to, and works out the account. Batches whose results are behind are
   * worked out one by one, and what there is is shown meanwhile where nothing whole is shown yet;
   * one that cannot be read is named, and the rest is shown.
   */
  public void read() {
    reading.ifPresent(Steps::cancel);
    List<Read> worked = new ArrayList<>();
    reading =
        Optional.of(
            work.steps(
                LongWork.RESULTS,
                () -> ResultLines.behind(book),
                this::worked,
                one -> {
                  worked.add(one);
                  if (isTimeToShow(worked.size()) && !isWholeShown()) {
                    show(List.copyOf(worked));
                  }
                },
                () -> show(worked)));
  }

  /** What was shown whole stays until it is whole again: a large book takes a second to read. */
  private boolean isWholeShown() {
    return shown.get().filter(Shown::isWhole).isPresent();
  }

  /** Twice as many each time, so that all the accounts on the way take no longer than the last. */
  private static boolean isTimeToShow(int read) {
    return Integer.bitCount(read) == 1;
  }

  private Read worked(Key batch) {
    return new Read(BatchStream.id(batch.id()), ResultLines.of(book, batch));
  }

  private record Facts(
      Standing<Season> season,
      Shop shop,
      List<BatchResult> results,
      List<BatchId> behind,
      List<String> unread,
      ZoneId zone) {}

  private void show(List<Read> worked) {
    latest.askAside(
        () ->
            new Facts(
                book.whole(SeasonStream.SEASON).orElseGet(Standing::empty),
                ShopStream.of(book),
                ResultLines.asTheyStand(book),
                ResultLines.behind(book).stream().map(one -> BatchStream.id(one.id())).toList(),
                Unreadable.of(book).stream()
                    .filter(one -> one.stream().kind().equals(BatchStream.KIND.name()))
                    .map(Unreadable::name)
                    .toList(),
                book.zone()),
        (facts, _) -> account(facts, worked),
        now -> shown.set(Optional.of(now)));
  }

  /** What was just worked out goes before what stands: a book to read only keeps nothing. */
  private Shown account(Facts facts, List<Read> worked) {
    Map<BatchId, BatchResult> results = new LinkedHashMap<>();
    facts.results().forEach(one -> results.put(one.id(), one));
    Set<BatchId> left = new HashSet<>(facts.behind());
    for (Read read : worked) {
      left.remove(read.id());
      results.remove(read.id());
      read.result().ifPresent(one -> results.put(one.id(), one));
    }
    List<BatchResult> all = List.copyOf(results.values());
    OptionalInt latest = all.stream().mapToInt(one -> one.received().getYear()).max();
    return new Shown(
        SeasonAccount.of(
            all,
            facts.season().now().orElse(Season.NOTHING),
            facts.shop(),
            isYearChosen ? year : latest,
            facts.zone()),
        facts.season().version(),
        facts.unread(),
        left.size());
  }

  /** Tells something of the season. */
  public CompletionStage<Outcome> submit(SeasonEdit edit) {
    return following.submit(SeasonStream.SEASON, seen(), List.of(edit), () -> true, _ -> read());
  }

  private long seen() {
    return shown.get().map(Shown::version).orElse(0L);
  }

  /** Takes the last thing told back, or brings the last one taken back back again. */
  public CompletionStage<Outcome> undoOrRedo(boolean isRedo) {
    return following.walk(SeasonStream.SEASON, seen(), isRedo, _ -> true, _ -> read());
  }
}
