package jugulum.desk.panel;

import java.util.List;
import javafx.scene.Node;
import jugulum.core.mass.StepClosure;
import jugulum.core.mass.Suspicion;
import jugulum.core.mass.Suspicions;
import jugulum.core.shop.Container;
import jugulum.desk.workbench.Worked;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/** Names the weights that alone would explain why a step's sand does not add up. */
final class Suspects {
  /** More than a few explanations explain nothing. */
  private static final int MOST = 3;

  private Suspects() {}

  /** A remark for each, nearest first. */
  static List<Node> of(StepClosure closure, Worked worked, List<Container> containers, Figures figures) {
    List<Suspicion> all = Suspicions.of(worked.network(), closure, containers.stream().map(Container::tareG).toList());
    return all.stream().limit(MOST).<Node>map(one -> Parts.advice("fault", title(one, worked), sentence(one, figures))).toList();
  }

  private static String title(Suspicion one, Worked worked) {
    return Words.of("suspect.title", worked.network().lot(one.lot()).map(Sentences::lot).orElse(""));
  }

  private static String sentence(Suspicion one, Figures figures) {
    return Words.of("suspect", one.slip(), figures.sand(one.readG()), figures.sand(one.rightG()));
  }
}
