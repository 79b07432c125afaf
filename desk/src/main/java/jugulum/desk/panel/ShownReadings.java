package jugulum.desk.panel;

import java.util.List;
import jugulum.core.ledger.Reading;
import jugulum.desk.words.Figures;

/**
 * What a list of readings drew last: drawing the same again would cost more than comparing.
 *
 * @param readings the readings
 * @param figures how they are written
 * @param mayCorrect whether they can be corrected
 */
public record ShownReadings(List<Reading> readings, Figures figures, boolean mayCorrect) {}
