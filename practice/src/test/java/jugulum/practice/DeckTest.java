package jugulum.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import jugulum.core.water.Water;
import jugulum.practice.deck.Deck;
import jugulum.practice.deck.DeckControls;
import jugulum.practice.deck.DeckShape;
import jugulum.practice.sand.FeedSand;
import jugulum.practice.sand.GrainKind;
import jugulum.practice.sand.Grains;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** What a shaker table does of itself: nothing of this is written into it. */
@Tag("simulated")
class DeckTest {
  private static final Water WATER = new Water(12);
  private static final FeedSand COARSE = FeedSand.black(0.30, 0.60, 0.3);
  private static final FeedSand FINE = FeedSand.black(0.075, 0.15, 0.3);
  private static final double GRAMS = 0.2;

  private static Deck deck(FeedSand sand, DeckControls controls, long seed, double seconds) {
    return deck(DeckShape.USUAL, sand, controls, seed, seconds);
  }

  private static Deck deck(
      DeckShape shape, FeedSand sand, DeckControls controls, long seed, double seconds) {
    return deck(shape, sand, GRAMS, controls, seed, seconds);
  }

  private static Deck deck(
      DeckShape shape,
      FeedSand sand,
      double grams,
      DeckControls controls,
      long seed,
      double seconds) {
    return RUN.computeIfAbsent(
        new Setting(shape, sand, grams, controls, seed, seconds), Setting::run);
  }

  /** Runs that are over, to be looked at from many sides and not run on. */
  private static final Map<Setting, Deck> RUN = new HashMap<>();

  private record Setting(
      DeckShape shape,
      FeedSand sand,
      double grams,
      DeckControls controls,
      long seed,
      double seconds) {
    Deck run() {
      Grains grains = Grains.draw(sand, 2000, 400, WATER, seed);
      Deck deck = new Deck(shape, grains, grams, WATER, seed);
      DeckTest.run(deck, controls, 60);
      deck.forget();
      DeckTest.run(deck, controls, seconds);
      return deck;
    }
  }

  @AfterAll
  static void letGo() {
    RUN.clear();
  }

  private static void run(Deck deck, DeckControls controls, double seconds) {
    for (long steps = Math.round(seconds / Deck.STEP_S); steps > 0; steps--) {
      deck.step(controls);
    }
  }

  private static double median(Deck deck, GrainKind kind) {
    return deck.placeM(kind, 0.5);
  }

  @Test
  void theFanAppearsInOrder() {
    GrainKind[] order = {GrainKind.GOLD, GrainKind.MAGNETITE, GrainKind.GARNET, GrainKind.QUARTZ};
    for (int k = 1; k < order.length; k++) {
      GrainKind above = order[k - 1];
      GrainKind below = order[k];
      assertThat(
              Seeds.atLeast(
                  5,
                  seed -> {
                    Deck deck = deck(FINE, DeckControls.USUAL, seed, 60);
                    return median(deck, below) - median(deck, above);
                  }))
          .as("%s above %s", above, below)
          .isGreaterThan(0.02);
    }
  }

  @Test
  void moreTiltOrMoreWaterMovesEveryBandDown() {
    DeckControls less = DeckControls.USUAL.tilt(2).water(12, 0);
    for (GrainKind kind : List.of(GrainKind.MAGNETITE, GrainKind.GARNET, GrainKind.QUARTZ)) {
      for (DeckControls more : List.of(less.tilt(3.5), less.water(24, 0), less.water(12, 12))) {
        assertThat(
                Seeds.atLeast(
                    4,
                    seed ->
                        median(deck(FINE, more, seed, 40), kind)
                            - median(deck(FINE, less, seed, 40), kind)))
            .as("%s", kind)
            .isPositive();
      }
    }
  }

  @Test
  void fineFlatGoldIsTheFirstGoldToGo() {
    DeckControls steep = DeckControls.USUAL.tilt(6).water(35, 0);
    assertThat(
            Seeds.atLeast(
                5,
                seed ->
                    median(deck(FINE.withGold(0.2, 0.3), steep, seed, 60), GrainKind.GOLD)
                        - median(deck(COARSE.withGold(0.2, 0.3), steep, seed, 60), GrainKind.GOLD)))
        .isPositive();
  }

  /** How much of the magnetite lies among the garnet: where the bands lie over each other. */
  private static double mixedUp(Deck deck) {
    return deck.placeM(GrainKind.MAGNETITE, 0.9) - deck.placeM(GrainKind.GARNET, 0.1);
  }

  @Test
  void mixedSizesArePartedWorseThanEachCutAlone() {
    FeedSand mixed = FeedSand.black(0.075, 0.60, 0.3);
    DeckControls flat = DeckControls.USUAL;
    // Wide enough for every band to end at the far edge.
    DeckShape wide = new DeckShape(0.9, 1.5, 0.006, 0.72, 0.03);
    assertThat(
            Seeds.atLeast(
                5,
                seed ->
                    mixedUp(deck(wide, mixed, flat, seed, 60))
                        - Math.max(
                            mixedUp(deck(wide, FINE, flat, seed, 60)),
                            mixedUp(deck(wide, COARSE, flat, seed, 60)))))
        .isPositive();
  }

  private static double sandInFirst(Deck deck) {
    double first = 0;
    double all = 0;
    for (GrainKind kind :
        List.of(GrainKind.MAGNETITE, GrainKind.ILMENITE, GrainKind.GARNET, GrainKind.QUARTZ)) {
      first += deck.out(0, kind);
      all += deck.out(kind);
    }
    return first / all;
  }

  @Test
  void tooMuchFeedSpoilsTheFirstPort() {
    DeckControls usual = DeckControls.USUAL.tilt(2);
    assertThat(
            Seeds.atLeast(
                4,
                seed ->
                    sandInFirst(deck(DeckShape.USUAL, FINE, 1, usual.feed(110), seed, 40))
                        - sandInFirst(deck(DeckShape.USUAL, FINE, 1, usual.feed(16), seed, 40))))
        .isGreaterThan(0.03);
  }

  @Test
  void theLineFollowsAChangeOfTiltLate() {
    Grains grains = Grains.draw(FINE, 4000, 800, WATER, 9);
    Deck deck = new Deck(DeckShape.USUAL, grains, GRAMS, WATER, 9);
    DeckControls flat = DeckControls.USUAL.tilt(2);
    DeckControls steep = DeckControls.USUAL.tilt(4);
    run(deck, flat, 90);
    deck.forget();
    run(deck, flat, 20);
    double before = median(deck, GrainKind.MAGNETITE);
    deck.forget();
    run(deck, steep, 4);
    double soon = median(deck, GrainKind.MAGNETITE);
    run(deck, steep, 80);
    deck.forget();
    run(deck, steep, 20);
    double after = median(deck, GrainKind.MAGNETITE);
    assertThat(after).isGreaterThan(before + 0.03);
    assertThat(soon - before).isLessThan(0.5 * (after - before));
  }

  @Test
  void itKeepsEveryGrainAndRunsAlike() {
    Deck deck = deck(FINE, DeckControls.USUAL, 3, 30);
    Deck again = new Setting(DeckShape.USUAL, FINE, GRAMS, DeckControls.USUAL, 3, 30).run();
    long on = 0;
    for (int i = 0; i < deck.grains().count(); i++) {
      on += deck.state(i);
      assertThat(again.xM(i)).isEqualTo(deck.xM(i));
      assertThat(again.yM(i)).isEqualTo(deck.yM(i));
    }
    Deck fresh = new Deck(DeckShape.USUAL, deck.grains(), GRAMS, WATER, 3);
    run(fresh, DeckControls.USUAL, 60 + 30);
    long fed = 0;
    long out = 0;
    for (GrainKind kind : GrainKind.values()) {
      fed += fresh.fed(kind);
      out += fresh.out(kind);
    }
    assertThat(out + on).isEqualTo(fed);
  }

  @Test
  void portsThatStandHigherHoldTheSandBack() {
    assertThat(
            Seeds.atLeast(
                4,
                seed ->
                    median(deck(FINE, DeckControls.USUAL.rise(2), seed, 40), GrainKind.QUARTZ)
                        - median(deck(FINE, DeckControls.USUAL, seed, 40), GrainKind.QUARTZ)))
        .isPositive();
  }

  @Test
  void whatCannotBeIsRefusedWithItsRange() {
    assertThatThrownBy(() -> DeckControls.USUAL.tilt(20)).hasMessageContaining("tiltDegrees");
    assertThatThrownBy(() -> DeckControls.USUAL.splitters(List.of(0.2, 0.1, 0.3)))
        .hasMessageContaining("splitter");
    assertThatThrownBy(() -> DeckControls.USUAL.splitters(List.of(0.2)))
        .hasMessageContaining("splitters");
    assertThatThrownBy(() -> new DeckShape(0.9, 0.45, 0.006, 1.2, 0.03))
        .hasMessageContaining("smoothFromM");
  }
}
