package jugulum.desk.account;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import jugulum.core.advice.Advisor;
import jugulum.core.belief.LotWays;
import jugulum.core.gold.Smelted;
import jugulum.core.gold.Smelts;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Measure.Assay;
import jugulum.core.ledger.Measure.Smelt;
import jugulum.core.ledger.Measure.VisibleGold;
import jugulum.core.shop.Terms;
import jugulum.desk.kit.Parts;
import jugulum.desk.words.MoneyWords;
import jugulum.desk.words.Words;

/**
 * Smelts and assays of a batch: what each tells of hidden gold and of all gold, and whether it
 * counts.
 */
final class SmeltsPart {
  private SmeltsPart() {}

  static Node of(Shown shown) {
    Grid grid =
        new Grid(
            shown.words(),
            "smelts.lot",
            "smelts.what",
            "smelts.hidden",
            "smelts.total",
            "smelts.state");
    shown.network().lots().forEach(lot -> lines(grid, lot, shown));
    VBox all = new VBox(14, Parts.sentence(shown.words().of("smelts.about"), "muted"));
    all.getChildren().add(grid.isEmpty() ? Parts.sentence(shown.words().of("smelts.none")) : grid);
    double cost =
        shown.network().lots().stream()
            .flatMap(lot -> Smelts.of(lot).stream())
            .mapToDouble(smelt -> smelt.cost().orElse(0))
            .sum();
    shown
        .shop()
        .terms()
        .filter(_ -> cost > 0)
        .ifPresent(
            terms ->
                all.getChildren()
                    .add(
                        Parts.sentence(
                            shown
                                .words()
                                .of("smelts.cost", MoneyWords.sum(shown.words(), cost, terms)))));
    all.getChildren()
        .addAll(
            Parts.advice("idle", "", breakEven(shown)),
            Parts.sentence(shown.words().of("smelts.oz"), "muted"));
    return all;
  }

  private static void lines(Grid grid, Lot lot, Shown shown) {
    lot.live(Assay.class).forEach(assay -> line(grid, lot, assay, shown));
    List<Smelt> smelts = Smelts.of(lot);
    smelts.forEach(smelt -> line(grid, lot, smelt, shown));
    mean(grid, lot, smelts, shown);
  }

  private static void line(Grid grid, Lot lot, Assay assay, Shown shown) {
    double fineness = shown.now().gold().fineness();
    String what =
        assay
            .composite()
            .map(bag -> shown.words().of("smelts.composite", bag))
            .orElseGet(
                () -> shown.words().of("smelts.assay", shown.figures().read(assay.sampleG(), 0.1)));
    double visible =
        assay
            .visible()
            .map(gold -> gold.milligrams() * fineness / assay.sampleG() * 1000)
            .orElse(0.0);
    double before =
        assay.visible().map(VisibleGold::takenBeforeMg).orElse(0.0)
            * fineness
            / assay.sampleG()
            * 1000;
    double all = assay.gramsPerTonne() + before;
    grid.line(
        shown.lot(lot.id()),
        what,
        assay.isApart() ? grade(shown.words(), all - visible) : shown.words().of("smelts.not-told"),
        grade(shown.words(), all),
        state(shown.words(), assay));
  }

  private static void line(Grid grid, Lot lot, Smelt smelt, Shown shown) {
    double fineness = shown.now().gold().fineness();
    Smelted told = Smelted.of(smelt);
    String hidden =
        smelt.visible().isApart()
            ? grade(shown.words(), told.hiddenGramsPerTonne(fineness))
            : shown.words().of("smelts.not-told");
    grid.line(
        shown.lot(lot.id()),
        shown.words().of("smelts.smelt", shown.figures().read(smelt.sampleG(), 0.1)),
        hidden,
        grade(shown.words(), told.gramsPerTonne(fineness)),
        state(shown.words(), smelt));
  }

  /** What the smelts come to together; of those of which it is told what gold was seen. */
  private static void mean(Grid grid, Lot lot, List<Smelt> smelts, Shown shown) {
    Smelted.mean(
            smelts.stream().filter(smelt -> smelt.visible().isApart()).map(Smelted::of).toList(),
            shown.now().gold().fineness())
        .ifPresent(
            mean -> {
              String grade =
                  shown
                      .words()
                      .of(
                          "smelts.mean.grade",
                          shown.words().rounded(mean.gramsPerTonne(), 1),
                          shown.words().rounded(mean.sd(), 1));
              grid.line(
                  shown.lot(lot.id()),
                  shown.words().of("smelts.mean", Integer.toString(mean.smelts())),
                  Grid.cell(grade, "strong"),
                  "",
                  "");
            });
  }

  private static Node state(Words words, Assay assay) {
    if (assay.visible().isEmpty()) {
      return Grid.cell(words.of("smelts.untold"), "muted");
    }
    return Grid.cell(words.of(assay.isApart() ? "smelts.used" : "smelts.invalid"), "muted");
  }

  private static Node state(Words words, Smelt smelt) {
    String kind = words.of(smelt.visible().isApart() ? "smelts.used" : "smelts.invalid");
    return Grid.cell(
        smelt.isParted() ? kind : words.of("smelts.and", kind, words.of("smelts.unparted")),
        "muted");
  }

  /** A grade in both habits. */
  static String grade(Words words, double gramsPerTonne) {
    return words.of(
        "smelts.grade",
        words.rounded(Math.max(0, gramsPerTonne), 1),
        words.rounded(Math.max(0, gramsPerTonne) / Smelted.GRAMS_PER_TONNE_OF_AN_OUNCE, 2));
  }

  private static String breakEven(Shown shown) {
    if (shown.shop().terms().isEmpty()
        || Advisor.breakEvenGramsPerTonne(shown.shop().terms().get()).isEmpty()) {
      return shown.words().of("smelts.break-even.none");
    }
    Terms terms = shown.shop().terms().get();
    double grade = Advisor.breakEvenGramsPerTonne(terms).getAsDouble();
    var charges = terms.charged();
    return shown
        .words()
        .of(
            "smelts.break-even",
            shown.words().rounded(grade, 0) + " g/t",
            shown.words().rounded(grade / Smelted.GRAMS_PER_TONNE_OF_AN_OUNCE, 1) + " oz/ton",
            shown.figures().sand(charges.smeltG()),
            MoneyWords.sum(
                shown.words(), charges.smeltCost() + terms.cost(charges.smeltMinutes()), terms),
            shown.words().fixed(LotWays.SMELTED.usual() * 100, 0) + " %");
  }
}
