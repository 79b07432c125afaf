package jugulum.desk.tables;

import java.util.List;

/**
 * What a table shows.
 *
 * @param heads what stands over the columns, as written
 * @param rows as many texts in each as there are heads
 */
public record TableGrid(List<String> heads, List<List<String>> rows) {
  /** Keeps its own copies. */
  public TableGrid {
    heads = List.copyOf(heads);
    rows = rows.stream().map(List::copyOf).toList();
  }

  /** The same as text with tabs between the columns, as a spreadsheet takes it. */
  String tabbed() {
    StringBuilder text = new StringBuilder(String.join("\t", heads)).append('\n');
    rows.forEach(row -> text.append(String.join("\t", row)).append('\n'));
    return text.toString();
  }
}
