package jugulum.core.scale;

import java.math.BigDecimal;
import java.math.RoundingMode;
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

  /** No weight is known to more places than that. */
  private static final int PLACES = 6;

  /** How a scale stands. */
  public enum State {
    SILENT,
    EMPTY,
    MOVING,
    STEADY,
    OVER,
    FAULT
  }

  /** Whether it shows a weight at all. */
  public boolean isHeard() {
    return state != State.SILENT && state != State.FAULT;
  }

  /**
   * What is taken for the weight of the load, without the noise of counting in tens.
   *
   * @param asGross whether the container is weighed too
   * @return in grams, to the microgram
   */
  public double takenG(boolean asGross) {
    return BigDecimal.valueOf(asGross ? grams : netG)
        .setScale(PLACES, RoundingMode.HALF_EVEN)
        .doubleValue();
  }

  /**
   * What to tell for the container: its name where it is known by its weight, "0" where the scale
   * itself took it off; empty where nobody knows.
   */
  public Optional<String> tare() {
    return isNet ? Optional.of("0") : pan.map(Container::name);
  }

  static ScaleView fault(Heard heard) {
    return without(State.FAULT, Optional.of(heard));
  }

  private static ScaleView without(State state, Optional<Heard> fault) {
    return new ScaleView(
        state, 0, 0, false, Optional.empty(), 0, false, OptionalDouble.empty(), fault);
  }
}
