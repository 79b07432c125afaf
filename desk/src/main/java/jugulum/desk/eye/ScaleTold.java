package jugulum.desk.eye;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import jugulum.core.eye.PictureScale;
import jugulum.core.eye.PictureSeen.Trouble;
import jugulum.desk.kit.Parts;
import jugulum.desk.words.Words;

/** A scale that was found, as a question and what there is to say of it. */
final class ScaleTold {
  private ScaleTold() {}

  /**
   * Whether what is drawn lies on it.
   *
   * @param size as it was typed
   */
  static String question(Words words, PictureScale found, String size) {
    return switch (found.found()) {
      case PictureScale.Found.Ring _ -> words.of("eye.scale.ring", size);
      case PictureScale.Found.Lines lines ->
          words.of("eye.scale.lines", words.rounded(lines.pitchPx() / found.pxPerMm(), 3));
      case PictureScale.Found.Drawn _ -> words.of("eye.scale.drawn");
    };
  }

  /** How large it shows things, and whether that is doubtful. */
  static List<Node> of(Words words, PictureScale found) {
    List<Node> all = new ArrayList<>();
    all.add(
        Parts.sentence(
            words.of(
                "eye.scale.px",
                words.rounded(found.pxPerMm(), 1),
                words.percent(found.relativeSd())),
            "muted"));
    if (found.isWeak()) {
      all.add(Parts.advice("fault", "", words.of("eye.trouble", Trouble.WEAK_SCALE)));
    }
    return all;
  }
}
