package jugulum.desk.board;

import java.util.List;
import jugulum.core.ledger.Process;

/**
 * The kinds of column on the board, in the order they have where a batch does not say otherwise.
 */
public enum ColumnKind {
  FEED,
  SCREEN,
  MAGNET,
  GRAVITY,
  JOIN,
  FINISH,
  VIAL;

  /** The columns shown before any work is done. */
  static final List<ColumnKind> USUAL = List.of(SCREEN, MAGNET, GRAVITY, FINISH);

  static ColumnKind of(Process process) {
    return switch (process) {
      case Process.Receive _ -> FEED;
      case Process.Screening _ -> SCREEN;
      case Process.MagnetRun _ -> MAGNET;
      case Process.GravityRun _ -> GRAVITY;
      case Process.Merging _, Process.Splitting _ -> JOIN;
      case Process.Finishing _ -> FINISH;
    };
  }
}
