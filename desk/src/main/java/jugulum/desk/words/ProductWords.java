package jugulum.desk.words;

import java.util.List;
import jugulum.core.account.Account;
import jugulum.core.account.Product;

/** What is sold of a batch that is not gold, in words. */
public final class ProductWords {
  private ProductWords() {}

  /** A line a product; nothing where there is none. */
  public static List<String> of(Account account, Figures figures) {
    return account.products().stream().map(one -> line(one, account, figures)).toList();
  }

  private static String line(Product one, Account account, Figures figures) {
    Words words = figures.words();
    String what =
        words.of(
            "product.line",
            Sentences.lot(words, one.lot()),
            Sentences.measure(one.told(), figures),
            one.kg().isPresent()
                ? figures.sand(1000 * one.kg().getAsDouble())
                : words.of("product.unweighed"),
            one.money().isPresent()
                ? MoneyWords.sum(words, one.money().getAsDouble(), account.terms())
                : words.of("header.none"));
    return one.asksForAnAssay() ? words.of("product.assay", what) : what;
  }
}
