package jugulum.desk.shop;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import jugulum.core.ledger.Machine;
import jugulum.core.machine.Gear;
import jugulum.core.screens.Screen;
import jugulum.core.screens.StandardScreens;
import jugulum.core.shop.OwnedScreen;
import jugulum.core.shop.Shop;
import jugulum.core.shop.ShopEdit;
import jugulum.desk.entry.Entry;
import jugulum.desk.entry.EntryField;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.FocusFirst;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Segments;
import jugulum.desk.kit.Ticks;
import jugulum.desk.kit.Wrapping;
import jugulum.desk.session.Workbench;
import jugulum.desk.told.Told;
import jugulum.desk.view.Navigation;
import jugulum.desk.view.View;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;
import jugulum.desk.work.Notice;
import jugulum.desk.work.Outcome;
import jugulum.scale.played.PlayedScale;

/**
 * What somebody new owns, on one page: screens by their numbers, machines by a letter each, and
 * where weights come from. What the shop knows already stays.
 */
public final class FirstGear extends ScrollPane implements FocusFirst {
  private static final Pattern BETWEEN = Pattern.compile("[\\s,;·]+");
  private static final String BACK = "first-back";
  private static final String LETTER = "jugulum.letter";

  @Prologue private final Words words;
  private final Workbench workbench;
  private final Navigation navigation;
  private final EntryField<List<Screen>> screens;
  private final FlowPane machines = new Wrapping(8, 8);
  private final Segments<Weights> weights =
      new Segments<>(
          "first-weights",
          List.of(Weights.values()),
          one ->
              words.of(
                  "first.machine",
                  words.of("first.weights", one),
                  Integer.toString(one.ordinal() + 1)));

  /** Where weights come from. */
  private enum Weights {
    TYPED,
    SENT,
    PLAYED
  }

  /** Makes the page. */
  public FirstGear(Workbench workbench, Navigation navigation) {
    this.words = workbench.words();
    super();
    this.workbench = workbench;
    this.navigation = navigation;
    setId("first-gear");
    getStyleClass().add("page-scroll");
    setFitToWidth(true);
    setFocusTraversable(false);
    this.screens =
        new EntryField<>(
            words,
            "first-screens",
            words.of("first.screens"),
            words.of("first.screens.hint"),
            this::parse);
    machines.setId("first-machines");
    letters().forEach(this::offer);
    VBox page =
        new VBox(
            14,
            Parts.styled(new Label(words.of("first.title")), "page-title"),
            Parts.sentence(words.of("first.about"), "muted"),
            screens,
            Parts.section(words.of("first.machines")),
            machines,
            Parts.section(words.of("first.weights")),
            weights,
            Parts.row(
                Buttons.primary("first-keep", words.of("first.keep"), "Enter", this::keep),
                Buttons.plain(
                    BACK, words.of("panel.back"), "Esc", () -> navigation.show(View.BENCH))));
    page.getStyleClass().add("page");
    setContent(page);
    addEventFilter(KeyEvent.KEY_PRESSED, this::pressed);
  }

  private Entry<List<Screen>> parse(String typed) {
    List<Screen> found = new ArrayList<>();
    for (String label : BETWEEN.split(typed.strip())) {
      Optional<Screen> screen = StandardScreens.numbered(label);
      if (screen.isEmpty()) {
        return new Entry.Bad<>(words.of("first.screens.unknown", label));
      }
      screen.filter(one -> !found.contains(one)).ifPresent(found::add);
    }
    return new Entry.Value<>(List.copyOf(found));
  }

  /** A letter for each kind: the first of its name that none before it has. */
  private Map<Machine.Kind, String> letters() {
    Set<String> taken = new HashSet<>();
    Map<Machine.Kind, String> letters = new EnumMap<>(Machine.Kind.class);
    for (Machine.Kind kind : Machine.Kind.values()) {
      words
          .of("machine", kind)
          .toUpperCase(Locale.ROOT)
          .codePoints()
          .filter(Character::isLetter)
          .mapToObj(Character::toString)
          .filter(taken::add)
          .findFirst()
          .ifPresent(letter -> letters.put(kind, letter));
    }
    return letters;
  }

  private void offer(Machine.Kind kind, String letter) {
    ToggleButton button =
        new ToggleButton(words.of("first.machine", words.of("machine", kind), letter));
    button.setId("first-" + kind);
    button.setUserData(kind);
    button.getProperties().put(LETTER, letter);
    button.getStyleClass().add("choice");
    Ticks.show(words, button);
    machines.getChildren().add(button);
  }

  private Stream<ToggleButton> buttons() {
    return machines.getChildren().stream().map(ToggleButton.class::cast);
  }

  private void pressed(KeyEvent key) {
    boolean isOnBack = key.getTarget() instanceof Button button && BACK.equals(button.getId());
    if (key.getCode() == KeyCode.ENTER && !isOnBack) {
      keep();
      key.consume();
    } else if (key.getCode() == KeyCode.ESCAPE || key.getCode() == KeyCode.ENTER) {
      navigation.show(View.BENCH);
      key.consume();
    } else if (!key.isShortcutDown() && !(key.getTarget() instanceof TextInputControl)) {
      int place = "123".indexOf(key.getText());
      if (!key.getText().isEmpty() && place >= 0) {
        weights.choose(Weights.values()[place]);
        key.consume();
      }
      buttons()
          .filter(button -> key.getCode().getName().equals(button.getProperties().get(LETTER)))
          .findFirst()
          .ifPresent(
              button -> {
                button.fire();
                key.consume();
              });
    }
  }

  /** Keeps what is new, and goes on; nothing, if the screens are not understood. */
  private void keep() {
    Optional<List<Screen>> typed =
        screens.text().isEmpty() ? Optional.of(List.of()) : screens.read();
    typed.ifPresent(
        all -> {
          edits(all).forEach(edit -> workbench.session().change(edit).thenAccept(this::told));
          if (weights.chosen() == Weights.SENT) {
            navigation.learnScale();
          } else {
            navigation.startBatch();
          }
        });
  }

  private void told(Outcome outcome) {
    if (outcome instanceof Outcome.Not not) {
      workbench
          .notices()
          .say(new Notice.Said(Told.why(not, workbench.preferences().figures().get()), true));
    }
  }

  private List<ShopEdit> edits(List<Screen> typed) {
    Shop shop = workbench.projections().shop().get();
    List<ShopEdit> edits = new ArrayList<>();
    typed.stream()
        .filter(screen -> shop.screen(screen.label()).filter(OwnedScreen::isOwned).isEmpty())
        .map(screen -> new ShopEdit.KnowScreen(OwnedScreen.of(screen)))
        .forEach(edits::add);
    buttons()
        .filter(ToggleButton::isSelected)
        .map(button -> (Machine.Kind) button.getUserData())
        .filter(kind -> shop.gear().stream().noneMatch(gear -> gear.kind() == kind))
        .map(this::gear)
        .map(ShopEdit.KnowMachine::new)
        .forEach(edits::add);
    if (weights.chosen() == Weights.PLAYED) {
      edits.add(new ShopEdit.KnowScale(PlayedScale.kept(words.of("first.played-name"))));
    }
    return edits;
  }

  private Gear gear(Machine.Kind kind) {
    return new Gear(
        words.of("first.gear-name", words.of("machine", kind)),
        kind,
        Optional.empty(),
        Map.of(),
        OptionalDouble.empty(),
        OptionalDouble.empty(),
        OptionalDouble.empty());
  }

  @Override
  public void focusFirst() {
    screens.field().requestFocus();
  }
}
