package jugulum.desk.finish;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletionStage;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import jugulum.core.account.Worked;
import jugulum.core.gold.LotEvidence;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Step;
import jugulum.core.ledger.StepId;
import jugulum.core.task.Task;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Seldom;
import jugulum.desk.measure.FinenessForm;
import jugulum.desk.measure.GoldWeightForm;
import jugulum.desk.measure.RecordBox;
import jugulum.desk.panel.CorrectPanel;
import jugulum.desk.panel.Desk;
import jugulum.desk.panel.ReadingList;
import jugulum.desk.panel.StepPanel;
import jugulum.desk.panel.TaskBox;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;
import jugulum.desk.work.Outcome;

/** The gold of one concentrate: weighed several times, and its purity if known. */
@SuppressWarnings("NullAway.Init") // made by what the constructor calls
public final class FinishPanel extends StepPanel {
  private final Words words;
  private VBox weighed;
  private TurnsBox turns;
  private TaskBox asks;
  private ReadingList said;
  private Seldom folded;
  private ReadingList readings;
  private RecordBox weigh;
  private RecordBox purity;
  private Optional<LotId> gold = Optional.empty();
  private boolean isLed;

  public FinishPanel(StepId step, Desk desk) {
    this.words = desk.words();
    super(step, desk);
  }

  @Override
  protected List<VBox> own() {
    weighed = new VBox(2);
    weighed.setId("weighed");
    turns = new TurnsBox();
    asks = new TaskBox("finish", desk);
    said = new ReadingList(reading -> desk.push(new CorrectPanel(reading, desk)), true);
    folded = new Seldom("finish-said", words.of("lot.readings"), "R", said);
    readings = new ReadingList(reading -> desk.push(new CorrectPanel(reading, desk)));
    weigh =
        new RecordBox(
            "weigh-gold",
            words.of("finish.weigh"),
            new GoldWeightForm(desk.figures()),
            this::record);
    purity =
        new RecordBox(
                "record-fineness",
                words.of("finish.fineness"),
                new FinenessForm(desk.figures()),
                this::record)
            .aside();
    return List.of(
        weighed,
        turns,
        readings,
        weigh,
        purity,
        folded,
        Parts.advice("caution", "", words.of("caution.lead")));
  }

  private CompletionStage<Outcome> record(Measure measure) {
    return desk.submit(new Edit.RecordOnLot(there(gold), measure));
  }

  @Override
  protected List<VBox> ownEntry() {
    return List.of(weigh, purity);
  }

  @Override
  protected boolean ownIsAsked() {
    return isLed;
  }

  @Override
  protected void showOwn(Worked worked, Step now, Figures figures) {
    Optional<Lot> lot =
        worked.network().lots(now.outputs()).stream()
            .filter(one -> one.material() == Material.GOLD)
            .findFirst();
    gold = lot.map(Lot::id);
    weighed.getChildren().clear();
    lot.flatMap(one -> LotEvidence.weighing(one, worked.batch().assumptions()))
        .ifPresent(
            weighing -> {
              Label mean =
                  Parts.styled(new Label(figures.gold(weighing.meanG() * 1000)), "gold-figure");
              String spread =
                  weighing.readings() > 1
                      ? words.of(
                          "finish.mean",
                          Integer.toString(weighing.readings()),
                          figures.gold(weighing.spreadG() * 1000))
                      : words.of("finish.once");
              weighed
                  .getChildren()
                  .addAll(
                      mean,
                      Parts.sentence(spread),
                      Parts.sentence(
                          words.of(
                              "finish.uncertainty",
                              figures.gold(2 * weighing.standardUncertaintyG() * 1000)),
                          "muted"));
            });
    lead(worked, now, figures);
    readings.show(lot.map(Lot::readings).orElse(List.of()), figures, !worked.batch().closed());
  }

  /** One thing at a time at the foot, where somebody wants to be led; weighing comes after. */
  private void lead(Worked worked, Step now, Figures figures) {
    turns.show(worked, now, desk.shop(), figures);
    Optional<Task> next =
        desk.open(worked).stream()
            .filter(task -> task.isOf(step) && task.kind().isOfFinishing())
            .findFirst();
    isLed = next.filter(task -> task.kind() != Task.Kind.FINISH_TOOL).isPresent();
    next.ifPresent(task -> asks.show(task, worked));
    dock().getChildren().setAll(next.isPresent() ? List.of(asks) : List.of());
    Parts.shown(weigh, !isLed && !worked.batch().closed());
    Parts.shown(purity, !isLed && !worked.batch().closed());
    Parts.shown(folded, now.live(Measure.Finish.class).findAny().isPresent());
    said.show(
        now.readings().stream()
            .filter(reading -> reading.measure() instanceof Measure.Finish)
            .toList(),
        figures,
        !worked.batch().closed());
  }

  @Override
  public void focusFirst() {
    if (isLed) {
      asks.focus();
      return;
    }
    weigh.form().fields().getFirst().field().requestFocus();
  }
}
