package jugulum.desk.words;

import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.practice.deck.DeckControls;
import jugulum.practice.drill.Course;
import jugulum.practice.drill.Drill;
import jugulum.practice.drill.Drill.OnBowl;
import jugulum.practice.drill.Drill.OnDeck;
import jugulum.practice.drill.Drill.OnPan;
import jugulum.practice.drill.Score;
import jugulum.practice.sand.FeedSand;
import jugulum.practice.sand.GrainKind;
import jugulum.practice.start.OwnDial;
import jugulum.practice.start.Trade;

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
  public static String sizes(Words words, FeedSand sand) {
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
    return words.of("habit.help", loss.habit(), MarkWords.runOn(words));
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

  /** What a cut trades on a bowl or a table, by the model, and where to start. */
  public static String trade(Words words, Trade trade) {
    Trade.Point start = trade.start();
    return trade.isOpen()
        ? words.of(
            "practice.trade",
            trade.rig(),
            range(words, trade),
            percent(words, start.sandOut()),
            under(words, trade),
            lost(words, start))
        : words.of(
            "practice.trade.shut",
            trade.rig(),
            setting(words, trade, start),
            percent(words, start.sandOut()),
            under(words, trade),
            lost(words, start),
            trade
                .wanted()
                .map(
                    point ->
                        words.of(
                            "practice.trade.more",
                            setting(words, trade, point),
                            percent(words, point.sandOut()),
                            lost(words, point)))
                .orElse(words.of("practice.trade.no-more")));
  }

  /** A drill's flow in the turns of one's own valve; empty where nobody looked near that. */
  public static Optional<String> own(Words words, OwnDial dial, double modelLMin) {
    OptionalDouble turns = dial.turns(modelLMin);
    return turns.isPresent()
        ? Optional.of(words.of("practice.own.turns", words.fixed(turns.getAsDouble(), 2)))
        : Optional.empty();
  }

  /** Whose turns they are. */
  public static String whose(Words words, OwnDial dial) {
    return words.of("practice.own", Sentences.machine(words, dial.gear().machine()));
  }

  /** Where to start, by the model. */
  public static String start(Words words, Trade trade) {
    return words.of("practice.start", setting(words, trade, trade.start()));
  }

  private static String setting(Words words, Trade trade, Trade.Point point) {
    return written(words, trade, number(words, trade, point.setting()));
  }

  /** From the least that parts the sand to the most that leaves the gold. */
  private static String range(Words words, Trade trade) {
    String from = number(words, trade, trade.wanted().orElseThrow().setting());
    String to = number(words, trade, trade.most());
    return written(words, trade, from.equals(to) ? from : words.of("figures.range", from, to));
  }

  private static String number(Words words, Trade trade, double setting) {
    return words.fixed(setting, trade.rig() == Trade.Rig.BOWL ? 0 : 1);
  }

  private static String written(Words words, Trade trade, String number) {
    return words.of(trade.rig() == Trade.Rig.BOWL ? "practice.flow" : "practice.tilt", number);
  }

  /** What it was run under besides: a bowl for so many minutes, a deck with so much water. */
  private static String under(Words words, Trade trade) {
    return words.fixed(
        trade.rig() == Trade.Rig.BOWL ? trade.minutes() : DeckControls.USUAL.troughLMin(), 0);
  }

  private static String lost(Words words, Trade.Point point) {
    return point.goldLost() <= Trade.ALLOWED
        ? words.of("practice.trade.little")
        : percent(words, point.goldLost());
  }

  /** Figure and sign stay together where a sentence breaks. */
  private static String percent(Words words, double share) {
    return words.percent(share).replace(' ', '\u00a0');
  }
}
