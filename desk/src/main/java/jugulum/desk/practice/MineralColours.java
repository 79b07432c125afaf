package jugulum.desk.practice;

import jugulum.practice.sand.GrainKind;

/**
 * The colours of grains in a picture, a legend of their own: they differ in lightness as well, and
 * none is the colour of a loss. The water is dark in every look, so that each stands out.
 */
final class MineralColours {
  static final int WATER = 0xff16282c;
  static final int SWIRL = 0xff2b5a63;
  static final int STREAK = 0xff4f9aa6;
  static final int BED = 0xff8d816c;
  static final int DEEP = 0xff101d20;
  static final int WALL = 0xff3a3e46;
  static final int CONE = 0xff2a2d34;
  static final int HOLE = 0xff08090b;
  static final int RIFFLE = 0xff2b4247;
  static final int SPLITTER = 0xfff4efe4;

  private static final int[] OF = {0xfff2c23c, 0xff8ea3c8, 0xff6f5a86, 0xffa8683a, 0xffd9cfb8};

  private MineralColours() {}

  /** The colour of a mineral, as opacity, red, green and blue. */
  static int of(GrainKind kind) {
    return OF[kind.ordinal()];
  }

  static int of(int ordinal) {
    return OF[ordinal];
  }
}
