package jugulum.practice.drill;

import java.util.Arrays;
import java.util.List;
import jugulum.core.check.Check;
import jugulum.core.water.Water;
import jugulum.practice.bowl.Bowl;
import jugulum.practice.bowl.BowlControls;
import jugulum.practice.bowl.BowlShape;
import jugulum.practice.drill.Drill.OnBowl;
import jugulum.practice.sand.GrainKind;
import jugulum.practice.sand.Grains;
import jugulum.practice.start.Trade;
import jugulum.practice.start.TradeTable;

/** A run of a vortex bowl. */
public final class BowlRun implements Run {
  /** How much of the sand is to go over the lip. */
  public static final double WANTED = Trade.Rig.BOWL.wanted();

  /**
   * So much more in so short a time is opening fast, in L/min and s: ours.
   *
   * <p>Off by a half: from where on a run of practice is told it opened fast.
   */
  private static final double FAST_L_MIN = 3;

  private static final double FAST_S = 5;

  /** How long water churns after it was opened fast, in s: twice what the swirl takes to follow. */
  private static final double CHURNS_S = 12;

  /** More than that in the bowl is too much for it, in g: the top of the sheet's usual charge. */
  private static final double TOO_MUCH_G = 200;

  /**
   * So much more than the most the cut bears, or than where it starts, is too much water: ours.
   *
   * <p>Off by a half: which loss of a run of practice is told to be by too much water.
   */
  private static final double MORE_THAN_ENOUGH = 1.1;

  /** A lean one does not see, in degrees. */
  private static final double UNSEEN = 0.5;

  private final Drill drill;
  private final OnBowl rig;
  private final long seed;
  private final Bowl bowl;
  private final Trade trade;
  private final RunLog log = new RunLog();
  private final Course course;
  private final double[] valves;
  private BowlControls told;
  private BowlControls works;
  private double fastUntil = -1;
  private double lostBefore;
  private int second;
  private boolean isEnded;

  /**
   * A run that has not begun.
   *
   * @param sandGrains how many grains of sand are drawn
   * @param goldGrains how many of gold
   */
  public BowlRun(Drill drill, int sandGrains, int goldGrains, Water water, long seed) {
    this.drill = drill;
    this.seed = seed;
    rig = (OnBowl) drill.rig();
    Grains grains = Grains.draw(drill.sand(), sandGrains, goldGrains, water, seed);
    bowl = new Bowl(BowlShape.USUAL, grains, rig.totalG(), water, seed);
    trade = TradeTable.shipped().bowl(drill.sand());
    course = new Course(drill.limitS());
    valves = new double[(int) Math.round(FAST_S / Bowl.STEP_S)];
    told = rig.begin();
    works = told;
    if (rig.isCharged()) {
      bowl.charge(rig.totalG(), true, told.hasAgent());
    }
    Arrays.fill(valves, told.valveLMin());
  }

  @Override
  public void tell(Action action) {
    if (isOver()) {
      return;
    }
    switch (action) {
      case Action.Valve(double lMin) -> told = told.valve(lMin);
      case Action.Level(double degrees) -> told = told.tilt(degrees);
      case Action.Agent(boolean isIn) -> told = told.agent(isIn);
      case Action.Charge(double grams, boolean isAtWall) -> {
        Check.inRange("grams", grams, 0, rig.totalG());
        bowl.charge(grams, isAtWall, told.hasAgent());
      }
      default -> throw new IllegalArgumentException("that is not done with a bowl");
    }
    log.tell(action);
    works = aged();
  }

  /** What comes of what is set: a pump that ages gives less. */
  private BowlControls aged() {
    if (rig.ageing() == 0) {
      return told;
    }
    double left = StrictMath.exp(-rig.ageing() * bowl.seconds() / 60);
    return told.valve(told.valveLMin() * left);
  }

  @Override
  public void step() {
    if (isOver()) {
      return;
    }
    int place = (int) (log.steps() % valves.length);
    double before = valves[place];
    valves[place] = told.valveLMin();
    if (told.valveLMin() - before >= FAST_L_MIN && bowl.loadG() > 0) {
      fastUntil = bowl.seconds() + CHURNS_S;
    }
    bowl.step(works);
    log.step();
    double lost = bowl.gone(GrainKind.GOLD);
    if (lost > lostBefore) {
      course.lose(habit(), lost - lostBefore, bowl.seconds());
      lostBefore = lost;
    }
    if (bowl.seconds() >= second) {
      course.second(lost, bowl.sandGone(), bowl.flowLMin());
      second++;
      if (rig.ageing() > 0) {
        works = aged();
      }
    }
  }

  private LostBy habit() {
    if (!told.hasAgent()) {
      return LostBy.NO_AGENT;
    }
    if (bowl.seconds() < fastUntil) {
      return LostBy.OPENED_FAST;
    }
    if (bowl.loadG() > TOO_MUCH_G) {
      return LostBy.OVERLOADED;
    }
    if (bowl.sandGone() >= WANTED) {
      return LostBy.RAN_ON;
    }
    if (bowl.flowLMin() > MORE_THAN_ENOUGH * Math.max(trade.most(), trade.start().setting())) {
      return LostBy.TOO_MUCH_WATER;
    }
    return Math.abs(told.tiltDegrees()) > UNSEEN ? LostBy.OUT_OF_LEVEL : LostBy.UNAVOIDED;
  }

  @Override
  public boolean isOver() {
    return isEnded || bowl.seconds() >= drill.limitS();
  }

  @Override
  public void end() {
    isEnded = true;
  }

  @Override
  public Score score() {
    double lost = bowl.gone(GrainKind.GOLD);
    double out = bowl.sandGone();
    return new Score(lost, out, bowl.seconds() / 60, out >= WANTED && lost <= drill.most());
  }

  /** What is set, as the person sees it. */
  public BowlControls controls() {
    return told;
  }

  /** The bowl. */
  public Bowl bowl() {
    return bowl;
  }

  /** What its sand trades on the bowl. */
  public Trade trade() {
    return trade;
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
    return bowl.seconds();
  }

  @Override
  public Course course() {
    return course;
  }

  @Override
  public List<Course.Loss> losses() {
    return course.losses(1);
  }

  @Override
  public List<LoggedAction> told() {
    return log.told();
  }
}
