package jugulum.desk.session;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import jugulum.book.stream.Key;

/** Damages books. */
public final class Damage {
  private Damage() {}

  /**
   * Changes one row of one stream.
   *
   * @param part 0 for the first, 1 for one in the middle, 2 for the last
   */
  public static void row(Path copy, Key stream, int part) throws SQLException {
    String its = " WHERE kind = '" + stream.kind() + "' AND stream = '" + stream.id() + "'";
    try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + copy);
        Statement statement = connection.createStatement()) {
      statement.execute("DROP TRIGGER journal_is_never_changed");
      statement.execute(
          "UPDATE journal SET body = 'x' || body"
              + its
              + " AND version = (SELECT 1 + (max(version) - 1) * "
              + part
              + " / 2 FROM journal"
              + its
              + ")");
      // As after a rule was raised: all that follows from it has to be made again.
      statement.execute("DELETE FROM projected" + its);
      statement.execute("DELETE FROM kept" + its);
    }
  }
}
