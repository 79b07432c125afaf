package jugulum.desk.measure;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.scene.control.ComboBox;
import jugulum.core.ledger.Measure;
import jugulum.core.minerals.Mineral;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.kit.Choices;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/** Asks what a lot is sold as that is not gold: how pure, for how much, to whom. */
public final class ProductForm extends MeasureForm {
  private static final double DEAREST = 100_000;

  private final Words words;
  private final ComboBox<Mineral> mineral;
  private final EntryField<Double> purity;
  private final EntryField<Double> price;
  private final EntryField<String> buyer;

  /** Makes an empty form. */
  public ProductForm(Supplier<Figures> figures) {
    this.words = figures.get().words();
    super(figures);
    mineral =
        Choices.of(
            "product-mineral",
            words.of("form.product"),
            Stream.of(Mineral.values()).filter(one -> one != Mineral.GOLD).toList(),
            one -> words.of("mineral", one));
    mineral.setValue(Mineral.GARNET);
    purity = EntryField.percent(words, "product-purity", "form.product.purity", "", 100);
    price = EntryField.number(words, "product-price", "form.product.price", "", 0, DEAREST);
    buyer = EntryField.note(words, "product-buyer", "form.product.buyer");
    getChildren().addAll(mineral, new FieldRow(List.of(purity, price)), buyer);
  }

  @Override
  public List<EntryField<?>> fields() {
    return List.of(purity, price, buyer);
  }

  @Override
  public Optional<Measure> read() {
    Optional<Double> pure = purity.read();
    Optional<Double> each = pure.flatMap(_ -> price.read());
    return each.flatMap(
        money ->
            read(
                words,
                buyer,
                Map.of("purity", purity, "pricePerKg", price),
                who -> new Measure.Product(mineral.getValue(), pure.orElseThrow(), money, who)));
  }

  @Override
  void fill(Measure measure) {
    if (measure instanceof Measure.Product(Mineral of, double pure, double each, String who)) {
      mineral.setValue(of);
      putNumber(words, purity, 100 * pure, pure);
      putNumber(words, price, each, each);
      buyer.put(who, who);
    }
  }
}
