package jugulum.desk.panel;

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
import jugulum.desk.entry.Buttons;
import jugulum.desk.entry.Choices;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.Parsers;
import jugulum.desk.session.Outcome;
import jugulum.desk.told.Told;
import jugulum.desk.words.RouteWords;
import jugulum.desk.words.Words;

/** Chooses the way a batch is to go, and keeps the way it went as a route of one's own. */
final class RouteBox extends VBox {
  private final Desk desk;
  private final ComboBox<Optional<Route>> choice;
  private final Label reason = Parts.sentence("", "muted");
  private final EntryField<String> name =
      new EntryField<>(
          "route-name",
          Words.of("route.own"),
          Words.of("route.own.hint"),
          Parsers.text("route.own.missing"));
  private Optional<Worked> shown = Optional.empty();
  private boolean filling;

  RouteBox(Desk desk) {
    super(8);
    this.desk = desk;
    choice =
        Choices.of(
            "route",
            Words.of("route.title"),
            List.of(Optional.<Route>empty()),
            route -> route.map(RouteWords::name).orElseGet(() -> Words.of("route.none")));
    choice.valueProperty().addListener((_, _, chosen) -> chosen(chosen));
    name.field().setOnAction(_ -> keep());
    getChildren()
        .addAll(
            Parts.section(Words.of("route.title")),
            choice,
            reason,
            name,
            Parts.row(Buttons.plain("keep-route", Words.of("route.keep"), "W", this::keep)));
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
    reason.setText(goes.map(RouteWords::reason).orElse(""));
    Parts.shown(reason, !reason.getText().isEmpty());
  }
}
