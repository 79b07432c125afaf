package jugulum.desk.session;

import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Consumer;
import javafx.beans.value.ObservableValue;
import jugulum.book.store.BookAddress;
import jugulum.book.stream.Book;
import jugulum.book.together.Together;
import jugulum.core.gold.GoldMemory;
import jugulum.desk.follow.Days;
import jugulum.desk.follow.EveryBatch;
import jugulum.desk.follow.Finds;
import jugulum.desk.follow.Seasons;
import jugulum.desk.follow.Trials;
import jugulum.desk.follow.WorkedBatches;
import jugulum.desk.live.ScaleStand;
import jugulum.desk.preference.BenchMemory;
import jugulum.desk.preference.Practised;
import jugulum.desk.preference.Preferences;
import jugulum.desk.words.Languages;
import jugulum.desk.words.Words;
import jugulum.desk.work.Notices;
import jugulum.desk.work.Watching;
import jugulum.desk.work.Work;

/**
 * Everything between the window and the book.
 *
 * @param session the way in: edits, undo, redo
 * @param projections the way out: the batch on the bench, the list, the shop
 * @param preferences how this bench likes to see things
 * @param notices what there is to say
 * @param work what runs off the interface thread
 * @param trials the trials of the book: edits in, results out
 * @param days the day: edits in, its plan out
 * @param seasons the seasons: what is told in, what they come to out
 * @param finds finds things in the book
 * @param practised how far one got in practice
 * @param accountWork the whole account, for those who look at it
 * @param scale the scale beside the bench
 * @param sharing how it stands between this bench and others
 * @param backing copies of the book
 * @param watching what the window that has this workbench watches
 */
public record Workbench(
    Session session,
    Projections projections,
    Preferences preferences,
    Notices notices,
    Work work,
    Trials trials,
    Days days,
    Seasons seasons,
    Finds finds,
    Practised practised,
    AccountWork accountWork,
    ScaleStand scale,
    Sharing sharing,
    Backing backing,
    Watching watching) {
  /**
   * Sets up a workbench.
   *
   * @param book the open book; from now on only this touches it
   * @param memory what the bench remembers of itself
   * @param languages what can be spoken
   * @param bookThread runs the book and the computing, one thing at a time
   * @param interfaceThread runs what changes properties
   */
  public static Workbench of(
      Book book,
      BenchMemory memory,
      Languages languages,
      ExecutorService bookThread,
      Executor interfaceThread) {
    return of(book, Optional.empty(), memory, languages, bookThread, interfaceThread);
  }

  /** The same on this bench's copy of a book that a server keeps. */
  public static Workbench of(
      Together together,
      BenchMemory memory,
      Languages languages,
      ExecutorService bookThread,
      Executor interfaceThread) {
    return of(
        together.book(), Optional.of(together), memory, languages, bookThread, interfaceThread);
  }

  private static Workbench of(
      Book book,
      Optional<Together> together,
      BenchMemory memory,
      Languages languages,
      ExecutorService bookThread,
      Executor interfaceThread) {
    Notices notices = new Notices(book.path(), book.clock());
    Work work = new Work(bookThread, besideTheBook(), interfaceThread, notices);
    Preferences preferences = new Preferences(work, memory, book.zone(), languages);
    Projections projections = new Projections(new EveryBatch(book, work));
    GoldMemory gold = new GoldMemory();
    AccountWork account =
        new AccountWork(
            work, gold, projections.current(), projections.shop(), projections.everyBatch());
    WorkedBatches worked = new WorkedBatches(book);
    Session session =
        new Session(book, work, notices, projections, preferences, gold, account, worked);
    Trials trials = new Trials(book, work, notices);
    Seasons seasons = new Seasons(book, work, notices);
    session.whenOthersWrote(
        () -> {
          trials.read();
          seasons.read();
        });
    ScaleStand scale =
        new ScaleStand(
            projections.shop(), interfaceThread, System::nanoTime, book.clock(), book.zone());
    return new Workbench(
        session,
        projections,
        preferences,
        notices,
        work,
        trials,
        new Days(book, work, notices, worked, projections.everyBatch()),
        seasons,
        new Finds(book, work),
        new Practised(preferences),
        account,
        scale,
        new Sharing(book, together, memory, work, interfaceThread),
        new Backing(book, together.isPresent(), memory, work),
        new Watching());
  }

  /** The same for a window of its own, which watches nothing yet. */
  public Workbench forWindow() {
    return new Workbench(
        session,
        projections,
        preferences,
        notices,
        work,
        trials,
        days,
        seasons,
        finds,
        practised,
        accountWork,
        scale,
        sharing,
        backing,
        new Watching());
  }

  /** Runs something with every new value, as long as this window stands. */
  public <T> void watch(ObservableValue<T> value, Consumer<? super T> action) {
    watching.watch(value, action);
  }

  /** What people call the book: its file, or the server's book. */
  public String bookName() {
    return sharing.address().map(BookAddress::name).orElseGet(session::bookName);
  }

  /** What texts and numbers are written in now. */
  public Words words() {
    return preferences.figures().get().words();
  }

  private static Executor besideTheBook() {
    return Executors.newVirtualThreadPerTaskExecutor();
  }

  /** Ends after what was asked for is done, and closes the book. */
  public void close() {
    scale.close();
    sharing.end();
    session.close();
  }
}
