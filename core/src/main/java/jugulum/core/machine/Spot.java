package jugulum.core.machine;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Where something is seen on a machine while it runs; noted beside its dials, by that name, as what
 * came of them.
 */
public enum Spot {
  /** The line between black and pale sand, in mm from the top at the port's edge. */
  LINE("línea", "linea"),
  /** The lowest speck, in mm from the top, or from the wall of a bowl. */
  LOWEST("baja"),
  /** The groove or pocket up to which there is gold, by its number. */
  GROOVE("ranura"),
  /** The lowest row in which gold lies, by its number. */
  ROW("hilera");

  private final List<String> otherwise;

  Spot(String... otherwise) {
    this.otherwise = List.of(otherwise);
  }

  /** Its name among what was set and noted of a run, and as it is typed. */
  public String id() {
    return name().toLowerCase(Locale.ROOT);
  }

  /** The one of a name, in any language in which it is typed. */
  public static Optional<Spot> of(String id) {
    return Stream.of(values())
        .filter(
            spot ->
                spot.id().equalsIgnoreCase(id)
                    || spot.otherwise.contains(id.toLowerCase(Locale.ROOT)))
        .findFirst();
  }
}
