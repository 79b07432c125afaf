package jugulum.core.gold;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure.PannedSample;
import jugulum.core.ledger.Measure.Pictured;
import jugulum.core.specks.SizeLaw;
import jugulum.core.specks.Speck.Between;
import jugulum.core.specks.SpeckSizes;

/**
 * What a batch tells of the sizes of its gold.
 *
 * <p>Specks of a panned sample counted by size, and those of a picture by their shortest axis, fall
 * into their classes as the law lets them (multinomial); the gold won of cuts with two screens is
 * to the sums of cubes between them as one density is, each give or take {@link #CUTS_LOG_SD} in
 * the logarithm (normal, their common level left open); a handful counted out and weighed of a cut
 * with one screen tells its mean cube. What a machine or a magnet has taken its share of is no
 * longer the gold of the batch, so samples of tailings and magnetics tell nothing here.
 *
 * @param samples specks by size, a sample each
 * @param won what was won of cuts with two screens
 * @param handfuls specks weighed of cuts with one screen or none
 */
record SizesSeen(List<List<Count>> samples, List<Won> won, List<Handful> handfuls) {
  /**
   * How far the gold won of a cut strays from what was in it, cut by cut: an assumption of ours, as
   * a standard deviation of the logarithm. Machines win less of the fine, and screens pass some on.
   *
   * <p>Off by a half: how much the gold won tells of the weight of specks in cuts with one screen.
   */
  static final double CUTS_LOG_SD = 0.5;

  /** Fewer pixels along the shortest axis are often not found; docs/science/eye.md. */
  private static final double LEAST_PX = 6;

  /** From class to class of the sizes of a picture: as sieves of a series stand apart. */
  private static final double CLASS = Math.sqrt(2);

  /** The last class has no end but that of its lot. */
  private static final double COARSEST_MM = 8;

  private static final Set<Material> AS_IT_CAME =
      Set.of(Material.FEED, Material.CUT, Material.NON_MAGNETICS);

  /** Specks between two sizes, of one sample. */
  record Count(Between between, int specks) {}

  /** Gold won between two screens, in grams. */
  record Won(Between between, double grams) {}

  /** The mean cube of counted specks, in mm³, and the variance of its logarithm. */
  record Handful(Between between, double cubeMm3, double logVariance) {}

  /** Specks by size of the samples of sand no machine has had. */
  static List<List<Count>> samples(List<Lot> lots, double finestMm) {
    return lots.stream()
        .filter(lot -> AS_IT_CAME.contains(lot.material()))
        .flatMap(lot -> Stream.concat(panned(lot, finestMm), pictured(lot, finestMm)))
        .filter(counts -> counts.size() > 1)
        .toList();
  }

  /** What was counted by size of a picture is counted there, more finely. */
  private static Stream<List<Count>> panned(Lot lot, double finestMm) {
    Set<Integer> inPictures =
        PicturedGold.pictures(lot).map(one -> one.specks().size()).collect(Collectors.toSet());
    return lot.live(PannedSample.class)
        .filter(sample -> !inPictures.contains(sample.specks()))
        .map(sample -> counts(sample, finestMm));
  }

  /**
   * Specks of fewer pixels than {@link #LEAST_PX} are often not found, so such sizes tell nothing;
   * of a lot between screens those are told that can lie between them.
   */
  private static Stream<List<Count>> pictured(Lot lot, double finestMm) {
    return PicturedGold.pictures(lot)
        .map(picture -> counts(picture, Math.max(finestMm, LEAST_PX / picture.pxPerMm()), lot));
  }

  private static List<Count> counts(Pictured picture, double finestMm, Lot lot) {
    double from = Math.max(finestMm, lot.cut().lowerMm());
    double end = lot.cut().upperMm();
    List<Count> counts = new ArrayList<>();
    for (double low = from; low < Math.min(end, COARSEST_MM); low *= CLASS) {
      double high = low * CLASS < COARSEST_MM ? Math.min(end, low * CLASS) : end;
      double least = low;
      int specks =
          (int)
              picture.specks().stream()
                  .mapToDouble(Pictured.SpeckSize::shortMm)
                  .filter(mm -> mm >= least && mm < high)
                  .count();
      counts.add(new Count(new Between(low, high), specks));
    }
    return counts;
  }

  private static List<Count> counts(PannedSample sample, double finestMm) {
    return sample.seen().stream()
        .filter(one -> one.cut().upperMm() > finestMm)
        .map(
            one ->
                new Count(
                    new Between(Math.max(finestMm, one.cut().lowerMm()), one.cut().upperMm()),
                    one.specks()))
        .toList();
  }

  /** What is known of the sizes. */
  SpeckSizes sizes() {
    boolean tells =
        !handfuls.isEmpty() || won.size() > 1 || samples.stream().anyMatch(SizesSeen::isAny);
    return tells ? SpeckSizes.BEFOREHAND.given(this::logLikelihood) : SpeckSizes.BEFOREHAND;
  }

  private static boolean isAny(List<Count> counts) {
    return counts.stream().anyMatch(one -> one.specks() > 0);
  }

  private double logLikelihood(SizeLaw law) {
    return samples.stream().mapToDouble(counts -> counted(counts, law)).sum()
        + (won.size() > 1 ? weighed(law) : 0)
        + handfuls.stream().mapToDouble(one -> handful(one, law)).sum();
  }

  private static double counted(List<Count> counts, SizeLaw law) {
    double all = 0;
    double log = 0;
    int specks = 0;
    for (Count one : counts) {
      double share = Math.max(LEAST, law.share(one.between().fromMm(), one.between().toMm()));
      all += share;
      log += one.specks() * StrictMath.log(share);
      specks += one.specks();
    }
    return log - specks * StrictMath.log(all);
  }

  private double weighed(SizeLaw law) {
    double[] off =
        won.stream()
            .mapToDouble(
                one ->
                    StrictMath.log(one.grams())
                        - StrictMath.log(
                            Math.max(
                                LEAST, law.cubesMm3(one.between().fromMm(), one.between().toMm()))))
            .toArray();
    double level = 0;
    for (double one : off) {
      level += one / off.length;
    }
    double squares = 0;
    for (double one : off) {
      squares += (one - level) * (one - level);
    }
    return -squares / (2 * CUTS_LOG_SD * CUTS_LOG_SD);
  }

  private static double handful(Handful seen, SizeLaw law) {
    double off =
        StrictMath.log(seen.cubeMm3())
            - StrictMath.log(law.cubeMm3(seen.between().fromMm(), seen.between().toMm()));
    return -off * off / (2 * seen.logVariance());
  }

  /** Less than that is none; a logarithm needs some. */
  private static final double LEAST = 1e-12;
}
