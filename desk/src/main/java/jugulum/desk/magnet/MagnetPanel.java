package jugulum.desk.magnet;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import jugulum.core.account.Worked;
import jugulum.core.gold.GoldRange;
import jugulum.core.gold.LotGold;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Process.MagnetRun;
import jugulum.core.ledger.Process.MagnetRun.Medium;
import jugulum.core.ledger.Reading;
import jugulum.core.ledger.Step;
import jugulum.core.ledger.StepId;
import jugulum.core.magnet.Ladder;
import jugulum.core.magnet.MagnetShares;
import jugulum.core.passes.NextPass;
import jugulum.core.passes.Removal;
import jugulum.core.task.Task;
import jugulum.desk.chart.DrawingView;
import jugulum.desk.chart.LadderChart;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Seldom;
import jugulum.desk.machine.SeparatorKeys;
import jugulum.desk.measure.PassForm;
import jugulum.desk.measure.RecordBox;
import jugulum.desk.panel.CorrectPanel;
import jugulum.desk.panel.Desk;
import jugulum.desk.panel.PassAdvice;
import jugulum.desk.panel.StepPanel;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/**
 * A magnet in staged passes: what each freed, what is probably still caught, and whether another
 * pass is worth it.
 */
@SuppressWarnings("NullAway.Init") // made by what the constructor calls
public final class MagnetPanel extends StepPanel {
  private static final double CHART_HEIGHT = 68;

  private final Words words;
  private PassList passes;
  private VBox trapped;
  private DrawingView decline;
  private VBox advice;

  /** The sums behind the advice; whoever unfolds them goes on seeing them. */
  private VBox sums;

  private Seldom why;
  private PassForm form;
  private RecordBox record;

  /** Where a pass is recorded once the magnet is done, and no longer asked for. */
  private VBox recordPlace;

  private boolean isPassAsked;
  private VBox dust;
  private final LeftOverBox leftOver;
  private final TakenBox taken;
  private SeparatorKeys keys;

  /** For which pass the form was set up: what a person chose since then stays. */
  private OptionalInt asked = OptionalInt.empty();

  public MagnetPanel(StepId step, Desk desk) {
    this.words = desk.words();
    super(step, desk);
    leftOver = new LeftOverBox(words);
    taken = new TakenBox(words);
    below(leftOver, taken);
  }

  @Override
  protected List<VBox> own() {
    passes = new PassList(words, this::correct);
    trapped = new VBox(4);
    trapped.setId("trapped");
    decline = new DrawingView("decline");
    advice = new VBox(6);
    advice.setId("pass-advice");
    sums = new VBox(4);
    sums.setId("pass-sums");
    why = new Seldom("pass-why", words.of("pass.why"), "W", sums);
    form = new PassForm(desk.figures(), desk.shop().magnets());
    record =
        new RecordBox(
                "record-pass",
                words.of("pass.record", "1"),
                form,
                measure -> desk.submit(new Edit.RecordOnStep(step, measure)))
            .with(Buttons.plain("count-speck", words.of("pass.count"), "C", form::countOne))
            .with(Buttons.quiet("tell-more", words.of("pass.more"), "H", form::tellMore));
    recordPlace = new VBox(record);
    dust = Parts.advice("caution", words.of("caution.dust.title"), words.of("caution.dust"));
    keys = new SeparatorKeys(step, desk);
    return List.of(
        keys,
        new VBox(6, trapped, decline, advice, why, passes),
        recordPlace,
        new VBox(6, Parts.advice("caution", "", words.of("caution.magnet")), dust));
  }

  private void correct(Reading reading) {
    CorrectPanel panel = new CorrectPanel(reading, desk);
    panel.offer(
        Buttons.quiet(
            "insert-before",
            words.of("insert.title"),
            "I",
            () -> desk.push(new InsertPassPanel(step, reading, desk))));
    desk.push(panel);
  }

  @Override
  protected List<VBox> ownEntry() {
    return List.of(record);
  }

  @Override
  protected boolean ownIsAsked() {
    return isPassAsked;
  }

  @Override
  protected void showOwn(Worked worked, Step now, Figures figures) {
    isPassAsked =
        desk.open(worked).stream()
            .anyMatch(task -> task.kind() == Task.Kind.PASS && task.isOf(step));
    move(record, isPassAsked ? dock() : recordPlace);
    passes.show(now.readings(), figures, !worked.batch().closed());
    Parts.shown(dust, now.process() instanceof MagnetRun run && run.medium() != Medium.UNDER_WATER);
    int made = now.passes().size();
    NextPass next = worked.nextPass(now, desk.shop());
    Parts.shown(trapped, next.removal().state() == Removal.State.DECLINING);
    trapped.getChildren().setAll(trapped(next, worked, now, figures));
    decline(now.catches(next.speckMg()), next.nextCatch());
    PassAdvice.Said said = PassAdvice.of(next, desk.shop(), figures);
    advice.getChildren().setAll(said.box());
    sums.getChildren()
        .setAll(said.why().stream().map(one -> Parts.sentence(one, "muted")).toList());
    Parts.shown(why, !said.why().isEmpty());
    advice.getChildren().addAll(strays(worked, now, figures));
    leftOver.show(worked, now, figures);
    taken.show(worked, now, figures);
    keys.show(worked);
    if (!asked.equals(OptionalInt.of(made))) {
      asked = OptionalInt.of(made);
      form.from(made == 0 ? Measure.Pass.From.SAND : Measure.Pass.From.HEAP);
    }
    record.label(words.of("pass.record", Integer.toString(made + 1)));
  }

  private void decline(List<Double> catches, OptionalDouble next) {
    Parts.shown(decline, catches.size() > 1);
    decline.show(
        width -> LadderChart.of(words, catches, next, width, CHART_HEIGHT),
        LadderChart.spoken(words, catches, next));
  }

  private static List<Node> trapped(NextPass next, Worked worked, Step now, Figures figures) {
    Words words = figures.words();
    Removal removal = next.removal();
    if (removal.state() != Removal.State.DECLINING) {
      return List.of();
    }
    Optional<GoldRange> free =
        worked
            .network()
            .output(now, Material.MAGNETICS)
            .flatMap(lot -> Optional.ofNullable(worked.gold().lots().get(lot.id())))
            .flatMap(LotGold::free);
    if (free.isEmpty()) {
      return List.of();
    }
    double mg = free.get().milligrams();
    Label about =
        Parts.styled(
            new Label(
                words.counted(
                    "trapped.specks",
                    (int) Math.round(worked.stillCaught(now, next).orElseThrow()))),
            "trapped");
    String range =
        words.of(
            "trapped.range",
            words.fixed(removal.leftLow(), 0),
            words.fixed(removal.leftHigh().orElse(removal.left().orElse(0)), 0));
    String mass =
        words.of(
            "trapped.mass.range",
            words.of("trapped.mass", figures.gold(mg)),
            figures.goldRange(free.get()));
    return List.of(Parts.row(about, Parts.styled(new Label(range), "muted")), Parts.sentence(mass));
  }

  /**
   * Where a lift and the heap before it do not fit, something was spilt, stayed in the pan, or was
   * read wrong.
   */
  private static List<Node> strays(Worked worked, Step now, Figures figures) {
    List<Ladder.Rung> rungs = Ladder.of(now, OptionalDouble.empty(), 1).rungs();
    double tolerance = worked.batch().assumptions().closureTolerance();
    return rungs.stream()
        .filter(rung -> !rung.closes(tolerance))
        .<Node>map(
            rung ->
                Parts.advice(
                    "fault",
                    "",
                    figures
                        .words()
                        .of(
                            rung.strayG() < 0 ? "ladder.less" : "ladder.more",
                            Integer.toString(rungs.indexOf(rung) + 1),
                            figures.sand(Math.abs(rung.strayG())),
                            figures.sand(rung.heapBeforeG()))))
        .toList();
  }

  /** The magnetite share of the sand this step took, from its bench test. */
  static Optional<MagnetShares> tested(Worked worked, Step now) {
    return worked.network().lots(now.inputs()).stream().findFirst().flatMap(MagnetShares::of);
  }

  @Override
  public void tick(Instant now) {
    keys.tick(now);
  }

  @Override
  public void focusFirst() {
    form.fields().getFirst().field().requestFocus();
  }
}
