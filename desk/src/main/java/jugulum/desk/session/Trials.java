package jugulum.desk.session;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionStage;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import jugulum.book.stream.Book;
import jugulum.book.stream.Order;
import jugulum.book.stream.Standing;
import jugulum.book.trial.TrialStream;
import jugulum.core.trial.Trial;
import jugulum.core.trial.TrialEdit;
import jugulum.core.trial.TrialId;
import jugulum.core.trial.TrialResult;
import jugulum.core.trial.TrialRun;

/** The trials of the book: edits in, what they show out. */
public final class Trials {
  private final Book book;
  private final Work work;
  private final Notices notices;
  private final ReadOnlyObjectWrapper<List<Shown>> all = new ReadOnlyObjectWrapper<>(List.of());

  /**
   * A trial as it is shown.
   *
   * @param trial as recorded
   * @param version how many rows its journal has
   * @param result what it shows
   */
  public record Shown(Trial trial, long version, TrialResult result) {}

  Trials(Book book, Work work, Notices notices) {
    this.book = book;
    this.work = work;
    this.notices = notices;
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

  /** Every trial of a book, in no order. For the book's thread. */
  static Stream<Trial> all(Book book) {
    return ids(book).flatMap(id -> book.standing(TrialStream.of(id)).now().stream());
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
    Standing<Trial> standing = book.standing(TrialStream.of(id));
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
    long seen = seen(id);
    return changed(() -> Changed.sent(book.submit(Order.on(seen, TrialStream.of(id), edits))));
  }

  private long seen(TrialId id) {
    return of(id).map(Shown::version).orElse(0L);
  }

  /** Takes the last edit of a trial back. */
  public CompletionStage<Outcome> undo(TrialId id) {
    long seen = seen(id);
    return changed(
        () ->
            Changed.walked(
                book.undo(TrialStream.of(id), seen), edit -> new Notice.WalkedTrial(false, edit)));
  }

  /** Brings the last edit taken back of a trial back again. */
  public CompletionStage<Outcome> redo(TrialId id) {
    long seen = seen(id);
    return changed(
        () ->
            Changed.walked(
                book.redo(TrialStream.of(id), seen), edit -> new Notice.WalkedTrial(true, edit)));
  }

  private CompletionStage<Outcome> changed(Supplier<Changed> how) {
    record After(Changed changed, List<Shown> now) {}
    List<Shown> before = all.get();
    return work.outcome(
        () -> new After(how.get(), shown(before)),
        after -> {
          notices.say(after.changed().notice());
          all.set(after.now());
          return CompletableFuture.completedFuture(after.changed().outcome());
        });
  }
}
