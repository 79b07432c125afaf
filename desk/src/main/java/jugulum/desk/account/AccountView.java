package jugulum.desk.account;

import java.util.List;
import java.util.Optional;
import javafx.geometry.HPos;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import jugulum.core.gold.Place;
import jugulum.core.gold.Recovery;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Step;
import jugulum.core.mass.StepClosure;
import jugulum.desk.panel.Closures;
import jugulum.desk.panel.Parts;
import jugulum.desk.workbench.Workbench;
import jugulum.desk.workbench.Worked;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/** The account of the batch on the bench: recovery and what it rests on, where the gold is, how the sand adds up. */
public final class AccountView extends BorderPane {
  private final Workbench workbench;
  private final VBox left = new VBox(14);
  private final VBox right = new VBox(14);

  /** Makes the view of a workbench. */
  public AccountView(Workbench workbench) {
    this.workbench = workbench;
    getStyleClass().add("page");
    setId("account-view");
    HBox columns = new HBox(36, left, right);
    left.setPrefWidth(560);
    right.setPrefWidth(560);
    HBox.setHgrow(left, Priority.ALWAYS);
    HBox.setHgrow(right, Priority.ALWAYS);
    ScrollPane scroll = new ScrollPane(columns);
    scroll.setFitToWidth(true);
    scroll.getStyleClass().add("board-scroll");
    setCenter(scroll);
    workbench.current().addListener((_, _, _) -> show());
    workbench.figures().addListener((_, _, _) -> show());
    sceneProperty().addListener((_, _, _) -> show());
  }

  /** Only while it can be seen: an edit at the bench need not wait for it. */
  private void show() {
    if (getScene() == null) {
      return;
    }
    Optional<Worked> worked = workbench.current().get().worked();
    left.getChildren().clear();
    right.getChildren().clear();
    worked.ifPresentOrElse(now -> show(now, workbench.figures().get()), () -> left.getChildren().add(Parts.sentence(Words.of("account.none"), "muted")));
  }

  private void show(Worked now, Figures figures) {
    Label title = Parts.styled(new Label(Words.of("account.title", now.batch().label().name())), "page-title");
    left.getChildren().addAll(title, gold(now, figures));
    now.gold().recoveries().forEach(recovery -> left.getChildren().add(recovery(now, recovery, figures)));
    if (now.gold().recoveries().isEmpty()) {
      left.getChildren().add(Parts.advice("idle", "", Words.of("account.no-recovery")));
    }
    if (!now.gold().byCut().isEmpty()) {
      left.getChildren().addAll(Parts.section(Words.of("account.by-cut")), byCut(now));
    }
    unseen(now);
    right.getChildren().addAll(Parts.section(Words.of("account.where")), places(now, figures), Parts.section(Words.of("account.closure")), closures(now, figures));
  }

  private static Node gold(Worked now, Figures figures) {
    Label amount = Parts.styled(new Label(now.gold().won().map(won -> figures.gold(won.milligrams())).orElse(Words.of("header.none"))), "gold-figure");
    String fine = now.gold().won().map(won -> figures.gold(won.milligrams() * now.gold().fineness())).orElse("");
    String key = now.gold().finenessMeasured() ? "account.fine.measured" : "account.fine.assumed";
    String about = fine.isEmpty() ? Words.of("account.not-weighed") : Words.of(key, fine, Figures.fixed(now.gold().fineness() * 1000, 0));
    return new VBox(2, amount, Parts.sentence(Words.of("header.gold"), "muted"), Parts.sentence(about, "muted"));
  }

  private static Node recovery(Worked now, Recovery recovery, Figures figures) {
    String share = Sentences.share(recovery);
    Label name = Parts.styled(new Label(Words.of("recovery", recovery.against())), "strong");
    Label figure = Parts.styled(new Label(share), "figure");
    figure.setId("account-" + recovery.against());
    Region gap = new Region();
    HBox.setHgrow(gap, Priority.ALWAYS);
    String head = now.gold().head().map(gold -> figures.gold(gold.milligrams())).orElse("");
    HBox line = new HBox(8, name, gap, figure, Parts.styled(new Label(Words.of("account.range", Figures.range(recovery))), "muted"));
    line.setAlignment(Pos.BASELINE_LEFT);
    return new VBox(
        2,
        line,
        Parts.sentence(Words.of("recovery.rests", recovery.against(), head), "muted"));
  }

  private static Node byCut(Worked now) {
    GridPane grid = grid(4);
    grid.addRow(0, head("account.cut"), head("account.recovered"), head("account.range.head"), RangeBar.scale());
    int row = 1;
    for (var entry : now.gold().byCut().entrySet()) {
      Recovery recovery = entry.getValue();
      String share = Sentences.share(recovery);
      grid.addRow(row++, cell(Sentences.cut(entry.getKey())), Parts.styled(cell(share), "strong"), cell(Figures.range(recovery)), new RangeBar(recovery));
    }
    return grid;
  }

  private void unseen(Worked now) {
    List<LotId> ids = now.gold().notLookedAt();
    if (!ids.isEmpty()) {
      left.getChildren().add(Parts.section(Words.of("account.unseen")));
      for (Lot lot : now.network().lots(ids)) {
        left.getChildren().add(Parts.advice("fault", Sentences.lot(lot), Words.of("account.settle", lot.material())));
      }
    }
  }

  private static Node places(Worked now, Figures figures) {
    GridPane grid = grid(3);
    grid.addRow(0, head("account.place"), head("account.gold"), head("account.range.head"));
    int row = 1;
    for (Place place : now.gold().places()) {
      boolean nothing = place.isUnseen();
      String gold = nothing ? Words.of("account.place.unseen") : figures.gold(place.gold().milligrams());
      String range = nothing ? "" : figures.goldRange(place.gold());
      String name = Words.of("place", place.kind());
      boolean part = !nothing && !place.notLookedAt().isEmpty() && place.kind() != Place.Kind.BY_DIFFERENCE;
      grid.addRow(row++, cell(part ? Words.counted("account.place.part", place.notLookedAt().size(), name) : name), Parts.styled(cell(gold), "strong"), cell(range));
    }
    return grid;
  }

  private static Node closures(Worked now, Figures figures) {
    VBox all = new VBox(8);
    for (Step step : now.network().steps()) {
      StepClosure closure = now.sand().closure(step.id());
      if (closure.state() != StepClosure.State.NOTHING_TO_CLOSE) {
        String name = Words.of("account.step", Sentences.process(step.process()), Sentences.lots(now.network(), step.inputs()));
        all.getChildren().add(Closures.advice(name, closure, now, figures));
      }
    }
    if (all.getChildren().isEmpty()) {
      all.getChildren().add(Parts.sentence(Words.of("account.no-steps"), "muted"));
    }
    return all;
  }

  private static GridPane grid(int columns) {
    GridPane grid = new GridPane();
    grid.getStyleClass().add("figures-grid");
    for (int i = 0; i < columns; i++) {
      ColumnConstraints column = new ColumnConstraints();
      column.setHalignment(i == 0 ? HPos.LEFT : HPos.RIGHT);
      column.setHgrow(i == 0 ? Priority.ALWAYS : Priority.NEVER);
      grid.getColumnConstraints().add(column);
    }
    return grid;
  }

  private static Label head(String key) {
    return Parts.styled(new Label(Words.of(key)), "muted");
  }

  private static Label cell(String text) {
    Label label = new Label(text);
    label.setMinWidth(Region.USE_PREF_SIZE);
    return label;
  }
}
