package jugulum.practice.drill;

/** What gold was lost by, first the one that goes before the others. */
public enum LostBy {
  /** Flakes floated on water without wetting agent. */
  NO_AGENT,
  /** It went while the water churned after the valve was opened fast. */
  OPENED_FAST,
  /** It went while far more lay in the bowl than it turns. */
  OVERLOADED,
  /** It went after the sand was out: there was nothing left to wash. */
  RAN_ON,
  /** The water was above what the finest gold bears. */
  TOO_MUCH_WATER,
  /** The bowl leaned. */
  OUT_OF_LEVEL,
  /** The deck was so steep that gold went down it. */
  TOO_STEEP,
  /** The splitter stood above the gold. */
  SPLITTER,
  /** The heap was carried away with gold in it. */
  TOO_FEW_DROPS,
  /** Nothing a person does: the finest flakes go. */
  UNAVOIDED
}
