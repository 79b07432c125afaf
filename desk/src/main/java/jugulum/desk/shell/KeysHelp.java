package jugulum.desk.shell;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import jugulum.desk.guide.Glossary;
import jugulum.desk.guide.Guide;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Keys;
import jugulum.desk.kit.Parts;
import jugulum.desk.words.Words;

/**
 * What the view one is in answers, its words and sources; and the keys: those of every button in
 * sight, and those that work everywhere.
 */
final class KeysHelp extends ScrollPane {
  private static final double KEY_WIDTH = 150;
  private static final double GUIDE = 620;
  private static final double KEYS = 520;
  private static final List<String> EVERYWHERE =
      List.of(
          "views",
          "arrows",
          "enter",
          "escape",
          "undo",
          "bench-mode",
          "size",
          "find",
          "help",
          "pages");

  private KeysHelp(VBox content) {
    super(content);
    setFitToWidth(true);
    getStyleClass().add("board-scroll");
    setId("keys-help");
  }

  /**
   * What a view answers, its words and sources, and the keys of what is in sight below a node.
   *
   * @param tour begins the tour
   */
  static KeysHelp of(Words words, Optional<Guide.Page> page, Node seen, Runnable tour) {
    VBox keys = new VBox(8);
    keys.getChildren().addAll(keys(words, seen));
    if (page.isEmpty()) {
      keys.getStyleClass().add("page");
      return new KeysHelp(keys);
    }
    VBox guide = new VBox(8);
    guide.getChildren().addAll(guide(Guide.of(words, page.get()), words));
    guide
        .getChildren()
        .add(Parts.row(Buttons.plain("begin-tour", words.of("guide.tour"), "T", tour)));
    guide.setPrefWidth(GUIDE);
    keys.setPrefWidth(KEYS);
    HBox both = new HBox(40, guide, keys);
    HBox.setHgrow(keys, Priority.ALWAYS);
    VBox all = new VBox(both);
    all.getStyleClass().add("page");
    return new KeysHelp(all);
  }

  private static List<Node> guide(Guide guide, Words words) {
    List<Node> lines = new ArrayList<>();
    lines.add(Parts.styled(new Label(words.of("guide.title", guide.page())), "page-title"));
    lines.add(Parts.section(words.of("guide.answers")));
    guide.answers().forEach(one -> lines.add(Parts.sentence(one, "strong")));
    lines.add(Parts.section(words.of("guide.words")));
    guide
        .words()
        .forEach(
            one -> lines.add(Parts.sentence(words.of("guide.word.line", one.word(), one.about()))));
    List<String> trade = Glossary.lines(words, guide.page());
    if (!trade.isEmpty()) {
      lines.add(Parts.section(words.of("trade.title")));
      trade.forEach(one -> lines.add(Parts.sentence(one, "muted")));
    }
    lines.add(Parts.section(words.of("guide.sources")));
    guide.sources().forEach(one -> lines.add(Parts.sentence(one, "muted")));
    return lines;
  }

  private static List<Node> keys(Words words, Node seen) {
    Map<String, String> here = Keys.shown(seen);
    List<Node> lines = new ArrayList<>();
    lines.add(Parts.styled(new Label(words.of("keys.title")), "page-title"));
    lines.add(Parts.section(words.of("keys.here")));
    if (here.isEmpty()) {
      lines.add(Parts.sentence(words.of("keys.none"), "muted"));
    }
    here.forEach((key, text) -> lines.add(line(key, text)));
    lines.add(Parts.section(words.of("keys.everywhere")));
    EVERYWHERE.forEach(
        one -> lines.add(line(words.of("keys." + one + ".key"), words.of("keys." + one))));
    return lines;
  }

  private static HBox line(String key, String text) {
    Label hint = Parts.styled(new Label(key), "key-hint");
    hint.setMinWidth(KEY_WIDTH);
    HBox line = new HBox(14, hint, Parts.sentence(text));
    line.setAlignment(Pos.BASELINE_LEFT);
    return line;
  }
}
