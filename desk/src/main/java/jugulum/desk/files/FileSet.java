package jugulum.desk.files;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import jugulum.book.file.WholeFile;

/**
 * A file somebody chose, and others that go beside it. The chosen one may be written over, the
 * dialog asked; the others never are: where one of them is there already, all of them get the next
 * free number.
 *
 * @param chosen the file chosen
 * @param stem what the names of the others begin with
 */
public record FileSet(Path chosen, String stem) {
  /** Finds free names for what goes beside a file, told by how they end. */
  public static FileSet beside(Path chosen, Iterable<String> endings) {
    String name = String.valueOf(chosen.getFileName());
    String stem = name.contains(".") ? name.substring(0, name.lastIndexOf('.')) : name;
    String free = stem;
    for (int number = 2; !isFree(chosen, free, endings); number++) {
      free = stem + "-" + number;
    }
    return new FileSet(chosen, free);
  }

  private static boolean isFree(Path chosen, String stem, Iterable<String> endings) {
    for (String ending : endings) {
      Path file = chosen.resolveSibling(stem + ending);
      if (file.equals(chosen) || Files.exists(file)) {
        return false;
      }
    }
    return true;
  }

  /**
   * Writes all of them, or none.
   *
   * @param first what goes into the one chosen
   * @param texts what goes into each of the others, by how its name ends
   * @throws IOException if one cannot be written
   */
  public void write(byte[] first, Map<String, String> texts) throws IOException {
    Map<Path, WholeFile.Writing> all = new LinkedHashMap<>();
    all.put(chosen, out -> out.write(first));
    texts.forEach(
        (ending, text) ->
            all.put(
                chosen.resolveSibling(stem + ending),
                out -> out.write(text.getBytes(StandardCharsets.UTF_8))));
    WholeFile.writeAll(all);
  }

  /** The same where the one chosen is a text. */
  public void write(String first, Map<String, String> texts) throws IOException {
    write(first.getBytes(StandardCharsets.UTF_8), texts);
  }
}
