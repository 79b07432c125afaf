package jugulum.demo;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Collection;
import java.util.HexFormat;
import java.util.Locale;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** A print of figures that a book keeps: another one as soon as any of them comes out otherwise. */
final class FigurePrint {
  private static final Pattern FIGURE = Pattern.compile("-?\\d+\\.\\d+(E-?\\d+)?");
  private static final int DIGITS = 8;

  private FigurePrint() {}

  /**
   * Of every number with a point, to five places, in the order of their size: texts may write sets
   * in any order, and the last places differ from machine to machine.
   */
  static String of(Collection<?> lines) {
    String figures =
        lines.stream()
            .map(Object::toString)
            .flatMap(text -> FIGURE.matcher(text).results())
            .map(MatchResult::group)
            .map(text -> String.format(Locale.ROOT, "%.4e", Double.parseDouble(text)))
            .sorted()
            .collect(Collectors.joining("\n"));
    try {
      byte[] hash =
          MessageDigest.getInstance("SHA-256").digest(figures.getBytes(StandardCharsets.UTF_8));
      return HexFormat.of().formatHex(hash).substring(0, DIGITS);
    } catch (NoSuchAlgorithmException missing) {
      throw new IllegalStateException(missing);
    }
  }
}
