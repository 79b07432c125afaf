package jugulum.desk.preference;

import java.io.IOException;
import java.io.Reader;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Properties;
import jugulum.book.file.WholeFile;

/**
 * A bench that remembers in a text file, name = value, which other windows of it may write too:
 * what they wrote meanwhile stays. A file that cannot be read is kept beside a new one; one that
 * cannot be written is no reason not to work.
 */
public final class BenchFile implements BenchMemory {
  private final Path file;

  /** What was said since the program began: the file may not know it yet. */
  private final Map<String, String> noted = new HashMap<>();

  private final Properties all = new Properties();

  /** Reads the file, if there is one. */
  public BenchFile(Path file) {
    this.file = file;
    try {
      all.putAll(written());
    } catch (IOException | IllegalArgumentException unreadable) {
      setAside();
    }
  }

  private Properties written() throws IOException {
    Properties written = new Properties();
    if (Files.exists(file)) {
      try (Reader text = Files.newBufferedReader(file)) {
        written.load(text);
      }
    }
    return written;
  }

  private void setAside() {
    try {
      Files.copy(
          file,
          file.resolveSibling(file.getFileName() + ".unreadable"),
          StandardCopyOption.REPLACE_EXISTING);
    } catch (IOException cannotBeRead) {
      // There is nothing in it that could be kept.
    }
  }

  @Override
  public synchronized Optional<String> get(String name) {
    return Optional.ofNullable(noted.getOrDefault(name, all.getProperty(name)));
  }

  @Override
  public synchronized void note(String name, String value) {
    noted.put(name, value);
  }

  @Override
  public synchronized void put(String name, String value) {
    note(name, value);
    try {
      all.putAll(written());
    } catch (IOException | IllegalArgumentException unreadable) {
      setAside();
    }
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
