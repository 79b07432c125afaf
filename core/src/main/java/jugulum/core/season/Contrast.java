package jugulum.core.season;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * What several things that are so or not so make of a figure, among cases of the same kind.
 *
 * <p>Textbook: regression with fixed effects, each case less the mean of its kind, and a chance
 * effect of the batch, since the cuts of one batch are not independent of each other. Used: {@link
 * Clustered}. The mean of a kind is taken off before batches are weighed: ours, exact where every
 * batch has the same kinds. One case of a kind tells nothing, and of a thing that is always or
 * never so within every kind nothing is told.
 *
 * @param effects what each makes of the figure, in the order asked; empty where nothing is told
 */
record Contrast(List<Optional<Effect>> effects) {
  /**
   * A case.
   *
   * @param batch what it has in common with others that is nobody's doing
   * @param kind its kind: only cases of one kind are compared
   * @param figure the figure
   * @param so what is so of it, in one order for all
   */
  record Case(String batch, String kind, double figure, List<Boolean> so) {}

  /**
   * What one thing makes of the figure.
   *
   * @param mean how much it moves it
   * @param half half the 95 % range of that, 0 or more
   * @param chance how likely chance alone moves it as far, 0 to 1
   */
  record Effect(double mean, double half, double chance) {
    double low() {
      return mean - half;
    }

    double high() {
      return mean + half;
    }
  }

  /**
   * Compares.
   *
   * @param things how many things are asked about
   */
  static Contrast of(List<Case> cases, int things) {
    Map<String, List<Case>> kinds = new TreeMap<>();
    cases.forEach(one -> kinds.computeIfAbsent(one.kind(), _ -> new ArrayList<>()).add(one));
    kinds.values().removeIf(its -> its.size() < 2);
    Map<String, List<double[]>> batches = new LinkedHashMap<>();
    for (List<Case> its : kinds.values()) {
      double[] mean = mean(its.stream().map(one -> row(one, things)).toList(), things + 1);
      for (Case one : its) {
        batches
            .computeIfAbsent(one.batch(), _ -> new ArrayList<>())
            .add(Clustered.minus(row(one, things), mean));
      }
    }
    return new Contrast(Clustered.of(batches.values(), things, kinds.size()).effects());
  }

  private static double[] row(Case one, int things) {
    double[] row = new double[things + 1];
    for (int thing = 0; thing < things; thing++) {
      row[thing] = one.so().get(thing) ? 1 : 0;
    }
    row[things] = one.figure();
    return row;
  }

  /** The mean of rows, column by column. */
  static double[] mean(List<double[]> rows, int columns) {
    double[] mean = new double[columns];
    for (double[] row : rows) {
      for (int column = 0; column < columns; column++) {
        mean[column] += row[column] / rows.size();
      }
    }
    return mean;
  }
}
