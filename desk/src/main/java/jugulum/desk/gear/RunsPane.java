package jugulum.desk.gear;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import java.util.function.DoubleFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TableView;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import jugulum.book.batch.RunLines.Ran;
import jugulum.core.belief.Experience;
import jugulum.core.check.Band;
import jugulum.core.ledger.Machine;
import jugulum.core.machine.Dial;
import jugulum.core.machine.Gear;
import jugulum.core.machine.Sheets;
import jugulum.core.runs.PastRun;
import jugulum.core.trial.TriedRun;
import jugulum.desk.chart.DialChart;
import jugulum.desk.chart.Drawing;
import jugulum.desk.chart.DrawingView;
import jugulum.desk.chart.RecordChart;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Choices;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.TextColumns;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.SheetWords;
import jugulum.desk.words.TrialWords;
import jugulum.desk.words.Words;

/**
 * The runs of one machine over all batches: its settings beside its results, and what a dial did.
 */
final class RunsPane extends BorderPane {
  private static final double CHART_HEIGHT = 170;
  private static final double HALF = 580;
  private static final double ABOVE = 350;
  private static final int MOST_SETTINGS = 4;

  @Prologue private final Words words;
  private final Workbench workbench;
  private final TableView<Ran> table = new TableView<>();
  private final ComboBox<Machine> machines =
      Choices.of(
          "runs-machine",
          words.of("gravity.machine"),
          List.of(),
          one -> Sentences.machine(words, one));
  private final ComboBox<String> dials =
      Choices.of(
          "runs-dial", words.of("runs.dial"), List.of(), one -> RunsPane.dialName(words, one));
  private final DrawingView chart = new DrawingView("runs-chart");
  private final DrawingView record = new DrawingView("runs-record");
  private final Label none = Parts.sentence("", "muted");
  private final Label recordAbout;
  private final Label about = Parts.sentence("", "muted");
  private final Label slope = Parts.sentence("", "strong");
  private final List<Ran> all = new ArrayList<>();
  private final List<TriedRun> tried = new ArrayList<>();
  private boolean filling;

  /** Batches are still being read. */
  private boolean isReading;

  /** Somebody chose the machine; before, it is the one with the most runs told so far. */
  private boolean isByHand;

  RunsPane(Workbench workbench, Consumer<Ran> onOpen) {
    this.words = workbench.words();
    super();
    this.workbench = workbench;
    setId("runs-pane");
    none.setId("runs-record-none");
    recordAbout = Parts.sentence(words.of("runs.record.about"), "muted");
    about.setId("runs-about");
    slope.setId("runs-slope");
    columns();
    listen(onOpen);
    setTop(above());
    setCenter(table);
    setBottom(
        Parts.row(
            Buttons.plain(
                "open-run", words.of("runs.open"), "Enter", () -> chosen().ifPresent(onOpen))));
  }

  private void columns() {
    TextColumns.begin(words, table, "runs", "runs.title", "runs.none");
    TextColumns.add(words, table, "batches.name", 130, Ran::name, false);
    TextColumns.add(
        words, table, "magnetics.cut", 90, ran -> Sentences.cut(words, ran.run().cut()), false);
    TextColumns.add(
        words, table, "runs.fed", 108, ran -> told(ran.run().fedG(), figures()::sand), true);
    TextColumns.add(words, table, "runs.settings", 256, ran -> settings(ran.run()), false);
    TextColumns.add(
        words, table, "runs.time", 80, ran -> told(ran.run().minutes(), words::time), true);
    TextColumns.add(words, table, "runs.recovery", 214, this::recovery, true);
    TextColumns.add(words, table, "runs.richer", 110, ran -> richer(ran.run()), true);
    TextColumns.add(
        words,
        table,
        "runs.less",
        80,
        ran ->
            told(ran.run().stage().ratio(), ratio -> words.of("stage.to-one", words.times(ratio))),
        true);
    TextColumns.add(
        words, table, "runs.left", 110, ran -> told(ran.run().tailingsGrade(), this::grade), true);
  }

  /** By how much it made the sand richer; of a magnet, how much of the sand it took. */
  private String richer(PastRun run) {
    return run.magnet()
        .map(
            magnet ->
                told(magnet.share(), share -> words.of("runs.magnetite", words.percent(share))))
        .orElseGet(
            () -> run.stage().enrichment().map(band -> times(words, band.usual())).orElse(""));
  }

  private String grade(double grade) {
    return words.of("runs.grade", words.fixed(grade, grade < 10 ? 2 : grade < 100 ? 1 : 0));
  }

  private void listen(Consumer<Ran> onOpen) {
    table.setOnKeyPressed(
        key -> {
          if (key.getCode() == KeyCode.ENTER && chosen().isPresent()) {
            chosen().ifPresent(onOpen);
            key.consume();
          }
        });
    machines
        .valueProperty()
        .addListener(
            (_, _, _) -> {
              isByHand |= !filling;
              chooseMachine();
            });
    dials.valueProperty().addListener((_, _, _) -> draw());
    workbench.watch(workbench.preferences().figures(), _ -> table.refresh());
    workbench.watch(
        workbench.work().progress(),
        now -> {
          if (now.isEmpty()) {
            read();
          }
        });
  }

  private ScrollPane above() {
    VBox shown =
        new VBox(8, labelled(words, "gravity.machine", machines), record, none, recordAbout);
    VBox did = new VBox(8, labelled(words, "runs.dial", dials), chart, slope, about);
    shown.setPrefWidth(HALF);
    did.setPrefWidth(HALF);
    HBox.setHgrow(shown, Priority.ALWAYS);
    HBox.setHgrow(did, Priority.ALWAYS);
    HBox top = new HBox(40, shown, did);
    top.getStyleClass().add("page-top");
    ScrollPane above = new ScrollPane(top);
    above.setFitToWidth(true);
    above.setFocusTraversable(false);
    above.getStyleClass().add("board-scroll");
    above.setMaxHeight(ABOVE);
    return above;
  }

  private static VBox labelled(Words words, String key, ComboBox<?> box) {
    VBox both = new VBox(3, Parts.styled(new Label(words.of(key)), "entry-label"), box);
    box.setMinWidth(220);
    return both;
  }

  private Figures figures() {
    return workbench.preferences().figures().get();
  }

  private Optional<Ran> chosen() {
    return Optional.ofNullable(table.getSelectionModel().getSelectedItem());
  }

  private static String told(OptionalDouble value, DoubleFunction<String> how) {
    return value.isPresent() ? how.apply(value.getAsDouble()) : "";
  }

  private static String times(Words words, double value) {
    return words.of("stage.times", words.times(value));
  }

  private static String dialName(Words words, String dial) {
    return dial.isEmpty() ? words.of("runs.dial.none") : TrialWords.dial(words, dial);
  }

  private String settings(PastRun run) {
    return words.beside(
        dialsOf(run.machine())
            .filter(dial -> run.setting(dial).isPresent())
            .limit(MOST_SETTINGS)
            .map(dial -> Sentences.setting(words, dial, run.setting(dial).orElseThrow()))
            .toList());
  }

  /** The dials of its sheet, then those of its owner, by name. */
  private Stream<String> dialsOf(Machine machine) {
    Gear gear = workbench.projections().shop().get().gear(machine);
    return Stream.concat(gear.sheet().dials().stream().map(Dial::id), gear.ownDials().stream());
  }

  private String recovery(Ran ran) {
    return ran.run()
        .recovery()
        .map(
            band ->
                words.of(
                    "runs.recovery.range",
                    words.of("runs.bound", ran.run().bound(), words.fixed(100 * band.usual(), 1)),
                    words.shares(band)))
        .orElse(words.of("runs.untold"));
  }

  /**
   * Reads every batch and trial again. The runs show as they come; what they let expect is worked
   * out when all are there, or nobody waits for the rest.
   */
  void refresh() {
    all.clear();
    tried.clear();
    isReading = false;
    showMachines();
    isReading = true;
    workbench
        .projections()
        .everyBatch()
        .known(
            more -> {
              all.addAll(more.runs());
              tried.addAll(more.tried());
              if (!more.runs().isEmpty() || !more.tried().isEmpty()) {
                showMachines();
              }
            },
            this::read);
  }

  private void read() {
    if (isReading) {
      isReading = false;
      chooseMachine();
    }
  }

  /** The machine with the most runs first; the one chosen stays. */
  private void showMachines() {
    Map<Machine, Long> runs =
        all.stream()
            .collect(
                Collectors.groupingBy(
                    ran -> ran.run().machine(), LinkedHashMap::new, Collectors.counting()));
    tried.stream().filter(TriedRun::isOwnGold).forEach(run -> runs.putIfAbsent(run.machine(), 0L));
    List<Machine> most =
        runs.entrySet().stream()
            .sorted(Map.Entry.<Machine, Long>comparingByValue().reversed())
            .map(Map.Entry::getKey)
            .toList();
    Machine before = machines.getValue();
    filling = true;
    machines.getItems().setAll(most);
    machines.setValue(
        isByHand && before != null && most.contains(before)
            ? before
            : most.stream().findFirst().orElse(null));
    filling = false;
    chooseMachine();
  }

  private void showRecord() {
    Optional<Gear> gear =
        Optional.ofNullable(machines.getValue()).map(workbench.projections().shop().get()::gear);
    List<RecordChart.Line> lines =
        gear.map(one -> RecordText.of(words, evidence(), one)).orElse(List.of());
    record.show(
        width ->
            lines.isEmpty()
                ? new Drawing(width, 0, List.of())
                : RecordChart.of(words, lines, width),
        RecordChart.spoken(words, lines));
    none.setText(
        lines.isEmpty() ? gear.map(one -> RecordText.none(words, evidence(), one)).orElse("") : "");
    Parts.shown(none, !none.getText().isEmpty());
    Parts.shown(recordAbout, !lines.isEmpty());
  }

  private Experience evidence() {
    return new Experience(all.stream().map(Ran::run).toList(), tried);
  }

  private List<Ran> runs() {
    return all.stream().filter(ran -> ran.run().machine().equals(machines.getValue())).toList();
  }

  /** From now on that machine is shown, once what is known of it is read. */
  void openOn(Machine machine) {
    isByHand = true;
    if (!machines.getItems().contains(machine)) {
      machines.getItems().add(machine);
    }
    machines.setValue(machine);
  }

  private void chooseMachine() {
    if (filling) {
      return;
    }
    List<Ran> runs = runs();
    Optional<Ran> before = chosen();
    table.getItems().setAll(runs);
    before
        .filter(runs::contains)
        .ifPresentOrElse(table.getSelectionModel()::select, table.getSelectionModel()::selectFirst);
    if (!isReading) {
      showRecord();
    }
    List<String> set =
        machines.getValue() == null
            ? List.of()
            : dialsOf(machines.getValue())
                .filter(dial -> runs.stream().anyMatch(ran -> ran.run().setting(dial).isPresent()))
                .toList();
    String dial = dials.getValue();
    filling = true;
    dials.getItems().setAll(set);
    dials.setValue(
        dial != null && set.contains(dial) ? dial : set.stream().findFirst().orElse(null));
    filling = false;
    draw();
  }

  private void draw() {
    if (filling) {
      return;
    }
    Optional<String> dial = Optional.ofNullable(dials.getValue());
    List<DialChart.Run> dots =
        dial.map(
                id ->
                    runs().stream()
                        .map(Ran::run)
                        .filter(run -> run.setting(id).isPresent() && run.recovery().isPresent())
                        .map(
                            run ->
                                new DialChart.Run(
                                    run.setting(id).orElseThrow(),
                                    clamped(run.recovery().orElseThrow()),
                                    run.isTold()))
                        .toList())
            .orElse(List.of());
    boolean enough = !dots.isEmpty();
    String axis = enough ? axis(dial.orElseThrow()) : "";
    chart.show(
        width -> DialChart.of(words, dots, axis, width, CHART_HEIGHT),
        enough ? DialChart.spoken(words, dots, axis) : "");
    Parts.shown(chart, enough);
    about.setText(
        runs().isEmpty() ? "" : words.of(enough ? "runs.chart.about" : "runs.chart.none"));
    slope.setText(
        dial.filter(_ -> machines.getValue() != null && !isReading)
            .map(id -> RecordText.dial(words, evidence().of(machines.getValue()), id))
            .orElse(""));
    Parts.shown(slope, !slope.getText().isEmpty());
  }

  private static Band clamped(Band band) {
    return new Band(
        Math.clamp(band.low(), 0, 1),
        Math.clamp(band.usual(), 0, 1),
        Math.clamp(band.high(), 0, 1));
  }

  private String axis(String dial) {
    return Sheets.dial(dial)
        .map(
            known ->
                words.of(
                    "runs.axis",
                    SheetWords.dial(words, dial),
                    SheetWords.unit(words, known.unit())))
        .orElse(dial);
  }

  /** Puts the focus on the list. */
  void focusList() {
    table.requestFocus();
  }
}
