package jugulum.practice.drill;

import java.util.List;
import jugulum.practice.bowl.Bowl;
import jugulum.practice.drill.Drill.OnPan;
import jugulum.practice.drops.Heap;

/** A heap of magnetite lifted, dropped and carried away. */
public final class HeapRun implements Run {
  /**
   * How long a lift or a drop takes a person, in s: ours.
   *
   * <p>Off by a half: how long the drill with the magnet takes.
   */
  public static final double MOVE_S = 5;

  private final Drill drill;
  private final long seed;
  private final Heap heap;
  private final RunLog log = new RunLog();
  private final Course course;
  private double seconds;
  private double busyUntil;
  private int second;
  private boolean isAway;

  /**
   * A heap that lies.
   *
   * @param gold how many grains of gold lie in it
   */
  public HeapRun(Drill drill, int gold, long seed) {
    this.drill = drill;
    this.seed = seed;
    OnPan rig = (OnPan) drill.rig();
    heap = new Heap(gold, rig.trapped(), rig.freed(), seed);
    course = new Course(drill.limitS());
  }

  @Override
  public void tell(Action action) {
    if (isOver() || isBusy()) {
      return;
    }
    switch (action) {
      case Action.Lift _ -> heap.lift();
      case Action.Drop _ -> heap.drop();
      case Action.Away _ -> carriedAway();
      default -> throw new IllegalArgumentException("that is not done with a magnet");
    }
    log.tell(action);
    busyUntil = seconds + MOVE_S;
  }

  private void carriedAway() {
    if (heap.isUp()) {
      isAway = true;
      if (heap.trapped() > 0) {
        course.lose(LostBy.TOO_FEW_DROPS, lost(), seconds);
      }
    }
  }

  /** Whether hands are full. */
  public boolean isBusy() {
    return seconds < busyUntil;
  }

  @Override
  public void step() {
    if (isOver()) {
      return;
    }
    seconds += Bowl.STEP_S;
    log.step();
    if (seconds >= second) {
      second++;
      course.second(lost(), heap.isUp() ? 1 : 0, heap.drops());
    }
  }

  private double lost() {
    return heap.gold() == 0 ? 0 : (double) heap.trapped() / heap.gold();
  }

  @Override
  public boolean isOver() {
    return isAway || seconds >= drill.limitS();
  }

  @Override
  public void end() {
    isAway = true;
  }

  @Override
  public Score score() {
    boolean isReached = isAway && heap.isUp() && lost() <= drill.most();
    return new Score(lost(), heap.isUp() ? 1 : 0, seconds / 60, isReached);
  }

  /** The heap. */
  public Heap heap() {
    return heap;
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
    return seconds;
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
