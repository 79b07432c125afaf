package jugulum.desk.magnet;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import jugulum.core.account.Worked;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Reading;
import jugulum.core.ledger.Step;
import jugulum.core.ledger.StepId;
import jugulum.core.magnet.DrumPass;
import jugulum.core.magnet.MagnetShares;
import jugulum.core.magnet.MagnetStage;
import jugulum.core.mass.LotMass;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.machine.SeparatorKeys;
import jugulum.desk.measure.MeasureForm;
import jugulum.desk.measure.OneField;
import jugulum.desk.measure.RecordBox;
import jugulum.desk.panel.CorrectPanel;
import jugulum.desk.panel.Desk;
import jugulum.desk.panel.ReadingList;
import jugulum.desk.panel.StepPanel;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/**
 * A drum separator with its feeder: feed rate, both products, how much of the magnetite one pass
 * took, and whether to run a second.
 */
@SuppressWarnings("NullAway.Init") // made by what the constructor calls
public final class DrumPanel extends StepPanel {
  private final Words words;
  private ReadingList readings;
  private VBox said;
  private RecordBox record;
  private SeparatorKeys keys;
  private final TakenBox taken;

  public DrumPanel(StepId step, Desk desk) {
    this.words = desk.words();
    super(step, desk);
    taken = new TakenBox(words);
    below(taken);
  }

  @Override
  protected List<VBox> own() {
    readings = new ReadingList(reading -> desk.push(new CorrectPanel(reading, desk)));
    said = new VBox(6);
    said.setId("drum-said");
    MeasureForm rate = OneField.feedRate(desk.figures());
    record =
        new RecordBox(
                "record-rate",
                words.of("drum.record"),
                rate,
                measure -> desk.submit(new Edit.RecordOnStep(step, measure)))
            .aside();
    keys = new SeparatorKeys(step, desk);
    return List.of(
        keys, readings, record, said, Parts.advice("caution", "", words.of("caution.drum")));
  }

  @Override
  protected List<VBox> ownEntry() {
    return List.of(record);
  }

  @Override
  protected void showOwn(Worked worked, Step now, Figures figures) {
    keys.show(worked);
    taken.show(worked, now, figures);
    List<Reading> told =
        now.readings().stream()
            .filter(reading -> !(reading.measure() instanceof Measure.Checked))
            .toList();
    readings.show(told, figures, !worked.batch().closed());
    said.getChildren().setAll(said(worked, now, figures));
  }

  private List<Node> said(Worked worked, Step now, Figures figures) {
    Optional<MagnetShares> shares = MagnetPanel.tested(worked, now);
    Optional<Lot> magnetics = worked.network().output(now, Material.MAGNETICS);
    if (shares.isEmpty()) {
      return List.of(Parts.sentence(words.of("drum.untested"), "muted"));
    }
    LotMass in = worked.sand().mass(now.inputs().getFirst());
    Optional<LotMass> out =
        magnetics.map(lot -> worked.sand().mass(lot.id())).filter(LotMass::isMeasured);
    if (out.isEmpty() || !in.isKnown()) {
      return List.of(Parts.sentence(words.of("drum.unweighed"), "muted"));
    }
    DrumPass pass =
        DrumPass.of(
            in.grams(),
            shares.get().magnetite(),
            out.get().grams(),
            MagnetStage.purity(worked.network(), now));
    boolean weak = pass.efficiency() < DrumPass.USUAL_LOW;
    String usual =
        words.of(
            "drum.usual",
            words.fixed(100 * DrumPass.USUAL_LOW, 0),
            words.fixed(100 * DrumPass.USUAL_HIGH, 0));
    Node verdict =
        Parts.advice(
            weak ? "fault" : "fine",
            words.of("drum.took", words.percent(pass.efficiency())),
            words.of(
                weak ? "drum.weak" : "drum.good",
                usual,
                figures.sand(pass.leftG()),
                figures.sand(pass.secondPassG())));
    Optional<Lot> rest =
        worked
            .network()
            .output(now, Material.NON_MAGNETICS)
            .filter(lot -> worked.network().taker(lot.id()).isEmpty() && !worked.batch().closed());
    return rest.map(lot -> List.of(verdict, second(lot))).orElse(List.of(verdict));
  }

  @Override
  public void tick(Instant now) {
    keys.tick(now);
  }

  private Node second(Lot rest) {
    return Buttons.plain(
        "second-pass",
        words.of("drum.second"),
        "M",
        () -> desk.push(new MagnetForm(rest.id(), desk)));
  }
}
