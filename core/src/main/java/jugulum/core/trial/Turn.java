package jugulum.core.trial;

/** What is to be done next in a trial. */
public sealed interface Turn {
  /** Somebody is to look what came out of a run. */
  record Look(TrialRun run) implements Turn {}

  /**
   * A contender is to be run with its spike.
   *
   * @param contender which, from 0
   * @param number of the run, from 1
   */
  record Run(int contender, int number) implements Turn {}

  /** All had their turns. */
  record Over() implements Turn {}
}
