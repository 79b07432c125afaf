package jugulum.core.task;

import static jugulum.core.ledger.Material.CONCENTRATE;
import static jugulum.core.ledger.Material.CUT;
import static jugulum.core.ledger.Material.FEED;
import static jugulum.core.ledger.Material.MAGNETICS;
import static jugulum.core.ledger.Material.MIDDLINGS;
import static jugulum.core.ledger.Material.NON_MAGNETICS;
import static jugulum.core.ledger.Material.RESIDUE;
import static jugulum.core.ledger.Material.SAFETY_CATCH;
import static jugulum.core.ledger.Material.SECOND_CONCENTRATE;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Stream;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure.Bagged;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Process.GravityRun.Manner;
import jugulum.core.ledger.Process.MagnetRun.Medium;
import jugulum.core.ledger.Route;
import jugulum.core.ledger.Route.Does;
import jugulum.core.ledger.Route.Leg;
import jugulum.core.ledger.Step;
import jugulum.core.screens.Cut;
import jugulum.core.screens.Screen;
import jugulum.core.shop.Shop;

/**
 * The routes that ship, one a school: practitioners disagree, and each has its reason. Common
 * practice throughout. Their names are keys of the window's texts.
 */
public final class Routes {
  /** Openings in mm: gold above goes by the pan, sand between by the table, below by the bowl. */
  private static final double PAN_FROM_MM = 0.8;

  private static final double BOWL_UP_TO_MM = 0.35;

  private Routes() {}

  private static final Leg BY_HAND =
      Leg.of(new Does.Run(Machine.Kind.PAN), CUT, NON_MAGNETICS).from(PAN_FROM_MM);
  private static final Leg FINE_BY_BOWL =
      Leg.of(new Does.Run(Machine.Kind.VORTEX_BOWL), CUT, NON_MAGNETICS, MIDDLINGS)
          .upTo(BOWL_UP_TO_MM);
  private static final Leg BY_TABLE =
      Leg.of(new Does.Run(Machine.Kind.SHAKER_TABLE), CUT, NON_MAGNETICS, MIDDLINGS);
  private static final Leg BY_BOWL =
      Leg.of(new Does.Run(Machine.Kind.VORTEX_BOWL), CUT, NON_MAGNETICS, MIDDLINGS, SAFETY_CATCH);
  private static final Leg FINISH =
      Leg.of(new Does.Finish(), CONCENTRATE, SECOND_CONCENTRATE, SAFETY_CATCH);
  private static final Leg KEEP = Leg.of(new Does.Keep(), MAGNETICS, RESIDUE);
  private static final Leg DRY_MAGNET = Leg.of(new Does.Magnet(Medium.BONE_DRY), CUT);

  private static final List<String> FULL_STACK = List.of("16", "30", "50", "80", "100");

  /** The routes that ship. */
  public static final List<Route> SHIPPED =
      List.of(
          new Route(
              "full-stack",
              List.of(
                  Leg.of(new Does.Screen(FULL_STACK), FEED),
                  DRY_MAGNET,
                  BY_HAND,
                  FINE_BY_BOWL,
                  BY_TABLE,
                  FINISH,
                  KEEP)),
          new Route(
              "one-screen",
              List.of(
                  Leg.of(new Does.Screen(List.of("20")), FEED),
                  DRY_MAGNET,
                  BY_HAND,
                  BY_TABLE,
                  FINISH,
                  KEEP)),
          new Route(
              "magnet-first",
              List.of(
                  Leg.of(new Does.Magnet(Medium.BONE_DRY), FEED),
                  Leg.of(new Does.Screen(FULL_STACK), NON_MAGNETICS),
                  BY_HAND,
                  FINE_BY_BOWL,
                  BY_TABLE,
                  FINISH,
                  KEEP)),
          new Route(
              "skip-magnet",
              List.of(
                  Leg.of(new Does.Screen(List.of("20", "50")), FEED),
                  Leg.of(new Does.Run(Machine.Kind.PAN), CUT).from(PAN_FROM_MM),
                  Leg.of(new Does.Run(Machine.Kind.VORTEX_BOWL), CUT, MIDDLINGS, SAFETY_CATCH),
                  Leg.of(new Does.Magnet(Medium.BONE_DRY), CONCENTRATE),
                  Leg.of(new Does.Finish(), CONCENTRATE, NON_MAGNETICS),
                  KEEP)),
          new Route(
              "under-water",
              List.of(
                  Leg.of(new Does.Screen(List.of("30", "80")), FEED),
                  Leg.of(new Does.Magnet(Medium.UNDER_WATER), CUT),
                  BY_HAND,
                  BY_BOWL,
                  FINISH,
                  KEEP)),
          new Route(
              "bowl-overnight",
              List.of(
                  Leg.of(new Does.Screen(List.of("30")), FEED),
                  Leg.of(new Does.Magnet(Medium.BONE_DRY), CUT).upTo(PAN_FROM_MM),
                  BY_HAND,
                  Leg.of(new Does.Run(Machine.Kind.HOPPER_BOWL), CUT, NON_MAGNETICS),
                  FINISH,
                  KEEP)),
          new Route(
              "one-charge-overnight",
              List.of(
                  Leg.of(new Does.Screen(List.of("30", "50", "80")), FEED),
                  DRY_MAGNET,
                  BY_HAND,
                  Leg.of(
                          new Does.Run(Machine.Kind.VORTEX_BOWL, Optional.of(Manner.OVERNIGHT)),
                          CUT,
                          NON_MAGNETICS)
                      .upTo(BOWL_UP_TO_MM),
                  BY_TABLE,
                  FINISH,
                  KEEP)),
          new Route(
              "table-in-cuts",
              List.of(
                  Leg.of(new Does.Screen(List.of("20", "50", "100")), FEED),
                  DRY_MAGNET,
                  BY_HAND,
                  Leg.of(
                      new Does.Run(Machine.Kind.SHAKER_TABLE),
                      CUT,
                      NON_MAGNETICS,
                      MIDDLINGS,
                      SECOND_CONCENTRATE),
                  Leg.of(new Does.Run(Machine.Kind.FINISHING_TABLE), CONCENTRATE),
                  FINISH,
                  KEEP)),
          new Route("pan-all", List.of(Leg.of(new Does.Run(Machine.Kind.PAN), FEED), FINISH)));

  /** The ways to choose from: the shop's own, then those that ship. */
  public static List<Route> toChoose(Shop shop) {
    return Stream.concat(shop.routes().stream(), SHIPPED.stream()).toList();
  }

  /** Whether a route is one of those that ship. */
  public static boolean isShipped(Route route) {
    return SHIPPED.contains(route);
  }

  /**
   * The way a batch went, as a route: what was done with each kind of lot first, in the order it
   * was done.
   *
   * @param name what it is to be called
   */
  public static Route gone(String name, Network network) {
    List<Leg> legs = new ArrayList<>();
    for (Step step : network.steps()) {
      does(step).map(does -> leg(does, network.lots(step.inputs()))).ifPresent(legs::add);
    }
    boolean kept = network.lots().stream().anyMatch(lot -> lot.latest(Bagged.class).isPresent());
    if (kept) {
      legs.add(KEEP);
    }
    return new Route(name, merged(legs));
  }

  private static Optional<Does> does(Step step) {
    return switch (step.process()) {
      case Process.Screening(List<Screen> stack, var _) ->
          Optional.of(new Does.Screen(stack.stream().map(Screen::label).toList()));
      case Process.MagnetRun run -> Optional.of(new Does.Magnet(run.medium()));
      case Process.GravityRun run -> Optional.of(new Does.Run(run.machine().kind(), run.manner()));
      case Process.Finishing _ -> Optional.of(new Does.Finish());
      case Process.Receive _, Process.Merging _, Process.Splitting _ -> Optional.empty();
    };
  }

  private static Leg leg(Does does, List<Lot> lots) {
    Set<Material> takes = new LinkedHashSet<>();
    lots.forEach(lot -> takes.add(lot.material()));
    Optional<Cut> cut = lots.stream().map(Lot::cut).reduce(Cut::spanning);
    OptionalDouble coarsest =
        cut.flatMap(Cut::passing).stream().mapToDouble(Screen::openingMm).findFirst();
    OptionalDouble finest =
        cut.flatMap(Cut::retained).stream().mapToDouble(Screen::openingMm).findFirst();
    return new Leg(takes, coarsest, finest, does);
  }

  /** Legs that do the same with the same material become one that spans their sizes. */
  private static List<Leg> merged(List<Leg> legs) {
    List<Leg> merged = new ArrayList<>();
    for (Leg leg : legs) {
      int at = -1;
      for (int i = 0; i < merged.size(); i++) {
        if (merged.get(i).does().equals(leg.does()) && merged.get(i).takes().equals(leg.takes())) {
          at = i;
        }
      }
      if (at < 0) {
        merged.add(leg);
      } else {
        merged.set(at, spanning(merged.get(at), leg));
      }
    }
    return merged;
  }

  private static Leg spanning(Leg one, Leg other) {
    boolean open = one.coarsestMm().isEmpty() || other.coarsestMm().isEmpty();
    boolean bottomless = one.finestMm().isEmpty() || other.finestMm().isEmpty();
    return new Leg(
        one.takes(),
        open
            ? OptionalDouble.empty()
            : OptionalDouble.of(
                Math.max(one.coarsestMm().getAsDouble(), other.coarsestMm().getAsDouble())),
        bottomless
            ? OptionalDouble.empty()
            : OptionalDouble.of(
                Math.min(one.finestMm().getAsDouble(), other.finestMm().getAsDouble())),
        one.does());
  }
}
