package jugulum.desk.panel;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import jugulum.core.check.Band;
import jugulum.core.machine.Beforehand;
import jugulum.core.machine.Gear;
import jugulum.core.machine.Ranked;
import jugulum.core.minerals.Mineral;
import jugulum.core.screens.Cut;
import jugulum.core.screens.Screen;
import jugulum.core.settling.ConcentrationCriterion;
import jugulum.core.window.Conditions;
import jugulum.core.window.Windows.Window;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/** Says in words why a machine suits a cut, what to expect of it, and what to do first. */
final class GearWords {
  private static final double WATER_GCM3 = 1;

  private GearWords() {}

  static String name(Gear gear) {
    return Sentences.machine(gear.machine());
  }

  /** The reasons, most important first. */
  static List<Node> why(Ranked one) {
    List<Node> lines = new ArrayList<>();
    String expected = Figures.wholeShares(one.expected());
    lines.add(Parts.sentence(Words.of("sheet.fit", one.fit()), "strong"));
    lines.add(
        Parts.sentence(
            one.byRecord()
                ? Words.of("gravity.expected.record", expected, Integer.toString(one.runs()))
                : Words.of("gravity.expected", expected)));
    lines.add(Parts.sentence(window(one), "muted"));
    one.window()
        .flatMap(window -> window.limiting().map(other -> criterion(window, other)))
        .ifPresent(text -> lines.add(Parts.sentence(text, "muted")));
    return lines;
  }

  private static String window(Ranked one) {
    return one.ratio()
        .map(
            ratio ->
                Words.of(
                    one.parts() ? "gravity.ratio.parts" : "gravity.ratio.short",
                    Figures.fixed(ratio.usual(), 2),
                    Figures.fixed(ratio.low(), 2),
                    Figures.fixed(ratio.high(), 2)))
        .orElse(Words.of("gravity.ratio.none"));
  }

  private static String criterion(Window window, Mineral other) {
    ConcentrationCriterion criterion =
        ConcentrationCriterion.of(Mineral.GOLD.usualGCm3(), other.usualGCm3(), WATER_GCM3);
    Band sizes =
        new Band(criterion.sizeRatio(0.5), criterion.sizeRatio(0.75), criterion.sizeRatio(1));
    return Words.of(
        "gravity.criterion",
        Words.of("mineral", other),
        Figures.fixed(criterion.value(), 1),
        Words.of("reach", criterion.reach()),
        Figures.fixed(sizes.low(), 1),
        Figures.fixed(sizes.high(), 1),
        Figures.fixed(
            window.upperMm() / Math.max(window.lowerMm(), Conditions.USUAL_FINEST_GOLD_MM), 1));
  }

  /** What to do with a cut first. */
  static String before(Beforehand before, Cut cut) {
    List<String> sentences = new ArrayList<>();
    if (before.magnet()) {
      sentences.add(Words.of("gravity.before.magnet"));
    }
    before
        .split()
        .ifPresent(
            screen ->
                sentences.add(
                    Words.of(
                        before.magnet() ? "gravity.before.then-split" : "gravity.before.split",
                        screen.label(),
                        parts(cut, screen))));
    if (!before.enough()) {
      sentences.add(Words.of("gravity.before.none"));
    }
    return String.join(" ", sentences);
  }

  private static String parts(Cut cut, Screen screen) {
    List<Cut> parts = Cut.of(cut, List.of(screen));
    return Words.of(
        "gravity.before.parts", parts.getFirst().notation(), parts.getLast().notation());
  }
}
