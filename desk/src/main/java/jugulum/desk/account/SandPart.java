package jugulum.desk.account;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.DoubleFunction;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import jugulum.core.account.Account;
import jugulum.core.check.Normal;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Step;
import jugulum.core.mass.SandBalance;
import jugulum.core.mass.SandBalance.Misfit;
import jugulum.core.mass.StepClosure;
import jugulum.core.reconcile.Adjusted;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Wrapping;
import jugulum.desk.panel.Closures;
import jugulum.desk.words.Figures;
import jugulum.desk.words.MisfitWords;
import jugulum.desk.words.ProductWords;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/**
 * How the sand adds up: every weight beside what it must be for all to fit, and the ones that
 * cannot be right.
 */
final class SandPart {
  /** Less is not shown by any scale for sand. */
  private static final double LEAST_G = 0.05;

  private SandPart() {}

  static Node of(Shown shown, Consumer<LotId> toLot) {
    if (shown.account().isEmpty()) {
      return Parts.sentence(shown.words().of("advice.waiting"), "muted");
    }
    Account account = shown.account().get();
    SandBalance balance = account.balance();
    VBox left =
        new VBox(
            14,
            Parts.advice(
                balance.fits() ? balance.degrees() == 0 ? "idle" : "fine" : "fault",
                "",
                MisfitWords.test(shown.words(), balance)));
    left.getChildren().getFirst().setId("balance-test");
    balance
        .misfits()
        .forEach(misfit -> left.getChildren().add(misfit(misfit, account, shown, toLot)));
    if (!balance.isExplained()) {
      left.getChildren()
          .add(
              Parts.sentence(
                  shown
                      .words()
                      .of(balance.misfits().isEmpty() ? "balance.nobody" : "balance.unexplained")));
    }
    List<String> products = ProductWords.of(account, shown.figures());
    if (!products.isEmpty()) {
      left.getChildren().add(Parts.section(shown.words().of("product.title")));
      products.forEach(line -> left.getChildren().add(Parts.sentence(line)));
    }
    left.getChildren().addAll(Parts.section(shown.words().of("account.closure")), closures(shown));
    VBox right =
        new VBox(
            14,
            Parts.sentence(shown.words().of("balance.about"), "muted"),
            lots(account, shown.figures()));
    HBox columns = new HBox(36, left, right);
    left.setPrefWidth(400);
    right.setPrefWidth(760);
    right.setMinWidth(700);
    HBox.setHgrow(left, Priority.ALWAYS);
    HBox.setHgrow(right, Priority.ALWAYS);
    return columns;
  }

  private static Node misfit(Misfit misfit, Account account, Shown shown, Consumer<LotId> toLot) {
    Node box =
        Parts.advice(
            "fault",
            MisfitWords.title(shown.words(), misfit, account.network()),
            MisfitWords.text(
                misfit,
                account.balance(),
                account.network(),
                shown.shop().containersG(),
                shown.figures()));
    box.setId("misfit");
    FlowPane ways = new Wrapping(8, 8);
    for (LotId lot : misfit.lots()) {
      Button open =
          Buttons.plain(
              "misfit-" + lot.number(),
              shown.words().of("balance.open-lot", shown.lot(lot)),
              "",
              () -> toLot.accept(lot));
      ways.getChildren().add(open);
    }
    return new VBox(8, box, ways);
  }

  private static Node lots(Account account, Figures figures) {
    Grid grid =
        new Grid(
            figures.words(),
            "balance.lot",
            "balance.measured",
            "balance.adjusted",
            "balance.adjustment",
            "balance.significance");
    List<LotId> suspect = new ArrayList<>();
    account.balance().misfits().forEach(misfit -> suspect.addAll(misfit.lots()));
    for (Lot lot : account.network().lots()) {
      line(grid, lot, account, suspect.contains(lot.id()), figures);
    }
    return grid;
  }

  private static void line(Grid grid, Lot lot, Account account, boolean suspect, Figures figures) {
    Words words = figures.words();
    Adjusted adjusted = account.balance().of(lot.id());
    var mass = account.sand().mass(lot.id());
    String measured =
        mass.isMeasured() ? plusMinus(lot, mass.grams(), mass.standardUncertaintyG(), figures) : "";
    String value =
        adjusted.value().isPresent()
            ? plusMinus(lot, Math.max(0, adjusted.value().getAsDouble()), adjusted.sd(), figures)
            : "";
    boolean checked = adjusted.state() == Adjusted.State.REDUNDANT;
    Node pull =
        checked
            ? new PullBar(words, Math.copySign(adjusted.measurementTest(), adjusted.adjustment()))
            : Grid.cell(words.of("balance.state", adjusted.state()), "muted");
    grid.line(
        Sentences.lot(words, lot),
        measured,
        value,
        checked ? signed(adjusted.adjustment(), figures) : "",
        suspect ? new VBox(pull, Grid.cell(words.of("balance.suspect"), "loss-text")) : pull);
  }

  /** Gold is written as gold, sand as sand. */
  private static String plusMinus(Lot lot, double grams, double sd, Figures figures) {
    DoubleFunction<String> write =
        lot.material() == Material.GOLD ? mass -> figures.gold(mass * 1000) : figures::sand;
    return figures
        .words()
        .of("balance.plus-minus", write.apply(grams), write.apply(Normal.Z95 * sd));
  }

  private static String signed(double grams, Figures figures) {
    boolean nothing = Math.abs(grams) < LEAST_G;
    return nothing ? "0" : (grams > 0 ? "+" : "") + figures.sand(grams);
  }

  private static Node closures(Shown shown) {
    VBox all = new VBox(8);
    for (Step step : shown.network().steps()) {
      StepClosure closure = shown.now().sand().closure(step.id());
      if (closure.state() != StepClosure.State.NOTHING_TO_CLOSE) {
        String name = Sentences.step(shown.words(), step, shown.network());
        all.getChildren().add(Closures.advice(name, closure, shown.now(), shown.figures()));
      }
    }
    return all.getChildren().isEmpty()
        ? Parts.sentence(shown.words().of("account.no-steps"), "muted")
        : all;
  }
}
