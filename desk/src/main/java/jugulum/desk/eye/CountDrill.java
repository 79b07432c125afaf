package jugulum.desk.eye;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.LongSupplier;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import jugulum.core.eye.Eye;
import jugulum.core.eye.Point;
import jugulum.core.eye.Scales;
import jugulum.core.eye.SeenSpeck;
import jugulum.core.eye.Shapes;
import jugulum.core.eye.Tally;
import jugulum.core.eye.Tray;
import jugulum.desk.entry.EntryField;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.FocusFirst;
import jugulum.desk.kit.Keys;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Wrapping;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;
import jugulum.practice.camera.DrawnPicture;

/**
 * How many did you see? The played camera draws a picture, one counts its gold by eye, and is shown
 * what lies in it and what the program finds of it by itself.
 */
public final class CountDrill extends BorderPane implements FocusFirst {
  private static final int MOST = 10_000;

  /** Across, in pixels: smaller ones nobody tells by colour. */
  private static final double SMALL_PX = 8;

  @Prologue private final Words words;
  private final Workbench workbench;
  private final LongSupplier seeds;
  private final Runnable leave;
  private final PictureView picture = new PictureView(_ -> {}, _ -> {});
  private final Label question = Parts.sentence("", "answer");
  private final VBox told = new VBox(8);
  private final Wrapping buttons = new Wrapping(8, 8);
  private final EntryField<Double> count;
  private Optional<Made> made = Optional.empty();

  /**
   * Draws the first.
   *
   * @param seeds tells one for every picture
   * @param leave goes back to where one came from
   */
  public CountDrill(Workbench workbench, LongSupplier seeds, Runnable leave) {
    this.words = workbench.words();
    super();
    this.workbench = workbench;
    this.seeds = seeds;
    this.leave = leave;
    setId("count-drill");
    getStyleClass().add("eye-page");
    setFocusTraversable(true);
    count = EntryField.number(words, "count-specks", "eye.drill.count", "", 0, MOST);
    count.field().setOnAction(_ -> tell());
    question.setId("count-question");
    told.setId("count-told");
    StackPane frame = new StackPane(picture);
    frame.getStyleClass().add("eye-frame");
    frame.setMinSize(0, 0);
    VBox right = new VBox(10, question, count, told, buttons);
    right.getStyleClass().add("side");
    right.setPrefWidth(440);
    VBox top = new VBox(Parts.heading(words.of("eye.drill"), ""));
    top.getStyleClass().add("page-top");
    setTop(top);
    setCenter(frame);
    setRight(right);
    addEventFilter(KeyEvent.KEY_PRESSED, this::pressed);
    next();
  }

  /** Another picture. */
  private void next() {
    long seed = seeds.getAsLong();
    Tray on = Tray.values()[Math.floorMod(seed, Tray.values().length)];
    made = Optional.empty();
    question.setText(words.of("eye.drill.drawing"));
    told.getChildren().clear();
    buttons.getChildren().clear();
    count.fill("");
    workbench
        .work()
        .aside(
            () -> {
              DrawnPicture drawn = DrawnPicture.of(seed, on);
              return new Made(drawn, PictureFile.drawn(drawn, ""));
            },
            next -> {
              made = Optional.of(next);
              picture.show(next.file().image());
              question.setText(words.of("eye.drill.how-many"));
              buttons
                  .getChildren()
                  .setAll(
                      Buttons.primary(
                          "count-tell", words.of("eye.drill.tell"), "Enter", this::tell),
                      back());
              focusFirst();
            });
  }

  private record Made(DrawnPicture drawn, PictureFile.Read.Whole file) {}

  private Node back() {
    return Buttons.quiet("count-leave", words.of("panel.back"), "Esc", leave);
  }

  /** What lies in it beside what was counted. */
  private void tell() {
    Optional<Double> seen = count.read();
    if (seen.isEmpty() || made.isEmpty()) {
      return;
    }
    DrawnPicture truth = made.get().drawn();
    List<SeenSpeck> gold = truth.specks().stream().map(one -> speck(one, truth)).toList();
    Tally tally = Tally.of(gold);
    picture.marks(tally, OptionalInt.empty());
    int there = gold.size();
    int small =
        (int) truth.specks().stream().filter(one -> acrossPx(one, truth) < SMALL_PX).count();
    question.setText(
        words.of("eye.drill.there", Integer.toString(there), words.rounded(seen.get(), 3)));
    told.getChildren()
        .setAll(
            Parts.sentence(
                words.of("eye.drill.small", Integer.toString(small), words.plain(SMALL_PX)),
                "muted"));
    buttons
        .getChildren()
        .setAll(Buttons.primary("count-next", words.of("eye.drill.next"), "N", this::next), back());
    requestFocus();
    byItself(made.get());
  }

  /** What the program finds by itself, with one click on the largest. */
  private void byItself(Made of) {
    DrawnPicture truth = of.drawn();
    workbench
        .work()
        .aside(
            () ->
                Scales.of(of.file().light(), truth.known())
                    .map(
                        scale ->
                            Eye.look(
                                    of.file().light(),
                                    scale,
                                    truth.tray(),
                                    Optional.of(largest(truth)))
                                .gold()
                                .size()),
            found -> {
              if (made.filter(of::equals).isPresent()) {
                found.ifPresent(
                    many ->
                        told.getChildren()
                            .add(
                                Parts.sentence(
                                    words.of("eye.drill.by-itself", Integer.toString(many)),
                                    "muted")));
              }
            });
  }

  private static Point largest(DrawnPicture truth) {
    return truth.specks().stream()
        .max(Comparator.comparingDouble(DrawnPicture.Gold::milligrams))
        .map(one -> new Point(one.x(), one.y()))
        .orElseThrow();
  }

  private static SeenSpeck speck(DrawnPicture.Gold gold, DrawnPicture on) {
    double ring = acrossPx(gold, on) + ROUND_IT;
    return Shapes.ellipse(new Point(gold.x(), gold.y()), ring, ring);
  }

  private static double acrossPx(DrawnPicture.Gold gold, DrawnPicture on) {
    return Math.sqrt(gold.longMm() * gold.shortMm()) * on.pxPerMm();
  }

  /** A ring stands off what it shows, in pixels. */
  private static final double ROUND_IT = 6;

  private void pressed(KeyEvent key) {
    boolean isField = key.getTarget() instanceof TextInputControl;
    boolean isDone =
        switch (key.getCode()) {
          case ESCAPE -> {
            leave.run();
            yield true;
          }
          case ENTER, SPACE -> !isField && Keys.press(this, KeyCode.ENTER);
          case PLUS, ADD, EQUALS -> zoom(isField, 1);
          case MINUS, SUBTRACT -> zoom(isField, -1);
          case LEFT -> move(isField, -1, 0);
          case RIGHT -> move(isField, 1, 0);
          case UP -> move(isField, 0, -1);
          case DOWN -> move(isField, 0, 1);
          default -> !isField && Keys.press(this, key);
        };
    if (isDone) {
      key.consume();
    }
  }

  private boolean zoom(boolean isField, int steps) {
    if (!isField) {
      picture.zoom(steps);
    }
    return !isField;
  }

  private boolean move(boolean isField, int dx, int dy) {
    if (!isField) {
      picture.move(dx * FAR, dy * FAR);
    }
    return !isField;
  }

  /** A key moves so many pixels. */
  private static final int FAR = 20;

  @Override
  public void focusFirst() {
    count.field().requestFocus();
  }
}
