package jugulum.practice.start;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.check.Check;
import jugulum.core.machine.Gear;
import jugulum.core.marks.OwnWindow;
import jugulum.practice.sand.FeedSand;

/**
 * The drill's valve in a person's own turns: where sand climbs in the model stands for where it
 * climbs on the person's bowl, where gold goes in the model for where it goes there; between and
 * outside straight. Ours: what is trained is the hand, not the litres of a bowl of another size.
 *
 * @param gear the person's bowl
 * @param window its own marks for the cut of the drill
 * @param climbs the model's flow at which nine tenths of that sand go, in L/min, above 0
 * @param goes the model's flow up to which the gold stays, in L/min, above {@code climbs}
 */
public record OwnDial(Gear gear, OwnWindow window, double climbs, double goes) {
  /**
   * The dial of the first bowl with own marks for just that sand; empty where there is none, or the
   * model knows no window for it.
   *
   * @param trade what the sand trades on the drill's bowl
   */
  public static Optional<OwnDial> of(List<Gear> gear, FeedSand sand, Trade trade) {
    if (!trade.isOpen()) {
      return Optional.empty();
    }
    double climbs = trade.wanted().orElseThrow().setting();
    return climbs < trade.most()
        ? gear.stream()
            .flatMap(one -> one.ownMarks().stream().map(own -> new Marked(one, OwnWindow.of(own))))
            .filter(one -> one.window().state() == OwnWindow.State.WINDOW)
            .filter(one -> LotSand.isOf(sand, one.window().marks().cut()))
            .findFirst()
            .map(one -> new OwnDial(one.gear(), one.window(), climbs, trade.most()))
        : Optional.empty();
  }

  private record Marked(Gear gear, OwnWindow window) {}

  /**
   * What the person's bowl would be given, in L/min.
   *
   * @param modelLMin the drill's flow, in L/min, 0 to 1000
   */
  public double litresPerMinute(double modelLMin) {
    Check.inRange("modelLMin", modelLMin, 0, 1000);
    double own = window.climbs().orElseThrow().high();
    double slope = (window.clean().orElseThrow() - own) / (goes - climbs);
    return Math.max(0, own + (modelLMin - climbs) * slope);
  }

  /** How far its valve would be open, in turns; empty outside what was looked at. */
  public OptionalDouble turns(double modelLMin) {
    return window.turnsAt(litresPerMinute(modelLMin));
  }
}
