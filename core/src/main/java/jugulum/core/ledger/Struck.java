package jugulum.core.ledger;

import java.time.Instant;

/**
 * That something recorded no longer counts. It is kept and shown struck through.
 *
 * @param at when it was struck
 * @param reason why, not blank
 */
public record Struck(Instant at, String reason) {}
