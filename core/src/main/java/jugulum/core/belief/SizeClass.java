package jugulum.core.belief;

import java.util.Optional;
import jugulum.core.screens.Cut;
import jugulum.core.window.Conditions;

/** The sizes of a cut, as far as its grade goes by them: the cut's geometric middle tells which. */
public enum SizeClass {
  OVER_16(1.18),
  OVER_30(0.6),
  OVER_50(0.3),
  OVER_100(0.15),
  UNDER_100(0);

  private final double fromMm;

  SizeClass(double fromMm) {
    this.fromMm = fromMm;
  }

  /**
   * The class of a cut; empty where it holds all sizes. A cut no screen bounds above is of the
   * class of its lower screen, one none bounds below reaches to the finest gold one asks for.
   */
  public static Optional<SizeClass> of(Cut cut) {
    if (cut.isAll()) {
      return Optional.empty();
    }
    double finest = Math.min(cut.upperMm(), Conditions.USUAL_FINEST_GOLD_MM);
    double lower = Math.max(cut.lowerMm(), finest);
    return Optional.of(at(cut.passing().isEmpty() ? lower : Math.sqrt(cut.upperMm() * lower)));
  }

  static SizeClass at(double mm) {
    for (SizeClass one : values()) {
      if (mm >= one.fromMm) {
        return one;
      }
    }
    return UNDER_100;
  }
}
