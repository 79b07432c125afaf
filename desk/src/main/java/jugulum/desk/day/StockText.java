package jugulum.desk.day;

import jugulum.core.stock.StockLot;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/** Says what a container holds. */
final class StockText {
  private StockText() {}

  static String material(Words words, StockLot lot) {
    return lot.name().isEmpty() ? words.of("material", lot.material()) : lot.name();
  }

  static String sizes(Words words, StockLot lot) {
    return lot.cut().isAll() ? words.of("stock.all-sizes") : Sentences.cut(words, lot.cut());
  }

  static String whole(Words words, StockLot lot) {
    return words.of("stock.whole", material(words, lot), sizes(words, lot));
  }

  static String looks(Words words, StockLot lot) {
    return Sentences.looks(words, lot.looks(), lot.gold().isPresent());
  }
}
