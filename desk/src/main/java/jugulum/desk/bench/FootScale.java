package jugulum.desk.bench;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.VBox;
import jugulum.core.scale.ScaleView;
import jugulum.core.shop.Scale;
import jugulum.desk.entry.EntryField;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Wrapping;
import jugulum.desk.live.ScaleStand;
import jugulum.desk.scale.PlayedHand;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.ScaleWords;
import jugulum.desk.words.Words;
import jugulum.desk.work.Notice;

/**
 * What stands on the scale, over the fields of the foot that ask for a weight; there only while
 * such a field is in sight and the shop has a scale. Space takes it into the field one is in.
 */
final class FootScale extends VBox {
  /** So much is laid on the played scale first, and so much of it falls back, in grams. */
  private static final double FIRST_G = 300;

  private static final double SECOND_G = 30;

  @Prologue private final Words words;
  private final Workbench workbench;
  private final ScaleStand stand;
  private final PlayedHand played;
  private final Label reading = Parts.styled(new Label(), "foot-reading");
  private final Label state = Parts.styled(new Label(), "muted");
  private final Button layOn;
  private final Button takeOff;
  private Optional<VBox> dock = Optional.empty();
  private boolean isLooking;

  FootScale(Workbench workbench) {
    this.words = workbench.words();
    super(4);
    this.workbench = workbench;
    this.stand = workbench.scale();
    this.played = new PlayedHand(stand);
    setId("foot-scale");
    getStyleClass().add("foot-scale");
    reading.setId("foot-reading");
    state.setId("foot-state");
    Wrapping line = new Wrapping(12, 4, reading, state);
    line.setRowValignment(VPos.CENTER);
    layOn = Buttons.quiet("foot-lay-on", words.of("foot.lay-on"), "F7", this::layOn);
    takeOff = Buttons.quiet("foot-take-off", words.of("foot.take-off"), "F8", played::takeOff);
    Button take = Buttons.quiet("foot-take", words.of("foot.take"), "Space", this::takeIntoFirst);
    getChildren().addAll(line, new Wrapping(8, 4, take, layOn, takeOff));
    Parts.shown(this, false);
    sceneProperty().addListener((_, _, _) -> look());
    workbench.watch(stand.view(), _ -> show());
    workbench.watch(workbench.projections().shop(), _ -> look());
  }

  /** Stands over another dock. */
  void over(Optional<VBox> now) {
    dock = now;
    look();
  }

  /** Listens to the scale only while it can be of use. */
  private void look() {
    boolean isOfUse = getScene() != null && stand.scale().isPresent() && !fields().isEmpty();
    if (isOfUse && !isLooking) {
      stand.look(this);
    } else if (!isOfUse && isLooking) {
      stand.lookAway(this);
    }
    isLooking = isOfUse;
    Parts.shown(this, isOfUse);
    Parts.shown(layOn, played.isThere());
    Parts.shown(takeOff, played.isThere());
    show();
  }

  private void show() {
    if (!isLooking) {
      return;
    }
    ScaleView seen = stand.view().get();
    double step = stand.scale().map(Scale::stepG).orElseThrow();
    reading.setText(
        seen.isHeard()
            ? workbench.preferences().figures().get().read(seen.grams(), step)
            : words.of("header.none"));
    state.setText(
        words.of(
            "foot.state",
            stand.scale().orElseThrow().name(),
            ScaleWords.state(words, seen, stand.lost().get())));
  }

  /** The fields in sight a scale can fill, in order. */
  private List<EntryField<?>> fields() {
    return dock.stream().flatMap(FootScale::fields).toList();
  }

  private static Stream<EntryField<?>> fields(Node node) {
    if (!node.isVisible() || node.isDisabled()) {
      return Stream.empty();
    }
    return switch (node) {
      case EntryField<?> field ->
          Stream.<EntryField<?>>of(field).filter(one -> one.takes().isPresent());
      case Parent parent -> parent.getChildrenUnmodifiable().stream().flatMap(FootScale::fields);
      default -> Stream.empty();
    };
  }

  /** Before a text field sees it: the space bar in a field for a weight takes the weight. */
  void typed(KeyEvent key) {
    if (isLooking && " ".equals(key.getCharacter()) && !key.isShortcutDown() && !key.isAltDown()) {
      fields().stream()
          .filter(field -> field.field() == key.getTarget())
          .filter(field -> field.text().isEmpty() || field.on().isPresent())
          .findFirst()
          .ifPresent(
              field -> {
                if (field.text().isEmpty()) {
                  take(field);
                } else {
                  takeIntoFirst();
                }
                key.consume();
              });
    }
  }

  private Optional<EntryField<?>> firstEmpty() {
    return fields().stream().filter(field -> field.text().isEmpty()).findFirst();
  }

  private void takeIntoFirst() {
    firstEmpty().ifPresent(this::take);
  }

  private void take(EntryField<?> field) {
    ScaleView seen = stand.view().get();
    if (seen.ready()) {
      field.weigh(seen, stand.readOn());
      stand.taken();
    } else {
      workbench.notices().say(new Notice.Said(words.of("foot.not-ready"), true));
    }
    field.field().requestFocus();
    field.field().end();
  }

  /** Lays on the played scale what the next field asks for. */
  void layOn() {
    firstEmpty()
        .flatMap(EntryField::takes)
        .ifPresent(
            what -> {
              boolean isFirst = fields().stream().allMatch(field -> field.text().isEmpty());
              switch (what) {
                case GROSS -> played.layOn(PlayedHand.Load.PAN_WITH_SAND, FIRST_G);
                case SAND -> played.layOn(PlayedHand.Load.SAND, isFirst ? FIRST_G : SECOND_G);
                case GOLD -> played.layOn(PlayedHand.Load.GOLD, FIRST_G);
              }
            });
  }

  /** The keys of the played scale. */
  void pressed(KeyEvent key) {
    if (!isLooking || !played.isThere()) {
      return;
    }
    switch (key.getCode()) {
      case F7 -> layOn();
      case F8 -> played.takeOff();
      default -> {
        return;
      }
    }
    key.consume();
  }
}
