package jugulum.desk.find;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import jugulum.book.batch.BatchStream;
import jugulum.book.batch.FindLines;
import jugulum.book.find.Asked;
import jugulum.book.find.Finder;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.StepId;
import jugulum.desk.entry.Entry;
import jugulum.desk.entry.EntryField;
import jugulum.desk.guide.Guide;
import jugulum.desk.kit.Parts;
import jugulum.desk.session.Workbench;
import jugulum.desk.view.MainView;
import jugulum.desk.view.Navigation;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/** Finds batches, containers, notes, machines and sources as one types. */
public final class FindView extends BorderPane implements MainView {
  /** So many machines and trials are listed at most. */
  private static final int EACH = 4;

  private final Words words;
  private final Workbench workbench;
  private final Navigation navigation;
  private final Asked.Speech speech;
  private final EntryField<String> field;
  private final ListView<Line> list = new ListView<>();
  private final Label told = Parts.sentence("", "muted");

  /**
   * A line of the list.
   *
   * @param kind what it is, in words
   * @param title what it is called
   * @param under what else there is to say
   * @param open goes there
   */
  private record Line(String kind, String title, String under, Runnable open) {}

  /** Makes the view of a workbench. */
  public FindView(Workbench workbench, Navigation navigation) {
    this.words = workbench.words();
    this.workbench = workbench;
    this.navigation = navigation;
    this.speech = FindSpeech.of(words);
    setId("find-view");
    getStyleClass().add("page");
    field =
        new EntryField<>(
            words, "find", words.of("find.what"), words.of("find.hint"), Entry.Value::new);
    field.field().textProperty().addListener((_, _, _) -> ask());
    field.field().setOnAction(_ -> open());
    field.addEventFilter(KeyEvent.KEY_PRESSED, this::downToTheList);
    told.setId("find-told");
    list.setId("found");
    list.setAccessibleText(words.of("find.found"));
    list.setPlaceholder(Parts.sentence(words.of("find.nothing-yet"), "muted"));
    list.setCellFactory(_ -> new LineCell());
    list.addEventFilter(
        KeyEvent.KEY_PRESSED,
        key -> {
          if (key.getCode() == KeyCode.ENTER) {
            open();
            key.consume();
          }
        });
    list.setOnMouseClicked(
        click -> {
          if (click.getClickCount() == 2) {
            open();
          }
        });
    VBox top =
        new VBox(
            8,
            Parts.styled(new Label(words.of("find.title")), "page-title"),
            field,
            Parts.sentence(words.of("find.about"), "muted"),
            told);
    top.getStyleClass().add("page-top");
    setTop(top);
    setCenter(list);
  }

  private void downToTheList(KeyEvent key) {
    if (key.getCode() == KeyCode.DOWN && !list.getItems().isEmpty()) {
      list.requestFocus();
      key.consume();
    }
  }

  private static final class LineCell extends ListCell<Line> {
    @Override
    protected void updateItem(Line line, boolean empty) {
      super.updateItem(line, empty);
      if (empty || line == null) {
        setGraphic(null);
        return;
      }
      Label kind = Parts.styled(new Label(line.kind()), "find-kind");
      Label title = Parts.styled(new Label(line.title()), "strong");
      Label under = Parts.styled(new Label(line.under()), "muted");
      Region gap = new Region();
      HBox.setHgrow(gap, Priority.ALWAYS);
      setGraphic(new HBox(14, kind, title, gap, under));
    }
  }

  /** Begins to look: what was typed last time stands there, to be typed over. */
  public void begin() {
    workbench.trials().read();
    workbench.finds().begin(this::ask);
  }

  private void ask() {
    workbench.finds().ask(Asked.of(words.typed(field.field().getText()), speech), this::show);
  }

  private void show(Finder.Found found) {
    List<Line> lines = new ArrayList<>();
    found
        .sources()
        .forEach(
            source ->
                lines.add(
                    new Line(
                        words.of("find.kind.SOURCE"),
                        source,
                        "",
                        () -> navigation.openSource(source))));
    owned().forEach(lines::add);
    found.lines().forEach(line -> lines.add(line(line)));
    list.getItems().setAll(lines);
    list.getSelectionModel().selectFirst();
    told.setText(told(found));
  }

  /** Machines of the shop and trials of the book, by any of their words. */
  private List<Line> owned() {
    List<String> typed =
        List.of(field.text().strip().toLowerCase(words.language().locale()).split("\\s+"));
    if (typed.getFirst().length() < 2) {
      return List.of();
    }
    Stream<Line> machines =
        workbench.projections().shop().get().gear().stream()
            .map(
                gear ->
                    new Line(
                        words.of("find.kind.GEAR"),
                        gear.name(),
                        words.of("machine", gear.kind()),
                        () -> navigation.openRecord(gear.machine())));
    Stream<Line> trials =
        workbench.trials().all().get().stream()
            .map(
                shown ->
                    new Line(
                        words.of("find.kind.TRIAL"),
                        shown.trial().name(),
                        "",
                        () -> navigation.openTrial(shown.trial().id())));
    return Stream.concat(machines, trials)
        .filter(line -> isMeant(line, typed))
        .limit(EACH)
        .toList();
  }

  private boolean isMeant(Line line, List<String> typed) {
    String[] parts =
        (line.title() + " " + line.under())
            .toLowerCase(words.language().locale())
            .split("[^\\p{L}\\p{N}]+");
    return typed.stream()
        .allMatch(word -> Stream.of(parts).anyMatch(part -> part.startsWith(word)));
  }

  private String told(Finder.Found found) {
    if (field.text().isEmpty()) {
      return "";
    }
    if (found.isNothing() && list.getItems().isEmpty()) {
      return words.of("find.none", field.text());
    }
    return words.joined(
        "join.sentences",
        found.read().entrySet().stream()
            .map(
                read ->
                    words.of(
                        "find.read",
                        read.getKey(),
                        read.getValue().stream()
                            .reduce((a, b) -> words.of("join.or", a, b))
                            .orElse("")))
            .toList());
  }

  private Line line(FindLines.Line found) {
    Figures figures = workbench.preferences().figures().get();
    BatchId batch = BatchStream.id(found.stream());
    String kind = words.of("find.kind", found.kind());
    return switch (found.kind()) {
      case BATCH ->
          new Line(
              kind,
              found.title(),
              words.row(
                  List.of(
                      found.about(),
                      found.goldMg().isPresent()
                          ? figures.gold(found.goldMg().getAsDouble())
                          : "")),
              () -> navigation.open(batch));
      case LOT ->
          new Line(
              kind,
              found.title().isEmpty()
                  ? material(found)
                  : words.row(List.of(found.title(), material(found))),
              words.row(
                  List.of(
                      found.name(),
                      amount(figures, found),
                      found.isUnseen() ? words.of("find.unseen") : "")),
              () -> navigation.openLot(batch, new LotId(found.number().orElseThrow())));
      case NOTE ->
          new Line(
              kind,
              found.title(),
              found.name(),
              () -> navigation.openStep(batch, new StepId(found.number().orElseThrow())));
      case MACHINE ->
          new Line(
              kind,
              found.title(),
              words.row(List.of(found.name(), found.about())),
              () -> navigation.openStep(batch, new StepId(found.number().orElseThrow())));
    };
  }

  private String material(FindLines.Line found) {
    String[] parts = found.about().split(" ", 2);
    String material = words.of("material", Material.valueOf(parts[0]));
    return parts.length > 1 ? words.of("find.lot", material, parts[1]) : material;
  }

  private static String amount(Figures figures, FindLines.Line found) {
    if (found.goldMg().isPresent()) {
      return figures.gold(found.goldMg().getAsDouble());
    }
    return found.sandG().isPresent() ? figures.sand(found.sandG().getAsDouble()) : "";
  }

  private void open() {
    Optional.ofNullable(list.getSelectionModel().getSelectedItem())
        .ifPresent(line -> line.open().run());
  }

  @Override
  public Node node() {
    return this;
  }

  @Override
  public Guide.Page page() {
    return Guide.Page.FIND;
  }

  /** The sign that asked for it is still to be typed, and not into the field. */
  @Override
  public void focusFirst() {
    Platform.runLater(
        () -> {
          field.field().requestFocus();
          field.field().selectAll();
        });
  }
}
