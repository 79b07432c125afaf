package jugulum.practice.drill;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.ledger.Assumptions;
import jugulum.core.screens.Cut;
import jugulum.core.screens.StandardScreens;
import jugulum.practice.bowl.BowlControls;
import jugulum.practice.deck.DeckControls;
import jugulum.practice.drill.Drill.OnBowl;
import jugulum.practice.drill.Drill.OnDeck;
import jugulum.practice.drill.Drill.OnPan;
import jugulum.practice.drill.Drill.Rig;
import jugulum.practice.sand.FeedSand;
import jugulum.practice.start.LotSand;
import jugulum.practice.start.TradeRun;

/**
 * The drills there are, rising. Sands, loads and limits are ours; what they train is the sheets'.
 */
public final class Drills {
  private static final FeedSand MIDDLE = usual("50", "100");
  private static final FeedSand FINE = usual("100", "200");
  private static final FeedSand COARSE = usual("30", "50");
  private static final FeedSand ALL = usual("20", "200");
  private static final double CHARGE_G = TradeRun.CHARGE_G;
  private static final double TOTAL_G = 3 * CHARGE_G;

  /** What lies in a bowl that was filled without a thought, in g. */
  private static final double FAR_TOO_MUCH_G = 480;

  /**
   * The share of what a heap traps that a drop frees, where no passes of one's own tell: ours.
   *
   * <p>Off by a half: how many drops the drill with the magnet takes: three become two or five.
   */
  public static final double FREED = 0.6;

  private Drills() {}

  /** The sand of a cut of which nothing more is known: what sheet and plan take it for. */
  private static FeedSand usual(String passing, String retained) {
    Cut cut = new Cut(StandardScreens.numbered(passing), StandardScreens.numbered(retained));
    return LotSand.of(cut, LotSand.MAGNETITE, Assumptions.USUAL.flatness()).orElseThrow();
  }

  /** All of them, the easiest first. */
  public static List<Drill> all() {
    BowlControls shut = BowlControls.SHUT;
    DeckControls deck = DeckControls.USUAL;
    return List.of(
        bowl("first-run", "", MIDDLE, 360, 0.02, filling(shut, 0, false)),
        bowl("sound-and-level", "", MIDDLE, 360, 0.02, filling(shut, 0, true)),
        bowl("overloaded", "level-sinks", FINE, 480, 0.20, charged(shut.valve(12))),
        bowl("unclassified", "sand-stays", ALL, 420, 0.20, filling(shut, 0, false)),
        bowl(
            "flat-fines",
            "gold-in-tailings",
            FINE.withGold(0.2, 0.3),
            420,
            0.30,
            filling(shut, 0, false)),
        bowl("leans", "one-sided", FINE, 420, 0.22, filling(shut.tilt(3), 0, true)),
        bowl("no-agent", "gold-floats", FINE, 420, 0.22, filling(shut.agent(false), 0, false)),
        bowl("pump-ages", "nothing-moves", MIDDLE, 420, 0.03, filling(shut, 0.12, true)),
        bowl("water-too-high", "fines-climb", MIDDLE, 300, 0.05, charged(shut.valve(25))),
        deck("first-table", "", COARSE, 240, 0.05, deck.tilt(1)),
        deck("line-too-low", "heavies-line-low", COARSE, 240, 0.08, deck.tilt(7).water(40, 0)),
        deck("sand-comes-along", "sand-in-concentrate", FINE, 240, 0.05, deck.tilt(0.5)),
        deck("deck-leans", "band-wanders", COARSE, 240, 0.08, deck.tilt(2.5).rise(-2.5)),
        new Drill("drops", Optional.empty(), MIDDLE, 120, 0.03, new OnPan(40, 0.3, FREED)));
  }

  /** The drill of a name. */
  public static Optional<Drill> of(String id) {
    return all().stream().filter(drill -> drill.id().equals(id)).findFirst();
  }

  /** The drill with what one's own passes freed by drop. */
  public static Drill freeing(Drill drill, OptionalDouble freed) {
    return drill.rig() instanceof OnPan(double heap, double trapped, var _) && freed.isPresent()
        ? new Drill(
            drill.id(),
            drill.symptom(),
            drill.sand(),
            drill.limitS(),
            drill.most(),
            new OnPan(heap, trapped, freed.getAsDouble()))
        : drill;
  }

  private static Rig filling(BowlControls begin, double ageing, boolean isBlind) {
    return new OnBowl(TOTAL_G, CHARGE_G, begin, false, ageing, isBlind);
  }

  private static Rig charged(BowlControls begin) {
    return new OnBowl(FAR_TOO_MUCH_G, CHARGE_G, begin, true, 0, false);
  }

  private static Drill bowl(
      String id, String symptom, FeedSand sand, double limit, double most, Rig rig) {
    return new Drill(id, named(symptom), sand, limit, most, rig);
  }

  private static Drill deck(
      String id, String symptom, FeedSand sand, double limit, double most, DeckControls begin) {
    return new Drill(id, named(symptom), sand, limit, most, new OnDeck(begin));
  }

  private static Optional<String> named(String symptom) {
    return symptom.isEmpty() ? Optional.empty() : Optional.of(symptom);
  }
}
