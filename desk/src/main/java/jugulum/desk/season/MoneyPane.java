package jugulum.desk.season;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import jugulum.core.ledger.BatchId;
import jugulum.core.season.BatchResult;
import jugulum.core.season.SeasonAccount;
import jugulum.core.season.SeasonEdit;
import jugulum.core.season.Slip;
import jugulum.core.season.SlipCheck;
import jugulum.core.shop.Terms;
import jugulum.core.units.MassText;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.entry.Parsers;
import jugulum.desk.follow.Seasons;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.session.Workbench;
import jugulum.desk.shop.OnceKept;
import jugulum.desk.words.MoneyWords;
import jugulum.desk.words.SeasonWords;

/** What was sent off and paid, beside one's own figures, and what the year came to in money. */
final class MoneyPane extends SeasonPane {
  private static final double COLUMN = 560;

  private final EntryField<LocalDate> date;
  private final EntryField<MassText.Mass> sent;
  private final EntryField<MassText.Mass> received;
  private final EntryField<Double> fineness;
  private final EntryField<Double> paid;
  private final EntryField<String> note;
  private final VBox form;

  MoneyPane(Workbench workbench) {
    super(workbench, "money-pane");
    date = EntryField.day(words, "slip-date", "season.slip.date");
    sent = gold("slip-sent", "season.slip.sent");
    received = gold("slip-received", "season.slip.received");
    fineness =
        new EntryField<>(
            words,
            "slip-fineness",
            words.of("season.slip.fine"),
            "896",
            typed -> Parsers.perMille(words, typed, 10, 1000));
    paid = EntryField.number(words, "slip-paid", "season.slip.paid", "", 0, 1e9);
    note = EntryField.note(words, "slip-note", "season.slip.note");
    EntryField.onEnter(this::keep, date, sent, received, fineness, paid, note);
    form =
        new VBox(
            12,
            Parts.section(words.of("season.slip.new")),
            Parts.sentence(words.of("season.slip.new.about"), "muted"),
            new FieldRow(List.of(date, sent)),
            new FieldRow(List.of(received, fineness)),
            new FieldRow(List.of(paid, note)),
            Parts.row(Buttons.plain("keep-slip", words.of("season.slip.keep"), "", this::keep)),
            Parts.sentence(words.of("season.slip.rules"), "muted"));
    showNow();
  }

  private EntryField<MassText.Mass> gold(String id, String key) {
    return new EntryField<>(
        words,
        id,
        words.of(key),
        words.of("season.slip.hint"),
        typed -> Parsers.gold(words, figures().unit()).apply(typed));
  }

  @Override
  protected void show(Seasons.Shown shown) {
    SeasonAccount account = shown.account();
    VBox left = new VBox(10, Parts.section(words.of("season.money.title")));
    sums(account).forEach(left.getChildren()::add);
    left.getChildren().add(Parts.section(words.of("season.slips.title")));
    if (account.slips().isEmpty()) {
      left.getChildren().add(Parts.sentence(words.of("season.slips.none"), "muted"));
    }
    account.slips().forEach(one -> left.getChildren().add(slip(one)));
    left.setPrefWidth(COLUMN);
    form.setPrefWidth(COLUMN);
    page().getChildren().setAll(List.of(new HBox(40, left, form)));
  }

  private Optional<Terms> terms() {
    return workbench.projections().shop().get().terms();
  }

  private String money(double amount) {
    return MoneyWords.sum(words, amount, terms());
  }

  private List<HBox> sums(SeasonAccount account) {
    double fineness =
        account.batches().stream()
            .filter(one -> one.wonMg() > 0)
            .mapToDouble(BatchResult::fineness)
            .average()
            .orElse(0);
    List<HBox> lines = new ArrayList<>();
    lines.add(
        Parts.line(words.of("season.money.won"), figures().gold(account.sum().wonMg()), "strong"));
    lines.add(Parts.line(words.of("season.money.paid"), money(account.paid())));
    lines.add(Parts.line(words.of("season.money.unsold"), figures().gold(account.unsoldMg())));
    terms()
        .ifPresent(
            told -> {
              double worth = told.worth(account.unsoldMg(), fineness);
              double hours = told.cost(account.sum().hours() * 60);
              lines.add(Parts.line(words.of("season.money.worth"), money(worth)));
              lines.add(
                  Parts.line(
                      words.of("season.money.hours", words.fixed(account.sum().hours(), 0)),
                      money(hours)));
              lines.add(
                  Parts.line(
                      words.of("season.money.left"),
                      money(account.paid() + worth - hours),
                      "strong"));
            });
    return lines;
  }

  private VBox slip(SlipCheck check) {
    Slip slip = check.slip();
    Button drop =
        Buttons.quiet(
            "drop-" + slip.id().replace(' ', '-'),
            words.of("season.drop"),
            "",
            () -> workbench.seasons().submit(new SeasonEdit.DropSlip(slip.id())));
    drop.setAccessibleText(words.of("season.drop.spoken", words.day(slip.date())));
    String what =
        words.of(
            "season.slip.line",
            figures().gold(slip.receivedG() * 1000),
            words.fixed(1000 * slip.fineness(), 0),
            figures().gold(slip.fineG() * 1000));
    VBox box =
        new VBox(
            2,
            Parts.line(words.day(slip.date()), money(slip.paid()), "strong"),
            Parts.sentence(slip.note().isEmpty() ? what : words.of("join.row", what, slip.note())),
            check.isShort() || check.isOver()
                ? Parts.advice("caution", "", SeasonWords.slip(words, check))
                : Parts.sentence(SeasonWords.slip(words, check), "muted"),
            Parts.row(drop));
    box.setId("slip-" + slip.id().replace(' ', '-'));
    return box;
  }

  /** The batches with gold, received until a day, that no slip tells of yet. */
  private List<BatchId> unsent(LocalDate until) {
    Optional<SeasonAccount> now = workbench.seasons().shown().get().map(Seasons.Shown::account);
    if (now.isEmpty()) {
      return List.of();
    }
    List<BatchId> sent =
        now.get().season().slips().stream().flatMap(one -> one.batches().stream()).toList();
    return now.get().batches().stream()
        .filter(one -> one.wonMg() > 0 && !one.received().isAfter(until))
        .map(BatchResult::id)
        .filter(id -> !sent.contains(id))
        .toList();
  }

  private void keep() {
    Optional<LocalDate> day = date.read();
    Optional<MassText.Mass> from = day.flatMap(_ -> sent.read());
    Optional<MassText.Mass> to = from.flatMap(_ -> received.read());
    Optional<Double> fine = to.flatMap(_ -> fineness.read());
    Optional<Double> money = fine.flatMap(_ -> paid.read());
    Optional<String> noted = money.flatMap(_ -> note.read());
    if (noted.isEmpty()) {
      return;
    }
    OnceKept.clearing(
        workbench,
        workbench
            .seasons()
            .submit(
                new SeasonEdit.AddSlip(
                    new Slip(
                        workbench.seasons().newId(),
                        day.get(),
                        from.get().grams(),
                        to.get().grams(),
                        fine.get(),
                        money.get(),
                        unsent(day.get()),
                        noted.get()))),
        date,
        sent,
        received,
        fineness,
        paid,
        note);
  }
}
