package jugulum.desk.together;

import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import jugulum.book.store.BookAddress;
import jugulum.book.stream.BookProblem;
import jugulum.desk.entry.Entry;
import jugulum.desk.entry.EntryField;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.session.Sharing;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/**
 * The way from a book in a file to one that a server keeps: try it, copy it there, open it there.
 */
final class AloneCard extends VBox {
  @Prologue private final Words words;
  private final Workbench workbench;
  private final EntryField<String> address;
  private final Label said = Parts.sentence("", "answer");
  private final Button copy;
  private final Button openThere;

  AloneCard(Workbench workbench) {
    this.words = workbench.words();
    super(10);
    this.workbench = workbench;
    said.setId("together-said");
    address =
        new EntryField<>(
            words,
            "together-address",
            words.of("together.address"),
            words.of("together.address.hint"),
            this::parse);
    address.field().setOnAction(_ -> ask());
    copy = Buttons.plain("together-copy", words.of("together.copy"), "", this::copy);
    openThere = Buttons.plain("together-open", words.of("together.open"), "", this::openThere);
    copy.setDisable(true);
    openThere.setDisable(true);
    address
        .field()
        .textProperty()
        .addListener(
            (_, _, _) -> {
              copy.setDisable(true);
              openThere.setDisable(true);
              said.setText("");
            });
    getChildren()
        .addAll(
            Parts.sentence(words.of("together.alone"), "muted"),
            address,
            Parts.row(
                Buttons.primary("together-try", words.of("together.try"), "Enter", this::ask),
                copy,
                openThere),
            said);
    workbench
        .sharing()
        .openedFromNowOn()
        .ifPresent(
            there -> {
              address.fill(there);
              said.setText(words.of("together.opened", there));
            });
  }

  private Entry<String> parse(String typed) {
    try {
      return new Entry.Value<>(BookAddress.parse(typed).toString());
    } catch (BookProblem problem) {
      return new Entry.Bad<>(Sentences.problem(words, problem));
    }
  }

  private void ask() {
    address
        .read()
        .ifPresent(
            there -> {
              said.setText(words.of("together.asking"));
              workbench.sharing().ask(there, this::told);
            });
  }

  private void copy() {
    address
        .read()
        .ifPresent(
            there -> {
              said.setText(words.of("together.copying"));
              copy.setDisable(true);
              workbench.sharing().copyThere(there, this::told);
            });
  }

  private void openThere() {
    address
        .read()
        .ifPresent(
            there -> {
              workbench.sharing().openFromNowOn(Optional.of(there));
              said.setText(words.of("together.opened", there));
            });
  }

  private void told(Sharing.Asked asked) {
    switch (asked) {
      case Sharing.Asked.Answers(long rows) -> {
        copy.setDisable(rows > 0);
        openThere.setDisable(false);
        said.setText(
            rows == 0
                ? words.of("together.answers.empty")
                : words.counted("together.answers", (int) Math.min(rows, Integer.MAX_VALUE)));
      }
      case Sharing.Asked.Copied(var move) -> {
        openThere.setDisable(false);
        said.setText(
            words.of(
                "together.copied", Long.toString(move.rows()), Integer.toString(move.pictures())));
      }
      case Sharing.Asked.Not(var why) -> said.setText(Sentences.problem(words, why));
    }
  }
}
