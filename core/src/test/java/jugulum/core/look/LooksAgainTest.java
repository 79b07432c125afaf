package jugulum.core.look;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Optional;
import jugulum.core.belief.Pace;
import jugulum.core.belief.Value;
import jugulum.core.look.LookWeighed.Says;
import jugulum.core.shop.Terms;
import jugulum.core.specks.PoissonRange;
import org.apache.commons.rng.UniformRandomProvider;
import org.apache.commons.rng.sampling.distribution.AhrensDieterMarsagliaTsangGammaSampler;
import org.apache.commons.rng.sampling.distribution.PoissonSampler;
import org.apache.commons.rng.simple.RandomSource;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/**
 * Somebody pans and looks, and looks again until it is said what to do, or twelve times. How often
 * is what is said wrong, where the truth lies just beside what the act pays from: nowhere is it
 * wrong more often.
 */
@Tag("simulated")
class LooksAgainTest {
  private static final int PEOPLE = 4000;
  private static final int MOST_LOOKS = 12;
  private static final Stakes STAKES =
      new Stakes(
          new Value(Optional.of(new Terms(80, 1, 22, 6, "", LocalDate.of(2026, 11, 1))), 0.9),
          0.243,
          30,
          20,
          new Pace(20, 15, 0.2, 0, 0.5));

  private final UniformRandomProvider random = RandomSource.XO_SHI_RO_256_PP.create(30);

  /** How specks come with the sand that is panned. */
  private interface Sand {
    int specks(double grams);
  }

  private Sand even(double perKg) {
    return grams -> PoissonSampler.of(random, perKg * grams / 1000).sample();
  }

  /** Every sample was caught at another moment, and the loss goes up and down by so much. */
  private Sand wandering(double perKg, double relativeSd) {
    double shape = 1 / relativeSd / relativeSd;
    return grams -> {
      double now = AhrensDieterMarsagliaTsangGammaSampler.of(random, shape, perKg / shape).sample();
      double expected = now * grams / 1000;
      return expected > 1e-9 ? PoissonSampler.of(random, expected).sample() : 0;
    };
  }

  private Says says(Sand sand) {
    Seen seen = Seen.NOTHING;
    for (int look = 0; look < MOST_LOOKS; look++) {
      double grams = 20 + 60 * random.nextDouble();
      seen = seen.and(grams, sand.specks(grams));
      Says says = ofSlow(seen);
      if (says != Says.PAN_ON) {
        return says;
      }
    }
    return Says.PAN_ON;
  }

  private static Says ofSlow(Seen seen) {
    return LookWeighed.of(STAKES, seen).options().stream()
        .filter(one -> one.act() == Act.SLOW)
        .findFirst()
        .orElseThrow()
        .says();
  }

  private double wrong(Sand sand, Says what) {
    int all = 0;
    for (int i = 0; i < PEOPLE; i++) {
      all += says(sand) == what ? 1 : 0;
    }
    return (double) all / PEOPLE;
  }

  private static double from() {
    return STAKES.paysFrom(Act.SLOW).orElseThrow();
  }

  @Test
  void whatDoesNotPayIsAdvisedInLessThanFiveOfAHundred() {
    assertThat(wrong(even(from() * 0.999), Says.ACT)).isLessThan(0.05);
  }

  @Test
  void whatPaysIsLeftInLessThanFiveOfAHundred() {
    assertThat(wrong(even(from() * 1.001), Says.LEAVE)).isLessThan(0.05);
  }

  /** What a range that does not know of the looks before would do. */
  @Test
  void withoutMindingTheLooksItWouldBeMore() {
    int naive = 0;
    for (int i = 0; i < PEOPLE; i++) {
      Sand sand = even(from() * 0.999);
      double grams = 0;
      int specks = 0;
      boolean isSaid = false;
      for (int look = 0; look < MOST_LOOKS && !isSaid; look++) {
        double more = 20 + 60 * random.nextDouble();
        grams += more;
        specks += sand.specks(more);
        PoissonRange range = PoissonRange.of(specks, 0.95);
        boolean acts = range.low() > from() * grams / 1000;
        naive += acts ? 1 : 0;
        isSaid = acts || range.high() < from() * grams / 1000;
      }
    }
    assertThat((double) naive / PEOPLE).isGreaterThan(0.05);
  }

  /** Where the loss itself goes up and down by a third from sample to sample. */
  @Test
  void aLossThatWandersIsStillMostlyToldRight() {
    double acts = wrong(wandering(from() * 0.999, 0.33), Says.ACT);
    double leaves = wrong(wandering(from() * 1.001, 0.33), Says.LEAVE);
    System.out.println("wandering: act " + acts + ", leave " + leaves);
    assertThat(Math.max(acts, leaves)).isLessThan(0.1);
  }

  /** And it does get said, where the truth is well to one side. */
  @Test
  void whatIsClearIsSaid() {
    assertThat(wrong(even(from() * 3), Says.ACT)).isGreaterThan(0.9);
    assertThat(wrong(even(from() / 4), Says.LEAVE)).isGreaterThan(0.9);
  }
}
