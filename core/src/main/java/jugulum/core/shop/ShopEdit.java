package jugulum.core.shop;

import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.Route;
import jugulum.core.ledger.ScaleCheck;
import jugulum.core.machine.Gear;
import jugulum.core.weighing.Container;

/**
 * The only ways a shop changes. Each is a sentence of its journal; {@link ShopFold} carries it out.
 */
public sealed interface ShopEdit {
  /** All of it is set, as a whole book of an earlier version or a rescue tells it. */
  record Whole(Shop shop) implements ShopEdit {}

  /** A screen is known as told; another of that label is replaced. */
  record KnowScreen(OwnedScreen screen) implements ShopEdit {}

  /** New batches start with other assumptions. */
  record AssumeForNew(Assumptions assumptions) implements ShopEdit {}

  /** A container's weight is remembered; an older weight of that name is replaced. */
  record KnowContainer(Container container) implements ShopEdit {}

  /** A container is forgotten. */
  record ForgetContainer(String name) implements ShopEdit {}

  /** A magnet is known as told; another of that name is replaced. */
  record KnowMagnet(Magnet magnet) implements ShopEdit {}

  /** A magnet is forgotten. */
  record ForgetMagnet(String name) implements ShopEdit {}

  /** A machine is known as told; another of that name is replaced. */
  record KnowMachine(Gear gear) implements ShopEdit {}

  /** A machine is forgotten. */
  record ForgetMachine(String name) implements ShopEdit {}

  /** A route is known as told; another of that name is replaced. */
  record KnowRoute(Route route) implements ShopEdit {}

  /** A route is forgotten. */
  record ForgetRoute(String name) implements ShopEdit {}

  /** A scale is known as told, and in use; another of that name is replaced. */
  record KnowScale(Scale scale) implements ShopEdit {}

  /** A scale is forgotten. */
  record ForgetScale(String name) implements ShopEdit {}

  /** A check weight was put on a scale. */
  record CheckScale(String name, ScaleCheck check) implements ShopEdit {}

  /** Gold and time are worth what is told. */
  record SetTerms(Terms terms) implements ShopEdit {}

  /** Another rule tells when the magnet stops. */
  record SetStopRule(StopRule rule) implements ShopEdit {}
}
