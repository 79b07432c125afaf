package jugulum.desk.lot;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import jugulum.core.account.Worked;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Melting;
import jugulum.core.ledger.NextLeg;
import jugulum.core.ledger.Route;
import jugulum.core.ledger.Route.Does;
import jugulum.core.ledger.Route.Leg;
import jugulum.desk.finish.FinishForm;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Seldom;
import jugulum.desk.kit.Wrapping;
import jugulum.desk.lot.FatePanel.Fate;
import jugulum.desk.machine.GravityForm;
import jugulum.desk.magnet.MagnetForm;
import jugulum.desk.panel.Desk;
import jugulum.desk.panel.Panel;
import jugulum.desk.screens.ScreeningForm;
import jugulum.desk.smelt.SmeltPanel;
import jugulum.desk.words.RouteWords;
import jugulum.desk.words.Words;

/**
 * What can be done with a lot no step has taken. Any order is allowed; what was thrown away stays
 * where it is.
 */
final class NextBox extends VBox {
  private NextBox(Words words, Optional<Node> first, List<Button> ways) {
    getStyleClass().add("next-box");
    FlowPane buttons = new Wrapping(8, 8);
    buttons.getChildren().addAll(ways);
    getChildren().add(Parts.section(words.of("next.title")));
    first.ifPresentOrElse(
        byRoute ->
            getChildren()
                .addAll(byRoute, new Seldom("next-more", words.of("next.more"), "V", buttons)),
        () -> getChildren().add(buttons));
  }

  /** What the route of the batch does with it next, first and big. */
  private static Node byRoute(Leg leg, Route route, Lot lot, Desk desk) {
    Leg fitted = desk.shop().fitted(leg, lot.cut());
    Button button =
        Buttons.primary(
            "next-by-route",
            RouteWords.does(desk.words(), fitted.does()),
            "Enter",
            () -> desk.push(panel(fitted.does(), lot, desk)));
    String name = RouteWords.name(desk.words(), route);
    return new VBox(
        6,
        button,
        Parts.sentence(
            fitted.equals(leg)
                ? desk.words().of("next.by-route", name)
                : desk.words()
                    .of("next.by-route.fitted", name, RouteWords.does(desk.words(), leg.does())),
            "muted"));
  }

  private static Panel panel(Does does, Lot lot, Desk desk) {
    LotId id = lot.id();
    return switch (does) {
      case Does.Screen(List<String> labels) ->
          new ScreeningForm(id, desk, desk.shop().stack(labels, lot.cut()));
      case Does.Magnet _ -> new MagnetForm(id, desk);
      case Does.Run(var _, var manner) -> GravityForm.by(id, desk, manner);
      case Does.Finish _ -> new FinishForm(id, desk);
      case Does.Keep _ -> new FatePanel(id, Fate.BAG, desk);
    };
  }

  static Node of(Worked worked, Lot lot, Desk desk) {
    Optional<Measure.Pooled> pooled = lot.latest(Measure.Pooled.class);
    if (pooled.isPresent()) {
      return Parts.advice("idle", "", desk.words().of("next.pooled", pooled.get().name()));
    }
    if (lot.latest(Measure.Discarded.class).isPresent()) {
      return Parts.advice("idle", "", desk.words().of("next.discarded"));
    }
    LotId id = lot.id();
    Optional<Route> route = worked.batch().route();
    Optional<Node> first =
        route.flatMap(
            way -> NextLeg.of(way, worked.network(), lot).map(leg -> byRoute(leg, way, lot, desk)));
    return new NextBox(
        desk.words(),
        first,
        Stream.concat(
                work(lot, desk), lot.material().isSetAside() ? aside(id, desk) : Stream.empty())
            .toList());
  }

  private static Stream<Button> work(Lot lot, Desk desk) {
    LotId id = lot.id();
    return Stream.of(
        Buttons.plain(
            "next-screen",
            desk.words().of("next.screen"),
            "S",
            () -> desk.push(new ScreeningForm(id, desk, List.of()))),
        Buttons.plain(
            "next-magnet",
            desk.words().of("next.magnet"),
            "M",
            () -> desk.push(new MagnetForm(id, desk))),
        Buttons.plain(
            "next-gravity",
            desk.words().of("next.gravity"),
            "G",
            () -> desk.push(new GravityForm(id, desk))),
        Buttons.plain(
            "next-finish",
            desk.words().of("next.finish"),
            "F",
            () -> desk.push(new FinishForm(id, desk))),
        Buttons.plain(
            "next-smelt",
            desk.words().of(Melting.open(lot).isPresent() ? "next.smelt.on" : "next.smelt"),
            "L",
            () -> desk.push(new SmeltPanel(lot, desk))),
        Buttons.plain(
            "next-join",
            desk.words().of("next.join"),
            "J",
            () -> desk.push(new JoinForm(id, desk))),
        Buttons.plain("next-picture", desk.words().of("eye.lot"), "E", () -> desk.picture(id)),
        Buttons.plain(
            "next-part",
            desk.words().of("next.part"),
            "P",
            () -> desk.push(new PartForm(id, desk))));
  }

  private static Stream<Button> aside(LotId id, Desk desk) {
    return Stream.of(
        Buttons.plain(
            "next-bag",
            desk.words().of("next.bag"),
            "K",
            () -> desk.push(new FatePanel(id, Fate.BAG, desk))),
        Buttons.plain(
            "next-discard",
            desk.words().of("next.discard"),
            "X",
            () -> desk.push(new FatePanel(id, Fate.DISCARD, desk))));
  }
}
