package jugulum.desk.shell;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import jugulum.desk.kit.Keys;
import jugulum.desk.kit.Parts;
import jugulum.desk.words.Words;

/** The keys of where one is: those of every button in sight, and those that work everywhere. */
final class KeysHelp extends ScrollPane {
  private static final double KEY_WIDTH = 150;
  private static final List<String> EVERYWHERE =
      List.of("views", "arrows", "enter", "escape", "undo", "bench-mode", "size", "find", "help");

  private KeysHelp(VBox content) {
    super(content);
    setFitToWidth(true);
    getStyleClass().add("board-scroll");
    setId("keys-help");
  }

  /** The keys of what is in sight below a node. */
  static KeysHelp of(Words words, Node seen) {
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
    VBox page = new VBox(8);
    page.getChildren().setAll(lines);
    page.getStyleClass().add("page");
    return new KeysHelp(page);
  }

  private static HBox line(String key, String text) {
    Label hint = Parts.styled(new Label(key), "key-hint");
    hint.setMinWidth(KEY_WIDTH);
    HBox line = new HBox(14, hint, Parts.sentence(text));
    line.setAlignment(Pos.BASELINE_LEFT);
    return line;
  }
}
