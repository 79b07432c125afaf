package jugulum.desk.panel;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javafx.scene.Node;
import jugulum.core.account.Worked;
import jugulum.core.mass.StepClosure;
import jugulum.core.mass.Suspicion;
import jugulum.core.mass.Suspicion.Slip;
import jugulum.core.mass.Suspicions;
import jugulum.desk.kit.Parts;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/** Names the weights that alone would explain why a step's sand does not add up. */
final class Suspects {
  private Suspects() {}

  /**
   * A remark for each kind of slip, nearest first: where several weights could have it they are
   * named together.
   */
  static List<Node> of(
      StepClosure closure, Worked worked, List<Double> containersG, Figures figures) {
    Map<Slip, List<Suspicion>> bySlip = new LinkedHashMap<>();
    for (Suspicion one : Suspicions.of(worked.network(), closure, containersG)) {
      bySlip.computeIfAbsent(one.slip(), _ -> new ArrayList<>()).add(one);
    }
    return bySlip.entrySet().stream()
        .map(entry -> remark(entry.getKey(), entry.getValue(), worked, figures))
        .toList();
  }

  private static Node remark(Slip slip, List<Suspicion> weights, Worked worked, Figures figures) {
    Words words = figures.words();
    String question = words.of("suspect", slip);
    if (weights.size() == 1) {
      Suspicion only = weights.getFirst();
      return Parts.advice(
          "fault",
          words.of("suspect.title", lot(words, only, worked)),
          words.of(
              "suspect.fits", figures.sand(only.readG()), figures.sand(only.rightG()), question));
    }
    String each =
        words.joined(
            "join.or",
            weights.stream()
                .map(
                    one ->
                        words.of(
                            "suspect.each",
                            lot(words, one, worked),
                            figures.sand(one.readG()),
                            figures.sand(one.rightG())))
                .toList());
    return Parts.advice("fault", question, words.of("suspect.one-of", each));
  }

  private static String lot(Words words, Suspicion one, Worked worked) {
    return worked.network().lot(one.lot()).map(lot -> Sentences.lot(words, lot)).orElse("");
  }
}
