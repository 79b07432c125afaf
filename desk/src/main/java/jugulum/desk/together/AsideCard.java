package jugulum.desk.together;

import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import jugulum.book.stream.Saved;
import jugulum.book.stream.SetAside;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.Parsers;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.Edits;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/** What was set aside because others came first: done again, or let go with a reason. */
final class AsideCard extends VBox {
  /** So many that are done with are listed. */
  private static final int DONE_SHOWN = 12;

  @Prologue private final Words words;
  private final Workbench workbench;
  private final VBox list = new VBox(14);
  private final Label said = Parts.sentence("", "answer");

  AsideCard(Workbench workbench) {
    this.words = workbench.words();
    super(10);
    this.workbench = workbench;
    setId("together-aside");
    said.setId("aside-said");
    Parts.shown(said, false);
    getChildren()
        .addAll(
            Parts.section(words.of("together.aside")),
            Parts.sentence(words.of("together.aside.about"), "muted"),
            said,
            list);
    workbench.watch(workbench.sharing().aside(), this::show);
    workbench.watch(
        workbench.preferences().figures(), _ -> show(workbench.sharing().aside().get()));
    show(workbench.sharing().aside().get());
  }

  private void show(List<SetAside> all) {
    Figures figures = workbench.preferences().figures().get();
    list.getChildren().clear();
    if (all.isEmpty()) {
      list.getChildren().add(Parts.sentence(words.of("together.aside.none"), "muted"));
    }
    all.stream()
        .filter(one -> one.state() == SetAside.State.OPEN)
        .forEach(one -> list.getChildren().add(open(one, figures)));
    all.stream()
        .filter(one -> one.state() != SetAside.State.OPEN)
        .limit(DONE_SHOWN)
        .forEach(one -> list.getChildren().add(done(one, figures)));
  }

  private VBox open(SetAside one, Figures figures) {
    VBox box =
        Parts.advice(
            "caution",
            "! "
                + figures.clock(one.what().rows().getFirst().row().at())
                + "  "
                + Edits.said(one.what(), figures),
            Sentences.refusal(one.why(), figures));
    EntryField<String> reason =
        new EntryField<>(
            words,
            "aside-reason-" + one.id(),
            words.of("together.reason"),
            words.of("together.reason.hint"),
            Parsers.text(words, "together.reason-missing"));
    Button again =
        Buttons.plain(
            "aside-again-" + one.id(), words.of("together.again"), "", () -> again(one, figures));
    again.setDisable(!one.mayBeAgain());
    Button letGo =
        Buttons.quiet(
            "aside-let-go-" + one.id(),
            words.of("together.let-go"),
            "",
            () -> reason.read().ifPresent(why -> workbench.sharing().letGo(one, why)));
    if (!one.mayBeAgain()) {
      box.getChildren().add(Parts.sentence(words.of("together.not-again"), "muted"));
    }
    box.getChildren().addAll(reason, Parts.row(again, letGo));
    box.setSpacing(8);
    return box;
  }

  private Label done(SetAside one, Figures figures) {
    return Parts.sentence(
        words.of(
            "together.aside",
            one.state(),
            figures.clock(one.what().rows().getFirst().row().at()),
            Edits.said(one.what(), figures),
            one.note()),
        "muted");
  }

  private void again(SetAside one, Figures figures) {
    workbench
        .sharing()
        .again(
            one,
            saved -> {
              said.setText(
                  switch (saved) {
                    case Saved.Recorded _ -> words.of("command.together.again");
                    case Saved.Refused(var refusal) -> Sentences.refusal(refusal, figures);
                  });
              Parts.shown(said, true);
            });
  }
}
