package jugulum.book.backup;

import java.time.LocalDate;
import java.time.YearMonth;
import java.time.temporal.IsoFields;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;

/**
 * Which copies stay: the last of each of the last seven days, four weeks and twelve months in which
 * there is one, and the last three made before a newer program came. Days are counted by the copies
 * alone: a bench that stood still for a year keeps what it has, and a copy made under a clock that
 * is wrong counts as one day more, no otherwise.
 */
public final class Thinning {
  /** Days of which the last copy stays. Common practice. */
  public static final int DAYS = 7;

  /** Weeks of which the last copy stays. Common practice. */
  public static final int WEEKS = 4;

  /** Months of which the last copy stays. Common practice. */
  public static final int MONTHS = 12;

  /** Copies before a newer program that stay. Ours. */
  public static final int UPGRADES = 3;

  private Thinning() {}

  /** Which of the copies of one book may go. */
  public static Set<Backup> goes(Collection<Backup> all) {
    List<Backup> lastFirst = all.stream().sorted(Backup.BY_TIME.reversed()).toList();
    List<Backup> days = lastFirst.stream().filter(one -> one.before().isEmpty()).toList();
    Set<Backup> gone = new HashSet<>(all);
    stay(days, day -> day, DAYS, gone);
    stay(days, Thinning::week, WEEKS, gone);
    stay(days, YearMonth::from, MONTHS, gone);
    lastFirst.stream()
        .filter(one -> one.before().isPresent())
        .limit(UPGRADES)
        .forEach(gone::remove);
    return gone;
  }

  private record Week(int year, int week) {}

  private static Week week(LocalDate day) {
    return new Week(day.get(IsoFields.WEEK_BASED_YEAR), day.get(IsoFields.WEEK_OF_WEEK_BASED_YEAR));
  }

  private static void stay(
      List<Backup> lastFirst, Function<LocalDate, Object> span, int many, Set<Backup> gone) {
    Set<Object> seen = new HashSet<>();
    for (Backup one : lastFirst) {
      if (seen.size() < many && seen.add(span.apply(one.day()))) {
        gone.remove(one);
      }
    }
  }
}
