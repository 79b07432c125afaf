package jugulum.practice.deck;

import java.util.Arrays;
import jugulum.practice.law.DeckLaws;
import jugulum.practice.sand.GrainKind;
import jugulum.practice.sand.Grains;

/**
 * The sand that lies on a deck, cell by cell between its riffles: densest lowest, fine below coarse
 * of one density (consolidation trickling).
 */
final class DeckBed {
  private static final double CELL_M = 0.02;

  /** Sizes told apart within a mineral. */
  private static final int SIZES = 4;

  private static final int CLASSES = GrainKind.values().length * SIZES;

  final int columns;
  private final int rows;
  private final double perColumn;
  private final double perRow;
  private final byte[] classes;
  private final float[] heightEach;
  private final float[] layers;
  private final float[] below;

  DeckBed(DeckShape shape, DeckLaws laws, Grains grains, double gramsEach) {
    columns = (int) Math.ceil(shape.lengthM() / CELL_M);
    rows = (int) Math.ceil(shape.widthM() / shape.spacingM());
    perColumn = shape.lengthM() / columns;
    perRow = shape.widthM() / rows;
    layers = new float[columns * rows * CLASSES];
    below = new float[columns * rows * CLASSES];
    classes = new byte[grains.count()];
    heightEach = new float[GrainKind.values().length];
    double cell = perColumn * perRow * (1 - laws.pores());
    for (GrainKind kind : GrainKind.values()) {
      // Gold is too little to raise the bed.
      double volume = kind == GrainKind.GOLD ? 0 : gramsEach / kind.densityGCm3() * 1e-6;
      heightEach[kind.ordinal()] = (float) (volume / cell);
    }
    double low = StrictMath.log(grains.sand().finestMm());
    double span = StrictMath.log(grains.sand().coarsestMm()) - low;
    for (int i = 0; i < classes.length; i++) {
      double place = (StrictMath.log(grains.sizeMm(i)) - low) / span;
      int size = Math.clamp((int) (place * SIZES), 0, SIZES - 1);
      classes[i] = (byte) (grains.kind(i) * SIZES + size);
    }
  }

  int column(float x) {
    return Math.clamp((int) (x / perColumn), 0, columns - 1);
  }

  private int row(float y) {
    return Math.clamp((int) (y / perRow), 0, rows - 1);
  }

  int cell(float x, float y) {
    return (row(y) * columns + column(x)) * CLASSES;
  }

  /** The middle of a column, in m. */
  double middle(int column) {
    return (column + 0.5) * perColumn;
  }

  void clear() {
    Arrays.fill(layers, 0);
  }

  void add(int i, int kind, float x, float y) {
    layers[cell(x, y) + classes[i]] += heightEach[kind];
  }

  void heap() {
    for (int cell = 0; cell < layers.length; cell += CLASSES) {
      float sum = 0;
      for (int k = 0; k < CLASSES; k++) {
        below[cell + k] = sum;
        sum += layers[cell + k];
      }
    }
  }

  /**
   * How high a grain lies.
   *
   * @param place where within its layer, 0 to 1
   */
  float height(int i, int cell, float place) {
    int k = cell + classes[i];
    return below[k] + place * layers[k];
  }

  /** How thick the bed is in a cell, in m. */
  float thickness(int cell) {
    return below[cell + CLASSES - 1] + layers[cell + CLASSES - 1];
  }
}
