package jugulum.desk.eye;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import jugulum.core.eye.SeenSpeck;
import jugulum.core.screens.Cut;
import jugulum.core.screens.Screen;
import jugulum.core.screens.StandardScreens;
import jugulum.desk.kit.Parts;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/** Specks by the screens their shortest axis lies between. */
final class SizeRows {
  private static final List<String> SCREENS = List.of("16", "30", "50", "100", "200");

  private SizeRows() {}

  /** The classes, coarsest first. */
  static List<Cut> cuts() {
    List<Cut> cuts = new ArrayList<>();
    Optional<Screen> above = Optional.empty();
    for (String label : SCREENS) {
      Optional<Screen> below = StandardScreens.numbered(label);
      cuts.add(new Cut(above, below));
      above = below;
    }
    cuts.add(new Cut(above, Optional.empty()));
    return cuts;
  }

  /** In which class that lies. */
  static int place(double mm) {
    List<Cut> cuts = cuts();
    for (int i = 0; i < cuts.size() - 1; i++) {
      if (mm >= cuts.get(i).lowerMm()) {
        return i;
      }
    }
    return cuts.size() - 1;
  }

  static List<Node> of(Words words, List<SeenSpeck> gold, double pxPerMm) {
    List<Cut> cuts = cuts();
    int[] counts = new int[cuts.size()];
    for (SeenSpeck speck : gold) {
      counts[place(speck.shortPx() / pxPerMm)]++;
    }
    List<Node> rows = new ArrayList<>();
    for (int i = 0; i < counts.length; i++) {
      if (counts[i] > 0) {
        rows.add(Parts.line(Sentences.cut(words, cuts.get(i)), Integer.toString(counts[i])));
      }
    }
    return rows;
  }
}
