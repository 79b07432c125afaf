package jugulum.desk.bench;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import jugulum.core.account.Worked;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.StepId;
import jugulum.core.screens.Screen;
import jugulum.desk.board.BoardFlow;
import jugulum.desk.board.BoardModel;
import jugulum.desk.board.Cell;
import jugulum.desk.board.Station;
import jugulum.desk.board.ThroatBoard;
import jugulum.desk.files.FilePicker;
import jugulum.desk.guide.Guide;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Keys;
import jugulum.desk.kit.Parts;
import jugulum.desk.live.Beat;
import jugulum.desk.lot.BucketPanel;
import jugulum.desk.measure.RecordBox;
import jugulum.desk.session.Current;
import jugulum.desk.session.Workbench;
import jugulum.desk.station.StationPanel;
import jugulum.desk.view.MainView;
import jugulum.desk.view.Navigation;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;

/**
 * The bench: the throat board, the panel of the station in hand, the buckets, and where the gold
 * is.
 */
public final class BenchView extends BorderPane implements MainView {
  private static final double PANEL_WIDTH = 404;

  @Prologue private final Words words;
  private final Workbench workbench;
  private final BatchHeader header = new BatchHeader();
  private final ThroatBoard board = new ThroatBoard(words);
  private final BucketStrip buckets = new BucketStrip(words, this::openBucket);
  private final GoldBar goldBar = new GoldBar(words);
  private final PanelHost host;
  private final BorderPane bench = new BorderPane();
  private final Navigation navigation;
  private final Optional<Runnable> lookRound;

  /**
   * Makes the view of a workbench; the beat tells the time, the picker asks where files go.
   *
   * @param lookRound opens made-up batches; empty where there are none
   */
  public BenchView(
      Workbench workbench,
      Beat beat,
      FilePicker picker,
      Navigation navigation,
      Optional<Runnable> lookRound) {
    this.words = workbench.words();
    super();
    this.workbench = workbench;
    this.navigation = navigation;
    this.lookRound = lookRound;
    this.host = new PanelHost(workbench, beat, picker, navigation::plan, navigation::picture);
    getStyleClass().add("bench-view");
    setId("bench-view");
    ScrollPane scroll = new ScrollPane(board);
    scroll.setFitToWidth(true);
    scroll.setFitToHeight(true);
    scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    scroll.getStyleClass().add("board-scroll");
    scroll.setFocusTraversable(false);
    VBox.setVgrow(scroll, Priority.ALWAYS);
    bench.setCenter(new VBox(scroll, buckets));
    host.setPrefWidth(PANEL_WIDTH);
    host.setMinWidth(PANEL_WIDTH);
    bench.setRight(host);
    bench.setBottom(goldBar);
    board.onOpenProperty().set(this::openStation);
    board.onSpoutProperty().set(this::openSpout);
    host.onLeave(board::requestFocus);
    host.onStep(this::walkTo);
    host.addEventFilter(KeyEvent.KEY_PRESSED, this::leave);
    addEventFilter(KeyEvent.KEY_TYPED, host.scale()::typed);
    addEventFilter(KeyEvent.KEY_PRESSED, host.scale()::pressed);
    addEventFilter(KeyEvent.KEY_PRESSED, this::pressButton);
    workbench.watch(workbench.projections().current(), _ -> show());
    workbench.watch(workbench.preferences().figures(), _ -> show());
    show();
  }

  private void show() {
    Current current = workbench.projections().current().get();
    Figures figures = workbench.preferences().figures().get();
    Optional<Worked> worked = current.worked();
    board.figuresProperty().set(figures);
    board.workedProperty().set(worked);
    setTop(worked.isPresent() ? header : null);
    worked.ifPresentOrElse(
        now -> {
          header.show(now, figures);
          buckets.show(now, figures);
          goldBar.show(now, figures);
          setCenter(bench);
        },
        () -> setCenter(empty(current)));
  }

  private VBox empty(Current current) {
    boolean takenBack = current.id().isPresent();
    Label title =
        Parts.styled(
            new Label(words.of(takenBack ? "bench.taken-back.title" : "bench.empty.title")),
            "batch-name");
    VBox box =
        new VBox(
            10,
            title,
            Parts.sentence(words.of(takenBack ? "bench.taken-back" : "bench.empty"), "muted"));
    box.getStyleClass().add("empty-state");
    if (!takenBack) {
      box.getChildren()
          .addAll(
              Buttons.primary(
                  "begin-batch", words.of("bench.empty.start"), "Ctrl N", navigation::startBatch),
              Buttons.plain("say-gear", words.of("bench.empty.shop"), "W", navigation::sayGear));
      lookRound.ifPresentOrElse(
          look ->
              box.getChildren()
                  .add(Buttons.plain("look-round", words.of("bench.empty.look"), "L", look)),
          () -> box.getChildren().add(Parts.sentence(words.of("bench.empty.demo"), "muted")));
    }
    return box;
  }

  private void openStation(Station station) {
    workbench
        .projections()
        .current()
        .get()
        .worked()
        .ifPresent(
            worked -> {
              switch (station) {
                case Station.Work(Cell _, var steps) ->
                    host.open(StationPanel.of(worked, steps, host), true);
                case Station.Waiting(Cell _, var lot) ->
                    host.open(StationPanel.of(lot, host), true);
              }
            });
  }

  private void walkTo(StepId step) {
    workbench
        .projections()
        .current()
        .get()
        .worked()
        .flatMap(worked -> BoardModel.of(worked).of(step))
        .ifPresent(station -> board.selectedProperty().set(station.cell()));
  }

  private void openSpout(BoardFlow.Spout spout) {
    if (spout.lots().size() == 1) {
      host.open(StationPanel.of(spout.lots().getFirst(), host), true);
    } else {
      host.open(new BucketPanel(words.of("bucket.here"), _ -> spout.lots(), host), true);
    }
  }

  private void openBucket(Bucket bucket) {
    host.open(new BucketPanel(words.of("bucket", bucket), bucket::lots, host), true);
  }

  /** Escape returns to the panel below, and from the last panel to the board. */
  private void leave(KeyEvent key) {
    if (key.getCode() == KeyCode.ESCAPE) {
      host.back();
      key.consume();
    }
  }

  private void pressButton(KeyEvent key) {
    if (!key.isConsumed() && Keys.press(host, key)) {
      key.consume();
    }
  }

  /** On an empty bench the letters of what is offered act wherever the focus is. */
  public boolean pressOffered(KeyEvent key) {
    return getCenter() instanceof Parent offers && offers != bench && Keys.press(offers, key);
  }

  /** Opens the form that screens a lot with a stack chosen before. */
  public void screen(LotId lot, List<Screen> stack) {
    host.openLot(lot);
    host.push(StationPanel.screening(lot, stack, host));
  }

  /** Opens the panel of a lot. */
  public void openLot(LotId lot) {
    host.openLot(lot);
  }

  /** Opens the panel of a step. */
  public void openStep(StepId step) {
    host.openStep(step);
  }

  /** Puts the focus where the work is, unless it is at the bench already. */
  public void focusTheWork() {
    Node owner = getScene() == null ? null : getScene().getFocusOwner();
    for (Node one = owner; one != null; one = one.getParent()) {
      if (one == this) {
        return;
      }
    }
    host.focusFirst();
  }

  @Override
  public Node node() {
    return this;
  }

  @Override
  public Guide.Page page() {
    return Guide.Page.BENCH;
  }

  /** What stands at the foot comes first. */
  @Override
  public Optional<TextField> asked() {
    return getCenter() == bench
        ? Stream.concat(recording(host.foot(), false), recording(host, false)).findFirst()
        : Optional.empty();
  }

  private static Stream<TextField> recording(Node node, boolean records) {
    if (!node.isVisible() || node.isDisabled() || node.getStyleClass().contains(RecordBox.ASIDE)) {
      return Stream.empty();
    }
    boolean inside = records || node.getStyleClass().contains("record-box");
    return switch (node) {
      case TextField field when inside -> Stream.of(field);
      case Parent parent ->
          parent.getChildrenUnmodifiable().stream().flatMap(child -> recording(child, inside));
      default -> Stream.empty();
    };
  }

  @Override
  public void focusFirst() {
    Node start = lookup("#begin-batch");
    (start == null ? board : start).requestFocus();
  }
}
