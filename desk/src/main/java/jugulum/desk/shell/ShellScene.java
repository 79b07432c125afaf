package jugulum.desk.shell;

import java.time.Clock;
import java.util.Optional;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.scene.Scene;
import javafx.scene.input.KeyEvent;
import javafx.stage.Window;
import javafx.util.Duration;
import jugulum.book.backup.Backups;
import jugulum.desk.files.FilePicker;
import jugulum.desk.session.Backing;
import jugulum.desk.session.Workbench;
import jugulum.desk.theme.Theme;
import jugulum.desk.view.Beside;
import jugulum.desk.view.View;
import jugulum.desk.words.Language;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;
import jugulum.desk.work.Notice;

/**
 * The scene of the window: a shell that speaks the language chosen. When another is chosen a new
 * shell takes its place at the same view; the book and all that runs stay as they are.
 */
public final class ShellScene {
  private static final double WIDTH = 1280;
  private static final double HEIGHT = 800;

  private final Workbench workbench;
  private final Clock clock;
  private final FilePicker picker;
  private final Beside beside;
  private final Zoom zoom;
  private final Scene scene;
  private final ReadOnlyStringWrapper title = new ReadOnlyStringWrapper("");
  private final ReadOnlyBooleanWrapper benchMode = new ReadOnlyBooleanWrapper();

  /** What a person believes to be recorded must be in a file, and that within a second. */
  private final Timeline watching;

  private Workbench seen;

  /** Whether it was told that copies cannot be made. */
  private boolean isTold;

  private Shell shell;
  private Language language;

  /** Makes the scene of a workbench without made-up batches to look round in. */
  public ShellScene(Workbench workbench, Clock clock, FilePicker picker) {
    this(workbench, clock, picker, Beside.NOTHING);
  }

  /**
   * Makes the scene of a workbench.
   *
   * @param beside opens other books in windows beside this one
   */
  public ShellScene(Workbench workbench, Clock clock, FilePicker picker, Beside beside) {
    this.beside = beside;
    this.watching =
        new Timeline(
            new KeyFrame(
                Duration.seconds(1),
                _ -> {
                  workbench.session().keepSafe();
                  workbench.session().follow();
                  workbench.backing().beat();
                }));
    this.workbench = workbench;
    this.clock = clock;
    this.picker = picker;
    this.language = workbench.words().language();
    this.seen = workbench.forWindow();
    this.shell = new Shell(seen, clock, picker, beside);
    this.zoom = new Zoom(shell, workbench.preferences().size());
    this.scene = new Scene(zoom, WIDTH, HEIGHT);
    this.scene.addEventHandler(KeyEvent.ANY, this::toTheShell);
    Theme.dress(scene, workbench);
    workbench
        .preferences()
        .figures()
        .addListener((_, _, figures) -> speak(figures.words().language()));
    workbench.backing().status().addListener((_, _, now) -> tellOfBackups(now));
    entitle();
    watching.setCycleCount(Animation.INDEFINITE);
    watching.play();
    scene
        .windowProperty()
        .flatMap(Window::showingProperty)
        .orElse(false)
        .subscribe((was, is) -> end(was && !is));
  }

  /**
   * Until the next frame nothing has the focus when the thing that had it is gone: a key pressed
   * then goes to the view in sight instead of nowhere.
   */
  private void toTheShell(KeyEvent key) {
    if (key.getTarget() == scene) {
      shell.take(key);
      key.consume();
    }
  }

  /** A window that is closed follows no clock and asks the book for nothing. */
  private void end(boolean isClosed) {
    if (isClosed) {
      watching.stop();
      seen.watching().end();
    }
  }

  /**
   * Once a start: a stick that is away, or a copy that could not be made, is not found out later.
   */
  private void tellOfBackups(Backing.Status now) {
    if (isTold || !workbench.backing().isByItself()) {
      return;
    }
    Words words = workbench.words();
    Optional<String> why =
        now.problem()
            .map(problem -> Sentences.copying(words, problem))
            .or(
                () ->
                    now.health()
                        .filter(health -> health == Backups.Health.AWAY)
                        .map(health -> words.of("backup.health", health)));
    isTold = why.isPresent();
    why.ifPresent(
        text -> workbench.notices().say(new Notice.Said(words.of("backup.week", text), true)));
  }

  private void speak(Language chosen) {
    if (chosen.equals(language)) {
      return;
    }
    language = chosen;
    View view = shell.current();
    boolean isBenchMode = benchMode.get();
    seen.watching().end();
    seen = workbench.forWindow();
    shell = new Shell(seen, clock, picker, beside);
    zoom.show(shell);
    shell.show(view);
    if (isBenchMode) {
      shell.enterBenchMode();
    }
    entitle();
  }

  private void entitle() {
    Words words = workbench.words();
    String name = words.of("window.title", workbench.bookName());
    title.set(name);
    benchMode.set(shell.benchMode().get());
    seen.watch(shell.benchMode(), benchMode::set);
    seen.watch(
        shell.due(),
        due -> title.set(due.isEmpty() ? name : words.of("window.title.due", due, name)));
  }

  /** What the window shows. */
  public Scene scene() {
    return scene;
  }

  /** The shell that stands now. */
  public Shell shell() {
    return shell;
  }

  /** Whether the whole screen is wanted. */
  public ReadOnlyBooleanProperty benchMode() {
    return benchMode.getReadOnlyProperty();
  }

  /** For the bar of a desktop: the book, and before it what a running machine asks for. */
  public ReadOnlyStringProperty title() {
    return title.getReadOnlyProperty();
  }
}
