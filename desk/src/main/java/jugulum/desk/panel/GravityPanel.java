package jugulum.desk.panel;

import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import jugulum.core.gold.TwoProduct;
import jugulum.core.gold.TwoProduct.Grade;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Step;
import jugulum.core.ledger.StepId;
import jugulum.core.machine.Sheet;
import jugulum.core.machine.Sheets;
import jugulum.desk.entry.Buttons;
import jugulum.desk.workbench.Worked;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/** A run over a machine: products by port, and what assays of them say. */
final class GravityPanel extends StepPanel {
  private VBox products;
  private ReadingList settings;
  private VBox sheet;
  private Button wrong;
  private VBox ports;

  GravityPanel(StepId step, Desk desk) {
    super(step, desk);
  }

  @Override
  protected List<VBox> own() {
    products = new VBox(4);
    ports = new VBox(6);
    settings = new ReadingList(reading -> desk.push(new CorrectPanel(reading, desk)));
    sheet = new VBox(6, settings);
    return List.of(sheet, products, ports);
  }

  @Override
  protected void showOwn(Worked worked, Step now, Figures figures) {
    if (sheet.getChildren().size() == 1 && now.process() instanceof Process.GravityRun(Machine machine)) {
      sheet.getChildren().addFirst(sheetButtons(Sheets.of(machine.kind())));
    }
    Parts.shown(wrong, !worked.batch().closed());
    settings.show(now.readings(), figures, !worked.batch().closed());
    products.getChildren().clear();
    twoProduct(worked, now)
        .ifPresent(
            result ->
                products
                    .getChildren()
                    .add(
                        Parts.advice(
                            "idle",
                            "",
                            Words.of(
                                "gravity.assays", Figures.percent(result.recovery()), Figures.percent(2 * result.recoverySd()), Figures.fixed(result.ratio(), 1)))));
    ports.getChildren().clear();
    boolean hasMiddlings = worked.network().lots(now.outputs()).stream().anyMatch(lot -> lot.material() == Material.MIDDLINGS);
    if (!hasMiddlings && !worked.batch().closed()) {
      Lot input = worked.network().lot(now.inputs().getFirst()).orElseThrow();
      Edit.NewLot middlings = new Edit.NewLot(Material.MIDDLINGS, input.cut(), "");
      ports.getChildren().add(Buttons.quiet("add-middlings", Words.of("gravity.add-middlings"), "", () -> desk.submit(new Edit.AddOutput(step, middlings))));
    }
  }

  private Node sheetButtons(Sheet of) {
    Button open = Buttons.plain("bench-sheet", Words.of("sheet.open"), "B", () -> desk.push(new SheetPanel(step, of, desk)));
    wrong = Buttons.plain("looks-wrong", Words.of("sheet.wrong"), "W", () -> desk.push(new WrongPanel(step, of, desk)));
    return new FlowPane(8, 8, open, wrong);
  }

  /** From the grades alone, where feed, concentrate and tailings were all assayed and do not contradict each other. */
  private static Optional<TwoProduct> twoProduct(Worked worked, Step now) {
    Optional<Grade> feed = grade(worked.network().lots(now.inputs()), _ -> true);
    List<Lot> outputs = worked.network().lots(now.outputs());
    Optional<Grade> concentrate = grade(outputs, lot -> lot.material() == Material.CONCENTRATE);
    Optional<Grade> tailings = grade(outputs, lot -> lot.material() == Material.TAILINGS);
    boolean all = feed.isPresent() && concentrate.isPresent() && tailings.isPresent() && outputs.size() == 2;
    if (!all || !(tailings.get().value() < feed.get().value() && feed.get().value() < concentrate.get().value())) {
      return Optional.empty();
    }
    return Optional.of(TwoProduct.of(feed.get(), concentrate.get(), tailings.get()));
  }

  private static Optional<Grade> grade(List<Lot> lots, Predicate<Lot> which) {
    return lots.stream()
        .filter(which)
        .findFirst()
        .flatMap(lot -> lot.latest(Measure.Assay.class))
        .map(assay -> new Grade(assay.gramsPerTonne(), assay.gramsPerTonne() * assay.relativeSd()));
  }
}
