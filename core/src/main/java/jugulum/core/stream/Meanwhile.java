package jugulum.core.stream;

/**
 * What can be wrong with an edit of any kind of stream because of what others did since its sender
 * looked.
 */
public enum Meanwhile implements Refusal.Reason {
  /** Values: the bench that came first, when. */
  OTHER_CAME_FIRST,
  /**
   * What is to be taken or brought back cannot be: what was recorded after it would not say the
   * same. Values: the bench that recorded that, when.
   */
  RESTS_ON_IT,
  /** The server that keeps the book does not take it. Values: what it said. */
  NOT_TAKEN
}
