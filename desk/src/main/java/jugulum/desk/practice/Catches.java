package jugulum.desk.practice;

import java.util.ArrayList;
import java.util.List;
import jugulum.desk.chart.CatchChart.Catch;
import jugulum.desk.words.Words;
import jugulum.practice.bowl.Bowl;
import jugulum.practice.deck.Deck;
import jugulum.practice.deck.DeckControls;
import jugulum.practice.sand.GrainKind;
import jugulum.practice.sand.Grains;

/** What the pan under a bowl and the ports of a deck have caught. */
final class Catches {
  private static final int SIZES = 4;

  private Catches() {}

  /** By size, the coarsest first. */
  static List<Catch> of(Words words, Bowl bowl) {
    Grains grains = bowl.grains();
    double low = Math.log(grains.sand().finestMm());
    double span = Math.log(grains.sand().coarsestMm()) - low;
    int[][] gone = new int[SIZES][GrainKind.values().length];
    for (int i = 0; i < grains.count(); i++) {
      if (bowl.state(i) >= Bowl.GONE) {
        double place = (Math.log(grains.sizeMm(i)) - low) / span;
        gone[Math.clamp((int) (place * SIZES), 0, SIZES - 1)][grains.kind(i)]++;
      }
    }
    List<Catch> catches = new ArrayList<>();
    for (int size = SIZES - 1; size >= 0; size--) {
      double from = Math.exp(low + span * size / SIZES);
      List<Double> shares = new ArrayList<>();
      for (GrainKind kind : GrainKind.values()) {
        shares.add((double) gone[size][kind.ordinal()] / Math.max(1, grains.count(kind)));
      }
      catches.add(new Catch(words.of("practice.over-mm", words.fixed(from, 3)), shares));
    }
    return catches;
  }

  /** By port, the top one first. */
  static List<Catch> of(Words words, Deck deck) {
    List<Catch> catches = new ArrayList<>();
    for (int port = 0; port < DeckControls.PORTS; port++) {
      List<Double> shares = new ArrayList<>();
      for (GrainKind kind : GrainKind.values()) {
        double all = 0;
        for (int other = 0; other < DeckControls.PORTS; other++) {
          all += deck.lately(other, kind);
        }
        shares.add(all < 1e-3 ? 0 : deck.lately(port, kind) / all);
      }
      catches.add(new Catch(words.of("practice.port", Integer.toString(port + 1)), shares));
    }
    return catches;
  }
}
