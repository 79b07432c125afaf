package jugulum.desk.preference;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.Properties;
import jugulum.book.file.WholeFile;

/**
 * A bench that remembers in a text file, name = value. A file that cannot be read is begun anew;
 * one that cannot be written is no reason not to work.
 */
public final class BenchFile implements BenchMemory {
  private final Path file;
  private final Properties all = new Properties();

  /** Reads the file, if there is one. */
  public BenchFile(Path file) {
    this.file = file;
    try {
      if (Files.exists(file)) {
        all.load(new StringReader(Files.readString(file)));
      }
    } catch (IOException | UncheckedIOException | IllegalArgumentException unreadable) {
      all.clear();
    }
  }

  @Override
  public synchronized Optional<String> get(String name) {
    return Optional.ofNullable(all.getProperty(name));
  }

  @Override
  public synchronized void put(String name, String value) {
    all.setProperty(name, value);
    try {
      Files.createDirectories(file.toAbsolutePath().getParent());
      StringWriter text = new StringWriter();
      all.store(text, null);
      WholeFile.write(file, text.toString());
    } catch (IOException cannotBeWritten) {
      // It is remembered until the program ends.
    }
  }
}
