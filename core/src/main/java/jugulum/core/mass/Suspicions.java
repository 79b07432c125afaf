package jugulum.core.mass;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Measure.SandWeight;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Reading;
import jugulum.core.ledger.Step;
import jugulum.core.mass.Slips.Righted;
import jugulum.core.mass.StepClosure.State;

/**
 * Looks for the single weight that would make a step's sand add up. Every weight of the step is
 * tried with every slip the bench knows; what closes the step within its tolerance is told, nearest
 * first. Nothing is changed.
 */
public final class Suspicions {
  private final Network network;
  private final Step step;
  private final StepClosure closure;
  private final Slips slips;

  private Suspicions(Network network, StepClosure closure, List<Double> containersG) {
    this.network = network;
    this.closure = closure;
    this.step =
        network.steps().stream()
            .filter(one -> one.id().equals(closure.step()))
            .findFirst()
            .orElseThrow();
    this.slips = new Slips(network, containersG);
  }

  /**
   * The suspicions on a step; none while it closes or not every lot of it was weighed.
   *
   * @param containersG the weights of the containers the shop knows, in grams
   */
  public static List<Suspicion> of(Network network, StepClosure closure, List<Double> containersG) {
    boolean off = closure.state() == State.SHORT || closure.state() == State.OVER;
    return off ? new Suspicions(network, closure, containersG).all() : List.of();
  }

  private List<Suspicion> all() {
    List<Suspicion> found = new ArrayList<>();
    network.lots(step.inputs()).forEach(lot -> onLot(lot, true, found));
    network.lots(step.outputs()).forEach(lot -> onLot(lot, false, found));
    found.sort(Comparator.comparingDouble(suspicion -> Math.abs(suspicion.missesG())));
    return List.copyOf(found);
  }

  private void onLot(Lot lot, boolean input, List<Suspicion> found) {
    for (Reading reading : lot.readings()) {
      if (reading.isLive() && reading.measure() instanceof SandWeight read) {
        slips.of(read).forEach(slip -> consider(lot, reading, slip, input, found));
      }
    }
  }

  private void consider(
      Lot lot, Reading reading, Righted righted, boolean input, List<Suspicion> found) {
    double before = lot.weighedDryG().orElse(0);
    double after = Slips.dryG(lot, reading, righted);
    double in = closure.inG() + (input ? after - before : 0);
    double out = closure.outG() + (input ? 0 : after - before);
    if (in > 0 && Math.abs(out - in) <= closure.tolerance() * in) {
      found.add(
          new Suspicion(
              lot.id(), reading.id(), righted.slip(), righted.readG(), righted.rightG(), out - in));
    }
  }
}
