package jugulum.core.ledger;

import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import jugulum.core.ledger.Route.Does;
import jugulum.core.ledger.Route.Leg;
import jugulum.core.screens.Cut;

/** Finds the leg of a route that takes a lot. */
public final class NextLeg {
  private final Route route;
  private final Network network;

  private NextLeg(Route route, Network network) {
    this.route = route;
    this.network = network;
  }

  /**
   * The leg of a route that a lot goes next.
   *
   * @param lot a lot no step has taken
   */
  public static Optional<Leg> of(Route route, Network network, Lot lot) {
    return new NextLeg(route, network).next(lot);
  }

  /**
   * The leg of a route that material goes next which nobody has made yet.
   *
   * @param made what will have made it, and of what material; empty for what arrives
   */
  public static Optional<Leg> ahead(Route route, Material material, Cut cut, Optional<Made> made) {
    return route.legs().stream()
        .filter(leg -> leg.takes().contains(material) && suits(leg, cut))
        .filter(
            leg ->
                made.filter(
                        by ->
                            isKind(leg.does(), by.by())
                                && by.of().stream().anyMatch(leg.takes()::contains))
                    .isEmpty())
        .findFirst();
  }

  /**
   * How material comes to be.
   *
   * @param by by which work
   * @param of of which materials
   */
  public record Made(Process by, Set<Material> of) {
    /** Keeps its own copy. */
    public Made {
      of = Set.copyOf(of);
    }
  }

  /** A leg is not gone twice: what it made of its own kind of material goes on by the next. */
  private Optional<Leg> next(Lot lot) {
    Lot origin = origin(lot);
    return ahead(route, origin.material(), lot.cut(), network.maker(origin.id()).map(this::made));
  }

  private Made made(Step maker) {
    return new Made(
        maker.process(),
        network.lots(maker.inputs()).stream().map(Lot::material).collect(Collectors.toSet()));
  }

  /** Where lots come from, parts and joined lots are what they were before. */
  private Lot origin(Lot lot) {
    Lot origin = lot;
    for (Optional<Lot> before = before(origin); before.isPresent(); before = before(origin)) {
      origin = before.get();
    }
    return origin;
  }

  private Optional<Lot> before(Lot lot) {
    boolean mixed = lot.material() == Material.PART || lot.material() == Material.MERGED;
    return mixed
        ? network.maker(lot.id()).flatMap(step -> network.lots(step.inputs()).stream().findFirst())
        : Optional.empty();
  }

  private static boolean suits(Leg leg, Cut cut) {
    boolean fineEnough =
        leg.coarsestMm().isEmpty() || cut.upperMm() <= leg.coarsestMm().getAsDouble();
    boolean coarseEnough =
        leg.finestMm().isEmpty() || cut.lowerMm() >= leg.finestMm().getAsDouble();
    return fineEnough && coarseEnough;
  }

  private static boolean isKind(Does does, Process process) {
    return switch (does) {
      case Does.Screen _ -> process instanceof Process.Screening;
      case Does.Magnet _ -> process instanceof Process.MagnetRun;
      case Does.Run(var machine, var _) ->
          process instanceof Process.GravityRun run && run.machine().kind() == machine;
      case Does.Finish _ -> process instanceof Process.Finishing;
      case Does.Keep _ -> false;
    };
  }
}
