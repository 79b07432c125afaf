package jugulum.desk.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import jugulum.core.account.Worked;
import jugulum.core.gold.BatchSpecks;
import jugulum.core.ledger.Lot;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Choices;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Wrapping;
import jugulum.desk.preference.Practised;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.PracticeWords;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.SheetWords;
import jugulum.desk.words.Words;
import jugulum.practice.drill.Drill;
import jugulum.practice.drill.Drills;
import jugulum.practice.sand.FeedSand;
import jugulum.practice.start.LotSand;

/** The drills, with how far one got in each, and the sand one trains on. */
final class DrillsPage extends HBox {
  private static final double LIST = 460;

  @Prologue private final Words words;
  private final Workbench workbench;
  private final ListView<Drill> drills = new ListView<>();
  private final Label name = Parts.styled(new Label(), "panel-title");
  private final Label task = Parts.sentence("", "answer");
  private final Label about = Parts.sentence("");
  private final Label so = Parts.sentence("", "muted");
  private final Label sizes = Parts.sentence("", "muted");
  private final ComboBox<Choice> sand;

  /**
   * A sand to choose.
   *
   * @param name what it is called
   * @param sand empty for the one of the drill
   */
  private record Choice(String name, Optional<FeedSand> sand) {}

  /** What is wanted of a drill. */
  interface Wants {
    /** Begins it. */
    void begin(Drill drill);

    /** Reads a run in. */
    void readIn();

    /** Counts specks in a drawn picture. */
    void count();
  }

  DrillsPage(Workbench workbench, Wants wants) {
    this.words = workbench.words();
    super(28);
    this.workbench = workbench;
    setId("drills-page");
    drills.setId("drills");
    drills.setPrefWidth(LIST);
    drills.setMinWidth(LIST);
    drills.setAccessibleText(words.of("practice.drills"));
    drills.setCellFactory(_ -> new DrillCell());
    drills.getItems().setAll(Drills.all());
    drills.getSelectionModel().selectFirst();
    drills.getSelectionModel().selectedItemProperty().addListener((_, _, _) -> show());
    // The list would keep Enter to itself.
    drills.addEventFilter(
        KeyEvent.KEY_PRESSED,
        key -> {
          if (key.getCode() == KeyCode.ENTER) {
            begin(wants);
            key.consume();
          }
        });
    sand = Choices.of("practice-sand", words.of("practice.sand"), List.of(ofDrill()), Choice::name);
    sand.valueProperty().addListener((_, _, _) -> show());
    VBox right =
        new VBox(
            12,
            name,
            task,
            about,
            so,
            new VBox(4, Parts.section(words.of("practice.sand")), sand, sizes),
            new Wrapping(
                8,
                8,
                Buttons.primary(
                    "practice-begin", words.of("practice.begin"), "Enter", () -> begin(wants)),
                Buttons.quiet("practice-read", words.of("practice.read"), "I", wants::readIn),
                Buttons.plain("practice-count", words.of("eye.drill"), "S", wants::count)),
            Parts.advice("idle", "", words.of("practice.model")));
    name.setWrapText(true);
    HBox.setHgrow(right, Priority.ALWAYS);
    getChildren().addAll(drills, right);
    workbench.watch(workbench.projections().current(), _ -> sands());
    sands();
    show();
  }

  private final class DrillCell extends ListCell<Drill> {
    DrillCell() {
      setWrapText(true);
      setPrefWidth(0);
    }

    @Override
    protected void updateItem(Drill drill, boolean empty) {
      super.updateItem(drill, empty);
      setText(
          empty || drill == null
              ? ""
              : words.of(
                  "practice.drill.line",
                  PracticeWords.name(words, drill),
                  PracticeWords.rig(words, drill),
                  soFar(drill)));
    }
  }

  private String soFar(Drill drill) {
    return workbench
        .practised()
        .of(drill.id())
        .map(
            done ->
                words.of(
                    done.isReached() ? "practice.so-far.reached" : "practice.so-far",
                    words.percent(done.goldLost())))
        .orElse(words.of("practice.so-far.none"));
  }

  private Choice ofDrill() {
    return new Choice(words.of("practice.sand.drill"), Optional.empty());
  }

  /** The cuts of the batch on the bench that a bowl or a deck takes. */
  private void sands() {
    List<Choice> choices = new ArrayList<>(List.of(ofDrill()));
    workbench.projections().current().get().worked().ifPresent(worked -> add(choices, worked));
    sand.getItems().setAll(choices);
    sand.getSelectionModel().selectFirst();
  }

  private void add(List<Choice> choices, Worked worked) {
    List<String> known = new ArrayList<>();
    double flatness = BatchSpecks.of(worked.network()).flatness();
    for (Lot lot : worked.network().lots()) {
      String called =
          words.of(
              "practice.sand.of", worked.batch().label().name(), Sentences.cut(words, lot.cut()));
      if (!known.contains(called)) {
        LotSand.of(lot, flatness)
            .ifPresent(
                own -> {
                  known.add(called);
                  choices.add(new Choice(called, Optional.of(own)));
                });
      }
    }
  }

  /** The drill chosen, with the sand chosen. */
  private Drill chosen() {
    Drill drill = drills.getSelectionModel().getSelectedItem();
    Choice own = sand.getValue();
    return own == null ? drill : own.sand().map(drill::with).orElse(drill);
  }

  private void begin(Wants wants) {
    wants.begin(chosen());
  }

  private void show() {
    Drill drill = chosen();
    name.setText(PracticeWords.name(words, drill));
    task.setText(PracticeWords.task(words, drill));
    about.setText(
        drill
            .symptom()
            .map(symptom -> words.of("practice.symptom", SheetWords.symptom(words, symptom)))
            .orElse(""));
    Parts.shown(about, !about.getText().isEmpty());
    Optional<Practised.Done> done = workbench.practised().of(drill.id());
    so.setText(
        done.map(one -> words.counted("practice.times", one.times(), words.percent(one.goldLost())))
            .orElse(words.of("practice.times.none")));
    sizes.setText(PracticeWords.sizes(words, drill.sand()));
  }

  /** Shows how far one got now, and takes the focus. */
  void focusFirst() {
    drills.refresh();
    show();
    drills.requestFocus();
  }

  /** Goes on to the drill after that one. */
  void next(Drill drill) {
    List<Drill> all = drills.getItems();
    for (int i = 0; i + 1 < all.size(); i++) {
      if (all.get(i).id().equals(drill.id())) {
        drills.getSelectionModel().select(i + 1);
        return;
      }
    }
  }
}
