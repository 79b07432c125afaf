package jugulum.desk.eye;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import jugulum.core.check.Band;
import jugulum.core.eye.EyeMass;
import jugulum.core.eye.Outlines;
import jugulum.core.eye.PictureScale;
import jugulum.core.eye.SeenSpeck;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Measure.PannedSample;
import jugulum.core.ledger.Measure.Pictured;
import jugulum.core.ledger.Traced;
import jugulum.core.screens.Cut;

/** What stays with a lot of a picture that was gone through. */
final class KeptPicture {
  /** The ends of a 95 % range of a normal value lie so many standard deviations apart. */
  private static final double APART = 2 * 1.959964;

  /** A step of a scale is read to within half of it either way. */
  private static final double OF_A_STEP = Math.sqrt(12);

  private KeptPicture() {}

  /**
   * The specks of the picture on a scale.
   *
   * @param milligrams together
   * @param stepMg one step of the scale
   */
  record Weighed(double milligrams, double stepMg) {
    Band range() {
      return new Band(Math.max(0, milligrams - stepMg / 2), milligrams, milligrams + stepMg / 2);
    }
  }

  /** One of the last place that was typed, in mg. */
  static double stepMg(String typed) {
    int point = Math.max(typed.indexOf('.'), typed.indexOf(','));
    int places =
        point < 0 ? 0 : (int) typed.substring(point + 1).chars().filter(Character::isDigit).count();
    return Math.pow(10, -Math.min(places, 3));
  }

  /**
   * The picture, what it says of the gold of the lot, and the specks' own weight where they were
   * weighed, which then goes before what the eye says.
   *
   * @param panned the sand that was panned for it, in grams; empty where it is all the gold there
   *     is
   */
  static List<Measure> measures(
      PictureFile.Read.Whole file,
      Looking look,
      EyeMass mass,
      int rule,
      Optional<Double> panned,
      Optional<Weighed> weighed) {
    Band mg = weighed.map(Weighed::range).orElse(mass.milligrams());
    double sd =
        weighed
            .map(one -> one.stepMg() / OF_A_STEP)
            .orElse((mass.milligrams().high() - mass.milligrams().low()) / APART);
    List<Measure> all = new ArrayList<>();
    all.add(picture(file, look, mg, rule));
    if (file.isDrawn()) {
      return all;
    }
    all.add(
        panned
            .<Measure>map(grams -> sample(look, grams))
            .orElseGet(() -> new Measure.KnownGold(mg.usual(), sd)));
    weighed.ifPresent(
        one ->
            all.add(
                new Measure.WeighedSpecks(
                    look.tally().gold().size(), one.milligrams(), one.stepMg())));
    return all;
  }

  /** How it was gone through, so that it can be looked at again. */
  private static Traced traced(Looking look) {
    return new Traced(
        look.tray(),
        switch (look.scale().found()) {
          case PictureScale.Found.Ring _ -> Traced.By.DISC;
          case PictureScale.Found.Lines lines -> lines.isMesh() ? Traced.By.MESH : Traced.By.RULER;
          case PictureScale.Found.Drawn _ -> Traced.By.LINE;
        },
        Math.min(1, look.scale().relativeSd()),
        look.widthPx(),
        look.tally().marks().stream()
            .filter(mark -> mark.isGold() || mark.looksGold())
            .map(
                mark ->
                    new Traced.Mark(
                        mark.looksGold(),
                        mark.isGold(),
                        mark.isPutIn(),
                        mark.speck().acrossPx(),
                        outline(mark.speck())))
            .toList());
  }

  /** One so long is no speck's; its figures stand without it. */
  private static String outline(SeenSpeck speck) {
    String written = Outlines.written(speck.outline());
    return written.length() <= Traced.Mark.LONGEST ? written : "";
  }

  private static Pictured picture(PictureFile.Read.Whole file, Looking look, Band mg, int rule) {
    double px = look.scale().pxPerMm();
    return new Pictured(
        file.sha256(),
        file.name(),
        px,
        look.tally().gold().stream().map(one -> size(one, px)).toList(),
        look.tally().takenOut(),
        look.tally().putIn(),
        mg.low(),
        mg.usual(),
        mg.high(),
        rule,
        file.isDrawn(),
        Optional.of(traced(look)));
  }

  private static Pictured.SpeckSize size(SeenSpeck speck, double pxPerMm) {
    double longest = Math.max(speck.longPx(), speck.shortPx()) / pxPerMm;
    return new Pictured.SpeckSize(
        speck.areaPx() / (pxPerMm * pxPerMm),
        longest,
        Math.min(longest, speck.shortPx() / pxPerMm));
  }

  static PannedSample sample(Looking look, double grams) {
    Map<Integer, Integer> counts = new TreeMap<>();
    for (SeenSpeck speck : look.tally().gold()) {
      counts.merge(SizeRows.place(speck.shortPx() / look.scale().pxPerMm()), 1, Integer::sum);
    }
    List<PannedSample.Seen> seen = new ArrayList<>();
    List<Cut> cuts = SizeRows.cuts();
    counts.forEach((place, count) -> seen.add(new PannedSample.Seen(cuts.get(place), count)));
    return new PannedSample(grams, seen);
  }
}
