package jugulum.desk.hands;

/**
 * What bench mode recorded last.
 *
 * @param <I> what names where
 * @param where in which batch or trial
 * @param action by this it is taken back
 * @param said what it says
 */
record Took<I>(I where, String action, String said) {}
