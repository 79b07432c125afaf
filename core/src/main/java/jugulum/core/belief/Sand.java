package jugulum.core.belief;

import java.util.Optional;
import java.util.Set;
import jugulum.core.check.Check;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.NextLeg;
import jugulum.core.ledger.Process.MagnetRun;
import jugulum.core.ledger.Route.Does;
import jugulum.core.ledger.Route.Leg;
import jugulum.core.magnet.MagnetShares;
import jugulum.core.minerals.Mineral;
import jugulum.core.runs.PastRun;
import jugulum.core.screens.Cut;
import jugulum.core.window.Conditions;

/**
 * Sand as the ways to win its gold see it.
 *
 * @param cut its sizes
 * @param grams its dry mass, in grams, from 0 to 1e7
 * @param kind whether it comes to a machine for the first time
 * @param conditions water, gold and what else is in it
 * @param wish the kind of machine the route a person chose sends it to
 */
public record Sand(
    Cut cut, double grams, PastRun.Kind kind, Conditions conditions, Optional<Machine.Kind> wish) {
  /** Checks the mass. */
  public Sand {
    Check.grams("grams", grams);
  }

  /** A lot as it stands. */
  public static Sand of(Network network, Lot lot, double grams) {
    return new Sand(
        lot.cut(),
        grams,
        PastRun.Kind.of(network, lot),
        conditions(network.batch().assumptions(), lot),
        wish(network, lot));
  }

  /** What a bench test leaves; without one non-magnetics have no magnetite any more. */
  public static Conditions conditions(Assumptions given, Lot lot) {
    Optional<MagnetShares> tested = MagnetShares.of(lot);
    Set<Mineral> there =
        tested
            .map(shares -> shares.among(Conditions.USUAL_HEAVIES))
            .orElse(Conditions.USUAL_HEAVIES);
    return Conditions.usual(
        given, there, lot.material() == Material.NON_MAGNETICS && tested.isEmpty());
  }

  /**
   * The machine the route asks for, next or once the magnet has been there; empty where nobody
   * chose a route or it asks for none.
   */
  private static Optional<Machine.Kind> wish(Network network, Lot lot) {
    return network
        .batch()
        .route()
        .flatMap(
            route ->
                NextLeg.of(route, network, lot)
                    .flatMap(
                        leg ->
                            leg.does() instanceof Does.Magnet(MagnetRun.Medium medium)
                                ? NextLeg.ahead(
                                    route,
                                    Material.NON_MAGNETICS,
                                    lot.cut(),
                                    Optional.of(
                                        new NextLeg.Made(
                                            new MagnetRun(medium), Set.of(lot.material()))))
                                : Optional.of(leg)))
        .flatMap(Sand::machine);
  }

  private static Optional<Machine.Kind> machine(Leg leg) {
    return leg.does() instanceof Does.Run(Machine.Kind kind, var _)
        ? Optional.of(kind)
        : Optional.empty();
  }
}
