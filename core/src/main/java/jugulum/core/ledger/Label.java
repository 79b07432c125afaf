package jugulum.core.ledger;

import java.time.LocalDate;

/**
 * What is written on the bucket.
 *
 * @param name the batch's name; may be blank only in a draft, {@link Ledger} refuses it
 * @param source where the concentrate came from, may be empty
 * @param received the day it was received
 */
public record Label(String name, String source, LocalDate received) {
  /** Takes blanks off both ends. */
  public Label {
    name = name.strip();
    source = source.strip();
  }
}
