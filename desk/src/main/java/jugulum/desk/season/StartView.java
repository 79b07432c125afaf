package jugulum.desk.season;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Label;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Measure;
import jugulum.desk.batch.LabelForm;
import jugulum.desk.entry.EntryField;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.measure.AssayForm;
import jugulum.desk.measure.SandWeightForm;
import jugulum.desk.session.Workbench;
import jugulum.desk.shop.ShopContainers;
import jugulum.desk.told.Told;
import jugulum.desk.view.Navigation;
import jugulum.desk.view.View;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;
import jugulum.desk.work.Outcome;

/** Starts a batch: what is on the bucket, its weight, and its head grade where it is known. */
public final class StartView extends ScrollPane {
  private static final LotId FEED = new LotId(1);
  private static final double HALF = 560;

  @Prologue private final Words words;
  private final Workbench workbench;
  private final Clock clock;
  private final Navigation navigation;
  private final LabelForm label = new LabelForm(words);
  private final SandWeightForm weight;
  private final AssayForm head;

  /** Makes the form. */
  public StartView(Workbench workbench, Clock clock, Navigation navigation) {
    this.words = workbench.words();
    super();
    this.workbench = workbench;
    this.clock = clock;
    this.navigation = navigation;
    this.weight =
        new SandWeightForm(
            () -> workbench.preferences().figures().get(), new ShopContainers(workbench));
    this.head = new AssayForm(() -> workbench.preferences().figures().get());
    setId("start-view");
    getStyleClass().add("page-scroll");
    setFitToWidth(true);
    setFocusTraversable(false);
    VBox left =
        new VBox(
            10,
            Parts.section(words.of("start.weight")),
            weight,
            Parts.sentence(words.of("start.weight.about"), "muted"));
    VBox right =
        new VBox(
            10,
            Parts.section(words.of("start.head")),
            head,
            Parts.sentence(words.of("start.head.about"), "muted"));
    left.setPrefWidth(HALF);
    right.setPrefWidth(HALF);
    HBox.setHgrow(left, Priority.ALWAYS);
    HBox.setHgrow(right, Priority.ALWAYS);
    HBox figures = new HBox(28, left, right);
    VBox page =
        new VBox(
            Parts.styled(new javafx.scene.control.Label(words.of("start.title")), "page-title"),
            label.inRow(),
            figures,
            Parts.advice("caution", "", words.of("caution.lift")),
            Parts.row(
                Buttons.primary("start-batch", words.of("start.start"), "Enter", this::start),
                Buttons.plain(
                    "cancel", words.of("panel.back"), "Esc", () -> navigation.show(View.SEASON))));
    page.getStyleClass().addAll("page", "start-view");
    setContent(page);
    Stream.concat(
            label.fields().stream(),
            Stream.concat(weight.fields().stream(), head.fields().stream()))
        .map(EntryField::field)
        .forEach(field -> field.setOnAction(_ -> start()));
    clear();
  }

  private void clear() {
    label.clear(LocalDate.now(clock));
    weight.clear();
    head.clear();
  }

  private void start() {
    Optional<List<Edit>> edits = read();
    edits.ifPresent(
        all -> {
          BatchId id = ((Edit.StartBatch) all.getFirst()).id();
          workbench.session().begin(id, all).thenAccept(this::settle);
        });
  }

  /**
   * All edits, or nothing after saying at the first wrong field why. A weight and a grade may be
   * left for later.
   */
  private Optional<List<Edit>> read() {
    Optional<Label> written = label.read();
    if (written.isEmpty()) {
      return Optional.empty();
    }
    List<Edit> edits = new ArrayList<>();
    edits.add(
        new Edit.StartBatch(
            workbench.session().newBatch(),
            written.get(),
            workbench.projections().shop().get().assumptions()));
    for (var form : List.of(weight, head)) {
      if (form.fields().stream()
          .map(EntryField::field)
          .map(TextField::getText)
          .anyMatch(text -> !text.isBlank())) {
        Optional<Measure> measure = form.read();
        if (measure.isEmpty()) {
          return Optional.empty();
        }
        edits.add(new Edit.RecordOnLot(FEED, measure.get()));
      }
    }
    return Optional.of(edits);
  }

  private void settle(Outcome outcome) {
    switch (outcome) {
      case Outcome.Recorded _ -> {
        clear();
        navigation.show(View.BENCH);
      }
      case Outcome.Not not -> label.refuse(Told.why(not, workbench.preferences().figures().get()));
    }
  }

  /** Puts the focus where typing starts. */
  public void focusFirst() {
    // What scrolls has no place in the window, and so no focus, before its first style.
    applyCss();
    label.fields().getFirst().field().requestFocus();
  }
}
