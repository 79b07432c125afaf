package jugulum.core.eye;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import jugulum.core.eye.PartBorder.Candidate;
import jugulum.core.eye.SeenSpeck.Verdict;
import jugulum.core.eye.SeenSpeck.Why;

/**
 * What is taken for gold: as yellow and as bright beside its ground as one speck a person is sure
 * of, or, without, as the yellowest of the bright ones. Without that speck the sum scatters two to
 * five times as much.
 */
final class Judge {
  /** Paler by more than that is not gold; small ones may be paler. */
  private static final double PALER = -0.15;

  private static final double SMALL_PALER = -0.22;
  private static final double SMALL = 8;

  /** Yellower by more is something else. */
  private static final double YELLOWER = 0.45;

  /** Gold is at least that bright beside what is surely gold. */
  private static final double DARKEST = 0.28;

  private static final double LEAST_PX = 3.2;

  /** Nothing larger is taken for a speck, in mm. */
  private static final double LARGEST_MM = 2.6;

  private static final double UNSURE_PALE = -0.13;
  private static final double UNSURE_DARK = 0.45;
  private static final double UNSURE_PX = 5;

  /** What is burnt out is paler than it is. */
  private static final double BURNT = 0.3;

  private static final double BURNT_PALER = 0.15;

  /** A tiny one covers that many of its pixels, at least and at most. */
  private static final double LEAST_COVERED = 0.5;

  private static final double MOST_COVERED = 1.3;
  private static final int ENOUGH_USUAL = 3;

  private final List<Candidate> all;
  private final double pxPerMm;
  private final double yellow;
  private final double bright;

  /** Those large enough to tell a colour. */
  private final List<Candidate> usual;

  private Judge(List<Candidate> all, double pxPerMm, Optional<Point> click) {
    this.all = all;
    this.pxPerMm = pxPerMm;
    Optional<SeenSpeck> sure = click.flatMap(this::at);
    usual = usual(all, pxPerMm);
    List<SeenSpeck> told = usual.stream().map(Candidate::seen).toList();
    bright = sure.map(SeenSpeck::bright).orElseGet(() -> weighted(told, 0.75, true, Double.NaN));
    double most = bright;
    yellow = sure.map(SeenSpeck::yellow).orElseGet(() -> weighted(told, 0.65, false, 0.4 * most));
  }

  /** All of them judged. */
  static List<SeenSpeck> of(List<Candidate> all, double pxPerMm, Optional<Point> click) {
    return all.isEmpty() ? List.of() : new Judge(all, pxPerMm, click).judged();
  }

  /** The one a person points at; empty where nothing lies there. */
  private Optional<SeenSpeck> at(Point click) {
    return all.stream()
        .map(Candidate::seen)
        .min(Comparator.comparingDouble(one -> one.centre().to(click)))
        .filter(one -> one.centre().to(click) < Math.max(6, one.acrossPx()));
  }

  private static List<Candidate> usual(List<Candidate> all, double pxPerMm) {
    List<Candidate> within =
        all.stream().filter(one -> one.seen().acrossPx() < LARGEST_MM * pxPerMm).toList();
    List<Candidate> large =
        within.stream().filter(one -> !one.seen().isTiny() && one.seen().acrossPx() > 6).toList();
    return large.isEmpty() ? within : large;
  }

  /** What a share of them, by the roots of their areas, lies below. */
  private static double weighted(
      List<SeenSpeck> some, double share, boolean isBright, double least) {
    List<SeenSpeck> ordered =
        some.stream()
            .filter(one -> isBright || one.bright() > least)
            .sorted(
                Comparator.comparingDouble(
                    (SeenSpeck one) -> isBright ? one.bright() : one.yellow()))
            .toList();
    if (ordered.isEmpty()) {
      return isBright ? 1e-3 : 0;
    }
    double all = ordered.stream().mapToDouble(one -> Math.sqrt(one.areaPx())).sum();
    double sum = 0;
    for (SeenSpeck one : ordered) {
      sum += Math.sqrt(one.areaPx());
      if (sum >= share * all) {
        return isBright ? one.bright() : one.yellow();
      }
    }
    return isBright ? ordered.getLast().bright() : ordered.getLast().yellow();
  }

  private List<SeenSpeck> judged() {
    double[] warm =
        usual.stream()
            .filter(
                one -> one.seen().bright() > 0.4 * bright && one.seen().yellow() > yellow - 0.17)
            .mapToDouble(Candidate::usual)
            .toArray();
    double middle = PictureSeen.median(warm);
    List<SeenSpeck> judged = new ArrayList<>();
    for (Candidate one : all) {
      SeenSpeck seen = one.seen();
      if (seen.isTiny() && warm.length >= ENOUGH_USUAL) {
        double area = one.light() / middle;
        seen =
            seen.of(Math.clamp(area, LEAST_COVERED * seen.areaPx(), MOST_COVERED * seen.areaPx()));
      }
      judged.add(judged(seen));
    }
    return List.copyOf(judged);
  }

  private SeenSpeck judged(SeenSpeck seen) {
    double paler = seen.yellow() - yellow + (seen.burnt() > BURNT ? BURNT_PALER : 0);
    double beside = seen.bright() / Math.max(1e-9, bright);
    double across = seen.acrossPx();
    boolean isGold =
        across >= LEAST_PX
            && paler > (across > SMALL ? PALER : SMALL_PALER)
            && paler < YELLOWER
            && beside > DARKEST
            && across < LARGEST_MM * pxPerMm;
    Optional<Why> why =
        paler < UNSURE_PALE
            ? Optional.of(Why.PALE)
            : beside < UNSURE_DARK
                ? Optional.of(Why.DARK)
                : across < UNSURE_PX ? Optional.of(Why.SMALL) : Optional.empty();
    Verdict verdict = !isGold ? Verdict.NOT_GOLD : why.isEmpty() ? Verdict.GOLD : Verdict.UNSURE;
    return seen.judged(verdict, why);
  }
}
