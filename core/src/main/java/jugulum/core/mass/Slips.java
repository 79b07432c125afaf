package jugulum.core.mass;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import jugulum.core.check.Check;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Measure.SandWeight;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Reading;
import jugulum.core.mass.Suspicion.Slip;

/** Every slip the bench knows, tried on a weight: what it would have been without the slip. */
final class Slips {
  private static final double UNREAD_RESOLUTION_G = 1;
  private static final int MOST_DIGITS = 9;

  private final List<Double> tares;
  private final List<Double> moistures;

  /**
   * A weight put right.
   *
   * @param slip what went wrong
   * @param readG what it says, in grams, by gross or net as the slip tells
   * @param rightG what it would have said, in grams
   * @param weight the weight that would have been written
   */
  record Righted(Slip slip, double readG, double rightG, SandWeight weight) {}

  /**
   * For the weights of a batch.
   *
   * @param containersG the weights of the containers the shop knows, in grams
   */
  Slips(Network network, List<Double> containersG) {
    List<SandWeight> all =
        network.lots().stream().flatMap(lot -> lot.live(SandWeight.class)).toList();
    this.tares =
        Stream.concat(containersG.stream(), all.stream().map(SandWeight::tareG))
            .filter(tare -> tare > 0)
            .distinct()
            .toList();
    this.moistures =
        all.stream().map(SandWeight::moisture).filter(moisture -> moisture > 0).distinct().toList();
  }

  Stream<Righted> of(SandWeight read) {
    return Stream.of(swaps(read), tareForgotten(read), tareTwice(read), wet(read), factors(read))
        .flatMap(part -> part);
  }

  /** What a lot would weigh dry, in grams, with one of its readings put right. */
  static double dryG(Lot lot, Reading reading, Righted righted) {
    Reading other =
        new Reading(
            reading.id(),
            reading.at(),
            righted.weight(),
            reading.struck(),
            reading.replaces(),
            reading.doubted());
    return lot.with(
            readings -> readings.stream().map(one -> one.equals(reading) ? other : one).toList())
        .weighedDryG()
        .orElse(0);
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
        swapped.add(
            new Righted(
                Slip.DIGITS_SWAPPED,
                read.grossG(),
                gross,
                changed(read, gross, read.tareG(), read.moisture())));
      }
    }
    return swapped.stream();
  }

  private Stream<Righted> tareForgotten(SandWeight read) {
    return tares.stream()
        .filter(tare -> read.tareG() == 0 && tare < read.grossG())
        .map(
            tare ->
                new Righted(
                    Slip.TARE_FORGOTTEN,
                    read.grossG(),
                    read.grossG() - tare,
                    changed(read, read.grossG(), tare, read.moisture())));
  }

  private static Stream<Righted> tareTwice(SandWeight read) {
    return Stream.of(read)
        .filter(weight -> weight.tareG() > 0)
        .map(
            weight ->
                new Righted(
                    Slip.TARE_TAKEN_TWICE,
                    weight.netG(),
                    weight.grossG(),
                    changed(weight, weight.grossG(), 0, weight.moisture())));
  }

  private Stream<Righted> wet(SandWeight read) {
    return moistures.stream()
        .filter(_ -> read.moisture() == 0)
        .map(
            moisture ->
                new Righted(
                    Slip.WET_TAKEN_FOR_DRY,
                    read.netG(),
                    read.netG() * (1 - moisture),
                    changed(read, read.grossG(), read.tareG(), moisture)));
  }

  private static Stream<Righted> factors(SandWeight read) {
    List<Righted> righted = new ArrayList<>();
    for (Slip slip : Slip.values()) {
      double gross = read.grossG() * slip.factor().orElse(0);
      if (gross > read.tareG() && gross <= Check.HEAVIEST_G) {
        righted.add(
            new Righted(
                slip, read.grossG(), gross, changed(read, gross, read.tareG(), read.moisture())));
      }
    }
    return righted.stream();
  }

  private static SandWeight changed(SandWeight read, double grossG, double tareG, double moisture) {
    return new SandWeight(
        grossG,
        tareG,
        moisture,
        read.resolutionG(),
        read.moistureSd(),
        read.container(),
        read.bowl());
  }
}
