package jugulum.core.magnet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.gold.GoldAccount;
import jugulum.core.gold.GoldRange;
import jugulum.core.gold.LotGold;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Process.MagnetRun;
import jugulum.core.ledger.Step;
import jugulum.core.ledger.StepId;
import jugulum.core.mass.LotMass;
import jugulum.core.mass.SandAccount;

/**
 * What one magnet run took of its sand.
 *
 * @param step which
 * @param with the machine; empty where nobody said
 * @param magnetiteG the magnetite in the magnetics, in grams, 0 or more
 * @param isUntested whether nobody tested the magnetics, so that sand in them counts as magnetite
 * @param share of the magnetite that was in the sand, 0 to 1; empty without a test of the sand
 * @param gold free gold in the magnetics, or all of it where nobody told it apart, native; empty
 *     where nobody looked
 */
public record MagnetStage(
    StepId step,
    Optional<Machine> with,
    double magnetiteG,
    boolean isUntested,
    OptionalDouble share,
    Optional<GoldRange> gold) {
  private static final double LEAST_PURITY = 1e-3;

  /** What a test of the magnetics of a run found; 1 without one. */
  public static double purity(Network network, Step step) {
    return network
        .output(step, Material.MAGNETICS)
        .flatMap(MagnetShares::of)
        .map(shares -> Math.max(LEAST_PURITY, shares.magnetite()))
        .orElse(1.0);
  }

  /** Of a magnet run; empty for other work, and while its magnetics are not weighed. */
  public static Optional<MagnetStage> of(
      Network network, SandAccount sand, GoldAccount gold, Step step) {
    Optional<Lot> magnetics =
        network.output(step, Material.MAGNETICS).filter(lot -> sand.mass(lot.id()).isMeasured());
    if (!(step.process() instanceof MagnetRun run) || magnetics.isEmpty()) {
      return Optional.empty();
    }
    Lot heap = magnetics.get();
    double taken = sand.mass(heap.id()).grams() * purity(network, step);
    return Optional.of(
        new MagnetStage(
            step.id(),
            run.with(),
            taken,
            MagnetShares.of(heap).isEmpty(),
            share(network, sand, step, taken),
            Optional.ofNullable(gold.lots().get(heap.id())).flatMap(MagnetStage::found)));
  }

  private static Optional<GoldRange> found(LotGold gold) {
    return gold.free().or(() -> Optional.of(gold.all()));
  }

  private static OptionalDouble share(Network network, SandAccount sand, Step step, double taken) {
    LotMass in = sand.mass(step.inputs().getFirst());
    return network.lots(step.inputs()).stream()
        .findFirst()
        .flatMap(MagnetShares::of)
        .filter(shares -> step.inputs().size() == 1 && in.isKnown())
        .map(shares -> DrumPass.of(in.grams(), shares.magnetite(), taken, 1))
        .filter(pass -> pass.magnetiteInG() > 0)
        .map(pass -> OptionalDouble.of(Math.min(1, pass.efficiency())))
        .orElse(OptionalDouble.empty());
  }

  /**
   * The stages of the sand of a run in order: those before it whose non-magnetics it took, itself,
   * and those after it.
   */
  public static List<MagnetStage> line(
      Network network, SandAccount sand, GoldAccount gold, Step step) {
    List<Step> line = new ArrayList<>(List.of(step));
    for (Optional<Step> before = before(network, step);
        before.isPresent();
        before = before(network, before.get())) {
      line.addFirst(before.get());
    }
    for (Optional<Step> after = after(network, step);
        after.isPresent();
        after = after(network, after.get())) {
      line.add(after.get());
    }
    return line.stream().flatMap(one -> of(network, sand, gold, one).stream()).toList();
  }

  private static Optional<Step> before(Network network, Step step) {
    return network.lots(step.inputs()).stream()
        .findFirst()
        .filter(lot -> lot.material() == Material.NON_MAGNETICS)
        .flatMap(lot -> network.maker(lot.id()))
        .filter(maker -> maker.process() instanceof MagnetRun);
  }

  private static Optional<Step> after(Network network, Step step) {
    return network
        .output(step, Material.NON_MAGNETICS)
        .flatMap(lot -> network.taker(lot.id()))
        .filter(taker -> taker.process() instanceof MagnetRun);
  }

  /** Gold for a kilogram of magnetite, in mg, where both are known. */
  public OptionalDouble mgPerKg() {
    return gold.isPresent() && magnetiteG > 0
        ? OptionalDouble.of(gold.get().milligrams() / (magnetiteG / 1000))
        : OptionalDouble.empty();
  }
}
