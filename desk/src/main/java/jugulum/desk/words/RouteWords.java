package jugulum.desk.words;

import java.util.Optional;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Process.GravityRun.Manner;
import jugulum.core.ledger.Process.MagnetRun.Medium;
import jugulum.core.ledger.Route;
import jugulum.core.ledger.Route.Does;
import jugulum.core.machine.Gear;
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
    if (task.gear().isEmpty()) {
      return does(words, does);
    }
    Gear gear = task.gear().get();
    String called = gear.name().isEmpty() ? words.of("machine", gear.kind()) : gear.name();
    return switch (does) {
      case Does.Magnet _ -> words.of("route.magnet.by", does(words, does), called);
      case Does.Run(var _, var manner) -> words.of(run(manner), called);
      default -> does(words, does);
    };
  }

  /** What is done next. */
  public static String does(Words words, Does does) {
    return switch (does) {
      case Does.Screen(var labels) -> words.of("route.screen", String.join(" · ", labels));
      case Does.Magnet(Medium medium) ->
          words.of(medium == Medium.UNDER_WATER ? "route.magnet.wet" : "route.magnet.dry");
      case Does.Run(Machine.Kind kind, var manner) ->
          words.of(run(manner), words.of("machine", kind));
      case Does.Keep _ -> words.of("next.bag");
      case Does.Finish _ -> words.of("next.finish");
    };
  }

  private static String run(Optional<Manner> manner) {
    return manner.filter(one -> one == Manner.OVERNIGHT).isPresent()
        ? "route.run.overnight"
        : "route.run";
  }
}
