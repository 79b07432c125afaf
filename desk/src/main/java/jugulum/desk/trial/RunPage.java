package jugulum.desk.trial;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import jugulum.core.account.Worked;
import jugulum.core.ledger.Process;
import jugulum.core.screens.Cut;
import jugulum.core.trial.Amount;
import jugulum.core.trial.Contender;
import jugulum.core.trial.RunOf;
import jugulum.core.trial.Spike;
import jugulum.core.trial.Trial;
import jugulum.core.trial.TrialEdit;
import jugulum.desk.entry.AmountText;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Choices;
import jugulum.desk.kit.FormPage;
import jugulum.desk.kit.Parts;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.TrialWords;
import jugulum.desk.words.Words;

/** Asks what goes into a run of a trial. */
final class RunPage extends FormPage {
  private static final double USUAL_SAND = 2000;

  /** Who wants an edit of the trial. */
  interface Sends {
    /** That edit is wanted. */
    void send(TrialEdit edit);

    /** None is. */
    void leave();
  }

  /** A class with the field of its spike. */
  private record Put(Cut cut, EntryField<Amount> field) {}

  @Prologue private final Words words;
  private final Workbench workbench;
  private final Sends sends;
  private final List<Put> spikes = new ArrayList<>();
  private final EntryField<Double> sand;
  private final EntryField<Double> sd;
  private final EntryField<Double> other;
  private ComboBox<Optional<RunOf>> ofBatch;
  private int contender;

  RunPage(Workbench workbench, Sends sends) {
    this.words = workbench.words();
    super(workbench.words(), "trial-run");
    error.setId("trial-run-error");
    this.workbench = workbench;
    this.sends = sends;
    this.sand = EntryField.number(words, "trial-run-sand", "trial.run.sand", "", 0.1, 1e7);
    this.sd =
        EntryField.number(
            words, "trial-run-sd", "trial.run.sd", words.plain(Spike.USUAL_SD_MG), 0, 1e6);
    this.other = EntryField.percent(words, "trial-run-other", "trial.run.other", "0", 99);
    this.ofBatch = batchRuns(Optional.empty());
  }

  /** Asks for a run of a contender; a blank one has no spike. */
  void show(Trial trial, int of, boolean isBlank) {
    contender = of;
    spikes.clear();
    forgive();
    Contender tried = trial.plan().contenders().get(of);
    OptionalDouble before =
        trial.runs().stream().mapToDouble(run -> run.sandG()).reduce((_, later) -> later);
    sand.fill(words.plain(trial.plan().sandG().orElse(before.orElse(USUAL_SAND))));
    ofBatch = batchRuns(Optional.of(tried));
    VBox left =
        new VBox(
            12,
            Parts.heading(
                words.of("trial.run.title", Integer.toString(trial.nextRun())),
                TrialWords.contender(words, tried)));
    if (!tried.settings().isEmpty() || !tried.operator().isEmpty()) {
      left.getChildren().add(Parts.sentence(setUp(tried), "muted"));
    }
    left.getChildren().add(sand);
    if (isBlank) {
      left.getChildren().add(Parts.sentence(words.of("trial.blank.about")));
    } else {
      trial.plan().classes().forEach(cut -> spikes.add(put(cut, trial.plan().specks())));
      rows(left, spikes.stream().map(Put::field).toList());
      left.getChildren().add(new FieldRow(List.of(sd, other)));
      left.getChildren().add(Parts.sentence(words.of("trial.run.other.about"), "muted"));
    }
    if (ofBatch.getItems().size() > 1) {
      left.getChildren()
          .add(
              new VBox(
                  3, Parts.styled(new Label(words.of("trial.run.of")), "entry-label"), ofBatch));
    }
    left.getChildren()
        .addAll(
            error,
            Parts.row(
                Buttons.primary(
                    "trial-run-start",
                    words.of(isBlank ? "trial.run.start-blank" : "trial.run.start"),
                    "Enter",
                    this::enter),
                Buttons.plain("trial-back", words.of("panel.back"), "Esc", sends::leave)));
    Stream.concat(Stream.of(sand, sd, other), spikes.stream().map(Put::field))
        .map(EntryField::field)
        .forEach(field -> field.setOnAction(_ -> enter()));
    columns(left, hints(isBlank));
  }

  private String setUp(Contender tried) {
    return words.beside(List.of(TrialWords.settings(words, tried.settings()), tried.operator()));
  }

  private VBox hints(boolean isBlank) {
    VBox right = new VBox(10, Parts.section(words.of("trial.run.how")));
    (isBlank
            ? Stream.of("trial.how.blank", "trial.how.same")
            : Stream.of("trial.how.wet", "trial.how.mix", "trial.how.same", "trial.how.last"))
        .forEach(key -> right.getChildren().add(Parts.sentence(words.of(key))));
    return right;
  }

  /** Fields two by two. */
  static void rows(VBox place, List<? extends EntryField<?>> fields) {
    for (int i = 0; i < fields.size(); i += 2) {
      place.getChildren().add(new FieldRow(fields.subList(i, Math.min(i + 2, fields.size()))));
    }
  }

  private Put put(Cut cut, int planned) {
    EntryField<Amount> field =
        new EntryField<>(
            words,
            "trial-spike-" + spikes.size(),
            words.of("trial.run.spike", Sentences.cut(words, cut)),
            words.of("trial.amount.hint"),
            typed -> AmountText.parse(words, typed));
    field.fill(Integer.toString(planned));
    return new Put(cut, field);
  }

  /** The runs of the batch on the bench over that machine, and none. */
  private ComboBox<Optional<RunOf>> batchRuns(Optional<Contender> tried) {
    List<Optional<RunOf>> runs = new ArrayList<>();
    runs.add(Optional.empty());
    Optional<Worked> worked = workbench.projections().current().get().worked();
    worked.ifPresent(
        now ->
            now.network().steps().stream()
                .filter(
                    step ->
                        step.process() instanceof Process.GravityRun(var machine, var _)
                            && tried.map(Contender::machine).equals(Optional.of(machine)))
                .map(step -> Optional.of(new RunOf(now.batch().id(), step.id())))
                .forEach(runs::add));
    return Choices.of("trial-run-of", words.of("trial.run.of"), runs, run -> named(worked, run));
  }

  private String named(Optional<Worked> worked, Optional<RunOf> run) {
    return run.flatMap(
            one ->
                worked.flatMap(
                    now ->
                        now.batch()
                            .step(one.step())
                            .map(
                                step ->
                                    words.of(
                                        "trial.run.of-batch",
                                        now.batch().label().name(),
                                        Sentences.step(words, step, now.network())))))
        .orElseGet(() -> words.of("trial.run.of-none"));
  }

  private Optional<List<Spike>> spikes(double doubt, double share) {
    List<Spike> all = new ArrayList<>();
    for (Put put : spikes) {
      Optional<Amount> amount = put.field().read();
      if (amount.isEmpty()) {
        return Optional.empty();
      }
      if (amount.get().isNothing()) {
        continue;
      }
      all.add(new Spike(put.cut(), amount.get().specks(), amount.get().mg(), doubt, share));
    }
    if (all.isEmpty() && !spikes.isEmpty()) {
      spikes.getFirst().field().refuse(words.of("trial.run.nothing"));
      return Optional.empty();
    }
    return Optional.of(all);
  }

  @Override
  public void enter() {
    sand.read()
        .ifPresent(
            grams ->
                sd.read()
                    .ifPresent(
                        doubt ->
                            other
                                .read()
                                .flatMap(part -> spikes(doubt, 1 - part))
                                .ifPresent(
                                    all ->
                                        sends.send(
                                            new TrialEdit.Run(
                                                contender, grams, all, ofBatch.getValue())))));
  }

  @Override
  public boolean escape() {
    sends.leave();
    return true;
  }

  @Override
  public void focusFirst() {
    focus(spikes.isEmpty() ? sand.field() : spikes.getFirst().field().field());
  }
}
