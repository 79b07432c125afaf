package jugulum.core.machine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import jugulum.core.check.Band;
import jugulum.core.check.OutOfRange;
import jugulum.core.ledger.Machine.Kind;
import jugulum.core.ledger.Process;
import jugulum.core.machine.Overnight.Against;
import jugulum.core.machine.Overnight.Morning;
import jugulum.core.screens.Cut;
import jugulum.core.screens.StandardScreens;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OvernightTest {
  private static Cut cut(String passing, String retained) {
    return new Cut(StandardScreens.numbered(passing), StandardScreens.numbered(retained));
  }

  /** 300 g, of which 22 g left in an hour: in ten hours 160 g, slowing, to 220 g. */
  @Test
  void whatLeavesSlowsDownOrDoesNot() {
    Band out = Overnight.leaves(300, 22, 1, 10);
    assertThat(out.low()).isCloseTo(160, within(0.5));
    assertThat(out.high()).isCloseTo(220, within(1e-9));
    assertThat(Overnight.leaves(300, 22, 1, 1).high()).isCloseTo(22, within(1e-9));
    assertThat(Overnight.leaves(300, 60, 1, 10))
        .as("no more than all")
        .satisfies(all -> assertThat(all.high()).isEqualTo(300));
    Band sooner = Overnight.leaves(300, 22, 1, 0.5);
    assertThat(sooner.low()).isLessThanOrEqualTo(sooner.usual());
    assertThat(sooner.usual()).isLessThanOrEqualTo(sooner.high());
  }

  @Test
  void moreLeftThanThereWasIsRefused() {
    assertThatThrownBy(() -> Overnight.leaves(300, 301, 1, 10)).isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> Overnight.leaves(300, Double.NaN, 1, 10))
        .isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> Overnight.leaves(300, 20, 0, 10)).isInstanceOf(OutOfRange.class);
  }

  @Test
  void oneChargeOfATightFineCutIsFit() {
    assertThat(Overnight.against(cut("50", "80"), 280)).isEmpty();
    assertThat(Overnight.against(cut("100", ""), 280)).as("nothing below to speak of").isEmpty();
    assertThat(Overnight.against(cut("50", "80"), 301)).containsExactly(Against.TOO_MUCH);
    assertThat(Overnight.against(cut("20", "30"), 280)).containsExactly(Against.TOO_COARSE);
    assertThat(Overnight.against(cut("30", "80"), 280)).containsExactly(Against.TOO_WIDE);
    assertThat(Overnight.against(Cut.ALL, 2000))
        .containsExactly(Against.TOO_MUCH, Against.TOO_COARSE, Against.TOO_WIDE);
  }

  @ParameterizedTest
  @CsvSource({
    "300, 120, 0, RIGHT",
    "300, 290, 0, HARDLY_MOVED",
    "300, 120, 2, SPECKS",
    "300, 290, 1, SPECKS",
    "300, 310, 0, HARDLY_MOVED"
  })
  void theMorningSaysWhatToChange(double charge, double left, int specks, Morning says) {
    assertThat(Overnight.morning(charge, left, specks)).isEqualTo(says);
  }

  @Test
  void aNightHasChecksOfItsOwn() {
    Sheet bowl = Sheets.of(Kind.VORTEX_BOWL);
    assertThat(Overnight.checks(bowl, new Process.Merging())).isEqualTo(bowl.checks());
    List<String> night = Overnight.checks(bowl, RunLogTest.overnight(Kind.VORTEX_BOWL));
    assertThat(night).containsAll(bowl.checks()).contains("night-cut-out", "night-tray");
  }
}
