package jugulum.core.plan;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jugulum.core.machine.Gear;
import jugulum.core.machine.Proven;
import jugulum.core.runs.Evidence;
import jugulum.core.runs.MachineRecord;
import jugulum.core.runs.Pace;
import jugulum.core.runs.PastRun;
import jugulum.core.screens.Cut;

/**
 * The machines a plan may use, each with how fast it is fed: every cut goes to the one that is
 * worth most there.
 *
 * @param paces the machines, in the order they are asked
 * @param evidence what the shop's machines have shown, which goes before common practice
 */
public record Machines(Map<Gear, Pace> paces, Evidence evidence) {
  /** A shaker table, a bowl, a finishing table and a riffled pan, of which nobody said more. */
  public static final Machines USUAL =
      of(
          Gear.everyKind().stream().filter(gear -> gear.sheet().working().isUsual()).toList(),
          Evidence.NONE);

  /** Keeps its own copies, in the order given. */
  public Machines {
    paces = new LinkedHashMap<>(paces);
  }

  /** Machines at the pace of their own runs or of their sheets. */
  public static Machines of(List<Gear> gear, Evidence evidence) {
    Map<Gear, Pace> paces = new LinkedHashMap<>();
    gear.forEach(one -> paces.put(one, Pace.of(one, evidence.runs())));
    return new Machines(paces, evidence);
  }

  /** The machines. */
  public List<Gear> gear() {
    return List.copyOf(paces.keySet());
  }

  /** What a machine's own first runs on a cut let expect. */
  Optional<Proven> proven(Gear gear, Cut cut) {
    return MachineRecord.expected(evidence, gear, cut, PastRun.Kind.FIRST);
  }
}
