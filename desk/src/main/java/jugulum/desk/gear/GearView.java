package jugulum.desk.gear;

import java.util.function.Consumer;
import javafx.scene.control.Label;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.VBox;
import jugulum.book.batch.RunLines.Ran;
import jugulum.desk.kit.FocusFirst;
import jugulum.desk.kit.Parts;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.Words;

/** The gear of the shop: what each machine has shown in the runs of all batches. */
public final class GearView extends BorderPane implements FocusFirst {
  private final Words words;
  private final RunsPane runs;

  /**
   * Makes the view of a workbench.
   *
   * @param onOpen a run was chosen
   */
  public GearView(Workbench workbench, Consumer<Ran> onOpen) {
    this.words = workbench.words();
    getStyleClass().add("page");
    setId("gear-view");
    runs = new RunsPane(workbench, onOpen);
    VBox top =
        new VBox(
            4,
            Parts.styled(new Label(words.of("gear.title")), "page-title"),
            Parts.sentence(words.of("gear.about"), "muted"));
    top.getStyleClass().add("page-top");
    setTop(top);
    setCenter(runs);
  }

  @Override
  public void focusFirst() {
    runs.refresh();
    runs.focusList();
  }
}
