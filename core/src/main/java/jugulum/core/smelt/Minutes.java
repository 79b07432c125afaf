package jugulum.core.smelt;

import jugulum.core.check.Band;
import jugulum.core.ledger.MeltFact.Phase;

/** How long what takes its time takes: common practice. Sulfide decides a roast, not the clock. */
public final class Minutes {
  private static final Band ROAST = new Band(30, 60, 120);

  /** Heating up slowly, 15 to 30, and then a quiet melt, 10 to 25. */
  private static final Band MELT = new Band(25, 40, 55);

  private static final Band COOL = new Band(15, 25, 40);
  private static final Band CUPEL = new Band(20, 40, 60);

  private Minutes() {}

  /** In minutes. */
  public static Band of(Phase phase) {
    return switch (phase) {
      case ROAST -> ROAST;
      case MELT -> MELT;
      case COOL -> COOL;
      case CUPEL -> CUPEL;
    };
  }
}
