package jugulum.core.smelt;

import java.util.EnumMap;
import java.util.Map;
import jugulum.core.check.Band;
import jugulum.core.check.Check;
import jugulum.core.ledger.MeltFact;

/**
 * What sand that is to be smelted mostly is, with how much of every flux goes to 100 g of it, dry:
 * where to start, common practice, rounded and widened; a melt that does not flow tells more.
 */
public enum SandKind {
  /** Magnetite and hematite. */
  IRON_OXIDES(50, 130, 40, 110, 30, 60, 0, 15, 3, 10),
  QUARTZ(30, 80, 80, 160, 0, 0, 0, 10, 1, 4),
  /** Garnet, ilmenite, chromite. */
  GARNET(80, 160, 60, 130, 15, 50, 5, 20, 2, 6),
  /** Pyrite and the like, roasted until the weight stands. */
  SULFIDE_ROASTED(50, 120, 70, 150, 20, 50, 0, 15, 2, 6);

  private final Map<Flux, Band> per100 = new EnumMap<>(Flux.class);

  /** Low and high of every flux, in their order; one starts in the middle. */
  SandKind(double... lowHigh) {
    for (Flux flux : Flux.values()) {
      double low = lowHigh[2 * flux.ordinal()];
      double high = lowHigh[2 * flux.ordinal() + 1];
      per100.put(flux, new Band(low, (low + high) / 2, high));
    }
  }

  /** The shares of the sands in what was told of them. */
  public static Map<SandKind, Double> shares(MeltFact.Sands told) {
    Map<SandKind, Double> shares = new EnumMap<>(SandKind.class);
    shares.put(IRON_OXIDES, told.iron());
    shares.put(GARNET, told.garnet());
    shares.put(SULFIDE_ROASTED, told.sulfide());
    shares.put(QUARTZ, told.rest());
    return shares;
  }

  /** How much of a flux goes to 100 g of it, in g. */
  public Band per100(Flux flux) {
    return Check.known(per100, flux);
  }
}
