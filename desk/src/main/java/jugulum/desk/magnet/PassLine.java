package jugulum.desk.magnet;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.ReadOn;
import jugulum.core.ledger.Reading;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Room;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/** The cells of one pass. */
final class PassLine {
  private static final double LONGEST_BAR = 44;

  /** A longer one breaks, and its column gives way to the figures. */
  private static final double LONGEST_TEXT = 60;

  private static final double NARROWEST_TEXT = 44;

  private final Label number = figure();
  private final Label lifted = figure();
  private final Label dropped = figure();
  private final Label specks = Parts.styled(figure(), "specks");
  private final Region bar = Parts.styled(new Region(), "speck-bar");
  private final VBox caught = new VBox(2, specks, bar);
  private final Button correct;
  private Optional<Reading> shown = Optional.empty();

  PassLine(Words words, Consumer<Reading> onCorrect) {
    correct =
        Buttons.quiet("correct", words.of("reading.correct"), "", () -> shown.ifPresent(onCorrect));
    caught.setAlignment(Pos.CENTER_RIGHT);
    Room.breakIfLong(correct, LONGEST_TEXT, NARROWEST_TEXT);
  }

  private static Label figure() {
    Label label = Parts.styled(new Label(), "pass-figure");
    label.setMinWidth(Region.USE_PREF_SIZE);
    return label;
  }

  Node[] cells() {
    return new Node[] {number, lifted, dropped, caught, correct};
  }

  void show(Reading reading, String name, int most, Figures figures, boolean mayCorrect) {
    Measure.Pass pass = (Measure.Pass) reading.measure();
    shown = Optional.of(reading);
    number.setText(figures.words().of("pass.from", pass.from(), name));
    String weight = figures.sand(pass.liftedG());
    boolean isDoubtful = pass.on().filter(ReadOn::isDoubtful).isPresent();
    lifted.setText(isDoubtful ? figures.words().of("pass.doubtful", weight) : weight);
    lifted.setAccessibleText(Sentences.measure(pass, figures));
    dropped.setText(figures.sand(pass.droppedBackG()));
    specks.setText(
        pass.goldMg().isPresent()
            ? figures.gold(pass.goldMg().getAsDouble())
            : Integer.toString(pass.specks()));
    double length = most > 0 && reading.isLive() ? LONGEST_BAR * pass.specks() / most : 0;
    bar.setMinSize(length, 4);
    bar.setMaxSize(length, 4);
    Stream.of(number, lifted, dropped, specks)
        .forEach(label -> strike(label.getStyleClass(), !reading.isLive()));
    correct.setId("correct-" + reading.id().number());
    Parts.shown(correct, mayCorrect && reading.isLive());
  }

  private static void strike(List<String> styles, boolean struck) {
    if (struck && !styles.contains("struck")) {
      styles.add("struck");
    } else if (!struck) {
      styles.remove("struck");
    }
  }
}
