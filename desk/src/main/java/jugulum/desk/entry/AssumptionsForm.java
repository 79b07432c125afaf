package jugulum.desk.entry;

import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import jugulum.core.ledger.Assumptions;
import jugulum.core.specks.SpeckMass;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/** Asks for what is taken as given until something is measured. */
public final class AssumptionsForm {
  private final EntryField<Double> tolerance = new EntryField<>("tolerance", Words.of("shop.tolerance"), "1", typed -> Parsers.percent(typed, 0, 100));
  private final EntryField<Double> flatness = new EntryField<>("flatness", Words.of("shop.flatness"), "0.3", typed -> Parsers.number(typed, SpeckMass.FLATTEST, 1));
  private final EntryField<Double> fineness = new EntryField<>("usual-fineness", Words.of("shop.fineness"), "900", typed -> Parsers.number(typed, 10, 1000));

  /** The fields in order. */
  public List<EntryField<?>> fields() {
    return List.of(tolerance, flatness, fineness);
  }

  /** The fields side by side. */
  public Node inRow() {
    return new FieldRow(fields());
  }

  /** The fields one below the other. */
  public Node inColumn() {
    VBox column = new VBox(tolerance, flatness, fineness);
    column.getStyleClass().add("form");
    return column;
  }

  /** What is asked for, the rest as it was; or nothing after saying at the field what is wrong. */
  public Optional<Assumptions> read(Assumptions before) {
    return tolerance
        .read()
        .flatMap(
            closure ->
                flatness
                    .read()
                    .flatMap(
                        flat ->
                            fineness
                                .read()
                                .map(
                                    parts ->
                                        new Assumptions(closure, flat, before.goldDensity(), parts / 1000, before.finenessSd(), before.scaleCalibration()))));
  }

  /** Fills the fields. */
  public void fill(Assumptions given) {
    tolerance.fill(Figures.plain(given.closureTolerance() * 100));
    flatness.fill(Figures.plain(given.flatness()));
    fineness.fill(Figures.plain(given.fineness() * 1000));
  }
}
