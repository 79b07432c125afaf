package jugulum.desk.words;

import java.util.Optional;
import jugulum.practice.drill.Course;
import jugulum.practice.drill.Drill;
import jugulum.practice.drill.Drill.OnBowl;
import jugulum.practice.drill.Drill.OnDeck;
import jugulum.practice.drill.Drill.OnPan;
import jugulum.practice.drill.Score;
import jugulum.practice.sand.GrainKind;
import jugulum.practice.sand.Sand;
import jugulum.practice.start.DeckWindow;
import jugulum.practice.start.FlowWindow;
import jugulum.practice.start.WidthCost;

/** Says what one trains on, how it went, and what the same laws give to start from. */
public final class PracticeWords {
  private PracticeWords() {}

  /** What a drill is called. */
  public static String name(Words words, Drill drill) {
    return words.of("drill." + drill.id());
  }

  /** What is to be done in it. */
  public static String task(Words words, Drill drill) {
    return words.of(
        "drill." + drill.id() + ".task",
        words.time(drill.limitS() / 60),
        words.percent(drill.most()));
  }

  /** What it is run on. */
  public static String rig(Words words, Drill drill) {
    return words.of(
        switch (drill.rig()) {
          case OnBowl _ -> "practice.rig.bowl";
          case OnDeck _ -> "practice.rig.deck";
          case OnPan _ -> "practice.rig.pan";
        });
  }

  /** The sizes of its sand. */
  public static String sizes(Words words, Sand sand) {
    return words.of(
        "practice.sizes",
        words.fixed(sand.finestMm(), 3),
        words.fixed(sand.coarsestMm(), 3),
        words.percent(sand.share(GrainKind.MAGNETITE)));
  }

  /** What a mineral is called. */
  public static String mineral(Words words, GrainKind kind) {
    return words.of("practice.mineral", kind);
  }

  /** What gold was lost by, with what it cost. */
  public static String loss(Words words, Course.Loss loss) {
    return words.of(
        "practice.loss",
        words.counted("habit." + loss.habit().name(), loss.times()),
        words.percent(loss.share()));
  }

  /** What helps against it. */
  public static String remedy(Words words, Course.Loss loss) {
    return words.of("habit.help", loss.habit());
  }

  /** What a run comes to. */
  public static String score(Words words, Score score) {
    return words.of("practice.score", words.percent(score.goldLost()), words.time(score.minutes()));
  }

  /** How a run compares with the best found. */
  public static String against(Words words, Score own, Optional<Score> best) {
    if (best.isEmpty()) {
      return words.of("practice.searching");
    }
    Score found = best.get();
    String said = score(words, found);
    if (!found.isReached()) {
      return words.of("practice.best.not", said);
    }
    return own.isReached() && own.cost() <= found.cost()
        ? words.of("practice.best.yours", said)
        : words.of("practice.best", said);
  }

  /** Whether what was asked for was reached, and what was missing. */
  public static String reached(Words words, Drill drill, Score score) {
    if (score.isReached()) {
      return words.of("practice.reached");
    }
    return words.of(
        score.goldLost() > drill.most() ? "practice.not.gold" : "practice.not.sand",
        words.percent(score.goldLost()),
        words.percent(score.sandOut()));
  }

  /** The flow a cut wants, by the model. */
  public static String window(Words words, FlowWindow window) {
    return words.of(
        window.isOpen() ? "practice.window" : "practice.window.shut",
        words.fixed(window.magnetiteLMin(), 0),
        words.fixed(window.goldLMin(), 0));
  }

  /**
   * What the width of a cut costs on a bowl, by the model.
   *
   * @param cut as it is written
   */
  public static String width(Words words, String cut, WidthCost cost) {
    return words.of(
        cost.sandGone() >= WidthCost.WANTED ? "practice.width" : "practice.width.not",
        cut,
        words.percent(cost.goldGone()),
        words.fixed(cost.flowLMin(), 0));
  }

  /** The tilt a cut wants, by the model. */
  public static String window(Words words, DeckWindow window, double waterLMin) {
    return words.of(
        window.isOpen() ? "practice.tilts" : "practice.tilts.shut",
        words.fixed(window.magnetiteDegrees(), 1),
        words.fixed(window.goldDegrees(), 1),
        words.fixed(waterLMin, 0),
        words.fixed(1000 * window.film().thicknessM(), 1),
        words.fixed(window.film().topMps(), 2));
  }
}
