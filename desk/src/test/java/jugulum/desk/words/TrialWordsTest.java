package jugulum.desk.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.stream.Stream;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.screens.Cut;
import jugulum.core.screens.StandardScreens;
import jugulum.core.trial.Contender;
import jugulum.core.trial.Found;
import jugulum.core.trial.Spike;
import jugulum.core.trial.Trial;
import jugulum.core.trial.TrialEdit;
import jugulum.core.trial.TrialId;
import jugulum.core.trial.TrialLine.Basis;
import jugulum.core.trial.TrialPlan;
import jugulum.core.trial.TrialPlan.Stuff;
import jugulum.core.trial.TrialResult;
import jugulum.core.trial.TrialResult.Finding;
import jugulum.core.trial.TrialRun;
import jugulum.core.units.MassUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class TrialWordsTest {
  private static final Words WORDS = English.WORDS;
  private static final Figures GRAMS = new Figures(MassUnit.GRAM, WORDS);
  private static final Cut COARSE = cut("30", "50");
  private static final Cut FINE = cut("50", "100");
  private static final TrialId ID = new TrialId(new UUID(0, 15));

  private final List<TrialRun> runs = new ArrayList<>();

  private static Cut cut(String passing, String retained) {
    return new Cut(StandardScreens.numbered(passing), StandardScreens.numbered(retained));
  }

  private static Contender named(String name) {
    return new Contender(new Machine(Machine.Kind.VORTEX_BOWL, name), "", Map.of(), "");
  }

  private static TrialPlan plan(String... machines) {
    return new TrialPlan(
        Stuff.GOLD,
        Stream.of(machines).map(TrialWordsTest::named).toList(),
        List.of(COARSE, FINE),
        100,
        List.of());
  }

  private void run(int contender, int coarse, int fine) {
    runs.add(
        new TrialRun(
            runs.size() + 1,
            contender,
            1_000,
            List.of(Spike.counted(COARSE, 100), Spike.counted(FINE, 100)),
            List.of(
                Found.counted(Material.CONCENTRATE, COARSE, coarse),
                Found.counted(Material.TAILINGS, COARSE, 100 - coarse),
                Found.counted(Material.CONCENTRATE, FINE, fine),
                Found.counted(Material.TAILINGS, FINE, 100 - fine)),
            Optional.empty(),
            Instant.EPOCH,
            Optional.empty()));
  }

  private TrialWords.Answer answer(String... machines) {
    Trial trial = new Trial(ID, "x", Optional.empty(), plan(machines), runs, List.of(), false);
    return TrialWords.answer(WORDS, trial, TrialResult.of(trial));
  }

  @Test
  void nothingLookedForIsSaid() {
    assertThat(answer("left", "right").sentence()).isEqualTo("Nothing has been looked for yet.");
  }

  @Test
  void oneMachineAloneTellsItsRecovery() {
    run(0, 98, 90);
    TrialWords.Answer said = answer("left");
    assertThat(said.sentence()).isEqualTo("Left wins of −50 +100:");
    assertThat(said.figure()).isEqualTo("90 %");
    assertThat(said.range()).isEqualTo("78 to 98 %");
    assertThat(said.rest()).containsExactly("−30 +50: 98 %, 90 to 100 %.");
  }

  /** Three runs of each, which agree: 270 of 300 against 210 of 300. */
  @Test
  void theClearestDifferenceIsTheAnswer() {
    for (int off : List.of(-1, 0, 1)) {
      run(0, 98, 70 + off);
      run(1, 98, 90 - off);
    }
    TrialWords.Answer said = answer("left", "right");
    assertThat(said.sentence()).isEqualTo("Right wins more of −50 +100:");
    assertThat(said.figure()).isEqualTo("20 points more");
    assertThat(said.range()).isEqualTo("13 to 27, surely more than nothing");
    assertThat(said.rest())
        .containsExactly(
            "Alike: −30 +50.",
            "Compared were 2 pairs; where none differ, any one is told apart in 5 of 100 trials at"
                + " most.");
  }

  @Test
  void aSecondDifferenceIsSaidBesideIt() {
    run(0, 99, 92);
    run(1, 70, 50);
    TrialWords.Answer said = answer("left", "right");
    assertThat(said.sentence()).isEqualTo("Left wins more of −50 +100:");
    assertThat(said.rest()).hasSize(2);
    assertThat(said.rest().getFirst()).startsWith("−30 +50: left wins 29 points more, ");
  }

  @Test
  void whatIsOpenSaysHowManySpecksWouldSettleIt() {
    run(0, 97, 90);
    run(1, 95, 84);
    TrialWords.Answer said = answer("left", "right");
    assertThat(said.sentence()).startsWith("Not settled yet which wins more of ");
    assertThat(said.figure()).matches("\\d+ more specks");
    assertThat(said.rest()).hasSize(1);
  }

  @Test
  void machinesThatDoAlikeAreCalledAlike() {
    for (int i = 0; i < 6; i++) {
      run(0, 99, 97);
      run(1, 99, 97);
    }
    TrialWords.Answer said = answer("left", "right");
    assertThat(said.sentence()).isEqualTo("They do alike.");
    assertThat(said.rest()).singleElement().asString().contains("less than 5 points");
  }

  @Test
  void ofThreeThePairIsNamed() {
    run(0, 98, 90);
    run(1, 98, 60);
    run(2, 97, 88);
    assertThat(answer("left", "right", "third").rest())
        .anySatisfy(text -> assertThat(text).startsWith("−50 +100 (left, third) is not settled"));
  }

  static Stream<TrialEdit> edits() {
    TrialPlan plan = plan("left");
    return Stream.of(
        new TrialEdit.Begin(ID, "Grooves", plan),
        new TrialEdit.TakeOver(
            new Trial(ID, "x", Optional.of("them"), plan, List.of(), List.of(), true)),
        new TrialEdit.Rename("y"),
        new TrialEdit.Replan(plan),
        new TrialEdit.Run(0, 100, List.of()),
        new TrialEdit.Run(0, 100, List.of(Spike.counted(FINE, 5))),
        new TrialEdit.Find(1, List.of()),
        new TrialEdit.StrikeRun(1, "askew"),
        new TrialEdit.AddNote("cold"),
        new TrialEdit.Close(true),
        new TrialEdit.Close(false));
  }

  @ParameterizedTest
  @MethodSource("edits")
  void everyEditHasAName(TrialEdit edit) {
    assertThat(TrialWords.edit(WORDS, edit)).isNotBlank().doesNotContain("{");
  }

  @Test
  void everyKindOfEditWasAsked() {
    assertThat(edits().map(Object::getClass).distinct())
        .hasSize(TrialEdit.class.getPermittedSubclasses().length);
  }

  static Stream<Finding> findings() {
    return Stream.of(
        new Finding.TooMuch(0, FINE, Basis.COUNTED, 3, OptionalDouble.empty()),
        new Finding.TooMuch(0, FINE, Basis.COUNTED, 3, OptionalDouble.of(0.03)),
        new Finding.TooMuch(0, FINE, Basis.WEIGHED, 3, OptionalDouble.of(1e-9)),
        new Finding.FewRuns(0, FINE),
        new Finding.NoneFound(0, FINE),
        new Finding.AllFound(0, FINE),
        new Finding.Scattered(0, FINE, 0.01),
        new Finding.TooLight(0, FINE, 3, 1),
        new Finding.Missing(0, FINE, Basis.WEIGHED, 2.5),
        new Finding.Missing(0, FINE, Basis.COUNTED, 7));
  }

  @ParameterizedTest
  @MethodSource("findings")
  void everyFindingIsASentence(Finding finding) {
    assertThat(TrialWords.finding(GRAMS, finding))
        .endsWith(".")
        .doesNotContain("{")
        .matches("[A-Z0-9].*");
  }

  @Test
  void everyKindOfFindingWasAsked() {
    assertThat(findings().map(Object::getClass).distinct())
        .hasSize(Finding.class.getPermittedSubclasses().length);
  }

  @Test
  void chancesAreTold() {
    assertThat(TrialWords.finding(GRAMS, findings().toList().get(1)))
        .contains("3 specks more", "3.0 %");
    assertThat(TrialWords.finding(GRAMS, findings().toList().get(2)))
        .contains("3.00 mg more", "less than 0.1 %");
  }
}
