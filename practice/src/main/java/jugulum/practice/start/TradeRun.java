package jugulum.practice.start;

import java.util.List;
import jugulum.core.water.Water;
import jugulum.practice.bowl.Bowl;
import jugulum.practice.bowl.BowlControls;
import jugulum.practice.bowl.BowlShape;
import jugulum.practice.deck.Deck;
import jugulum.practice.deck.DeckControls;
import jugulum.practice.deck.DeckShape;
import jugulum.practice.sand.FeedSand;
import jugulum.practice.sand.GrainKind;
import jugulum.practice.sand.Grains;

/**
 * Runs from which the table of trades is made: a bowl or a deck by the laws of practice, at one
 * setting, with the sand of one cut and gold of every flatness.
 */
public final class TradeRun {
  /** The minerals of the sand, in the order of the table. */
  static final List<GrainKind> SAND =
      List.of(GrainKind.QUARTZ, GrainKind.GARNET, GrainKind.ILMENITE, GrainKind.MAGNETITE);

  /** From where to where the flatness of each class of gold goes. */
  static final double[] FLATNESS = {0.2, 0.3, 0.4, 0.5, 0.7, 1};

  /** What a run tells at a time: of each mineral, then of each class of gold, in parts of 1,000. */
  static final int FIGURES = SAND.size() + FLATNESS.length - 1;

  /** The charge of a bowl, in g: where the sheet's usual begins. */
  public static final double CHARGE_G = 100;

  /**
   * How long the valve of a bowl is opened, in s: slowly, as the sheet has it; ours.
   *
   * <p>Off by a half: what gold goes while the swirl gathers.
   */
  private static final double OPENED_S = 15;

  /** Water out of the ground: what one practises with, too. */
  public static final Water WATER = new Water(12);

  private static final long SEED = 20261130;
  private static final int SAND_GRAINS = 400;
  private static final int GOLD_GRAINS = 600;
  private static final double DECK_GRAMS = 0.3;
  private static final double DECK_S = 60;

  private TradeRun() {}

  /** What goes with a magnet's leavings: as much of each mineral as a sluice leaves. */
  private static Grains grains(double finestMm, double coarsestMm) {
    FeedSand sand =
        FeedSand.black(finestMm, coarsestMm, LotSand.MAGNETITE).withGold(FLATNESS[0], 1);
    return Grains.draw(sand, SAND_GRAINS, GOLD_GRAINS, WATER, SEED);
  }

  /**
   * What leaves a bowl.
   *
   * @param flowLMin in L/min
   * @param minutes the times at which it is told, rising
   * @return a row of {@link #FIGURES} for each
   */
  static int[][] bowl(double finestMm, double coarsestMm, double flowLMin, double[] minutes) {
    Grains grains = grains(finestMm, coarsestMm);
    Bowl bowl = new Bowl(BowlShape.USUAL, grains, CHARGE_G, WATER, SEED);
    bowl.charge(CHARGE_G, true, true);
    int[][] told = new int[minutes.length][];
    for (int at = 0; at < minutes.length; at++) {
      while (bowl.seconds() < 60 * minutes[at]) {
        double open = Math.min(1, bowl.seconds() / OPENED_S);
        bowl.step(BowlControls.SHUT.valve(flowLMin * open));
      }
      told[at] = gone(bowl, grains);
    }
    return told;
  }

  private static int[] gone(Bowl bowl, Grains grains) {
    int[] told = new int[FIGURES];
    for (int k = 0; k < SAND.size(); k++) {
      told[k] = thousandths(bowl.gone(SAND.get(k)));
    }
    int[] all = new int[FLATNESS.length - 1];
    int[] gone = new int[all.length];
    for (int i = 0; i < grains.count(); i++) {
      if (grains.kind(i) == GrainKind.GOLD.ordinal()) {
        int of = flatness(grains.flatness(i));
        all[of]++;
        gone[of] += bowl.state(i) == Bowl.IN ? 0 : 1;
      }
    }
    for (int of = 0; of < all.length; of++) {
      told[SAND.size() + of] = thousandths((double) gone[of] / all[of]);
    }
    return told;
  }

  /** The class of a flatness. */
  private static int flatness(double flatness) {
    int of = 0;
    while (of < FLATNESS.length - 2 && flatness >= FLATNESS[of + 1]) {
      of++;
    }
    return of;
  }

  /**
   * What does not come by the first port of a deck.
   *
   * @param tiltDegrees in degrees
   * @return {@link #FIGURES}
   */
  static int[] deck(double finestMm, double coarsestMm, double tiltDegrees) {
    int[] told = new int[FIGURES];
    int first = SAND.size();
    for (int of = 0; of < FLATNESS.length - 1; of += 2) {
      FeedSand sand =
          FeedSand.black(finestMm, coarsestMm, LotSand.MAGNETITE)
              .withGold(FLATNESS[of], FLATNESS[of + 1]);
      Grains grains = Grains.draw(sand, SAND_GRAINS, GOLD_GRAINS / 4, WATER, SEED);
      Deck deck = new Deck(DeckShape.USUAL, grains, DECK_GRAMS, WATER, SEED);
      DeckControls controls = DeckControls.USUAL.tilt(tiltDegrees);
      run(deck, controls, Deck.FILLS_S);
      deck.forget();
      run(deck, controls, DECK_S);
      told[first + of] = apart(deck, GrainKind.GOLD);
      if (of > 0) {
        // What lies between two classes goes as they do: a deck tells flatness less finely.
        told[first + of - 1] = (told[first + of - 2] + told[first + of]) / 2;
      }
      for (int k = 0; k < first; k++) {
        told[k] = Math.max(told[k], apart(deck, SAND.get(k)));
      }
    }
    return told;
  }

  private static void run(Deck deck, DeckControls controls, double seconds) {
    for (long steps = Math.round(seconds / Deck.STEP_S); steps > 0; steps--) {
      deck.step(controls);
    }
  }

  private static int apart(Deck deck, GrainKind kind) {
    long all = deck.out(kind);
    return all == 0 ? 0 : thousandths(1 - (double) deck.out(0, kind) / all);
  }

  private static int thousandths(double share) {
    return (int) Math.round(1000 * share);
  }
}
