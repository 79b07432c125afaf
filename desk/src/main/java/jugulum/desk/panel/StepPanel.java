package jugulum.desk.panel;

import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import jugulum.core.account.Worked;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Step;
import jugulum.core.ledger.StepId;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Wrapping;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/**
 * The bench sheet of one step: what went in, what comes out, whether the sand adds up. Kinds of
 * step add their own part.
 */
public class StepPanel extends Panel {
  private final Words words;
  protected final StepId step;
  protected final Desk desk;
  private final Label title = Parts.styled(new Label(), "panel-title");
  private final Label inHand = Parts.styled(new Label(), "in-hand");
  private final Label taken = Parts.sentence("", "muted");
  private final VBox closure = new VBox(8);
  private final OutputsBox outputs;
  private final VBox below = new VBox(10);
  private final VBox again = new VBox();
  private Optional<Worked> worked = Optional.empty();
  private final StepFooter footer;

  public StepPanel(StepId step, Desk desk) {
    this.words = desk.words();
    this.step = step;
    this.desk = desk;
    this.outputs = new OutputsBox(desk);
    this.footer = new StepFooter(step, desk);
    FlowPane heading = new Wrapping(12, 2, title, inHand);
    outputs.head(heads());
    closure.setId("closure");
    getChildren().addAll(heading, taken);
    getChildren().addAll(own());
    getChildren()
        .addAll(Parts.section(words.of("step.outputs")), outputs, closure, below, again, footer);
  }

  /** What only this kind of step has, above its outputs. */
  protected List<VBox> own() {
    return List.of();
  }

  /** Puts parts below the closure. */
  protected final void below(Node... parts) {
    below.getChildren().setAll(parts);
  }

  /** Goes to where a note is typed. */
  protected final void focusNote() {
    footer.focusNote();
  }

  /** Runs when another output is chosen. */
  protected final void onChosen(Runnable what) {
    outputs.onChosen(what);
  }

  /** The output chosen. */
  protected final Optional<Lot> chosen() {
    return outputs.chosen();
  }

  /** The batch as shown last. */
  protected final Optional<Worked> worked() {
    return worked;
  }

  /** The parts that take readings, out of sight while the batch is closed. */
  protected List<VBox> ownEntry() {
    return List.of();
  }

  /** Whether what only this kind of step has is asked for now, before its outputs are weighed. */
  protected boolean ownIsAsked() {
    return false;
  }

  /** Shows what only this kind of step has. */
  protected void showOwn(Worked worked, Step now, Figures figures) {}

  /** What stands over the figures of the outputs. */
  protected String[] heads() {
    return new String[] {words.of("outputs.mass"), words.of("outputs.gold")};
  }

  /** What is told of one output. */
  protected LotList.Row row(Lot lot, Worked worked, Figures figures) {
    boolean sameCut =
        worked.network().lots(there(worked.batch().step(step)).inputs()).stream()
            .anyMatch(input -> input.cut().equals(lot.cut()));
    String name =
        lot.name().isBlank() && sameCut
            ? words.of("material", lot.material())
            : Sentences.lot(words, lot);
    return Rows.of(lot, name, List.of(Rows.mass(lot, worked, figures)), worked, figures);
  }

  @Override
  public final void show(Worked worked, Figures figures) {
    this.worked = Optional.of(worked);
    Step now = there(worked.batch().step(step));
    List<Lot> inputs = worked.network().lots(now.inputs());
    title.setText(Sentences.process(words, now.process()));
    inHand.setText(words.row(inputs.stream().map(one -> Sentences.lot(words, one)).toList()));
    taken.setText(taken(worked, now, inputs, figures));
    ownEntry().forEach(part -> Parts.shown(part, !worked.batch().closed()));
    outputs.show(worked, now.outputs(), lot -> row(lot, worked, figures));
    showOwn(worked, now, figures);
    boolean isAllWeighed =
        now.outputs().stream().allMatch(id -> worked.sand().mass(id).isMeasured());
    outputs.scaleIn(ownIsAsked() ? outputs : isAllWeighed ? again : dock());
    closure.getChildren().setAll(Closures.advice("", worked.sand().closure(step), worked, figures));
    closure
        .getChildren()
        .addAll(
            Suspects.of(worked.sand().closure(step), worked, desk.shop().containersG(), figures));
    footer.show(worked, figures);
  }

  private static String taken(Worked worked, Step now, List<Lot> inputs, Figures figures) {
    Words words = figures.words();
    double grams = worked.sand().closure(now.id()).inG();
    String in =
        inputs.isEmpty() || grams == 0
            ? words.of("step.in.unknown")
            : words.of("step.in", figures.sand(grams));
    return now.process() instanceof Process.MagnetRun run
        ? words.of("step.in.how", in, Sentences.state(words, run))
        : in;
  }

  @Override
  public boolean fits(Worked worked) {
    return worked.batch().step(step).filter(Step::isLive).isPresent();
  }

  @Override
  public void focusFirst() {
    outputs.focusFirst();
  }

  @Override
  public final Object key() {
    return step;
  }
}
