package jugulum.desk.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import jugulum.core.check.Check;
import jugulum.core.check.Normal;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Network;
import jugulum.core.mass.SandBalance;
import jugulum.core.mass.SandBalance.Misfit;
import jugulum.core.mass.Suspicion;
import jugulum.core.reconcile.Adjusted;

/** Says whether the weights of a batch fit together, and which does not. */
public final class MisfitWords {
  /** Slips beyond the nearest few are guesses. */
  private static final int SLIPS = 3;

  private MisfitWords() {}

  /** The global test in a sentence. */
  public static String test(SandBalance balance) {
    if (balance.degrees() == 0) {
      return Words.of("balance.unchecked");
    }
    String statistic = Figures.fixed(balance.statistic(), 1);
    String limit = Figures.fixed(balance.limit(), 1);
    return Words.counted(
        balance.fits() ? "balance.fits" : "balance.does-not-fit",
        balance.degrees(),
        statistic,
        limit);
  }

  /** What does not fit, in a short sentence. */
  public static String title(Misfit misfit, Network network) {
    if (misfit.lots().isEmpty()) {
      return Words.of("misfit.loss", steps(misfit, network));
    }
    return misfit.lots().size() == 1
        ? Words.of("misfit.one", lot(misfit.lots().getFirst(), network))
        : Words.of("misfit.one-of", lots(misfit, network));
  }

  /** What each should be, the likely slip, and the weighing that settles it. */
  public static String text(
      Misfit misfit,
      SandBalance balance,
      Network network,
      List<Double> containersG,
      Figures figures) {
    List<String> sentences = new ArrayList<>();
    misfit
        .lots()
        .forEach(
            lot ->
                sentences.add(
                    expected(lot, Check.known(misfit.expected(), lot), balance, network, figures)));
    List<Suspicion> slips = balance.slips(misfit, containersG);
    slips.stream().limit(SLIPS).forEach(slip -> sentences.add(slip(slip, network, figures)));
    if (!misfit.lossAt().isEmpty() && !misfit.lots().isEmpty()) {
      sentences.add(Words.of("misfit.or-loss", steps(misfit, network)));
    }
    Optional<LotId> slipped =
        slips.stream().map(Suspicion::lot).filter(lot -> network.taker(lot).isEmpty()).findFirst();
    sentences.add(
        slipped
            .or(misfit::again)
            .map(lot -> Words.of("misfit.again", lot(lot, network)))
            .orElseGet(
                () ->
                    misfit.lots().isEmpty()
                        ? ""
                        : Words.of(
                            misfit.lots().size() == 1 ? "misfit.gone.one" : "misfit.gone.many")));
    return sentences.stream()
        .filter(sentence -> !sentence.isEmpty())
        .collect(Collectors.joining(" "));
  }

  private static String expected(
      LotId lot, Adjusted expected, SandBalance balance, Network network, Figures figures) {
    String name = lot(lot, network);
    Adjusted now = balance.of(lot);
    double read = now.value().orElse(0) - now.adjustment();
    return expected.value().isEmpty()
        ? Words.of("misfit.read", name, figures.sand(read))
        : Words.of(
            "misfit.expected",
            name,
            figures.sand(read),
            figures.sand(Math.max(0, expected.value().getAsDouble())),
            figures.sand(Normal.Z95 * expected.sd()));
  }

  private static String slip(Suspicion slip, Network network, Figures figures) {
    return Words.of(
        "misfit.slip",
        Words.of("suspect", slip.slip()),
        lot(slip.lot(), network),
        figures.sand(slip.rightG()),
        figures.sand(slip.readG()));
  }

  private static String lots(Misfit misfit, Network network) {
    return misfit.lots().stream().map(lot -> lot(lot, network)).collect(Collectors.joining(", "));
  }

  private static String steps(Misfit misfit, Network network) {
    return network.steps().stream()
        .filter(step -> misfit.lossAt().contains(step.id()))
        .map(step -> Sentences.step(step, network))
        .collect(Collectors.joining(", "));
  }

  private static String lot(LotId lot, Network network) {
    return network.lot(lot).map(Sentences::lot).orElse("");
  }
}
