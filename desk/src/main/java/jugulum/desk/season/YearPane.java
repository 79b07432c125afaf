package jugulum.desk.season;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import jugulum.core.belief.LotBelief;
import jugulum.core.check.Band;
import jugulum.core.gold.GoldRange;
import jugulum.core.season.SeasonAccount;
import jugulum.core.season.SourceRate;
import jugulum.core.season.YearSum;
import jugulum.desk.chart.DrawingView;
import jugulum.desk.chart.RangeRows;
import jugulum.desk.chart.SeasonChart;
import jugulum.desk.files.FilePicker;
import jugulum.desk.follow.Seasons;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Wrapping;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.MoneyWords;
import jugulum.desk.words.SeasonWords;
import jugulum.desk.words.StockWords;

/**
 * A year on one page: what it came to, every batch on a line of time, and the three answers one
 * looks for: which source next, which habit cost most, where the gold is still.
 */
final class YearPane extends SeasonPane {
  private static final double CHART = 150;
  private static final double COLUMN = 320;
  private static final int ROWS = 4;

  private final SeasonFiles files;
  private final Runnable onList;
  private final DrawingView chart = new DrawingView("season-chart");
  private final DrawingView sources = new DrawingView("season-sources");
  private final DrawingView habits = new DrawingView("season-habits");
  private final DrawingView kept = new DrawingView("season-kept");
  private final Label sourcesAnswer = answer("season-source-answer");
  private final Label habitsAnswer = answer("season-habit-answer");
  private final Label keptAnswer = answer("season-kept-answer");
  private List<LotBelief> stock = List.of();
  private Optional<Button> chosenYear = Optional.empty();

  YearPane(Workbench workbench, FilePicker picker, Runnable onList) {
    super(workbench, "year-pane");
    this.files = new SeasonFiles(workbench, picker);
    this.onList = onList;
    showNow();
  }

  private static Label answer(String id) {
    Label label = Parts.sentence("", "answer");
    label.setId(id);
    return label;
  }

  /** Asks anew what stands in the shop. */
  void refresh() {
    workbench
        .projections()
        .everyBatch()
        .stock(
            ranked -> {
              stock = ranked;
              workbench.seasons().shown().get().ifPresent(_ -> showKept());
            });
  }

  @Override
  protected void show(Seasons.Shown shown) {
    SeasonAccount account = shown.account();
    boolean onYears =
        getScene() != null
            && getScene().getFocusOwner() instanceof Button button
            && button.getId().startsWith("year-");
    List<Node> parts = new ArrayList<>();
    parts.add(head(account));
    if (!shown.unread().isEmpty()) {
      parts.add(
          Parts.advice(
              "fault",
              words.counted("season.unread", shown.unread().size(), words.row(shown.unread())),
              words.of("season.unread.help")));
    }
    parts.add(figures(account.sum()));
    if (!account.batches().isEmpty()) {
      parts.add(
          new VBox(
              2,
              Parts.sentence(
                  words.of(
                      SeasonChart.isByMonth(account.batches())
                          ? "season.chart.months"
                          : "season.chart"),
                  "muted"),
              chart));
      chart.show(
          width -> SeasonChart.of(figures(), account.batches(), width, CHART), spoken(account));
    }
    parts.add(columns());
    parts.add(files(shown));
    page().getChildren().setAll(parts);
    if (onYears) {
      // The button that was pressed is gone with the year it stood for.
      chosenYear.ifPresent(Button::requestFocus);
    }
    showSources(account);
    showHabits(account);
    showKept();
  }

  /** A page or a table of half a season would be taken for the whole one: they come with it. */
  private Wrapping files(Seasons.Shown shown) {
    SeasonAccount account = shown.account();
    Wrapping row =
        new Wrapping(8, 6, Buttons.plain("season-list", words.of("season.list"), "B", onList));
    if (shown.isWhole()) {
      row.getChildren()
          .addAll(
              Buttons.quiet(
                  "season-print", words.of("season.print"), "P", () -> files.print(account)),
              Buttons.quiet(
                  "season-sheet", words.of("season.sheet"), "X", () -> files.sheet(account)),
              Buttons.quiet(
                  "season-tables", words.of("season.csv"), "C", () -> files.csv(account)));
    }
    row.getChildren().add(Buttons.quiet("season-book", words.of("season.book"), "J", files::book));
    return row;
  }

  private HBox head(SeasonAccount account) {
    String title =
        account.year().isPresent()
            ? Integer.toString(account.year().getAsInt())
            : words.of("season.all-years");
    YearSum sum = account.sum();
    Label name = Parts.styled(new Label(title), "page-title");
    name.setId("season-year");
    Region gap = new Region();
    HBox.setHgrow(gap, Priority.ALWAYS);
    HBox years = new HBox(6);
    for (int year : account.years()) {
      years.getChildren().add(year(Integer.toString(year), OptionalInt.of(year), account));
    }
    if (account.years().size() > 1) {
      years.getChildren().add(year(words.of("season.all-years"), OptionalInt.empty(), account));
    }
    HBox head =
        new HBox(
            14,
            name,
            Parts.sentence(
                words.of(
                    "season.head",
                    words.counted("season.batches", sum.batches()),
                    figures().sand(sum.feedG()),
                    words.counted("season.sources", sum.sources())),
                "muted"),
            gap,
            years);
    head.getStyleClass().add("season-head");
    return head;
  }

  private Button year(String name, OptionalInt year, SeasonAccount account) {
    Button button =
        Buttons.chip(
            "year-" + (year.isPresent() ? name : "all"),
            name,
            () -> workbench.seasons().choose(year));
    if (year.equals(account.year())) {
      button.getStyleClass().add("chosen");
      chosenYear = Optional.of(button);
      button.setAccessibleText(words.of("season.year.chosen", name));
    }
    return button;
  }

  private Wrapping figures(YearSum sum) {
    Wrapping row = new Wrapping(44, 8);
    row.getChildren()
        .add(figure("season-won", figures().gold(sum.wonMg()), words.of("season.won.about"), true));
    sum.share()
        .ifPresent(
            share ->
                row.getChildren()
                    .add(
                        figure(
                            "season-share",
                            words.percent(share.usual()),
                            words.counted(
                                "season.share.about", sum.atMost(), words.wholeShares(share)),
                            false)));
    if (sum.mgPerHour().isPresent()) {
      row.getChildren()
          .add(
              figure(
                  "season-hour",
                  figures().gold(sum.mgPerHour().getAsDouble()),
                  words.of("season.hour.about", words.fixed(sum.hours(), 0)),
                  false));
    }
    if (sum.told() > 0) {
      Band away = sum.awayMg();
      row.getChildren()
          .add(
              figure(
                  "season-away",
                  figures().gold(away.usual()),
                  words.counted(
                      "season.away.about",
                      sum.told(),
                      SeasonWords.amounts(
                          figures(), new Band(Math.max(0, away.low()), away.usual(), away.high()))),
                  false));
    }
    return row;
  }

  private static VBox figure(String id, String value, String about, boolean isGold) {
    Label figure = Parts.styled(new Label(value), isGold ? "season-gold" : "season-figure");
    figure.setId(id);
    return new VBox(0, figure, Parts.styled(new Label(about), "muted"));
  }

  private HBox columns() {
    HBox columns =
        new HBox(
            32,
            column("season.sources.title", sourcesAnswer, sources),
            column("season.habits.title", habitsAnswer, habits),
            column("season.kept.title", keptAnswer, kept));
    columns.setFillHeight(true);
    return columns;
  }

  private VBox column(String title, Label answer, DrawingView rows) {
    VBox column = new VBox(8, Parts.section(words.of(title)), answer, rows);
    column.setPrefWidth(COLUMN);
    column.setMinWidth(0);
    HBox.setHgrow(column, Priority.ALWAYS);
    return column;
  }

  private void showSources(SeasonAccount account) {
    List<SourceRate> rates = account.rates(SourceRate.Of.HOUR);
    sourcesAnswer.setText(SeasonText.nextSource(words, rates));
    List<RangeRows.Row> rows =
        rates.stream()
            .limit(ROWS)
            .map(
                rate ->
                    SeasonText.row(
                        figures(),
                        rate,
                        SeasonWords.rate(figures(), SourceRate.Of.HOUR, rate.rate().usual())))
            .toList();
    sources.show(width -> RangeRows.of(rows, width), RangeRows.spoken(words, rows));
  }

  private void showHabits(SeasonAccount account) {
    habitsAnswer.setText(SeasonText.worstHabit(figures(), account));
    List<RangeRows.Row> rows =
        account.habits().stream()
            .filter(one -> one.isSeen() && one.costMg().orElseThrow().low() > 0)
            .limit(ROWS)
            .map(
                one ->
                    new RangeRows.Row(
                        SeasonWords.habit(words, one),
                        SeasonWords.counted(words, one),
                        one.costMg().orElseThrow(),
                        figures().gold(one.costMg().orElseThrow().usual())))
            .toList();
    habits.show(width -> RangeRows.of(rows, width), RangeRows.spoken(words, rows));
  }

  private void showKept() {
    List<LotBelief> known =
        stock.stream().filter(one -> one.free().isPresent()).limit(ROWS).toList();
    keptAnswer.setText(
        known.isEmpty()
            ? words.of("season.kept.none")
            : words.of(
                "season.kept.first",
                StockWords.whole(words, known.getFirst().lot()),
                known.getFirst().lot().label()));
    List<RangeRows.Row> rows =
        known.stream()
            .map(
                one ->
                    new RangeRows.Row(
                        words.of(
                            "season.kept.name",
                            StockWords.whole(words, one.lot()),
                            one.lot().label()),
                        "",
                        free(one),
                        worth(one)))
            .toList();
    kept.show(width -> RangeRows.of(rows, width), RangeRows.spoken(words, rows));
  }

  private static Band free(LotBelief one) {
    GoldRange gold = one.free().orElseThrow().gold();
    return new Band(
        Math.min(gold.lowMg(), gold.milligrams()),
        gold.milligrams(),
        Math.max(gold.highMg(), gold.milligrams()));
  }

  private String worth(LotBelief one) {
    String gold = figures().gold(one.free().orElseThrow().gold().milligrams());
    var terms = workbench.projections().shop().get().terms();
    return one.netPerHour().isPresent() && terms.isPresent()
        ? words.of(
            "season.kept.hour",
            gold,
            MoneyWords.sum(words, one.netPerHour().getAsDouble(), terms.get()))
        : gold;
  }

  private String spoken(SeasonAccount account) {
    YearSum sum = account.sum();
    return words.of(
        "season.chart.spoken",
        words.counted("season.batches", sum.batches()),
        figures().gold(sum.wonMg()),
        figures().gold(sum.awayMg().usual()));
  }
}
