package jugulum.desk.eye;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The folder a camera or a phone saves its pictures to. It is only read: nothing in it is moved or
 * deleted, links are not followed, and a file that still grows is left alone.
 */
final class CameraFolder {
  /** A file that was written less than that ago may still grow. */
  static final Duration STANDS = Duration.ofSeconds(2);

  private static final String NAMES = ".*\\.(jpe?g|png|tiff?)";

  private CameraFolder() {}

  private record Saved(Path file, Instant at) {}

  /**
   * The picture that came last; empty where there is none, or the folder is gone.
   *
   * @param now the time
   */
  static Optional<Path> newest(Path folder, Instant now) {
    return saved(folder, now).stream()
        .max(Comparator.comparing(Saved::at).thenComparing(one -> name(one.file())))
        .map(Saved::file);
  }

  /**
   * The pictures that came since a moment, by order of name; none where the folder is gone.
   *
   * @param now the time
   */
  static List<Path> since(Path folder, Instant since, Instant now) {
    return saved(folder, now).stream()
        .filter(one -> one.at().isAfter(since))
        .map(Saved::file)
        .sorted(Comparator.comparing(CameraFolder::name))
        .toList();
  }

  private static List<Saved> saved(Path folder, Instant now) {
    try (Stream<Path> files = Files.list(folder)) {
      return files
          .filter(file -> name(file).matches(NAMES))
          .filter(file -> Files.isRegularFile(file, LinkOption.NOFOLLOW_LINKS))
          .flatMap(file -> written(file).map(at -> new Saved(file, at)).stream())
          .filter(one -> !one.at().plus(STANDS).isAfter(now))
          .toList();
    } catch (IOException | RuntimeException gone) {
      return List.of();
    }
  }

  private static String name(Path file) {
    return String.valueOf(file.getFileName()).toLowerCase(Locale.ROOT);
  }

  private static Optional<Instant> written(Path file) {
    try {
      return Optional.of(
          Files.readAttributes(file, BasicFileAttributes.class, LinkOption.NOFOLLOW_LINKS)
              .lastModifiedTime()
              .toInstant());
    } catch (IOException gone) {
      return Optional.empty();
    }
  }
}
