package jugulum.book.json;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import jugulum.book.Samples;
import jugulum.book.file.FileFault;
import jugulum.book.table.TrialTables;
import jugulum.book.trial.SomeTrial;
import jugulum.core.gold.GoldAccount;
import jugulum.core.gold.GoldMemory;
import jugulum.core.ledger.Network;
import jugulum.core.mass.SandAccount;
import jugulum.core.stream.Applied;
import jugulum.core.trial.Trial;
import jugulum.core.trial.TrialEdit;
import jugulum.core.trial.TrialFold;
import jugulum.core.trial.TrialResult;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
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

  /** A kind of file: reads a text and works out what it says, or gives what is wrong with it. */
  private enum Kind {
    BATCH(BatchFile.write(Samples.everything())) {
      @Override
      Optional<List<FileFault>> read(String text) {
        return switch (BatchFile.read(text)) {
          case BatchFile.Read(var batch) -> {
            Network network = Network.of(batch);
            GoldAccount.of(network, SandAccount.of(network), new GoldMemory(1_000));
            yield Optional.empty();
          }
          case BatchFile.Faulty(List<FileFault> faults) -> Optional.of(faults);
        };
      }
    },
    TRIAL(TrialFile.write(SomeTrial.everything())) {
      @Override
      Optional<List<FileFault>> read(String text) {
        return switch (TrialFile.read(text)) {
          case TrialFile.Read(var trial) -> {
            TrialEdit taken = new TrialEdit.TakeOver(trial);
            if (new TrialFold().apply(Optional.empty(), taken, Instant.EPOCH)
                instanceof Applied.Done<Trial>(Trial after)) {
              TrialResult.of(after);
              TrialTables.runs(after);
            }
            yield Optional.empty();
          }
          case TrialFile.Faulty(List<FileFault> faults) -> Optional.of(faults);
        };
      }
    };

    private final String good;

    Kind(String good) {
      this.good = good;
    }

    abstract Optional<List<FileFault>> read(String text);
  }

  private static void isReadOrRefused(Kind kind, String text, String as) {
    Optional<List<FileFault>> faults;
    try {
      faults = kind.read(text);
    } catch (RuntimeException | StackOverflowError escaped) {
      throw new AssertionError(as + " ended otherwise than read or refused", escaped);
    }
    faults.ifPresent(
        all ->
            assertThat(all)
                .as(as)
                .isNotEmpty()
                .allSatisfy(
                    fault ->
                        assertThat(fault.reason())
                            .isNotBlank()
                            .doesNotContain("Exception", "jugulum.", "java.")));
  }

  @ParameterizedTest
  @EnumSource(Kind.class)
  void spoiltFilesAreReadOrRefused(Kind kind) {
    String good = kind.good;
    Random random = new Random(Long.getLong("jugulum.fuzzSeed", 7));
    List<MatchResult> values = VALUE.matcher(good).results().toList();
    for (int i = 0; i < Integer.getInteger("jugulum.fuzzes", 400); i++) {
      MatchResult value = values.get(random.nextInt(values.size()));
      List<String> with = random.nextBoolean() ? NUMBERS : OTHERS;
      String spoilt =
          good.substring(0, value.start())
              + with.get(random.nextInt(with.size()))
              + good.substring(value.end());
      isReadOrRefused(
          kind,
          spoilt,
          "file "
              + i
              + " with "
              + spoilt.substring(value.start(), Math.min(spoilt.length(), value.start() + 30))
              + " for "
              + value.group());
      isReadOrRefused(
          kind, good.substring(0, random.nextInt(good.length())), "a file cut off, " + i);
      int from = random.nextInt(good.length() - 40);
      isReadOrRefused(
          kind,
          good.substring(0, from) + good.substring(from + 1 + random.nextInt(30)),
          "a file with a piece missing, " + i);
      char[] letters = good.toCharArray();
      letters[random.nextInt(letters.length)] = (char) random.nextInt(0x3000);
      isReadOrRefused(kind, new String(letters), "a file with one letter changed, " + i);
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
      isReadOrRefused(Kind.BATCH, "[".repeat(depth), depth + " open lists");
      isReadOrRefused(Kind.BATCH, "[".repeat(depth) + "]".repeat(depth), depth + " lists");
      isReadOrRefused(
          Kind.BATCH,
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
