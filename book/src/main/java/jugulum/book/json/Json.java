package jugulum.book.json;

import jugulum.core.check.Check;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.Edit;
import jugulum.core.shop.Shop;

/**
 * The parts of the model as JSON text, for the book's own rows: what was once recorded is read whatever ranges a later version allows. Files for
 * others go through {@link BatchFile}.
 */
public final class Json {
  private Json() {}

  /** One edit, on one line. */
  public static String write(Edit edit) {
    return Mappers.COMPACT.writerFor(Edit.class).writeValueAsString(edit);
  }

  /** One batch, on one line. */
  public static String write(Batch batch) {
    return Mappers.COMPACT.writeValueAsString(batch);
  }

  /** The shop, on one line. */
  public static String write(Shop shop) {
    return Mappers.COMPACT.writeValueAsString(shop);
  }

  /**
   * Reads what {@link #write(Edit)} wrote.
   *
   * @throws tools.jackson.core.JacksonException if it is something else
   */
  public static Edit edit(String json) {
    return Check.asRecorded(() -> Mappers.COMPACT.readValue(json, Edit.class));
  }

  /**
   * Reads what {@link #write(Batch)} wrote.
   *
   * @throws tools.jackson.core.JacksonException if it is something else
   */
  public static Batch batch(String json) {
    return Check.asRecorded(() -> Mappers.COMPACT.readValue(json, Batch.class));
  }

  /**
   * Reads what {@link #write(Shop)} wrote.
   *
   * @throws tools.jackson.core.JacksonException if it is something else
   */
  public static Shop shop(String json) {
    return Check.asRecorded(() -> Mappers.COMPACT.readValue(json, Shop.class));
  }
}
