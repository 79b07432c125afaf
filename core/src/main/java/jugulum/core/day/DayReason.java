package jugulum.core.day;

import jugulum.core.stream.Refusal;

/** What can be wrong with an edit of a day. */
public enum DayReason implements Refusal.Reason {
  DAY_THERE_ALREADY,
  DAY_NOT_BEGUN,
  TASK_WITHOUT_NAME,
  TASK_THERE_ALREADY,
  NO_SUCH_TASK,
  /** A task before itself. */
  ORDER_OF_ONE
}
