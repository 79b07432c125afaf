package jugulum.desk;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import java.util.function.Function;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.event.Event;
import javafx.event.EventTarget;
import javafx.event.EventType;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Labeled;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TableRow;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Pane;
import javafx.scene.robot.Robot;
import javafx.scene.text.Text;
import javafx.stage.Stage;
import jugulum.book.Books;
import jugulum.book.store.BookAddress;
import jugulum.book.stream.Book;
import jugulum.book.stream.Writer;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.StepId;
import jugulum.desk.files.FileKind;
import jugulum.desk.files.FilePicker;
import jugulum.desk.files.Where;
import jugulum.desk.panel.Desk;
import jugulum.desk.preference.BenchFile;
import jugulum.desk.preference.BenchMemory;
import jugulum.desk.preference.Preferences;
import jugulum.desk.session.Workbench;
import jugulum.desk.shell.ShellScene;
import jugulum.desk.view.Beside;
import jugulum.desk.words.Languages;
import org.testfx.util.WaitForAsyncUtils;

/**
 * Someone at the bench: opens a real window on a real book, types, presses keys, clicks, and reads
 * what the window shows. Keys and clicks are the platform's own; nothing sleeps between them, what
 * has to be waited for is a condition.
 */
public final class Person implements AutoCloseable {
  private static final Clock CLOCK =
      Clock.fixed(Instant.parse("2026-05-04T08:00:00Z"), ZoneOffset.UTC);
  private static final int PATIENCE_SECONDS = 90;

  /** A thing that is switched off is never under the mouse; a click on it must not wait long. */
  private static final int CHASES = 4;

  private final List<Throwable> crashes = Collections.synchronizedList(new ArrayList<>());
  private final ExecutorService bookThread = Executors.newSingleThreadExecutor();
  private final Workbench workbench;
  private final Stage stage;
  private final Scene scene;
  private Optional<Path> file = Optional.empty();
  private Optional<String> printer = Optional.empty();
  private final List<byte[]> printed = Collections.synchronizedList(new ArrayList<>());
  private int filesAsked;
  private int lookedRound;
  private final List<Path> looked = new ArrayList<>();
  private final List<String> pages = new ArrayList<>();

  private Person(Path path, Clock clock, Languages languages) {
    this(
        clock,
        bookThread -> {
          BenchMemory memory = new BenchFile(path.resolveSibling("bench.properties"));
          Book book = Books.open(path, writer(memory, clock));
          return Workbench.of(book, memory, languages, bookThread, Platform::runLater);
        });
  }

  private static Writer writer(BenchMemory memory, Clock clock) {
    return new Writer(Preferences.bench(memory, UUID::randomUUID), clock, UUID::randomUUID);
  }

  /**
   * Somebody at a bench of a shop.
   *
   * @param folder where that bench keeps its copy and what it remembers
   */
  public static Person at(BookAddress address, Path folder, String name) {
    return new Person(
        CLOCK,
        bookThread -> {
          BenchMemory memory = new BenchFile(folder.resolve(name + ".properties"));
          memory.put("bench", name);
          return Workbench.of(
              Books.together(address, folder.resolve(name + ".book"), writer(memory, CLOCK)),
              memory,
              Languages.english(),
              bookThread,
              Platform::runLater);
        });
  }

  private Person(Clock clock, Function<ExecutorService, Workbench> opening) {
    Thread.setDefaultUncaughtExceptionHandler((_, crash) -> crashes.add(crash));
    workbench = opening.apply(bookThread);
    record Opened(Stage stage, Scene scene) {}
    Opened opened =
        on(
            () -> {
              Thread.currentThread().setUncaughtExceptionHandler((_, crash) -> crashes.add(crash));
              Scene made =
                  new ShellScene(
                          workbench,
                          clock,
                          new Files(),
                          new Beside(
                              Optional.of(() -> lookedRound++),
                              Optional.of(looked::add),
                              Optional.of(pages::add)))
                      .scene();
              Stage window = new Stage();
              window.setX(0);
              window.setY(0);
              window.setScene(made);
              window.show();
              return new Opened(window, made);
            });
    stage = opened.stage();
    scene = opened.scene();
    on(() -> workbench.session().begin()).toCompletableFuture().join();
    afterAFrame();
    settle();
  }

  /** So many frames go by. */
  public Person pulses(int many) {
    for (int i = 0; i < many; i++) {
      afterAFrame();
    }
    return settle();
  }

  /** Nothing is cut off, mute, too small to read or outside the window. */
  public Person isWhole(String where) {
    Sight.isWhole(this, where);
    return this;
  }

  /** Nothing moves by itself, and {@link #isWhole nothing is cut off}. */
  public Person standsStill(String where) {
    Sight.standsStill(this, where);
    return this;
  }

  /** The first frame puts the focus somewhere, which then must not come in between. */
  private void afterAFrame() {
    CountDownLatch frame = new CountDownLatch(1);
    on(
        () -> {
          scene.addPostLayoutPulseListener(frame::countDown);
          Platform.requestNextPulse();
          return null;
        });
    try {
      assertThat(frame.await(PATIENCE_SECONDS, TimeUnit.SECONDS)).as("a first frame").isTrue();
    } catch (InterruptedException ended) {
      throw new IllegalStateException(ended);
    }
  }

  /** Opens the window on a book. */
  public static Person at(Path book) {
    return new Person(book, CLOCK, Languages.english());
  }

  /** Opens the window on a book, with a clock of its own on the wall. */
  public static Person at(Path book, Clock clock) {
    return new Person(book, clock, Languages.english());
  }

  /** Opens the window on a book, for someone who speaks the first of those languages. */
  public static Person speaking(Languages languages, Path book) {
    return new Person(book, CLOCK, languages);
  }

  /** What stands in for the file dialog. */
  private final class Files implements FilePicker {
    @Override
    public Optional<Path> toOpen(FileKind kind) {
      filesAsked++;
      return file;
    }

    @Override
    public Optional<Path> toSave(FileKind kind, String suggestion) {
      filesAsked++;
      return file;
    }

    @Override
    public Optional<Path> toFolder() {
      filesAsked++;
      return file;
    }

    @Override
    public Optional<Where> whereTo(FileKind kind, String suggestion) {
      return printer.isPresent() && kind.isPages()
          ? printer.map(Where.OnPaper::new)
          : FilePicker.super.whereTo(kind, suggestion);
    }

    @Override
    public void print(String name, String title, byte[] pdf) throws IOException {
      if (name.startsWith("broken")) {
        throw new IOException("out of paper");
      }
      printed.add(pdf);
    }
  }

  /** How often a file was asked for. */
  public int filesAsked() {
    return on(() -> filesAsked);
  }

  /** What fills the window below its tabs. */
  public Node inSight() {
    return on(() -> ((BorderPane) scene.lookup(".shell")).getCenter());
  }

  /** From now on pages go to that printer; one called "broken" takes none. */
  public Person printingTo(String name) {
    printer = Optional.of(name);
    return this;
  }

  /** What was printed. */
  public List<byte[]> printed() {
    return List.copyOf(printed);
  }

  /** Which pages of the documents were opened. */
  public List<String> pages() {
    return on(() -> List.copyOf(pages));
  }

  /** Which copies of books were opened to look at. */
  public List<Path> looked() {
    return on(() -> List.copyOf(looked));
  }

  /** How often made-up batches were asked for. */
  public int lookedRound() {
    return on(() -> lookedRound);
  }

  /** Chooses this file at the next file dialog. */
  public Person choosing(Path path) {
    file = Optional.of(path);
    return this;
  }

  private static <T> T on(Callable<T> work) {
    return WaitForAsyncUtils.waitForAsyncFx(PATIENCE_SECONDS * 1000L, work);
  }

  /**
   * Waits until the book has written, what was asked for is worked out and the window is laid out.
   */
  public Person settle() {
    long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(PATIENCE_SECONDS);
    turn();
    turn();
    while (workbench.work().isBusy()) {
      if (System.nanoTime() > end) {
        throw new AssertionError("something is still worked on after " + PATIENCE_SECONDS + " s");
      }
      turn();
    }
    drawn(() -> true);
    // What was to be done once it is laid out.
    turn();
    nothingCrashed();
    return this;
  }

  /** Lets the book do what it was asked for, and the window what comes of it. */
  private void turn() {
    try {
      bookThread.submit(() -> {}).get(PATIENCE_SECONDS, TimeUnit.SECONDS);
      on(() -> true);
    } catch (Exception problem) {
      throw new IllegalStateException(problem);
    }
  }

  /**
   * Waits until something is so, as long as a person would; a thing asked about may not be in sight
   * yet.
   */
  public Person until(BooleanSupplier so) {
    long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(PATIENCE_SECONDS);
    while (!isSo(so)) {
      if (System.nanoTime() > end) {
        throw new AssertionError("not so after " + PATIENCE_SECONDS + " s");
      }
      settle();
    }
    return settle();
  }

  private static boolean isSo(BooleanSupplier so) {
    try {
      return so.getAsBoolean();
    } catch (AssertionError notInSight) {
      return false;
    }
  }

  private Node node(String id) {
    return seen(id).orElseThrow(() -> new AssertionError("nothing in sight is called " + id));
  }

  private Optional<Node> seen(String id) {
    return on(() -> Optional.ofNullable(scene.lookup("#" + id)).filter(Person::inSight));
  }

  private static boolean inSight(Node node) {
    for (Node one = node; one != null; one = one.getParent()) {
      if (!one.isVisible()) {
        return false;
      }
    }
    return true;
  }

  /** Whether a thing can be seen. */
  public boolean sees(String id) {
    return seen(id).isPresent();
  }

  /** Turns to the next light and the next unit, wherever the focus is. */
  public Person inAnotherLightAndUnit() {
    on(
        () -> {
          workbench.preferences().nextTheme();
          workbench.preferences().nextUnit();
          return null;
        });
    return settle();
  }

  /** Makes the window that large. */
  public Person sized(double width, double height) {
    on(
        () -> {
          stage.setWidth(width);
          stage.setHeight(height);
          return null;
        });
    return settle();
  }

  /** Presses keys together and waits. */
  public Person press(KeyCode... keys) {
    on(
        () -> {
          // Keys go to the window in front; the one before may have been closed a moment ago.
          stage.requestFocus();
          Robot robot = new Robot();
          Stream.of(keys).forEach(robot::keyPress);
          List.of(keys).reversed().forEach(robot::keyRelease);
          return null;
        });
    return settle();
  }

  /** Presses one key several times. */
  public Person pressTimes(KeyCode key, int times) {
    for (int i = 0; i < times; i++) {
      press(key);
    }
    return this;
  }

  /**
   * Clicks on a thing with the mouse, after scrolling to it. What is worked out meanwhile can move
   * it away from under the mouse: then one goes after it, as a person does.
   */
  public Person click(String id) {
    for (int tries = 1; !clicked(id, tries == CHASES); tries++) {
      settle();
    }
    return settle();
  }

  /** Clicks on a thing if the mouse comes to lie on it, or in any case. */
  private boolean clicked(String id, boolean inAnyCase) {
    Node target = node(id);
    on(
        () -> {
          scrollTo(target);
          return null;
        });
    settle();
    return drawn(
        () -> {
          stage.requestFocus();
          Node shown = scene.lookup("#" + id);
          Robot robot = new Robot();
          robot.mouseMove(centre(shown));
          boolean on = shown.isHover() || inAnyCase;
          if (on) {
            robot.mouseClick(MouseButton.PRIMARY);
          }
          return on;
        });
  }

  private static Point2D centre(Node shown) {
    Bounds there = shown.localToScreen(shown.getBoundsInLocal());
    return new Point2D(there.getCenterX(), there.getCenterY());
  }

  private static void scrollTo(Node target) {
    for (Node parent = target.getParent(); parent != null; parent = parent.getParent()) {
      if (parent instanceof ScrollPane pane && pane.getContent() != null) {
        Bounds inside =
            pane.getContent().sceneToLocal(target.localToScene(target.getBoundsInLocal()));
        double spare =
            pane.getContent().getLayoutBounds().getHeight() - pane.getViewportBounds().getHeight();
        if (spare > 0) {
          pane.setVvalue(
              Math.clamp(
                  (inside.getMinY() - pane.getViewportBounds().getHeight() / 2) / spare, 0, 1));
        }
      }
    }
  }

  /** Puts the focus into a field and types over what is there. */
  public Person type(String id, String text) {
    Node field = node(id);
    // What is still to give the focus away does so before anything is typed.
    on(
        () -> {
          field.requestFocus();
          return null;
        });
    turn();
    on(
        () -> {
          field.requestFocus();
          ((TextInputControl) field).selectAll();
          return null;
        });
    return text.isEmpty() ? press(KeyCode.DELETE) : write(text);
  }

  /** Types where the focus is. */
  public Person write(String text) {
    for (int i = 0; i < text.length(); i++) {
      String letter = text.substring(i, i + 1);
      on(
          () -> {
            type(letter);
            return null;
          });
    }
    return settle();
  }

  /** Types as a keyboard does, each key with its code, to whatever has the focus just then. */
  public Person blind(String text) {
    for (char sign : text.toCharArray()) {
      KeyCode code =
          switch (sign) {
            case ' ' -> KeyCode.SPACE;
            case '.' -> KeyCode.PERIOD;
            default -> KeyCode.getKeyCode(String.valueOf(Character.toUpperCase(sign)));
          };
      on(
          () -> {
            for (EventType<KeyEvent> type :
                List.of(KeyEvent.KEY_PRESSED, KeyEvent.KEY_TYPED, KeyEvent.KEY_RELEASED)) {
              boolean isTyped = type == KeyEvent.KEY_TYPED;
              EventTarget target = scene.getFocusOwner() == null ? scene : scene.getFocusOwner();
              Event.fireEvent(
                  target,
                  new KeyEvent(
                      type,
                      isTyped ? String.valueOf(sign) : "",
                      "",
                      isTyped ? KeyCode.UNDEFINED : code,
                      false,
                      false,
                      false,
                      false));
            }
            return null;
          });
    }
    return settle();
  }

  /** What a keyboard sends for a letter, to whatever has the focus in this window. */
  private void type(String letter) {
    EventTarget target = scene.getFocusOwner() == null ? scene : scene.getFocusOwner();
    for (EventType<KeyEvent> type :
        List.of(KeyEvent.KEY_PRESSED, KeyEvent.KEY_TYPED, KeyEvent.KEY_RELEASED)) {
      String typed = type == KeyEvent.KEY_TYPED ? letter : "";
      Event.fireEvent(
          target, new KeyEvent(type, typed, "", KeyCode.UNDEFINED, false, false, false, false));
    }
  }

  /** Opens the panel of a lot, wherever on the board it stands. */
  public Person open(int lot) {
    on(
        () -> {
          ((Desk) scene.lookup("#panel-host")).openLot(new LotId(lot));
          return null;
        });
    return settle();
  }

  /** Opens the panel of a step, wherever on the board it stands. */
  public Person openStep(int step) {
    on(
        () -> {
          ((Desk) scene.lookup("#panel-host")).openStep(new StepId(step));
          return null;
        });
    return settle();
  }

  /** Puts a batch on the bench and lays the window out once, as the next frame does. */
  public void openInOneFrame(String name) {
    var batch =
        workbench.projections().batches().get().stream()
            .filter(one -> one.name().equals(name))
            .findFirst()
            .orElseThrow();
    CompletionStage<Void> shown =
        on(
            () ->
                workbench
                    .session()
                    .open(batch.id())
                    .thenRun(
                        () -> {
                          scene.getRoot().applyCss();
                          scene.getRoot().layout();
                        }));
    shown.toCompletableFuture().join();
  }

  /** What a thing says, its parts together. */
  public String text(String id) {
    Node node = node(id);
    return on(() -> plain(String.join(" ", texts(node))));
  }

  /** Everything in sight, as text. */
  public String everything() {
    return on(() -> plain(String.join("\n", texts(scene.getRoot()))));
  }

  /** A blank that does not break is a blank to who reads it. */
  private static String plain(String text) {
    return text.replace('\u00a0', ' ');
  }

  private static List<String> texts(Node node) {
    List<String> found = new ArrayList<>();
    if (!node.isVisible()) {
      return found;
    }
    switch (node) {
      case TextInputControl field -> found.add(field.getText());
      case TableRow<?> row ->
          row.getChildrenUnmodifiable().forEach(cell -> found.addAll(texts(cell)));
      case Labeled labeled -> {
        found.add(labeled.getText());
        if (labeled.getGraphic() != null) {
          found.addAll(texts(labeled.getGraphic()));
        }
      }
      case ScrollPane pane -> found.addAll(texts(pane.getContent()));
      case Text text -> found.add(text.getText());
      case javafx.scene.Parent parent ->
          parent.getChildrenUnmodifiable().forEach(child -> found.addAll(texts(child)));
      default -> {}
    }
    return found.stream().filter(text -> text != null && !text.isEmpty()).toList();
  }

  /** The thing that has the focus. */
  public Node focused() {
    return on(scene::getFocusOwner);
  }

  /** The batch on the bench as the workbench has it. */
  public Batch batch() {
    return on(() -> workbench.projections().current().get().worked().orElseThrow().batch());
  }

  /** The workbench. */
  public Workbench workbench() {
    return workbench;
  }

  /**
   * Reads something of the window as it would be drawn: what came in since the last frame is styled
   * and laid out first, and nothing changes meanwhile.
   */
  public <T> T drawn(Callable<T> read) {
    return on(
        () -> {
          scene.getRoot().applyCss();
          scene.getRoot().layout();
          return read.call();
        });
  }

  /** Told in full: what happened once in a long walk does not come again when one looks. */
  private void nothingCrashed() {
    assertThat(crashes)
        .as("exceptions on the interface thread")
        .extracting(crash -> crash + "\n" + Arrays.toString(crash.getStackTrace()))
        .isEmpty();
  }

  /** The window's content. */
  public Pane root() {
    return (Pane) scene.getRoot();
  }

  @Override
  public void close() {
    on(
        () -> {
          stage.close();
          // The platform that draws in memory keeps every window it ever showed.
          stage.setScene(null);
          return null;
        });
    workbench.close();
    nothingCrashed();
  }
}
