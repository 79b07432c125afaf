package jugulum.desk.machine;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import jugulum.core.account.Worked;
import jugulum.core.belief.Belief;
import jugulum.core.belief.Experience;
import jugulum.core.belief.LotBelief;
import jugulum.core.belief.Ranked;
import jugulum.core.belief.StockLot;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Process.GravityRun.Manner;
import jugulum.core.machine.Beforehand;
import jugulum.core.machine.Gear;
import jugulum.core.machine.Overnight;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.Parsers;
import jugulum.desk.kit.Choices;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Segments;
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
  private final Segments<Manner> manner;
  private final VBox why = new VBox(6);
  private final VBox cautions = new VBox(6);
  private final Optional<Machine> wanted;
  private Belief belief;
  private Optional<StockLot> standing = Optional.empty();
  private List<StockLot> batch = List.of();
  private boolean chosen;

  /** The machine whose ports were ticked: ranked anew it keeps what a person ticked. */
  private Optional<Gear> ticked = Optional.empty();

  private boolean filling;

  /** The best machine for the lot is offered first. */
  public GravityForm(LotId lot, Desk desk) {
    this(lot, desk, Optional.empty());
  }

  /** The best machine first, looked after as a route says. */
  public static GravityForm by(LotId lot, Desk desk, Optional<Manner> told) {
    GravityForm form = new GravityForm(lot, desk);
    told.ifPresent(form.manner::choose);
    return form;
  }

  /** That machine is offered first, whatever the others could do. */
  GravityForm(LotId lot, Desk desk, Optional<Machine> wanted) {
    this.words = desk.words();
    super(desk.words().of("gravity.title"), lot, desk);
    this.wanted = wanted;
    manner =
        new Segments<>("manner", List.of(Manner.values()), one -> words.of("gravity.manner", one));
    manner.onChange(this::again);
    this.belief = new Belief(Experience.NONE, desk.shop());
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
            manner,
            why,
            name,
            Parts.section(words.of("gravity.ports")),
            ports);
    getChildren().add(cautions);
    addButtons(words.of("gravity.start"));
    desk.belief(this::learn);
  }

  private void chosen(Ranked one) {
    if (one != null) {
      chosen |= !filling;
      Parts.shown(name, one.gear().name().isEmpty());
      Parts.shown(manner, Overnight.isFor(one.gear().sheet()));
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

  private Optional<Manner> manner(Gear gear) {
    return Overnight.isFor(gear.sheet()) && manner.chosen() == Manner.OVERNIGHT
        ? Optional.of(Manner.OVERNIGHT)
        : Optional.empty();
  }

  private void again() {
    Ranked one = machine.getValue();
    if (one != null) {
      why.getChildren().setAll(why(one));
    }
  }

  private List<Node> why(Ranked one) {
    List<Node> lines = new ArrayList<>(GearWords.why(words, one, standing.orElseThrow().cut()));
    if (manner(one.gear()).isPresent()) {
      StockLot sand = standing.orElseThrow();
      Overnight.against(sand.cut(), Math.max(0, sand.sand().grams()))
          .forEach(
              against ->
                  lines.addFirst(
                      Parts.advice("fault", "", words.of("gravity.night.against", against))));
      lines.addFirst(Parts.sentence(words.of("gravity.night")));
    }
    Beforehand before =
        Beforehand.of(
            standing.orElseThrow().cut(),
            standing.orElseThrow().sand().conditions(),
            one.gear().kind(),
            desk.shop().owned());
    if (!before.isNothing()) {
      lines.addFirst(
          Parts.advice("fault", "", GearWords.before(words, before, standing.orElseThrow().cut())));
    }
    return lines;
  }

  /** What is thought of lots and machines comes in later; a choice made meanwhile stays. */
  private void learn(Belief found) {
    belief = found;
    rank();
  }

  /** The machines for this lot, best first. */
  @Override
  protected void update(Worked now, Lot taken) {
    if (standing.isEmpty()) {
      batch = StockLot.of(now.network(), now.sand(), now.gold());
      standing = batch.stream().filter(one -> one.lot().equals(lot)).findFirst();
      rank();
    }
  }

  private void rank() {
    if (standing.isEmpty()) {
      return;
    }
    Optional<Machine> before = chosen ? Optional.of(machine.getValue().gear().machine()) : wanted;
    List<Gear> gear = new ArrayList<>(desk.shop().gearToChoose());
    wanted.map(desk.shop()::gear).filter(one -> !gear.contains(one)).ifPresent(gear::add);
    LotBelief thought =
        belief.of(batch).stream()
            .filter(one -> one.lot().lot().equals(lot))
            .findFirst()
            .orElseThrow();
    List<Ranked> ranked =
        Ranked.of(
            belief.toChoose(thought, gear),
            standing.get().cut(),
            standing.get().sand().conditions());
    filling = true;
    machine.getItems().setAll(ranked);
    machine.setValue(
        ranked.stream()
            .filter(one -> before.equals(Optional.of(one.gear().machine())))
            .findFirst()
            .orElse(ranked.getFirst()));
    filling = false;
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
    return taking.map(
        one -> take(new Process.GravityRun(one, manner(gear)), List.of(lot), outputs));
  }

  @Override
  public void focusFirst() {
    machine.requestFocus();
  }
}
