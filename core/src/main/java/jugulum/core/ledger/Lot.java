package jugulum.core.ledger;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jugulum.core.screens.Cut;

/**
 * A container of material.
 *
 * @param id its number within the batch
 * @param material what it holds
 * @param cut the sizes it holds
 * @param name what is written on the container, may be empty
 * @param readings all readings in the order recorded, struck ones included
 */
public record Lot(LotId id, Material material, Cut cut, String name, List<Reading> readings) {
  /** Keeps its own copy of the readings. */
  public Lot {
    readings = List.copyOf(readings);
  }

  /** The readings of one kind that count, in the order recorded. */
  public <M extends Measure> Stream<M> live(Class<M> kind) {
    return readings.stream()
        .filter(Reading::isLive)
        .map(Reading::measure)
        .filter(kind::isInstance)
        .map(kind::cast);
  }

  /** The last reading of one kind that counts. */
  public <M extends Measure> Optional<M> latest(Class<M> kind) {
    return live(kind).reduce((_, later) -> later);
  }

  /** The sand weights that count, bowl by bowl. */
  public SortedMap<Integer, List<Measure.SandWeight>> bowls() {
    return live(Measure.SandWeight.class)
        .collect(
            Collectors.groupingBy(
                Measure.SandWeight::bowlNumber, TreeMap::new, Collectors.toList()));
  }

  /**
   * The dry sand weighed, in grams: the mean of every bowl, added up; empty where none was weighed.
   */
  public OptionalDouble weighedDryG() {
    return bowls().values().stream()
        .map(
            weights ->
                weights.stream().mapToDouble(Measure.SandWeight::dryG).average().orElseThrow())
        .mapToDouble(Double::doubleValue)
        .reduce(Double::sum);
  }

  /** Whether it is the cut no screen bounds above. */
  public boolean isOversize() {
    return material == Material.CUT && cut.isOversize();
  }

  /** Whether it is no longer there: thrown away, or in a pool. */
  public boolean isGone() {
    return live(Measure.Discarded.class).findAny().isPresent()
        || live(Measure.Pooled.class).findAny().isPresent();
  }

  /** Whether it is normally set aside rather than run again. */
  public boolean isSetAside() {
    return material.isSetAside() || isOversize();
  }

  /** The same lot with its readings changed. */
  public Lot with(UnaryOperator<List<Reading>> change) {
    return new Lot(id, material, cut, name, change.apply(new ArrayList<>(readings)));
  }
}
