package jugulum.core.eye;

import java.util.Optional;
import jugulum.core.check.Check;

/** A thing of known size that lies beside the specks. */
public sealed interface KnownSize {
  /**
   * A round, flat thing: a coin, a washer.
   *
   * @param diameterMm across, in mm, 1 to 200
   */
  record Disc(double diameterMm) implements KnownSize {
    /** Checks the size. */
    public Disc {
      Check.inRange("diameterMm", diameterMm, 1, 200);
    }
  }

  /**
   * A ruler.
   *
   * @param markMm from mark to mark, in mm, 0.1 to 10
   */
  record Ruler(double markMm) implements KnownSize {
    /** Checks the marks. */
    public Ruler {
      Check.inRange("markMm", markMm, 0.1, 10);
    }
  }

  /**
   * A piece of screen.
   *
   * @param openingMm between two wires, in mm, 0.02 to 10
   * @param wireMm a wire across, in mm, 0.01 to 5
   * @param isCounted whether wires to the inch were counted, so that both together are sharp
   */
  record Mesh(double openingMm, double wireMm, boolean isCounted) implements KnownSize {
    /** Checks both. */
    public Mesh {
      Check.inRange("openingMm", openingMm, 0.02, 10);
      Check.inRange("wireMm", wireMm, 0.01, 5);
    }

    /**
     * A piece of which wires were counted: how thick they are does not matter then.
     *
     * @param wiresToTheInch 3 to 500
     */
    public static Mesh counted(double wiresToTheInch) {
      double pitch = MM_TO_THE_INCH / Check.inRange("wiresToTheInch", wiresToTheInch, 3, 500);
      return new Mesh(USUAL_OPENING * pitch, (1 - USUAL_OPENING) * pitch, true);
    }

    private static final double MM_TO_THE_INCH = 25.4;

    /** Only both together are used where wires were counted. */
    private static final double USUAL_OPENING = 0.6;
  }

  /**
   * A line somebody drew from one point to another.
   *
   * @param mm how long it is, in mm, 0.01 to 1,000
   * @param from where it begins
   * @param to where it ends, at least ten pixels away
   */
  record Line(double mm, Point from, Point to) implements KnownSize {
    private static final double SHORTEST = 10;

    /** Checks the length. */
    public Line {
      Check.inRange("mm", mm, 0.01, 1000);
      Check.inRange("pixels", from.to(to), SHORTEST, Light.MOST_PIXELS);
    }
  }

  /** How far its lines lie apart, in mm; empty where it has none. */
  default Optional<Double> pitchMm() {
    return switch (this) {
      case Ruler(double mark) -> Optional.of(mark);
      case Mesh(double opening, double wire, boolean _) -> Optional.of(opening + wire);
      case Disc _, Line _ -> Optional.empty();
    };
  }
}
