package jugulum.desk.smelt;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import jugulum.core.account.Worked;
import jugulum.core.gold.LotGold;
import jugulum.core.gold.Smelts;
import jugulum.core.ledger.Lot;
import jugulum.core.shop.Terms;
import jugulum.core.smelt.AllOfIt;
import jugulum.core.smelt.Sale;
import jugulum.core.smelt.WholeLot;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Seldom;
import jugulum.desk.panel.Desk;
import jugulum.desk.words.Figures;
import jugulum.desk.words.MoneyWords;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;

/**
 * Whether all of a lot is melted, sold or kept, once samples tell what is in it: the hours always
 * stand beside the money.
 */
final class WholeBox extends VBox {
  @Prologue private final Words words;
  private final Desk desk;
  private final Label says = Parts.sentence("", "strong");
  private final Label sums = Parts.sentence("", "muted");
  private final EntryField<Double> perCrucible =
      EntryField.number(words, "whole-crucible", "melt.whole.crucible", "150", 0.1, 100_000);
  private final EntryField<Double> atOnce =
      EntryField.number(words, "whole-at-once", "melt.whole.at-once", "2", 1, 100);
  private final EntryField<Double> perHeat =
      EntryField.number(words, "whole-heat", "melt.whole.heat", "1.5", 0.01, 100);
  private final EntryField<Double> given =
      EntryField.number(words, "whole-hours", "melt.whole.hours", "8", 0, 10_000);
  private final EntryField<Double> share =
      EntryField.percent(words, "whole-share", "melt.whole.share", "", 100);
  private final EntryField<Double> costs =
      EntryField.number(words, "whole-costs", "melt.whole.costs", "", 0, 1e6);
  private Optional<Stands> stands = Optional.empty();

  /** What is left to melt, and what is in it. */
  private record Stands(double leftG, double perTonne, Terms terms) {}

  WholeBox(Desk desk) {
    this.words = desk.words();
    super(6);
    this.desk = desk;
    says.setId("whole-says");
    VBox fields =
        new VBox(
            6,
            new FieldRow(List.of(perCrucible, atOnce)),
            new FieldRow(List.of(perHeat, given)),
            new FieldRow(List.of(share, costs)),
            Parts.sentence(words.of("melt.whole.about"), "muted"));
    Stream.of(perCrucible, atOnce, perHeat, given, share, costs)
        .forEach(field -> field.field().textProperty().addListener((_, _, _) -> tell()));
    getChildren()
        .addAll(
            Parts.section(words.of("melt.whole")),
            says,
            sums,
            new Seldom("whole-more", words.of("melt.whole.more"), "W", fields));
  }

  void show(Worked worked, Lot lot, Figures figures) {
    double leftG = Smelts.leftG(lot, worked.sand().mass(lot.id()));
    Optional<LotGold> gold =
        Optional.ofNullable(worked.gold().lots().get(lot.id()))
            .filter(_ -> leftG > 1 && !Smelts.of(lot).isEmpty());
    Parts.shown(this, gold.isPresent());
    stands =
        gold.flatMap(
            known ->
                desk.shop()
                    .terms()
                    .map(
                        terms ->
                            new Stands(
                                leftG,
                                1000
                                    * worked.gold().fineness()
                                    * known.hidden().orElse(known.all()).milligrams()
                                    / leftG,
                                terms)));
    tell();
  }

  private void tell() {
    if (stands.isEmpty()) {
      says.setText(words.of("melt.whole.no-price"));
      sums.setText("");
      return;
    }
    Stands now = stands.get();
    lot(now).ifPresent(lot -> tell(now, lot));
  }

  private Optional<WholeLot> lot(Stands now) {
    Optional<Double> grams = perCrucible.checked();
    Optional<Double> several = atOnce.checked();
    Optional<Double> hours = perHeat.checked();
    return grams.isEmpty() || several.isEmpty() || hours.isEmpty()
        ? Optional.empty()
        : Optional.of(
            new WholeLot(
                now.leftG(),
                grams.get(),
                (int) Math.round(several.get()),
                hours.get(),
                now.terms().charged().smeltCost()));
  }

  private void tell(Stands now, WholeLot lot) {
    boolean isOffered = !share.text().isBlank();
    Optional<Sale> sale = isOffered ? sale(now.leftG()) : Optional.empty();
    Optional<Double> hours = given.checked();
    if (isOffered && sale.isEmpty() || hours.isEmpty()) {
      return;
    }
    AllOfIt all = AllOfIt.of(lot, sale, now.perTonne(), now.terms(), hours.get());
    says.setText(words.of("melt.best", all.best()));
    sums.setText(
        words.of(
            "melt.whole.sums",
            Integer.toString(lot.heats()),
            words.time(60 * lot.hours()),
            MoneyWords.sum(words, all.smelting(), now.terms()),
            all.selling().isPresent()
                ? MoneyWords.sum(words, all.selling().getAsDouble(), now.terms())
                : words.of("melt.whole.no-buyer"),
            words.rounded(lot.paysFrom(now.terms()), 0)));
  }

  private Optional<Sale> sale(double grams) {
    return share
        .checked()
        .flatMap(
            paid ->
                (costs.text().isBlank() ? Optional.of(0.0) : costs.checked())
                    .map(sum -> new Sale(grams, paid, sum)));
  }
}
