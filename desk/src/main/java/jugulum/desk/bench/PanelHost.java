package jugulum.desk.bench;

import java.time.Instant;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletionStage;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextInputControl;
import javafx.scene.layout.BorderPane;
import jugulum.core.account.Worked;
import jugulum.core.belief.Belief;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.StepId;
import jugulum.core.shop.Shop;
import jugulum.core.shop.ShopEdit;
import jugulum.core.task.Task;
import jugulum.core.task.Tasks;
import jugulum.desk.entry.Containers;
import jugulum.desk.files.FileKind;
import jugulum.desk.files.FilePicker;
import jugulum.desk.files.Saving;
import jugulum.desk.live.Beat;
import jugulum.desk.panel.Desk;
import jugulum.desk.panel.Panel;
import jugulum.desk.session.Workbench;
import jugulum.desk.shop.ShopContainers;
import jugulum.desk.station.StationPanel;
import jugulum.desk.words.Figures;
import jugulum.desk.work.Outcome;

/** Holds the panel at the right of the board, with those below it that one can return to. */
final class PanelHost extends BorderPane implements Desk {
  /** What is kept in sight under a field: its button. */
  private static final double ROOM = 60;

  private final ScrollPane scroll = new ScrollPane();
  private final FootScale scale;
  private final Foot foot;
  private final Workbench workbench;
  private final Beat beat;
  private final Saving saving;
  private final Containers containers;
  private final Deque<Panel> stack = new ArrayDeque<>();

  /** The batch the panels are of: a step of the same number in another batch is another step. */
  private Optional<BatchId> shown = Optional.empty();

  private Optional<Open> open = Optional.empty();

  /** What is open, for as long as neither batch nor shop nor second change. */
  private record Open(Worked worked, Shop shop, Instant at, List<Task> tasks) {
    boolean isOf(Worked batch, Shop now, Instant second) {
      return worked == batch && shop == now && at.equals(second);
    }
  }

  private Runnable onLeave = () -> {};
  private Consumer<StepId> onStep = _ -> {};
  private final Consumer<LotId> onPlan;
  private final Consumer<LotId> onPicture;

  /**
   * Makes the panels of a workbench.
   *
   * @param onPlan told of a lot whose cuts are to be planned
   * @param onPicture told of a lot of which there is a picture
   */
  PanelHost(
      Workbench workbench,
      Beat beat,
      FilePicker picker,
      Consumer<LotId> onPlan,
      Consumer<LotId> onPicture) {
    this.onPlan = onPlan;
    this.onPicture = onPicture;
    this.workbench = workbench;
    this.beat = beat;
    this.scale = new FootScale(workbench);
    this.foot = new Foot(this, scale);
    this.saving = new Saving(workbench, picker);
    this.containers = new ShopContainers(workbench);
    getStyleClass().add("panel-host");
    setId("panel-host");
    scroll.setId("panel-scroll");
    scroll.getStyleClass().add("panel-scroll");
    scroll.setFitToWidth(true);
    scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    scroll.setFocusTraversable(false);
    setCenter(scroll);
    setBottom(foot);
    sceneProperty()
        .flatMap(scene -> scene.focusOwnerProperty())
        .addListener((_, _, focused) -> bringIntoSight(focused));
    workbench.watch(workbench.projections().current(), _ -> refresh());
    workbench.watch(workbench.preferences().figures(), _ -> refresh());
    workbench.watch(workbench.projections().shop(), _ -> refresh());
    beat.now().addListener((_, _, now) -> tick(now));
  }

  /**
   * Scrolls no farther than needed to show the field one is to type into; a button that only waits
   * for Esc may stay where it is.
   */
  private void bringIntoSight(Node focused) {
    Node content = scroll.getContent();
    if (!(focused instanceof TextInputControl) || content == null || !isInside(focused, content)) {
      return;
    }
    Bounds there = content.sceneToLocal(focused.localToScene(focused.getBoundsInLocal()));
    double window = scroll.getViewportBounds().getHeight();
    double spare = content.getLayoutBounds().getHeight() - window;
    double top = scroll.getVvalue() * spare;
    if (spare > 0 && there.getMaxY() + ROOM > top + window) {
      scroll.setVvalue(Math.min(1, (there.getMaxY() + ROOM - window) / spare));
    } else if (spare > 0 && there.getMinY() < top) {
      scroll.setVvalue(Math.max(0, (there.getMinY() - ROOM) / spare));
    }
  }

  private static boolean isInside(Node node, Node content) {
    for (Node one = node; one != null; one = one.getParent()) {
      if (one == content) {
        return true;
      }
    }
    return false;
  }

  private void tick(Instant now) {
    if (!stack.isEmpty()) {
      stack.peek().tick(now);
    }
  }

  /** Told of a step whose panel opens by itself, so that the board can walk along. */
  void onStep(Consumer<StepId> what) {
    onStep = what;
  }

  /** Runs when there is no panel left to return to. */
  void onLeave(Runnable what) {
    onLeave = what;
  }

  private Optional<Worked> worked() {
    return workbench.projections().current().get().worked();
  }

  /** Shows a panel in place of all others; the same panel stays as it is. */
  void open(Panel panel, boolean focus) {
    boolean same = !stack.isEmpty() && stack.peek().key().equals(panel.key());
    if (!same) {
      stack.clear();
      stack.push(panel);
    }
    display(focus);
  }

  @Override
  public void push(Panel panel) {
    stack.push(panel);
    display(true);
  }

  @Override
  public void back() {
    if (stack.size() > 1) {
      stack.pop();
      display(true);
    } else {
      onLeave.run();
    }
  }

  /** Puts the focus where typing starts in the panel in sight. */
  void focusFirst() {
    if (!stack.isEmpty()) {
      stack.peek().focusFirst();
    }
  }

  private void display(boolean focus) {
    refresh();
    scroll.setVvalue(0);
    if (focus && !stack.isEmpty()) {
      Panel panel = stack.peek();
      Platform.runLater(panel::focusFirst);
    }
  }

  /** Drops panels that no longer fit and shows the top one as things are now. */
  private void refresh() {
    Optional<Worked> worked = worked();
    Optional<BatchId> batch = worked.map(now -> now.batch().id());
    if (!batch.equals(shown)) {
      shown = batch;
      stack.clear();
    }
    worked.ifPresentOrElse(now -> stack.removeIf(panel -> !panel.fits(now)), stack::clear);
    if (stack.isEmpty()) {
      worked.ifPresent(
          now ->
              stack.push(
                  StationPanel.of(now, List.of(now.network().steps().getFirst().id()), this)));
    }
    Panel top = stack.peek();
    if (top != null) {
      top.show(worked.orElseThrow(), workbench.preferences().figures().get());
    }
    if (scroll.getContent() != top) {
      scroll.setContent(top);
    }
    redock();
  }

  @Override
  public void redock() {
    foot.hold(Optional.ofNullable(stack.peek()).map(Panel::dock));
  }

  /** What stands on the scale. */
  FootScale scale() {
    return scale;
  }

  /** Where the thing to type or weigh now stands, if there is one. */
  Parent foot() {
    return foot;
  }

  @Override
  public CompletionStage<Outcome> submit(List<Edit> edits) {
    return workbench.session().submit(edits);
  }

  @Override
  public void openLot(LotId lot) {
    push(StationPanel.of(lot, this));
  }

  @Override
  public void openStep(StepId step) {
    worked()
        .ifPresent(
            now -> {
              onStep.accept(step);
              open(StationPanel.of(now, List.of(step), this), true);
            });
  }

  @Override
  public Supplier<Figures> figures() {
    return () -> workbench.preferences().figures().get();
  }

  @Override
  public Containers containers() {
    return containers;
  }

  @Override
  public void picture(LotId lot) {
    onPicture.accept(lot);
  }

  @Override
  public void plan(LotId lot) {
    onPlan.accept(lot);
  }

  @Override
  public Shop shop() {
    return workbench.projections().shop().get();
  }

  @Override
  public List<Task> open(Worked worked) {
    Open now =
        open.filter(one -> one.isOf(worked, shop(), now()))
            .orElseGet(
                () ->
                    new Open(
                        worked,
                        shop(),
                        now(),
                        Tasks.of(worked, shop(), worked.batch().route(), now())));
    open = Optional.of(now);
    return now.tasks();
  }

  @Override
  public Instant now() {
    return beat.now().get();
  }

  @Override
  public void belief(Consumer<Belief> show) {
    workbench.projections().everyBatch().belief(show);
  }

  @Override
  public CompletionStage<Outcome> change(ShopEdit edit) {
    return workbench.session().change(edit);
  }

  @Override
  public void save(FileKind kind, String title, Supplier<byte[]> bytes) {
    saving.file(kind, title, bytes);
  }
}
