package jugulum.desk.panel;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import jugulum.core.ledger.LotId;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Room;
import jugulum.desk.words.Words;

/**
 * A short list of lots with a few figures each. Up and down choose one, O or a double click opens
 * it.
 */
public final class LotList extends ListView<LotList.Row> {
  private static final double ROW = 38;
  private static final double TALL_ROW = 58;

  /** Words in place of a figure are not cut, even where they need more room than one. */
  private static final int LONG = 9;

  private static final double FIGURE = 70;
  private static final double GOLD = 96;
  private static final double GAP = 10;

  /** Figures are set a little larger than names. */
  private static final double FIGURE_TYPE = 15.0 / 14;

  /** What the panel at the right of the bench leaves for a line, in pixels. */
  private static final double ROOM = 350;

  /**
   * One lot.
   *
   * @param lot which
   * @param name what it is called
   * @param figures what is told of it, left to right
   * @param gold what is known of its gold
   * @param open whether something still has to be done with it
   */
  public record Row(LotId lot, String name, List<String> figures, String gold, boolean open) {
    /** Whether its list tells of gold at all. */
    boolean told() {
      return figures.size() < 3;
    }
  }

  /** How much room a lot's name gets. */
  public enum Names {
    /** Short names, in one line with the figures. */
    BESIDE_FIGURES(ROW),
    /** Long names, over the figures. */
    OVER_FIGURES(TALL_ROW);

    private final double row;

    Names(double row) {
      this.row = row;
    }
  }

  private final Words words;
  private final Names wanted;
  private Names names;

  /** Makes an empty list. */
  public LotList(Words words, String id, Names names, Consumer<LotId> onOpen) {
    this.words = words;
    this.wanted = names;
    this.names = names;
    setId(id);
    getStyleClass().add("lot-list");
    setFixedCellSize(names.row);
    setCellFactory(_ -> new Cell(words, names));
    setOnMouseClicked(
        click -> {
          if (click.getButton() == MouseButton.PRIMARY && click.getClickCount() == 2) {
            chosen().ifPresent(onOpen);
          }
        });
    setOnKeyPressed(
        key -> {
          if (key.getCode() == KeyCode.ENTER || key.getCode() == KeyCode.O) {
            chosen().ifPresent(onOpen);
            key.consume();
          }
        });
  }

  /** A line of titles that stands over the figures. */
  static HBox head(String... titles) {
    Region gap = new Region();
    HBox.setHgrow(gap, Priority.ALWAYS);
    HBox line = new HBox(gap);
    line.getStyleClass().addAll("lot-line", "lot-head");
    for (String title : titles) {
      Label label = new Label(title);
      label.getStyleClass().addAll("muted", "lot-figure");
      label.setWrapText(true);
      label.setMinWidth(FIGURE / 2);
      label.setPrefWidth(FIGURE);
      line.getChildren().add(label);
    }
    return line;
  }

  /** Shows these lots; the one chosen stays chosen. */
  public void show(List<Row> rows) {
    Optional<LotId> before = chosen();
    arrange(rows.stream().allMatch(row -> width(row) <= ROOM) ? wanted : Names.OVER_FIGURES);
    getItems().setAll(rows);
    double height = rows.size() * names.row + 4;
    setPrefHeight(height);
    setMinHeight(height);
    before.ifPresent(this::choose);
    if (getSelectionModel().isEmpty() && !rows.isEmpty()) {
      getSelectionModel()
          .select(rows.stream().filter(Row::open).findFirst().orElse(rows.getFirst()));
    }
  }

  /** Names go over the figures where a line has no room for both. */
  private void arrange(Names how) {
    if (how != names) {
      names = how;
      setFixedCellSize(how.row);
      setCellFactory(_ -> new Cell(words, how));
    }
  }

  private static double width(Row row) {
    double figures =
        row.figures().stream().mapToDouble(figure -> Math.max(FIGURE, figureWidth(figure))).sum();
    double gold = Math.max(row.told() ? GOLD : 0, Room.width(row.gold(), false));
    return Room.width(row.name(), true) + figures + gold + GAP * (2 + row.figures().size());
  }

  private static double figureWidth(String figure) {
    return Room.width(figure, false) * FIGURE_TYPE;
  }

  /** The lot chosen. */
  public Optional<LotId> chosen() {
    return Optional.ofNullable(getSelectionModel().getSelectedItem()).map(Row::lot);
  }

  /** Chooses a lot. */
  public void choose(LotId lot) {
    getItems().stream()
        .filter(row -> row.lot().equals(lot))
        .findFirst()
        .ifPresent(getSelectionModel()::select);
  }

  /** Chooses the next lot that still has something to do. */
  public void chooseNextOpen() {
    getItems().stream().filter(Row::open).findFirst().ifPresent(getSelectionModel()::select);
  }

  private static final class Cell extends ListCell<Row> {
    private final Words words;
    private final Names names;

    Cell(Words words, Names names) {
      this.words = words;
      this.names = names;
      setPrefWidth(0);
    }

    @Override
    protected void updateItem(Row row, boolean empty) {
      super.updateItem(row, empty);
      if (empty || row == null) {
        setGraphic(null);
        setAccessibleText(null);
        return;
      }
      Label name = Parts.styled(new Label(row.name()), "lot-name");
      name.setMinWidth(names == Names.OVER_FIGURES ? 60 : Region.USE_PREF_SIZE);
      Region gap = new Region();
      HBox.setHgrow(gap, Priority.ALWAYS);
      HBox line = names == Names.OVER_FIGURES ? new HBox(gap) : new HBox(name, gap);
      line.getStyleClass().add("lot-line");
      for (String figure : row.figures()) {
        Label label = Parts.styled(new Label(figure), "lot-figure");
        label.setMinWidth(figure.length() > LONG ? Region.USE_PREF_SIZE : FIGURE);
        line.getChildren().add(label);
      }
      Label gold = Parts.styled(new Label(row.gold()), "lot-gold");
      gold.setMinWidth(row.told() ? GOLD : 0);
      line.getChildren().add(gold);
      setGraphic(names == Names.OVER_FIGURES ? new VBox(2, name, line) : line);
      setAccessibleText(
          words.of("lot-list.spoken", row.name(), words.row(row.figures()), row.gold()));
    }
  }
}
