package jugulum.core.passes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.DoubleStream;
import jugulum.core.check.OutOfRange;
import jugulum.core.passes.Removal.State;
import jugulum.core.simulated.Coverage;
import jugulum.core.specks.Speck;
import org.hipparchus.random.RandomDataGenerator;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class RemovalTest {
  /** Computed independently with another language's numerical library from the likelihood. */
  @Test
  void threePassesThatFall() {
    Removal removal = Removal.of(List.of(77, 50, 37));
    assertThat(removal.state()).isEqualTo(State.DECLINING);
    assertThat(removal.estimate().getAsDouble()).isCloseTo(265.995, within(0.02));
    assertThat(removal.share().getAsDouble()).isCloseTo(0.27610, within(0.0001));
    assertThat(removal.nextCatch().getAsDouble()).isCloseTo(25.0477, within(0.01));
    assertThat(removal.low()).isCloseTo(201.085, within(0.02));
    assertThat(removal.high().getAsDouble()).isCloseTo(854.398, within(1.0));
  }

  @Test
  void whatIsLeftAndWhatTheNextPassFrees() {
    Removal removal = Removal.of(List.of(46, 21, 9));
    assertThat(removal.state()).isEqualTo(State.DECLINING);
    assertThat(removal.estimate().getAsDouble()).isCloseTo(84.529, within(0.01));
    assertThat(removal.left().getAsDouble()).isCloseTo(8.529, within(0.01));
    assertThat(removal.nextCatch().getAsDouble()).isCloseTo(4.0489, within(0.005));
    assertThat(removal.low()).isCloseTo(76.981, within(0.02));
    assertThat(removal.high().getAsDouble()).isCloseTo(110.967, within(0.1));
  }

  /**
   * C. Zippin, Journal of Wildlife Management 22 (1958), from memory: read off his chart as about
   * 400, all being alike. That some may be harder to get makes it a little more.
   */
  @Test
  void zippinsOwnExample() {
    Removal removal = Removal.of(List.of(165, 101, 54));
    assertThat(removal.estimate().getAsDouble())
        .isCloseTo(414.831, within(0.05))
        .isBetween(400.0, 440.0);
    assertThat(removal.high().getAsDouble()).isCloseTo(576.542, within(0.5));
  }

  @Test
  void catchesThatDoNotFallHaveNoUpperEnd() {
    Removal removal = Removal.of(List.of(10, 12, 9));
    assertThat(removal.state()).isEqualTo(State.NOT_DECLINING);
    assertThat(removal.high()).isEmpty();
    assertThat(Removal.of(List.of(3, 9, 20)).estimate()).isEmpty();
  }

  @Test
  void allInTheFirstPassLeavesNothing() {
    Removal removal = Removal.of(List.of(30, 0, 0));
    assertThat(removal.left().getAsDouble()).isCloseTo(0, within(1e-6));
    assertThat(removal.share().getAsDouble()).isCloseTo(1, within(1e-6));
    assertThat(removal.low()).isEqualTo(30);
  }

  @Test
  void tooLittleToTell() {
    assertThat(Removal.of(List.of(46)).state()).isEqualTo(State.TOO_FEW_PASSES);
    assertThat(Removal.of(List.of()).state()).isEqualTo(State.TOO_FEW_PASSES);
    assertThat(Removal.of(List.of(0, 0)).state()).isEqualTo(State.NOTHING_CAUGHT);
    assertThatThrownBy(() -> Removal.of(List.of(4, -1))).isInstanceOf(OutOfRange.class);
  }

  @Test
  void weighedCatchesCountInMeanSpecksAndNeedNotBeWhole() {
    Removal whole = Removal.of(List.of(46, 21, 9));
    Removal nearly = Removal.of(List.of(46.0, 21.0, 9.0));
    assertThat(nearly).isEqualTo(whole);
    Removal between = Removal.of(List.of(46.4, 21.2, 9.1));
    assertThat(between.estimate().getAsDouble())
        .isBetween(
            whole.estimate().getAsDouble(),
            Removal.of(List.of(47, 22, 10)).estimate().getAsDouble());
    assertThat(between.high().getAsDouble()).isCloseTo(whole.high().getAsDouble(), within(2.0));
    assertThat(Removal.of(List.of(0.3, 0.2, 0.1)).low()).isEqualTo(0.6, within(1e-9));
  }

  /**
   * Three to six passes; few specks and many; weak magnets and strong ones; specks alike or not.
   */
  @Tag("simulated")
  @ParameterizedTest
  @ValueSource(doubles = {0, 0.05, 0.1})
  void theRangeHoldsTheTruthAsOftenAsItSays(double unlike) {
    Random random = new Random(20_261_125);
    Coverage.upTo(0.99, "passes, specks unlike by " + unlike, LADDERS)
        .asking(
            () -> {
              int truth = 40 + random.nextInt(400);
              double share = 0.3 + 0.4 * random.nextDouble();
              Removal removal =
                  Removal.of(unlikeCatches(random, truth, share, unlike, 3 + random.nextInt(4)));
              return removal.low() <= truth
                  && removal.high().orElse(Double.POSITIVE_INFINITY) >= truth;
            });
  }

  /** Each speck has a share of its own by which a pass frees it, beta-distributed. */
  private static List<Integer> unlikeCatches(
      Random random, int truth, double share, double unlike, int passes) {
    if (unlike == 0) {
      return catches(random, truth, share, passes);
    }
    RandomDataGenerator shares = new RandomDataGenerator(random.nextLong());
    double[] left =
        DoubleStream.generate(() -> shares.nextBeta(share / unlike, (1 - share) / unlike))
            .limit(truth)
            .toArray();
    List<Integer> catches = new ArrayList<>();
    for (int pass = 0; pass < passes; pass++) {
      double[] stay = DoubleStream.of(left).filter(each -> random.nextDouble() >= each).toArray();
      catches.add(left.length - stay.length);
      left = stay;
    }
    return catches;
  }

  private static final int LADDERS = 2_000;

  private static List<Integer> catches(Random random, int truth, double share, int passes) {
    List<Integer> catches = new ArrayList<>();
    int left = truth;
    for (int pass = 0; pass < passes; pass++) {
      int caught = 0;
      for (int speck = 0; speck < left; speck++) {
        caught += random.nextDouble() < share ? 1 : 0;
      }
      left -= caught;
      catches.add(caught);
    }
    return catches;
  }

  /**
   * Of simulated ladders whose catches were 46, 21, 9 or nearly so, one more pass is simulated too.
   */
  @Test
  void theNextCatchIsSpreadAsSimulatedOnesAre() {
    NextCatch next = NextCatch.after(List.of(46, 21, 9));
    Random random = new Random(7);
    int like = 0;
    int three = 0;
    for (int i = 0; i < 200_000 && like < 3_000; i++) {
      double left = Math.expm1(random.nextDouble() * Math.log1p(150));
      List<Integer> catches =
          unlikeCatches(
              random,
              76 + (int) Math.round(left),
              0.2 + 0.6 * random.nextDouble(),
              -0.1 * Math.log(random.nextDouble()),
              4);
      boolean alike =
          Math.abs(catches.get(0) - 46) <= 3
              && Math.abs(catches.get(1) - 21) <= 3
              && Math.abs(catches.get(2) - 9) <= 2;
      like += alike ? 1 : 0;
      three += alike && catches.get(3) >= 3 ? 1 : 0;
    }
    assertThat(like).isGreaterThan(250);
    // Each number left counts with its likeliest share, which lets the catch seem a little surer.
    assertThat(next.chanceOf(3)).isCloseTo((double) three / like, within(0.16));
    assertThat(next.chanceOf(0)).isCloseTo(1, within(1e-9));
    assertThat(next.chanceOf(40)).isLessThan(0.01);
    assertThat(next.chanceOfMass(0, new Speck(0.03, 0.3, 0.2, true))).isEqualTo(1);
    assertThat(next.chanceOfMass(0.03 * 2.5, new Speck(0.03, 0, 0.2, true)))
        .as("three specks of one mass each, give or take their flatness")
        .isCloseTo(next.chanceOf(3), within(0.12));
  }
}
