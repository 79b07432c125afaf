package jugulum.desk.panel;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Process;
import jugulum.core.screens.Cut;
import jugulum.core.screens.Screen;
import jugulum.desk.workbench.Worked;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/** Chooses the stack from the screens owned. */
final class ScreeningForm extends StepForm {
  private final FlowPane choice = new FlowPane(8, 8);
  private final Label cuts = Parts.sentence("", "in-hand-text");

  ScreeningForm(LotId lot, Desk desk) {
    super(Words.of("screening.title"), lot, desk);
    cuts.setId("cuts-preview");
    getChildren().addAll(Parts.sentence(Words.of("screening.about"), "muted"), Parts.section(Words.of("screening.choose")), choice, cuts);
    addButtons(Words.of("screening.start"));
  }

  @Override
  protected void update(Worked now, Lot taken) {
    if (choice.getChildren().isEmpty()) {
      List<Screen> usable =
          desk.shop().screens().stream()
              .filter(screen -> screen.openingMm() < taken.cut().upperMm() && screen.openingMm() > taken.cut().lowerMm())
              .toList();
      usable.forEach(screen -> choice.getChildren().add(toggle(screen, taken)));
      cuts.setText(usable.isEmpty() ? Words.of("screening.none-fits") : Words.of("screening.none-chosen"));
    }
  }

  private ToggleButton toggle(Screen screen, Lot taken) {
    ToggleButton toggle = new ToggleButton(Words.of("screening.screen", screen.label(), Figures.plain(screen.openingMm())));
    toggle.setId("screen-" + screen.label());
    toggle.setUserData(screen);
    toggle.getStyleClass().add("choice");
    toggle.selectedProperty().addListener((_, _, _) -> preview(taken));
    Ticks.show(toggle);
    return toggle;
  }

  private void preview(Lot taken) {
    List<Screen> stack = stack();
    cuts.setText(
        stack.isEmpty()
            ? Words.of("screening.none-chosen")
            : Words.of("screening.makes", Cut.of(taken.cut(), stack).stream().map(Sentences::cut).collect(Collectors.joining(" · "))));
  }

  /** Coarse on top, whatever order they were chosen in. */
  private List<Screen> stack() {
    return choice.getChildren().stream()
        .map(ToggleButton.class::cast)
        .filter(ToggleButton::isSelected)
        .map(toggle -> (Screen) toggle.getUserData())
        .toList();
  }

  @Override
  protected Optional<Edit.TakeStep> step(Lot taken) {
    List<Screen> stack = stack();
    if (stack.isEmpty()) {
      refuse(Words.of("refusal.SCREENS_MISSING"));
      return Optional.empty();
    }
    List<Edit.NewLot> outputs = Cut.of(taken.cut(), stack).stream().map(cut -> made(Material.CUT, cut)).toList();
    return Optional.of(take(new Process.Screening(stack), List.of(lot), outputs));
  }

  @Override
  public void focusFirst() {
    choice.getChildren().stream().findFirst().ifPresentOrElse(Node::requestFocus, super::focusFirst);
  }
}
