package jugulum.desk.command;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCombination;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import jugulum.book.Books;
import jugulum.book.store.BookAddress;
import jugulum.book.stream.BookProblem;
import jugulum.book.stream.Writer;
import jugulum.desk.files.DialogPicker;
import jugulum.desk.preference.BenchFile;
import jugulum.desk.preference.BenchMemory;
import jugulum.desk.preference.Preferences;
import jugulum.desk.session.Backing;
import jugulum.desk.session.Workbench;
import jugulum.desk.shell.ShellScene;
import jugulum.desk.theme.Emblem;
import jugulum.desk.view.Beside;
import jugulum.desk.view.View;
import jugulum.desk.words.Languages;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;
import jugulum.desk.work.Notice;
import jugulum.practice.start.TradeTable;

/** Opens the window on a book and stays until it is closed. */
final class MainWindow {
  private static final List<Integer> ICON_SIDES = List.of(16, 32, 48, 128);

  private final Words words;
  private final CountDownLatch closed = new CountDownLatch(1);
  private final AtomicInteger exitCode = new AtomicInteger(Exit.OK);
  private final Clock clock;
  private final Path bench;
  private final Optional<Path> batchFile;

  /** The window on made-up batches, while it is open. */
  private Optional<Stage> lookingRound = Optional.empty();

  private MainWindow(Words words, Clock clock, Path bench, Optional<Path> batchFile) {
    this.words = words;
    this.clock = clock;
    this.bench = bench;
    this.batchFile = batchFile;
  }

  /**
   * Opens a book in a window and returns its exit code when the window is closed.
   *
   * @param where the book
   * @param batchFile a batch file to take into it; empty for none
   * @param bench the file in which the bench remembers how it likes to see things
   */
  static int open(Words words, BookAt where, Optional<Path> batchFile, Path bench, Clock clock) {
    if (!hasDisplay()) {
      System.err.println(words.of("command.no-display"));
      return Exit.NO_DISPLAY;
    }
    MainWindow window = new MainWindow(words, clock, bench, batchFile);
    ExecutorService bookThread = bookThread();
    CompletableFuture<Started> starting =
        CompletableFuture.supplyAsync(() -> start(where, clock, bench, bookThread), bookThread);
    Platform.startup(() -> {});
    starting
        .thenAcceptAsync(window::showMain, Platform::runLater)
        .exceptionallyAsync(problem -> window.showProblem(problem, bookThread), Platform::runLater);
    window.await();
    starting.thenAccept(started -> started.workbench().close()).exceptionally(_ -> null).join();
    return window.exitCode.get();
  }

  /** A workbench whose batch is being worked out already, while the window is still being built. */
  private record Started(Workbench workbench, CompletionStage<Void> begun) {}

  private static Started start(BookAt where, Clock clock, Path bench, ExecutorService bookThread) {
    BenchMemory memory = new BenchFile(bench);
    Writer writer =
        new Writer(Preferences.bench(memory, UUID::randomUUID), clock, UUID::randomUUID);
    Workbench workbench =
        switch (where) {
          case BookAt.InFile(Path path) -> {
            Backing.Before before =
                Backing.isPassing(path)
                    ? Backing.Before.NOTHING
                    : Backing.beforeNewer(path, memory, Jugulum.VERSION, clock);
            Workbench made =
                Workbench.of(
                    Books.open(path, writer),
                    memory,
                    Languages.ofThisMachine(),
                    bookThread,
                    Platform::runLater);
            Platform.runLater(
                () ->
                    made.backing().confirm(before, why -> made.notices().say(uncopied(made, why))));
            yield made;
          }
          case BookAt.Served(BookAddress address, Path mirror) ->
              Workbench.of(
                  Books.togetherAtOnce(address, mirror, writer),
                  memory,
                  Languages.ofThisMachine(),
                  bookThread,
                  Platform::runLater);
        };
    return new Started(workbench, workbench.session().begin());
  }

  private static Notice uncopied(Workbench workbench, BookProblem why) {
    Words words = workbench.words();
    return new Notice.Said(words.of("backup.not-before", Sentences.copying(words, why)), true);
  }

  static ExecutorService bookThread() {
    return Executors.newSingleThreadExecutor(
        work -> Thread.ofPlatform().name("book").daemon(true).unstarted(work));
  }

  private static boolean hasDisplay() {
    boolean linux = System.getProperty("os.name").toLowerCase(Locale.ROOT).contains("linux");
    boolean drawnInMemory = "Headless".equals(System.getProperty("glass.platform"));
    return !linux || drawnInMemory || isSet("DISPLAY") || isSet("WAYLAND_DISPLAY");
  }

  private static boolean isSet(String variable) {
    String value = System.getenv(variable);
    return value != null && !value.isBlank();
  }

  private void showMain(Started started) {
    Workbench workbench = started.workbench();
    Thread.setDefaultUncaughtExceptionHandler(
        (_, fault) -> Platform.runLater(() -> workbench.work().fault(fault)));
    Beside beside =
        new Beside(
            Demo.BENCH.original().map(_ -> this::lookRound),
            Optional.of(this::lookAtCopy),
            DocumentPages.opener(place -> Platform.runLater(() -> noBrowser(workbench, place))));
    show(started, beside, batchFile).setOnHidden(_ -> closed.countDown());
    // The first reading takes several frames: before a sheet asks for it.
    workbench.work().aside(TradeTable::shipped, _ -> {});
  }

  private static void noBrowser(Workbench workbench, String place) {
    String text = workbench.words().of("pages.no-browser", place);
    workbench.notices().say(new Notice.Said(text, true));
  }

  /** Opens a fresh copy of the made-up batches in a window beside this one. */
  private void lookRound() {
    if (lookingRound.isPresent()) {
      lookingRound.get().toFront();
      return;
    }
    ExecutorService bookThread = bookThread();
    CompletableFuture.supplyAsync(this::copyOfDemo, bookThread)
        .thenApplyAsync(
            copy -> start(new BookAt.InFile(copy), clock, bench, bookThread), bookThread)
        .thenAcceptAsync(this::showBeside, Platform::runLater)
        .exceptionallyAsync(problem -> showProblem(problem, bookThread), Platform::runLater);
  }

  /** Opens a copy of a book in a window of its own, to read only. */
  private void lookAtCopy(Path copy) {
    ExecutorService bookThread = bookThread();
    CompletableFuture.supplyAsync(() -> looking(copy, bookThread), bookThread)
        .thenAcceptAsync(this::showCopy, Platform::runLater)
        .exceptionallyAsync(problem -> showProblem(problem, bookThread), Platform::runLater);
  }

  private Started looking(Path copy, ExecutorService bookThread) {
    BenchMemory memory = new BenchFile(bench);
    Workbench workbench =
        Workbench.of(
            Books.look(copy, Writer.unnamed(clock)),
            memory,
            Languages.ofThisMachine(),
            bookThread,
            Platform::runLater);
    return new Started(workbench, workbench.session().begin());
  }

  private void showCopy(Started started) {
    show(started, Beside.NOTHING, Optional.empty())
        .setOnHidden(_ -> Thread.ofVirtual().start(started.workbench()::close));
  }

  private Path copyOfDemo() {
    try {
      return Demo.BENCH.copy(words);
    } catch (IOException problem) {
      throw new UncheckedIOException(problem);
    }
  }

  private void showBeside(Started started) {
    Stage stage = show(started, Beside.NOTHING, Optional.empty());
    lookingRound = Optional.of(stage);
    stage.setOnHidden(
        _ -> {
          lookingRound = Optional.empty();
          Thread.ofVirtual().start(started.workbench()::close);
        });
  }

  private Stage show(Started started, Beside beside, Optional<Path> toTakeIn) {
    Workbench workbench = started.workbench();
    Stage stage = new Stage();
    ShellScene made =
        new ShellScene(workbench, clock, new DialogPicker(workbench.words(), stage), beside);
    stage.setScene(made.scene());
    stage.titleProperty().bind(made.title());
    stage.getIcons().setAll(ICON_SIDES.stream().map(Emblem::image).toList());
    stage.setFullScreenExitHint("");
    stage.setFullScreenExitKeyCombination(KeyCombination.NO_MATCH);
    made.benchMode().addListener((_, _, whole) -> stage.setFullScreen(whole));
    started
        .begun()
        .thenRunAsync(
            () -> {
              stage.show();
              made.shell().show(View.BENCH);
              workbench.session().verify();
              toTakeIn.ifPresent(made.shell()::takeIn);
              Optional.ofNullable(Long.getLong("jugulum.started"))
                  .ifPresent(millis -> reportFirstFrame(Instant.ofEpochMilli(millis)));
            },
            Platform::runLater);
    return stage;
  }

  /** For the benchmark: says how long it took from that moment to the second frame, and ends. */
  private void reportFirstFrame(Instant started) {
    new AnimationTimer() {
      private int frames;

      @Override
      public void handle(long now) {
        if (++frames == 2) {
          stop();
          System.out.println(
              "first usable window after "
                  + Duration.between(started, Instant.now()).toMillis()
                  + " ms");
          closed.countDown();
        }
      }
    }.start();
  }

  private Void showProblem(Throwable problem, ExecutorService bookThread) {
    String sentence = Sentences.problem(words, problem);
    System.err.println(sentence);
    exitCode.set(Exit.BOOK_PROBLEM);
    bookThread.shutdown();
    Label label = new Label(sentence);
    label.setWrapText(true);
    VBox box = new VBox(label);
    box.setStyle("-fx-padding: 28; -fx-font-size: 17;");
    Stage stage = new Stage();
    stage.setScene(new Scene(box, 620, 220));
    stage.setTitle(words.of("window.problem"));
    stage.setOnHidden(_ -> closed.countDown());
    stage.show();
    return null;
  }

  /**
   * Returns when the window is closed; only then is the book closed, and not by the interface
   * thread.
   */
  private void await() {
    try {
      closed.await();
    } catch (InterruptedException ended) {
      Thread.currentThread().interrupt();
    }
  }
}
