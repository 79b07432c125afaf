package jugulum.desk.eye;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Consumer;
import jugulum.book.file.WholeFile;
import jugulum.book.stream.BookProblem;
import jugulum.desk.work.Work;

/**
 * Pictures that were begun, in the folder beside the book, one for each thing they are of: a window
 * that is closed or killed loses nothing of them. Files are written behind the window, the last
 * state only where another waits already.
 */
final class Drafts {
  private final Work work;
  private final Path folder;
  private Optional<Draft> waiting = Optional.empty();
  private boolean isWriting;

  /** Whether it is kept or given up: what is still to be written is not wanted any more. */
  private boolean isOver;

  private final String key;

  /**
   * Of one thing.
   *
   * @param folder where they are
   * @param key what it is kept by
   */
  Drafts(Work work, Path folder, String key) {
    this.work = work;
    this.folder = folder;
    this.key = key;
  }

  private Path state() {
    return folder.resolve("draft-" + key + ".json");
  }

  private Path picture() {
    return folder.resolve("draft-" + key + ".picture");
  }

  /** A draft with the bytes of its picture. */
  @SuppressWarnings("ArrayRecordComponent") // a file's bytes; nobody changes them
  record Begun(Draft draft, byte[] picture) {}

  /** Shows what was begun; empty where nothing was, or not all of it can be read. */
  void find(Consumer<Optional<Begun>> show) {
    work.aside(
        () -> {
          try {
            return Files.isRegularFile(state()) && Files.isRegularFile(picture())
                ? Optional.of(
                    new Begun(Draft.read(Files.readString(state())), Files.readAllBytes(picture())))
                : Optional.<Begun>empty();
          } catch (IOException | BookProblem.NotUnderstood unreadable) {
            return Optional.<Begun>empty();
          }
        },
        show);
  }

  /** A picture is begun: its bytes stay until it is kept or given up. */
  void begin(byte[] bytes) {
    isOver = false;
    isWriting = true;
    work.aside(
        () -> {
          try {
            Copies.make(folder);
            WholeFile.write(picture(), bytes);
            Files.deleteIfExists(state());
          } catch (IOException noDraft) {
            // Without a draft the work goes on; only a kill would lose it.
          }
          return true;
        },
        _ -> write());
  }

  /** So it stands now. */
  void save(Draft draft) {
    waiting = Optional.of(draft);
    if (!isWriting) {
      write();
    }
  }

  private void write() {
    if (waiting.isEmpty() || isOver) {
      isWriting = false;
      if (isOver) {
        remove();
      }
      return;
    }
    Draft next = waiting.get();
    waiting = Optional.empty();
    isWriting = true;
    work.aside(
        () -> {
          try {
            WholeFile.write(state(), next.written());
          } catch (IOException noDraft) {
            // As above.
          }
          return true;
        },
        _ -> write());
  }

  /** It is kept, or given up. */
  void end() {
    isOver = true;
    waiting = Optional.empty();
    if (!isWriting) {
      remove();
    }
  }

  private void remove() {
    work.aside(
        () -> {
          try {
            Files.deleteIfExists(state());
            Files.deleteIfExists(picture());
          } catch (IOException stays) {
            // The next time it is offered again; it can be given up then.
          }
          return true;
        },
        _ -> {});
  }
}
