package jugulum.desk.kit;

/** Something that knows where the work in it begins. */
public interface FocusFirst {
  /** Puts the focus there. */
  void focusFirst();
}
