package jugulum.desk.eye;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import jugulum.core.check.Band;
import jugulum.core.eye.EyeMass;
import jugulum.core.eye.SeenSpeck;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Measure.PannedSample;
import jugulum.core.ledger.Measure.Pictured;
import jugulum.core.screens.Cut;

/** What stays with a lot of a picture that was gone through. */
final class Kept {
  /** The ends of a 95 % range of a normal value lie so many standard deviations apart. */
  private static final double APART = 2 * 1.959964;

  private Kept() {}

  static Pictured picture(PictureFile.Read.Whole file, Looking look, EyeMass mass, int rule) {
    double px = look.scale().pxPerMm();
    return new Pictured(
        file.sha256(),
        file.name(),
        px,
        look.tally().gold().stream().map(one -> size(one, px)).toList(),
        look.tally().takenOut(),
        look.tally().putIn(),
        mass.milligrams().low(),
        mass.milligrams().usual(),
        mass.milligrams().high(),
        rule,
        false);
  }

  private static Pictured.SpeckSize size(SeenSpeck speck, double pxPerMm) {
    double longest = Math.max(speck.longPx(), speck.shortPx()) / pxPerMm;
    return new Pictured.SpeckSize(
        speck.areaPx() / (pxPerMm * pxPerMm),
        longest,
        Math.min(longest, speck.shortPx() / pxPerMm));
  }

  /**
   * What it says of the gold of the lot: of a panned sample how many specks of each size, else that
   * all its visible gold weighs so much.
   *
   * @param panned the sand that was panned for it, in grams; empty where it is all the gold there
   *     is
   */
  static Measure evidence(Looking look, EyeMass mass, Optional<Double> panned) {
    if (panned.isEmpty()) {
      Band mg = mass.milligrams();
      return new Measure.KnownGold(mg.usual(), (mg.high() - mg.low()) / APART);
    }
    Map<Integer, Integer> counts = new TreeMap<>();
    for (SeenSpeck speck : look.tally().gold()) {
      counts.merge(SizeRows.place(speck.shortPx() / look.scale().pxPerMm()), 1, Integer::sum);
    }
    List<PannedSample.Seen> seen = new ArrayList<>();
    List<Cut> cuts = SizeRows.cuts();
    counts.forEach((place, count) -> seen.add(new PannedSample.Seen(cuts.get(place), count)));
    return new PannedSample(panned.get(), seen);
  }
}
