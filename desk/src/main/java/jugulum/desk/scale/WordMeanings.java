package jugulum.desk.scale;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import jugulum.core.check.Check;
import jugulum.core.scale.Dialect.Meaning;
import jugulum.desk.kit.Choices;
import jugulum.desk.kit.Parts;
import jugulum.desk.words.Words;

/** What each word of a scale's lines means, as it was guessed and as a person puts it right. */
final class WordMeanings extends VBox {
  private static final double WIDE = 220;

  private final Words words;
  private final Map<String, ComboBox<Meaning>> boxes = new TreeMap<>();
  private final Runnable changed;
  private final Set<String> saidByPerson = new HashSet<>();
  private boolean isFilling;

  WordMeanings(Words words, Runnable changed) {
    super(6);
    this.words = words;
    this.changed = changed;
    setId("word-meanings");
  }

  void show(Map<String, Meaning> guessed) {
    isFilling = true;
    guessed.forEach(
        (word, meaning) -> {
          if (!boxes.containsKey(word)) {
            add(word, meaning);
          } else if (!saidByPerson.contains(word)) {
            Check.known(boxes, word).setValue(meaning);
          }
        });
    isFilling = false;
  }

  /** Another scale is listened to. */
  void forget() {
    boxes.clear();
    saidByPerson.clear();
    getChildren().clear();
  }

  private void add(String word, Meaning meaning) {
    ComboBox<Meaning> box =
        Choices.of(
            "meaning-" + boxes.size(),
            words.of("scale.word", word),
            List.of(Meaning.values()),
            one -> words.of("scale.meaning", one));
    box.setValue(meaning);
    box.setPrefWidth(WIDE);
    box.valueProperty()
        .addListener(
            (_, _, _) -> {
              if (!isFilling) {
                saidByPerson.add(word);
                changed.run();
              }
            });
    boxes.put(word, box);
    Label name = Parts.styled(new Label(word), "strong");
    name.setMinWidth(WIDE / 3);
    HBox row = new HBox(10, name, box);
    row.getStyleClass().add("line");
    getChildren().add(row);
  }

  Map<String, Meaning> meanings() {
    Map<String, Meaning> now = new TreeMap<>();
    boxes.forEach((word, box) -> now.put(word, box.getValue()));
    return now;
  }
}
