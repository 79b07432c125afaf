package jugulum.desk.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import jugulum.core.account.Account;
import jugulum.core.advice.Advice;
import jugulum.core.advice.Advice.Kind;
import jugulum.core.belief.Belief;
import jugulum.core.belief.Experience;
import jugulum.core.gold.GoldAccount;
import jugulum.core.gold.GoldMemory;
import jugulum.core.gold.Recovery;
import jugulum.core.gold.Recovery.Against;
import jugulum.core.ledger.Bench;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Measure.GoldWeight;
import jugulum.core.ledger.Measure.KnownGold;
import jugulum.core.ledger.Measure.SandWeight;
import jugulum.core.ledger.Measure.SpeckCount;
import jugulum.core.ledger.Network;
import jugulum.core.mass.SandAccount;
import jugulum.core.mass.SandBalance.Misfit;
import jugulum.core.shop.Fees;
import jugulum.core.shop.Shop;
import jugulum.core.shop.Terms;
import jugulum.core.units.MassUnit;
import org.junit.jupiter.api.Test;

/** At every edge of the account a sentence that is true. */
class AccountWordsTest {
  private static final Figures GRAMS = new Figures(MassUnit.GRAM, English.WORDS);
  private static final Terms TERMS =
      new Terms(
          100,
          0.95,
          20,
          6,
          "€",
          LocalDate.of(2026, 3, 1),
          Optional.of(new Fees(2, 18, 200, 90, 35, 4, 0.8)));

  private static Account of(Bench bench, Shop shop) {
    Network network = Network.of(bench.batch());
    SandAccount sand = SandAccount.of(network);
    GoldMemory memory = new GoldMemory();
    GoldAccount gold = GoldAccount.of(network, sand, memory);
    return Account.of(network, sand, gold, memory, new Belief(Experience.NONE, shop));
  }

  private static Account of(Bench bench) {
    return of(bench, Shop.USUAL.with(TERMS));
  }

  /** Lots 2 concentrate, 3 tailings, 4 gold, 5 residue. */
  private static Bench finished() {
    return Bench.started()
        .weighs(1, 10_000)
        .table(1, Material.CONCENTRATE, Material.TAILINGS)
        .weighs(2, 200)
        .weighs(3, 9_790)
        .finishes(2);
  }

  private static String rests(Bench bench, Against against) {
    GoldAccount gold = of(bench).gold();
    return RecoveryWords.rests(gold.recovery(against).orElseThrow(), gold, GRAMS);
  }

  @Test
  void lotsNobodyLookedAtAreCountedBesideTheShare() {
    assertThat(rests(finished().measures(4, new GoldWeight(1, 0.001)), Against.FOUND))
        .contains("2 lots were not looked at");
    assertThat(
            rests(
                finished().measures(4, new GoldWeight(1, 0.001)).measures(3, new KnownGold(5, 1)),
                Against.FOUND))
        .contains("One lot was not looked at");
  }

  @Test
  void moreGoldThanTheHeadTellsIsSaid() {
    Bench surely =
        finished().measures(4, new GoldWeight(2, 0.001)).measures(1, new KnownGold(1_000, 10));
    assertThat(rests(surely, Against.HEAD)).contains("the head was taken too low");
    Bench perhaps =
        finished().measures(4, new GoldWeight(2, 0.001)).measures(1, new KnownGold(1_900, 300));
    assertThat(rests(perhaps, Against.HEAD)).contains("within its range both can be right");
  }

  @Test
  void nothingWonNothingAnywhereAndEverythingWonAreToldApart() {
    Bench nothingWon =
        finished()
            .measures(4, new GoldWeight(0, 0))
            .measures(3, new KnownGold(50, 0))
            .measures(5, new KnownGold(0, 0));
    assertThat(rests(nothingWon, Against.FOUND)).contains("nothing of what was found is won");
    Bench nowhere =
        finished()
            .measures(4, new GoldWeight(0, 0))
            .measures(3, new KnownGold(0, 0))
            .measures(5, new KnownGold(0, 0));
    assertThat(rests(nowhere, Against.FOUND)).contains("No gold was found anywhere");
    Bench all =
        finished()
            .measures(4, new GoldWeight(1, 0))
            .measures(3, new KnownGold(0, 0))
            .measures(5, new KnownGold(0, 0));
    assertThat(rests(all, Against.FOUND)).contains("Every lot set aside was found without gold");
    Bench exact =
        finished()
            .measures(4, new KnownGold(75, 0))
            .measures(3, new KnownGold(25, 0))
            .measures(5, new KnownGold(0, 0));
    assertThat(rests(exact, Against.FOUND)).contains("there is no range");
  }

  @Test
  void howFarARangeIsSettledIsSaidAndNothingWhereThereIsNone() {
    Bench bench =
        finished()
            .measures(4, new GoldWeight(3, 0.001))
            .measures(3, new SpeckCount(4, 0.05))
            .measures(5, new SpeckCount(0, 1));
    assertThat(RecoveryWords.settled(English.WORDS, of(bench).gold().recoveries().getFirst()))
        .matches("Drawn anew, .* ± 0\\.\\d\\d points, \\d\\.\\d % of its width\\.");
    assertThat(
            RecoveryWords.settled(
                English.WORDS,
                new Recovery(
                    Recovery.Of.FREE, Against.FOUND, 0.5, 0.5, 0.5, 0, List.of(), List.of())))
        .isEmpty();
    assertThat(
            RecoveryWords.settled(
                English.WORDS,
                new Recovery(
                    Recovery.Of.FREE, Against.FOUND, 0.5, 0.4, 0.6, 0.05, List.of(), List.of())))
        .contains("not settled");
  }

  @Test
  void goldIsWrittenInEveryUnit() {
    assertThat(RecoveryWords.everyUnit(English.WORDS, 3_110.34768))
        .isEqualTo("3.110 g · 48.00 gr · 2.000 dwt · 0.1000 ozt");
  }

  @Test
  void weightsThatCheckNothingFitOrDoNot() {
    assertThat(MisfitWords.test(English.WORDS, of(Bench.started().weighs(1, 5_000)).balance()))
        .contains("No weight checks another yet");
    assertThat(MisfitWords.test(English.WORDS, of(finished()).balance()))
        .startsWith("The weights fit together: 1 sum to meet");
    assertThat(
            MisfitWords.test(
                English.WORDS,
                of(Bench.started()
                        .weighs(1, 10_000)
                        .screens(1, "30")
                        .weighs(2, 4_000)
                        .weighs(3, 5_000))
                    .balance()))
        .startsWith("The weights do not fit together");
  }

  private static Bench cuts(double first, double second, double magnetics, double rest) {
    Bench bench = Bench.started().weighs(1, 20_000).screens(1, "30").magnet(2);
    return bench
        .weighs(2, first)
        .weighs(3, second)
        .measures(4, new SandWeight(magnetics, 0, 0, 10))
        .weighs(5, rest);
  }

  @Test
  void aWeightThatDoesNotFitIsNamedWithWhatItShouldBe() {
    Account account = of(cuts(12_900, 8_000, 7_000, 4_960));
    Misfit misfit = account.balance().misfits().getFirst();
    assertThat(MisfitWords.title(English.WORDS, misfit, account.network()))
        .isEqualTo("The weight of +30 does not fit.");
    String text = MisfitWords.text(misfit, account.balance(), account.network(), List.of(), GRAMS);
    assertThat(text)
        .contains(
            "+30: 12.90 kg was read, the others say 11.9",
            "It was run on and cannot be weighed again");
  }

  @Test
  void oneOfSeveralIsNamedWithTheWeighingThatSettlesItTheSlipAndTheLoss() {
    Account over = of(cuts(12_000, 8_000, 7_000 + 640, 4_960));
    Misfit misfit = over.balance().misfits().getFirst();
    assertThat(MisfitWords.title(English.WORDS, misfit, over.network()))
        .contains("One of these weights does not fit", "magnetics +30");
    assertThat(MisfitWords.text(misfit, over.balance(), over.network(), List.of(640.0), GRAMS))
        .contains(
            "Was the container not taken off?",
            "Weigh magnetics +30 again: that settles it, or clears it.")
        .doesNotContain("lost");
    Account under = of(cuts(12_000, 8_000, 6_400, 4_960));
    Misfit missing = under.balance().misfits().getFirst();
    assertThat(MisfitWords.text(missing, under.balance(), under.network(), List.of(), GRAMS))
        .contains("Or sand was lost: Magnet: +30");
  }

  @Test
  void adviceShowsItsSumsAndTheChance() {
    Account account =
        of(
            finished()
                .measures(3, new KnownGold(2_000, 50))
                .measures(4, new GoldWeight(1, 0.001))
                .measures(5, new KnownGold(1, 0)));
    Advice rerun = account.byMoney().getFirst();
    assertThat(AdviceWords.title(English.WORDS, rerun, account))
        .startsWith("Run tailings again, over the ")
        .endsWith(".");
    assertThat(AdviceWords.sums(rerun, account, GRAMS))
        .contains(
            "About 2.000 g of free gold is in there",
            "Common practice wins",
            "That brings",
            "at the bench cost",
            "is left",
            "Chance that it pays: over 99 %.");
    Advice leave = account.byMoney().getLast();
    assertThat(leave.lot()).isEqualTo(new LotId(5));
    assertThat(AdviceWords.title(English.WORDS, leave, account))
        .isEqualTo("Finish residue: leave it.");
    assertThat(AdviceWords.nothingPays(English.WORDS, account)).isEmpty();
    assertThat(AdviceWords.terms(English.WORDS, account))
        .contains("100.00 €", "95.0 %", "2.00 €", "1 Mar 2026");
  }

  @Test
  void whatNobodyLookedAtIsLookedAtAndWhatWaitsGoesOn() {
    Account account =
        of(
            Bench.started()
                .weighs(1, 10_000)
                .table(1, Material.CONCENTRATE, Material.TAILINGS)
                .weighs(2, 200)
                .weighs(3, 9_790),
            Shop.USUAL);
    assertThat(account.byMoney()).extracting(Advice::kind).containsExactly(Kind.GO_ON, Kind.LOOK);
    assertThat(AdviceWords.title(English.WORDS, account.byMoney().getFirst(), account))
        .isEqualTo("Go on with concentrate.");
    assertThat(AdviceWords.sums(account.byMoney().getLast(), account, GRAMS))
        .contains("Nobody looked", "by common practice alone", "min");
    assertThat(AdviceWords.terms(English.WORDS, account)).contains("under Shop");
  }

  @Test
  void thatNothingPaysIsSaid() {
    Account account =
        of(
            finished()
                .measures(3, new KnownGold(5, 1))
                .measures(4, new GoldWeight(1, 0.001))
                .measures(5, new KnownGold(1, 0)));
    assertThat(AdviceWords.nothingPays(English.WORDS, account))
        .contains("None of the 2 lots that are left pays; the nearest to it is told first.");
    assertThat(AdviceWords.sums(account.byMoney().getFirst(), account, GRAMS))
        .startsWith("The best one could do: ");
  }

  @Test
  void smeltsAndAssaysAreToldWithWhatBecameOfVisibleGold() {
    Measure.VisibleGold before =
        new Measure.VisibleGold(Measure.VisibleGold.State.TAKEN_BEFORE, 2.5);
    assertThat(
            Sentences.measure(
                new Measure.Assay(31, 0.1, 500, Optional.empty(), Optional.of(before)), GRAMS))
        .contains("31 g/t", "2.50 mg visible gold taken out before");
    Measure.VisibleGold left = new Measure.VisibleGold(Measure.VisibleGold.State.LEFT_IN, 0);
    assertThat(Sentences.visible(left, GRAMS))
        .isEqualTo("visible gold left in: free and hidden together");
  }
}
