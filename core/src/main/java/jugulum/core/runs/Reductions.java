package jugulum.core.runs;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Step;

/**
 * Runs of one machine that belong together: concentrates reduced in several cuts, and tailings run
 * again.
 */
public final class Reductions {
  private Reductions() {}

  /**
   * The cuts of a run, in order: each takes the concentrate of the one before over the same
   * machine, usually with less tilt each time. At least the step itself.
   */
  public static List<Step> cuts(Network network, Step step) {
    return chain(network, step, Material.CONCENTRATE, true);
  }

  /**
   * Repeated passes over the same sand, in order: each takes the tailings of the one before, on
   * whatever machine. At least the step itself.
   */
  public static List<Step> repeats(Network network, Step step) {
    return chain(network, step, Material.TAILINGS, false);
  }

  private static List<Step> chain(
      Network network, Step step, Material through, boolean sameMachine) {
    List<Step> chain = new ArrayList<>(List.of(step));
    for (Optional<Step> one = before(network, step, through, sameMachine);
        one.isPresent();
        one = before(network, one.get(), through, sameMachine)) {
      chain.addFirst(one.get());
    }
    for (Optional<Step> one = after(network, step, through, sameMachine);
        one.isPresent();
        one = after(network, one.get(), through, sameMachine)) {
      chain.addLast(one.get());
    }
    return List.copyOf(chain);
  }

  private static Optional<Step> before(
      Network network, Step step, Material through, boolean sameMachine) {
    if (step.inputs().size() != 1) {
      return Optional.empty();
    }
    Optional<Lot> taken =
        network.lot(step.inputs().getFirst()).filter(lot -> lot.material() == through);
    return taken
        .flatMap(lot -> network.maker(lot.id()))
        .filter(maker -> belongs(maker, step, sameMachine));
  }

  private static Optional<Step> after(
      Network network, Step step, Material through, boolean sameMachine) {
    return network
        .output(step, through)
        .flatMap(lot -> network.taker(lot.id()))
        .filter(taker -> taker.inputs().size() == 1)
        .filter(taker -> belongs(step, taker, sameMachine));
  }

  private static boolean belongs(Step one, Step next, boolean sameMachine) {
    List<Machine> machines =
        Stream.of(one, next).map(Reductions::machine).flatMap(Optional::stream).toList();
    return machines.size() == 2 && (!sameMachine || machines.getFirst().equals(machines.getLast()));
  }

  private static Optional<Machine> machine(Step step) {
    return step.process() instanceof Process.GravityRun(Machine machine, var _)
        ? Optional.of(machine)
        : Optional.empty();
  }
}
