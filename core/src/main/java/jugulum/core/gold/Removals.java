package jugulum.core.gold;

import java.util.LinkedHashMap;
import java.util.Map;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Step;
import jugulum.core.ledger.StepId;
import jugulum.core.passes.Removal;

/**
 * The removal estimates of the magnet steps of a batch, from what their passes freed; each worked
 * out once as long as its passes stay the same.
 */
public final class Removals {
  private final Network network;
  private final BatchSpecks specks;
  private final GoldMemory memory;

  Removals(Network network, BatchSpecks specks, GoldMemory memory) {
    this.network = network;
    this.specks = specks;
    this.memory = memory;
  }

  /** The estimates of a batch, without a memory. */
  public static Removals of(Network network) {
    return new Removals(network, BatchSpecks.of(network), new GoldMemory());
  }

  /** The estimate of a step; catches that were weighed count in mean specks of its cut. */
  Removal of(Step step) {
    return memory.removal(step.catches(specks.of(network.cutInto(step)).meanMg()));
  }

  /** The estimates of every live magnet step. */
  Map<StepId, Removal> all() {
    Map<StepId, Removal> all = new LinkedHashMap<>();
    network.steps().stream()
        .filter(step -> step.process() instanceof Process.MagnetRun)
        .forEach(step -> all.put(step.id(), of(step)));
    return all;
  }
}
