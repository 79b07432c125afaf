package jugulum.desk.words;

import java.util.List;
import jugulum.core.account.Account;
import jugulum.core.check.Band;
import jugulum.core.gold.GoldRange;
import jugulum.core.pool.Later;

/** What was won later of what a batch let go, in words. */
public final class LaterWords {
  private LaterWords() {}

  /** What was won later and how much was passed over; nothing where no lot went into a pool. */
  public static List<String> of(Account account, Figures figures) {
    Later later = account.later();
    Words words = figures.words();
    if (!later.isAny()) {
      return List.of();
    }
    return List.of(
        words.of(
            "account.later",
            words.row(later.pools()),
            figures.gold(later.milligrams().usual()),
            range(later.milligrams(), figures)),
        words.of("account.passed-over", words.percent(account.passedOver().usual())));
  }

  /** The two ends: by what was thought to be in the sand, and by its mass alone. */
  public static String range(Band milligrams, Figures figures) {
    return figures.goldRange(
        new GoldRange(milligrams.usual(), milligrams.low(), milligrams.high()));
  }
}
