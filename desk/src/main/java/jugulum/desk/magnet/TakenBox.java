package jugulum.desk.magnet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.layout.VBox;
import jugulum.core.account.Worked;
import jugulum.core.gold.GoldRange;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Measure.LiftTest;
import jugulum.core.ledger.Step;
import jugulum.core.magnet.MagnetStage;
import jugulum.core.magnet.Strength;
import jugulum.desk.chart.DotsChart;
import jugulum.desk.chart.Drawing;
import jugulum.desk.chart.DrawingView;
import jugulum.desk.kit.Parts;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/**
 * Magnetite against gold: what each stage of a sand took of both, and what a sample of it showed at
 * several distances.
 */
final class TakenBox extends VBox {
  private final VBox stages = new VBox(3);
  private final DrawingView picture = new DrawingView("taken-picture");
  private final VBox near = new VBox(3);
  private final DrawingView distances = new DrawingView("strength-picture");

  TakenBox(Words words) {
    super(8);
    setId("taken");
    stages.setId("taken-stages");
    near.setId("strength");
    getChildren().addAll(Parts.section(words.of("taken.title")), stages, picture, near, distances);
  }

  void show(Worked worked, Step now, Figures figures) {
    List<MagnetStage> line = MagnetStage.line(worked.network(), worked.sand(), worked.gold(), now);
    List<String> said = new ArrayList<>();
    for (int i = 0; i < line.size(); i++) {
      said.add(SeparatorWords.stage(figures, line.get(i), i + 1));
    }
    stages.getChildren().setAll(said.stream().map(one -> Parts.sentence(one, "muted")).toList());
    Parts.shown(stages, !said.isEmpty());
    List<MagnetStage> seen = line.stream().filter(one -> one.gold().isPresent()).toList();
    boolean isAllSeen = line.size() > 1 && seen.size() == line.size();
    Parts.shown(picture, isAllSeen);
    if (isAllSeen) {
      picture.show(width -> stages(figures, line, width), String.join(" ", said));
    }
    Optional<Strength> strength = strength(worked, now);
    Parts.shown(near, strength.isPresent());
    Parts.shown(distances, strength.filter(one -> one.points().size() > 1).isPresent());
    strength.ifPresent(one -> distances(figures.words(), one));
    Parts.shown(this, !said.isEmpty() || strength.isPresent());
  }

  private static Optional<Strength> strength(Worked worked, Step now) {
    return worked.network().lots(now.inputs()).stream()
        .findFirst()
        .flatMap(TakenBox::tested)
        .flatMap(Strength::of);
  }

  private static Optional<LiftTest> tested(Lot lot) {
    return lot.latest(LiftTest.class);
  }

  private void distances(Words words, Strength strength) {
    String said = SeparatorWords.strength(words, strength);
    near.getChildren().setAll(Parts.sentence(said, "strong"));
    distances.show(
        width ->
            DotsChart.of(
                words,
                strength.points().stream()
                    .map(
                        point ->
                            new DotsChart.Dot(
                                100 * point.lifted(),
                                point.specks(),
                                words.of("strength.at", words.plain(point.gapMm()))))
                    .toList(),
                Optional.empty(),
                words.of("strength.across"),
                words.of("strength.up"),
                width),
        said);
  }

  /** Both add up from stage to stage: where the line turns up, gold goes along. */
  private static Drawing stages(Figures figures, List<MagnetStage> line, double width) {
    Words words = figures.words();
    List<DotsChart.Dot> dots = new ArrayList<>();
    dots.add(new DotsChart.Dot(0, 0, ""));
    double grams = 0;
    double mg = 0;
    for (MagnetStage stage : line) {
      GoldRange gold = stage.gold().orElse(GoldRange.NONE);
      grams += stage.magnetiteG();
      dots.add(
          new DotsChart.Dot(
              grams,
              mg + gold.milligrams(),
              mg + gold.lowMg(),
              mg + gold.highMg(),
              Integer.toString(dots.size())));
      mg += gold.milligrams();
    }
    return DotsChart.of(
        words, dots, Optional.empty(), words.of("taken.across"), words.of("taken.up"), width);
  }
}
