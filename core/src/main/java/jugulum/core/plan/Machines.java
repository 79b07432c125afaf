package jugulum.core.plan;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import jugulum.core.ledger.Machine;
import jugulum.core.machine.Gear;
import jugulum.core.machine.Proven;
import jugulum.core.runs.MachineRecord;
import jugulum.core.runs.Pace;
import jugulum.core.runs.PastRun;
import jugulum.core.screens.Cut;

/**
 * The machines a plan may use, each with how fast it is fed: every cut goes to the one that is
 * worth most there.
 *
 * @param paces the machines, in the order they are asked
 * @param runs the shop's runs, of which a machine's own on the same cut go before common practice
 */
public record Machines(Map<Gear, Pace> paces, List<PastRun> runs) {
  /** A shaker table, a bowl, a finishing table and a riffled pan, of which nobody said more. */
  public static final Machines USUAL =
      of(
          Stream.of(
                  Machine.Kind.SHAKER_TABLE,
                  Machine.Kind.VORTEX_BOWL,
                  Machine.Kind.FINISHING_TABLE,
                  Machine.Kind.RIFFLED_PAN)
              .map(Gear::any)
              .toList(),
          List.of());

  /** Keeps its own copies, in the order given. */
  public Machines {
    paces = new LinkedHashMap<>(paces);
    runs = List.copyOf(runs);
  }

  /** Machines at the pace of their own runs or of their sheets. */
  public static Machines of(List<Gear> gear, List<PastRun> runs) {
    Map<Gear, Pace> paces = new LinkedHashMap<>();
    gear.forEach(one -> paces.put(one, Pace.of(one, runs)));
    return new Machines(paces, runs);
  }

  /** The machines. */
  public List<Gear> gear() {
    return List.copyOf(paces.keySet());
  }

  /** What a machine's own first runs on a cut let expect. */
  Optional<Proven> proven(Gear gear, Cut cut) {
    List<PastRun> its = runs.stream().filter(run -> run.machine().equals(gear.machine())).toList();
    return its.isEmpty() ? Optional.empty() : MachineRecord.expected(its, cut, PastRun.Kind.FIRST);
  }
}
