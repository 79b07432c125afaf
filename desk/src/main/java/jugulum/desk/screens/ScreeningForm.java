package jugulum.desk.screens;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import jugulum.core.account.Worked;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Process.Screening.Manner;
import jugulum.core.screens.Cut;
import jugulum.core.screens.Screen;
import jugulum.core.shop.OwnedScreen;
import jugulum.desk.entry.Entry;
import jugulum.desk.entry.EntryField;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Segments;
import jugulum.desk.kit.Ticks;
import jugulum.desk.kit.Wrapping;
import jugulum.desk.panel.Desk;
import jugulum.desk.panel.StepForm;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/**
 * Chooses the stack from the screens owned, by typing their numbers or by pressing them, and how it
 * is worked.
 */
public final class ScreeningForm extends StepForm {
  @Prologue private final Words words;
  private Cut feed = Cut.ALL;
  private final FlowPane choice = new Wrapping(8, 8);
  private final Label cuts = Parts.sentence("", "in-hand-text");
  private final Segments<Manner> manner =
      new Segments<>(
          "manner",
          List.of(Manner.WET_BULK, Manner.DRY_BULK, Manner.DRY_SAMPLE),
          one -> words.of("manner", one));
  private final VBox caution =
      Parts.advice("caution", words.of("caution.dust.title"), words.of("caution.dust"));
  private final EntryField<List<Screen>> stack =
      new EntryField<>(
          words,
          "stack",
          words.of("screening.stack"),
          words.of("screening.stack.hint"),
          typed -> StackText.parse(words, typed, usable(), feed));
  private final List<Screen> planned;
  private boolean following;

  public ScreeningForm(LotId lot, Desk desk, List<Screen> planned) {
    this.words = desk.words();
    super(desk.words().of("screening.title"), lot, desk);
    this.planned = planned;
    cuts.setId("cuts-preview");
    stack.field().textProperty().addListener((_, _, _) -> follow());
    stack.field().setOnAction(_ -> start());
    manner.onChange(this::offer);
    getChildren()
        .addAll(
            Parts.sentence(words.of("screening.about"), "muted"),
            manner,
            caution,
            stack,
            choice,
            cuts,
            new Wrapping(
                10,
                8,
                Buttons.plain("plan-cuts", words.of("screening.plan"), "P", () -> desk.plan(lot)),
                Buttons.quiet(
                    "water",
                    words.of("handling.title"),
                    "W",
                    () -> desk.push(new WaterPanel(lot, desk)))));
    addButtons(words.of("screening.start"));
  }

  private List<Screen> usable() {
    return desk.shop().ownedFor(Optional.of(manner.chosen())).stream()
        .map(OwnedScreen::screen)
        .filter(
            screen -> screen.openingMm() < feed.upperMm() && screen.openingMm() > feed.lowerMm())
        .toList();
  }

  @Override
  protected void update(Worked now, Lot taken) {
    if (choice.getChildren().isEmpty()) {
      feed = taken.cut();
      offer();
      if (!planned.isEmpty()) {
        stack.fill(StackText.of(planned));
      }
    }
  }

  /** Offers the screens that may be used that way. */
  private void offer() {
    Parts.shown(caution, manner.chosen() != Manner.WET_BULK);
    List<Screen> usable = usable();
    choice.getChildren().setAll(usable.stream().map(this::toggle).toList());
    follow();
    if (usable.isEmpty()) {
      cuts.setText(words.of("screening.none-fits"));
    }
  }

  private ToggleButton toggle(Screen screen) {
    ToggleButton toggle =
        new ToggleButton(
            words.of("screening.screen", screen.label(), words.plain(screen.openingMm())));
    toggle.setId("screen-" + screen.label());
    toggle.setUserData(screen);
    toggle.getStyleClass().add("choice");
    toggle.setOnAction(_ -> stack.fill(StackText.of(pressed())));
    Ticks.show(words, toggle);
    return toggle;
  }

  /** Coarse on top, whatever order they were pressed in. */
  private List<Screen> pressed() {
    return choice.getChildren().stream()
        .map(ToggleButton.class::cast)
        .filter(ToggleButton::isSelected)
        .map(toggle -> (Screen) toggle.getUserData())
        .toList();
  }

  /** Presses the screens that are typed and tells the cuts they make. */
  private void follow() {
    if (following) {
      return;
    }
    following = true;
    switch (StackText.parse(words, stack.field().getText(), usable(), feed)) {
      case Entry.Value<List<Screen>>(List<Screen> typed) -> {
        choice.getChildren().stream()
            .map(ToggleButton.class::cast)
            .forEach(toggle -> toggle.setSelected(typed.contains((Screen) toggle.getUserData())));
        cuts.setText(
            words.of(
                "screening.makes",
                words.beside(
                    Cut.of(feed, typed).stream().map(one -> Sentences.cut(words, one)).toList())));
      }
      case Entry.Bad<List<Screen>> _ -> {
        if (stack.field().getText().isBlank()) {
          choice.getChildren().stream()
              .map(ToggleButton.class::cast)
              .forEach(toggle -> toggle.setSelected(false));
        }
        cuts.setText(words.of("screening.none-chosen"));
      }
    }
    following = false;
  }

  @Override
  protected Optional<Edit.TakeStep> step(Lot taken) {
    return stack
        .read()
        .map(
            screens -> {
              List<Edit.NewLot> outputs =
                  Cut.of(taken.cut(), screens).stream()
                      .map(cut -> made(Material.CUT, cut))
                      .toList();
              return take(
                  new Process.Screening(screens, Optional.of(manner.chosen())),
                  List.of(lot),
                  outputs);
            });
  }

  @Override
  public void focusFirst() {
    stack.field().requestFocus();
  }
}
