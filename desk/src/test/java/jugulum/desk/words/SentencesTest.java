package jugulum.desk.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.stream.Stream;
import jugulum.core.check.OutOfRange;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Bench;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Label;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.ReadingId;
import jugulum.core.ledger.Reason;
import jugulum.core.ledger.StepId;
import jugulum.core.screens.Cut;
import jugulum.core.screens.Screen;
import jugulum.core.stream.Refusal;
import jugulum.core.task.Routes;
import jugulum.core.units.MassUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

class SentencesTest {
  private static final Figures GRAMS = new Figures(MassUnit.GRAM, English.WORDS);
  private static final Measure PASS = new Measure.Pass(Measure.Pass.From.SAND, 4_316, 212, 1);

  @ParameterizedTest
  @EnumSource(Reason.class)
  void everyRefusalIsASentence(Reason reason) {
    Refusal refusal =
        new Refusal(reason, List.of(new Refusal.Told.Grams(5_000), new Refusal.Told.Grams(4_000)));
    assertThat(Sentences.refusal(refusal, GRAMS))
        .endsWith(".")
        .doesNotContain("{")
        .matches("[A-Z0-9].*");
  }

  static Stream<Edit> edits() {
    Label label = new Label("Hollin 1", "", LocalDate.EPOCH);
    Edit.NewLot lot = new Edit.NewLot(Material.MIDDLINGS, Cut.ALL, "");
    return Stream.of(
        new Edit.StartBatch(new BatchId(new UUID(0, 1)), label, Assumptions.USUAL),
        new Edit.Adopt(Bench.started().batch()),
        new Edit.Relabel(label),
        new Edit.Assume(Assumptions.USUAL),
        new Edit.TakeStep(new Process.Finishing(), List.of(new LotId(1)), List.of(lot)),
        new Edit.AddOutput(new StepId(1), lot),
        new Edit.RecordOnLot(new LotId(1), new Measure.KnownGold(5, 0)),
        new Edit.RecordOnStep(new StepId(1), PASS),
        new Edit.Correct(new ReadingId(1), PASS, "tare"),
        new Edit.Strike(new ReadingId(1), "tare"),
        new Edit.Doubt(new ReadingId(1), true, "askew"),
        new Edit.Doubt(new ReadingId(1), false, ""),
        new Edit.AddNote(new StepId(1), "wet"),
        new Edit.InsertOnStep(new StepId(1), new ReadingId(1), PASS),
        new Edit.FinishStep(new StepId(1), true),
        new Edit.FinishStep(new StepId(1), false),
        new Edit.WithdrawStep(new StepId(1), "no"),
        new Edit.FollowRoute(Optional.of(Routes.SHIPPED.getFirst())),
        new Edit.FollowRoute(Optional.empty()),
        new Edit.CloseBatch(true),
        new Edit.CloseBatch(false));
  }

  @ParameterizedTest
  @MethodSource("edits")
  void everyEditHasAName(Edit edit) {
    assertThat(Sentences.edit(edit, GRAMS)).isNotBlank().doesNotContain("{");
  }

  @Test
  void everyKindOfEditWasAsked() {
    assertThat(edits().map(Object::getClass).distinct())
        .hasSize(Edit.class.getPermittedSubclasses().length);
  }

  @Test
  void measuresAsTheyWereRead() {
    assertThat(Sentences.measure(new Measure.SandWeight(4_910, 0, 0, 10), GRAMS))
        .isEqualTo("4.91 kg");
    assertThat(Sentences.measure(new Measure.SandWeight(5_160, 250, 0, 10), GRAMS))
        .contains("4.91 kg net", "container");
    assertThat(Sentences.measure(new Measure.SandWeight(10_000, 0, 0.08, 10), GRAMS))
        .contains("10.00 kg", "8.0 %", "9.20 kg dry");
    assertThat(Sentences.measure(new Measure.GoldWeight(3.9, 0.001), GRAMS)).isEqualTo("3.900 g");
    assertThat(Sentences.measure(new Measure.Fineness(0.884, 0.005), GRAMS)).contains("884", "5");
    assertThat(Sentences.measure(new Measure.SpeckCount(1, 0.05), GRAMS))
        .isEqualTo("1 speck in 5.0 % of it");
    assertThat(Sentences.measure(new Measure.SpeckCount(0, 1), GRAMS))
        .isEqualTo("0 specks in 100.0 % of it");
    assertThat(Sentences.measure(new Measure.Assay(128.5, 0.05, 29.17), GRAMS))
        .contains("128.5 g/t", "5.0 %", "29.2 g");
    assertThat(Sentences.measure(PASS, GRAMS)).contains("4.32 kg", "212 g", "1 speck");
    assertThat(Sentences.measure(new Measure.KnownGold(0.19, 0), GRAMS)).contains("0.19 mg");
    Measure.Pass weighed =
        new Measure.Pass(
            Measure.Pass.From.HEAP, 4_104, 71, 0, OptionalDouble.of(0.61), Optional.empty());
    assertThat(Sentences.measure(weighed, GRAMS)).contains("4.10 kg", "71.0 g", "0.61 mg of gold");
    assertThat(Sentences.measure(new Measure.MagnetTest(100, 49.5, 22.4), GRAMS))
        .contains("100 g", "49.5 % magnetite", "22.4 % weakly");
    assertThat(Sentences.measure(new Measure.Bagged("season bag"), GRAMS)).contains("season bag");
    assertThat(Sentences.measure(new Measure.Discarded(""), GRAMS)).isEqualTo("thrown away");
    assertThat(Sentences.measure(new Measure.Discarded("no room"), GRAMS))
        .isEqualTo("thrown away: no room");
    assertThat(Sentences.measure(new Measure.FeedRate(24), GRAMS)).contains("24 kg an hour");
    assertThat(Sentences.measure(new Measure.Assay(31, 0.1, 500, Optional.of("season bag")), GRAMS))
        .contains("31 g/t", "of the bag “season bag”");
  }

  @Test
  void cutsMachinesAndLots() {
    Screen sixteen = new Screen("16", 1.18);
    Cut over = new Cut(Optional.empty(), Optional.of(sixteen));
    assertThat(Sentences.cut(English.WORDS, over)).isEqualTo("+16");
    assertThat(Sentences.sizes(English.WORDS, over)).isEqualTo("over 1.18 mm");
    assertThat(Sentences.sizes(English.WORDS, new Cut(Optional.of(sixteen), Optional.empty())))
        .isEqualTo("under 1.18 mm");
    assertThat(Sentences.cut(English.WORDS, Cut.ALL)).isEqualTo("all sizes");
    assertThat(
            Sentences.machine(
                English.WORDS, new Machine(Machine.Kind.VORTEX_BOWL, "the small one")))
        .isEqualTo("Vortex bowl, the small one");
    Lot lot = new Lot(new LotId(3), Material.TAILINGS, over, "", List.of());
    assertThat(Sentences.lot(English.WORDS, lot)).isEqualTo("tailings +16");
    assertThat(Sentences.title(English.WORDS, lot)).isEqualTo("Tailings +16");
    assertThat(
            Sentences.lot(
                English.WORDS,
                new Lot(new LotId(3), Material.TAILINGS, over, "bucket 4", List.of())))
        .isEqualTo("bucket 4");
  }

  @Test
  void aValueOutOfRangeIsToldWithItsRange() {
    OutOfRange problem =
        catchThrowableOfType(OutOfRange.class, () -> new Measure.SandWeight(5, 6, 0, 1));
    assertThat(Sentences.outOfRange(English.WORDS, problem))
        .contains("Container", "between 0 and 5");
  }
}
