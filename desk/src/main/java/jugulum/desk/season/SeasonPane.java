package jugulum.desk.season;

import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextInputControl;
import javafx.scene.layout.VBox;
import jugulum.desk.follow.Seasons;
import jugulum.desk.kit.Parts;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;

/** A page that tells of the season that was read last. */
abstract class SeasonPane extends ScrollPane {
  /** What it says things with. */
  @Prologue protected final Words words;

  /** Of which workbench. */
  protected final Workbench workbench;

  private final VBox page = new VBox(10);

  SeasonPane(Workbench workbench, String id) {
    this.words = workbench.words();
    super();
    this.workbench = workbench;
    setId(id);
    getStyleClass().add("page-scroll");
    setFitToWidth(true);
    setFocusTraversable(false);
    setContent(page);
    workbench.watch(workbench.seasons().shown(), _ -> showNow());
    workbench.watch(workbench.preferences().figures(), _ -> showNow());
    sceneProperty().addListener((_, _, _) -> showNow());
  }

  /** What stands on the page. */
  protected final VBox page() {
    return page;
  }

  /** How figures are written now. */
  protected final Figures figures() {
    return workbench.preferences().figures().get();
  }

  /**
   * Shows what was read; nothing to show before. A page out of sight is drawn when it comes in
   * sight.
   */
  protected final void showNow() {
    if (getScene() == null) {
      return;
    }
    Optional<Seasons.Shown> shown = workbench.seasons().shown().get();
    boolean isNothing = shown.isEmpty() || shown.get().account().years().isEmpty();
    if (isNothing) {
      boolean isRead = shown.isPresent() && shown.get().isWhole();
      page.getChildren()
          .setAll(Parts.sentence(words.of(isRead ? "season.empty" : "season.reading"), "muted"));
      return;
    }
    Runnable goOn = typing().map(SeasonPane::goingOn).orElse(() -> {});
    show(shown.get());
    goOn.run();
    if (!shown.get().isWhole()) {
      page.getChildren().addFirst(left(shown.get().left()));
    }
  }

  /** The field one types in while the page is drawn anew around it. */
  private Optional<TextInputControl> typing() {
    return getScene().getFocusOwner() instanceof TextInputControl field && isIn(field)
        ? Optional.of(field)
        : Optional.empty();
  }

  private boolean isIn(Node node) {
    return node == this || node.getParent() != null && isIn(node.getParent());
  }

  /** Taken out and put in again a field loses the focus and, with it back, has all of it chosen. */
  private static Runnable goingOn(TextInputControl field) {
    int anchor = field.getAnchor();
    int caret = field.getCaretPosition();
    return () -> {
      if (field.getScene() != null && !field.isFocused()) {
        field.requestFocus();
        field.selectRange(anchor, caret);
      }
    };
  }

  private Node left(int batches) {
    VBox told =
        Parts.advice("water", words.counted("season.left", batches), words.of("season.left.help"));
    told.setId("season-left");
    return told;
  }

  /** Shows a season with a batch at least. */
  protected abstract void show(Seasons.Shown shown);
}
