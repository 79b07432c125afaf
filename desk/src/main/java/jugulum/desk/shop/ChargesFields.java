package jugulum.desk.shop;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.layout.VBox;
import jugulum.core.shop.Charges;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.entry.Parsers;
import jugulum.desk.panel.Parts;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/** What others take for refining, smelting and assaying, and what the shop takes from a customer. A field left empty stands for what it shows. */
final class ChargesFields extends VBox {
  private final EntryField<Double> refining = number("charge-refining", "shop.refining", Charges.NONE.refiningPerGram(), 0, 100_000);
  private final EntryField<Double> smeltCost = number("charge-smelt", "shop.smelt-cost", Charges.NONE.smeltCost(), 0, 100_000);
  private final EntryField<Double> smeltG = number("charge-smelt-g", "shop.smelt-g", Charges.NONE.smeltG(), 1, 100_000);
  private final EntryField<Double> smeltMinutes = number("charge-smelt-minutes", "shop.smelt-minutes", Charges.NONE.smeltMinutes(), 1, 10_000);
  private final EntryField<Double> assay = number("charge-assay", "shop.assay-cost", Charges.NONE.assayCost(), 0, 100_000);
  private final EntryField<Double> fee = number("charge-fee", "shop.fee", Charges.NONE.feePerKg(), 0, 100_000);
  private final EntryField<Double> share = number("charge-share", "shop.owners-share", Charges.NONE.ownersShare() * 100, 0, 100);

  ChargesFields(Runnable keep) {
    super(10);
    getChildren()
        .addAll(
            Parts.section(Words.of("shop.charges")),
            new FieldRow(List.of(refining, assay, smeltCost)),
            new FieldRow(List.of(smeltG, smeltMinutes)),
            new FieldRow(List.of(fee, share)));
    fields().forEach(field -> field.field().setOnAction(_ -> keep.run()));
  }

  private Stream<EntryField<Double>> fields() {
    return Stream.of(refining, assay, smeltCost, smeltG, smeltMinutes, fee, share);
  }

  private static EntryField<Double> number(String id, String key, double usual, double low, double high) {
    return new EntryField<>(id, Words.of(key), Figures.plain(usual), typed -> Parsers.number(typed.isBlank() ? Figures.plain(usual) : typed, low, high));
  }

  void fill(Charges charges) {
    refining.fill(Figures.plain(charges.refiningPerGram()));
    smeltCost.fill(Figures.plain(charges.smeltCost()));
    smeltG.fill(Figures.plain(charges.smeltG()));
    smeltMinutes.fill(Figures.plain(charges.smeltMinutes()));
    assay.fill(Figures.plain(charges.assayCost()));
    fee.fill(Figures.plain(charges.feePerKg()));
    share.fill(Figures.plain(charges.ownersShare() * 100));
  }

  /** The charges, or nothing after saying at the field what is wrong. */
  Optional<Charges> read() {
    List<Double> told = new ArrayList<>();
    for (EntryField<Double> field : fields().toList()) {
      Optional<Double> value = field.read();
      if (value.isEmpty()) {
        return Optional.empty();
      }
      told.add(value.get());
    }
    return Optional.of(new Charges(told.get(0), told.get(2), told.get(3), told.get(4), told.get(1), told.get(5), told.get(6) / 100));
  }
}
