package jugulum.desk.follow;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletionStage;
import java.util.stream.Stream;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import jugulum.book.stream.Book;
import jugulum.book.stream.Standing;
import jugulum.book.trial.TrialStream;
import jugulum.core.trial.Trial;
import jugulum.core.trial.TrialEdit;
import jugulum.core.trial.TrialId;
import jugulum.core.trial.TrialResult;
import jugulum.core.trial.TrialRun;
import jugulum.desk.work.Notice;
import jugulum.desk.work.Notices;
import jugulum.desk.work.Outcome;
import jugulum.desk.work.Work;

/** The trials of the book: edits in, what they show out. */
public final class Trials {
  private final Book book;
  private final Work work;
  private final Following<Trial, TrialEdit> following;
  private final ReadOnlyObjectWrapper<List<Shown>> all = new ReadOnlyObjectWrapper<>(List.of());

  /**
   * A trial as it is shown.
   *
   * @param trial as recorded
   * @param version how many rows its journal has
   * @param result what it shows
   */
  public record Shown(Trial trial, long version, TrialResult result) {}

  public Trials(Book book, Work work, Notices notices) {
    this.book = book;
    this.work = work;
    this.following = new Following<>(book, work, notices, Notice.WalkedTrial::new);
  }

  /** Every trial, the one run last first; empty before they were first read. */
  public ReadOnlyObjectProperty<List<Shown>> all() {
    return all.getReadOnlyProperty();
  }

  /** Reads them. */
  public void read() {
    List<Shown> before = all.get();
    work.run(() -> shown(before), all::set);
  }

  private List<Shown> shown(List<Shown> before) {
    return ids(book)
        .flatMap(id -> shown(id, before).stream())
        .sorted(
            Comparator.comparing(Trials::lastRun)
                .reversed()
                .thenComparing(shown -> shown.trial().name()))
        .toList();
  }

  private static Stream<TrialId> ids(Book book) {
    return book.streams(TrialStream.KIND).stream().map(key -> TrialStream.id(key.id()));
  }

  /** One that is only planned comes first. */
  private static Instant lastRun(Shown shown) {
    return shown.trial().runs().stream()
        .map(TrialRun::at)
        .max(Comparator.naturalOrder())
        .orElse(Instant.MAX);
  }

  /** What a trial shows is worked out anew only where it changed. */
  private Optional<Shown> shown(TrialId id, List<Shown> before) {
    return book.whole(TrialStream.of(id)).flatMap(standing -> shown(id, standing, before));
  }

  private static Optional<Shown> shown(TrialId id, Standing<Trial> standing, List<Shown> before) {
    return standing
        .now()
        .map(
            trial ->
                before.stream()
                    .filter(one -> one.version() == standing.version())
                    .filter(one -> one.trial().id().equals(id))
                    .findFirst()
                    .orElseGet(() -> new Shown(trial, standing.version(), TrialResult.of(trial))));
  }

  /** A trial nobody has. */
  public TrialId newId() {
    return TrialStream.id(book.newId());
  }

  /** The one of that identity, as it is shown. */
  public Optional<Shown> of(TrialId id) {
    return all.get().stream().filter(shown -> shown.trial().id().equals(id)).findFirst();
  }

  /** Sends edits of a trial, all or none. */
  public CompletionStage<Outcome> submit(TrialId id, List<TrialEdit> edits) {
    List<Shown> before = all.get();
    return following.submit(TrialStream.of(id), seen(id), edits, () -> shown(before), all::set);
  }

  private long seen(TrialId id) {
    return of(id).map(Shown::version).orElse(0L);
  }

  /** Takes the last edit of a trial back, or brings the last one taken back back again. */
  public CompletionStage<Outcome> undoOrRedo(TrialId id, boolean isRedo) {
    List<Shown> before = all.get();
    return following.walk(TrialStream.of(id), seen(id), isRedo, _ -> shown(before), all::set);
  }

  /** Takes one action of a trial back, whatever came after it, as long as that says the same. */
  public CompletionStage<Outcome> takeBack(TrialId id, String action) {
    List<Shown> before = all.get();
    return following.takeBack(TrialStream.of(id), action, _ -> shown(before), all::set);
  }
}
