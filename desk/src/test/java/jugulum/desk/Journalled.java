package jugulum.desk;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;

/** What stands in the journal of a book, read beside the program that has it open. */
public final class Journalled {
  private Journalled() {}

  /** Every row in the order it was written: its stream and what it says. */
  public static List<String> rows(Path book) {
    try (Connection file = DriverManager.getConnection("jdbc:sqlite:" + book);
        Statement asked = file.createStatement();
        ResultSet row = asked.executeQuery("select kind, act, body from journal order by seq")) {
      List<String> rows = new ArrayList<>();
      while (row.next()) {
        rows.add(row.getString(1) + " " + row.getString(2) + " " + row.getString(3));
      }
      return rows;
    } catch (SQLException problem) {
      throw new IllegalStateException(problem);
    }
  }
}
