package jugulum.core.mass;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import jugulum.core.check.Check;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Measure.SandWeight;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Reading;
import jugulum.core.ledger.Step;
import jugulum.core.mass.StepClosure.State;
import jugulum.core.mass.Suspicion.Slip;

/**
 * Looks for the single weight that would make a step's sand add up. Every weight of the step is tried with every slip the bench knows;
 * what closes the step within its tolerance is told, nearest first. Nothing is changed.
 */
public final class Suspicions {
  private static final double UNREAD_RESOLUTION_G = 1;
  private static final int MOST_DIGITS = 9;

  private final Network network;
  private final Step step;
  private final StepClosure closure;
  private final List<Double> tares;
  private final List<Double> moistures;

  private Suspicions(Network network, StepClosure closure, List<Double> containersG) {
    this.network = network;
    this.closure = closure;
    this.step = network.steps().stream().filter(one -> one.id().equals(closure.step())).findFirst().orElseThrow();
    List<SandWeight> all = network.lots().stream().flatMap(lot -> lot.live(SandWeight.class)).toList();
    this.tares = Stream.concat(containersG.stream(), all.stream().map(SandWeight::tareG)).filter(tare -> tare > 0).distinct().toList();
    this.moistures = all.stream().map(SandWeight::moisture).filter(moisture -> moisture > 0).distinct().toList();
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
        slips(read).forEach(slip -> consider(lot, reading, slip, input, found));
      }
    }
  }

  /** A slip with the weight as it should have been. */
  private record Righted(Slip slip, double readG, double rightG, SandWeight weight) {}

  private void consider(Lot lot, Reading reading, Righted righted, boolean input, List<Suspicion> found) {
    double before = lot.weighedDryG().orElse(0);
    double after = with(lot, reading, righted.weight()).weighedDryG().orElse(0);
    double in = closure.inG() + (input ? after - before : 0);
    double out = closure.outG() + (input ? 0 : after - before);
    if (in > 0 && Math.abs(out - in) <= closure.tolerance() * in) {
      found.add(new Suspicion(lot.id(), reading.id(), righted.slip(), righted.readG(), righted.rightG(), out - in));
    }
  }

  private static Lot with(Lot lot, Reading reading, SandWeight weight) {
    Reading other = new Reading(reading.id(), reading.at(), weight, reading.struck(), reading.replaces());
    return lot.with(readings -> readings.stream().map(one -> one.equals(reading) ? other : one).toList());
  }

  private Stream<Righted> slips(SandWeight read) {
    return Stream.of(swaps(read), tareForgotten(read), tareTwice(read), wet(read), units(read)).flatMap(part -> part);
  }

  private static Stream<Righted> swaps(SandWeight read) {
    double unit = read.resolutionG() > 0 ? read.resolutionG() : UNREAD_RESOLUTION_G;
    long places = Math.round(read.grossG() / unit);
    String digits = Long.toString(places);
    if (digits.length() < 2 || digits.length() > MOST_DIGITS) {
      return Stream.empty();
    }
    List<Righted> swapped = new ArrayList<>();
    for (int i = 1; i < digits.length(); i++) {
      char[] other = digits.toCharArray();
      other[i - 1] = digits.charAt(i);
      other[i] = digits.charAt(i - 1);
      double gross = Long.parseLong(new String(other)) * unit;
      if (other[i] != other[i - 1] && other[0] != '0' && gross >= read.tareG()) {
        swapped.add(new Righted(Slip.DIGITS_SWAPPED, read.grossG(), gross, changed(read, gross, read.tareG(), read.moisture())));
      }
    }
    return swapped.stream();
  }

  private Stream<Righted> tareForgotten(SandWeight read) {
    return tares.stream()
        .filter(tare -> read.tareG() == 0 && tare < read.grossG())
        .map(tare -> new Righted(Slip.TARE_FORGOTTEN, read.grossG(), read.grossG() - tare, changed(read, read.grossG(), tare, read.moisture())));
  }

  private static Stream<Righted> tareTwice(SandWeight read) {
    return Stream.of(read)
        .filter(weight -> weight.tareG() > 0)
        .map(weight -> new Righted(Slip.TARE_TAKEN_TWICE, weight.netG(), weight.grossG(), changed(weight, weight.grossG(), 0, weight.moisture())));
  }

  private Stream<Righted> wet(SandWeight read) {
    return moistures.stream()
        .filter(_ -> read.moisture() == 0)
        .map(moisture -> new Righted(Slip.WET_TAKEN_FOR_DRY, read.netG(), read.netG() * (1 - moisture), changed(read, read.grossG(), read.tareG(), moisture)));
  }

  private static Stream<Righted> units(SandWeight read) {
    List<Righted> righted = new ArrayList<>();
    for (Slip slip : Slip.values()) {
      double gross = read.grossG() * slip.unitFactor().orElse(0);
      if (gross > read.tareG() && gross <= Check.HEAVIEST_G) {
        righted.add(new Righted(slip, read.grossG(), gross, changed(read, gross, read.tareG(), read.moisture())));
      }
    }
    return righted.stream();
  }

  private static SandWeight changed(SandWeight read, double grossG, double tareG, double moisture) {
    return new SandWeight(grossG, tareG, moisture, read.resolutionG(), read.moistureSd(), read.container(), read.bowl());
  }
}
