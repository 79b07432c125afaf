package jugulum.desk.board;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Control;
import javafx.scene.control.Skin;
import jugulum.core.account.Worked;
import jugulum.core.units.MassUnit;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;

/**
 * The throat board: one batch as a picture that narrows from the feed to the vial. Lays any network
 * out by itself. The arrow keys walk from station to station, Enter opens the one walked to.
 */
public final class ThroatBoard extends Control {
  @Prologue private final Words words;
  private final ObjectProperty<Optional<Worked>> worked =
      new SimpleObjectProperty<>(this, "worked", Optional.empty());
  private final ObjectProperty<Figures> figures =
      new SimpleObjectProperty<>(this, "figures", new Figures(MassUnit.GRAM, words));
  private final ObjectProperty<Cell> selected =
      new SimpleObjectProperty<>(this, "selected", new Cell(0, Cell.HEADER));
  private final ObjectProperty<Consumer<Station>> onOpen =
      new SimpleObjectProperty<>(this, "onOpen", _ -> {});
  private boolean focusWanted;
  private final ObjectProperty<Consumer<BoardFlow.Spout>> onSpout =
      new SimpleObjectProperty<>(this, "onSpout", _ -> {});

  /** Makes an empty board. */
  public ThroatBoard(Words words) {
    this.words = words;
    super();
    getStyleClass().add("throat-board");
    setId("board");
    setAccessibleRole(AccessibleRole.PARENT);
    setAccessibleText(words.of("board.accessible"));
    setFocusTraversable(false);
  }

  /** The batch shown. */
  public ObjectProperty<Optional<Worked>> workedProperty() {
    return worked;
  }

  /** How quantities are written. */
  public ObjectProperty<Figures> figuresProperty() {
    return figures;
  }

  /** The cell walked to. */
  public ObjectProperty<Cell> selectedProperty() {
    return selected;
  }

  /** Told of a station that is walked to or opened. */
  public ObjectProperty<Consumer<Station>> onOpenProperty() {
    return onOpen;
  }

  /** Told of material set aside that is clicked on. */
  public ObjectProperty<Consumer<BoardFlow.Spout>> onSpoutProperty() {
    return onSpout;
  }

  @Override
  protected Skin<?> createDefaultSkin() {
    return new ThroatBoardSkin(words, this);
  }

  /** Puts the focus on the station walked to, as soon as it is drawn. */
  @Override
  public void requestFocus() {
    focusWanted = true;
    requestLayout();
    if (getSkin() instanceof ThroatBoardSkin skin) {
      skin.focusIfWanted();
    }
  }

  /** Whether the focus was asked for and not given yet; asking again gives no. */
  boolean takeFocusWish() {
    boolean wanted = focusWanted;
    focusWanted = false;
    return wanted;
  }
}
