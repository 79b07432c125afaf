package jugulum.desk.trial;

import java.util.Optional;
import javafx.application.Platform;
import javafx.scene.control.TableView;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.VBox;
import jugulum.core.trial.Trial;
import jugulum.core.trial.TrialRun;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.Parsers;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.TextColumns;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.TrialWords;
import jugulum.desk.words.Words;

/** The runs of a trial: what went in and what was found; one can be told again, or not count. */
final class RunList extends VBox {
  private static final double LINE = 62;
  private static final double HEAD = 40;
  private static final int MOST = 12;

  @Prologue private final Words words;
  private final TrialActs acts;
  private final TableView<TrialRun> table = new TableView<>();
  private final EntryField<String> why;
  private Figures figures;
  private Optional<Trial> trial = Optional.empty();

  RunList(Figures figures, TrialActs acts) {
    this.words = figures.words();
    super(8);
    this.acts = acts;
    this.figures = figures;
    this.why =
        new EntryField<>(
            words,
            "trial-strike-why",
            words.of("trial.strike.why"),
            words.of("trial.strike.hint"),
            Parsers.text(words, "refusal.STRIKE_WITHOUT_REASON"));
    TextColumns.begin(words, table, "trial-runs", "trial.runs", "trial.runs.none");
    TextColumns.add(words, table, "trial.run", 62, run -> Integer.toString(run.number()), true);
    TextColumns.add(words, table, "trial.runs.machine", 130, this::machine, false);
    TextColumns.add(
        words, table, "trial.runs.sand", 80, run -> this.figures.sand(run.sandG()), true);
    TextColumns.add(words, table, "trial.runs.in", 150, run -> TrialWords.putIn(words, run), false);
    TextColumns.add(
        words, table, "trial.runs.found", 190, run -> TrialWords.found(words, run), false);
    table.setOnKeyPressed(
        key -> {
          TrialRun run = table.getSelectionModel().getSelectedItem();
          if (key.getCode() == KeyCode.ENTER && run != null) {
            acts.look(run);
            key.consume();
          }
        });
    why.field().setOnAction(_ -> strike());
    Parts.shown(why, false);
    getChildren()
        .addAll(
            Parts.section(words.of("trial.runs")),
            table,
            Parts.row(Buttons.quiet("trial-strike", words.of("trial.strike"), "X", this::askWhy)),
            why);
  }

  void show(Trial now, Figures in) {
    figures = in;
    trial = Optional.of(now);
    table.getItems().setAll(now.runs());
    table.setPrefHeight(HEAD + LINE * Math.clamp(now.runs().size(), 1, MOST));
    table.getSelectionModel().selectLast();
    Parts.shown(why, false);
    Parts.shown(this, !now.runs().isEmpty());
    table.refresh();
  }

  private String machine(TrialRun run) {
    return trial.map(one -> TrialWords.contender(words, one.contender(run))).orElse("");
  }

  /** The first press asks why, the answer strikes. */
  private void askWhy() {
    if (table.getSelectionModel().getSelectedItem() != null) {
      Parts.shown(why, true);
      why.clear();
      // The letter that asked is still to be typed, and not into the field.
      Platform.runLater(why.field()::requestFocus);
    }
  }

  private void strike() {
    why.read()
        .ifPresent(reason -> acts.strike(table.getSelectionModel().getSelectedItem(), reason));
  }
}
