package jugulum.core.belief;

import java.util.function.ToDoubleFunction;

/**
 * What is thought of grades before anybody looked: the one table of every constant of {@link
 * GradeModel}. All are logarithms of mg/kg.
 *
 * @param base the middle of all sand
 * @param baseSd how far a shop's own middle may lie from it
 * @param sourceSd how much sources differ
 * @param batchSd how much batches of one source do
 * @param kindSd how far a kind of lot may lie from what is thought of it
 * @param sizeSd how much sizes differ; 0 where they are not told apart
 * @param lotSd how much lots do that have all that in common
 * @param kindLog what is thought of a kind of lot, beside feed
 */
public record GradeTable(
    double base,
    double baseSd,
    double sourceSd,
    double batchSd,
    double kindSd,
    double sizeSd,
    double lotSd,
    ToDoubleFunction<LotKind> kindLog) {
  /**
   * Free gold in the middle of all sand one works, in mg/kg: ours.
   *
   * <p>Off by a half: what is thought of the first lots of a shop that looked at none.
   */
  public static final double BASE_FREE_MG_KG = 50;

  /**
   * Hidden gold in the middle of all sand, in mg/kg: ours.
   *
   * <p>Off by a half: what hidden gold may be where nobody ever measured any.
   */
  public static final double BASE_HIDDEN_MG_KG = 5;

  /**
   * How far a shop's own middle may lie from that, as a logarithm: ours.
   *
   * <p>Off by a half: the width of the first ranges.
   */
  private static final double BASE_SD = 1.5;

  /**
   * How much sources, and how much batches of one source, differ, as a logarithm: ours.
   *
   * <p>Off by a half: how much another batch tells of this one, until a shop’s own lots do.
   */
  private static final double ORIGIN_SD = 0.6;

  /**
   * How far a kind of lot may lie from what is thought of it, as a logarithm: ours.
   *
   * <p>Off by a half: how soon a shop’s own magnetics or tailings outweigh what is thought of them.
   */
  private static final double KIND_SD = 0.7;

  /**
   * How much sizes differ, as a logarithm: ours.
   *
   * <p>Off by a half: how much one cut tells of the next finer one.
   */
  private static final double SIZE_SD = 0.5;

  /**
   * How much lots differ that have source, batch, kind and size in common, as a logarithm: ours.
   *
   * <p>Off by a half: the least width of the range of a lot nobody looked at.
   */
  private static final double LOT_SD = 0.6;

  /** Gold a pan or a machine parts and an eye sees. */
  public static final GradeTable FREE =
      new GradeTable(
          Math.log(BASE_FREE_MG_KG),
          BASE_SD,
          ORIGIN_SD,
          ORIGIN_SD,
          KIND_SD,
          SIZE_SD,
          LOT_SD,
          LotKind::freeLog);

  /** Gold locked in grains or too fine to see. */
  public static final GradeTable HIDDEN =
      new GradeTable(
          Math.log(BASE_HIDDEN_MG_KG),
          BASE_SD,
          ORIGIN_SD,
          ORIGIN_SD,
          KIND_SD,
          0,
          LOT_SD,
          LotKind::hiddenLog);

  /** The same with every spread but that of the base times a factor. */
  public GradeTable spreads(double factor) {
    return new GradeTable(
        base,
        baseSd,
        sourceSd * factor,
        batchSd * factor,
        kindSd * factor,
        sizeSd * factor,
        lotSd * factor,
        kindLog);
  }

  /** What is thought of a lot before anybody looked at any. */
  double log(Kin kin) {
    return base + kindLog.applyAsDouble(kin.kind());
  }
}
