package jugulum.desk.station;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import javafx.scene.layout.VBox;
import jugulum.core.account.Worked;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Step;
import jugulum.core.ledger.StepId;
import jugulum.core.screens.Screen;
import jugulum.desk.finish.FinishPanel;
import jugulum.desk.kit.Segments;
import jugulum.desk.lot.LotPanel;
import jugulum.desk.machine.GravityPanel;
import jugulum.desk.magnet.DrumPanel;
import jugulum.desk.magnet.MagnetPanel;
import jugulum.desk.panel.Desk;
import jugulum.desk.panel.Panel;
import jugulum.desk.panel.StepPanel;
import jugulum.desk.screens.ScreenPanel;
import jugulum.desk.screens.ScreeningForm;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/** Several runs at one station, one of them in hand. */
public final class StationPanel extends Panel {
  private final Words words;
  private final List<StepId> steps;
  private final Desk desk;
  private Optional<Segments<Step>> choice = Optional.empty();
  private Optional<Panel> inner = Optional.empty();
  private Optional<Worked> worked = Optional.empty();

  private StationPanel(List<StepId> steps, Desk desk) {
    this.words = desk.words();
    this.steps = steps;
    this.desk = desk;
    getStyleClass().add("station-panel");
  }

  /**
   * The panel for the steps of a station: the feed's own for receiving, one sheet for one run, a
   * choice for several.
   */
  public static Panel of(Worked worked, List<StepId> ids, Desk desk) {
    List<Step> steps = ids.stream().flatMap(id -> worked.batch().step(id).stream()).toList();
    Step last = steps.getLast();
    if (last.process() instanceof Process.Receive) {
      return new LotPanel(last.outputs().getFirst(), desk);
    }
    return steps.size() == 1 ? stepPanel(last, desk) : new StationPanel(ids, desk);
  }

  /** The right panel for a step. */
  private static StepPanel stepPanel(Step step, Desk desk) {
    return switch (step.process()) {
      case Process.MagnetRun run when run.by() == Process.MagnetRun.Way.DRUM ->
          new DrumPanel(step.id(), desk);
      case Process.MagnetRun _ -> new MagnetPanel(step.id(), desk);
      case Process.GravityRun _ -> new GravityPanel(step.id(), desk);
      case Process.Finishing _ -> new FinishPanel(step.id(), desk);
      case Process.Screening _ -> new ScreenPanel(step.id(), desk);
      case Process.Receive _, Process.Merging _, Process.Splitting _ ->
          new StepPanel(step.id(), desk);
    };
  }

  /** The panel of one lot. */
  public static Panel of(LotId lot, Desk desk) {
    return new LotPanel(lot, desk);
  }

  /** The form that screens a lot with a stack chosen before. */
  public static Panel screening(LotId lot, List<Screen> stack, Desk desk) {
    return new ScreeningForm(lot, desk, stack);
  }

  @Override
  public void show(Worked now, Figures figures) {
    worked = Optional.of(now);
    if (choice.isEmpty()) {
      List<Step> runs = steps.stream().map(id -> there(now.batch().step(id))).toList();
      Segments<Step> segments = new Segments<>("run", runs, step -> name(words, runs, step));
      segments.choose(runs.getLast());
      segments.onChange(() -> open(figures));
      choice = Optional.of(segments);
      getChildren().setAll(segments);
      open(figures);
    }
    inner.filter(panel -> panel.fits(now)).ifPresent(panel -> panel.show(now, figures));
  }

  private static String name(Words words, List<Step> runs, Step step) {
    return words.of(
        "station.run",
        Integer.toString(runs.indexOf(step) + 1),
        Sentences.shortProcess(words, step.process()));
  }

  private void open(Figures figures) {
    Panel panel = stepPanel(choice.orElseThrow().chosen(), desk);
    worked.ifPresent(now -> panel.show(now, figures));
    inner = Optional.of(panel);
    getChildren().setAll(choice.orElseThrow(), panel);
    desk.redock();
  }

  @Override
  public VBox dock() {
    return inner.map(Panel::dock).orElseGet(super::dock);
  }

  @Override
  public void tick(Instant now) {
    inner.ifPresent(panel -> panel.tick(now));
  }

  @Override
  public boolean fits(Worked now) {
    return steps.stream().allMatch(id -> now.batch().step(id).filter(Step::isLive).isPresent());
  }

  @Override
  public void focusFirst() {
    inner.ifPresent(Panel::focusFirst);
  }

  @Override
  public Object key() {
    return steps;
  }
}
