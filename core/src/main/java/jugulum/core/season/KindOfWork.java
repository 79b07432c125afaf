package jugulum.core.season;

import jugulum.core.ledger.Process;

/** What time at the bench goes into. */
public enum KindOfWork {
  RECEIVING,
  SCREENING,
  MAGNET,
  MACHINES,
  FINISHING,
  /** Joining and parting lots. */
  HANDLING;

  /** The work a kind of step is. */
  public static KindOfWork of(Process process) {
    return switch (process) {
      case Process.Receive _ -> RECEIVING;
      case Process.Screening _ -> SCREENING;
      case Process.MagnetRun _ -> MAGNET;
      case Process.GravityRun _ -> MACHINES;
      case Process.Finishing _ -> FINISHING;
      case Process.Merging _, Process.Splitting _ -> HANDLING;
    };
  }
}
