package jugulum.core.eye;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;

/**
 * What was seen in a picture.
 *
 * @param specks all that may be gold, with what each is taken for
 * @param scale how large things are
 * @param burnt which share of the pixels of gold is at the top of the scale, 0 to 1
 * @param blurPx how far borders are blurred, as a standard deviation in pixels; empty where none is
 *     large enough to tell
 * @param yellowness how much yellower than white a neutral ground looks, as a logarithm
 */
public record PictureSeen(
    List<SeenSpeck> specks,
    PictureScale scale,
    double burnt,
    OptionalDouble blurPx,
    double yellowness) {
  /** What stands in the way of a mass, as a sentence will say it. */
  public enum Trouble {
    /** Nothing looks like gold. */
    NO_GOLD,
    BURNT_OUT,
    BLURRED,
    TOO_FEW_PIXELS,
    YELLOW_LIGHT,
    TOO_MUCH_LOOKS_LIKE_GOLD,
    TOO_FEW_TO_SET_BY,
    WEAK_SCALE,
    GO_NEARER
  }

  /** More of its gold at the top of the scale is burnt out. */
  private static final double MOST_BURNT = 0.25;

  private static final double MOST_BLUR = 1.7;

  /** More blur beside the middle speck is too much. */
  private static final double BLUR_OF_SPECK = 0.2;

  private static final double LEAST_ACROSS = 6;
  private static final double LEAST_PER_MM = 12;
  private static final int FEWEST = 5;
  private static final double MOST_DOUBTFUL = 0.5;

  /** Keeps its own copy. */
  public PictureSeen {
    specks = List.copyOf(specks);
  }

  /** Those that count as gold. */
  public List<SeenSpeck> gold() {
    return specks.stream().filter(SeenSpeck::isGold).toList();
  }

  /** How large the middle one of the gold is, in pixels across; 0 without gold. */
  public double middleAcross() {
    return median(gold().stream().mapToDouble(SeenSpeck::acrossPx).toArray());
  }

  /** What stands in the way, in the order in which it is to be mended; empty where nothing does. */
  public List<Trouble> troubles() {
    List<Trouble> found = new ArrayList<>();
    List<SeenSpeck> gold = gold();
    if (scale.isWeak()) {
      found.add(Trouble.WEAK_SCALE);
    }
    if (scale.pxPerMm() < LEAST_PER_MM) {
      found.add(Trouble.GO_NEARER);
    }
    if (gold.isEmpty()) {
      found.add(Trouble.NO_GOLD);
      return found;
    }
    if (burnt > MOST_BURNT) {
      found.add(Trouble.BURNT_OUT);
    }
    double blur = blurPx.orElse(0);
    if (blur > MOST_BLUR || blur > BLUR_OF_SPECK * middleAcross()) {
      found.add(Trouble.BLURRED);
    }
    if (middleAcross() < LEAST_ACROSS) {
      found.add(Trouble.TOO_FEW_PIXELS);
    }
    if (yellowness > Colours.YELLOW_LIGHT) {
      found.add(Trouble.YELLOW_LIGHT);
    }
    long doubtful =
        gold.stream()
            .filter(one -> one.why().filter(why -> why != SeenSpeck.Why.SMALL).isPresent())
            .count();
    if (doubtful > MOST_DOUBTFUL * gold.size()) {
      found.add(Trouble.TOO_MUCH_LOOKS_LIKE_GOLD);
    }
    if (gold.size() < FEWEST) {
      found.add(Trouble.TOO_FEW_TO_SET_BY);
    }
    return found;
  }

  /** The middle one of some numbers; 0 of none. */
  static double median(double[] values) {
    double[] sorted = values.clone();
    Arrays.sort(sorted);
    return sorted.length == 0
        ? 0
        : (sorted[(sorted.length - 1) / 2] + sorted[sorted.length / 2]) / 2;
  }
}
