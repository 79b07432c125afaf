package jugulum.desk.kit;

import java.util.List;
import java.util.function.Function;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;

/**
 * One of a few things, all of them in sight; those that do not fit into one line stand in the next.
 *
 * @param <T> the kind of thing
 */
public final class Segments<T> extends FlowPane {
  private final ToggleGroup group = new ToggleGroup();

  /**
   * Makes the choice, the first thing chosen. A button is called by the name of an enum constant,
   * else by its place.
   */
  public Segments(String id, List<T> things, Function<T, String> name) {
    getStyleClass().add("segments");
    setId(id);
    setPrefWrapLength(Double.MAX_VALUE);
    for (T thing : things) {
      ToggleButton button = new ToggleButton(name.apply(thing));
      button.setId(
          id + "-" + (thing instanceof Enum<?> named ? named.name() : things.indexOf(thing)));
      button.setUserData(thing);
      button.setToggleGroup(group);
      getChildren().add(button);
    }
    group.selectToggle(group.getToggles().getFirst());
    group
        .selectedToggleProperty()
        .addListener(
            (_, before, now) -> {
              if (now == null) {
                before.setSelected(true);
              }
            });
  }

  /** As wide as one line of them; the pane itself would ask for a width of its own. */
  @Override
  protected double computePrefWidth(double height) {
    return snappedLeftInset()
        + snappedRightInset()
        + getManagedChildren().stream()
            .mapToDouble(button -> snapSizeX(button.prefWidth(-1)))
            .sum();
  }

  /** Chooses a thing. */
  public void choose(T thing) {
    group.getToggles().stream()
        .filter(toggle -> thing.equals(toggle.getUserData()))
        .findFirst()
        .ifPresent(group::selectToggle);
  }

  /** Puts the focus on the thing chosen. */
  public void focusChosen() {
    ((ToggleButton) group.getSelectedToggle()).requestFocus();
  }

  /** The thing chosen. */
  @SuppressWarnings("unchecked")
  public T chosen() {
    return (T) group.getSelectedToggle().getUserData();
  }

  /** Runs when another thing is chosen. */
  public void onChange(Runnable what) {
    group
        .selectedToggleProperty()
        .addListener(
            (_, _, now) -> {
              if (now != null) {
                what.run();
              }
            });
  }
}
