package jugulum.desk.eye;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import javafx.scene.Node;
import jugulum.core.eye.SeenSpeck;
import jugulum.core.screens.Cut;
import jugulum.core.screens.StandardScreens;
import jugulum.desk.kit.Parts;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/** Specks by the screens their shortest axis lies between. */
final class SizeRows {
  /** The classes, coarsest first. */
  private static final List<Cut> CUTS =
      Cut.of(
          Cut.ALL,
          Stream.of("16", "30", "50", "100", "200")
              .map(label -> StandardScreens.numbered(label).orElseThrow())
              .toList());

  private SizeRows() {}

  static List<Cut> cuts() {
    return CUTS;
  }

  /** In which class that lies. */
  static int place(double mm) {
    for (int i = 0; i < CUTS.size() - 1; i++) {
      if (mm >= CUTS.get(i).lowerMm()) {
        return i;
      }
    }
    return CUTS.size() - 1;
  }

  static List<Node> of(Words words, List<SeenSpeck> gold, double pxPerMm) {
    int[] counts = new int[CUTS.size()];
    for (SeenSpeck speck : gold) {
      counts[place(speck.shortPx() / pxPerMm)]++;
    }
    List<Node> rows = new ArrayList<>();
    for (int i = 0; i < counts.length; i++) {
      if (counts[i] > 0) {
        rows.add(Parts.line(Sentences.cut(words, CUTS.get(i)), Integer.toString(counts[i])));
      }
    }
    return rows;
  }
}
