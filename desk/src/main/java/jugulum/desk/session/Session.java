package jugulum.desk.session;

import java.io.OutputStream;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionStage;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import jugulum.book.batch.BatchLines;
import jugulum.book.batch.BatchStream;
import jugulum.book.batch.BatchSummary;
import jugulum.book.json.BatchFile;
import jugulum.book.json.BookFile;
import jugulum.book.shop.ShopStream;
import jugulum.book.stream.Book;
import jugulum.book.stream.BookProblem;
import jugulum.book.stream.Key;
import jugulum.book.stream.Order;
import jugulum.book.stream.PictureCopy;
import jugulum.book.stream.Placed;
import jugulum.book.stream.Saved;
import jugulum.book.stream.Standing;
import jugulum.core.account.Worked;
import jugulum.core.gold.GoldMemory;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Network;
import jugulum.core.mass.SandAccount;
import jugulum.core.mass.Sizings;
import jugulum.core.shop.Shop;
import jugulum.core.shop.ShopEdit;
import jugulum.core.sizes.SizeCurve;
import jugulum.desk.follow.Following;
import jugulum.desk.follow.Unreadable;
import jugulum.desk.follow.WorkedBatches;
import jugulum.desk.live.RunWatch;
import jugulum.desk.preference.Preferences;
import jugulum.desk.work.Failure;
import jugulum.desk.work.LongWork;
import jugulum.desk.work.Notice;
import jugulum.desk.work.Notices;
import jugulum.desk.work.Outcome;
import jugulum.desk.work.Work;

/**
 * The one way in: takes edits, undo and redo, has them written, works the batch out again and hands
 * the result to the projections.
 */
public final class Session {
  private static final String LAST = "batch";
  private static final String RUNNING = "running";

  private final Book book;
  private final Work work;
  private final Notices notices;
  private final Projections projections;
  private final Preferences preferences;
  private final AccountWork accountWork;

  /** Used on the book's thread only. */
  private final GoldMemory memory;

  private final Superseding superseding = new Superseding();
  private final WorkedBatches worked;
  private final Following<Batch, Edit> batches;
  private final Following<Shop, ShopEdit> shops;

  /**
   * The batch that is to be on the bench: the last one asked for, which may not be shown yet. What
   * comes of another one meanwhile does not take its place.
   */
  private Optional<BatchId> bench = Optional.empty();

  /** Whether it was said already that the book can nowhere be written. */
  private boolean isUnsafe;

  private Runnable whenOthersWrote = () -> {};
  private boolean isFollowing;

  /** The version of the shop that is shown. */
  private long shopVersion;

  Session(
      Book book,
      Work work,
      Notices notices,
      Projections projections,
      Preferences preferences,
      GoldMemory memory,
      AccountWork accountWork,
      WorkedBatches worked) {
    this.book = book;
    this.work = work;
    this.notices = notices;
    this.projections = projections;
    this.preferences = preferences;
    this.memory = memory;
    this.accountWork = accountWork;
    this.worked = worked;
    this.batches = new Following<>(book, work, notices, Notice.Walked::new);
    this.shops = new Following<>(book, work, notices, (_, _) -> Notice.NONE);
    projections.current().addListener((_, _, now) -> watch(now));
    projections.shop().addListener((_, _, now) -> projections.watch().again(now));
    book.whenSetAside(
        () ->
            work.run(
                () -> Unreadable.of(book).stream().map(Unreadable::name).toList(),
                names -> notices.say(new Notice.CannotRead(names))));
    book.whenMoved(where -> work.run(() -> where, now -> notices.say(new Notice.Moved(now))));
    book.strange().ifPresent(where -> notices.say(new Notice.NotItsOwn(where)));
    book.readOnly().ifPresent(why -> notices.say(new Notice.OnlyToRead(why)));
  }

  /** Sees whether the book's file is still where it was, and goes on elsewhere if it is not. */
  public void keepSafe() {
    work.run(
        () -> {
          try {
            book.keepSafe();
            return Optional.<BookProblem>empty();
          } catch (BookProblem nowhere) {
            return Optional.of(nowhere);
          }
        },
        problem -> {
          problem
              .filter(_ -> !isUnsafe)
              .ifPresent(
                  nowhere ->
                      notices.say(new Notice.Failed(new Failure(nowhere, Optional.empty()))));
          isUnsafe = problem.isPresent();
        });
  }

  /**
   * Looks once what others wrote: what is in sight is read again, and it is said who wrote. What is
   * being typed stays.
   */
  public void follow() {
    work.run(
        () -> book.othersWrote().map(this::told),
        wrote -> {
          isFollowing = true;
          wrote.ifPresent(
              told -> {
                refresh();
                whenOthersWrote.run();
                notices.say(told);
              });
        });
  }

  private Notice told(Placed last) {
    String bench = book.isMine(last.row()) ? "" : last.row().from().bench().name();
    Optional<Batch> batch =
        Optional.of(last.stream())
            .filter(stream -> stream.kind().equals(BatchStream.KIND.name()))
            .flatMap(stream -> book.whole(BatchStream.KIND.ref(stream.id())))
            .flatMap(Standing::now);
    return new Notice.Wrote(bench, last, batch);
  }

  /** Whether it looked once: what others write from then on is noticed. */
  public boolean isFollowing() {
    return isFollowing;
  }

  /** From now on that is read again too when others wrote. */
  void whenOthersWrote(Runnable what) {
    whenOthersWrote = what;
  }

  /** Whether this window may write. */
  public boolean mayWrite() {
    return book.readOnly().isEmpty();
  }

  /** Where the book is. */
  public String bookName() {
    return String.valueOf(book.path().getFileName());
  }

  /** The file of the book. */
  public Path bookPath() {
    return book.path();
  }

  /** What a bench remembers of one book among others. */
  private String ofThisBook(String name) {
    return name + "." + book.path().toAbsolutePath().normalize();
  }

  /**
   * Reads preferences, the shop, the list and the batch last open. Ends when the window can be
   * used.
   */
  public CompletionStage<Void> begin() {
    record Begun(
        Optional<String> unit,
        Optional<String> theme,
        Standing<Shop> shop,
        List<BatchSummary> list,
        Current current,
        List<Batch> running) {}
    CompletableFuture<Void> begun = new CompletableFuture<>();
    work.run(
        () -> {
          List<BatchSummary> list = BatchLines.all(book);
          Current opened = lastOpen(list).flatMap(this::workedIfWhole).orElse(Current.NONE);
          Optional<String> unit = preferences.rememberedUnit().or(() -> book.preference("unit"));
          Optional<String> theme = preferences.rememberedTheme().or(() -> book.preference("theme"));
          return new Begun(unit, theme, shop(), list, opened, running(list));
        },
        now -> {
          preferences.begin(now.unit(), now.theme());
          show(now.shop());
          projections.show(now.list());
          now.running()
              .forEach(
                  batch -> projections.watch().watch(Network.of(batch), projections.shop().get()));
          showOnTheBench(now.current());
          begun.complete(null);
        });
    return begun;
  }

  /**
   * The batch this bench had open last in this book, or as an older book tells, or the one last
   * written in.
   */
  private Optional<BatchId> lastOpen(List<BatchSummary> list) {
    return preferences
        .remembered(ofThisBook(LAST))
        .or(() -> book.preference(LAST))
        .flatMap(
            id ->
                list.stream()
                    .map(BatchSummary::id)
                    .filter(one -> one.value().toString().equals(id))
                    .findFirst())
        .or(() -> book.lastWritten(BatchStream.KIND).map(stream -> BatchStream.id(stream.id())));
  }

  /** The batches with machines that ran when the window was closed. */
  private List<Batch> running(List<BatchSummary> list) {
    List<String> ids =
        preferences
            .remembered(ofThisBook(RUNNING))
            .or(() -> book.preference(RUNNING))
            .map(text -> List.of(text.split(" ")))
            .orElse(List.of());
    return list.stream()
        .map(BatchSummary::id)
        .filter(id -> ids.contains(id.value().toString()))
        .flatMap(id -> book.whole(BatchStream.of(id)).flatMap(Standing::now).stream())
        .toList();
  }

  private void watch(Current now) {
    RunWatch watch = projections.watch();
    Set<BatchId> before = watch.batches();
    now.worked()
        .ifPresentOrElse(
            worked -> watch.watch(worked.network(), projections.shop().get()),
            () -> now.id().ifPresent(watch::forget));
    if (!watch.batches().equals(before)) {
      preferences.remember(
          ofThisBook(RUNNING),
          watch.batches().stream()
              .map(id -> id.value().toString())
              .collect(Collectors.joining(" ")));
    }
  }

  /**
   * Looks through the whole book for damage, after the window is up. One stream at a time: in a
   * large book the first edit must not wait for the whole look.
   */
  public void verify() {
    work.run(
        () -> {
          book.check();
          return true;
        },
        _ -> work.steps(LongWork.VERIFY, book::streams, this::verified, _ -> {}, () -> {}));
  }

  private Key verified(Key stream) {
    book.verify(stream);
    return stream;
  }

  /** A batch nobody has. */
  public BatchId newBatch() {
    return BatchStream.id(book.newId());
  }

  /** Puts a batch on the bench. */
  public CompletionStage<Outcome> open(BatchId id) {
    preferences.remember(ofThisBook(LAST), id.value().toString());
    return onTheBench(id, shown(() -> worked(id)));
  }

  /** A batch is on its way to the bench; where that fails the one before stays there. */
  private CompletionStage<Outcome> onTheBench(BatchId id, CompletionStage<Outcome> coming) {
    bench = Optional.of(id);
    return coming.thenApply(
        outcome -> {
          if (outcome instanceof Outcome.Not && bench.equals(Optional.of(id))) {
            bench = projections.current().get().id();
          }
          return outcome;
        });
  }

  private void showOnTheBench(Current now) {
    if (bench.isEmpty() || bench.equals(now.id())) {
      bench = now.id();
      projections.show(now);
    }
  }

  /** The batch on the bench, or the one on its way there. */
  private Optional<BatchId> onBench() {
    return bench.or(() -> projections.current().get().id());
  }

  /** Reads the book again, for a window that may only read. */
  public CompletionStage<Outcome> refresh() {
    Optional<BatchId> id = onBench();
    return shown(() -> id.map(this::worked).orElse(Current.NONE));
  }

  private CompletionStage<Outcome> shown(Supplier<Current> next) {
    record Changed(Current current, List<BatchSummary> list, Standing<Shop> shop) {}
    return work.urgent(
        () -> new Changed(next.get(), BatchLines.all(book), shop()),
        changed -> {
          if (changed.shop().version() != shopVersion) {
            show(changed.shop());
          }
          projections.show(changed.list());
          showOnTheBench(changed.current());
          return recorded();
        });
  }

  private static CompletionStage<Outcome> recorded() {
    return CompletableFuture.completedFuture(new Outcome.Recorded());
  }

  /** The size curve of another batch's feed, if it has one. */
  public void feedCurve(BatchId id, Consumer<Optional<SizeCurve>> show) {
    work.run(() -> book.standing(BatchStream.of(id)).now().flatMap(Session::curve), show);
  }

  private static Optional<SizeCurve> curve(Batch batch) {
    Network network = Network.of(batch);
    SandAccount sand = SandAccount.of(network);
    return network.feeds().findFirst().flatMap(feed -> Sizings.of(network, sand, feed.id()));
  }

  /**
   * Sends edits for several batches, all of them or, where one is refused, none; the batch on the
   * bench stays there.
   */
  public CompletionStage<Outcome> submitElsewhere(List<Order<?, ?>> orders) {
    Optional<BatchId> here = onBench();
    record Done(List<BatchSummary> list, Optional<Current> current, Saved saved) {}
    return work.urgent(
        () -> {
          Saved saved = book.submit(orders);
          return new Done(BatchLines.all(book), here.map(this::worked), saved);
        },
        done -> {
          projections.show(done.list());
          done.current().ifPresent(this::showOnTheBench);
          return CompletableFuture.completedFuture(Outcome.of(done.saved()));
        });
  }

  /** Sends an edit for the batch on the bench. */
  public CompletionStage<Outcome> submit(Edit edit) {
    return submit(List.of(edit));
  }

  /** Sends edits for the batch on the bench, all or none. */
  public CompletionStage<Outcome> submit(List<Edit> edits) {
    Current now = projections.current().get();
    return submit(now, edits);
  }

  /**
   * Sends edits for a batch as somebody saw it, all or none; it was on the bench then.
   *
   * @param seen how it stood when they were thought of
   */
  public CompletionStage<Outcome> submit(Current seen, List<Edit> edits) {
    BatchId id = seen.id().orElseThrow(() -> new IllegalStateException("no batch is open"));
    return submit(id, Order.on(seen.version(), BatchStream.of(id), edits));
  }

  /** Sends the first edits of a batch, all or none, and puts it on the bench. */
  public CompletionStage<Outcome> begin(BatchId id, List<Edit> edits) {
    return onTheBench(id, submit(id, Order.on(0, BatchStream.of(id), edits)));
  }

  /**
   * Every order is written; but where another of the same batch is sent before this is worked out,
   * only that one is, and both are told then.
   */
  private CompletionStage<Outcome> submit(BatchId id, Order<Batch, Edit> order) {
    accountWork.giveUp();
    Superseding.Ticket ticket = superseding.ticket(id);
    return work.urgent(() -> written(id, order, ticket), this::shown)
        .thenApply(
            outcome -> {
              if (outcome instanceof Outcome.Failed) {
                superseding.release();
                accountWork.again();
              }
              return outcome;
            });
  }

  /** What came of edits: the batch worked out, or nothing where a later edit does that. */
  private record Written(Optional<Current> current, Optional<BatchSummary> line, Saved saved) {}

  private Written written(BatchId id, Order<Batch, Edit> order, Superseding.Ticket ticket) {
    Saved saved = book.submit(order);
    boolean owed = saved instanceof Saved.Recorded || superseding.isOwed();
    Optional<Current> worked =
        owed ? superseding.unlessLater(ticket, memory, () -> worked(id)) : Optional.empty();
    return new Written(worked, BatchLines.one(book, id), saved);
  }

  private CompletionStage<Outcome> shown(Written written) {
    written.current().ifPresentOrElse(after -> show(after, written.line()), accountWork::again);
    return superseding.told(Outcome.of(written.saved()), written.current().isPresent());
  }

  private void show(Current after, Optional<BatchSummary> line) {
    notices.say(Notice.NONE);
    line.ifPresent(projections::show);
    showOnTheBench(after);
  }

  /** Takes the last edit of the batch on the bench back, or brings it back again. */
  public CompletionStage<Outcome> undoOrRedo(boolean isRedo) {
    Current now = projections.current().get();
    if (now.id().isEmpty()) {
      notices.say(new Notice.Walked(isRedo, Optional.empty()));
      return recorded();
    }
    BatchId id = now.id().get();
    return batches.walk(
        BatchStream.of(id), now.version(), isRedo, streams -> gone(id, streams), this::show);
  }

  /**
   * Takes one action back, whatever was done after it, as long as that says the same without it.
   *
   * @param id a batch it reached; the one on the bench stays there
   */
  public CompletionStage<Outcome> takeBack(BatchId id, String action) {
    BatchId here = onBench().orElse(id);
    return batches.takeBack(BatchStream.of(id), action, streams -> gone(here, streams), this::show);
  }

  /** How the batch on the bench stands after an action is gone, and the lines of all it reached. */
  private record Gone(Current current, List<BatchSummary> lines) {}

  private Gone gone(BatchId here, List<Key> streams) {
    return new Gone(worked(here), lines(streams));
  }

  private void show(Gone gone) {
    gone.lines().forEach(projections::show);
    show(gone.current(), Optional.empty());
  }

  /** The lines of the batches an action reached. */
  private List<BatchSummary> lines(List<Key> streams) {
    return streams.stream()
        .filter(stream -> stream.kind().equals(BatchStream.KIND.name()))
        .flatMap(stream -> BatchLines.one(book, BatchStream.id(stream.id())).stream())
        .toList();
  }

  /** Changes the shop. */
  public CompletionStage<Outcome> change(ShopEdit edit) {
    return shops.submit(
        ShopStream.SHOP,
        shopVersion,
        List.of(edit),
        () -> book.standing(ShopStream.SHOP),
        this::show);
  }

  /** Takes the last change of the shop back, or brings it back again. */
  public CompletionStage<Outcome> undoOrRedoShop(boolean isRedo) {
    return shops.walk(
        ShopStream.SHOP, shopVersion, isRedo, _ -> book.standing(ShopStream.SHOP), this::show);
  }

  /** The usual one where it cannot be read. */
  private Standing<Shop> shop() {
    return book.whole(ShopStream.SHOP).orElseGet(Standing::empty);
  }

  private void show(Standing<Shop> shop) {
    shopVersion = shop.version();
    projections.show(shop.now().orElse(Shop.USUAL));
  }

  private Current worked(BatchId id) {
    return worked(id, book.standing(BatchStream.of(id)));
  }

  private Optional<Current> workedIfWhole(BatchId id) {
    return book.whole(BatchStream.of(id)).map(standing -> worked(id, standing));
  }

  private Current worked(BatchId id, Standing<Batch> standing) {
    return new Current(
        Optional.of(id),
        worked.of(id, standing, batch -> Worked.of(batch, memory)),
        standing.version(),
        standing.undoable(),
        standing.redoable());
  }

  /**
   * Keeps the copy of a picture, behind what was sent before.
   *
   * @param done told whether the book has it now; a full one takes no more
   */
  public void keep(PictureCopy copy, Consumer<Boolean> done) {
    work.run(() -> book.keep(copy), done);
  }

  /** Shows the copy of a picture, if the book has one. */
  public void picture(String sha256, Consumer<Optional<PictureCopy>> show) {
    work.run(() -> book.picture(sha256), show);
  }

  /** The copies of the pictures a batch names. Waits for the book: not on the interface thread. */
  public List<PictureCopy> picturesOf(Batch batch) {
    return work.behind(() -> book.picturesOf(BatchFile.pictures(batch))).join();
  }

  /**
   * Writes the whole book as one file, behind what the book has to do. Waits for it: not on the
   * interface thread.
   */
  public void writeBook(OutputStream out) {
    work.behind(
            () -> {
              BookFile.write(book, out);
              return true;
            })
        .join();
  }

  /** Ends after what was asked for is done, and closes the book. */
  public void close() {
    work.end(book::close);
  }
}
