package jugulum.core.belief;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import jugulum.core.ledger.BatchId;

/** A shop drawn from a table: lots with their true grades, half of them looked at. */
final class SimulatedShop {
  private static final List<LotKind> KINDS =
      List.of(
          LotKind.CUT,
          LotKind.MAGNETICS,
          LotKind.NON_MAGNETICS,
          LotKind.CONCENTRATE,
          LotKind.MIDDLINGS,
          LotKind.TAILINGS);
  private static final double SHARPEST_LOOK = 0.05;
  private static final double DULLEST_LOOK = 0.6;

  /** A lot nobody looked at, with the logarithm of its true grade. */
  record Unseen(Kin kin, double log) {}

  private final List<SeenGrade> seen = new ArrayList<>();
  private final List<Unseen> unseen = new ArrayList<>();

  SimulatedShop(GradeTable table, Random random, int batches, int lots) {
    double base = random.nextGaussian(table.base(), table.baseSd());
    Map<LotKind, Double> kinds = new EnumMap<>(LotKind.class);
    for (LotKind kind : LotKind.values()) {
      kinds.put(kind, random.nextGaussian(table.kindLog().applyAsDouble(kind), table.kindSd()));
    }
    Map<SizeClass, Double> sizes = new EnumMap<>(SizeClass.class);
    for (SizeClass size : SizeClass.values()) {
      sizes.put(size, table.sizeSd() > 0 ? random.nextGaussian(0, table.sizeSd()) : 0);
    }
    double[] sources = {
      random.nextGaussian(0, table.sourceSd()), random.nextGaussian(0, table.sourceSd())
    };
    for (int b = 0; b < batches; b++) {
      int source = b % sources.length;
      BatchId batch = GradeModelTest.batch(b + 1);
      double of = base + sources[source] + random.nextGaussian(0, table.batchSd());
      for (int l = 0; l < lots; l++) {
        LotKind kind = KINDS.get(random.nextInt(KINDS.size()));
        SizeClass size = SizeClass.values()[random.nextInt(SizeClass.values().length)];
        Kin kin = new Kin("source " + source, batch, kind, Optional.of(size));
        double log = of + kinds.get(kind) + sizes.get(size) + random.nextGaussian(0, table.lotSd());
        if (l % 2 == 0) {
          double variance = random.nextDouble(SHARPEST_LOOK, DULLEST_LOOK);
          seen.add(new SeenGrade(kin, log + random.nextGaussian(0, Math.sqrt(variance)), variance));
        } else {
          unseen.add(new Unseen(kin, log));
        }
      }
    }
  }

  List<SeenGrade> seen() {
    return seen;
  }

  List<Unseen> unseen() {
    return unseen;
  }
}
