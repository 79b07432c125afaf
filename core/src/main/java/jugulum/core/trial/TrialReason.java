package jugulum.core.trial;

import jugulum.core.stream.Refusal;

/** What can be wrong with an edit of a trial. */
public enum TrialReason implements Refusal.Reason {
  TRIAL_THERE_ALREADY,
  TRIAL_NOT_THERE,
  TRIAL_WITHOUT_NAME,
  TRIAL_CLOSED,
  /** Values: two size classes. */
  CLASSES_OVERLAP,
  NO_SUCH_CONTENDER,
  NO_SUCH_RUN,
  /** Values: the size class. */
  CLASS_NOT_IN_SPIKE,
  RUN_STRUCK_ALREADY,
  STRIKE_WITHOUT_REASON
}
