package jugulum.desk.eye;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import jugulum.core.eye.Kappa;
import jugulum.core.eye.SeenSpeck;
import jugulum.core.ledger.Assumptions;
import jugulum.core.screens.Cut;
import jugulum.core.screens.StandardScreens;
import jugulum.desk.kit.Parts;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/**
 * Specks by the screens their shortest axis lies between, as bars; hollow is how many of a class
 * are so thin that they could slip through its lower screen.
 */
final class SizeRows {
  private static final double LONGEST_BAR = 130;
  private static final double NAME_WIDTH = 92;
  private static final double COUNT_WIDTH = 40;

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

  /** What lies in a class. */
  private static final class Row {
    private int specks;
    private int slipping;
    private double milligrams;
  }

  /**
   * A row for each class in which there is gold, the coarsest first; with milligrams once all was
   * gone through.
   */
  static List<Node> of(Words words, Looking look) {
    List<SeenSpeck> gold = look.tally().gold();
    double pxPerMm = look.scale().pxPerMm();
    Kappa kappa = look.kappa();
    double flatness = Math.clamp(kappa.flatness(Assumptions.USUAL.goldDensity()), 0.01, 1);
    List<Row> rows = CUTS.stream().map(_ -> new Row()).toList();
    for (SeenSpeck speck : gold) {
      double shortMm = speck.shortPx() / pxPerMm;
      int place = place(shortMm);
      Row row = rows.get(place);
      row.specks++;
      row.milligrams += kappa.value() * Math.pow(speck.areaPx() / (pxPerMm * pxPerMm), 1.5);
      boolean slips =
          place(Kappa.slipsThroughMm(speck.longPx() / pxPerMm, shortMm, flatness)) > place;
      row.slipping += slips ? 1 : 0;
    }
    int most = rows.stream().mapToInt(row -> row.specks).max().orElse(0);
    List<Node> nodes = new ArrayList<>();
    for (int i = 0; i < CUTS.size(); i++) {
      if (rows.get(i).specks > 0) {
        nodes.add(row(words, CUTS.get(i), rows.get(i), most, look.isGoneThrough()));
      }
    }
    if (rows.stream().anyMatch(row -> row.slipping > 0)) {
      nodes.add(Parts.sentence(words.of("eye.hollow"), "muted"));
    }
    return nodes;
  }

  private static Node row(Words words, Cut cut, Row row, int most, boolean isGoneThrough) {
    Label name = new Label(Sentences.cut(words, cut));
    name.setMinWidth(NAME_WIDTH);
    Region full = bar("eye-bar", row.specks - row.slipping, most);
    Region hollow = bar("eye-bar-hollow", row.slipping, most);
    HBox bars = new HBox(full, hollow);
    bars.setMinWidth(LONGEST_BAR);
    bars.setMaxWidth(LONGEST_BAR);
    bars.setAlignment(Pos.CENTER_LEFT);
    Label count = new Label(Integer.toString(row.specks));
    count.setMinWidth(COUNT_WIDTH);
    count.setAlignment(Pos.CENTER_RIGHT);
    Label mg =
        Parts.styled(
            new Label(isGoneThrough ? words.of("eye.mg", words.rounded(row.milligrams, 2)) : ""),
            "muted");
    HBox line = new HBox(8, name, bars, count, mg);
    line.setAlignment(Pos.CENTER_LEFT);
    line.setAccessibleText(
        words.of(
            "eye.row",
            name.getText(),
            count.getText(),
            mg.getText(),
            Integer.toString(row.slipping)));
    return line;
  }

  private static Region bar(String style, int specks, int most) {
    Region bar = Parts.styled(new Region(), style);
    double wide = most == 0 ? 0 : LONGEST_BAR * specks / most;
    bar.setMinWidth(wide);
    bar.setMaxWidth(wide);
    Parts.shown(bar, specks > 0);
    return bar;
  }
}
