package jugulum.desk.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.check.Band;
import jugulum.core.ledger.Machine;
import jugulum.core.machine.Gear;
import jugulum.core.season.Change;
import jugulum.core.season.ChangeEffect;
import jugulum.core.season.Habit;
import jugulum.core.season.HabitCost;
import jugulum.core.season.KindOfWork;
import jugulum.core.season.SeasonEdit;
import jugulum.core.season.Slip;
import jugulum.core.season.SlipCheck;
import jugulum.core.season.Source;
import jugulum.core.season.SourceRate;
import jugulum.core.units.MassUnit;
import jugulum.desk.season.SeasonText;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A season in sentences, with what cannot be told said so. */
class SeasonWordsTest {
  private static final Words WORDS = English.WORDS;
  private static final Figures FIGURES = new Figures(MassUnit.GRAM, WORDS);
  private static final LocalDate DAY = LocalDate.parse("2026-03-02");
  private static final Change CHANGE =
      new Change("c", DAY, "three drops", Optional.of(KindOfWork.MAGNET), Optional.empty());

  private static HabitCost cost(Habit.Kind kind, String dial, Optional<Band> mg) {
    return new HabitCost(
        new Habit(kind, dial),
        KindOfWork.MACHINES,
        "garden bowl",
        Gear.any(Machine.Kind.VORTEX_BOWL).sheet().dial(dial),
        7,
        14,
        mg,
        mg.filter(Band::isAwayFromZero).isPresent());
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "DIAL_HIGH | charge | Charge over 200 g on garden bowl",
        "DIAL_LOW | charge | Charge below 100 g on garden bowl",
        "WIDE_CUT | '' | Wide cut on garden bowl",
        "FEW_DROPS | '' | Heap dropped once or never",
        "DAMP | '' | Magnet over damp sand"
      })
  void aHabitIsCalledByWhatIsDone(Habit.Kind kind, String dial, String said) {
    assertThat(SeasonWords.habit(WORDS, cost(kind, dial, Optional.empty()))).isEqualTo(said);
  }

  @Test
  void whatAHabitCostIsSaidWithItsRangeOrThatNothingIsSeen() {
    assertThat(cost(new Band(437, 645, 797))).isEqualTo("0.645 g lost, 0.437 to 0.797 g");
    assertThat(cost(new Band(-797, -645, -437))).isEqualTo("0.645 g won, 0.437 to 0.797 g");
    assertThat(cost(new Band(-100, 120, 400))).startsWith("nothing can be seen yet");
    assertThat(SeasonWords.cost(FIGURES, cost(Habit.Kind.DAMP, "", Optional.empty())))
        .isEqualTo("nothing to compare with");
    assertThat(SeasonWords.counted(WORDS, cost(Habit.Kind.DAMP, "", Optional.empty())))
        .isEqualTo("7 of 21 steps");
  }

  private static String cost(Band band) {
    return SeasonWords.cost(FIGURES, cost(Habit.Kind.DIAL_HIGH, "charge", Optional.of(band)));
  }

  private static String did(Optional<Band> points) {
    return SeasonWords.did(
        WORDS, new ChangeEffect(CHANGE, Optional.of(0.8), Optional.of(0.87), 9, 8, points));
  }

  @Test
  void whatAChangeDidIsSaidBeforeAndAfter() {
    assertThat(did(Optional.of(new Band(0.03, 0.07, 0.1))))
        .isEqualTo("80.0 % in 9 steps before, 87.0 % in 8 after. 7 points more, 3 to 10.");
    assertThat(did(Optional.of(new Band(-0.1, -0.07, -0.03)))).contains("7 points less");
    assertThat(did(Optional.of(new Band(-0.09, 0.001, 0.05))))
        .endsWith("Nothing can be seen yet, −9 to 5 points.");
    assertThat(did(Optional.empty())).endsWith("Nothing can be compared yet.");
    assertThat(
            SeasonWords.did(
                WORDS,
                new ChangeEffect(
                    CHANGE, Optional.of(0.8), Optional.empty(), 9, 0, Optional.empty())))
        .isEqualTo("Nothing to compare yet: it takes steps before and after.");
    assertThat(SeasonWords.about(WORDS, CHANGE)).isEqualTo("magnet");
    assertThat(
            SeasonWords.about(
                WORDS, new Change("d", DAY, "x", Optional.empty(), Optional.of("long deck"))))
        .isEqualTo("long deck");
  }

  private static String slip(double received, OptionalDouble own) {
    Slip slip = new Slip("s", DAY, 10, received, 0.893, 800, List.of(), "");
    return SeasonWords.slip(
        WORDS, new SlipCheck(slip, received / 10 - 1, own, OptionalDouble.empty()));
  }

  @Test
  void aSlipIsHeldBesideOwnFigures() {
    assertThat(slip(9.94, OptionalDouble.of(0.9)))
        .isEqualTo("Weight −0.6 %: what melting usually costs. Fineness 893, by own figures 900");
    assertThat(slip(9.6, OptionalDouble.empty())).contains("more than melting usually costs");
    assertThat(slip(10.5, OptionalDouble.empty())).contains("One of the two scales is wrong");
  }

  private static SourceRate rate(String name, double usual, double factor) {
    return new SourceRate(
        name, 5, 1000, 10, new Band(usual / factor, usual, usual * factor), factor == 1);
  }

  @Test
  void theNextSourceIsSaidAsSurelyAsItIsKnown() {
    assertThat(SeasonText.nextSource(WORDS, List.of())).startsWith("No closed batch");
    assertThat(SeasonText.nextSource(WORDS, List.of(rate("the fan", 400, 1.2))))
        .isEqualTo("the fan is the only source so far.");
    assertThat(
            SeasonText.nextSource(
                WORDS, List.of(rate("the fan", 400, 1.1), rate("the bar", 200, 1.1))))
        .startsWith("Next week: the fan.");
    assertThat(
            SeasonText.nextSource(
                WORDS, List.of(rate("the fan", 400, 1.6), rate("the bar", 350, 1.6))))
        .isEqualTo("the fan leads, but the bar cannot be told from it yet.");
    assertThat(
            SeasonText.nextSource(WORDS, List.of(rate("the fan", 400, 1), rate("the bar", 100, 1))))
        .contains("cannot be told");
  }

  @Test
  void everyEditOfASeasonHasItsWords() {
    assertThat(SeasonWords.edit(WORDS, new SeasonEdit.TellSource(Source.named("the fan"))))
        .isEqualTo("what is told of the fan");
    assertThat(SeasonWords.edit(WORDS, new SeasonEdit.JoinSources("Fan", "the fan")))
        .isEqualTo("Fan read as the fan");
    assertThat(SeasonWords.edit(WORDS, new SeasonEdit.AddChange(CHANGE)))
        .isEqualTo("the change “three drops”");
    assertThat(SeasonWords.edit(WORDS, new SeasonEdit.DropSlip("s"))).isEqualTo("striking a slip");
    assertThat(SeasonWords.source(WORDS, "")).isEqualTo("source not written down");
    assertThat(SeasonWords.machine(WORDS, "VORTEX_BOWL"))
        .isEqualTo(WORDS.of("machine.VORTEX_BOWL"));
    assertThat(SeasonWords.machine(WORDS, "")).isEqualTo("magnet");
  }
}
