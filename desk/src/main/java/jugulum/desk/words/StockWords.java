package jugulum.desk.words;

import jugulum.core.belief.StockLot;

/** Says what a container holds. */
public final class StockWords {
  private StockWords() {}

  /** What it holds, by its own name where it has one. */
  public static String material(Words words, StockLot lot) {
    return lot.name().isEmpty() ? words.of("material", lot.material()) : lot.name();
  }

  /** Of which sizes. */
  public static String sizes(Words words, StockLot lot) {
    return lot.cut().isAll() ? words.of("stock.all-sizes") : Sentences.cut(words, lot.cut());
  }

  /** Both. */
  public static String whole(Words words, StockLot lot) {
    return words.of("stock.whole", material(words, lot), sizes(words, lot));
  }

  /** Who looked at it. */
  public static String looks(Words words, StockLot lot) {
    return Sentences.looks(words, lot.looks(), lot.gold().isPresent());
  }
}
