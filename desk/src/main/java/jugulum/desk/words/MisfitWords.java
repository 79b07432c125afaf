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
  public static String test(Words words, SandBalance balance) {
    if (balance.degrees() == 0) {
      return words.of("balance.unchecked");
    }
    String statistic = words.fixed(balance.statistic(), 1);
    String limit = words.fixed(balance.limit(), 1);
    return words.counted(
        balance.fits() ? "balance.fits" : "balance.does-not-fit",
        balance.degrees(),
        statistic,
        limit);
  }

  /** What does not fit, in a short sentence. */
  public static String title(Words words, Misfit misfit, Network network) {
    if (misfit.lots().isEmpty()) {
      return words.of("misfit.loss", steps(words, misfit, network));
    }
    return misfit.lots().size() == 1
        ? words.of("misfit.one", lot(words, misfit.lots().getFirst(), network))
        : words.of("misfit.one-of", lots(words, misfit, network));
  }

  /** What each should be, the likely slip, and the weighing that settles it. */
  public static String text(
      Misfit misfit,
      SandBalance balance,
      Network network,
      List<Double> containersG,
      Figures figures) {
    Words words = figures.words();
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
      sentences.add(words.of("misfit.or-loss", steps(words, misfit, network)));
    }
    Optional<LotId> slipped =
        slips.stream().map(Suspicion::lot).filter(lot -> network.taker(lot).isEmpty()).findFirst();
    sentences.add(
        slipped
            .or(misfit::again)
            .map(lot -> words.of("misfit.again", lot(words, lot, network)))
            .orElseGet(
                () ->
                    misfit.lots().isEmpty()
                        ? ""
                        : words.counted("misfit.gone", misfit.lots().size())));
    return sentences.stream()
        .filter(sentence -> !sentence.isEmpty())
        .collect(Collectors.joining(" "));
  }

  private static String expected(
      LotId lot, Adjusted expected, SandBalance balance, Network network, Figures figures) {
    Words words = figures.words();
    String name = lot(words, lot, network);
    Adjusted now = balance.of(lot);
    double read = now.value().orElse(0) - now.adjustment();
    return expected.value().isEmpty()
        ? words.of("misfit.read", name, figures.sand(read))
        : words.of(
            "misfit.expected",
            name,
            figures.sand(read),
            figures.sand(Math.max(0, expected.value().getAsDouble())),
            figures.sand(Normal.Z95 * expected.sd()));
  }

  private static String slip(Suspicion slip, Network network, Figures figures) {
    Words words = figures.words();
    return words.of(
        "misfit.slip",
        words.of("suspect", slip.slip()),
        lot(words, slip.lot(), network),
        figures.sand(slip.rightG()),
        figures.sand(slip.readG()));
  }

  private static String lots(Words words, Misfit misfit, Network network) {
    return words.row(misfit.lots().stream().map(lot -> lot(words, lot, network)).toList());
  }

  private static String steps(Words words, Misfit misfit, Network network) {
    return words.row(
        network.steps().stream()
            .filter(step -> misfit.lossAt().contains(step.id()))
            .map(step -> Sentences.step(words, step, network))
            .toList());
  }

  private static String lot(Words words, LotId lot, Network network) {
    return network.lot(lot).map(one -> Sentences.lot(words, one)).orElse("");
  }
}
