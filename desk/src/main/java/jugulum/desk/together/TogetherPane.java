package jugulum.desk.together;

import javafx.scene.control.ScrollPane;
import javafx.scene.layout.VBox;
import jugulum.desk.files.FilePicker;
import jugulum.desk.kit.Parts;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;

/**
 * Several benches, one book: what it is for, the way to a server and back, who is there, what waits
 * and what was set aside.
 */
public final class TogetherPane extends ScrollPane {
  private static final double WIDTH = 860;

  @Prologue private final Words words;

  /** Makes the page of a workbench. */
  public TogetherPane(Workbench workbench, FilePicker picker) {
    this.words = workbench.words();
    super();
    setId("together-pane");
    getStyleClass().add("page-scroll");
    setFitToWidth(true);
    setFocusTraversable(false);
    VBox page = new VBox(18);
    page.setMaxWidth(WIDTH);
    page.getChildren()
        .addAll(
            Parts.section(words.of("together.title")), Parts.sentence(words.of("together.about")));
    if (workbench.sharing().address().isPresent()) {
      page.getChildren().addAll(new ServedCard(workbench, picker), new AsideCard(workbench));
    } else {
      page.getChildren().add(new AloneCard(workbench));
    }
    setContent(page);
  }
}
