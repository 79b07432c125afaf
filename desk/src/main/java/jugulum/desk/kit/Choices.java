package jugulum.desk.kit;

import java.util.List;
import java.util.function.Function;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ListCell;
import javafx.util.StringConverter;

/** Lists to choose one thing from. */
public final class Choices {
  private Choices() {}

  /**
   * A list, the first thing chosen.
   *
   * @param id the node's id
   * @param asked what is chosen, for those who hear the window
   * @param things what there is to choose from
   * @param name what each is called
   * @param <T> the kind of thing
   */
  public static <T> ComboBox<T> of(
      String id, String asked, List<T> things, Function<T, String> name) {
    ComboBox<T> box = new ComboBox<>();
    box.setId(id);
    box.setAccessibleText(asked);
    box.setMaxWidth(Double.MAX_VALUE);
    box.setConverter(
        new StringConverter<>() {
          @Override
          public String toString(T thing) {
            return thing == null ? "" : name.apply(thing);
          }

          @Override
          public T fromString(String text) {
            throw new UnsupportedOperationException("the list is not typed into");
          }
        });
    box.setButtonCell(new WholeCell<>(name));
    box.getItems().setAll(things);
    box.getSelectionModel().selectFirst();
    return box;
  }

  /** What is chosen, on two lines where one is too short. */
  private static final class WholeCell<T> extends ListCell<T> {
    private final Function<T, String> name;

    WholeCell(Function<T, String> name) {
      this.name = name;
      setWrapText(true);
    }

    @Override
    protected void updateItem(T thing, boolean empty) {
      super.updateItem(thing, empty);
      setText(empty || thing == null ? "" : name.apply(thing));
    }
  }
}
