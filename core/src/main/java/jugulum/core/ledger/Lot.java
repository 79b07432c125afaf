package jugulum.core.ledger;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
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
    return readings.stream().filter(Reading::isLive).map(Reading::measure).filter(kind::isInstance).map(kind::cast);
  }

  /** The last reading of one kind that counts. */
  public <M extends Measure> Optional<M> latest(Class<M> kind) {
    return live(kind).reduce((_, later) -> later);
  }

  /** The mean of the sand weights that count, dry, in grams; empty where it was not weighed. */
  public OptionalDouble weighedDryG() {
    return live(Measure.SandWeight.class).mapToDouble(Measure.SandWeight::dryG).average();
  }

  Lot with(UnaryOperator<List<Reading>> change) {
    return new Lot(id, material, cut, name, change.apply(new ArrayList<>(readings)));
  }
}
