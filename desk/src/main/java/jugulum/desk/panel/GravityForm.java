package jugulum.desk.panel;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.FlowPane;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.machine.Sheets;
import jugulum.core.ledger.Process;
import jugulum.desk.entry.Choices;
import jugulum.desk.entry.Entry;
import jugulum.desk.entry.EntryField;
import jugulum.desk.words.Words;

/** Chooses the machine and the ports it is collected at. */
final class GravityForm extends StepForm {
  private static final List<Material> PORTS = List.of(Material.CONCENTRATE, Material.SECOND_CONCENTRATE, Material.MIDDLINGS, Material.TAILINGS);

  private final ComboBox<Machine.Kind> machine =
      Choices.of("machine", Words.of("gravity.machine"), List.of(Machine.Kind.values()), kind -> Words.of("machine", kind));
  private final EntryField<String> name = new EntryField<>("machine-name", Words.of("gravity.name"), Words.of("gravity.name.hint"), typed -> new Entry.Value<>(typed.strip()));
  private final FlowPane ports = new FlowPane(14, 8);

  GravityForm(LotId lot, Desk desk) {
    super(Words.of("gravity.title"), lot, desk);
    for (Material port : PORTS) {
      CheckBox box = new CheckBox(Words.of("port", port));
      box.setId("port-" + port);
      box.setUserData(port);
      ports.getChildren().add(box);
    }
    machine.valueProperty().addListener((_, _, kind) -> tick(usualPorts(kind)));
    tick(usualPorts(machine.getValue()));
    getChildren().addAll(Parts.section(Words.of("gravity.machine")), machine, name, Parts.section(Words.of("gravity.ports")), ports);
    getChildren().add(Parts.advice("caution", "", Words.of("caution.water")));
    addButtons(Words.of("gravity.start"));
  }

  private static Set<Material> usualPorts(Machine.Kind kind) {
    return EnumSet.copyOf(Sheets.of(kind).ports());
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
