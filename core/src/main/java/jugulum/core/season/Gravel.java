package jugulum.core.season;

import jugulum.core.check.Check;
import jugulum.core.ledger.BatchId;

/**
 * The gravel that was washed for the concentrate of a batch.
 *
 * @param batch which
 * @param buckets how many buckets of gravel, from 0.1 to 1,000,000
 * @param bucketL what one holds, loose, in litres, from 1 to 1,000
 */
public record Gravel(BatchId batch, double buckets, double bucketL) {
  /** Common practice: a 20-litre bucket, not quite full. */
  public static final double USUAL_BUCKET_L = 18;

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
