package jugulum.core.look;

/** What can be done about gold that leaves with tailings. */
public enum Act {
  /** One dial is turned, and one waits and looks again. */
  TURN,
  /** The feed is halved for the rest of the sand. */
  SLOW,
  /** What was let go goes over the machine once more. */
  RERUN
}
