package jugulum.desk.cuts;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.geometry.HPos;
import javafx.scene.Node;
import javafx.scene.SnapshotParameters;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import jugulum.book.batch.BatchSummary;
import jugulum.book.csv.SizeCsv;
import jugulum.book.csv.SizeCsv.Layout;
import jugulum.book.file.FileFault;
import jugulum.book.file.TextFile;
import jugulum.book.file.WholeFile;
import jugulum.core.account.Worked;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Measure;
import jugulum.core.mass.Sizings;
import jugulum.core.sizes.SizeCurve;
import jugulum.core.sizes.SizeCurve.Point;
import jugulum.core.sizes.SizeCurve.Sieved;
import jugulum.desk.chart.Drawing;
import jugulum.desk.chart.DrawingView;
import jugulum.desk.chart.SizeChart;
import jugulum.desk.chart.SizeChart.Series;
import jugulum.desk.chart.Svg;
import jugulum.desk.files.BatchFiles;
import jugulum.desk.files.FileKind;
import jugulum.desk.files.FilePicker;
import jugulum.desk.files.Pictures;
import jugulum.desk.files.Saving;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Choices;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Wrapping;
import jugulum.desk.session.Workbench;
import jugulum.desk.theme.ChartStyles;
import jugulum.desk.told.Told;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;
import jugulum.desk.work.Notice;
import jugulum.desk.work.Outcome;

/**
 * The size curve of a lot, with the gold's own sizes and other batches over it; out as table,
 * picture or drawing, a sieve sample in.
 */
final class SizesPane extends BorderPane {
  private static final double CHART_HEIGHT = 400;
  private static final double FILE_WIDTH = 900;
  private static final double FILE_HEIGHT = 560;
  private static final double TABLE_WIDTH = 440;
  private static final int MOST_OTHERS = 6;

  @Prologue private final Words words;
  private final Workbench workbench;
  private final FilePicker picker;
  private final Saving saving;
  private final DrawingView chart = new DrawingView("size-chart");
  private final VBox facts = new VBox(8);
  private final GridPane table = new GridPane();
  private final FlowPane overlays = new Wrapping(14, 8);
  private final ComboBox<Layout> layout =
      Choices.of(
          "csv-layout",
          words.of("sizes.layout"),
          List.of(Layout.values()),
          one -> words.of("csv", one));
  private final HBox exports;
  private final Map<BatchId, Series> others = new LinkedHashMap<>();
  private Optional<LotKey> lot = Optional.empty();
  private boolean withGold;

  SizesPane(Workbench workbench, FilePicker picker) {
    this.words = workbench.words();
    super();
    this.workbench = workbench;
    this.picker = picker;
    this.saving = new Saving(workbench, picker);
    facts.setId("size-facts");
    table.setId("size-table");
    table.getStyleClass().add("figures-grid");
    overlays.setId("size-overlays");
    exports =
        Parts.row(
            Buttons.plain("export-sizes-csv", words.of("sizes.csv"), "V", this::exportCsv),
            Buttons.plain("export-sizes-png", words.of("sizes.png"), "N", this::exportPng),
            Buttons.plain("export-sizes-svg", words.of("sizes.svg"), "G", this::exportSvg));
    HBox read =
        Parts.row(Buttons.plain("import-sizes", words.of("sizes.import"), "R", this::importCsv));
    FlowPane written = new Wrapping(14, 8);
    written.getChildren().addAll(new Label(words.of("sizes.layout")), layout);
    VBox left =
        new VBox(
            12,
            chart,
            overlays,
            exports,
            Parts.section(words.of("sizes.files")),
            Parts.sentence(words.of("sizes.files.about"), "muted"),
            written,
            read);
    VBox right = new VBox(12, facts, table);
    right.setPrefWidth(TABLE_WIDTH);
    right.setMinWidth(TABLE_WIDTH);
    HBox.setHgrow(left, Priority.ALWAYS);
    ScrollPane scroll = new ScrollPane(new HBox(32, left, right));
    scroll.setFitToWidth(true);
    scroll.getStyleClass().add("board-scroll");
    scroll.setFocusTraversable(false);
    setCenter(scroll);
    workbench.watch(workbench.preferences().figures(), _ -> show(lot));
  }

  private Optional<Worked> worked() {
    return workbench.projections().current().get().worked();
  }

  /** The lot shown, while its batch is on the bench. */
  private Optional<LotId> id() {
    return LotKey.on(lot, worked());
  }

  private Optional<SizeCurve> curve() {
    return worked().flatMap(now -> id().flatMap(id -> Sizings.of(now.network(), now.sand(), id)));
  }

  private Optional<SizeCurve> goldCurve() {
    return worked()
        .flatMap(
            now -> {
              Map<LotId, Double> milligrams = new LinkedHashMap<>();
              now.gold().lots().forEach((id, gold) -> milligrams.put(id, gold.all().milligrams()));
              return Sizings.gold(now.network(), milligrams);
            });
  }

  private String name() {
    return worked()
        .flatMap(
            now ->
                id().flatMap(id -> now.network().lot(id))
                    .map(
                        one ->
                            words.of(
                                "sizes.series",
                                now.batch().label().name(),
                                Sentences.lot(words, one))))
        .orElse("");
  }

  private List<Series> series() {
    List<Series> all = new ArrayList<>();
    curve().ifPresent(curve -> all.add(new Series(name(), curve, "chart-feed")));
    if (withGold) {
      goldCurve()
          .ifPresent(
              curve -> all.add(new Series(words.of("sizes.gold"), curve, "chart-sizes-gold")));
    }
    all.addAll(others.values());
    return all;
  }

  /** Shows another lot. */
  void show(Optional<LotKey> other) {
    lot = other;
    if (getScene() == null) {
      return;
    }
    Optional<SizeCurve> curve = curve();
    facts.getChildren().setAll(facts(curve));
    table.getChildren().clear();
    curve.ifPresent(this::table);
    overlays();
    draw();
  }

  private void draw() {
    List<Series> all = series();
    Parts.shown(chart, !all.isEmpty());
    exports.setDisable(all.isEmpty());
    chart.show(
        width -> SizeChart.of(words, all, width, CHART_HEIGHT), SizeChart.spoken(words, all));
  }

  private List<Node> facts(Optional<SizeCurve> curve) {
    if (curve.isEmpty()) {
      return List.of(Parts.advice("idle", words.of("sizes.none"), words.of("sizes.none.about")));
    }
    List<Node> lines = new ArrayList<>();
    lines.add(Parts.line(words.of("sizes.d50"), millimetres(words, curve.get().d50Mm())));
    lines.add(Parts.line(words.of("sizes.p80"), millimetres(words, curve.get().p80Mm())));
    lines.add(
        Parts.line(
            words.of("sizes.total"),
            workbench.preferences().figures().get().sand(curve.get().totalG())));
    return lines;
  }

  private static String millimetres(Words words, OptionalDouble size) {
    return size.isPresent()
        ? words.of("sizes.mm", words.fixed(size.getAsDouble(), 3))
        : words.of("sizes.beyond");
  }

  /** Every cut with its openings, their ratio, its mass, its share and what is finer. */
  private void table(SizeCurve curve) {
    Figures figures = workbench.preferences().figures().get();
    row(
        0,
        "muted",
        words.of("sizes.head.cut"),
        words.of("sizes.head.ratio"),
        words.of("outputs.mass"),
        words.of("screen.share"),
        words.of("screen.finer"));
    List<Point> points = curve.points();
    for (int i = 0; i < points.size(); i++) {
      Sieved sieved = curve.sieved().get(i);
      String lower = words.plain(sieved.openingMm());
      String sizes =
          i == 0
              ? words.of("cut.sizes.over", lower)
              : words.of("cut.sizes.between", words.plain(points.get(i - 1).sizeMm()), lower);
      String ratio =
          i == 0
              ? words.of("screen.no-share")
              : words.fixed(points.get(i - 1).sizeMm() / sieved.openingMm(), 2);
      row(
          i + 1,
          "cell",
          sizes,
          ratio,
          figures.sand(sieved.retainedG()),
          percent(words, sieved.retainedG(), curve),
          words.fixed(100 * points.get(i).finer(), 1));
    }
    String pan = words.of("cut.sizes.under", words.plain(points.getLast().sizeMm()));
    row(
        points.size() + 1,
        "cell",
        pan,
        words.of("screen.no-share"),
        figures.sand(curve.panG()),
        percent(words, curve.panG(), curve),
        words.of("screen.no-share"));
  }

  private static String percent(Words words, double grams, SizeCurve curve) {
    return words.fixed(100 * grams / curve.totalG(), 1);
  }

  private void row(int row, String style, String... texts) {
    for (int column = 0; column < texts.length; column++) {
      Label label = Parts.styled(new Label(texts[column]), style);
      label.setMinWidth(Region.USE_PREF_SIZE);
      GridPane.setHalignment(label, column == 0 ? HPos.LEFT : HPos.RIGHT);
      table.add(label, column, row);
    }
  }

  private void overlays() {
    List<Node> boxes = new ArrayList<>();
    if (goldCurve().isPresent()) {
      CheckBox gold = box("overlay-gold", words.of("sizes.gold"), withGold);
      gold.selectedProperty()
          .addListener(
              (_, _, now) -> {
                withGold = now;
                draw();
              });
      boxes.add(gold);
    }
    Optional<BatchId> here = worked().map(now -> now.batch().id());
    List<BatchSummary> there =
        workbench.projections().batches().get().stream()
            .filter(one -> !here.equals(Optional.of(one.id())))
            .limit(MOST_OTHERS)
            .toList();
    for (BatchSummary batch : there) {
      CheckBox box =
          box("overlay-" + there.indexOf(batch), batch.name(), others.containsKey(batch.id()));
      box.selectedProperty().addListener((_, _, now) -> other(batch, now));
      boxes.add(box);
    }
    overlays.getChildren().setAll(boxes);
  }

  private static CheckBox box(String id, String text, boolean ticked) {
    CheckBox box = new CheckBox(text);
    box.setId(id);
    box.setSelected(ticked);
    return box;
  }

  private void other(BatchSummary batch, boolean ticked) {
    if (!ticked) {
      others.remove(batch.id());
      draw();
      return;
    }
    workbench
        .session()
        .feedCurve(
            batch.id(),
            curve -> {
              curve.ifPresentOrElse(
                  found ->
                      others.put(
                          batch.id(),
                          new Series(
                              batch.name(),
                              found,
                              others.size() % 2 == 0 ? "chart-other-a" : "chart-other-b")),
                  () ->
                      workbench
                          .notices()
                          .say(new Notice.Said(words.of("sizes.other.none", batch.name()), false)));
              draw();
            });
  }

  private void exportCsv() {
    curve()
        .ifPresent(
            curve ->
                export(
                    FileKind.SIZES,
                    path -> WholeFile.write(path, SizeCsv.write(curve, layout.getValue()))));
  }

  private void exportSvg() {
    Drawing drawing = SizeChart.of(words, series(), FILE_WIDTH, FILE_HEIGHT);
    String title = name();
    export(
        FileKind.DRAWING,
        path -> WholeFile.write(path, new Svg(ChartStyles.forPaper()).write(drawing, title)));
  }

  private void exportPng() {
    SnapshotParameters plain = new SnapshotParameters();
    plain.setFill(getScene().getFill() instanceof Color ground ? ground : Color.WHITE);
    BufferedImage picture = Pictures.copy(chart.snapshot(plain, null));
    export(FileKind.PICTURE, path -> Pictures.write(picture, path));
  }

  private interface Export {
    void to(Path path) throws IOException;
  }

  private void export(FileKind kind, Export export) {
    saving.ask(
        kind,
        name(),
        path -> {
          export.to(path);
          return new Notice.Said(words.of("sizes.written", String.valueOf(path)), false);
        });
  }

  private void importCsv() {
    Layout told = layout.getValue();
    id().ifPresent(
            id ->
                picker
                    .toOpen(FileKind.SIZES)
                    .ifPresent(
                        path ->
                            workbench
                                .work()
                                .aside(
                                    () ->
                                        TextFile.read(
                                            path,
                                            text -> SizeCsv.read(text, told),
                                            SizeCsv.Faulty::new),
                                    result -> take(id, path, result))));
  }

  private void take(LotId id, Path path, SizeCsv.Result result) {
    switch (result) {
      case SizeCsv.Faulty(List<FileFault> faults) -> {
        String all =
            String.join(
                " ",
                faults.stream()
                    .limit(MOST_OTHERS)
                    .map(one -> SizesPane.fault(words, one))
                    .toList());
        workbench
            .notices()
            .say(
                new Notice.Said(
                    words.of(
                        "sizes.faulty",
                        String.valueOf(path.getFileName()),
                        all,
                        Integer.toString(faults.size())),
                    true));
      }
      case SizeCsv.Read(SizeCurve curve) ->
          workbench
              .session()
              .submit(new Edit.RecordOnLot(id, new Measure.SizeAnalysis(curve)))
              .thenAccept(
                  outcome -> {
                    String name =
                        worked()
                            .flatMap(now -> now.network().lot(id))
                            .map(one -> Sentences.lot(words, one))
                            .orElse("");
                    workbench
                        .notices()
                        .say(
                            switch (outcome) {
                              case Outcome.Recorded _ ->
                                  new Notice.Said(words.of("sizes.read", name), false);
                              case Outcome.Not not ->
                                  new Notice.Said(
                                      words.of(
                                          "file.refused",
                                          String.valueOf(path.getFileName()),
                                          Told.why(not, workbench.preferences().figures().get())),
                                      true);
                            });
                  });
    }
  }

  private static String fault(Words words, FileFault fault) {
    return fault.line() > 0
        ? words.of(
            "sizes.fault",
            Integer.toString(fault.line()),
            Integer.toString(fault.column()),
            fault.where(),
            fault.reason())
        : BatchFiles.fault(words, fault);
  }
}
