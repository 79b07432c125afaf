package jugulum.desk.batch;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import jugulum.core.ledger.Assumptions;
import jugulum.core.specks.SpeckMass;
import jugulum.core.units.Decimal;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.entry.Parsers;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;

/** Asks for what is taken as given until something is measured. */
public final class AssumptionsForm {
  @Prologue private final Words words;
  private final EntryField<Double> tolerance =
      new EntryField<>(
          words,
          "tolerance",
          words.of("shop.tolerance"),
          "1",
          typed -> Parsers.percent(words, typed, 0, 100));
  private final EntryField<Double> flatness =
      new EntryField<>(
          words,
          "flatness",
          words.of("shop.flatness"),
          "0.3",
          typed -> Parsers.number(words, typed, SpeckMass.FLATTEST, 1));
  private final EntryField<Double> fineness =
      new EntryField<>(
          words,
          "usual-fineness",
          words.of("shop.fineness"),
          "900",
          typed -> Parsers.perMille(words, typed, 10, 1000));

  private final EntryField<Double> finest =
      new EntryField<>(
          words,
          "finest-seen",
          words.of("shop.finest-seen"),
          words.plain(SpeckMass.USUAL_FINEST_SEEN_MM),
          typed -> Parsers.number(words, typed, 0.005, 1));

  /** Makes the form. */
  public AssumptionsForm(Words words) {
    this.words = words;
    super();
  }

  /** The fields in order. */
  public List<EntryField<?>> fields() {
    return List.of(tolerance, flatness, fineness, finest);
  }

  /** The fields two by two. */
  public Node inPairs() {
    return new VBox(
        8, new FieldRow(List.of(tolerance, flatness)), new FieldRow(List.of(fineness, finest)));
  }

  /** The fields one below the other. */
  public Node inColumn() {
    VBox column = new VBox(tolerance, flatness, fineness, finest);
    column.getStyleClass().add("form");
    return column;
  }

  /** What is asked for, the rest as it was; or nothing after saying at the field what is wrong. */
  public Optional<Assumptions> read(Assumptions before) {
    boolean understood = fields().stream().allMatch(field -> field.read().isPresent());
    return understood ? Optional.of(told(before)) : Optional.empty();
  }

  private Assumptions told(Assumptions before) {
    double seen = value(finest);
    OptionalDouble finestSeen =
        seen == before.finestSeenMm() ? before.finestSeen() : OptionalDouble.of(seen);
    return new Assumptions(
        value(tolerance),
        value(flatness),
        before.goldDensity(),
        value(fineness),
        before.finenessSd(),
        before.scaleCalibration(),
        finestSeen);
  }

  private static double value(EntryField<Double> field) {
    return field.read().orElseThrow();
  }

  /** How a field is filled. */
  private interface Filling {
    void fill(EntryField<Double> field, String text, double value);
  }

  private void each(Assumptions given, Filling how) {
    how.fill(tolerance, words.plain(given.closureTolerance() * 100), given.closureTolerance());
    how.fill(flatness, words.plain(given.flatness()), given.flatness());
    how.fill(fineness, words.plain(Decimal.shifted(given.fineness(), 3)), given.fineness());
    how.fill(finest, words.plain(given.finestSeenMm()), given.finestSeenMm());
  }

  /** Fills the fields. */
  public void fill(Assumptions given) {
    each(given, EntryField::put);
  }

  /** Fills the fields but for those in which something was typed and not kept. */
  public void offer(Assumptions given) {
    each(given, EntryField::offer);
  }
}
