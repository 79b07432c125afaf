package jugulum.desk.machine;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import jugulum.core.account.Worked;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Process;
import jugulum.core.machine.Beforehand;
import jugulum.core.machine.Gear;
import jugulum.core.machine.Proven;
import jugulum.core.machine.Ranked;
import jugulum.core.magnet.MagnetShares;
import jugulum.core.minerals.Mineral;
import jugulum.core.runs.Evidence;
import jugulum.core.runs.MachineRecord;
import jugulum.core.runs.PastRun;
import jugulum.core.screens.Cut;
import jugulum.core.window.Conditions;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.Parsers;
import jugulum.desk.kit.Choices;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Wrapping;
import jugulum.desk.panel.Desk;
import jugulum.desk.panel.StepForm;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.SheetWords;
import jugulum.desk.words.Words;

/** Chooses the machine and the ports it is collected at. */
public final class GravityForm extends StepForm {
  @Prologue private final Words words;
  private final ComboBox<Ranked> machine =
      Choices.of(
          "machine",
          words.of("gravity.machine"),
          List.of(),
          one -> GearWords.name(words, one.gear()));
  private final EntryField<String> name =
      new EntryField<>(
          words,
          "machine-name",
          words.of("gravity.name"),
          words.of("gravity.name.hint"),
          Parsers.note(words));
  private final FlowPane ports = new Wrapping(14, 8);
  private final VBox why = new VBox(6);
  private final VBox cautions = new VBox(6);
  private final Optional<Machine> wanted;
  private Evidence evidence = Evidence.NONE;
  private Optional<Conditions> conditions = Optional.empty();
  private Cut cut = Cut.ALL;
  private PastRun.Kind kind = PastRun.Kind.FIRST;
  private boolean chosen;

  /** The machine whose ports were ticked: ranked anew it keeps what a person ticked. */
  private Optional<Gear> ticked = Optional.empty();

  private boolean filling;

  /** The best machine for the lot is offered first. */
  public GravityForm(LotId lot, Desk desk) {
    this(lot, desk, Optional.empty());
  }

  /** That machine is offered first, whatever the others could do. */
  GravityForm(LotId lot, Desk desk, Optional<Machine> wanted) {
    this.words = desk.words();
    super(desk.words().of("gravity.title"), lot, desk);
    this.wanted = wanted;
    for (Material port : Material.PORTS) {
      CheckBox box = new CheckBox(words.of("port", port));
      box.setId("port-" + port);
      box.setUserData(port);
      // Whoever ticks what a machine gives has chosen that machine.
      box.setOnAction(_ -> chosen = true);
      ports.getChildren().add(box);
    }
    why.setId("machine-why");
    name.field().setOnAction(_ -> start());
    machine.valueProperty().addListener((_, _, one) -> chosen(one));
    getChildren()
        .addAll(
            Parts.section(words.of("gravity.machine")),
            machine,
            why,
            name,
            Parts.section(words.of("gravity.ports")),
            ports);
    getChildren().add(cautions);
    addButtons(words.of("gravity.start"));
    desk.evidence(this::learn);
  }

  private void chosen(Ranked one) {
    if (one != null) {
      chosen |= !filling;
      Parts.shown(name, one.gear().name().isEmpty());
      if (!Optional.of(one.gear()).equals(ticked)) {
        ticked = Optional.of(one.gear());
        tick(EnumSet.copyOf(one.gear().sheet().ports()));
      }
      why.getChildren().setAll(why(one));
      cautions
          .getChildren()
          .setAll(
              one.gear().sheet().cautions().stream()
                  .map(id -> Parts.advice("caution", "", SheetWords.caution(words, id)))
                  .toList());
    }
  }

  private List<Node> why(Ranked one) {
    List<Node> lines = new ArrayList<>(GearWords.why(words, one));
    Beforehand before =
        Beforehand.of(cut, conditions.orElseThrow(), one.gear().kind(), desk.shop().owned());
    if (!before.isNothing()) {
      lines.addFirst(Parts.advice("fault", "", GearWords.before(words, before, cut)));
    }
    return lines;
  }

  /** What machines have shown comes in later; a choice made meanwhile stays. */
  private void learn(Evidence shown) {
    evidence = shown;
    rank();
  }

  /** The machines for this lot, best first. */
  @Override
  protected void update(Worked now, Lot taken) {
    if (conditions.isEmpty()) {
      cut = taken.cut();
      kind = PastRun.Kind.of(taken, now.network().maker(taken.id()));
      conditions = Optional.of(conditions(now.batch().assumptions(), taken));
      rank();
    }
  }

  private void rank() {
    if (conditions.isEmpty()) {
      return;
    }
    Optional<Machine> before = chosen ? Optional.of(machine.getValue().gear().machine()) : wanted;
    List<Gear> gear = new ArrayList<>(desk.shop().gearToChoose());
    wanted.map(desk.shop()::gear).filter(one -> !gear.contains(one)).ifPresent(gear::add);
    List<Ranked> ranked = Ranked.of(cut, conditions.get(), gear, records(gear));
    filling = true;
    machine.getItems().setAll(ranked);
    machine.setValue(
        ranked.stream()
            .filter(one -> before.equals(Optional.of(one.gear().machine())))
            .findFirst()
            .orElse(ranked.getFirst()));
    filling = false;
  }

  private Map<Machine, Proven> records(List<Gear> gear) {
    Map<Machine, Proven> records = new HashMap<>();
    for (Gear one : gear) {
      MachineRecord.expected(evidence, one, cut, kind)
          .ifPresent(record -> records.put(one.machine(), record));
    }
    return records;
  }

  /** What a bench test leaves; without one non-magnetics have no magnetite any more. */
  private static Conditions conditions(Assumptions given, Lot taken) {
    boolean demagnetised = taken.material() == Material.NON_MAGNETICS;
    Optional<MagnetShares> tested = MagnetShares.of(taken);
    Set<Mineral> there =
        tested
            .map(shares -> shares.among(Conditions.USUAL_HEAVIES))
            .orElse(Conditions.USUAL_HEAVIES);
    return Conditions.usual(given, there, demagnetised && tested.isEmpty());
  }

  private void tick(Set<Material> usual) {
    ports.getChildren().stream()
        .map(CheckBox.class::cast)
        .forEach(box -> box.setSelected(usual.contains((Material) box.getUserData())));
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
      refuse(words.of("refusal.NO_OUTPUT"));
      return Optional.empty();
    }
    Gear gear = machine.getValue().gear();
    Optional<Machine> taking =
        gear.name().isEmpty()
            ? name.read().map(called -> new Machine(gear.kind(), called))
            : Optional.of(gear.machine());
    return taking.map(one -> take(new Process.GravityRun(one), List.of(lot), outputs));
  }

  @Override
  public void focusFirst() {
    machine.requestFocus();
  }
}
