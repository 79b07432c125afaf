package jugulum.book.json;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import jugulum.book.Samples;
import jugulum.book.csv.SizeCsv;
import jugulum.book.file.FileFault;
import jugulum.book.replay.ReplayFile;
import jugulum.book.table.TrialTables;
import jugulum.book.trial.SomeTrial;
import jugulum.core.gold.GoldAccount;
import jugulum.core.gold.GoldMemory;
import jugulum.core.ledger.Network;
import jugulum.core.mass.SandAccount;
import jugulum.core.simulated.Spoilt;
import jugulum.core.sizes.SizeCurve;
import jugulum.core.stream.Applied;
import jugulum.core.trial.Trial;
import jugulum.core.trial.TrialEdit;
import jugulum.core.trial.TrialFold;
import jugulum.core.trial.TrialResult;
import jugulum.practice.drill.Action;
import jugulum.practice.drill.Drills;
import jugulum.practice.drill.LoggedAction;
import jugulum.practice.drill.Replay;
import jugulum.practice.drill.Runs.Grain;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Good files spoilt at random: each is read, and then its figures can be worked out, or refused
 * with sentences. {@code scripts/fuzz-test} tries more of them, seeded by the moment.
 */
class FuzzTest {
  private static final String GOOD = BatchFile.write(Samples.everything(), List.of());
  private static final SizeCurve SIEVED =
      new SizeCurve(
          List.of(
              new SizeCurve.Sieved(0.6, 120.5),
              new SizeCurve.Sieved(0.3, 211),
              new SizeCurve.Sieved(0.15, 88)),
          41);
  private static final Replay RUN =
      Replay.of(
          Drills.of("flat-fines").orElseThrow(),
          new Grain(60, 40),
          5,
          List.of(
              new LoggedAction(0, new Action.Agent(true)),
              new LoggedAction(0, new Action.Level(-0.25)),
              new LoggedAction(3, new Action.Charge(30, true)),
              new LoggedAction(5, new Action.Valve(17.5))),
          30);

  /** A kind of file: reads a text and works out what it says, or gives what is wrong with it. */
  private enum Kind {
    BATCH(BatchFile.write(Samples.everything(), List.of())) {
      @Override
      Optional<List<FileFault>> read(String text) {
        return switch (BatchFile.read(text)) {
          case BatchFile.Read(var batch, var _) -> {
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
    },
    SIZES(SizeCsv.write(SIEVED, SizeCsv.Layout.COMMA_POINT)) {
      @Override
      Optional<List<FileFault>> read(String text) {
        return switch (SizeCsv.read(text, SizeCsv.Layout.COMMA_POINT)) {
          case SizeCsv.Read(SizeCurve curve) -> {
            curve.finer(0.1);
            yield Optional.empty();
          }
          case SizeCsv.Faulty(List<FileFault> faults) -> Optional.of(faults);
        };
      }
    },
    REPLAY(ReplayFile.write(RUN)) {
      @Override
      Optional<List<FileFault>> read(String text) {
        return switch (ReplayFile.read(text)) {
          case ReplayFile.Whole(Replay replay) -> {
            if (replay.steps() <= RUN.steps() && replay.grain().equals(RUN.grain())) {
              replay.played();
            }
            yield Optional.empty();
          }
          case ReplayFile.Not(ReplayFile.Why why, String what) ->
              Optional.of(List.of(new FileFault(0, 0, "", why.name().replace('_', ' ') + what)));
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
                .allSatisfy(fault -> assertThat(fault.reason()).matches(Spoilt::isSentence)));
  }

  @ParameterizedTest
  @EnumSource(Kind.class)
  void spoiltFilesAreReadOrRefused(Kind kind) {
    Random random = new Random(Spoilt.SEED);
    for (int i = 0; i < Spoilt.MANY; i++) {
      isReadOrRefused(kind, Spoilt.one(kind.good, random), kind + " " + i);
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
                BatchFile.read(GOOD.replace("\"version\" : 3", "\"version\" : " + number)))
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
