package jugulum.core.ledger;

/** What became of an edit. */
public sealed interface EditResult {
  /**
   * It was carried out.
   *
   * @param batch the batch after it
   */
  record Done(Batch batch) implements EditResult {}

  /**
   * It was not, and nothing changed.
   *
   * @param refusal why
   */
  record Refused(Refusal refusal) implements EditResult {}
}
