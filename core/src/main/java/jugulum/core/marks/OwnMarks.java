package jugulum.core.marks;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import jugulum.core.check.Check;
import jugulum.core.screens.Cut;

/**
 * A bowl looked at with sand of one cut: where its sand climbs and where gold first goes.
 *
 * @param cut the sand
 * @param on which day
 * @param chargeG barren sand laid in, in grams, 1 to 10,000
 * @param specks flat specks counted into it, 0 to 10,000
 * @param celsius the water, in °C, 0 to 60, where it was measured
 * @param looks in the order made
 */
public record OwnMarks(
    Cut cut,
    LocalDate on,
    double chargeG,
    int specks,
    OptionalDouble celsius,
    List<MarkLook> looks) {
  /**
   * A bowl is run on while sand leaves and the catch is clean; it is stopped at so many minutes
   * without sand, or at a speck: common practice. The one rule for sheet, mark card, drills,
   * finishing and bench mode.
   */
  public static final int WITHOUT_SAND_MINUTES = 2;

  /** Checks every value against its range and keeps its own copy. */
  public OwnMarks {
    Check.inRange("chargeG", chargeG, 1, 10_000);
    Check.inRange("specks", specks, 0, 10_000);
    celsius.ifPresent(told -> Check.inRange("celsius", told, 0, 60));
    looks = List.copyOf(looks);
  }

  /** The same with one more look. */
  public OwnMarks with(MarkLook look) {
    return new OwnMarks(
        cut, on, chargeG, specks, celsius, Stream.concat(looks.stream(), Stream.of(look)).toList());
  }

  /** The same without its last look. */
  public OwnMarks withoutLast() {
    return new OwnMarks(
        cut, on, chargeG, specks, celsius, looks.subList(0, Math.max(0, looks.size() - 1)));
  }

  /**
   * The looks, parted into ways: a way ends where the other direction begins, or where the valve
   * begins anew.
   */
  List<List<MarkLook>> ways() {
    List<List<MarkLook>> ways = new ArrayList<>();
    for (MarkLook look : looks) {
      if (ways.isEmpty() || isAnew(ways.getLast().getLast(), look)) {
        ways.add(new ArrayList<>());
      }
      ways.getLast().add(look);
    }
    return ways;
  }

  private static boolean isAnew(MarkLook before, MarkLook look) {
    return before.isUp() != look.isUp()
        || (look.isUp() ? look.turns() < before.turns() : look.turns() > before.turns());
  }
}
