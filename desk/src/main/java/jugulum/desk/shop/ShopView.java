package jugulum.desk.shop;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import jugulum.core.screens.Screen;
import jugulum.core.screens.StandardScreens;
import jugulum.core.shop.Shop;
import jugulum.desk.entry.AssumptionsForm;
import jugulum.desk.entry.Buttons;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.Parsers;
import jugulum.desk.panel.Parts;
import jugulum.desk.panel.Ticks;
import jugulum.desk.workbench.Workbench;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/** What the shop owns and takes as given for new batches. */
public final class ShopView extends BorderPane {
  private final Workbench workbench;
  private final FlowPane screens = new FlowPane(8, 8);
  private final EntryField<String> label = new EntryField<>("screen-label", Words.of("shop.screen.label"), Words.of("shop.screen.label.hint"), Parsers.text("shop.screen.label.missing"));
  private final EntryField<Double> opening =
      new EntryField<>("screen-opening", Words.of("shop.screen.opening"), Words.of("shop.screen.opening.hint"), typed -> Parsers.number(typed, 0.001, 200));
  private final AssumptionsForm given = new AssumptionsForm();
  private final Label said = Parts.sentence("", "fine-text");

  /** Makes the view of a workbench. */
  public ShopView(Workbench workbench) {
    this.workbench = workbench;
    getStyleClass().add("page");
    setId("shop-view");
    said.setId("shop-said");
    HBox own = new HBox(10, label, opening);
    label.field().setOnAction(_ -> addOwn());
    opening.field().setOnAction(_ -> addOwn());
    given.fields().forEach(field -> field.field().setOnAction(_ -> assume()));
    VBox content =
        new VBox(
            14,
            Parts.styled(new Label(Words.of("shop.title")), "page-title"),
            Parts.section(Words.of("shop.screens")),
            Parts.sentence(Words.of("shop.screens.about"), "muted"),
            screens,
            own,
            Buttons.plain("add-screen", Words.of("shop.screen.add"), "", this::addOwn),
            Parts.section(Words.of("shop.given")),
            Parts.sentence(Words.of("shop.given.about"), "muted"),
            given.inRow(),
            Buttons.plain("assume", Words.of("shop.assume"), "", this::assume),
            said);
    ScrollPane scroll = new ScrollPane(content);
    scroll.setFitToWidth(true);
    scroll.getStyleClass().add("board-scroll");
    setCenter(scroll);
    workbench.shop().addListener((_, _, shop) -> show(shop));
    show(workbench.shop().get());
  }

  private void show(Shop shop) {
    Optional<String> focused = screens.getChildren().stream().filter(Node::isFocused).map(Node::getId).findFirst();
    screens.getChildren().clear();
    Stream.concat(StandardScreens.all().stream(), shop.screens().stream().filter(screen -> !StandardScreens.all().contains(screen)))
        .sorted((one, other) -> Double.compare(other.openingMm(), one.openingMm()))
        .forEach(screen -> screens.getChildren().add(toggle(screen, shop)));
    focused.ifPresent(id -> screens.getChildren().stream().filter(node -> id.equals(node.getId())).forEach(Node::requestFocus));
    given.fill(shop.assumptions());
  }

  private ToggleButton toggle(Screen screen, Shop shop) {
    ToggleButton toggle = new ToggleButton(Words.of("screening.screen", screen.label(), Figures.plain(screen.openingMm())));
    toggle.setId("own-" + screen.label());
    toggle.getStyleClass().add("choice");
    toggle.setSelected(shop.screens().contains(screen));
    toggle.setOnAction(_ -> own(screen, toggle.isSelected()));
    Ticks.show(toggle);
    return toggle;
  }

  private void own(Screen screen, boolean owned) {
    List<Screen> changed = new ArrayList<>(workbench.shop().get().screens());
    changed.remove(screen);
    if (owned) {
      changed.add(screen);
    }
    workbench.submit(new Shop(changed, workbench.shop().get().assumptions()));
  }

  private void addOwn() {
    label.read()
        .ifPresent(
            writing ->
                opening
                    .read()
                    .ifPresent(
                        millimetres -> {
                          own(new Screen(writing, millimetres), true);
                          label.clear();
                          opening.clear();
                        }));
  }

  private void assume() {
    Shop before = workbench.shop().get();
    given
        .read(before.assumptions())
        .ifPresent(assumed -> workbench.submit(new Shop(before.screens(), assumed)).thenRun(() -> said.setText(Words.of("shop.said"))));
  }
}
