package jugulum.core.stream;

/**
 * What can be wrong with an edit of any kind of stream because of what others did since its sender
 * looked.
 */
public enum Meanwhile implements Refusal.Reason {
  /** Values: the bench that came first, when. */
  OTHER_CAME_FIRST
}
