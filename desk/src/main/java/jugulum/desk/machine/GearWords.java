package jugulum.desk.machine;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import jugulum.core.belief.Ranked;
import jugulum.core.check.Band;
import jugulum.core.machine.Beforehand;
import jugulum.core.machine.Gear;
import jugulum.core.marks.OwnWindow;
import jugulum.core.minerals.Mineral;
import jugulum.core.screens.Cut;
import jugulum.core.screens.Screen;
import jugulum.core.settling.ConcentrationCriterion;
import jugulum.core.window.Conditions;
import jugulum.core.window.Windows.Window;
import jugulum.desk.kit.Parts;
import jugulum.desk.words.MarkWords;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/** Says in words why a machine suits a cut, what to expect of it, and what to do first. */
final class GearWords {
  private static final double WATER_GCM3 = 1;

  private GearWords() {}

  static String name(Words words, Gear gear) {
    return Sentences.machine(words, gear.machine());
  }

  /** The reasons, most important first. */
  static List<Node> why(Words words, Ranked one, Cut cut) {
    List<Node> lines = new ArrayList<>();
    one.gear()
        .window(cut)
        .filter(own -> own.state() != OwnWindow.State.OPEN)
        .ifPresent(own -> lines.add(ownMarks(words, own)));
    String expected = words.wholeShares(one.expected());
    lines.add(Parts.sentence(words.of("sheet.fit", one.fit()), "strong"));
    lines.add(
        Parts.sentence(
            one.byRecord()
                ? words.of("gravity.expected.record", expected, Integer.toString(one.runs()))
                : words.of("gravity.expected", expected)));
    lines.add(Parts.sentence(window(words, one), "muted"));
    one.window()
        .flatMap(window -> window.limiting().map(other -> criterion(words, window, other)))
        .ifPresent(text -> lines.add(Parts.sentence(text, "muted")));
    return lines;
  }

  private static Node ownMarks(Words words, OwnWindow own) {
    return own.state() == OwnWindow.State.NONE
        ? Parts.advice("fault", "", words.of("gravity.marks.none"))
        : Parts.sentence(words.of("gravity.marks", MarkWords.aim(words, own)));
  }

  private static String window(Words words, Ranked one) {
    return one.ratio()
        .map(
            ratio ->
                words.of(
                    one.parts() ? "gravity.ratio.parts" : "gravity.ratio.short",
                    words.fixed(ratio.usual(), 2),
                    words.fixed(ratio.low(), 2),
                    words.fixed(ratio.high(), 2)))
        .orElse(words.of("gravity.ratio.none"));
  }

  private static String criterion(Words words, Window window, Mineral other) {
    ConcentrationCriterion criterion =
        ConcentrationCriterion.of(Mineral.GOLD.usualGCm3(), other.usualGCm3(), WATER_GCM3);
    Band sizes =
        new Band(criterion.sizeRatio(0.5), criterion.sizeRatio(0.75), criterion.sizeRatio(1));
    return words.of(
        "gravity.criterion",
        words.of("mineral", other),
        words.fixed(criterion.value(), 1),
        words.of("reach", criterion.reach()),
        words.fixed(sizes.low(), 1),
        words.fixed(sizes.high(), 1),
        words.fixed(
            window.upperMm() / Math.max(window.lowerMm(), Conditions.USUAL_FINEST_GOLD_MM), 1));
  }

  /** What to do with a cut first. */
  static String before(Words words, Beforehand before, Cut cut) {
    List<String> sentences = new ArrayList<>();
    if (before.magnet()) {
      sentences.add(words.of("gravity.before.magnet"));
    }
    before
        .split()
        .ifPresent(
            screen ->
                sentences.add(
                    words.of(
                        before.magnet() ? "gravity.before.then-split" : "gravity.before.split",
                        screen.label(),
                        parts(words, cut, screen))));
    if (!before.enough()) {
      sentences.add(words.of("gravity.before.none"));
    }
    return String.join(" ", sentences);
  }

  private static String parts(Words words, Cut cut, Screen screen) {
    List<Cut> parts = Cut.of(cut, List.of(screen));
    return words.of(
        "gravity.before.parts", parts.getFirst().notation(), parts.getLast().notation());
  }
}
