package jugulum.desk.account;

import java.util.Optional;
import jugulum.core.account.Account;
import jugulum.core.account.Worked;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Network;
import jugulum.core.shop.Shop;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/**
 * What a part of the view shows.
 *
 * @param now the batch worked out
 * @param account the whole account; empty while it is being worked out
 * @param shop what the shop owns
 * @param figures how quantities are written
 */
record Shown(Worked now, Optional<Account> account, Shop shop, Figures figures) {
  Words words() {
    return figures.words();
  }

  Network network() {
    return now.network();
  }

  String lot(LotId id) {
    return network().lot(id).map(one -> Sentences.lot(words(), one)).orElse("");
  }
}
