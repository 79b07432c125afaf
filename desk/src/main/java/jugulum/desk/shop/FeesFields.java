package jugulum.desk.shop;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.layout.VBox;
import jugulum.core.shop.Fees;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.entry.Parsers;
import jugulum.desk.kit.Parts;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;

/**
 * What others take for refining, smelting and assaying, and what the shop takes from a customer. A
 * field left empty stands for what it shows.
 */
final class FeesFields extends VBox {
  @Prologue private final Words words;
  private final EntryField<Double> refining =
      number(words, "charge-refining", "shop.refining", Fees.NONE.refiningPerGram(), 0, 100_000);
  private final EntryField<Double> smeltCost =
      number(words, "charge-smelt", "shop.smelt-cost", Fees.NONE.smeltCost(), 0, 100_000);
  private final EntryField<Double> smeltG =
      number(words, "charge-smelt-g", "shop.smelt-g", Fees.NONE.smeltG(), 1, 100_000);
  private final EntryField<Double> smeltMinutes =
      number(
          words, "charge-smelt-minutes", "shop.smelt-minutes", Fees.NONE.smeltMinutes(), 1, 10_000);
  private final EntryField<Double> assay =
      number(words, "charge-assay", "shop.assay-cost", Fees.NONE.assayCost(), 0, 100_000);
  private final EntryField<Double> fee =
      number(words, "charge-fee", "shop.fee", Fees.NONE.feePerKg(), 0, 100_000);
  private final EntryField<Double> share =
      number(words, "charge-share", "shop.owners-share", Fees.NONE.ownersShare() * 100, 0, 100);
  private final EntryField<Optional<Double>> commission =
      new EntryField<>(
          words,
          "charge-commission",
          words.of("shop.commission"),
          words.of("shop.commission.hint"),
          Parsers.optional(typed -> Parsers.percent(words, typed, 0, 100)));
  private final EntryField<Double> waiting =
      number(words, "charge-waiting", "shop.waiting", 0, 0, 1000);

  FeesFields(Words words, Runnable keep) {
    this.words = words;
    super(10);
    getChildren()
        .addAll(
            Parts.section(words.of("shop.charges")),
            new FieldRow(List.of(refining, assay, smeltCost)),
            new FieldRow(List.of(smeltG, smeltMinutes)),
            new FieldRow(List.of(fee, share)),
            new FieldRow(List.of(commission, waiting)));
    Stream.concat(fields(), Stream.of(commission, waiting))
        .forEach(field -> field.field().setOnAction(_ -> keep.run()));
  }

  private Stream<EntryField<Double>> fields() {
    return Stream.of(refining, assay, smeltCost, smeltG, smeltMinutes, fee, share);
  }

  private static EntryField<Double> number(
      Words words, String id, String key, double usual, double low, double high) {
    return new EntryField<>(
        words,
        id,
        words.of(key),
        words.plain(usual),
        typed -> Parsers.number(words, typed.isBlank() ? words.plain(usual) : typed, low, high));
  }

  void fill(Fees charges) {
    offer(words, refining, charges.refiningPerGram());
    offer(words, smeltCost, charges.smeltCost());
    offer(words, smeltG, charges.smeltG());
    offer(words, smeltMinutes, charges.smeltMinutes());
    offer(words, assay, charges.assayCost());
    offer(words, fee, charges.feePerKg());
    share.offer(words.plain(charges.ownersShare() * 100), charges.ownersShare() * 100);
    Optional<Double> taken = charges.sale().map(Fees.Sale::commission);
    commission.offer(taken.map(part -> words.plain(part * 100)).orElse(""), taken);
    offer(words, waiting, charges.sale().map(Fees.Sale::waitingDays).orElse(0.0));
  }

  private static void offer(Words words, EntryField<Double> field, double value) {
    field.offer(words.plain(value), value);
  }

  /** The charges, or nothing after saying at the field what is wrong. */
  Optional<Fees> read() {
    boolean understood =
        Stream.concat(fields(), Stream.of(commission, waiting))
            .allMatch(field -> field.read().isPresent());
    if (!understood) {
      return Optional.empty();
    }
    Optional<Fees.Sale> sale =
        commission.read().orElseThrow().map(part -> new Fees.Sale(part, value(waiting)));
    return Optional.of(
        new Fees(
            value(refining),
            value(smeltCost),
            value(smeltG),
            value(smeltMinutes),
            value(assay),
            value(fee),
            value(share) / 100,
            sale));
  }

  private static double value(EntryField<Double> field) {
    return field.read().orElseThrow();
  }
}
