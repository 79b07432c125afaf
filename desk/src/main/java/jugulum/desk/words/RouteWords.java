package jugulum.desk.words;

import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Process.MagnetRun.Medium;
import jugulum.core.ledger.Route;
import jugulum.core.ledger.Route.Does;
import jugulum.core.task.Routes;

/** Says what a route is called, why one goes it, and what is next on it. */
public final class RouteWords {
  private RouteWords() {}

  /**
   * What a route is called: those that ship have a text, one's own is called what one called it.
   */
  public static String name(Route route) {
    return Routes.isShipped(route) ? Words.of("route.name." + route.name()) : route.name();
  }

  /** Why one goes it; empty for one's own. */
  public static String reason(Route route) {
    return Routes.isShipped(route) ? Words.of("route.reason." + route.name()) : "";
  }

  /** What is done next. */
  public static String does(Does does) {
    return switch (does) {
      case Does.Screen(var labels) -> Words.of("route.screen", String.join(" · ", labels));
      case Does.Magnet(Medium medium) ->
          Words.of(medium == Medium.UNDER_WATER ? "route.magnet.wet" : "route.magnet.dry");
      case Does.Run(Machine.Kind kind) -> Words.of("route.run", Words.of("machine", kind));
      case Does.Keep _ -> Words.of("next.bag");
      case Does.Finish _ -> Words.of("next.finish");
    };
  }
}
