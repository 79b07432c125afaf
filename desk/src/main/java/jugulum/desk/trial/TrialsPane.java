package jugulum.desk.trial;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletionStage;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TableView;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import jugulum.core.trial.Trial;
import jugulum.core.trial.TrialEdit;
import jugulum.core.trial.TrialId;
import jugulum.core.trial.TrialPlan;
import jugulum.core.trial.TrialRun;
import jugulum.desk.files.FilePicker;
import jugulum.desk.follow.Trials;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Choices;
import jugulum.desk.kit.FormPage;
import jugulum.desk.kit.Keys;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Wrapping;
import jugulum.desk.session.Workbench;
import jugulum.desk.told.Told;
import jugulum.desk.view.Navigation;
import jugulum.desk.view.View;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;
import jugulum.desk.work.Outcome;

/** The trials: which one, and the page on which it is read, planned or done. */
public final class TrialsPane extends BorderPane {
  @Prologue private final Words words;
  private final Workbench workbench;
  private final Trials trials;
  private final ComboBox<Trials.Shown> choice;
  private final TrialFiles files;
  private final ReadPage reading;
  private final PlanPage planning;
  private final RunPage running;
  private final FindPage finding;
  private final VBox nothing;
  private Optional<TrialId> open = Optional.empty();

  /** The trial whose plan is changed; empty while a new one is planned. */
  private Optional<TrialId> replanned = Optional.empty();

  /** The trial whose beginning was taken back last. */
  private Optional<TrialId> gone = Optional.empty();

  private boolean filling;

  /** Someone waits for what is being read. */
  private boolean isAwaited;

  /** Makes the pane of a workbench. */
  public TrialsPane(Workbench workbench, FilePicker picker, Navigation navigation) {
    this.words = workbench.words();
    super();
    this.workbench = workbench;
    this.trials = workbench.trials();
    this.files = new TrialFiles(workbench, picker);
    setId("trials-pane");
    choice =
        Choices.of(
            "trial-choice", words.of("trial.choice"), List.of(), shown -> shown.trial().name());
    choice.setMinWidth(300);
    choice.valueProperty().addListener((_, _, chosen) -> chosen(Optional.ofNullable(chosen)));
    reading = new ReadPage(figures(), new Acts());
    planning = new PlanPage(workbench, new Planning());
    running = new RunPage(workbench, new Sending());
    finding =
        new FindPage(
            words,
            new Sending(),
            navigation::picture,
            () -> {
              navigation.show(View.GEAR);
              finding().focusFirst();
            });
    nothing =
        new VBox(
            12,
            Parts.sentence(words.of("trial.nothing"), "answer"),
            Parts.sentence(words.of("trial.nothing.about")));
    nothing.getStyleClass().add("page-top");
    HBox top =
        new HBox(
            14,
            choice,
            Buttons.plain("trial-new", words.of("trial.new"), "N", this::plan),
            Buttons.quiet("trial-read-in", words.of("trial.read-in"), "I", this::readIn));
    top.getStyleClass().add("page-top");
    setTop(top);
    setCenter(nothing);
    workbench.watch(trials.all(), this::show);
    workbench.watch(workbench.preferences().figures(), _ -> show(trials.all().get()));
    show(trials.all().get());
  }

  private FindPage finding() {
    return finding;
  }

  private Figures figures() {
    return workbench.preferences().figures().get();
  }

  /** Reads the trials of the book. */
  public void refresh() {
    trials.read();
  }

  /** From now on that trial is shown. */
  public void openOn(TrialId trial) {
    open = Optional.of(trial);
    read();
  }

  /** Puts the focus on what is next, once it is known. */
  public void focusWhenRead() {
    isAwaited = true;
    focusFirst();
  }

  private void show(List<Trials.Shown> all) {
    filling = true;
    choice.getItems().setAll(all);
    Optional<Trials.Shown> now = open.flatMap(trials::of).or(() -> all.stream().findFirst());
    choice.setValue(now.orElse(null));
    filling = false;
    open = now.map(shown -> shown.trial().id());
    boolean wasThere = reading.isFocusWithin();
    if (getCenter() == reading || getCenter() == nothing) {
      read();
    }
    if (isAwaited || wasThere) {
      focusFirst();
    }
  }

  private void chosen(Optional<Trials.Shown> shown) {
    if (!filling) {
      open = shown.map(one -> one.trial().id());
      read();
    }
  }

  private Optional<Trials.Shown> opened() {
    return open.flatMap(trials::of);
  }

  private void read() {
    Optional<Trials.Shown> now = opened();
    now.ifPresent(shown -> reading.show(shown, figures()));
    Node page = now.isPresent() ? reading : nothing;
    setCenter(page);
  }

  private void backToReading() {
    read();
    focusFirst();
  }

  /** The open trial, where it is one's own and not closed. */
  public Optional<TrialId> toDo() {
    return opened()
        .map(Trials.Shown::trial)
        .filter(trial -> trial.from().isEmpty() && !trial.closed())
        .map(Trial::id);
  }

  /** Writes the open trial to files. */
  public void save() {
    opened().ifPresent(shown -> files.save(shown.trial()));
  }

  private void print() {
    opened().ifPresent(files::print);
  }

  /** Reads a trial in from a file. */
  public void readIn() {
    files.read(
        read -> {
          open(read);
          backToReading();
        });
  }

  /** Puts another trial in sight. */
  private void open(TrialId id) {
    open = Optional.of(id);
    filling = true;
    opened().ifPresent(choice::setValue);
    filling = false;
  }

  private void plan() {
    replanned = Optional.empty();
    planning.begin(trials.newId().value().getMostSignificantBits());
    setCenter(planning);
    planning.focusFirst();
  }

  private void replan(Trial trial) {
    replanned = Optional.of(trial.id());
    planning.change(trial.name(), trial.plan(), trials.newId().value().getMostSignificantBits());
    setCenter(planning);
    planning.focusFirst();
  }

  /** Sends edits; told why not where they are refused, and what comes then where not. */
  private void send(TrialId id, List<TrialEdit> edits, Runnable then, Consumer<String> refused) {
    CompletionStage<Outcome> sent = trials.submit(id, edits);
    sent.thenAccept(
        outcome -> {
          switch (outcome) {
            case Outcome.Recorded _ -> then.run();
            case Outcome.Not not -> refused.accept(Told.why(not, figures()));
          }
        });
  }

  /** A plan is wanted, or none. */
  private final class Planning implements PlanPage.Plans {
    @Override
    public void plan(String name, TrialPlan plan) {
      TrialId id = replanned.orElseGet(trials::newId);
      boolean isNew = replanned.isEmpty();
      List<TrialEdit> edits =
          isNew ? List.of(new TrialEdit.Begin(id, name, plan)) : changes(id, name, plan);
      send(
          id,
          edits,
          () -> {
            open(id);
            backToReading();
          },
          planning::refuse);
    }

    private List<TrialEdit> changes(TrialId id, String name, TrialPlan plan) {
      boolean isRenamed = trials.of(id).filter(one -> one.trial().name().equals(name)).isEmpty();
      return isRenamed
          ? List.of(new TrialEdit.Rename(name), new TrialEdit.Replan(plan))
          : List.of(new TrialEdit.Replan(plan));
    }

    @Override
    public void leave() {
      backToReading();
    }
  }

  /** What a page asks to be recorded of the open trial. */
  private final class Sending implements RunPage.Sends {
    @Override
    public void send(TrialEdit edit) {
      open.ifPresent(
          id ->
              TrialsPane.this.send(
                  id,
                  List.of(edit),
                  TrialsPane.this::backToReading,
                  sentence -> {
                    running.refuse(sentence);
                    finding.refuse(sentence);
                  }));
    }

    @Override
    public void leave() {
      backToReading();
    }
  }

  /** What the page that is read asks for. */
  private final class Acts implements TrialActs {
    @Override
    public void run(int contender, boolean isBlank) {
      opened()
          .ifPresent(
              shown -> {
                running.show(shown.trial(), contender, isBlank);
                setCenter(running);
                running.focusFirst();
              });
    }

    @Override
    public void look(TrialRun run) {
      opened()
          .filter(shown -> run.isLive() && !shown.trial().closed())
          .ifPresent(
              shown -> {
                finding.show(shown.trial(), run);
                setCenter(finding);
                finding.focusFirst();
              });
    }

    @Override
    public void strike(TrialRun run, String reason) {
      new Sending().send(new TrialEdit.StrikeRun(run.number(), reason));
    }

    @Override
    public void close(boolean closed) {
      new Sending().send(new TrialEdit.Close(closed));
    }

    @Override
    public Node others(Trial trial) {
      Wrapping row = new Wrapping(8, 8);
      boolean own = trial.from().isEmpty();
      if (own && !trial.closed()) {
        row.getChildren()
            .addAll(
                Buttons.plain("trial-blank", words.of("trial.next.blank"), "B", () -> blank(trial)),
                Buttons.quiet("trial-replan", words.of("trial.replan"), "P", () -> replan(trial)));
      }
      if (own) {
        row.getChildren()
            .add(
                Buttons.quiet(
                    "trial-close",
                    words.of(trial.closed() ? "trial.reopen" : "trial.next.close"),
                    "C",
                    () -> close(!trial.closed())));
      }
      row.getChildren()
          .addAll(
              Buttons.quiet("trial-save", words.of("trial.save"), "S", TrialsPane.this::save),
              Buttons.quiet("trial-print", words.of("trial.print"), "L", TrialsPane.this::print));
      return row;
    }

    /** The sand alone goes over the machine whose turn it is, or that had the fewest blank runs. */
    private void blank(Trial trial) {
      int machines = trial.plan().contenders().size();
      int fewest = 0;
      for (int i = 1; i < machines; i++) {
        fewest = blanks(trial, i) < blanks(trial, fewest) ? i : fewest;
      }
      run(fewest, true);
    }

    private static long blanks(Trial trial, int contender) {
      return trial.runs().stream()
          .filter(run -> run.isLive() && run.isBlank() && run.contender() == contender)
          .count();
    }
  }

  private Optional<FormPage> page() {
    return getCenter() instanceof FormPage page ? Optional.of(page) : Optional.empty();
  }

  /** Does what a key stands for here; gives whether it stands for anything. */
  public boolean press(KeyEvent key) {
    return switch (key.getCode()) {
      case ENTER -> enter(key);
      case ESCAPE -> page().filter(FormPage::escape).isPresent();
      default -> Keys.press(this, key);
    };
  }

  /** Enter in a field is the field's, on a button the button's, on a line the list's. */
  private boolean enter(KeyEvent key) {
    boolean isTaken =
        key.getTarget() instanceof TextInputControl
            || key.getTarget() instanceof TableView<?>
            || key.getTarget() instanceof ComboBox<?> list && list.isShowing();
    if (isTaken) {
      return false;
    }
    if (key.getTarget() instanceof Button button) {
      button.fire();
      return true;
    }
    page().ifPresent(FormPage::enter);
    return true;
  }

  /**
   * Takes the last edit of the open trial back, or brings it back again. One whose beginning was
   * taken back is out of sight, and is what is brought back first.
   */
  public void undoOrRedo(boolean isRedo) {
    Optional<TrialId> which = isRedo ? gone.or(() -> open) : open;
    which.ifPresent(
        id ->
            trials
                .undoOrRedo(id, isRedo)
                .thenRun(
                    () -> {
                      gone = trials.of(id).isEmpty() ? Optional.of(id) : Optional.empty();
                      if (gone.isEmpty()) {
                        open(id);
                      }
                      backToReading();
                    }));
  }

  /** Puts the focus on what is next. */
  public void focusFirst() {
    isAwaited = isAwaited && getCenter() == nothing;
    page().ifPresentOrElse(FormPage::focusFirst, () -> lookup("#trial-new").requestFocus());
  }
}
