package jugulum.desk.backup;

import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.VBox;
import jugulum.book.backup.Backup;
import jugulum.book.stream.BookProblem;
import jugulum.desk.entry.Entry;
import jugulum.desk.entry.EntryField;
import jugulum.desk.files.FileKind;
import jugulum.desk.files.FilePicker;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.session.Backing;
import jugulum.desk.session.Workbench;
import jugulum.desk.view.Beside;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/** Copies of the book: where they go, how it stands with them, each with what it holds. */
public final class BackupPane extends ScrollPane {
  private static final double WIDTH = 860;
  private static final double BYTES_OF_MB = 1e6;

  @Prologue private final Words words;
  private final Workbench workbench;
  private final Backing backing;
  private final FilePicker picker;
  private final Beside beside;
  private final Label state = Parts.sentence("", "answer");
  private final Label besides = Parts.sentence("", "muted");
  private final Label said = Parts.sentence("", "fine-text");
  private final VBox list = new VBox(12);
  private final EntryField<Path> folder;

  /** Makes the page of a workbench. */
  public BackupPane(Workbench workbench, FilePicker picker, Beside beside) {
    this.words = workbench.words();
    super();
    this.workbench = workbench;
    this.backing = workbench.backing();
    this.picker = picker;
    this.beside = beside;
    setId("backup-pane");
    getStyleClass().add("page-scroll");
    setFitToWidth(true);
    setFocusTraversable(false);
    state.setId("backup-state");
    besides.setId("backup-besides");
    said.setId("backup-said");
    list.setId("backup-list");
    Parts.shown(said, false);
    folder =
        new EntryField<>(
            words,
            "backup-folder",
            words.of("backup.folder"),
            words.of("backup.folder.hint"),
            this::folder);
    folder.field().setOnAction(_ -> choose());
    VBox page = new VBox(16);
    page.setMaxWidth(WIDTH);
    page.getChildren()
        .addAll(
            Parts.section(words.of("backup.title")),
            Parts.sentence(words.of("backup.about"), "muted"));
    page.getChildren().addAll(backing.isServed() ? served() : own());
    setContent(page);
    workbench.watch(backing.status(), this::show);
    workbench.watch(workbench.preferences().figures(), _ -> show(backing.status().get()));
    show(backing.status().get());
  }

  private List<Node> served() {
    return List.of(Parts.sentence(words.of("backup.served")));
  }

  private List<Node> own() {
    folder.fill(backing.folder().toString());
    return List.of(
        state,
        besides,
        folder,
        Parts.row(
            Buttons.primary("backup-now", words.of("backup.now"), "", this::take),
            Buttons.plain("backup-choose", words.of("backup.choose"), "", this::choose),
            Buttons.plain("backup-browse", words.of("backup.browse"), "", this::browse)),
        said,
        Parts.section(words.of("backup.list")),
        list);
  }

  private Entry<Path> folder(String typed) {
    try {
      Path path = Path.of(typed.strip());
      return Files.isDirectory(path) || !backing.isChosen() && path.equals(backing.folder())
          ? new Entry.Value<>(path)
          : new Entry.Bad<>(words.of("backup.folder.none", typed));
    } catch (InvalidPathException none) {
      return new Entry.Bad<>(words.of("backup.folder.none", typed));
    }
  }

  private void choose() {
    folder
        .read()
        .ifPresent(
            path -> {
              backing.choose(Optional.of(path));
              say(words.of("backup.chosen", path.toString()));
            });
  }

  private void browse() {
    picker.toFolder().ifPresent(path -> folder.fill(path.toString()));
  }

  private void take() {
    say(words.of("backup.taking"));
    backing.take(
        now ->
            say(
                now.problem()
                    .map(problem -> Sentences.copying(words, problem))
                    .orElseGet(() -> words.of("backup.taken"))));
  }

  private void say(String text) {
    said.setText(text);
    Parts.shown(said, !text.isEmpty());
  }

  private void show(Backing.Status now) {
    state.setText(
        now.health()
            .map(health -> words.of("backup.health", health))
            .orElseGet(() -> words.of("backup.looking")));
    besides.setText(
        Stream.of(
                backing.isByItself() ? "" : words.of("backup.not-by-itself"),
                backing.isChosen() ? "" : words.of("backup.same-disk"))
            .filter(text -> !text.isEmpty())
            .collect(Collectors.joining(" ")));
    Parts.shown(besides, !besides.getText().isEmpty());
    list.getChildren().setAll(now.copies().stream().map(this::line).toList());
    if (now.copies().isEmpty() && now.health().isPresent()) {
      list.getChildren().add(Parts.sentence(words.of("backup.none"), "muted"));
    }
    now.problem().ifPresent(problem -> say(Sentences.copying(words, problem)));
  }

  private Node line(Backing.Seen seen) {
    Backup backup = seen.backup();
    String id = String.valueOf(backup.file().getFileName()).replaceAll("[^0-9a-z]+", "-");
    String name =
        words.of(
            "backup.name",
            words.day(backup.day()),
            backup.at().toLocalTime().withSecond(0).toString(),
            backup.book());
    String why = backup.before().map(to -> words.of("backup.before", to)).orElse("");
    String holds =
        seen.holds()
            .map(
                it ->
                    words.counted("backup.holds", it.batches())
                        + it.last()
                            .map(at -> ", " + words.of("backup.last", moment(at)))
                            .orElse(""))
            .orElseGet(() -> words.of("backup.damaged"));
    Button look =
        Buttons.plain("backup-look" + id, words.of("backup.look"), "", () -> look(backup.file()));
    look.setDisable(seen.holds().isEmpty() || beside.copy().isEmpty());
    Button back =
        Buttons.quiet("backup-back" + id, words.of("backup.back"), "", () -> bringBack(seen));
    back.setDisable(seen.holds().isEmpty());
    return new VBox(
        2,
        Parts.line(name, words.of("backup.size", words.fixed(seen.bytes() / BYTES_OF_MB, 1))),
        Parts.sentence(why.isEmpty() ? holds : why + " · " + holds, "muted"),
        Parts.row(look, back));
  }

  private String moment(Instant at) {
    return workbench.preferences().figures().get().moment(at);
  }

  private void look(Path copy) {
    beside.copy().ifPresent(opens -> opens.accept(copy));
  }

  private void bringBack(Backing.Seen seen) {
    picker
        .toSave(
            FileKind.WHOLE,
            FileKind.WHOLE.nameFor(seen.backup().book() + " " + seen.backup().day()))
        .ifPresent(
            fresh -> {
              say(words.of("backup.bringing"));
              backing.bringBack(seen, fresh, problem -> told(fresh, problem));
            });
  }

  private void told(Path fresh, Optional<BookProblem> problem) {
    say(
        problem
            .map(why -> Sentences.copying(words, why))
            .orElseGet(() -> words.of("backup.brought", fresh.toString())));
  }
}
