package jugulum.core.season;

import jugulum.core.check.Check;
import jugulum.core.ledger.BatchId;
import jugulum.core.units.Conversion;

/**
 * The gravel that was washed for the concentrate of a batch.
 *
 * @param batch which
 * @param buckets how many buckets of gravel, from 0.1 to 1,000,000
 * @param bucketL what one holds, loose, in litres, from 1 to 1,000
 */
public record Gravel(BatchId batch, double buckets, double bucketL) {
  /** What a bucket holds where nobody says, in litres. */
  public static final double USUAL_BUCKET_L = Conversion.BUCKET_L;

  /** Checks both figures against their ranges. */
  public Gravel {
    Check.inRange("buckets", buckets, 0.1, 1e6);
    Check.inRange("bucketL", bucketL, 1, 1000);
  }

  /** The loose gravel, in cubic metres. */
  public double cubicMetres() {
    return buckets * bucketL / 1000;
  }
}
