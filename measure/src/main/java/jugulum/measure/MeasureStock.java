package jugulum.measure;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Consumer;
import jugulum.core.belief.Belief;
import jugulum.core.belief.Experience;
import jugulum.core.belief.Kin;
import jugulum.core.belief.LotKind;
import jugulum.core.belief.Sand;
import jugulum.core.belief.SeenLot;
import jugulum.core.belief.SizeClass;
import jugulum.core.belief.Stock;
import jugulum.core.belief.StockLot;
import jugulum.core.gold.LogGold;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.runs.PastRun;
import jugulum.core.screens.Cut;
import jugulum.core.screens.StandardScreens;
import jugulum.core.shop.Shop;
import jugulum.core.shop.Terms;
import jugulum.core.window.Conditions;
import org.apache.commons.rng.UniformRandomProvider;
import org.apache.commons.rng.simple.RandomSource;

/** How long it takes to think of a shop of ten thousand batches. */
final class MeasureStock {
  private static final int BATCHES = 10_000;
  private static final int SEEN_OF_A_BATCH = 10;
  private static final int STANDING = 2_000;
  private static final List<Material> MATERIALS =
      List.of(
          Material.CUT,
          Material.NON_MAGNETICS,
          Material.MAGNETICS,
          Material.TAILINGS,
          Material.MIDDLINGS);
  private static final List<Cut> CUTS =
      List.of(cut("16", "30"), cut("30", "50"), cut("50", "100"), cut("100", "200"));

  private MeasureStock() {}

  private static Cut cut(String passing, String retained) {
    return new Cut(StandardScreens.numbered(passing), StandardScreens.numbered(retained));
  }

  static void tell(Consumer<String> out) {
    UniformRandomProvider random = RandomSource.XO_SHI_RO_256_PP.create(9);
    List<SeenLot> seen = new ArrayList<>();
    for (int i = 0; i < BATCHES * SEEN_OF_A_BATCH; i++) {
      Kin kin = kin(i / SEEN_OF_A_BATCH, material(random), cut(random));
      LogGold log = new LogGold(2 + 3 * random.nextDouble(), 0.1 + random.nextDouble());
      seen.add(new SeenLot(kin, Optional.of(log), Optional.empty()));
    }
    List<StockLot> standing = new ArrayList<>();
    for (int i = 0; i < STANDING; i++) {
      standing.add(lot(i, random));
    }
    Shop shop = Shop.USUAL.with(new Terms(100, 0.95, 20, 6, "", LocalDate.of(2026, 1, 1)));
    Experience experience = new Experience(List.of(), List.of(), seen);
    out.accept(
        MeasureDay.timed(
            "learn from " + seen.size() + " lots of " + BATCHES + " batches",
            () -> new Belief(experience, shop)));
    out.accept(
        MeasureDay.timed(
            "and rank the " + STANDING + " that still stand, the first time",
            () -> Stock.decides(Stock.ranked(new Belief(experience, shop), standing))));
    Belief known = new Belief(experience, shop);
    out.accept(
        MeasureDay.timed(
            "and once it is known", () -> Stock.decides(Stock.ranked(known, standing))));
  }

  private static Kin kin(int batch, Material material, Cut cut) {
    return new Kin(
        "source " + batch % 40,
        new BatchId(new UUID(0, batch)),
        LotKind.of(material, cut),
        SizeClass.of(cut));
  }

  private static Material material(UniformRandomProvider random) {
    return MATERIALS.get(random.nextInt(MATERIALS.size()));
  }

  private static Cut cut(UniformRandomProvider random) {
    return CUTS.get(random.nextInt(CUTS.size()));
  }

  private static StockLot lot(int number, UniformRandomProvider random) {
    Material material = material(random);
    Cut cut = cut(random);
    int batch = BATCHES - 1 - number / 5;
    return new StockLot(
        new BatchId(new UUID(0, batch)),
        "Batch " + batch,
        new LotId(number % 5 + 1),
        material,
        "",
        true,
        new Sand(
            cut,
            100 + random.nextInt(9000),
            PastRun.Kind.FIRST,
            Conditions.usual(
                Assumptions.USUAL, Conditions.USUAL_HEAVIES, material == Material.NON_MAGNETICS),
            Optional.empty()),
        Optional.of(kin(batch, material, cut)),
        0.9,
        0.05,
        Set.of(),
        Optional.empty(),
        Optional.empty(),
        Optional.empty());
  }
}
