package jugulum.desk.season;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import jugulum.core.ledger.PoolPart;
import jugulum.core.pool.PoolShare;
import jugulum.core.season.PoolAccount;
import jugulum.core.season.PoolAccount.Group;
import jugulum.core.season.PoolAccount.Method;
import jugulum.desk.chart.DrawingView;
import jugulum.desk.chart.RangeRows;
import jugulum.desk.follow.Seasons;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.session.Workbench;
import jugulum.desk.view.Navigation;
import jugulum.desk.words.SeasonWords;
import jugulum.desk.words.Sentences;

/** What was put together of several batches, and what it gave back to them. */
final class PoolsPane extends SeasonPane {
  private static final double COLUMN = 560;

  private final Navigation navigation;

  PoolsPane(Workbench workbench, Navigation navigation) {
    super(workbench, "pools-pane");
    this.navigation = navigation;
    showNow();
  }

  @Override
  protected void show(Seasons.Shown shown) {
    List<Node> parts = new ArrayList<>();
    if (shown.account().pools().isEmpty()) {
      parts.add(Parts.sentence(words.of("season.pools.none")));
    }
    for (PoolAccount pool : shown.account().pools()) {
      parts.add(pool(pool));
    }
    parts.add(Parts.sentence(words.of("season.pools.about"), "muted"));
    page().getChildren().setAll(parts);
  }

  private VBox pool(PoolAccount pool) {
    String id = pool.pool().name().replace(' ', '-');
    VBox left =
        column(
            rows("season.pools.batches", "pool-batches-" + id, named(pool.byBatch())),
            rows("season.pools.sources", "pool-sources-" + id, sources(pool.bySource())));
    VBox right =
        column(
            rows(
                "season.pools.methods",
                "pool-methods-" + id,
                pool.byMethod().stream()
                    .map(group -> row(method(group.method().orElseThrow()), group))
                    .toList()),
            parts(pool));
    VBox box =
        new VBox(
            8,
            Parts.section(pool.pool().name()),
            Parts.sentence(
                words.of(
                    pool.wonMg() > 0 ? "season.pools.gave" : "season.pools.nothing-yet",
                    figures().gold(pool.wonMg()),
                    figures().sand(pool.pool().parts().stream().mapToDouble(PoolPart::grams).sum()),
                    words.time(pool.minutes()))),
            new HBox(40, left, right),
            Parts.row(
                Buttons.plain(
                    "open-pool-" + id,
                    words.of("season.pools.open"),
                    "",
                    () -> navigation.open(pool.pool().id()))));
    box.setId("pool-" + id);
    return box;
  }

  private VBox column(Node... parts) {
    VBox column = new VBox(14, parts);
    column.setPrefWidth(COLUMN);
    return column;
  }

  private VBox rows(String title, String id, List<RangeRows.Row> rows) {
    DrawingView view = new DrawingView(id);
    view.show(width -> RangeRows.of(rows, width), RangeRows.spoken(words, rows));
    return new VBox(6, Parts.section(words.of(title)), view);
  }

  private List<RangeRows.Row> named(List<Group> groups) {
    return groups.stream().map(group -> row(group.name(), group)).toList();
  }

  private List<RangeRows.Row> sources(List<Group> groups) {
    return groups.stream()
        .map(group -> row(SeasonWords.source(words, group.name()), group))
        .toList();
  }

  private RangeRows.Row row(String name, Group group) {
    String under =
        group
            .passedOver()
            .map(
                share ->
                    words.of(
                        "season.pools.passed-over",
                        figures().sand(group.grams()),
                        words.percent(share.usual())))
            .orElseGet(() -> figures().sand(group.grams()));
    return new RangeRows.Row(
        name, under, group.milligrams(), figures().gold(group.milligrams().usual()));
  }

  private String method(Method method) {
    String material = words.of("material", method.material());
    return method
        .machine()
        .map(machine -> words.of("join.row", material, Sentences.machine(words, machine)))
        .orElse(material);
  }

  private VBox parts(PoolAccount pool) {
    VBox lines = new VBox(4, Parts.section(words.of("season.pools.parts")));
    for (PoolShare share : pool.shares()) {
      PoolPart part = share.part();
      lines
          .getChildren()
          .add(
              Parts.sentence(
                  words.of(
                      !share.isJudged()
                          ? "season.pools.seen"
                          : share.mgPerKg() > 0 ? "season.pools.judged" : "season.pools.by-mass",
                      part.name(),
                      words.of("material", part.material()),
                      figures().sand(part.grams()),
                      words.rounded(share.mgPerKg(), 1)),
                  "muted"));
    }
    return lines;
  }
}
