package jugulum.desk.follow;

import java.util.Optional;
import java.util.function.Consumer;
import jugulum.book.find.Asked;
import jugulum.book.find.Finder;
import jugulum.book.stream.Book;
import jugulum.book.stream.Key;
import jugulum.desk.work.Latest;
import jugulum.desk.work.LongWork;
import jugulum.desk.work.Steps;
import jugulum.desk.work.Work;

/** Finds things in the book as somebody types. */
public final class Finds {
  private final Book book;
  private final Work work;
  private final Latest latest;
  private Optional<Steps> bringing = Optional.empty();

  /** Remembers the words of the book. Touched on the book's thread alone. */
  private Optional<Finder> finder = Optional.empty();

  public Finds(Book book, Work work) {
    this.book = book;
    this.work = work;
    this.latest = work.latest();
  }

  /**
   * Brings up what can be found, batch by batch; until that is done what was brought up before can
   * be found already.
   *
   * @param done told when it is
   */
  public void begin(Runnable done) {
    bringing.ifPresent(Steps::cancel);
    bringing =
        Optional.of(
            work.steps(
                LongWork.FINDING,
                () -> {
                  finder = Optional.empty();
                  return Finder.behind(book);
                },
                this::broughtUp,
                _ -> {},
                () ->
                    work.run(
                        () -> {
                          finder = Optional.empty();
                          return true;
                        },
                        _ -> done.run())));
  }

  /** What cannot be read cannot be found. */
  private Key broughtUp(Key batch) {
    Finder.bringUp(book, batch);
    return batch;
  }

  /** Finds what is asked for; only what was asked last is shown. */
  public void ask(Asked asked, Consumer<Finder.Found> show) {
    latest.ask(_ -> finder().find(asked), show);
  }

  private Finder finder() {
    Finder now = finder.orElseGet(() -> new Finder(book));
    finder = Optional.of(now);
    return now;
  }
}
