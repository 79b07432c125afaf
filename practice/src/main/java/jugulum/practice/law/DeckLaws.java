package jugulum.practice.law;

import jugulum.core.check.Check;

/**
 * What is ours in the laws of a shaker table, in one place: a run is the same again only under the
 * same laws, so they have a number, which is raised whenever one of them changes.
 *
 * @param number which laws, from 1
 * @param conveyed how much of the stroke a grain goes forward that touches the deck, 0 to 1
 * @param halfConveyedM at which height in the bed half of that is left, in m, 0.0001 to 0.1
 * @param disorder how far the order of the bed is disturbed, as a share of its thickness, 0 to 1
 * @param settledS how long a grain keeps its place in its layer, in s, 0.01 to 600
 * @param takenHoldOf how deep the film takes hold of a bed, by its own thickness, 0 to 10
 * @param pores the room between grains, of the whole, 0 to 0.9
 */
public record DeckLaws(
    int number,
    double conveyed,
    double halfConveyedM,
    double disorder,
    double settledS,
    double takenHoldOf,
    double pores) {
  /**
   * How much of the stroke a grain goes forward that touches the deck: ours.
   *
   * <p>Off by a half: how far grains go while the film moves them down: where every band ends.
   */
  public static final double CONVEYED = 0.35;

  /**
   * At which height in the bed half of that is left, in m: ours.
   *
   * <p>Off by a half: where the band of a thick bed ends in practice.
   */
  public static final double HALF_CONVEYED_M = 0.006;

  /**
   * How far the order of the bed is disturbed, as a share of its thickness: ours.
   *
   * <p>Off by a half: how cleanly bands lie in practice.
   */
  public static final double DISORDER = 0.08;

  /**
   * How long a grain keeps its place in its layer, in s: ours.
   *
   * <p>Off by a half: how cleanly bands lie in practice.
   */
  public static final double SETTLED_S = 1.5;

  /**
   * How deep the film takes hold of a bed, by its own thickness: ours. What lies lower is covered.
   *
   * <p>Off by a half: how fast a bed is washed down in practice.
   */
  public static final double TAKEN_HOLD_OF = 0.7;

  /**
   * The room between grains, of the whole: a loose bed, ours.
   *
   * <p>Off by a half: how thick a bed of a given load is, by a half.
   */
  public static final double PORES = 0.45;

  /** The laws that hold now. */
  public static final DeckLaws OURS =
      new DeckLaws(1, CONVEYED, HALF_CONVEYED_M, DISORDER, SETTLED_S, TAKEN_HOLD_OF, PORES);

  /** Checks every value against its range. */
  public DeckLaws {
    Check.inRange("number", number, 1, 1e6);
    Check.share("conveyed", conveyed);
    Check.inRange("halfConveyedM", halfConveyedM, 0.0001, 0.1);
    Check.share("disorder", disorder);
    Check.inRange("settledS", settledS, 0.01, 600);
    Check.inRange("takenHoldOf", takenHoldOf, 0, 10);
    Check.inRange("pores", pores, 0, 0.9);
  }
}
