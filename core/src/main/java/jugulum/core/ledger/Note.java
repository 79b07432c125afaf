package jugulum.core.ledger;

import java.time.Instant;

/**
 * A remark.
 *
 * @param at when it was made
 * @param text what was said
 */
public record Note(Instant at, String text) {}
