package jugulum.desk.board;

import java.util.List;
import jugulum.core.ledger.LotId;

/** What moves over the board. */
public sealed interface BoardFlow {
  /**
   * Sand on its way from one station to the next.
   *
   * @param lot the lot
   * @param from where it was made
   * @param to where it is taken, or waits
   * @param grams its dry mass; 0 where it is not known
   */
  record Band(LotId lot, Cell from, Cell to, double grams) implements BoardFlow {}

  /**
   * Material set aside at a station.
   *
   * @param from the station
   * @param kind what kind
   * @param lots the lots
   * @param grams their dry mass together; 0 where none is known
   */
  record Spout(Cell from, Kind kind, List<LotId> lots, double grams) implements BoardFlow {
    /** What kind of material is set aside. */
    public enum Kind {
      MAGNETICS,
      TAILINGS,
      /** What is left of a concentrate when its gold is out. */
      RESIDUE,
      /** Waits for another run where the board has no room of its own for it. */
      WAITING
    }
  }

  /**
   * Gold on its way to the vial.
   *
   * @param from one station
   * @param to the next
   * @param share of all gold weighed, 0 to 1
   */
  record Thread(Cell from, Cell to, double share) implements BoardFlow {}

  /**
   * A lot that goes back to a station at or before the one that made it.
   *
   * @param lot the lot
   * @param from where it was made
   * @param to where it is run again
   */
  record Return(LotId lot, Cell from, Cell to) implements BoardFlow {}
}
