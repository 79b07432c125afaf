package jugulum.core.scale;

import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.weighing.Container;

/**
 * What there is to see of a scale at one moment.
 *
 * @param state how it stands
 * @param grams what it shows, in grams; 0 where it shows nothing
 * @param netG the same less the container known by its weight, in grams
 * @param isNet whether the scale itself took a tare off
 * @param pan the container known by its weight
 * @param calm how much of a second has been calm, from 0 to 1
 * @param ready whether a load stands that was not taken yet
 * @param driftG how far it moved in ten seconds under one load, in grams
 * @param fault the line that was not a weight
 */
public record ScaleView(
    State state,
    double grams,
    double netG,
    boolean isNet,
    Optional<Container> pan,
    double calm,
    boolean ready,
    OptionalDouble driftG,
    Optional<Heard> fault) {
  /** Nothing was heard, or not lately. */
  public static final ScaleView SILENT = without(State.SILENT, Optional.empty());

  /** How a scale stands. */
  public enum State {
    SILENT,
    EMPTY,
    MOVING,
    STEADY,
    OVER,
    FAULT
  }

  static ScaleView fault(Heard heard) {
    return without(State.FAULT, Optional.of(heard));
  }

  private static ScaleView without(State state, Optional<Heard> fault) {
    return new ScaleView(
        state, 0, 0, false, Optional.empty(), 0, false, OptionalDouble.empty(), fault);
  }
}
