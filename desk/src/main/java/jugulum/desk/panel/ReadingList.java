package jugulum.desk.panel;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import jugulum.core.ledger.Reading;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/**
 * Readings as they were recorded; those that no longer count stand struck through with their
 * reason.
 */
public final class ReadingList extends VBox {
  private final Consumer<Reading> onCorrect;
  private final boolean timed;
  private Optional<ShownReadings> shown = Optional.empty();

  /** The readings of a lot, without their times. */
  public ReadingList(Consumer<Reading> onCorrect) {
    this(onCorrect, false);
  }

  /** Readings, each with the time it was so where that matters. */
  public ReadingList(Consumer<Reading> onCorrect, boolean timed) {
    this.onCorrect = onCorrect;
    this.timed = timed;
    getStyleClass().add("readings");
  }

  public void show(List<Reading> readings, Figures figures, boolean mayCorrect) {
    Words words = figures.words();
    ShownReadings now = new ShownReadings(readings, figures, mayCorrect);
    if (shown.filter(now::equals).isPresent()) {
      return;
    }
    shown = Optional.of(now);
    getChildren().clear();
    for (Reading reading : readings) {
      Label what = Parts.sentence(text(reading, figures));
      HBox.setHgrow(what, Priority.ALWAYS);
      what.setMaxWidth(Double.MAX_VALUE);
      HBox line = new HBox(what);
      line.getStyleClass().add("reading");
      if (reading.isLive()) {
        if (mayCorrect && !reading.measure().isOfPool()) {
          line.getChildren()
              .add(
                  Buttons.quiet(
                      "correct-" + reading.id().number(),
                      words.of("reading.correct"),
                      "",
                      () -> onCorrect.accept(reading)));
        }
        getChildren().add(line);
      } else if (reading.isStanding()) {
        what.setAccessibleText(words.of("reading.doubted.spoken", what.getText()));
        if (mayCorrect) {
          line.getChildren()
              .add(
                  Buttons.quiet(
                      "correct-" + reading.id().number(),
                      words.of("reading.correct"),
                      "",
                      () -> onCorrect.accept(reading)));
        }
        getChildren()
            .add(
                new VBox(
                    line,
                    Parts.sentence(
                        words.of("reading.doubted", reading.doubted().orElseThrow().reason()),
                        "loss-text")));
      } else {
        what.getStyleClass().add("struck");
        what.setAccessibleText(words.of("reading.struck.spoken", what.getText()));
        String reason = reading.struck().orElseThrow().reason();
        getChildren()
            .add(new VBox(line, Parts.sentence(words.of("reading.struck", reason), "muted")));
      }
    }
  }

  private String text(Reading reading, Figures figures) {
    String what = Sentences.measure(reading.measure(), figures);
    return timed
        ? figures.words().of("reading.timed", figures.clock(reading.moment()), what)
        : what;
  }
}
