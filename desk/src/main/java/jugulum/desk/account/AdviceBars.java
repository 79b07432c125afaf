package jugulum.desk.account;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Orientation;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import jugulum.core.account.Account;
import jugulum.core.advice.Advice;
import jugulum.core.check.Band;
import jugulum.core.gold.GoldRange;
import jugulum.core.ledger.LotId;
import jugulum.core.shop.Terms;
import jugulum.desk.account.RangeBar.Span;
import jugulum.desk.kit.Parts;
import jugulum.desk.words.AdviceWords;
import jugulum.desk.words.Figures;
import jugulum.desk.words.MoneyWords;
import jugulum.desk.words.Words;

/**
 * Advice as lines that can be chosen, the best first: what to do, the gold it wins and the money an
 * hour as bars with their ranges, and the chance that it pays. One scale serves all lines.
 */
final class AdviceBars {
  private static final double BAR = 150;
  private static final double CHANCE = 84;
  private static final double GAP = 14;

  /** Border and padding of a line at both sides. */
  private static final double PADDING = 26;

  private static final double LEAST = 800;

  private final Words words;
  private final Account account;
  private final Figures figures;
  private final Span gold;
  private final Span money;

  /** What makes it the same advice when all is worked out anew. */
  record Key(LotId lot, Advice.Kind kind) {
    static Key of(Advice advice) {
      return new Key(advice.lot(), advice.kind());
    }
  }

  /** A button as high as its row is at the button's own width. */
  private static final class Line extends ToggleButton {
    private final HBox row;

    Line(HBox row) {
      this.row = row;
      getStyleClass().add("advice-line");
      setGraphic(row);
      setMaxWidth(Double.MAX_VALUE);
      row.prefWidthProperty().bind(widthProperty().subtract(PADDING));
    }

    @Override
    public Orientation getContentBias() {
      return Orientation.HORIZONTAL;
    }

    @Override
    protected double computePrefHeight(double width) {
      double room = (width < 0 ? Math.max(getWidth(), LEAST) : width) - PADDING;
      return row.prefHeight(room) + snappedTopInset() + snappedBottomInset();
    }

    @Override
    protected double computeMinHeight(double width) {
      return computePrefHeight(width);
    }

    @Override
    protected double computeMaxHeight(double width) {
      return computePrefHeight(width);
    }
  }

  private AdviceBars(List<Advice> advice, Account account, Figures figures) {
    this.words = figures.words();
    this.account = account;
    this.figures = figures;
    double most =
        advice.stream()
            .flatMap(one -> one.won().stream())
            .mapToDouble(GoldRange::highMg)
            .max()
            .orElse(0);
    this.gold = new Span(0, most > 0 ? most : 1);
    List<Band> earned = advice.stream().flatMap(one -> one.moneyPerHourRange().stream()).toList();
    double high = earned.stream().mapToDouble(Band::high).max().orElse(1);
    double low = earned.stream().mapToDouble(Band::low).min().orElse(0);
    this.money = new Span(Math.min(0, low), Math.max(high, Math.min(0, low) + 1));
  }

  /** The lines; a line that is chosen tells so. */
  static Node of(
      List<Advice> advice,
      Advice chosen,
      Account account,
      Figures figures,
      Consumer<Advice> onChoose) {
    AdviceBars bars = new AdviceBars(advice, account, figures);
    ToggleGroup group = new ToggleGroup();
    VBox lines = new VBox(2, bars.heads());
    lines.setId("advice-bars");
    List<ToggleButton> buttons = new ArrayList<>();
    for (Advice one : advice) {
      ToggleButton line = bars.line(one, buttons.size() + 1);
      line.setId("advice-" + (buttons.size() + 1));
      line.setToggleGroup(group);
      line.setSelected(one.equals(chosen));
      line.selectedProperty()
          .addListener(
              (_, _, now) -> {
                if (now) {
                  onChoose.accept(one);
                }
              });
      line.setOnAction(_ -> line.setSelected(true));
      buttons.add(line);
    }
    lines.getChildren().addAll(buttons);
    return lines;
  }

  private Node heads() {
    HBox heads =
        row(
            head(words.of("advice.head.what")),
            head(words.of("advice.head.gold")),
            head(words.of("advice.head.money")),
            head(words.of("advice.head.chance")));
    heads.getStyleClass().add("advice-heads");
    return heads;
  }

  private static Label head(String text) {
    return Parts.sentence(text, "muted");
  }

  private static HBox row(Label what, Node gold, Node money, Label chance) {
    what.setMaxWidth(Double.MAX_VALUE);
    what.setPrefWidth(200);
    HBox.setHgrow(what, Priority.ALWAYS);
    HBox row = new HBox(GAP, what, fixed(gold, BAR), fixed(money, BAR), fixed(chance, CHANCE));
    row.getStyleClass().add("advice-row");
    return row;
  }

  private static Node fixed(Node node, double width) {
    VBox cell = new VBox(node);
    cell.setMinWidth(width);
    cell.setPrefWidth(width);
    cell.setMaxWidth(width);
    return cell;
  }

  private ToggleButton line(Advice advice, int rank) {
    Label what =
        Parts.sentence(
            words.of(
                "advice.rank", Integer.toString(rank), AdviceWords.title(words, advice, account)),
            advice.verdict() == Advice.Verdict.LEAVE ? "muted" : "strong");
    Optional<String> won = advice.won().map(one -> figures.gold(one.milligrams()));
    Optional<Terms> terms = account.terms();
    Optional<String> earned =
        terms
            .filter(_ -> advice.moneyPerHour().isPresent())
            .map(told -> MoneyWords.sum(words, advice.moneyPerHour().getAsDouble(), told));
    String chance = advice.money().map(sum -> MoneyWords.chance(words, sum.chance())).orElse("");
    Node goldCell =
        cell(
            won,
            advice.won().map(one -> new RangeBar(gold, band(one), words.of("account.range.head"))),
            advice.won().map(figures::goldRange));
    Node moneyCell =
        cell(
            earned,
            advice
                .moneyPerHourRange()
                .map(one -> new RangeBar(money, one, words.of("account.range.head"))),
            terms.flatMap(told -> advice.moneyPerHourRange().map(one -> range(one, told))));
    ToggleButton line = new Line(row(what, goldCell, moneyCell, Parts.sentence(chance)));
    line.setAccessibleText(
        words.beside(List.of(what.getText(), won.orElse(""), earned.orElse(""), chance)));
    return line;
  }

  private static Band band(GoldRange range) {
    return new Band(
        Math.min(range.lowMg(), range.milligrams()),
        range.milligrams(),
        Math.max(range.highMg(), range.milligrams()));
  }

  private String range(Band band, Terms terms) {
    return words.of(
        "advice.money.range",
        words.fixed(band.low(), 2),
        MoneyWords.sum(words, band.high(), terms));
  }

  /** A figure, its bar, its range. */
  private static Node cell(
      Optional<String> figure, Optional<RangeBar> bar, Optional<String> range) {
    GridPane cell = new GridPane(0, 0);
    figure.ifPresent(text -> cell.addRow(0, Parts.styled(new Label(text), "lot-figure")));
    bar.ifPresent(one -> cell.addRow(1, one));
    range.ifPresent(text -> cell.addRow(2, Parts.sentence(text, "muted")));
    return cell;
  }
}
