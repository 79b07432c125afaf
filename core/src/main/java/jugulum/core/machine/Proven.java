package jugulum.core.machine;

import jugulum.core.check.Band;

/**
 * What a machine's own runs let expect of the next one of that cut and kind.
 *
 * @param share the recovery to expect, 0 to 1: the plain mean, with the 95 % range of one more run
 * @param runs how many that rests on, 1 or more
 */
public record Proven(Band share, int runs) {}
