package jugulum.desk.work;

/** Work that takes long in a large book. */
public enum LongWork {
  /** The whole book is compared with what was written. */
  VERIFY,
  /** The magnetics of every batch. */
  MAGNETICS,
  /** The runs over machines of every batch. */
  RUNS,
  /** What follows from every batch: where it stands, and what it has shown. */
  FOLLOWS,
  /** What every batch came to. */
  RESULTS,
  /** What can be found in every batch. */
  FINDING
}
