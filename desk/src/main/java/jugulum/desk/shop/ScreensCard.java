package jugulum.desk.shop;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.scene.Node;
import javafx.scene.control.TableView;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import jugulum.core.screens.Screen;
import jugulum.core.screens.StandardScreens;
import jugulum.core.shop.OwnedScreen;
import jugulum.core.shop.OwnedScreen.Having;
import jugulum.core.shop.OwnedScreen.Use;
import jugulum.core.shop.Shop;
import jugulum.core.shop.ShopEdit;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.entry.Parsers;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Segments;
import jugulum.desk.kit.TextColumns;
import jugulum.desk.kit.Ticks;
import jugulum.desk.kit.Wrapping;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;

/** The screens a shop knows: which it has, and what each is good for. */
final class ScreensCard extends VBox {
  private static final double COLUMN = 110;
  private static final double ROW = 34;
  private static final double HEAD = 36;
  private static final int ROWS = 6;

  @Prologue private final Words words;
  private final Workbench workbench;
  private final Segments<Series> series =
      new Segments<>("series", List.of(Series.values()), one -> words.of("series", one));
  private final FlowPane toggles = new Wrapping(6, 6);
  private final TableView<OwnedScreen> table = new TableView<>();
  private final EntryField<String> label =
      new EntryField<>(
          words,
          "screen-label",
          words.of("shop.screen.label"),
          words.of("shop.screen.label.hint"),
          Parsers.text(words, "shop.screen.label.missing"));
  private final EntryField<Double> opening =
      new EntryField<>(
          words,
          "screen-opening",
          words.of("shop.screen.opening"),
          words.of("shop.screen.opening.hint"),
          typed -> Parsers.number(words, typed, 0.001, 200));
  private final EntryField<Optional<Double>> diameter =
      new EntryField<>(
          words,
          "screen-diameter",
          words.of("shop.screen.diameter"),
          words.of("shop.screen.diameter.hint"),
          Parsers.optional(typed -> Parsers.number(words, typed, 10, 2000)));
  private final EntryField<Optional<Double>> load =
      new EntryField<>(
          words,
          "screen-load",
          words.of("shop.screen.load"),
          words.of("shop.screen.load.hint"),
          Parsers.optional(typed -> Parsers.number(words, typed, 1, 100_000)));
  private final Segments<Use> use =
      new Segments<>("screen-use", List.of(Use.values()), one -> words.of("use", one));

  /** Series of screens. */
  private enum Series {
    ASTM_E11,
    TYLER
  }

  ScreensCard(Workbench workbench) {
    this.words = workbench.words();
    super(10);
    this.workbench = workbench;
    series.onChange(() -> offer(workbench.projections().shop().get()));
    table.setId("screens-table");
    table.setAccessibleText(words.of("shop.screens"));
    table.setColumnResizePolicy(TableView.CONSTRAINED_RESIZE_POLICY_FLEX_LAST_COLUMN);
    table.setPrefHeight(HEAD + ROWS * ROW);
    table.setMinHeight(HEAD + ROWS * ROW);
    TextColumns.add(words, table, "shop.screen", COLUMN, OwnedScreen::label, false);
    TextColumns.add(
        words, table, "shop.screen.mm", COLUMN, screen -> words.plain(screen.openingMm()), false);
    TextColumns.add(
        words, table, "shop.screen.use", COLUMN, screen -> words.of("use", screen.use()), false);
    TextColumns.add(
        words,
        table,
        "shop.screen.frame",
        COLUMN,
        screen -> told(words, screen.diameterMm()),
        false);
    TextColumns.add(
        words, table, "shop.screen.takes", COLUMN, screen -> told(words, screen.loadG()), false);
    TextColumns.add(
        words,
        table,
        "shop.screen.have",
        COLUMN,
        screen -> words.of("having", screen.having()),
        false);
    table.getSelectionModel().selectedItemProperty().addListener((_, _, screen) -> fill(screen));
    List.of(label, opening, diameter, load)
        .forEach(field -> field.field().setOnAction(_ -> keep(Having.OWNED)));
    getChildren()
        .addAll(
            Parts.section(words.of("shop.screens")),
            Parts.sentence(words.of("shop.screens.about"), "muted"),
            series,
            toggles,
            table,
            new FieldRow(List.of(label, opening, diameter, load)),
            new HBox(10, use),
            Parts.row(
                Buttons.plain(
                    "add-screen", words.of("shop.screen.keep"), "", () -> keep(Having.OWNED)),
                Buttons.plain(
                    "lack-screen",
                    words.of("shop.screen.lack"),
                    "",
                    () -> keep(Having.NOT_OWNED))));
  }

  private static String told(Words words, OptionalDouble value) {
    return value.isPresent() ? words.plain(value.getAsDouble()) : words.of("screen.no-share");
  }

  void show(Shop shop) {
    Optional<String> chosen =
        Optional.ofNullable(table.getSelectionModel().getSelectedItem()).map(OwnedScreen::label);
    offer(shop);
    table.getItems().setAll(shop.screens());
    chosen.flatMap(shop::screen).ifPresent(table.getSelectionModel()::select);
  }

  private void offer(Shop shop) {
    Optional<String> focused =
        toggles.getChildren().stream().filter(Node::isFocused).map(Node::getId).findFirst();
    List<Screen> standard =
        switch (series.chosen()) {
          case ASTM_E11 -> StandardScreens.all();
          case TYLER -> StandardScreens.tyler();
        };
    toggles.getChildren().setAll(standard.stream().map(screen -> toggle(screen, shop)).toList());
    focused.ifPresent(
        id ->
            toggles.getChildren().stream()
                .filter(node -> id.equals(node.getId()))
                .forEach(Node::requestFocus));
  }

  private ToggleButton toggle(Screen screen, Shop shop) {
    ToggleButton toggle = new ToggleButton(screen.label());
    toggle.setId("own-" + screen.label());
    toggle.setAccessibleText(
        words.of("screening.screen", screen.label(), words.plain(screen.openingMm())));
    toggle.getStyleClass().add("choice");
    toggle.setSelected(shop.screen(screen.label()).filter(OwnedScreen::isOwned).isPresent());
    toggle.setOnAction(_ -> own(screen, toggle.isSelected()));
    Ticks.show(words, toggle);
    return toggle;
  }

  private void own(Screen screen, boolean owned) {
    Having having = owned ? Having.OWNED : Having.NOT_OWNED;
    OwnedScreen before =
        workbench
            .projections()
            .shop()
            .get()
            .screen(screen.label())
            .orElseGet(() -> OwnedScreen.of(screen));
    OwnedScreen after =
        new OwnedScreen(
            before.label(),
            before.openingMm(),
            having,
            before.use(),
            before.diameterMm(),
            before.loadG());
    workbench.session().change(new ShopEdit.KnowScreen(after));
  }

  private void fill(OwnedScreen screen) {
    if (screen != null) {
      label.fill(screen.label());
      opening.fill(words.plain(screen.openingMm()));
      diameter.fill(
          screen.diameterMm().isPresent() ? words.plain(screen.diameterMm().getAsDouble()) : "");
      load.fill(screen.loadG().isPresent() ? words.plain(screen.loadG().getAsDouble()) : "");
      use.choose(screen.use());
    }
  }

  private void keep(Having having) {
    Optional<OwnedScreen> read =
        label
            .read()
            .flatMap(
                called ->
                    opening
                        .read()
                        .flatMap(
                            mm ->
                                diameter
                                    .read()
                                    .flatMap(
                                        frame ->
                                            load.read()
                                                .map(
                                                    takes ->
                                                        new OwnedScreen(
                                                            called,
                                                            mm,
                                                            having,
                                                            use.chosen(),
                                                            optional(frame),
                                                            optional(takes))))));
    read.ifPresent(
        screen -> {
          table.getSelectionModel().clearSelection();
          OnceKept.clearing(
              workbench,
              workbench.session().change(new ShopEdit.KnowScreen(screen)),
              label,
              opening,
              diameter,
              load);
        });
  }

  private static OptionalDouble optional(Optional<Double> value) {
    return value.map(OptionalDouble::of).orElse(OptionalDouble.empty());
  }
}
