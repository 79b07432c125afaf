package jugulum.desk.account;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import jugulum.core.account.Worked;
import jugulum.desk.files.FilePicker;
import jugulum.desk.guide.Guide;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Keys;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Segments;
import jugulum.desk.session.Workbench;
import jugulum.desk.view.MainView;
import jugulum.desk.view.Navigation;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;

/**
 * The account of the batch on the bench: how much, how sure, where the rest is, what next; and its
 * pages and tables.
 */
public final class AccountView extends BorderPane implements MainView {
  @Prologue private final Words words;
  private final Workbench workbench;
  private final Navigation navigation;
  private final Label title = Parts.styled(new Label(), "page-title");
  private final Segments<Part> parts =
      new Segments<>(
          "account-part", List.of(Part.values()), part -> words.of("account.part", part));
  private final ScrollPane scroll = new ScrollPane();
  private final NextPart next = new NextPart(words);
  private final HBox files;

  /** What the view is parted in. */
  private enum Part {
    GOLD,
    STEPS,
    SAND,
    NEXT,
    SMELTS
  }

  /** Makes the view of a workbench. */
  public AccountView(Workbench workbench, FilePicker picker, Clock clock, Navigation navigation) {
    this.words = workbench.words();
    super();
    this.workbench = workbench;
    this.navigation = navigation;
    getStyleClass().add("page");
    setId("account-view");
    AccountFiles out = new AccountFiles(workbench, picker, clock);
    files =
        Parts.row(
            Buttons.primary("save-sheet", words.of("account.save.sheet"), "P", out::sheet),
            Buttons.plain("save-tables", words.of("account.save.tables"), "X", out::tables),
            Buttons.plain(
                "save-settlement", words.of("account.save.settlement"), "S", out::settlement),
            Buttons.plain("save-labels", words.of("account.save.labels"), "L", out::labels));
    title.setWrapText(true);
    title.setMaxWidth(Double.MAX_VALUE);
    HBox.setHgrow(title, Priority.ALWAYS);
    parts.setMinWidth(Region.USE_PREF_SIZE);
    HBox top = new HBox(12, title, parts);
    top.getStyleClass().add("page-top");
    scroll.setFitToWidth(true);
    scroll.getStyleClass().add("board-scroll");
    setTop(top);
    setCenter(scroll);
    setBottom(files);
    parts.onChange(this::show);
    addEventHandler(KeyEvent.KEY_PRESSED, this::key);
    workbench.watch(workbench.projections().current(), _ -> show());
    workbench.watch(workbench.preferences().figures(), _ -> show());
    workbench.watch(workbench.accountWork().account(), _ -> show());
    sceneProperty()
        .addListener(
            (_, _, scene) -> {
              workbench.accountWork().want(scene != null);
              show();
            });
  }

  @Override
  public Node node() {
    return this;
  }

  @Override
  public Guide.Page page() {
    return Guide.Page.ACCOUNT;
  }

  @Override
  public void focusFirst() {
    parts.focusChosen();
  }

  private void key(KeyEvent key) {
    if (Keys.press(this, key)) {
      key.consume();
    }
  }

  /** Only while it can be seen: an edit at the bench need not wait for it. */
  private void show() {
    if (getScene() == null) {
      return;
    }
    Optional<Worked> worked = workbench.projections().current().get().worked();
    Parts.shown(files, worked.isPresent());
    Parts.shown(parts, worked.isPresent());
    title.setText(
        worked.map(now -> words.of("account.title", now.batch().label().name())).orElse(""));
    double at = scroll.getVvalue();
    scroll.setContent(
        worked
            .map(
                now ->
                    part(
                        new Shown(
                            now,
                            workbench.accountWork().account().get(),
                            workbench.projections().shop().get(),
                            workbench.preferences().figures().get())))
            .orElseGet(() -> Parts.sentence(words.of("account.none"), "muted")));
    scroll.setVvalue(at);
  }

  private Node part(Shown shown) {
    return switch (parts.chosen()) {
      case GOLD -> GoldPart.of(shown, () -> parts.choose(Part.NEXT), () -> parts.choose(Part.SAND));
      case STEPS -> StepsPart.of(shown);
      case SAND -> SandPart.of(shown, navigation::openLot);
      case NEXT -> next.of(shown);
      case SMELTS -> SmeltsPart.of(shown);
    };
  }
}
