package jugulum.desk.account;

import javafx.scene.Node;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.words.Words;

/** Ways from one part of the account to another. */
final class Links {
  private Links() {}

  static Node to(Words words, String id, String key, Runnable where) {
    return Parts.row(Buttons.quiet(id, words.of(key), "", where));
  }
}
