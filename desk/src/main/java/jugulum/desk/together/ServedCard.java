package jugulum.desk.together;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import jugulum.book.stream.Waiting;
import jugulum.book.together.Exchange;
import jugulum.desk.files.FileKind;
import jugulum.desk.files.FilePicker;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.session.Sharing;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.Edits;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.SharingText;
import jugulum.desk.words.Words;

/**
 * How it stands between this bench and the server: whether it answers, who is there, what waits.
 */
final class ServedCard extends VBox {
  /** So many of what waits are listed; of more, the sentence says how many. */
  private static final int WAITING_SHOWN = 8;

  @Prologue private final Words words;
  private final Workbench workbench;
  private final FilePicker picker;
  private final Label state = Parts.sentence("", "answer");
  private final Label why = Parts.sentence("", "muted");
  private final VBox here = new VBox(4);
  private final VBox waits = new VBox(4);
  private final Label said = Parts.sentence("", "fine-text");

  ServedCard(Workbench workbench, FilePicker picker) {
    this.words = workbench.words();
    super(10);
    this.workbench = workbench;
    this.picker = picker;
    state.setId("together-state");
    here.setId("together-here");
    said.setId("together-said");
    Parts.shown(said, false);
    waits.setId("together-waits");
    getChildren()
        .addAll(
            Parts.line(
                words.of("together.address"),
                workbench.sharing().address().map(Object::toString).orElse("")),
            state,
            why,
            waits,
            Parts.row(
                Buttons.plain("together-again", words.of("together.try-now"), "", this::tryAgain),
                Buttons.plain("together-back", words.of("together.back"), "", this::copyBack),
                Buttons.quiet("together-alone", words.of("together.leave"), "", this::leave)),
            said,
            Parts.section(words.of("together.here")),
            here);
    workbench.watch(workbench.sharing().status(), this::show);
    workbench.watch(workbench.sharing().waiting(), this::showWaiting);
    showWaiting(workbench.sharing().waiting().get());
    show(workbench.sharing().status().get());
  }

  private void show(Exchange.Status now) {
    state.setText(SharingText.state(words, now));
    why.setText(now.problem().map(one -> Sentences.problem(words, one)).orElse(""));
    Parts.shown(why, now.problem().isPresent());
    List<Label> names =
        now.here().stream().map(one -> Parts.sentence(SharingText.bench(words, one))).toList();
    here.getChildren().setAll(names);
    if (names.isEmpty()) {
      here.getChildren().add(Parts.sentence(words.of("together.here.none"), "muted"));
    }
  }

  private void showWaiting(List<Waiting> all) {
    Figures figures = workbench.preferences().figures().get();
    waits
        .getChildren()
        .setAll(
            all.stream()
                .filter(one -> !one.streams().isEmpty())
                .limit(WAITING_SHOWN)
                .map(
                    one ->
                        Parts.sentence(
                            words.of(
                                "together.waits",
                                figures.clock(one.rows().getFirst().row().at()),
                                Edits.said(one, figures)),
                            "muted"))
                .toList());
  }

  private void say(String text) {
    said.setText(text);
    Parts.shown(said, !text.isEmpty());
  }

  private void tryAgain() {
    workbench.sharing().tryAgain();
  }

  private void copyBack() {
    picker
        .toSave(FileKind.WHOLE, FileKind.WHOLE.nameFor(words.of("together.back.name")))
        .ifPresent(
            file -> {
              say(words.of("together.copying"));
              workbench.sharing().copyBack(file, this::told);
            });
  }

  private void leave() {
    workbench.sharing().openFromNowOn(Optional.empty());
    say(words.of("together.left"));
  }

  private void told(Sharing.Asked asked) {
    say(
        switch (asked) {
          case Sharing.Asked.Copied(var move) ->
              words.of(
                  "together.copied-back",
                  Long.toString(move.rows()),
                  Integer.toString(move.pictures()));
          case Sharing.Asked.Not(var problem) -> Sentences.problem(words, problem);
          case Sharing.Asked.Answers _ -> "";
        });
  }
}
