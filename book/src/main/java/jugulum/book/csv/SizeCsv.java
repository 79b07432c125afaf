package jugulum.book.csv;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Pattern;
import jugulum.book.file.FileFault;
import jugulum.core.check.Check;
import jugulum.core.check.OutOfRange;
import jugulum.core.sizes.SizeCurve;
import jugulum.core.sizes.SizeCurve.Sieved;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/**
 * A size analysis as a table: one row a screen, coarse first, and the pan last with opening 0.
 * Columns by their names, others are left alone: {@value #OPENING} and {@value #RETAINED} are read;
 * shares are written beside them. What parts the columns and what the decimals is told, never
 * guessed. A file with any fault is refused whole.
 */
public final class SizeCsv {
  private static final String OPENING = "opening_mm";
  private static final String RETAINED = "retained_g";
  private static final List<String> WRITTEN =
      List.of(OPENING, RETAINED, "retained_percent", "finer_percent");

  private SizeCsv() {}

  /** How a table is written. */
  public enum Layout {
    /** Comma between columns, point in numbers. */
    COMMA_POINT(',', '.'),
    /** Semicolon between columns, comma in numbers. */
    SEMICOLON_COMMA(';', ','),
    /** Semicolon between columns, point in numbers. */
    SEMICOLON_POINT(';', '.');

    private final char separator;
    private final char decimal;
    private final Pattern number;

    Layout(char separator, char decimal) {
      this.separator = separator;
      this.decimal = decimal;
      this.number = Pattern.compile("-?\\d+(" + Pattern.quote(String.valueOf(decimal)) + "\\d+)?");
    }

    private CSVFormat format() {
      return CSVFormat.RFC4180
          .builder()
          .setDelimiter(separator)
          .setIgnoreSurroundingSpaces(true)
          .setIgnoreEmptyLines(true)
          .get();
    }

    private OptionalDouble read(String text) {
      return number.matcher(text).matches()
          ? OptionalDouble.of(Double.parseDouble(text.replace(decimal, '.')))
          : OptionalDouble.empty();
    }

    private String write(double value) {
      return Double.toString(value).replace('.', decimal);
    }
  }

  /** What came of reading a table. */
  public sealed interface Result permits Read, Faulty {}

  /** A sound size analysis. */
  public record Read(SizeCurve curve) implements Result {}

  /** All that is wrong; nothing was taken from the table. */
  public record Faulty(List<FileFault> faults) implements Result {}

  /** Writes a curve as a table's text. */
  public static String write(SizeCurve curve, Layout layout) {
    StringBuilder text = new StringBuilder();
    try (CSVPrinter csv = new CSVPrinter(text, layout.format())) {
      csv.printRecord(WRITTEN);
      List<SizeCurve.Point> points = curve.points();
      for (int i = 0; i < points.size(); i++) {
        row(
            csv,
            layout,
            points.get(i).sizeMm(),
            curve.sieved().get(i).retainedG(),
            curve.totalG(),
            points.get(i).finer());
      }
      row(csv, layout, 0, curve.panG(), curve.totalG(), 0);
    } catch (IOException impossible) {
      throw new UncheckedIOException(impossible);
    }
    return text.toString();
  }

  private static void row(
      CSVPrinter csv, Layout layout, double opening, double retained, double total, double finer)
      throws IOException {
    csv.printRecord(
        layout.write(opening),
        layout.write(retained),
        layout.write(100 * retained / total),
        layout.write(100 * finer));
  }

  /** Reads a table's text. */
  public static Result read(String text, Layout layout) {
    return new Reader(layout).read(text);
  }

  /** One reading of one table, gathering what is wrong. */
  private static final class Reader {
    private final Layout layout;
    private final List<FileFault> faults = new ArrayList<>();
    private final Map<String, Integer> columns = new HashMap<>();
    private final List<Sieved> sieved = new ArrayList<>();
    private OptionalDouble pan = OptionalDouble.empty();

    Reader(Layout layout) {
      this.layout = layout;
    }

    Result read(String text) {
      long lines = 0;
      try (CSVParser parser =
          layout
              .format()
              .parse(new StringReader(text.startsWith("\uFEFF") ? text.substring(1) : text))) {
        for (CSVRecord row : parser) {
          lines = parser.getCurrentLineNumber();
          if (columns.isEmpty()) {
            head(row, lines);
          } else {
            row(row, lines);
          }
          if (columns.size() < 2) {
            return new Faulty(faults);
          }
        }
      } catch (IOException | UncheckedIOException _) {
        return new Faulty(
            List.of(
                new FileFault(
                    (int) lines + 1,
                    1,
                    "",
                    "this line is not a row of a table: a quotation mark is opened and not closed,"
                        + " or stands in the middle of a value")));
      }
      return result(lines);
    }

    private Result result(long lines) {
      if (columns.isEmpty()) {
        return new Faulty(List.of(new FileFault(0, 0, "", "the file is empty")));
      }
      if (pan.isEmpty()) {
        fault(lines, OPENING, "the pan is missing: the last row has opening 0");
      }
      if (!faults.isEmpty()) {
        return new Faulty(faults);
      }
      try {
        return new Read(new SizeCurve(sieved, pan.orElseThrow()));
      } catch (OutOfRange nothing) {
        return new Faulty(
            List.of(
                new FileFault(
                    (int) lines,
                    1,
                    RETAINED,
                    "the table needs a screen, and something must have been weighed")));
      }
    }

    private void head(CSVRecord row, long line) {
      for (String name : List.of(OPENING, RETAINED)) {
        int column = row.toList().indexOf(name);
        if (column < 0) {
          faults.add(
              new FileFault(
                  (int) line,
                  1,
                  name,
                  "there is no column of this name; is “"
                      + layout.separator
                      + "” what parts the columns?"));
        } else {
          columns.put(name, column);
        }
      }
    }

    private void row(CSVRecord row, long line) {
      if (pan.isPresent()) {
        fault(line, OPENING, "the pan, opening 0, must be the last row");
        return;
      }
      Optional<Double> opening = number(row, line, OPENING, 200);
      Optional<Double> retained = number(row, line, RETAINED, Check.HEAVIEST_G);
      if (opening.isEmpty() || retained.isEmpty()) {
        return;
      }
      if (opening.get() == 0) {
        pan = OptionalDouble.of(retained.get());
      } else if (opening.get() < 0.001) {
        fault(line, OPENING, "an opening is at least 0.001 mm");
      } else if (!sieved.isEmpty() && opening.get() == sieved.getLast().openingMm()) {
        fault(line, OPENING, "this screen stands twice");
      } else if (!sieved.isEmpty() && opening.get() > sieved.getLast().openingMm()) {
        fault(
            line, OPENING, "coarse screens come first, and this one is coarser than the one above");
      } else {
        sieved.add(new Sieved(opening.get(), retained.get()));
      }
    }

    private Optional<Double> number(CSVRecord row, long line, String name, double most) {
      int column = Check.known(columns, name);
      String text = column < row.size() ? row.get(column) : "";
      OptionalDouble value = layout.read(text);
      if (text.isEmpty()) {
        fault(line, name, "a number is missing");
      } else if (value.isEmpty()) {
        fault(
            line,
            name,
            "“" + text + "” is not a number with “" + layout.decimal + "” before its decimals");
      } else if (!(value.getAsDouble() >= 0 && value.getAsDouble() <= most)) {
        fault(line, name, text + " is not from 0 to " + layout.write(most));
      } else {
        return Optional.of(value.getAsDouble());
      }
      return Optional.empty();
    }

    private void fault(long line, String name, String reason) {
      faults.add(new FileFault((int) line, Check.known(columns, name) + 1, name, reason));
    }
  }
}
