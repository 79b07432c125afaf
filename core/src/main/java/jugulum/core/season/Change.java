package jugulum.core.season;

import java.time.LocalDate;
import java.util.Optional;

/**
 * Something that was done otherwise from a day on.
 *
 * @param id its name within the season
 * @param date from which day on
 * @param what in words, not blank
 * @param work at which work; empty for all
 * @param machine on which machine, by its name; empty for all
 */
public record Change(
    String id, LocalDate date, String what, Optional<KindOfWork> work, Optional<String> machine) {
  /** Takes blanks off the ends. */
  public Change {
    what = what.strip();
    machine = machine.map(String::strip).filter(name -> !name.isEmpty());
  }

  /** Whether it is about such a step. */
  boolean isAbout(PartingStep part) {
    return isAbout(part.work(), part.machine());
  }

  /** Whether it is about what was won so. */
  public boolean isAbout(Track track) {
    return isAbout(track.work(), track.machine());
  }

  private boolean isAbout(KindOfWork done, String on) {
    return work.map(one -> one == done).orElse(true)
        && machine.map(name -> name.equalsIgnoreCase(on)).orElse(true);
  }
}
