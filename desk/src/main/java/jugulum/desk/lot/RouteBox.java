package jugulum.desk.lot;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import jugulum.core.account.Worked;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Route;
import jugulum.core.shop.ShopEdit;
import jugulum.core.task.Routes;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.Parsers;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Choices;
import jugulum.desk.kit.Parts;
import jugulum.desk.panel.Desk;
import jugulum.desk.told.Told;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.RouteWords;
import jugulum.desk.words.Words;
import jugulum.desk.work.Outcome;

/** Chooses the way a batch is to go, and keeps the way it went as a route of one's own. */
final class RouteBox extends VBox {
  @Prologue private final Words words;
  private final Desk desk;
  private final ComboBox<Optional<Route>> choice;
  private final Label reason = Parts.sentence("", "muted");
  private final EntryField<String> name =
      new EntryField<>(
          words,
          "route-name",
          words.of("route.own"),
          words.of("route.own.hint"),
          Parsers.text(words, "route.own.missing"));
  private Optional<Worked> shown = Optional.empty();
  private boolean filling;

  RouteBox(Desk desk) {
    this.words = desk.words();
    super(8);
    this.desk = desk;
    choice =
        Choices.of(
            "route",
            words.of("route.title"),
            List.of(Optional.<Route>empty()),
            route ->
                route
                    .map(one -> RouteWords.name(words, one))
                    .orElseGet(() -> words.of("route.none")));
    choice.valueProperty().addListener((_, _, chosen) -> chosen(chosen));
    name.field().setOnAction(_ -> keep());
    getChildren()
        .addAll(
            Parts.section(words.of("route.title")),
            choice,
            reason,
            name,
            Parts.row(Buttons.plain("keep-route", words.of("route.keep"), "W", this::keep)));
  }

  private void chosen(Optional<Route> route) {
    if (!filling) {
      desk.submit(new Edit.FollowRoute(route));
    }
  }

  private void keep() {
    shown.ifPresent(
        worked ->
            name.read()
                .ifPresent(
                    called ->
                        desk.change(new ShopEdit.KnowRoute(Routes.gone(called, worked.network())))
                            .thenAccept(this::kept)));
  }

  private void kept(Outcome outcome) {
    switch (outcome) {
      case Outcome.Recorded _ -> name.clear();
      case Outcome.Not not -> name.refuse(Told.why(not, desk.figures().get()));
    }
  }

  /** Shows the routes there are, and the one the batch goes. */
  void show(Worked worked) {
    shown = Optional.of(worked);
    Optional<Route> goes = worked.batch().route();
    List<Optional<Route>> all = new ArrayList<>(List.of(Optional.empty()));
    Stream.concat(Routes.SHIPPED.stream(), desk.shop().routes().stream())
        .map(Optional::of)
        .forEach(all::add);
    if (!all.contains(goes)) {
      all.add(goes);
    }
    filling = true;
    if (!choice.getItems().equals(all)) {
      choice.getItems().setAll(all);
    }
    choice.getSelectionModel().select(goes);
    filling = false;
    reason.setText(goes.map(one -> RouteWords.reason(words, one)).orElse(""));
    Parts.shown(reason, !reason.getText().isEmpty());
  }
}
