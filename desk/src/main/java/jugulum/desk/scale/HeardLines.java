package jugulum.desk.scale;

import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import jugulum.core.scale.Dialect;
import jugulum.core.scale.Dialect.Meaning;
import jugulum.core.scale.Learning;
import jugulum.core.scale.Piece;
import jugulum.desk.kit.Parts;
import jugulum.desk.words.Words;

/** The lines of a scale as they came, each piece marked as it is understood. */
final class HeardLines extends VBox {
  private static final int MOST = 8;

  private final Words words;

  HeardLines(Words words) {
    super(4);
    this.words = words;
    setId("heard-lines");
    getStyleClass().add("heard-lines");
  }

  void show(List<String> lines, Optional<Dialect> dialect) {
    List<String> last = lines.subList(Math.max(0, lines.size() - MOST), lines.size());
    if (last.isEmpty()) {
      getChildren().setAll(Parts.sentence(words.of("scale.learn.none"), "muted"));
      return;
    }
    getChildren().setAll(last.stream().map(line -> flow(line, dialect)).toList());
  }

  private Node flow(String line, Optional<Dialect> dialect) {
    TextFlow flow = new TextFlow();
    flow.getStyleClass().add("heard-line");
    if (dialect.isEmpty() || Dialect.isGarbled(line)) {
      flow.getChildren().add(text(shown(line), "heard-plain"));
      return flow;
    }
    int at = 0;
    int number = 0;
    for (Piece piece : Learning.pieces(line, dialect.get())) {
      flow.getChildren().add(text(line.substring(at, piece.from()), "heard-plain"));
      boolean isTheWeight = piece.role() == Piece.Role.NUMBER && number++ == dialect.get().number();
      flow.getChildren()
          .add(
              text(
                  line.substring(piece.from(), piece.to()),
                  style(piece, isTheWeight, dialect.get())));
      at = piece.to();
    }
    flow.getChildren().add(text(line.substring(at), "heard-plain"));
    return flow;
  }

  private static String style(Piece piece, boolean isTheWeight, Dialect dialect) {
    return switch (piece.role()) {
      case NUMBER -> isTheWeight ? "heard-number" : "heard-plain";
      case UNIT -> "heard-unit";
      case WORD ->
          switch (dialect.words().getOrDefault(piece.text(), Meaning.NOTHING)) {
            case STEADY, MOVING -> "heard-rest";
            case NET, GROSS -> "heard-net";
            case NOTHING -> "heard-plain";
          };
    };
  }

  private static Text text(String text, String style) {
    return Parts.styled(new Text(text), style);
  }

  /** Signs that cannot be written are shown as such. */
  private static String shown(String line) {
    return line.replaceAll("[^\\x20-\\x7e]", "?");
  }
}
