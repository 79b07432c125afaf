package jugulum.practice.drill;

/** What a person does in a run. */
public sealed interface Action {
  /** Sets the valve of a bowl, in L/min. */
  record Valve(double lMin) implements Action {}

  /** Puts the next charge in. */
  record Charge(double grams, boolean isAtWall) implements Action {}

  /** Turns the screws of a bowl: how far it leans then, as the person sees it, in degrees. */
  record Level(double degrees) implements Action {}

  /** Puts wetting agent into the water. */
  record Agent(boolean isIn) implements Action {}

  /** Sets the tilt of a deck, in degrees. */
  record Tilt(double degrees) implements Action {}

  /** Sets how much higher the ports of a deck stand than its feed, in degrees. */
  record Rise(double degrees) implements Action {}

  /** Sets the water of a deck, in L/min. */
  record Water(double troughLMin, double sprayLMin) implements Action {}

  /** Sets the stroke of a deck. */
  record Stroke(double mm, double aMinute) implements Action {}

  /** Sets the feed of a deck, in kg/h. */
  record Feed(double kgH) implements Action {}

  /**
   * Moves a splitter of a deck.
   *
   * @param which from 0, the one between port 1 and 2
   * @param fromTopM where it stands then, in m
   */
  record Splitter(int which, double fromTopM) implements Action {}

  /** Lifts a heap out of the pan with the magnet. */
  record Lift() implements Action {}

  /** Lets the heap fall into the fresh pan and takes it up again. */
  record Drop() implements Action {}

  /** Carries the heap away. */
  record Away() implements Action {}
}
