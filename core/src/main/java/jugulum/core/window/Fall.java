package jugulum.core.window;

import jugulum.core.check.Band;
import jugulum.core.minerals.Mineral;
import jugulum.core.settling.Settling;

/**
 * How fast the grains of one mineral in a cut fall.
 *
 * @param mineral which
 * @param slowest the finest of them, in m/s: low for the flattest and lightest, high for the
 *     roundest and heaviest
 * @param fastest the coarsest of them, in m/s, likewise
 * @param law the law the slowest grain follows
 */
public record Fall(Mineral mineral, Band slowest, Band fastest, Settling.Law law) {}
