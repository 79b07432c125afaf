package jugulum.desk.bench;

import java.util.List;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.desk.workbench.Worked;

/** The buckets material is set aside in. */
enum Bucket {
  OVERSIZE,
  MAGNETICS,
  TAILINGS,
  MIDDLINGS;

  private boolean holds(Lot lot) {
    return switch (this) {
      case OVERSIZE -> lot.isOversize();
      case MAGNETICS -> lot.material() == Material.MAGNETICS;
      case TAILINGS -> lot.material() == Material.TAILINGS || lot.material() == Material.RESIDUE;
      case MIDDLINGS -> lot.material() == Material.MIDDLINGS || lot.material() == Material.SECOND_CONCENTRATE;
    };
  }

  /** The lots of a batch in this bucket: those no step has taken. */
  List<LotId> lots(Worked worked) {
    return worked.network().endLots().filter(this::holds).map(Lot::id).toList();
  }
}
