package jugulum.desk.words;

import java.util.List;
import java.util.Optional;
import jugulum.core.gold.GoldRange;
import jugulum.core.pool.Later;

/** What was won later of what a batch let go, in words. */
public final class LaterWords {
  private LaterWords() {}

  /**
   * What was won later and how much was passed over; nothing where no lot went into a pool.
   *
   * @param won what was won before
   */
  public static List<String> of(Later later, Optional<GoldRange> won, Figures figures) {
    Words words = figures.words();
    if (!later.isAny()) {
      return List.of();
    }
    double before = won.map(GoldRange::milligrams).orElse(0.0);
    return List.of(
        words.of(
            "account.later",
            words.row(later.pools()),
            figures.gold(later.milligrams().usual()),
            SeasonWords.amounts(figures, later.milligrams())),
        words.of("account.passed-over", words.percent(later.passedOver(before).usual())));
  }
}
