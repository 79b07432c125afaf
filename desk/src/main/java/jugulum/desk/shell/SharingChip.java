package jugulum.desk.shell;

import javafx.scene.control.Button;
import jugulum.book.together.Exchange;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.SharingText;
import jugulum.desk.words.Words;

/** How it stands with the other benches, where the book is shared; leads to the page about it. */
final class SharingChip {
  private final Words words;
  private final Button chip;

  SharingChip(Workbench workbench, Runnable open) {
    this.words = workbench.words();
    chip = Buttons.quiet("sharing", "", "", open);
    Parts.shown(chip, workbench.sharing().address().isPresent());
    workbench.watch(workbench.sharing().status(), this::show);
    show(workbench.sharing().status().get());
  }

  Button node() {
    return chip;
  }

  private void show(Exchange.Status now) {
    chip.setText(SharingText.brief(words, now));
    chip.setAccessibleText(SharingText.state(words, now));
  }
}
