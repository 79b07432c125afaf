package jugulum.practice.drill;

/**
 * Something a person did.
 *
 * @param step before which step of the run, from 0
 * @param action what
 */
public record LoggedAction(long step, Action action) {}
