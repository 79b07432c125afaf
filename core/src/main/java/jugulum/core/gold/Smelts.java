package jugulum.core.gold;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import jugulum.core.check.OutOfRange;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Measure.Smelt;
import jugulum.core.ledger.Measure.VisibleGold;
import jugulum.core.ledger.MeltFact;
import jugulum.core.ledger.Melting;
import jugulum.core.mass.LotMass;
import jugulum.core.smelt.Button;

/**
 * What was smelted of a lot: told whole at the end, or crucible by crucible. Gold in hand from it
 * left the lot, whatever the smelt tells of the lot.
 */
public final class Smelts {
  /**
   * How closely beads and grains of metal are weighed, as a relative standard deviation: an
   * assumption of ours.
   *
   * <p>Off by a half: the width of a grade by one bead, little.
   */
  private static final double WEIGHED = 0.01;

  /** More than that of a lot is all of it: two weighings differ by the rest. */
  private static final double WHOLE = 0.98;

  private Smelts() {}

  /** Every smelt of a lot that counts; a crucible that was lost is none. */
  public static List<Smelt> of(Lot lot) {
    return Stream.concat(lot.live(Smelt.class), Melting.of(lot).stream().flatMap(Smelts::ofRound))
        .toList();
  }

  private static Stream<Smelt> ofRound(Melting round) {
    return round.crucibles().stream().flatMap(one -> of(round, one).stream());
  }

  /**
   * What one crucible comes to: its sand as it was before the roast, its bead less the blank where
   * it was not parted, more by the shot that was kept out of the cupel; empty before its bead.
   */
  public static Optional<Smelt> of(Melting round, Melting.Crucible one) {
    Optional<MeltFact.Charged> charged = one.charged();
    if (charged.isEmpty() || one.beadMg().isEmpty() || one.spoilt().isPresent()) {
      return Optional.empty();
    }
    try {
      return Optional.of(of(round, one, charged.get()));
    } catch (OutOfRange _) {
      // A file can tell what no balance reads: such a crucible tells nothing.
      return Optional.empty();
    }
  }

  private static Smelt of(Melting round, Melting.Crucible one, MeltFact.Charged charged) {
    double dryG = one.sandG() * round.dryPerMelted();
    double share = Math.min(1, dryG / round.taken().sampleG());
    double more = byShot(one);
    double beadMg = one.beadMg().orElseThrow();
    OptionalDouble parted =
        one.partedMg().stream().map(mg -> Math.min(mg, beadMg) * more).findFirst();
    double blank = parted.isPresent() ? 0 : round.blankMg().orElse(0);
    return new Smelt(
        dryG,
        charged.collector(),
        charged.collectorG(),
        one.buttonG(),
        Math.max(0, beadMg - blank) * more,
        parted,
        OptionalDouble.empty(),
        visible(round.taken().visible(), share),
        round.cost().stream().map(money -> money * share).findFirst());
  }

  private static double byShot(Melting.Crucible one) {
    return one.said()
        .latest(MeltFact.Shot.class)
        .filter(shot -> !shot.isCupelled() && one.buttonG().isPresent())
        .map(shot -> Button.beadWithShot(1, one.buttonG().getAsDouble(), shot.grams()))
        .orElse(1.0);
  }

  private static VisibleGold visible(VisibleGold all, double share) {
    return new VisibleGold(
        all.state(),
        all.milligrams() * share,
        all.upToMg().stream().map(mg -> mg * share).findFirst());
  }

  /** Whether a melt lost metal, and gold with it: its button is too light for what went in. */
  static boolean isAtLeast(Smelt smelt) {
    return button(smelt.collectorG(), smelt.beadMg(), smelt.buttonG())
        .filter(button -> button == Button.LOW)
        .isPresent();
  }

  /** What the weight of a button says; empty where a weight is missing, or none of a crucible. */
  private static Optional<Button> button(
      OptionalDouble collectorG, double beadMg, OptionalDouble buttonG) {
    double in = collectorG.orElse(0);
    double out = buttonG.orElse(0);
    boolean isOfACrucible =
        in >= Button.LEAST_IN_G && in <= Button.MOST_IN_G && out > 0 && out <= Button.MOST_OUT_G;
    return isOfACrucible ? Optional.of(Button.of(in, beadMg / 1000, out)) : Optional.empty();
  }

  /** Free gold weighed out of the samples, before or after; also out of what was lost later. */
  static Optional<Evidence> visible(Lot lot) {
    double ofTold = of(lot).stream().map(Grade::of).mapToDouble(Grade::visibleWeighedMg).sum();
    double ofLost = Melting.of(lot).stream().mapToDouble(Smelts::takenOutOfOthersMg).sum();
    return inHand(ofTold + ofLost);
  }

  /** Taken out before of what tells nothing, in mg. */
  private static double takenOutOfOthersMg(Melting round) {
    double all = round.taken().visible().takenBeforeMg();
    double told = ofRound(round).mapToDouble(one -> one.visible().takenBeforeMg()).sum();
    return Math.max(0, all - told);
  }

  /** Beads, less visible gold that was weighed out of them. */
  static Optional<Evidence> inBeads(Lot lot) {
    List<Smelt> smelts = of(lot);
    double fine = smelts.stream().mapToDouble(smelt -> Grade.of(smelt).fineMg()).sum();
    double metal =
        smelts.stream()
            .mapToDouble(
                smelt ->
                    Grade.of(smelt).nativeMg()
                        - Grade.of(smelt).visibleInsideMg()
                        - smelt.slagMg().orElse(0))
            .sum();
    return fine > 0 || metal > 0
        ? Optional.of(new Evidence.InHand(fine, metal, WEIGHED))
        : Optional.empty();
  }

  /** Metal got out of the slag. */
  static Optional<Evidence> inSlag(Lot lot) {
    return inHand(of(lot).stream().mapToDouble(smelt -> smelt.slagMg().orElse(0)).sum());
  }

  private static Optional<Evidence> inHand(double metal) {
    return metal > 0 ? Optional.of(new Evidence.InHand(0, metal, WEIGHED)) : Optional.empty();
  }

  /** Whether anything of a lot was melted, or is. */
  static boolean isAny(Lot lot) {
    return !Melting.of(lot).isEmpty() || lot.latest(Smelt.class).isPresent();
  }

  /** The share of a lot that was smelted, 0 to 1, with what was lost. */
  static double shareTaken(Lot lot, LotMass mass) {
    double told = lot.live(Smelt.class).mapToDouble(Smelt::sampleG).sum();
    double melted = Melting.of(lot).stream().mapToDouble(Smelts::takenG).sum();
    return told + melted > 0 && mass.grams() > 0 ? Math.min(1, (told + melted) / mass.grams()) : 0;
  }

  /** What is left of a lot beside the sand that was smelted, in g. */
  public static double leftG(Lot lot, LotMass mass) {
    return mass.grams() * (1 - shareTaken(lot, mass));
  }

  /** What the weight of a button says; empty before it was weighed, and without a collector. */
  public static Optional<Button> button(Melting.Crucible one) {
    return button(
        one.charged().map(MeltFact.Charged::collectorG).orElse(OptionalDouble.empty()),
        one.beadMg().orElse(0),
        one.buttonG());
  }

  /** Whether nothing of a lot is left: all of it was melted, crucible by crucible. */
  public static boolean isSmeltedWhole(Lot lot, LotMass mass) {
    return shareTaken(lot, mass) > WHOLE && Melting.open(lot).isEmpty();
  }

  /** Dry sand a round took out of its lot, in g: what it ended without melting went back. */
  private static double takenG(Melting round) {
    return round.hasEnded()
        ? round.taken().sampleG() - round.leftG() * round.dryPerMelted()
        : round.taken().sampleG();
  }
}
