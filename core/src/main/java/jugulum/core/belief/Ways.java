package jugulum.core.belief;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import jugulum.core.machine.Gear;
import jugulum.core.marks.OwnWindow;

/**
 * Which machine to choose for sand: the one order for list, plan, day, stock, advice and season.
 *
 * <p>The best is the one with the greatest mean of what is left when the hands are paid; of those
 * that come within {@link #TIE} of it the one that takes the fewest hands. Where the route a person
 * chose asks for a kind the shop has, that kind goes first, and it is said how much more another
 * would bring. A bowl whose own marks for that cut leave no window stands behind all others: gold
 * was seen to go on it as soon as sand did.
 */
public final class Ways {
  /**
   * Ways that come so near to the best count as equal: ours.
   *
   * <p>Off by a half: how much gold is given up for less work.
   */
  private static final double TIE = 0.02;

  private final MachineBelief machines;

  /** Over machines that have shown what they can do. */
  public Ways(MachineBelief machines) {
    this.machines = machines;
  }

  /**
   * Machines for sand, the first first.
   *
   * @param byNet the first first
   * @param better where the route asks for the first: what would bring more than it
   */
  public record Machines(List<MachineWay> byNet, Optional<MachineWay> better) {
    /** Keeps its own copy. */
    public Machines {
      byNet = List.copyOf(byNet);
    }

    /** The machine to choose. */
    public Optional<MachineWay> first() {
      return byNet.stream().findFirst();
    }
  }

  /**
   * The machines for sand.
   *
   * @param freeMg the free gold thought to be in it, native, in mg, 0 or more
   * @param gear those there are
   * @param value what gold and hours are worth
   */
  public Machines machines(Sand sand, double freeMg, List<Gear> gear, Value value) {
    List<MachineWay> ways =
        new ArrayList<>(
            gear.stream()
                .map(one -> way(one, sand, freeMg, value))
                .sorted(
                    Comparator.comparingDouble(MachineWay::net)
                        .reversed()
                        .thenComparingDouble(MachineWay::handsMinutes)
                        .thenComparing(MachineWay::gear, Gear.BY_NAME))
                .toList());
    List<MachineWay> closed = ways.stream().filter(one -> hasNoWindow(one, sand)).toList();
    if (closed.size() < ways.size()) {
      ways.removeAll(closed);
    }
    Machines open = inOrder(ways, sand);
    if (ways.containsAll(closed)) {
      return open;
    }
    return new Machines(
        Stream.concat(open.byNet().stream(), closed.stream()).toList(), open.better());
  }

  private static boolean hasNoWindow(MachineWay way, Sand sand) {
    return way.gear()
        .window(sand.cut())
        .filter(window -> window.state() == OwnWindow.State.NONE)
        .isPresent();
  }

  private static Machines inOrder(List<MachineWay> ways, Sand sand) {
    if (ways.isEmpty()) {
      return new Machines(ways, Optional.empty());
    }
    MachineWay best = ways.getFirst();
    double near = best.net() - TIE * Math.abs(best.net());
    MachineWay figures =
        ways.stream()
            .filter(one -> one.net() >= near)
            .min(Comparator.comparingDouble(MachineWay::handsMinutes))
            .orElse(best);
    Optional<MachineWay> wished =
        ways.stream()
            .filter(
                one ->
                    sand.wish()
                        .filter(kind -> one.gear().sheet().working().does(kind, one.gear().kind()))
                        .isPresent())
            .findFirst();
    MachineWay first = wished.orElse(figures);
    ways.remove(first);
    ways.addFirst(first);
    return new Machines(
        ways, wished.map(_ -> best).filter(one -> near > first.net() && one != first));
  }

  private MachineWay way(Gear gear, Sand sand, double freeMg, Value value) {
    var share = machines.share(gear, sand.cut(), sand.kind(), sand.conditions());
    Pace pace = machines.pace(gear, sand.cut());
    double won = freeMg * MachineWay.mean(share.share());
    double hands = pace.handsMinutes(sand.grams());
    return new MachineWay(
        gear, share, pace.minutes(sand.grams()), hands, won, value.net(won, hands, 0));
  }
}
