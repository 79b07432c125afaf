package jugulum.core.smelt;

/** What is melted with sand so that it flows and parts from the metal. */
public enum Flux {
  BORAX,
  SODA,
  SILICA,
  FLUORSPAR,
  /** Takes oxygen: makes lead of litharge, and keeps iron in the slag. */
  FLOUR
}
