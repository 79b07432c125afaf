package jugulum.desk.live;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Step;
import jugulum.core.ledger.StepId;
import jugulum.core.machine.Due;
import jugulum.core.machine.RunLog;
import jugulum.core.shop.Shop;
import jugulum.core.smelt.MeltTimer;

/**
 * Keeps in view which machines run, what is in the fire and what they ask for, also while another
 * batch is on the bench. For the interface thread.
 */
public final class RunWatch {
  private final Map<BatchId, List<Watched>> byBatch = new LinkedHashMap<>();

  /** The batches in which something goes on, as they were seen last. */
  private final Map<BatchId, Network> networks = new LinkedHashMap<>();

  private final ReadOnlyObjectWrapper<List<Watched>> running =
      new ReadOnlyObjectWrapper<>(List.of());

  /** What goes on while one looks elsewhere. */
  public sealed interface Going {
    /** A machine that runs. */
    record Run(StepId step, Machine machine) implements Going {}

    /**
     * Sand that is melted.
     *
     * @param crucible its number; 0 for the roast of all of it
     */
    record Melt(LotId lot, int crucible) implements Going {}
  }

  /**
   * Something that goes on.
   *
   * @param batch the batch it belongs to
   * @param name what is written on its bucket
   * @param going what
   * @param due what it asks for, soonest first
   */
  public record Watched(BatchId batch, String name, Going going, List<Due> due) {
    /** Keeps its own copy. */
    public Watched {
      due = List.copyOf(due);
    }
  }

  public ReadOnlyObjectProperty<List<Watched>> running() {
    return running.getReadOnlyProperty();
  }

  /** The batches in which something goes on. */
  public Set<BatchId> batches() {
    return Set.copyOf(byBatch.keySet());
  }

  public void watch(Network network, Shop shop) {
    BatchId id = network.batch().id();
    Stream<Watched> runs =
        network.steps().stream()
            .filter(step -> step.process().on().isPresent() && RunLog.of(step).isRunning())
            .map(step -> watched(network, step, shop));
    Stream<Watched> melts =
        network.lots().stream()
            .flatMap(lot -> MeltTimer.of(lot).stream().map(timer -> watched(network, lot, timer)));
    List<Watched> found =
        network.batch().closed() ? List.of() : Stream.concat(runs, melts).toList();
    if (found.isEmpty()) {
      forget(id);
    } else {
      byBatch.put(id, found);
      networks.put(id, network);
      tell();
    }
  }

  /** The machines of the shop changed, and so may what they ask for. */
  public void again(Shop shop) {
    List.copyOf(networks.values()).forEach(network -> watch(network, shop));
  }

  public void forget(BatchId id) {
    networks.remove(id);
    if (byBatch.remove(id) != null) {
      tell();
    }
  }

  private void tell() {
    List<Watched> all = new ArrayList<>();
    byBatch.values().forEach(all::addAll);
    running.set(List.copyOf(all));
  }

  private static Watched watched(Network network, Step step, Shop shop) {
    Machine machine = step.process().on().orElseThrow();
    return new Watched(
        network.batch().id(),
        network.batch().label().name(),
        new Going.Run(step.id(), machine),
        due(network, step, shop));
  }

  private static Watched watched(Network network, Lot lot, MeltTimer timer) {
    return new Watched(
        network.batch().id(),
        network.batch().label().name(),
        new Going.Melt(lot.id(), timer.crucible()),
        List.of(timer.due()));
  }

  /** What a run asks for, by the sheet of its machine in this shop. */
  public static List<Due> due(Network network, Step step, Shop shop) {
    return step.process()
        .on()
        .map(machine -> Due.of(network, step, shop.gear(machine).sheet(), fed(network, step)))
        .orElse(List.of());
  }

  /** What it took, in grams, where all of that was weighed. */
  private static OptionalDouble fed(Network network, Step step) {
    List<OptionalDouble> weighed =
        network.lots(step.inputs()).stream().map(Lot::weighedDryG).toList();
    return weighed.stream().allMatch(OptionalDouble::isPresent)
        ? OptionalDouble.of(
            weighed.stream().collect(Collectors.summingDouble(OptionalDouble::getAsDouble)))
        : OptionalDouble.empty();
  }
}
