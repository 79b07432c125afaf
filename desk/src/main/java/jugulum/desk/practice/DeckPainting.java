package jugulum.desk.practice;

import jugulum.practice.deck.Deck;
import jugulum.practice.drill.DeckRun;
import jugulum.practice.sand.GrainKind;

/** A shaker table from above, its ports at the right. */
final class DeckPainting implements Painting {
  private static final int WIDTH = 760;
  private static final int HEIGHT = 380;
  private static final int PORTS = 26;
  private static final int GOLD = GrainKind.GOLD.ordinal();

  private final DeckRun run;
  private final Deck deck;
  private final double across;
  private final double down;
  private final Canvas ground = new Canvas(WIDTH, HEIGHT);

  /**
   * Paints a deck.
   *
   * @param behind the colour of what is round it
   */
  DeckPainting(DeckRun run, int behind) {
    this.run = run;
    this.deck = run.deck();
    across = (WIDTH - PORTS) / deck.shape().lengthM();
    down = HEIGHT / deck.shape().widthM();
    ground.fill(behind);
    ground.rectangle(0, 0, WIDTH - PORTS, HEIGHT, MineralColours.WATER);
    int riffles = (int) (deck.shape().smoothFromM() * across);
    for (double y = deck.shape().spacingM();
        y < deck.shape().widthM();
        y += deck.shape().spacingM()) {
      ground.rectangle(0, (int) (y * down), riffles, 2, MineralColours.RIFFLE);
    }
  }

  @Override
  public int width() {
    return WIDTH;
  }

  @Override
  public int height() {
    return HEIGHT;
  }

  @Override
  public void paint(Canvas canvas) {
    canvas.copy(ground);
    int count = deck.grains().count();
    for (int i = 0; i < count; i++) {
      int kind = deck.grains().kind(i);
      if (deck.state(i) == Deck.ON && kind != GOLD) {
        canvas.dot(x(i), y(i), 2, MineralColours.of(kind));
      }
    }
    for (int i = 0; i < count; i++) {
      if (deck.state(i) == Deck.ON && deck.grains().kind(i) == GOLD) {
        canvas.dot(x(i), y(i), 3, MineralColours.of(GOLD));
      }
    }
    for (int splitter = 0; splitter < run.controls().splittersM().size(); splitter++) {
      int y = (int) (run.controls().splittersM().get(splitter) * down);
      canvas.rectangle(WIDTH - PORTS - 8, y - 1, PORTS + 8, 3, MineralColours.SPLITTER);
    }
  }

  private int x(int i) {
    return (int) (deck.xM(i) * across);
  }

  private int y(int i) {
    return (int) (deck.yM(i) * down);
  }
}
