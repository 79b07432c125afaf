package jugulum.core.shop;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Process.Screening.Manner;
import jugulum.core.ledger.Route;
import jugulum.core.machine.Gear;
import jugulum.core.machine.Working.Sorts;
import jugulum.core.screens.Cut;
import jugulum.core.screens.Screen;
import jugulum.core.screens.StandardScreens;
import jugulum.core.weighing.Container;

/**
 * What a shop has and takes as given for new batches.
 *
 * @param screens the screens it knows, coarse first, each label once
 * @param assumptions what new batches start with
 * @param containers the containers whose weight is remembered, each name once; absent in older
 *     books
 * @param magnets its magnets, each name once; absent in older books
 * @param terms what gold and time are worth; empty until told
 * @param rule when it stops with the magnet; the usual until told
 * @param gear its machines, each name once; absent in older books
 * @param routes its own ways of working a batch, each name once; absent in older books
 * @param scales its scales, each name once, the one in use first; absent in older books
 */
public record Shop(
    List<OwnedScreen> screens,
    Assumptions assumptions,
    List<Container> containers,
    List<Magnet> magnets,
    Optional<Terms> terms,
    Optional<StopRule> rule,
    List<Gear> gear,
    List<Route> routes,
    List<Scale> scales) {
  /** A usual first set of classifiers, and the usual assumptions. */
  public static final Shop USUAL =
      new Shop(
          Stream.of("8", "16", "20", "30", "50", "80", "100")
              .flatMap(label -> StandardScreens.numbered(label).stream())
              .map(OwnedScreen::of)
              .toList(),
          Assumptions.USUAL,
          List.of(),
          List.of(),
          Optional.empty(),
          Optional.empty(),
          List.of(),
          List.of(),
          List.of());

  /** Sorts the screens coarse first. */
  public Shop {
    screens =
        screens.stream()
            .sorted(Comparator.comparingDouble(OwnedScreen::openingMm).reversed())
            .distinct()
            .toList();
    containers =
        Objects.requireNonNullElse(containers, List.<Container>of()).stream()
            .sorted(Comparator.comparing(Container::name))
            .toList();
    magnets =
        Objects.requireNonNullElse(magnets, List.<Magnet>of()).stream()
            .sorted(Comparator.comparing(Magnet::name))
            .toList();
    scales = List.copyOf(Objects.requireNonNullElse(scales, List.<Scale>of()));
    gear = Objects.requireNonNullElse(gear, List.<Gear>of()).stream().sorted(Gear.BY_NAME).toList();
  }

  /** The screens it has, coarse first, one for each opening. */
  public List<Screen> owned() {
    return screens.stream()
        .filter(OwnedScreen::isOwned)
        .map(OwnedScreen::screen)
        .filter(new FirstOfOpening()::test)
        .toList();
  }

  /** The screens it has that may be used that way, coarse first, one for each opening. */
  public List<OwnedScreen> ownedFor(Optional<Manner> manner) {
    FirstOfOpening first = new FirstOfOpening();
    return screens.stream()
        .filter(OwnedScreen::isOwned)
        .filter(screen -> screen.allows(manner))
        .filter(screen -> first.test(screen.screen()))
        .toList();
  }

  private static final class FirstOfOpening {
    private double last = Double.NaN;

    boolean test(Screen screen) {
      boolean first = screen.openingMm() != last;
      last = screen.openingMm();
      return first;
    }
  }

  /** The same with one screen known as told; another of that label is replaced. */
  public Shop with(OwnedScreen screen) {
    List<OwnedScreen> changed = new ArrayList<>(screens);
    changed.removeIf(one -> one.label().equals(screen.label()));
    changed.add(screen);
    return new Shop(changed, assumptions, containers, magnets, terms, rule, gear, routes, scales);
  }

  /** The same with other assumptions. */
  public Shop with(Assumptions other) {
    return new Shop(screens, other, containers, magnets, terms, rule, gear, routes, scales);
  }

  /** The same with one container's weight remembered; an older weight of that name is forgotten. */
  public Shop with(Container container) {
    return withContainers(Stream.concat(others(container.name()), Stream.of(container)).toList());
  }

  /** The same without a container. */
  public Shop withoutContainer(String name) {
    return withContainers(others(name).toList());
  }

  private Shop withContainers(List<Container> changed) {
    return new Shop(screens, assumptions, changed, magnets, terms, rule, gear, routes, scales);
  }

  /** The same with one magnet known as told; another of that name is replaced. */
  public Shop with(Magnet magnet) {
    return withMagnets(Stream.concat(otherMagnets(magnet.name()), Stream.of(magnet)).toList());
  }

  /** The same without a magnet. */
  public Shop withoutMagnet(String name) {
    return withMagnets(otherMagnets(name).toList());
  }

  private Shop withMagnets(List<Magnet> changed) {
    return new Shop(screens, assumptions, containers, changed, terms, rule, gear, routes, scales);
  }

  private Stream<Magnet> otherMagnets(String name) {
    return magnets.stream().filter(one -> !one.name().equalsIgnoreCase(name));
  }

  /** The same with one machine known as told; another of that name is replaced. */
  public Shop with(Gear machine) {
    return withGear(Stream.concat(otherGear(machine.name()), Stream.of(machine)).toList());
  }

  /** The same without a machine. */
  public Shop withoutGear(String name) {
    return withGear(otherGear(name).toList());
  }

  private Shop withGear(List<Gear> changed) {
    return new Shop(
        screens, assumptions, containers, magnets, terms, rule, changed, routes, scales);
  }

  private Stream<Gear> otherGear(String name) {
    return gear.stream().filter(one -> !one.name().equalsIgnoreCase(name));
  }

  /** The same with one route known as told; another of that name is replaced. */
  public Shop with(Route route) {
    return withRoutes(Stream.concat(otherRoutes(route.name()), Stream.of(route)).toList());
  }

  /** The same without a route. */
  public Shop withoutRoute(String name) {
    return withRoutes(otherRoutes(name).toList());
  }

  private Shop withRoutes(List<Route> changed) {
    return new Shop(screens, assumptions, containers, magnets, terms, rule, gear, changed, scales);
  }

  private Stream<Route> otherRoutes(String name) {
    return routes.stream().filter(one -> !one.name().equalsIgnoreCase(name));
  }

  /** The same with one scale known as told, which is the one in use from now on. */
  public Shop with(Scale scale) {
    return withScales(Stream.concat(Stream.of(scale), otherScales(scale.name())).toList());
  }

  /** The same without a scale. */
  public Shop withoutScale(String name) {
    return withScales(otherScales(name).toList());
  }

  private Shop withScales(List<Scale> changed) {
    return new Shop(screens, assumptions, containers, magnets, terms, rule, gear, routes, changed);
  }

  private Stream<Scale> otherScales(String name) {
    return scales.stream().filter(one -> !one.name().equalsIgnoreCase(name));
  }

  /** The scale in use. */
  public Optional<Scale> scale() {
    return scales.stream().findFirst();
  }

  /** The scale of a name, whatever its capitals. */
  public Optional<Scale> scale(String name) {
    return scales.stream().filter(one -> one.name().equalsIgnoreCase(name)).findFirst();
  }

  /** Its route of a name, whatever its capitals. */
  public Optional<Route> route(String name) {
    return routes.stream().filter(one -> one.name().equalsIgnoreCase(name)).findFirst();
  }

  /** The machines by weight to choose from: its own, or every kind while it told none. */
  public List<Gear> gearToChoose() {
    List<Gear> own = that(Sorts.BY_WEIGHT);
    return own.isEmpty() ? Gear.everyKind() : own;
  }

  /** The machines by weight to count on: its own, or the usual kinds while it told none. */
  public List<Gear> gearCountedOn() {
    List<Gear> own = that(Sorts.BY_WEIGHT);
    return own.isEmpty() ? Gear.usualKinds() : own;
  }

  /** Its magnets that are machines, with what is known of them. */
  public List<Gear> separators() {
    return that(Sorts.BY_MAGNET);
  }

  private List<Gear> that(Sorts by) {
    return gear.stream().filter(one -> one.sheet().working().sorts() == by).toList();
  }

  /**
   * What is known of a machine of a run: the shop's own of that name and kind, else its kind in
   * general under that name.
   */
  public Gear gear(Machine machine) {
    return gear.stream()
        .filter(one -> one.machine().equals(machine))
        .findFirst()
        .orElseGet(() -> Gear.any(machine.kind()));
  }

  /** The same with gold and time worth what is told. */
  public Shop with(Terms other) {
    return new Shop(
        screens, assumptions, containers, magnets, Optional.of(other), rule, gear, routes, scales);
  }

  /** The same with another rule of stopping. */
  public Shop with(StopRule other) {
    return new Shop(
        screens, assumptions, containers, magnets, terms, Optional.of(other), gear, routes, scales);
  }

  /** When it stops with the magnet. */
  public StopRule stopRule() {
    return rule.orElse(StopRule.USUAL);
  }

  private Stream<Container> others(String name) {
    return containers.stream().filter(one -> !one.name().equalsIgnoreCase(name));
  }

  /** What its containers weigh empty, in grams. */
  public List<Double> containersG() {
    return containers.stream().map(Container::tareG).toList();
  }

  /** The container of a name, whatever its capitals. */
  public Optional<Container> container(String name) {
    return containers.stream().filter(one -> one.name().equalsIgnoreCase(name.strip())).findFirst();
  }

  /** The screen a label names: the one it knows, else the standard one. */
  public Optional<Screen> named(String label) {
    return screen(label).map(OwnedScreen::screen).or(() -> StandardScreens.numbered(label));
  }

  /**
   * Screens stand for each other up to that ratio of their openings: ours.
   *
   * <p>Off by a half: which of its own screens a shop is told to take for those of a route.
   */
  private static final double STANDS_FOR = 1.6;

  /**
   * The stack a route asks for, of screens this shop has: those it names where all are owned, else
   * for each the nearest of the others, each once; where none comes near there is one screen less.
   * A shop that has no screen that parts the cut is told those named.
   */
  public List<Screen> stack(List<String> labels, Cut cut) {
    List<Screen> asked =
        labels.stream().flatMap(label -> named(label).stream()).filter(cut::isPartedBy).toList();
    List<Screen> own = new ArrayList<>(owned().stream().filter(cut::isPartedBy).toList());
    if (own.isEmpty() || own.containsAll(asked)) {
      return asked;
    }
    List<Screen> stack = new ArrayList<>();
    for (Screen one : asked) {
      own.stream()
          .min(Comparator.comparingDouble(other -> apart(one, other)))
          .filter(other -> apart(one, other) <= Math.log(STANDS_FOR))
          .ifPresent(
              other -> {
                own.remove(other);
                stack.add(other);
              });
    }
    stack.sort(Comparator.comparingDouble(Screen::openingMm).reversed());
    return stack.isEmpty() ? asked : List.copyOf(stack);
  }

  /** A leg of a route with screens this shop has, as {@link #stack} takes them. */
  public Route.Leg fitted(Route.Leg leg, Cut cut) {
    return leg.does() instanceof Route.Does.Screen(List<String> labels)
        ? leg.doing(new Route.Does.Screen(stack(labels, cut).stream().map(Screen::label).toList()))
        : leg;
  }

  private static double apart(Screen one, Screen other) {
    return Math.abs(Math.log(one.openingMm() / other.openingMm()));
  }

  /** The screen of a label, owned or not. */
  public Optional<OwnedScreen> screen(String label) {
    return screens.stream().filter(one -> one.label().equals(label)).findFirst();
  }
}
