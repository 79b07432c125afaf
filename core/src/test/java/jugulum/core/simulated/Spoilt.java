package jugulum.core.simulated;

import java.util.List;
import java.util.Random;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/** Good texts spoilt at random, as a slip, a transfer cut off or another program leaves them. */
public final class Spoilt {
  /** How many are tried of each kind. */
  public static final int MANY =
      Integer.getInteger("jugulum.fuzzes", Coverage.THOROUGH ? 20_000 : 1_600);

  /** Which are tried. */
  public static final long SEED = Long.getLong("jugulum.fuzzSeed", 7);

  private static final Pattern VALUE =
      Pattern.compile("\"[^\"]*\"|-?[0-9][0-9.,E]*|\\b(true|false)\\b");

  private static final List<String> VALUES =
      List.of(
          "0",
          "-1",
          "1e20",
          "100000000000000000000",
          "9223372036854775807",
          "-1e400",
          "1e400",
          "NaN",
          "0.1e-320",
          "2147483648",
          "1.5",
          "999999999",
          "1000000000",
          "00",
          "1e",
          "-",
          "9".repeat(400),
          "9".repeat(1_500),
          "5%5",
          "1,234",
          "null",
          "\"\"",
          "\"\\u0000\"",
          "true",
          "[]",
          "{}",
          "[[[]]]",
          "\"2026-02-31\"",
          "\"NaN\"",
          "\"x\"",
          "{\"kind\":\"pass\"}",
          "\"" + "x".repeat(20_000) + "\"",
          "\"\\ud800\"");

  private static final List<String> SIGNS =
      List.of(
          "\u0000",
          "\u202e",
          "\u200b",
          "\ufeff",
          "\uff1d",
          "\ud800",
          "\u0661",
          "\u2212",
          ";",
          ",",
          "\"",
          "{",
          "\n",
          "\t",
          "=",
          "%",
          " ".repeat(16_000),
          ".".repeat(300),
          "1.".repeat(50_000));

  private static final Pattern INNER =
      Pattern.compile(
          "Exception|jugulum\\.|\\bjava|\\[Unexpected|\\b[A-Z]{3,}_[A-Z]{2,}|\\bnull\\b(?!"
              + " found)|@[0-9a-f]{5}");

  private static final Pattern QUOTED = Pattern.compile("“[^”]*”|\"[^\"]*\"");

  private Spoilt() {}

  /** A good text with one thing about it spoilt. */
  public static String one(String good, Random random) {
    int from = random.nextInt(good.length());
    int until = Math.min(good.length(), from + 1 + random.nextInt(30));
    return switch (random.nextInt(8)) {
      case 0 -> good.substring(0, from);
      case 1 -> good.substring(0, from) + good.substring(until);
      case 2 -> good.substring(0, until) + good.substring(from);
      case 3 -> good.substring(0, from) + (char) random.nextInt(0x3000) + good.substring(from + 1);
      case 4 -> good.substring(0, from) + any(SIGNS, random) + good.substring(from);
      default -> valued(good, random);
    };
  }

  private static String valued(String good, Random random) {
    List<MatchResult> values = VALUE.matcher(good).results().toList();
    if (values.isEmpty()) {
      return any(VALUES, random);
    }
    MatchResult value = values.get(random.nextInt(values.size()));
    return good.substring(0, value.start()) + any(VALUES, random) + good.substring(value.end());
  }

  private static String any(List<String> of, Random random) {
    return of.get(random.nextInt(of.size()));
  }

  /**
   * Whether what is said about it tells nothing of how the program is made inside; what it quotes
   * stood in the text.
   */
  public static boolean isSentence(String said) {
    return !said.isBlank() && !INNER.matcher(QUOTED.matcher(said).replaceAll("")).find();
  }
}
