package jugulum.measure;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Supplier;
import java.util.logging.Level;
import java.util.logging.Logger;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.Stage;
import jugulum.book.Books;
import jugulum.book.batch.BatchLines;
import jugulum.book.batch.BatchStream;
import jugulum.book.batch.BatchSummary;
import jugulum.book.stream.Book;
import jugulum.book.stream.Order;
import jugulum.book.stream.Writer;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Label;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Measure;
import jugulum.demo.DemoSeason;
import jugulum.desk.files.FilePicker;
import jugulum.desk.preference.BenchMemory;
import jugulum.desk.session.Workbench;
import jugulum.desk.shell.ShellScene;
import jugulum.desk.words.Languages;

/**
 * A book of very many batches of which nothing is worked out yet, as after an upgrade: how long a
 * key waits and an edit takes while all of it is worked out behind, how long that goes on, and what
 * memory it takes.
 */
public final class MeasureMany {
  private static final int KEY_EVERY_MILLIS = 40;
  private static final int KEYS_AN_EDIT = 25;
  private static final Logger ROOT = Logger.getLogger("");

  private MeasureMany() {}

  /** Prints the figures of a book of so many batches. */
  public static void main(String[] args) throws IOException, SQLException, InterruptedException {
    ROOT.setLevel(Level.SEVERE);
    if (System.getenv("DISPLAY") == null) {
      System.setProperty("glass.platform", "Headless");
      System.setProperty("prism.order", "sw");
    }
    int batches = args.length > 0 ? Integer.parseInt(args[0]) : 2_000;
    Path path = Files.createTempDirectory("jugulum-many").resolve("many.book");
    write(path, batches);
    measure(path, batches);
    System.exit(0);
  }

  /** The batches of the demo season again and again, each under an identity of its own. */
  private static void write(Path path, int batches) throws SQLException {
    Path season = path.resolveSibling("season.book");
    DemoSeason.write(season);
    List<Batch> all = new ArrayList<>();
    try (Book book = open(season)) {
      for (BatchSummary one : BatchLines.all(book)) {
        book.standing(BatchStream.of(one.id())).now().ifPresent(all::add);
      }
    }
    try (Book book = open(path)) {
      for (int i = 0; i < batches; i++) {
        Batch copied = named(all.get(i % all.size()), i);
        book.submit(Order.of(BatchStream.of(copied.id()), new Edit.Adopt(copied)));
      }
    }
    try (Connection file = DriverManager.getConnection("jdbc:sqlite:" + path);
        Statement does = file.createStatement()) {
      does.execute("DELETE FROM projected");
    }
  }

  private static Batch named(Batch batch, int number) {
    Label label = batch.label();
    return new Batch(
        new BatchId(new UUID(number, 1)),
        new Label(label.name() + " " + number, label.source(), label.received()),
        batch.assumptions(),
        batch.lots(),
        batch.steps(),
        batch.closed(),
        batch.route());
  }

  private static Book open(Path path) {
    return Books.open(path, Writer.unnamed(Clock.systemUTC()));
  }

  private static void measure(Path path, int batches) throws IOException, InterruptedException {
    Platform.startup(() -> {});
    long begun = System.nanoTime();
    ExecutorService bookThread = Executors.newSingleThreadExecutor();
    Workbench workbench =
        Workbench.of(
            open(path),
            BenchMemory.untilTheEnd(),
            Languages.english(),
            bookThread,
            Platform::runLater);
    Scene scene = on(() -> window(workbench));
    on(() -> workbench.session().begin()).toCompletableFuture().join();
    say("a book of %d batches to a batch on the bench: %.2f s", batches, seconds(begun));
    long behind = System.nanoTime();
    AtomicBoolean isStocked = new AtomicBoolean();
    on(
        () -> {
          workbench.seasons().read();
          workbench.days().refresh(Instant.now());
          workbench.projections().everyBatch().stock(_ -> isStocked.set(true));
          return true;
        });
    List<Double> keys = new ArrayList<>();
    List<Double> edits = new ArrayList<>();
    double most = 0;
    while (workbench.work().isBusy() || !isStocked.get()) {
      keys.add(millis(() -> on(() -> key(scene))));
      if (keys.size() % KEYS_AN_EDIT == 0) {
        edits.add(millis(() -> edit(workbench, edits.size())));
        most = Math.max(most, residentMb());
      }
      Thread.sleep(KEY_EVERY_MILLIS);
    }
    say("all of it worked out behind: %.1f s", seconds(behind));
    told("a key meanwhile", keys);
    told("an edit meanwhile", edits);
    say("resident memory: at most %.0f MB", most);
    for (int i = 0; i < 4; i++) {
      System.gc();
    }
    Runtime now = Runtime.getRuntime();
    say(
        "live afterwards: %.0f MB, resident %.0f MB",
        (now.totalMemory() - now.freeMemory()) / 1e6, residentMb());
    workbench.close();
  }

  private static Scene window(Workbench workbench) {
    Scene scene = new ShellScene(workbench, Clock.systemUTC(), FilePicker.NOBODY).scene();
    Stage stage = new Stage();
    stage.setX(0);
    stage.setY(0);
    stage.setScene(scene);
    stage.show();
    // Painting in memory takes longer than all the rest, and nobody looks.
    stage.setIconified(true);
    return scene;
  }

  private static boolean key(Scene scene) {
    Node owner = scene.getFocusOwner() == null ? scene.getRoot() : scene.getFocusOwner();
    owner.fireEvent(
        new KeyEvent(KeyEvent.KEY_PRESSED, "", "", KeyCode.DOWN, false, false, false, false));
    scene.getRoot().applyCss();
    scene.getRoot().layout();
    return true;
  }

  private static void edit(Workbench workbench, int number) {
    LotId lot =
        on(
            () ->
                workbench
                    .projections()
                    .current()
                    .get()
                    .worked()
                    .orElseThrow()
                    .batch()
                    .lots()
                    .getFirst()
                    .id());
    on(() ->
            workbench
                .session()
                .submit(
                    new Edit.RecordOnLot(lot, new Measure.SandWeight(20_000 + number, 0, 0, 1))))
        .toCompletableFuture()
        .join();
  }

  private static double residentMb() throws IOException {
    Path status = Path.of("/proc/self/status");
    return Files.exists(status)
        ? Files.readAllLines(status).stream()
            .filter(line -> line.startsWith("VmRSS:"))
            .mapToDouble(line -> Double.parseDouble(line.replaceAll("\\D", "")) / 1024)
            .findFirst()
            .orElse(0)
        : 0;
  }

  private static <T> T on(Supplier<T> work) {
    return CompletableFuture.supplyAsync(work, Platform::runLater).join();
  }

  private static double millis(Runnable work) {
    long begun = System.nanoTime();
    work.run();
    return (System.nanoTime() - begun) / 1e6;
  }

  private static double seconds(long begun) {
    return (System.nanoTime() - begun) / 1e9;
  }

  private static void told(String what, List<Double> millis) {
    Collections.sort(millis);
    if (!millis.isEmpty()) {
      say(
          "%s, %d of them: median %.0f ms, one of a hundred %.0f ms, longest %.0f ms",
          what,
          millis.size(),
          millis.get(millis.size() / 2),
          millis.get(millis.size() * 99 / 100),
          millis.getLast());
    }
  }

  private static void say(String format, Object... values) {
    System.out.printf(Locale.ROOT, format + "%n", values);
  }
}
