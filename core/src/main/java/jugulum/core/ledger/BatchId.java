package jugulum.core.ledger;

import java.util.UUID;

/**
 * A batch, by an identifier that stays the same in every book it is carried to.
 *
 * @param value a universally unique identifier
 */
public record BatchId(UUID value) {}
