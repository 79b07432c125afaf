package jugulum.desk.command;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import jugulum.book.batch.BatchLines;
import jugulum.book.batch.BatchSummary;
import jugulum.book.file.WholeFile;
import jugulum.book.stream.Book;
import jugulum.book.stream.BookProblem;
import jugulum.book.together.Together;
import jugulum.core.units.MassUnit;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;
import picocli.CommandLine.ParentCommand;

/** A command that does something with a book: one's own, or the one named before it. */
abstract class BookCommand extends Speaking {
  @ParentCommand private NamesBook top;
  private Optional<Together> together = Optional.empty();

  BookCommand(Words words) {
    super(words);
  }

  /**
   * Does it.
   *
   * @throws IOException if a file cannot be written
   */
  protected abstract int with(Book book) throws IOException;

  /** Whether it may make a book where there is none. */
  protected boolean makesABook() {
    return false;
  }

  @Override
  public Integer call() {
    try {
      BookAt where = top.book();
      if (where instanceof BookAt.InFile(Path path) && !makesABook()) {
        if (!Files.exists(path)) {
          return fail(Exit.BOOK_PROBLEM, words.of("command.no-book", path.toString()));
        }
        if (isEmpty(path)) {
          return fail(Exit.BOOK_PROBLEM, words.of("command.empty-book", path.toString()));
        }
      }
      try (OpenBook open = OpenBook.of(where, Clock.systemDefaultZone())) {
        together = open.together();
        // It goes on with what it knows; who reads it must know that.
        together
            .flatMap(it -> it.status().problem())
            .ifPresent(away -> warn(Sentences.problem(words, away)));
        int exit = with(open.book());
        sayWhatWaits(open);
        return exit;
      }
    } catch (BookProblem problem) {
      return fail(Exit.BOOK_PROBLEM, Sentences.problem(words, problem));
    } catch (IOException problem) {
      return fail(Exit.BAD_FILE, String.valueOf(problem.getMessage()));
    }
  }

  /** What carries between this bench and a server; empty for a book in a file. */
  Optional<Together> together() {
    return together;
  }

  private void sayWhatWaits(OpenBook open) {
    int waiting = open.waiting();
    if (waiting > 0) {
      warn(words.counted("command.waits", waiting));
    }
  }

  /** A file without a sign in it, and without a tail that is still to be read into it. */
  static boolean isEmpty(Path path) {
    Path tail = path.resolveSibling(path.getFileName() + "-wal");
    return path.toFile().length() == 0 && tail.toFile().length() == 0;
  }

  /** Figures as texts have them: grams. */
  protected Figures figures() {
    return new Figures(MassUnit.GRAM, words);
  }

  /** Writes a file, and says where it is. */
  protected int written(Path path, byte[] content) throws IOException {
    WholeFile.write(path, content);
    say(words.of("file.saved", path.toString()));
    return Exit.OK;
  }

  /** The batch of a name, whatever its capitals, or of an identity; empty after saying why. */
  protected Optional<BatchSummary> batch(Book book, String named) {
    String text = named.strip().toLowerCase(Locale.ROOT);
    List<BatchSummary> found =
        BatchLines.all(book).stream()
            .filter(
                line ->
                    line.name().toLowerCase(Locale.ROOT).equals(text)
                        || line.id().value().toString().equals(text))
            .toList();
    if (found.size() == 1) {
      return Optional.of(found.getFirst());
    }
    fail(
        Exit.BAD_FILE,
        found.isEmpty()
            ? words.of("command.no-batch", named)
            : words.of(
                "command.which-batch",
                named,
                words.row(found.stream().map(one -> one.id().value().toString()).toList())));
    return Optional.empty();
  }
}
