package jugulum.desk.tables;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import jugulum.desk.entry.EntryField;

/**
 * A table that is worked out from what is typed over it.
 *
 * @param kind which
 * @param fields what is typed; none for a table that always says the same
 * @param work works it out; empty after saying at a field what is wrong
 */
record Reckoner(Kind kind, List<EntryField<?>> fields, Supplier<Optional<TableGrid>> work) {
  /** The tables there are. */
  enum Kind {
    UNITS,
    SCREENS,
    DENSITIES,
    SETTLING,
    WATER,
    SPECKS,
    TILT,
    FLOW,
    CHARGES,
    BATTERY,
    SMELT_CHARGE,
    CRUCIBLE,
    ROAST,
    WHOLE_LOT,
    SHEETS,
    CAUTIONS
  }

  /** Keeps its own copy. */
  Reckoner {
    fields = List.copyOf(fields);
  }

  /** A table of which nothing is typed. */
  static Reckoner fixed(Kind kind, Supplier<TableGrid> grid) {
    return new Reckoner(kind, List.of(), () -> Optional.of(grid.get()));
  }

  /** A table of numbers typed. */
  static Reckoner of(
      Kind kind, List<EntryField<Double>> fields, Function<double[], TableGrid> grid) {
    return checked(kind, fields, values -> Optional.of(grid.apply(values)));
  }

  /** The same where numbers that are right each by itself may be wrong together. */
  static Reckoner checked(
      Kind kind, List<EntryField<Double>> fields, Function<double[], Optional<TableGrid>> grid) {
    return new Reckoner(
        kind,
        List.copyOf(fields),
        () -> {
          double[] values = new double[fields.size()];
          for (int i = 0; i < values.length; i++) {
            Optional<Double> value = fields.get(i).checked();
            if (value.isEmpty()) {
              return Optional.empty();
            }
            values[i] = value.get();
          }
          return grid.apply(values);
        });
  }
}
