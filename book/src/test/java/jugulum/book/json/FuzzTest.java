package jugulum.book.json;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import jugulum.book.Samples;
import jugulum.book.file.FileFault;
import jugulum.core.gold.GoldAccount;
import jugulum.core.gold.GoldMemory;
import jugulum.core.ledger.Network;
import jugulum.core.mass.SandAccount;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Good files spoilt at random: each is read, and then its figures can be worked out, or refused
 * with sentences. {@code scripts/fuzz-test} tries more of them, seeded by the moment.
 */
class FuzzTest {
  private static final String GOOD = BatchFile.write(Samples.everything());
  private static final Pattern VALUE =
      Pattern.compile("(?<= : )(\"[^\"]*\"|-?[0-9.E]+|true|false)");
  private static final List<String> NUMBERS =
      List.of(
          "0",
          "-1",
          "1e20",
          "100000000000000000000",
          "-1e400",
          "1e400",
          "NaN",
          "0.1e-320",
          "2147483648",
          "1.5",
          "00",
          "1e",
          "-",
          "9".repeat(1_500));
  private static final List<String> OTHERS =
      List.of(
          "null",
          "\"\"",
          "\"\\u0000\"",
          "true",
          "[]",
          "{}",
          "[[[]]]",
          "\"2026-02-31\"",
          "\"NaN\"",
          "{\"kind\":\"pass\"}",
          "\"" + "x".repeat(20_000) + "\"",
          "\"\\ud800\"");

  private static void isReadOrRefused(String text, String as) {
    BatchFile.Result result;
    try {
      result = BatchFile.read(text);
      if (result instanceof BatchFile.Read(var batch)) {
        Network network = Network.of(batch);
        GoldAccount.of(network, SandAccount.of(network), new GoldMemory(1_000));
      }
    } catch (RuntimeException | StackOverflowError escaped) {
      throw new AssertionError(as + " ended otherwise than read or refused", escaped);
    }
    if (result instanceof BatchFile.Faulty(List<FileFault> faults)) {
      assertThat(faults)
          .as(as)
          .isNotEmpty()
          .allSatisfy(
              fault ->
                  assertThat(fault.reason())
                      .isNotBlank()
                      .doesNotContain("Exception", "jugulum.", "java."));
    }
  }

  @Test
  void spoiltFilesAreReadOrRefused() {
    Random random = new Random(Long.getLong("jugulum.fuzzSeed", 7));
    List<MatchResult> values = VALUE.matcher(GOOD).results().toList();
    for (int i = 0; i < Integer.getInteger("jugulum.fuzzes", 400); i++) {
      MatchResult value = values.get(random.nextInt(values.size()));
      List<String> with = random.nextBoolean() ? NUMBERS : OTHERS;
      String spoilt =
          GOOD.substring(0, value.start())
              + with.get(random.nextInt(with.size()))
              + GOOD.substring(value.end());
      isReadOrRefused(
          spoilt,
          "file "
              + i
              + " with "
              + spoilt.substring(value.start(), Math.min(spoilt.length(), value.start() + 30))
              + " for "
              + value.group());
      isReadOrRefused(GOOD.substring(0, random.nextInt(GOOD.length())), "a file cut off, " + i);
      int from = random.nextInt(GOOD.length() - 40);
      isReadOrRefused(
          GOOD.substring(0, from) + GOOD.substring(from + 1 + random.nextInt(30)),
          "a file with a piece missing, " + i);
      char[] letters = GOOD.toCharArray();
      letters[random.nextInt(letters.length)] = (char) random.nextInt(0x3000);
      isReadOrRefused(new String(letters), "a file with one letter changed, " + i);
    }
  }

  /**
   * What one finds by thinking: a whole number too large names its line, its place and what is
   * wrong.
   */
  @ParameterizedTest
  @ValueSource(strings = {"100000000000000000000", "1e20", "1e400", "2147483648"})
  void aWholeNumberTooLargeIsRefusedWithItsPlace(String number) {
    for (String place : List.of("\"specks\" : 46", "\"pickers\" : 2", "\"bowl\" : 2")) {
      assertThat(GOOD).contains(place);
      String spoilt = GOOD.replace(place, place.substring(0, place.indexOf(':') + 2) + number);
      BatchFile.Result result = BatchFile.read(spoilt);
      assertThat(result).as(place).isInstanceOf(BatchFile.Faulty.class);
      FileFault fault = ((BatchFile.Faulty) result).faults().getFirst();
      assertThat(fault.line()).as(fault.toString()).isPositive();
      assertThat(fault.where()).as(fault.toString()).startsWith("/batch");
      assertThat(fault.reason()).doesNotContain("Exception", "java");
    }
    FileFault version =
        ((BatchFile.Faulty)
                BatchFile.read(GOOD.replace("\"version\" : 1", "\"version\" : " + number)))
            .faults()
            .getFirst();
    assertThat(version.line()).isPositive();
  }

  @Test
  void deepNestingIsRefused() {
    for (int depth : List.of(100, 600, 5_000, 200_000)) {
      isReadOrRefused("[".repeat(depth), depth + " open lists");
      isReadOrRefused("[".repeat(depth) + "]".repeat(depth), depth + " lists");
      isReadOrRefused(
          GOOD.replaceFirst(
              "\"closed\" : false",
              "\"closed\" : "
                  + IntStream.range(0, depth)
                      .mapToObj(_ -> "{\"a\":")
                      .collect(Collectors.joining())),
          depth + " objects");
    }
  }
}
