package jugulum.core.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import jugulum.core.check.OutOfRange;
import jugulum.core.gold.GoldMemory;
import jugulum.core.ledger.Bench;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Measure.GoldWeight;
import jugulum.core.ledger.Reason;
import jugulum.core.minerals.Mineral;
import org.junit.jupiter.api.Test;

/** What is sold of a batch that is not gold is sand and money, never gold. */
class ProductTest {
  private static Bench bench() {
    return Bench.started()
        .weighs(1, 5000)
        .table(1, Material.CONCENTRATE, Material.MIDDLINGS, Material.TAILINGS)
        .weighs(2, 100)
        .weighs(3, 400)
        .weighs(4, 4500)
        .finishes(2)
        .measures(5, new GoldWeight(0.4, 0.001));
  }

  private static List<Product> products(Bench bench) {
    Worked worked = Worked.of(bench.batch());
    return Product.of(worked.network(), worked.sand());
  }

  @Test
  void aProductIsMassAndMoneyAndNoGold() {
    Bench bench = bench();
    Worked before = Worked.of(bench.batch(), new GoldMemory());
    bench
        .measures(4, new Measure.Product(Mineral.GARNET, 0.8, 1.5, "a polisher"))
        .measures(3, new Measure.Product(Mineral.PYRITE, 0.6, 0, ""));
    List<Product> products = products(bench);
    Product garnet =
        products.stream()
            .filter(one -> one.lot().id().equals(new LotId(4)))
            .findFirst()
            .orElseThrow();
    assertThat(garnet.kg().orElseThrow()).isCloseTo(4.5, within(1e-9));
    assertThat(garnet.money().orElseThrow()).isCloseTo(6.75, within(1e-9));
    assertThat(garnet.asksForAnAssay()).isFalse();
    assertThat(products)
        .filteredOn(Product::asksForAnAssay)
        .extracting(one -> one.told().mineral())
        .as("a sulfide nobody had assayed")
        .containsExactly(Mineral.PYRITE);
    Worked after = Worked.of(bench.batch(), new GoldMemory());
    assertThat(after.gold().won()).isEqualTo(before.gold().won());
    bench.measures(3, new Measure.Assay(4, 0.1, 50, Optional.empty()));
    assertThat(products(bench)).noneMatch(Product::asksForAnAssay);
  }

  @Test
  void goldIsNoProduct() {
    Bench bench = bench();
    assertThat(
            bench
                .refused(
                    new Edit.RecordOnLot(
                        new LotId(4), new Measure.Product(Mineral.GOLD, 0.8, 1, "")))
                .reason())
        .isEqualTo(Reason.GOLD_IS_NO_PRODUCT);
    assertThat(
            bench
                .refused(
                    new Edit.RecordOnLot(
                        new LotId(5), new Measure.Product(Mineral.LEAD, 0.8, 1, "")))
                .reason())
        .isEqualTo(Reason.GOLD_IS_NO_PRODUCT);
    assertThatThrownBy(() -> new Measure.Product(Mineral.LEAD, 1.2, 1, ""))
        .isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> new Measure.Product(Mineral.LEAD, 1, Double.NaN, ""))
        .isInstanceOf(OutOfRange.class);
  }
}
