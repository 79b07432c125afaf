package jugulum.core.ledger;

import java.util.List;

/** What a lot holds, by the port or screen it came from. */
public enum Material {
  FEED,
  /** Sand between two screens. */
  CUT,
  MAGNETICS,
  NON_MAGNETICS,
  CONCENTRATE,
  SECOND_CONCENTRATE,
  MIDDLINGS,
  /** What riffles or a pan below a bowl held back of what left it. */
  SAFETY_CATCH,
  TAILINGS,
  /** Won gold, cleaned and ready to weigh. */
  GOLD,
  /** What is left of a concentrate when its gold is out. */
  RESIDUE,
  /** Several lots put together. */
  MERGED,
  /** A part of a lot. */
  PART;

  /** What comes out of a machine, richest first. */
  public static final List<Material> PORTS =
      List.of(CONCENTRATE, SECOND_CONCENTRATE, MIDDLINGS, SAFETY_CATCH, TAILINGS);

  /** Whether such a lot is normally set aside rather than run again. */
  public boolean isSetAside() {
    return switch (this) {
      case MAGNETICS, TAILINGS, RESIDUE -> true;
      case FEED,
          CUT,
          NON_MAGNETICS,
          CONCENTRATE,
          SECOND_CONCENTRATE,
          MIDDLINGS,
          SAFETY_CATCH,
          GOLD,
          MERGED,
          PART ->
          false;
    };
  }
}
