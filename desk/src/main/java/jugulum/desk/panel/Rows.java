package jugulum.desk.panel;

import java.util.List;
import java.util.Optional;
import jugulum.core.account.Worked;
import jugulum.core.gold.LotGold;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Material;
import jugulum.core.mass.LotMass;
import jugulum.desk.words.Figures;
import jugulum.desk.words.GoldWords;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/** Tells of a lot what a list shows. */
public final class Rows {
  private Rows() {}

  /** A lot with its mass and gold. */
  public static LotList.Row of(Lot lot, Worked worked, Figures figures) {
    return of(
        lot,
        Sentences.lot(figures.words(), lot),
        List.of(mass(lot, worked, figures)),
        worked,
        figures);
  }

  static LotList.Row of(Lot lot, String name, List<String> told, Worked worked, Figures figures) {
    return new LotList.Row(
        lot.id(),
        name,
        told,
        gold(lot, worked, figures),
        !worked.sand().mass(lot.id()).isMeasured());
  }

  /** The mass, marked where it was not measured. */
  public static String mass(Lot lot, Worked worked, Figures figures) {
    Words words = figures.words();
    LotMass mass = worked.sand().mass(lot.id());
    String text =
        lot.material() == Material.GOLD
            ? figures.gold(mass.grams() * 1000)
            : figures.sand(mass.grams());
    return switch (mass.basis()) {
      case WEIGHED -> text;
      case PASSES -> words.of("mass.passes", text);
      case DIFFERENCE -> words.of("mass.difference", text);
      case UNKNOWN -> words.of("mass.unknown");
    };
  }

  /** The gold, or that nobody looked. */
  static String gold(Lot lot, Worked worked, Figures figures) {
    Words words = figures.words();
    Optional<LotGold> gold = Optional.ofNullable(worked.gold().lots().get(lot.id()));
    boolean end = worked.network().taker(lot.id()).isEmpty();
    return gold.map(known -> GoldWords.figure(known, figures))
        .orElse(end ? words.of("lot.unseen") : words.of("lot.taken"));
  }
}
