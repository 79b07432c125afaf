package jugulum.core.mass;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import jugulum.core.check.Check;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Step;
import jugulum.core.ledger.StepId;
import jugulum.core.screens.Cut;
import jugulum.core.sizes.SizeCurve;
import jugulum.core.sizes.SizeCurve.Sieved;

/** The size curves a batch has. */
public final class Sizings {
  private Sizings() {}

  /**
   * The size curve of a lot: from its own screening if every cut was weighed, cuts screened again
   * put in their place; else from the last sample of it that was sieved; empty if neither is there.
   */
  public static Optional<SizeCurve> of(Network network, SandAccount sand, LotId id) {
    return of(network, id, screenings(network, sand));
  }

  private static Optional<SizeCurve> of(
      Network network, LotId id, Map<StepId, SizeCurve> screened) {
    return network
        .taker(id)
        .filter(Sizings::screensOne)
        .flatMap(step -> Optional.ofNullable(screened.get(step.id())))
        .or(
            () ->
                network
                    .lot(id)
                    .flatMap(lot -> lot.latest(Measure.SizeAnalysis.class))
                    .map(Measure.SizeAnalysis::curve));
  }

  private static boolean screensOne(Step step) {
    return step.process() instanceof Process.Screening && step.inputs().size() == 1;
  }

  /**
   * The curves of all stacks, the last first, so that those of cuts screened again are there before
   * they are asked for.
   */
  private static Map<StepId, SizeCurve> screenings(Network network, SandAccount sand) {
    Map<StepId, SizeCurve> curves = new HashMap<>();
    for (Step step : network.steps().reversed()) {
      if (screensOne(step)) {
        screened(network, sand, step, curves).ifPresent(curve -> curves.put(step.id(), curve));
      }
    }
    return curves;
  }

  /** The size curve a stack made; empty unless every cut was weighed, the pan included. */
  public static Optional<SizeCurve> screened(Network network, SandAccount sand, Step step) {
    return screened(network, sand, step, screenings(network, sand));
  }

  private static Optional<SizeCurve> screened(
      Network network, SandAccount sand, Step step, Map<StepId, SizeCurve> curves) {
    List<Lot> cuts = network.lots(step.outputs());
    if (cuts.stream().anyMatch(lot -> !sand.mass(lot.id()).isMeasured())) {
      return Optional.empty();
    }
    List<Sieved> sieved = new ArrayList<>();
    double pan = 0;
    for (Lot lot : cuts) {
      LotMass mass = sand.mass(lot.id());
      Optional<SizeCurve> finer =
          of(network, lot.id(), curves).filter(curve -> within(curve, lot.cut()));
      double share = finer.map(curve -> mass.grams() / curve.totalG()).orElse(1.0);
      finer.ifPresent(
          curve ->
              curve
                  .sieved()
                  .forEach(
                      one -> sieved.add(new Sieved(one.openingMm(), one.retainedG() * share))));
      double left = finer.map(curve -> curve.panG() * share).orElse(mass.grams());
      if (lot.cut().retained().isPresent()) {
        sieved.add(new Sieved(lot.cut().lowerMm(), left));
      } else {
        pan += left;
      }
    }
    boolean heavy = pan + sieved.stream().mapToDouble(Sieved::retainedG).sum() > 0;
    return heavy && !sieved.isEmpty() ? Optional.of(new SizeCurve(sieved, pan)) : Optional.empty();
  }

  private static boolean within(SizeCurve curve, Cut cut) {
    return curve.sieved().stream()
        .allMatch(one -> one.openingMm() < cut.upperMm() && one.openingMm() > cut.lowerMm());
  }

  /**
   * How the gold won is spread over sizes; empty unless gold was weighed from at least two cuts
   * that do not overlap.
   *
   * @param goldMg the gold of every lot that has some, in mg
   */
  public static Optional<SizeCurve> gold(Network network, Map<LotId, Double> goldMg) {
    Map<Cut, Double> byCut = new TreeMap<>(Cut.COARSE_FIRST);
    network.lots().stream()
        .filter(lot -> lot.material() == Material.GOLD && !lot.cut().isAll())
        .flatMap(lot -> Stream.ofNullable(goldMg.get(lot.id())).map(mg -> Map.entry(lot.cut(), mg)))
        .forEach(entry -> byCut.merge(entry.getKey(), entry.getValue() / 1000, Double::sum));
    List<Cut> cuts = List.copyOf(byCut.keySet());
    boolean apart = true;
    for (int i = 1; i < cuts.size(); i++) {
      apart &= !cuts.get(i).overlaps(cuts.get(i - 1));
    }
    List<Sieved> sieved =
        cuts.stream()
            .filter(cut -> cut.retained().isPresent())
            .map(cut -> new Sieved(cut.lowerMm(), Check.known(byCut, cut)))
            .toList();
    double pan =
        cuts.stream().filter(cut -> cut.retained().isEmpty()).mapToDouble(byCut::get).sum();
    double all = byCut.values().stream().mapToDouble(Double::doubleValue).sum();
    return apart && cuts.size() > 1 && all > 0
        ? Optional.of(new SizeCurve(sieved, pan))
        : Optional.empty();
  }
}
