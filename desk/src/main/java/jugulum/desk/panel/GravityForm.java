package jugulum.desk.panel;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Process;
import jugulum.core.machine.Ranked;
import jugulum.core.machine.Sheets;
import jugulum.core.magnet.MagnetShares;
import jugulum.core.minerals.Mineral;
import jugulum.core.window.Conditions;
import jugulum.desk.entry.Choices;
import jugulum.desk.entry.Entry;
import jugulum.desk.entry.EntryField;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;
import jugulum.desk.workbench.Worked;

/** Chooses the machine and the ports it is collected at. */
final class GravityForm extends StepForm {
  private static final List<Material> PORTS = List.of(Material.CONCENTRATE, Material.SECOND_CONCENTRATE, Material.MIDDLINGS, Material.TAILINGS);

  private final ComboBox<Machine.Kind> machine =
      Choices.of("machine", Words.of("gravity.machine"), List.of(Machine.Kind.values()), kind -> Words.of("machine", kind));
  private final EntryField<String> name = new EntryField<>("machine-name", Words.of("gravity.name"), Words.of("gravity.name.hint"), typed -> new Entry.Value<>(typed.strip()));
  private final FlowPane ports = new FlowPane(14, 8);
  private final Label why = Parts.sentence("", "muted");
  private List<Ranked> ranked = List.of();

  GravityForm(LotId lot, Desk desk) {
    super(Words.of("gravity.title"), lot, desk);
    for (Material port : PORTS) {
      CheckBox box = new CheckBox(Words.of("port", port));
      box.setId("port-" + port);
      box.setUserData(port);
      ports.getChildren().add(box);
    }
    why.setId("machine-why");
    name.field().setOnAction(_ -> start());
    machine
        .valueProperty()
        .addListener(
            (_, _, kind) -> {
              if (kind != null) {
                tick(usualPorts(kind));
                tell(kind);
              }
            });
    tick(usualPorts(machine.getValue()));
    getChildren().addAll(Parts.section(Words.of("gravity.machine")), machine, why, name, Parts.section(Words.of("gravity.ports")), ports);
    getChildren().add(Parts.advice("caution", "", Words.of("caution.water")));
    addButtons(Words.of("gravity.start"));
  }

  private static Set<Material> usualPorts(Machine.Kind kind) {
    return EnumSet.copyOf(Sheets.of(kind).ports());
  }

  /** The machines for this lot, best first; the one chosen stays chosen once it was. */
  @Override
  protected void update(Worked now, Lot taken) {
    if (ranked.isEmpty()) {
      ranked = Ranked.of(taken.cut(), conditions(now.batch().assumptions(), taken));
      machine.getItems().setAll(ranked.stream().map(Ranked::kind).toList());
      machine.getSelectionModel().selectFirst();
      tell(machine.getValue());
    }
  }

  /** What a bench test leaves; without one non-magnetics have no magnetite any more. */
  private static Conditions conditions(Assumptions given, Lot taken) {
    boolean demagnetised = taken.material() == Material.NON_MAGNETICS;
    Optional<MagnetShares> tested = MagnetShares.of(taken);
    Set<Mineral> there = tested.map(shares -> shares.among(Conditions.USUAL_HEAVIES)).orElse(Conditions.USUAL_HEAVIES);
    return Conditions.usual(given, there, demagnetised && tested.isEmpty());
  }

  private void tell(Machine.Kind kind) {
    ranked.stream().filter(one -> one.kind() == kind).findFirst().ifPresent(one -> why.setText(Words.of("gravity.rank", Words.of("sheet.fit", one.fit()), window(one))));
  }

  private static String window(Ranked one) {
    return one.ratio()
        .map(
            ratio ->
                Words.of(one.parts() ? "gravity.ratio.parts" : "gravity.ratio.short", Figures.fixed(ratio.usual(), 2), Figures.fixed(ratio.low(), 2), Figures.fixed(ratio.high(), 2)))
        .orElse(Words.of("gravity.ratio.none"));
  }

  private void tick(Set<Material> usual) {
    ports.getChildren().stream().map(CheckBox.class::cast).forEach(box -> box.setSelected(usual.contains((Material) box.getUserData())));
  }

  @Override
  protected Optional<Edit.TakeStep> step(Lot taken) {
    List<Edit.NewLot> outputs =
        ports.getChildren().stream()
            .map(CheckBox.class::cast)
            .filter(CheckBox::isSelected)
            .map(box -> made((Material) box.getUserData(), taken.cut()))
            .toList();
    if (outputs.isEmpty()) {
      refuse(Words.of("refusal.NO_OUTPUT"));
      return Optional.empty();
    }
    Machine chosen = new Machine(machine.getValue(), name.field().getText().strip());
    return Optional.of(take(new Process.GravityRun(chosen), List.of(lot), outputs));
  }

  @Override
  public void focusFirst() {
    machine.requestFocus();
  }
}
