package jugulum.desk.words;

import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Process.GravityRun.Manner;
import jugulum.core.ledger.Process.MagnetRun.Medium;
import jugulum.core.ledger.Route;
import jugulum.core.ledger.Route.Does;
import jugulum.core.task.Routes;
import jugulum.core.task.Task;

/** Says what a route is called, why one goes it, and what is next on it. */
public final class RouteWords {
  private RouteWords() {}

  /**
   * What a route is called: those that ship have a text, one's own is called what one called it.
   */
  public static String name(Words words, Route route) {
    return Routes.isShipped(route) ? words.of("route.name." + route.name()) : route.name();
  }

  /** Why one goes it; empty for one's own. */
  public static String reason(Words words, Route route) {
    return Routes.isShipped(route) ? words.of("route.reason." + route.name()) : "";
  }

  /** What is to be begun, with the machine it is run over. */
  public static String does(Words words, Task task) {
    Does does = task.leg().orElseThrow().does();
    return task.gear()
        .filter(gear -> !gear.name().isEmpty())
        .map(gear -> words.of("route.run", gear.name()))
        .orElseGet(
            () ->
                does(words, task.gear().<Does>map(gear -> new Does.Run(gear.kind())).orElse(does)));
  }

  /** What is done next. */
  public static String does(Words words, Does does) {
    return switch (does) {
      case Does.Screen(var labels) -> words.of("route.screen", String.join(" · ", labels));
      case Does.Magnet(Medium medium) ->
          words.of(medium == Medium.UNDER_WATER ? "route.magnet.wet" : "route.magnet.dry");
      case Does.Run(Machine.Kind kind, var manner) ->
          words.of(
              manner.filter(one -> one == Manner.OVERNIGHT).isPresent()
                  ? "route.run.overnight"
                  : "route.run",
              words.of("machine", kind));
      case Does.Keep _ -> words.of("next.bag");
      case Does.Finish _ -> words.of("next.finish");
    };
  }
}
