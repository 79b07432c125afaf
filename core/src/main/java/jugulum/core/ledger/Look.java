package jugulum.core.ledger;

import java.util.EnumSet;
import java.util.Set;
import jugulum.core.specks.SpeckMass;

/** What somebody did to find out how much gold is in a lot: the one rule for all who ask. */
public enum Look {
  /** The gold itself was weighed. */
  WEIGHED,
  /** Its gold counts as known, such as a spike. */
  KNOWN,
  ASSAYED,
  SMELTED,
  /** A sample or a share was panned and its specks counted. */
  PANNED,
  /** Looked over by eye, and all of it so coarse that an eye picks the gold. */
  LOOKED_OVER;

  /** The looks a lot had that count; what the magnet's passes let expect is none. */
  public static Set<Look> of(Lot lot) {
    Set<Look> looks = EnumSet.noneOf(Look.class);
    lot.readings().stream()
        .filter(Reading::isLive)
        .map(Reading::measure)
        .forEach(measure -> add(looks, lot, measure));
    return looks;
  }

  private static void add(Set<Look> looks, Lot lot, Measure measure) {
    switch (measure) {
      case Measure.GoldWeight _ -> looks.add(WEIGHED);
      case Measure.KnownGold _ -> looks.add(KNOWN);
      case Measure.Assay _ -> looks.add(ASSAYED);
      case Measure.Smelt _, Measure.Melt(int _, MeltFact.Bead _) -> looks.add(SMELTED);
      case Measure.SpeckCount _, Measure.PannedSample _ -> looks.add(PANNED);
      case Measure.LookedOver _ when isPicked(lot) -> looks.add(LOOKED_OVER);
      default -> {}
    }
  }

  /** Whether every piece of a lot is so coarse that an eye picks it. */
  public static boolean isPicked(Lot lot) {
    return lot.cut().lowerMm() >= SpeckMass.PICKED_FROM_MM;
  }

  /** Whether someone looked at a lot at all. */
  public static boolean isAtAll(Lot lot) {
    return !of(lot).isEmpty();
  }

  /** Whether someone looked for the gold one cannot see: by an assay or a smelt. */
  public static boolean isAtHidden(Lot lot) {
    return of(lot).stream().anyMatch(look -> look == ASSAYED || look == SMELTED);
  }
}
