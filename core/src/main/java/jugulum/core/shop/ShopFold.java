package jugulum.core.shop;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import jugulum.core.ledger.Route;
import jugulum.core.ledger.ScaleCheck;
import jugulum.core.machine.Gear;
import jugulum.core.stream.Applied;
import jugulum.core.stream.Fold;
import jugulum.core.weighing.Container;

/**
 * The shop as a stream of edits; before the first it is {@link Shop#USUAL the usual one}. Nothing a
 * shop is told can contradict what it was told before.
 */
public final class ShopFold implements Fold<Shop, ShopEdit> {
  @Override
  public Applied<Shop> apply(Optional<Shop> before, ShopEdit edit, Instant at) {
    return new Applied.Done<>(replay(before, edit, at));
  }

  @Override
  public Shop replay(Optional<Shop> before, ShopEdit edit, Instant at) {
    Shop shop = before.orElse(Shop.USUAL);
    return switch (edit) {
      case ShopEdit.Whole(Shop whole) -> whole;
      case ShopEdit.KnowScreen(OwnedScreen screen) -> shop.with(screen);
      case ShopEdit.AssumeForNew(var assumptions) -> shop.with(assumptions);
      case ShopEdit.KnowContainer(Container container) -> shop.with(container);
      case ShopEdit.ForgetContainer(String name) -> shop.withoutContainer(name);
      case ShopEdit.KnowMagnet(Magnet magnet) -> shop.with(magnet);
      case ShopEdit.ForgetMagnet(String name) -> shop.withoutMagnet(name);
      case ShopEdit.KnowMachine(Gear gear) -> shop.with(gear);
      case ShopEdit.ForgetMachine(String name) -> shop.withoutGear(name);
      case ShopEdit.KnowRoute(Route route) -> shop.with(route);
      case ShopEdit.ForgetRoute(String name) -> shop.withoutRoute(name);
      case ShopEdit.KnowScale(Scale scale) -> shop.with(scale);
      case ShopEdit.ForgetScale(String name) -> shop.withoutScale(name);
      case ShopEdit.CheckScale(String name, ScaleCheck check) ->
          shop.scale(name).map(scale -> shop.with(scale.checked(check))).orElse(shop);
      case ShopEdit.SetTerms(Terms terms) -> shop.with(terms);
      case ShopEdit.SetStopRule(StopRule rule) -> shop.with(rule);
    };
  }

  /** An edit says the same where the one thing it changes is still as it was seen. */
  @Override
  public boolean saysTheSame(Optional<Shop> seen, Optional<Shop> now, List<ShopEdit> edits) {
    return edits.stream()
        .map(ShopFold::changed)
        .allMatch(
            piece ->
                piece.apply(seen.orElse(Shop.USUAL)).equals(piece.apply(now.orElse(Shop.USUAL))));
  }

  private static Function<Shop, Object> changed(ShopEdit edit) {
    return switch (edit) {
      case ShopEdit.Whole _ -> shop -> shop;
      case ShopEdit.KnowScreen(OwnedScreen screen) -> shop -> shop.screen(screen.label());
      case ShopEdit.AssumeForNew _ -> Shop::assumptions;
      case ShopEdit.KnowContainer(Container container) -> shop -> shop.container(container.name());
      case ShopEdit.ForgetContainer(String name) -> shop -> shop.container(name);
      case ShopEdit.KnowMagnet(Magnet magnet) -> shop -> magnet(shop, magnet.name());
      case ShopEdit.ForgetMagnet(String name) -> shop -> magnet(shop, name);
      case ShopEdit.KnowMachine(Gear gear) -> shop -> gear(shop, gear.name());
      case ShopEdit.ForgetMachine(String name) -> shop -> gear(shop, name);
      case ShopEdit.KnowRoute(Route route) -> shop -> shop.route(route.name());
      case ShopEdit.ForgetRoute(String name) -> shop -> shop.route(name);
      case ShopEdit.KnowScale(Scale scale) -> shop -> shop.scale(scale.name());
      case ShopEdit.ForgetScale(String name) -> shop -> shop.scale(name);
      case ShopEdit.CheckScale(String name, var _) -> shop -> shop.scale(name);
      case ShopEdit.SetTerms _ -> Shop::terms;
      case ShopEdit.SetStopRule _ -> Shop::rule;
    };
  }

  private static Optional<Magnet> magnet(Shop shop, String name) {
    return shop.magnets().stream().filter(one -> one.name().equalsIgnoreCase(name)).findFirst();
  }

  private static Optional<Gear> gear(Shop shop, String name) {
    return shop.gear().stream().filter(one -> one.name().equalsIgnoreCase(name)).findFirst();
  }

  @Override
  public ShopEdit whole(Shop shop) {
    return new ShopEdit.Whole(shop);
  }
}
