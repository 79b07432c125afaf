package jugulum.practice.drill;

import java.util.ArrayList;
import java.util.List;
import jugulum.core.water.Water;
import jugulum.practice.deck.Deck;
import jugulum.practice.deck.DeckControls;
import jugulum.practice.deck.DeckShape;
import jugulum.practice.drill.Drill.OnDeck;
import jugulum.practice.sand.GrainKind;
import jugulum.practice.sand.Grains;
import jugulum.practice.start.Trade;

/** A run of a shaker table. */
public final class DeckRun implements Run {
  /** The share of the sand that is not to come by the first port. */
  private static final double WANTED = Trade.Rig.DECK.wanted();

  private final Drill drill;
  private final long seed;
  private final Deck deck;
  private final RunLog log = new RunLog();
  private final Course course;
  private DeckControls controls;
  private double lostBefore;
  private int second;
  private boolean isFull;
  private boolean isEnded;

  /**
   * A run that has not begun.
   *
   * @param sandGrains how many grains of sand there are to feed
   * @param goldGrains how many of gold
   * @param gramsEach what each grain of sand stands for, in g
   */
  public DeckRun(
      Drill drill, int sandGrains, int goldGrains, double gramsEach, Water water, long seed) {
    this.drill = drill;
    this.seed = seed;
    Grains grains = Grains.draw(drill.sand(), sandGrains, goldGrains, water, seed);
    deck = new Deck(DeckShape.USUAL, grains, gramsEach, water, seed);
    controls = ((OnDeck) drill.rig()).begin();
    course = new Course(drill.limitS());
  }

  @Override
  public void tell(Action action) {
    if (isOver()) {
      return;
    }
    controls =
        switch (action) {
          case Action.Tilt(double degrees) -> controls.tilt(degrees);
          case Action.Rise(double degrees) -> controls.rise(degrees);
          case Action.Water(double trough, double spray) -> controls.water(trough, spray);
          case Action.Stroke(double mm, double aMinute) -> controls.stroke(mm, aMinute);
          case Action.Feed(double kgH) -> controls.feed(kgH);
          case Action.Splitter(int which, double fromTop) -> splitter(which, fromTop);
          default -> throw new IllegalArgumentException("that is not done with a deck");
        };
    log.tell(action);
  }

  private DeckControls splitter(int which, double fromTop) {
    List<Double> places = new ArrayList<>(controls.splittersM());
    places.set(which, fromTop);
    return controls.splitters(places);
  }

  @Override
  public void step() {
    if (isOver()) {
      return;
    }
    deck.step(controls);
    log.step();
    if (!isFull && deck.seconds() >= Deck.FILLS_S) {
      isFull = true;
      deck.forget();
    }
    if (deck.seconds() >= second) {
      second++;
      tell(lost());
    }
  }

  private void tell(double lost) {
    course.second(isFull ? share(lost) : 0, isFull ? sandApart() : 0, controls.tiltDegrees());
    if (isFull && lost > lostBefore) {
      course.lose(habit(), lost - lostBefore, deck.seconds());
    }
    lostBefore = isFull ? lost : 0;
  }

  /** Gold grains that did not come by the first port. */
  private double lost() {
    return isFull ? deck.out(GrainKind.GOLD) - deck.out(0, GrainKind.GOLD) : 0;
  }

  private double share(double grains) {
    long all = deck.out(GrainKind.GOLD);
    return all == 0 ? 0 : grains / all;
  }

  private double sandApart() {
    long all = 0;
    long first = 0;
    for (int k = GrainKind.GOLD.ordinal() + 1; k < GrainKind.values().length; k++) {
      GrainKind kind = GrainKind.values()[k];
      all += deck.out(kind);
      first += deck.out(0, kind);
    }
    return all == 0 ? 0 : 1 - (double) first / all;
  }

  private LostBy habit() {
    double gold = deck.placeM(GrainKind.GOLD, 0.5);
    // Gold that lies well below where it was fed was washed there; else the splitter is too high.
    boolean isDown = gold > Deck.FED_AT_M + 0.03;
    return isDown ? LostBy.TOO_STEEP : LostBy.SPLITTER;
  }

  @Override
  public boolean isOver() {
    return isEnded || deck.seconds() >= drill.limitS();
  }

  @Override
  public void end() {
    isEnded = true;
  }

  @Override
  public Score score() {
    double lost = share(lost());
    double apart = isFull ? sandApart() : 0;
    boolean isReached = isFull && apart >= WANTED && lost <= drill.most();
    return new Score(lost, apart, deck.seconds() / 60, isReached);
  }

  /** Whether what leaves is counted already. */
  public boolean isFull() {
    return isFull;
  }

  /** What is set. */
  public DeckControls controls() {
    return controls;
  }

  /** The deck. */
  public Deck deck() {
    return deck;
  }

  @Override
  public Drill drill() {
    return drill;
  }

  @Override
  public long seed() {
    return seed;
  }

  @Override
  public double seconds() {
    return deck.seconds();
  }

  @Override
  public Course course() {
    return course;
  }

  @Override
  public List<Course.Loss> losses() {
    return course.losses(Math.max(1.0, (double) deck.out(GrainKind.GOLD)));
  }

  @Override
  public List<LoggedAction> told() {
    return log.told();
  }
}
