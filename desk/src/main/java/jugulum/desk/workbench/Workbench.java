package jugulum.desk.workbench;

import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import jugulum.book.store.BatchState;
import jugulum.book.store.BatchSummary;
import jugulum.book.store.Book;
import jugulum.book.store.Saved;
import jugulum.core.gold.GoldMemory;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Network;
import jugulum.core.mass.SandAccount;
import jugulum.core.mass.Sizings;
import jugulum.core.sizes.SizeCurve;
import jugulum.core.shop.Shop;
import jugulum.core.units.MassUnit;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/**
 * Between the window and the book: takes edits, has them written, works the batch out again and gives the window the result. The book
 * and the computing have a thread of their own; every property changes on the interface thread only, after the edit is on disk.
 */
public final class Workbench {
  private static final String UNIT = "unit";
  private static final String THEME = "theme";
  private static final String LAST = "batch";
  private static final String RUNNING = "running";

  private final Book book;
  private final ExecutorService bookThread;
  private final Executor interfaceThread;

  /** Used on the book's thread only. */
  private final GoldMemory memory = new GoldMemory();

  private final EveryBatch everyBatch;
  private final AccountWork accountWork;
  private final Superseding superseding = new Superseding();
  private final RunWatch running = new RunWatch();

  private final ReadOnlyObjectWrapper<Current> current = new ReadOnlyObjectWrapper<>(Current.NONE);
  private final FaultLog faults;
  private final ReadOnlyObjectWrapper<List<BatchSummary>> batches = new ReadOnlyObjectWrapper<>(List.of());
  private final ReadOnlyObjectWrapper<Shop> shop = new ReadOnlyObjectWrapper<>(Shop.USUAL);
  private final ReadOnlyObjectWrapper<Figures> figures = new ReadOnlyObjectWrapper<>(new Figures(MassUnit.GRAM));
  private final ReadOnlyObjectWrapper<ThemeName> theme = new ReadOnlyObjectWrapper<>(ThemeName.BLACK_SAND);
  private final ReadOnlyObjectWrapper<Notice> notice = new ReadOnlyObjectWrapper<>(Notice.NONE);

  /** The looks there are. */
  public enum ThemeName {
    BLACK_SAND,
    QUARTZ
  }

  /**
   * Sets up a workbench.
   *
   * @param book the open book; from now on only this touches it
   * @param bookThread runs the book and the computing, one thing at a time
   * @param interfaceThread runs what changes properties
   */
  public Workbench(Book book, ExecutorService bookThread, Executor interfaceThread) {
    this.book = book;
    this.bookThread = bookThread;
    this.interfaceThread = interfaceThread;
    this.faults = new FaultLog(book.path(), book.clock());
    figures.set(new Figures(MassUnit.GRAM, book.zone()));
    everyBatch = new EveryBatch(book, bookThread, interfaceThread, batches.getReadOnlyProperty(), this::fault);
    accountWork = new AccountWork(bookThread, interfaceThread, memory, current, shop, everyBatch, this::fault);
    current.addListener((_, _, now) -> watch(now));
    shop.addListener((_, _, now) -> running.again(now));
    book.readOnly().ifPresent(why -> notice.set(new Notice(Sentences.readOnly(why), true)));
  }

  /** The batch on the bench. */
  public ReadOnlyObjectProperty<Current> current() {
    return current.getReadOnlyProperty();
  }

  /** All batches of the book. */
  public ReadOnlyObjectProperty<List<BatchSummary>> batches() {
    return batches.getReadOnlyProperty();
  }

  /** What the shop owns. */
  public ReadOnlyObjectProperty<Shop> shop() {
    return shop.getReadOnlyProperty();
  }

  /** How quantities are written. */
  public ReadOnlyObjectProperty<Figures> figures() {
    return figures.getReadOnlyProperty();
  }

  /** The look. */
  public ReadOnlyObjectProperty<ThemeName> theme() {
    return theme.getReadOnlyProperty();
  }

  /** What there is to say. */
  public ReadOnlyObjectProperty<Notice> notice() {
    return notice.getReadOnlyProperty();
  }

  /** Whether this window may write. */
  public boolean mayWrite() {
    return book.readOnly().isEmpty();
  }

  /** Where the book is. */
  public String bookName() {
    return String.valueOf(book.path().getFileName());
  }

  /** Reads preferences, the shop, the list and the batch last open. Ends when the window can be used. */
  public CompletionStage<Void> begin() {
    record Begun(Optional<String> unit, Optional<String> theme, Shop shop, List<BatchSummary> list, Current current, List<Batch> running) {}
    return onBook(
            () -> {
              List<BatchSummary> list = book.list();
              Optional<BatchId> last =
                  book.preference(LAST)
                      .flatMap(id -> list.stream().map(BatchSummary::id).filter(one -> one.value().toString().equals(id)).findFirst())
                      .or(() -> list.stream().map(BatchSummary::id).findFirst());
              Current opened = last.map(id -> worked(book.state(id))).orElse(Current.NONE);
              return new Begun(book.preference(UNIT), book.preference(THEME), book.shop(), list, opened, running(list));
            })
        .thenAcceptAsync(
            begun -> {
              begun.unit().ifPresent(unit -> figures.set(figures.get().in(MassUnit.valueOf(unit))));
              begun.theme().ifPresent(name -> theme.set(ThemeName.valueOf(name)));
              shop.set(begun.shop());
              batches.set(begun.list());
              begun.running().forEach(batch -> running.watch(Network.of(batch), begun.shop()));
              current.set(begun.current());
            },
            interfaceThread)
        .exceptionallyAsync(this::fault, interfaceThread);
  }

  /** The batches with machines that ran when the window was closed. */
  private List<Batch> running(List<BatchSummary> list) {
    List<String> ids = book.preference(RUNNING).map(text -> List.of(text.split(" "))).orElse(List.of());
    return list.stream().map(BatchSummary::id).filter(id -> ids.contains(id.value().toString())).flatMap(id -> book.state(id).batch().stream()).toList();
  }

  private void watch(Current now) {
    Set<BatchId> before = running.batches();
    now.worked().ifPresentOrElse(worked -> running.watch(worked.network(), shop.get()), () -> now.id().ifPresent(running::forget));
    if (!running.batches().equals(before)) {
      prefer(RUNNING, running.batches().stream().map(id -> id.value().toString()).collect(Collectors.joining(" ")));
    }
  }

  /**
   * Looks through the whole book for damage, after the window is up. One stream at a time, each behind whatever was asked for
   * meanwhile: in a large book the first edit must not wait for the whole look.
   */
  public void verify() {
    onBook(
            () -> {
              book.verifyFile();
              return book.streams().iterator();
            })
        .thenAccept(this::verifyNext)
        .exceptionallyAsync(this::fault, interfaceThread);
  }

  private void verifyNext(Iterator<String> streams) {
    if (streams.hasNext() && !bookThread.isShutdown()) {
      onBook(
              () -> {
                book.verify(streams.next());
                return streams;
              })
          .thenAccept(this::verifyNext)
          .exceptionallyAsync(this::fault, interfaceThread);
    }
  }

  /** Puts a batch on the bench. */
  public CompletionStage<Outcome> open(BatchId id) {
    return change(
        () -> {
          if (mayWrite()) {
            book.prefer(LAST, id.value().toString());
          }
          return worked(book.state(id));
        });
  }

  /** The size curve of another batch's feed, if it has one. */
  public CompletionStage<Optional<SizeCurve>> feedCurve(BatchId id) {
    return onBook(() -> book.state(id).batch().flatMap(Workbench::curve))
        .thenApplyAsync(curve -> curve, interfaceThread)
        .exceptionallyAsync(
            problem -> {
              fault(problem);
              return Optional.empty();
            },
            interfaceThread);
  }

  private static Optional<SizeCurve> curve(Batch batch) {
    Network network = Network.of(batch);
    SandAccount sand = SandAccount.of(network);
    return network.feeds().findFirst().flatMap(feed -> Sizings.of(network, sand, feed.id()));
  }

  /** What is asked of every batch of the book. */
  public EveryBatch everyBatch() {
    return everyBatch;
  }

  /** The whole account of the batch on the bench, for those who look at it. */
  public AccountWork accountWork() {
    return accountWork;
  }

  /** The machines that run, whichever batch they work on. */
  public ReadOnlyObjectProperty<List<RunWatch.Watched>> running() {
    return running.running();
  }

  /** Sends edits for several batches, all of them or, where one is refused, none; the batch on the bench stays there. */
  public CompletionStage<Outcome> submitElsewhere(List<Book.Order> edits) {
    Optional<BatchId> here = current.get().id();
    record Done(List<BatchSummary> list, Optional<Current> current, Optional<Saved.Refused> refused) {}
    return onBook(
            () -> {
              edits.forEach(one -> everyBatch.forget(one.batch()));
              Optional<Saved.Refused> refused = book.submitAll(edits);
              return new Done(book.list(), here.map(id -> worked(book.state(id))), refused);
            })
        .<Outcome>thenApplyAsync(
            done -> {
              batches.set(done.list());
              done.current().ifPresent(current::set);
              return done.refused()
                  .<Outcome>map(no -> new Outcome.Refused(Sentences.refusal(no.refusal(), figures.get())))
                  .orElseGet(Outcome.Recorded::new);
            },
            interfaceThread)
        .exceptionallyAsync(this::refuse, interfaceThread);
  }

  /** Sends an edit for the batch on the bench. */
  public CompletionStage<Outcome> submit(Edit edit) {
    return current.get().id().map(id -> submit(id, List.of(edit))).orElseThrow(() -> new IllegalStateException("no batch is open"));
  }

  /**
   * Sends edits for a batch, one after the other, up to the first that is refused, and puts the batch on the bench. Every edit is written; but
   * where another of the same batch is sent before this is worked out, only that one is, and both are told then.
   */
  public CompletionStage<Outcome> submit(BatchId id, List<Edit> edits) {
    accountWork.giveUp();
    Superseding.Ticket ticket = superseding.ticket(id);
    return onBook(() -> written(id, edits, ticket)).thenComposeAsync(this::shown, interfaceThread).exceptionallyAsync(this::failed, interfaceThread);
  }

  /** What came of edits: the batch worked out, or nothing where a later edit does that. */
  private record Written(Optional<Current> current, Optional<BatchSummary> line, Optional<Saved.Refused> refused) {}

  private Written written(BatchId id, List<Edit> edits, Superseding.Ticket ticket) {
    everyBatch.forget(id);
    Optional<BatchState> state = Optional.empty();
    Optional<Saved.Refused> refused = Optional.empty();
    for (Edit edit : edits) {
      switch (book.submit(id, edit)) {
        case Saved.Recorded(BatchState after) -> state = Optional.of(after);
        case Saved.Refused no -> refused = Optional.of(no);
      }
      if (refused.isPresent()) {
        break;
      }
    }
    boolean owed = state.isPresent() || superseding.isOwed();
    Optional<Current> worked = owed ? superseding.unlessLater(ticket, memory, () -> worked(book.state(id))) : Optional.empty();
    return new Written(worked, book.summary(id), refused);
  }

  private CompletionStage<Outcome> shown(Written written) {
    Outcome outcome = written.refused().<Outcome>map(no -> new Outcome.Refused(Sentences.refusal(no.refusal(), figures.get()))).orElseGet(Outcome.Recorded::new);
    written.current().ifPresentOrElse(after -> show(after, written.line()), accountWork::again);
    return superseding.told(outcome, written.current().isPresent());
  }

  private void show(Current after, Optional<BatchSummary> line) {
    notice.set(Notice.NONE);
    line.ifPresent(this::replaceLine);
    current.set(after);
  }

  /** One line changes with an edit; reading the whole list again would take longer the more batches there are. */
  private void replaceLine(BatchSummary line) {
    List<BatchSummary> list = new ArrayList<>(batches.get());
    int at = list.stream().map(BatchSummary::id).toList().indexOf(line.id());
    if (at >= 0) {
      list.set(at, line);
    } else {
      list.addFirst(line);
    }
    batches.set(List.copyOf(list));
  }

  /** Takes the last edit of the batch on the bench back. */
  public CompletionStage<Outcome> undo() {
    return walk("undo", book::undo);
  }

  /** Brings the last edit taken back of the batch on the bench back again. */
  public CompletionStage<Outcome> redo() {
    return walk("redo", book::redo);
  }

  private CompletionStage<Outcome> walk(String way, Function<BatchId, Optional<Edit>> step) {
    Optional<BatchId> id = current.get().id();
    if (id.isEmpty()) {
      return CompletableFuture.completedFuture(new Outcome.Refused(Words.of("notice." + way + ".none")));
    }
    record Walked(Optional<Edit> edit, Current current, Optional<BatchSummary> line) {}
    return onBook(
            () -> {
              everyBatch.forget(id.get());
              return new Walked(step.apply(id.get()), worked(book.state(id.get())), book.summary(id.get()));
            })
        .<Outcome>thenApplyAsync(
            walked -> {
              show(walked.current(), walked.line());
              String text = walked.edit().map(edit -> Words.of("notice." + way, Sentences.edit(edit, figures.get()))).orElse(Words.of("notice." + way + ".none"));
              notice.set(new Notice(text, false));
              return new Outcome.Recorded();
            },
            interfaceThread)
        .exceptionallyAsync(this::refuse, interfaceThread);
  }

  /** Changes the shop as it is when the change is written: two changes made quickly both stand. */
  public CompletionStage<Outcome> change(UnaryOperator<Shop> how) {
    return changeShop(
        () -> {
          book.submit(how.apply(book.shop()));
          return true;
        });
  }

  /** Takes the last change of the shop back. */
  public CompletionStage<Outcome> undoShop() {
    return changeShop(book::undoShop);
  }

  /** Brings the last change of the shop back again. */
  public CompletionStage<Outcome> redoShop() {
    return changeShop(book::redoShop);
  }

  private CompletionStage<Outcome> changeShop(Supplier<Boolean> how) {
    return onBook(
            () -> {
              how.get();
              return book.shop();
            })
        .<Outcome>thenApplyAsync(
            changed -> {
              shop.set(changed);
              return new Outcome.Recorded();
            },
            interfaceThread)
        .exceptionallyAsync(this::refuse, interfaceThread);
  }

  /** Writes gold in the next unit. */
  public void nextUnit() {
    figures.set(figures.get().next());
    prefer(UNIT, figures.get().unit().name());
  }

  /** Changes the look. */
  public void nextTheme() {
    theme.set(theme.get() == ThemeName.BLACK_SAND ? ThemeName.QUARTZ : ThemeName.BLACK_SAND);
    prefer(THEME, theme.get().name());
  }

  private void prefer(String name, String value) {
    if (mayWrite()) {
      onBook(
              () -> {
                book.prefer(name, value);
                return null;
              })
          .exceptionallyAsync(this::fault, interfaceThread);
    }
  }

  /** Reads the book again, for a window that may only read. */
  public CompletionStage<Outcome> refresh() {
    Optional<BatchId> id = current.get().id();
    return change(() -> id.map(one -> worked(book.state(one))).orElse(Current.NONE));
  }

  /** Says something that belongs to no field. */
  public void say(Notice what) {
    notice.set(what);
  }

  private CompletionStage<Outcome> change(Supplier<Current> next) {
    record Changed(Current current, List<BatchSummary> list) {}
    return onBook(() -> new Changed(next.get(), book.list()))
        .<Outcome>thenApplyAsync(
            changed -> {
              batches.set(changed.list());
              current.set(changed.current());
              return new Outcome.Recorded();
            },
            interfaceThread)
        .exceptionallyAsync(this::refuse, interfaceThread);
  }

  private Current worked(BatchState state) {
    return new Current(Optional.of(state.id()), state.batch().map(batch -> Worked.of(batch, memory)), state.undoable(), state.redoable());
  }

  private <T> CompletableFuture<T> onBook(Supplier<T> work) {
    return CompletableFuture.supplyAsync(work, bookThread);
  }

  /** Computes something behind what the book has to do; the result is shown on the interface thread, and a fault reaches the person. */
  public <T> void compute(Supplier<T> work, Consumer<T> show) {
    if (bookThread.isShutdown()) {
      return;
    }
    onBook(work).thenAcceptAsync(show, interfaceThread).exceptionallyAsync(this::fault, interfaceThread);
  }

  /** What nobody foresaw reaches the person as a sentence, and a file beside the book in full. On the interface thread. */
  public <T> T fault(Throwable problem) {
    refuse(problem);
    return null;
  }

  private Outcome failed(Throwable problem) {
    superseding.release();
    accountWork.again();
    return refuse(problem);
  }

  /** The same, for what was asked for with an outcome. */
  public Outcome refuse(Throwable problem) {
    String sentence = Sentences.isForeseen(problem) ? Sentences.problem(problem) : Sentences.problem(problem) + writtenDown(problem);
    notice.set(new Notice(sentence, true));
    return new Outcome.Refused(sentence);
  }

  private String writtenDown(Throwable problem) {
    return faults.write(problem).map(file -> " " + Words.of("notice.written-down", String.valueOf(file))).orElse("");
  }

  /** Ends after what was asked for is done, and closes the book. */
  public void close() {
    bookThread.execute(book::close);
    bookThread.shutdown();
    try {
      bookThread.awaitTermination(10, TimeUnit.SECONDS);
    } catch (InterruptedException ended) {
      Thread.currentThread().interrupt();
    }
  }
}
