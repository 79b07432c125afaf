package jugulum.desk.practice;

import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.concurrent.atomic.AtomicLong;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import jugulum.book.replay.ReplayFile;
import jugulum.core.ledger.Process;
import jugulum.core.passes.NextPass;
import jugulum.core.passes.Removal;
import jugulum.desk.eye.CountDrill;
import jugulum.desk.files.FileKind;
import jugulum.desk.files.FilePicker;
import jugulum.desk.files.Saving;
import jugulum.desk.kit.Keys;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.PracticeWords;
import jugulum.desk.words.Words;
import jugulum.desk.work.Notice;
import jugulum.practice.bowl.Bowl;
import jugulum.practice.drill.Best;
import jugulum.practice.drill.Drill;
import jugulum.practice.drill.Drills;
import jugulum.practice.drill.Replay;
import jugulum.practice.drill.Run;
import jugulum.practice.drill.Runs;
import jugulum.practice.drill.Runs.Grain;
import jugulum.practice.drill.Score;

/** Practice: the drills, the run that is played, and how it went. */
public final class PracticePane extends BorderPane {
  private final Workbench workbench;
  private final FilePicker picker;
  private final Saving saving;
  private final DrillsPage drills;
  private final After after = new After();

  /** Which search is still waited for. */
  private final AtomicLong searched = new AtomicLong();

  private Optional<Score> best = Optional.empty();

  /** Makes the pane of a workbench. */
  public PracticePane(Workbench workbench, FilePicker picker) {
    this.workbench = workbench;
    this.picker = picker;
    this.saving = new Saving(workbench, picker);
    setId("practice-pane");
    drills = new DrillsPage(workbench, new Wanted());
    setCenter(drills);
    workbench.watching().atTheEnd(searched::incrementAndGet);
  }

  private Words words() {
    return workbench.words();
  }

  private long newSeed() {
    return workbench.session().newBatch().value().getMostSignificantBits();
  }

  private void play(Drill drill, long seed) {
    Run run = Runs.of(drill, Grain.SEEN, seed);
    PlayPage page = new PlayPage(workbench, run, this::over);
    searched.incrementAndGet();
    setCenter(page);
    applyCss();
    page.begin();
  }

  /** Looks for the best run once the person has played: while one plays the machine is busy. */
  private void search(Drill drill, long seed) {
    long number = searched.incrementAndGet();
    best = Optional.empty();
    workbench
        .work()
        .aside(
            () -> Best.of(drill, seed, () -> number != searched.get()),
            found -> {
              if (number == searched.get()) {
                best = found.map(Best::score);
                if (getCenter() instanceof VerdictPage page) {
                  page.best(best);
                }
              }
            });
  }

  private void over(Run run) {
    Score score = run.score();
    workbench
        .practised()
        .tell(run.drill().id(), score.isReached(), score.goldLost(), score.minutes());
    search(run.drill(), run.seed());
    verdict(run);
  }

  private void verdict(Run run) {
    VerdictPage page = new VerdictPage(words(), run, after);
    setCenter(page);
    page.best(best);
    page.focusFirst();
  }

  /** A drill is wanted. */
  private final class Wanted implements DrillsPage.Wants {
    @Override
    public void begin(Drill drill) {
      play(Drills.freeing(drill, freed()), newSeed());
    }

    @Override
    public void readIn() {
      picker
          .toOpen(FileKind.REPLAY)
          .ifPresent(
              path ->
                  workbench
                      .work()
                      .aside(
                          () -> ReplayFile.read(path),
                          read -> {
                            switch (read) {
                              case ReplayFile.Whole(Replay replay) -> shown(replay);
                              case ReplayFile.Not(var why, String what) ->
                                  workbench
                                      .notices()
                                      .say(
                                          new Notice.Said(
                                              words().of("replay.not", why, what), true));
                            }
                          }));
    }

    @Override
    public void count() {
      CountDrill counting = new CountDrill(workbench, PracticePane.this::newSeed, after::leave);
      setCenter(counting);
      counting.focusFirst();
    }

    private void shown(Replay replay) {
      if (replay.isOfOtherLaws()) {
        workbench
            .notices()
            .say(
                new Notice.Said(
                    words().of("replay.other-laws", Integer.toString(replay.laws())), false));
      }
      workbench
          .work()
          .aside(
              replay::played,
              run -> {
                search(run.drill(), run.seed());
                verdict(run);
              });
    }

    /** The share of what was trapped that a pass of the batch on the bench freed. */
    private OptionalDouble freed() {
      return workbench
          .projections()
          .current()
          .get()
          .worked()
          .flatMap(
              worked ->
                  worked.network().steps().stream()
                      .filter(step -> step.process() instanceof Process.MagnetRun)
                      .map(step -> worked.nextPass(step, workbench.projections().shop().get()))
                      .map(NextPass::removal)
                      .filter(removal -> removal.state() == Removal.State.DECLINING)
                      .map(Removal::share)
                      .findFirst())
          .orElse(OptionalDouble.empty());
    }
  }

  /** What comes after a run. */
  private final class After implements VerdictPage.Wants {
    @Override
    public void again(Run run) {
      play(run.drill(), run.seed());
    }

    @Override
    public void another(Run run) {
      play(run.drill(), newSeed());
    }

    @Override
    public void next(Run run) {
      drills.next(run.drill());
      leave();
    }

    @Override
    public void save(Run run) {
      Replay replay =
          Replay.of(
              run.drill(),
              Grain.SEEN,
              run.seed(),
              run.told(),
              Math.round(run.seconds() / Bowl.STEP_S));
      saving.file(
          FileKind.REPLAY,
          PracticeWords.name(words(), run.drill()),
          () -> ReplayFile.write(replay).getBytes(StandardCharsets.UTF_8));
    }

    @Override
    public void leave() {
      searched.incrementAndGet();
      setCenter(drills);
      focusFirst();
    }
  }

  /** Does what a key stands for here; gives whether it stands for anything. */
  public boolean press(KeyEvent key) {
    if (getCenter() instanceof CountDrill) {
      return false;
    }
    if (getCenter() instanceof PlayPage page) {
      return page.press(key);
    }
    if (key.getCode() == KeyCode.ESCAPE && getCenter() != drills) {
      after.leave();
      return true;
    }
    boolean isChoice = key.getTarget() instanceof ComboBox<?>;
    if (key.getCode() == KeyCode.ENTER && getCenter() == drills && !isChoice) {
      ((Button) drills.lookup("#practice-begin")).fire();
      return true;
    }
    return Keys.press(this, key);
  }

  /** Puts the focus on what is next. */
  public void focusFirst() {
    switch (getCenter()) {
      case VerdictPage page -> page.focusFirst();
      case DrillsPage page -> page.focusFirst();
      case CountDrill page -> page.focusFirst();
      default -> lookup("#practice-stage").requestFocus();
    }
  }
}
