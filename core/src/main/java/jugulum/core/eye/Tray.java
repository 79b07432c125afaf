package jugulum.core.eye;

/** What the specks lie on. */
public enum Tray {
  WHITE,
  BLACK,
  STEEL,
  GREEN,
  BLUE;

  /** Whether it has no colour of its own, so that it tells the colour of the light. */
  boolean isNeutral() {
    return this == WHITE || this == BLACK || this == STEEL;
  }
}
