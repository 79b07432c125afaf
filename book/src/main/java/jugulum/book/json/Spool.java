package jugulum.book.json;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import jugulum.book.stream.PictureCopy;

/**
 * Copies of pictures on their way into a book, in a temporary file each: hundreds of megabytes of
 * them must not stand in memory until all of a file is understood.
 */
final class Spool implements Iterable<PictureCopy>, AutoCloseable {
  private final List<Spooled> all = new ArrayList<>();

  private record Spooled(String sha256, Path file) {}

  void add(PictureCopy copy) throws IOException {
    Path file = Files.createTempFile("jugulum-picture", ".jpg");
    all.add(new Spooled(copy.sha256(), file));
    Files.write(file, copy.jpeg());
  }

  int size() {
    return all.size();
  }

  @Override
  public Iterator<PictureCopy> iterator() {
    return all.stream().map(Spool::read).iterator();
  }

  private static PictureCopy read(Spooled one) {
    try {
      return new PictureCopy(one.sha256(), Files.readAllBytes(one.file()));
    } catch (IOException problem) {
      throw new UncheckedIOException(problem);
    }
  }

  @Override
  public void close() throws IOException {
    for (Spooled one : all) {
      Files.deleteIfExists(one.file());
    }
  }
}
