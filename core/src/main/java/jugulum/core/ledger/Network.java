package jugulum.core.ledger;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import jugulum.core.check.Check;
import jugulum.core.screens.Cut;

/**
 * The live part of a batch with its links both ways: who made a lot, who took it. Computed once,
 * asked often.
 */
public final class Network {
  private final Batch batch;
  private final Map<LotId, Lot> lots = new TreeMap<>();
  private final Map<LotId, Step> makers = new HashMap<>();
  private final Map<LotId, Step> takers = new HashMap<>();
  private final List<Step> steps;

  private Network(Batch batch) {
    this.batch = batch;
    this.steps = batch.steps().stream().filter(Step::isLive).toList();
    Map<LotId, Lot> all = new HashMap<>();
    batch.lots().forEach(lot -> all.put(lot.id(), lot));
    for (Step step : steps) {
      step.outputs().forEach(id -> makers.put(id, step));
      step.outputs().forEach(id -> lots.put(id, all.get(id)));
      step.inputs().forEach(id -> takers.put(id, step));
    }
  }

  /** Links the live lots and steps of a batch whose references hold (see {@link NetworkCheck}). */
  public static Network of(Batch batch) {
    return new Network(batch);
  }

  /** The batch it was made from. */
  public Batch batch() {
    return batch;
  }

  /** The live steps in the order taken: a step comes after those that made its inputs. */
  public List<Step> steps() {
    return steps;
  }

  /** The live lots in the order made. */
  public List<Lot> lots() {
    return List.copyOf(lots.values());
  }

  /** A live lot. */
  public Optional<Lot> lot(LotId id) {
    return Optional.ofNullable(lots.get(id));
  }

  /** The step that made a lot. */
  public Optional<Step> maker(LotId id) {
    return Optional.ofNullable(makers.get(id));
  }

  /** The step that took a lot; empty for an end lot. */
  public Optional<Step> taker(LotId id) {
    return Optional.ofNullable(takers.get(id));
  }

  /** The lots no step took, in the order made. */
  public Stream<Lot> endLots() {
    return lots.values().stream().filter(lot -> !takers.containsKey(lot.id()));
  }

  /** The live lots of a list of numbers. */
  public List<Lot> lots(List<LotId> ids) {
    return ids.stream().map(lots::get).filter(Objects::nonNull).toList();
  }

  /** The sizes of what a step took, by its first lot; all sizes for a step that took none. */
  public Cut cutInto(Step step) {
    return lots(step.inputs()).stream().map(Lot::cut).findFirst().orElse(Cut.ALL);
  }

  /** The first live lot of a material that a step made. */
  public Optional<Lot> output(Step step, Material material) {
    return lots(step.outputs()).stream().filter(lot -> lot.material() == material).findFirst();
  }

  /** What came in: the lots made by steps that took none. */
  public Stream<Lot> feeds() {
    return lots.values().stream().filter(lot -> Check.known(makers, lot.id()).inputs().isEmpty());
  }
}
