package jugulum.desk.workbench;

/**
 * A sentence for the person at the bench that belongs to no field.
 *
 * @param text what to say; empty for nothing
 * @param fault whether something went wrong
 */
public record Notice(String text, boolean fault) {
  /** Nothing to say. */
  public static final Notice NONE = new Notice("", false);
}
