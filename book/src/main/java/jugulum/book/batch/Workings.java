package jugulum.book.batch;

import jugulum.core.gold.GoldAccount;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.Network;
import jugulum.core.mass.SandAccount;

/** What the slower tables of a batch are read off. */
record Workings(Network network, SandAccount sand, GoldAccount gold) {
  static Workings of(Batch batch) {
    Network network = Network.of(batch);
    SandAccount sand = SandAccount.of(network);
    return new Workings(network, sand, GoldAccount.of(network, sand));
  }
}
