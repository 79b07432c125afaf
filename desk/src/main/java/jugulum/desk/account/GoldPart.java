package jugulum.desk.account;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import jugulum.core.account.Account;
import jugulum.core.gold.Place;
import jugulum.core.gold.Recovery;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.desk.kit.Ends;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Wrapping;
import jugulum.desk.words.AdviceWords;
import jugulum.desk.words.LaterWords;
import jugulum.desk.words.MisfitWords;
import jugulum.desk.words.PlaceWords;
import jugulum.desk.words.RecoveryWords;
import jugulum.desk.words.Sentences;

/** How much was won, how sure that is, where the rest is, and what comes next, at one look. */
final class GoldPart {
  private static final int NEXT = 2;

  private GoldPart() {}

  static Node of(Shown shown, Runnable toNext, Runnable toSand) {
    VBox left = new VBox(14, gold(shown));
    shown
        .now()
        .gold()
        .recoveries()
        .forEach(recovery -> left.getChildren().add(recovery(shown, recovery)));
    if (shown.now().gold().recoveries().isEmpty()) {
      left.getChildren().add(Parts.advice("idle", "", shown.words().of("account.no-recovery")));
    }
    if (!shown.now().gold().byCut().isEmpty()) {
      left.getChildren().addAll(Parts.section(shown.words().of("account.by-cut")), byCut(shown));
    }
    VBox right =
        new VBox(
            14,
            Parts.section(shown.words().of("account.where")),
            WhereBar.of(shown),
            places(shown));
    misfit(shown, right, toSand);
    next(shown, right, toNext);
    unseen(shown, right);
    HBox columns = new HBox(36, left, right);
    for (VBox column : List.of(left, right)) {
      column.setPrefWidth(560);
      HBox.setHgrow(column, Priority.ALWAYS);
    }
    return columns;
  }

  private static Node gold(Shown shown) {
    var account = shown.now().gold();
    Label amount =
        Parts.styled(
            new Label(
                account
                    .won()
                    .map(won -> shown.figures().gold(won.milligrams()))
                    .orElse(shown.words().of("header.none"))),
            "gold-figure");
    VBox box = new VBox(2, amount, Parts.sentence(shown.words().of("header.gold"), "muted"));
    if (account.won().isEmpty()) {
      box.getChildren().add(Parts.sentence(shown.words().of("account.not-weighed"), "muted"));
      return box;
    }
    double milligrams = account.won().get().milligrams();
    String fine = shown.figures().gold(milligrams * account.fineness());
    String key = account.finenessMeasured() ? "account.fine.measured" : "account.fine.assumed";
    box.getChildren()
        .addAll(
            Parts.sentence(RecoveryWords.everyUnit(shown.words(), milligrams)),
            Parts.sentence(
                shown.words().of(key, fine, shown.words().fixed(account.fineness() * 1000, 0)),
                "muted"));
    shown.account().stream()
        .flatMap(whole -> LaterWords.of(whole.later(), account.won(), shown.figures()).stream())
        .forEach(later -> box.getChildren().add(Parts.sentence(later, "strong")));
    return box;
  }

  private static Node recovery(Shown shown, Recovery recovery) {
    Label name =
        Parts.styled(new Label(shown.words().of("recovery." + Sentences.kind(recovery))), "strong");
    Label figure = Parts.styled(new Label(Sentences.share(shown.words(), recovery)), "figure");
    figure.setId("account-" + Sentences.kind(recovery));
    Wrapping told =
        new Wrapping(
            8,
            0,
            figure,
            Parts.styled(
                new Label(shown.words().of("account.range", shown.words().range(recovery))),
                "muted"));
    told.setRowValignment(VPos.BASELINE);
    Ends line = new Ends(name, told);
    String settled = RecoveryWords.settled(shown.words(), recovery);
    VBox box =
        new VBox(
            2,
            line,
            Parts.sentence(
                RecoveryWords.rests(recovery, shown.now().gold(), shown.figures()), "muted"));
    if (!settled.isEmpty()) {
      box.getChildren().add(Parts.sentence(settled, "muted"));
    }
    return box;
  }

  private static Node byCut(Shown shown) {
    var cuts = shown.now().gold().byCut();
    double from = RangeBar.from(cuts.values());
    List<Node> heads = new ArrayList<>();
    List.of("account.cut", "account.recovered", "account.range.head")
        .forEach(key -> heads.add(Grid.cell(shown.words().of(key), "muted")));
    heads.add(RangeBar.scale(shown.words(), from));
    Grid grid = new Grid(heads);
    cuts.forEach(
        (cut, recovery) ->
            grid.line(
                Sentences.cut(shown.words(), cut),
                Grid.cell(Sentences.share(shown.words(), recovery), "strong"),
                shown.words().range(recovery),
                RangeBar.of(shown.words(), recovery, from)));
    return grid;
  }

  private static Node places(Shown shown) {
    Grid grid =
        new Grid(
            shown.words(),
            "account.place",
            "account.gold",
            "account.range.head",
            "gold.free",
            "gold.hidden");
    for (Place place : shown.now().gold().places()) {
      boolean nothing = place.isUnseen();
      String gold =
          nothing
              ? shown.words().of("account.place.unseen")
              : shown.figures().gold(place.gold().milligrams());
      String range = nothing ? "" : shown.figures().goldRange(place.gold());
      grid.line(
          PlaceWords.name(shown.words(), place),
          Grid.cell(gold, "strong"),
          range,
          PlaceWords.free(place, shown.figures()),
          PlaceWords.hidden(place, shown.figures()));
    }
    return grid;
  }

  private static void misfit(Shown shown, VBox right, Runnable toSand) {
    Optional<Account> contradicted = shown.account().filter(account -> !account.balance().fits());
    if (contradicted.isPresent()) {
      Account account = contradicted.get();
      String title =
          account.balance().misfits().stream()
              .findFirst()
              .map(misfit -> MisfitWords.title(shown.words(), misfit, account.network()))
              .orElse(shown.words().of("balance.nobody"));
      right
          .getChildren()
          .addAll(
              Parts.advice("fault", title, shown.words().of("account.misfit")),
              Links.to(shown.words(), "to-sand", "account.to-sand", toSand));
    }
  }

  private static void next(Shown shown, VBox right, Runnable toNext) {
    right.getChildren().add(Parts.section(shown.words().of("account.next")));
    if (shown.account().isEmpty()) {
      right.getChildren().add(Parts.sentence(shown.words().of("advice.waiting"), "muted"));
      return;
    }
    var account = shown.account().get();
    AdviceWords.nothingPays(shown.words(), account)
        .ifPresent(sentence -> right.getChildren().add(Parts.sentence(sentence)));
    account.byMoney().stream()
        .limit(NEXT)
        .forEach(advice -> right.getChildren().add(NextPart.box(advice, account, shown.figures())));
    right
        .getChildren()
        .add(
            account.byMoney().isEmpty()
                ? Parts.sentence(shown.words().of("advice.none"), "muted")
                : Links.to(shown.words(), "to-next", "account.more-next", toNext));
  }

  private static void unseen(Shown shown, VBox right) {
    List<LotId> ids = shown.now().gold().notLookedAt();
    if (!ids.isEmpty()) {
      right.getChildren().add(Parts.section(shown.words().of("account.unseen")));
      for (Lot lot : shown.network().lots(ids)) {
        right
            .getChildren()
            .add(
                Parts.advice(
                    "fault",
                    Sentences.lot(shown.words(), lot),
                    shown.words().of("account.settle", lot.material())));
      }
    }
  }
}
