package jugulum.practice.drill;

import java.util.List;

/** A run that is played: told what to do, gone on with step by step, judged at the end. */
public sealed interface Run permits BowlRun, DeckRun, HeapRun {
  /** Which drill. */
  Drill drill();

  /** What its grains were drawn with. */
  long seed();

  /** Does something, before the next step. */
  void tell(Action action);

  /** Goes on by one step; nothing once it is over. */
  void step();

  /** Whether its time is up, or all is done. */
  boolean isOver();

  /** Ends it here. */
  void end();

  /** How long it has gone, in s. */
  double seconds();

  /** What it comes to so far. */
  Score score();

  /** How it went. */
  Course course();

  /** What its gold was lost by, the most first, as shares of all of it. */
  List<Course.Loss> losses();

  /** Everything that was done, in order. */
  List<LoggedAction> told();
}
