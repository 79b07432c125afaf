package jugulum.desk.magnet;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.scene.layout.VBox;
import jugulum.core.account.Worked;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Step;
import jugulum.core.magnet.Ladder;
import jugulum.core.magnet.MagnetShares;
import jugulum.core.magnet.MagnetStage;
import jugulum.core.mass.LotMass;
import jugulum.core.plan.GoldExpected;
import jugulum.core.plan.Machines;
import jugulum.core.plan.Plan;
import jugulum.core.plan.PlanRequest;
import jugulum.core.plan.PlanRequest.ScreeningTime;
import jugulum.core.plan.PlanRequest.Surety;
import jugulum.core.plan.Planner;
import jugulum.core.screens.Cut;
import jugulum.core.sizes.GuessedSizes;
import jugulum.core.sizes.SizeSpread;
import jugulum.core.window.Conditions;
import jugulum.desk.chart.DrawingView;
import jugulum.desk.chart.WindowChart;
import jugulum.desk.kit.Parts;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/**
 * What stays behind when the magnetite is out: the balance over the passes, and the settling window
 * of what is really left.
 */
final class LeftOverBox extends VBox {
  private final VBox balance = new VBox(4);
  private final DrawingView window = new DrawingView("left-window");

  LeftOverBox(Words words) {
    super(8);
    setId("left-over");
    getChildren().addAll(Parts.section(words.of("left.title")), balance, window);
  }

  void show(Worked worked, Step now, Figures figures) {
    Words words = figures.words();
    Optional<MagnetShares> tested = MagnetPanel.tested(worked, now);
    Optional<MagnetShares> left = left(worked, now, tested);
    balance.getChildren().clear();
    if (tested.isEmpty() && left.isEmpty()) {
      balance.getChildren().add(Parts.sentence(words.of("left.untested"), "muted"));
    }
    tested.ifPresent(shares -> balance(shares, worked, now, figures));
    left.ifPresent(
        shares ->
            balance
                .getChildren()
                .add(
                    Parts.line(
                        words.of("left.now"),
                        words.of(
                            "left.shares",
                            words.percent(shares.magnetite()),
                            words.percent(shares.weakly())))));
    Optional<Plan> plan = left.flatMap(shares -> window(worked, now, shares));
    Parts.shown(window, plan.isPresent());
    plan.ifPresent(
        shown ->
            window.show(
                width -> WindowChart.of(words, shown, width), WindowChart.spoken(words, shown)));
  }

  /** A test of the non-magnetics themselves speaks before what the passes let expect. */
  private static Optional<MagnetShares> left(
      Worked worked, Step now, Optional<MagnetShares> before) {
    Optional<MagnetShares> own =
        worked.network().output(now, Material.NON_MAGNETICS).flatMap(MagnetShares::of);
    LotMass in = worked.sand().mass(now.inputs().getFirst());
    return own.or(
        () ->
            before
                .filter(_ -> in.grams() > 0)
                .flatMap(shares -> after(shares, in.grams(), ladder(shares, worked, now))));
  }

  private static Optional<MagnetShares> after(MagnetShares shares, double grams, Ladder ladder) {
    OptionalDouble left = ladder.magnetiteLeftG();
    return left.isPresent()
        ? Optional.of(shares.withMagnetite(left.getAsDouble() / grams))
        : Optional.empty();
  }

  private static Ladder ladder(MagnetShares shares, Worked worked, Step now) {
    return Ladder.of(
        now,
        OptionalDouble.of(shares.magnetite() * worked.sand().mass(now.inputs().getFirst()).grams()),
        MagnetStage.purity(worked.network(), now));
  }

  private void balance(MagnetShares shares, Worked worked, Step now, Figures figures) {
    Words words = figures.words();
    double grams = worked.sand().mass(now.inputs().getFirst()).grams();
    balance
        .getChildren()
        .add(
            Parts.line(
                words.of("left.there"),
                words.of(
                    "left.mass",
                    figures.sand(shares.magnetite() * grams),
                    words.percent(shares.magnetite()))));
    List<Ladder.Rung> rungs = ladder(shares, worked, now).rungs();
    for (int i = 0; i < rungs.size(); i++) {
      Ladder.Rung rung = rungs.get(i);
      String pass = Integer.toString(i + 1);
      rung.magnetite()
          .ifPresent(
              taken ->
                  balance
                      .getChildren()
                      .add(
                          taken.isTooMuch()
                              ? Parts.advice(
                                  "fault",
                                  "",
                                  words.of(
                                      "left.too-much",
                                      pass,
                                      figures.sand(taken.takenG()),
                                      figures.sand(taken.beforeG())))
                              : Parts.line(
                                  words.of("left.pass", pass),
                                  words.of(
                                      "left.taken",
                                      figures.sand(taken.takenG()),
                                      words.percent(taken.efficiency())))));
    }
  }

  private static Optional<Plan> window(Worked worked, Step now, MagnetShares shares) {
    Cut cut = worked.network().cutInto(now);
    if (cut.passing().isEmpty()) {
      return Optional.empty();
    }
    Conditions conditions =
        Conditions.usual(
            worked.batch().assumptions(), shares.among(Conditions.USUAL_HEAVIES), false);
    SizeSpread sizes = GuessedSizes.within(cut);
    GoldExpected none =
        new GoldExpected(0, sizes, worked.batch().assumptions().fineness(), Optional.empty());
    PlanRequest request =
        new PlanRequest(
            List.of(),
            cut,
            sizes,
            0,
            conditions,
            Machines.USUAL,
            none,
            1,
            Surety.USUAL,
            PlanRequest.USUAL_LOOKED_OVER_ABOVE_MM,
            ScreeningTime.USUAL);
    return Optional.of(new Planner(request).of(List.of()));
  }
}
