package jugulum.book.backup;

import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.Comparator;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A copy of a book in a folder of such copies; all that is known of it stands in its name, so that
 * a folder looked at without the program can be understood too.
 *
 * @param file the copy
 * @param book what the book is called, without its ending
 * @param at when it was made, on the clock of the bench that made it
 * @param before the version of the program that came then; empty for the copy of a day
 */
public record Backup(Path file, String book, LocalDateTime at, Optional<String> before) {
  /** The oldest first. */
  public static final Comparator<Backup> BY_TIME =
      Comparator.comparing(Backup::at).thenComparing(one -> one.file().toString());

  private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("uuuu-MM-dd HH.mm.ss");
  private static final Pattern NAME =
      Pattern.compile(
          "(.+) (\\d{4}-\\d\\d-\\d\\d \\d\\d\\.\\d\\d\\.\\d\\d)(?: before (.+))?\\.book");

  /** The day it was made. */
  public LocalDate day() {
    return at.toLocalDate();
  }

  /** Where the copy of a book goes that is made then. */
  static Backup to(Path folder, String book, LocalDateTime at, Optional<String> before) {
    String name =
        book + " " + TIME.format(at) + before.map(it -> " before " + it).orElse("") + ".book";
    return new Backup(folder.resolve(name), book, at, before);
  }

  /** By its name; empty for a file that is none. */
  static Optional<Backup> of(Path file) {
    Matcher name = NAME.matcher(String.valueOf(file.getFileName()));
    if (!name.matches()) {
      return Optional.empty();
    }
    try {
      return Optional.of(
          new Backup(
              file,
              name.group(1),
              LocalDateTime.parse(name.group(2), TIME),
              Optional.ofNullable(name.group(3))));
    } catch (DateTimeParseException noMoment) {
      return Optional.empty();
    }
  }
}
