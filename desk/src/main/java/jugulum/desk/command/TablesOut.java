package jugulum.desk.command;

import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import jugulum.book.table.Table;
import jugulum.desk.words.Words;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Tables on the command line: columns to read, or JSON for scripts. */
final class TablesOut {
  private static final String GAP = "  ";

  private TablesOut() {}

  /** One table, to read or for scripts. */
  static int print(Words words, boolean json, Table table, PrintWriter out) {
    if (json) {
      json(List.of(table), out);
    } else {
      text(words, table, out);
    }
    return Exit.OK;
  }

  /** Lines under heads, numbers to the right. */
  static void text(Words words, Table table, PrintWriter out) {
    List<List<String>> rows = new ArrayList<>();
    rows.add(table.heads());
    table.rows().forEach(row -> rows.add(row.stream().map(cell -> text(words, cell)).toList()));
    int[] widths = new int[table.heads().size()];
    for (List<String> row : rows) {
      for (int column = 0; column < widths.length; column++) {
        widths[column] = Math.max(widths[column], row.get(column).length());
      }
    }
    for (int line = 0; line < rows.size(); line++) {
      StringBuilder text = new StringBuilder();
      for (int column = 0; column < widths.length; column++) {
        String cell = rows.get(line).get(column);
        String pad = " ".repeat(widths[column] - cell.length());
        boolean figure = line > 0 && table.rows().get(line - 1).get(column) instanceof Number;
        text.append(figure ? pad + cell : cell + pad).append(GAP);
      }
      out.println(text.toString().stripTrailing());
    }
    out.flush();
  }

  private static String text(Words words, @Nullable Object cell) {
    return switch (cell) {
      case null -> "";
      case Double number -> words.rounded(number, 3);
      default -> cell.toString();
    };
  }

  /** An object for each line; more than one table stand under their names. */
  static void json(List<Table> tables, PrintWriter out) {
    Object all =
        tables.size() == 1
            ? objects(tables.getFirst())
            : tables.stream()
                .collect(
                    Collectors.toMap(
                        Table::name, TablesOut::objects, (one, _) -> one, LinkedHashMap::new));
    out.println(
        JsonMapper.builder()
            .enable(SerializationFeature.INDENT_OUTPUT)
            .build()
            .writeValueAsString(all));
    out.flush();
  }

  private static List<Map<String, @Nullable Object>> objects(Table table) {
    List<Map<String, @Nullable Object>> objects = new ArrayList<>();
    for (List<Object> row : table.rows()) {
      Map<String, @Nullable Object> object = new LinkedHashMap<>();
      for (int column = 0; column < row.size(); column++) {
        object.put(table.heads().get(column), row.get(column));
      }
      objects.add(object);
    }
    return objects;
  }
}
