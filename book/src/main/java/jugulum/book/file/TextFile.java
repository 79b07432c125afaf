package jugulum.book.file;

import java.io.IOException;
import java.nio.charset.MalformedInputException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.List;
import java.util.function.Function;

/** Reads a whole text file, UTF-8, with what can go wrong before its content is looked at. */
public final class TextFile {
  private TextFile() {}

  /**
   * Gives a file's text to a reader, or a fault to what makes a result of faults.
   *
   * @param file the file
   * @param reader reads its text
   * @param faulty makes a result of what is wrong
   * @param <R> the kind of result
   */
  public static <R> R read(
      Path file, Function<String, R> reader, Function<List<FileFault>, R> faulty) {
    String text;
    try {
      text = Files.readString(file);
    } catch (NoSuchFileException missing) {
      return faulty.apply(List.of(whole("there is no such file")));
    } catch (MalformedInputException notText) {
      return faulty.apply(List.of(whole("it is not a UTF-8 text file")));
    } catch (IOException problem) {
      return faulty.apply(List.of(whole(String.valueOf(problem.getMessage()))));
    }
    return reader.apply(text);
  }

  private static FileFault whole(String reason) {
    return new FileFault(0, 0, "", reason);
  }
}
