package jugulum.desk.bench;

import java.util.List;
import jugulum.core.account.Worked;
import jugulum.core.gold.GoldAccount;
import jugulum.core.gold.Place;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;

/**
 * The buckets material is set aside in: the same sand as the places of the account of that name.
 */
enum Bucket {
  OVERSIZE(Place.Kind.OVERSIZE),
  MAGNETICS(Place.Kind.MAGNETICS),
  TAILINGS(Place.Kind.TAILINGS),
  RESIDUE(Place.Kind.RESIDUE),
  MIDDLINGS(Place.Kind.MIDDLINGS);

  private final Place.Kind place;

  Bucket(Place.Kind place) {
    this.place = place;
  }

  /** The place of the account it is. */
  Place.Kind place() {
    return place;
  }

  /** The lots of a batch in this bucket: those no step has taken. */
  List<LotId> lots(Worked worked) {
    return worked
        .network()
        .endLots()
        .filter(lot -> GoldAccount.placeOf(lot) == place)
        .map(Lot::id)
        .toList();
  }
}
