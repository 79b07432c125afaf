package jugulum.core.belief;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import jugulum.core.account.Account;
import jugulum.core.account.Worked;
import jugulum.core.advice.Advice;
import jugulum.core.day.Job;
import jugulum.core.day.Job.Work;
import jugulum.core.day.Jobs;
import jugulum.core.gold.GoldMemory;
import jugulum.core.ledger.Bench;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Machine.Kind;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Route;
import jugulum.core.machine.Gear;
import jugulum.core.mass.SandAccount;
import jugulum.core.plan.GoldExpected;
import jugulum.core.plan.Machines;
import jugulum.core.plan.PlanRequest;
import jugulum.core.plan.PlanRequest.ScreeningTime;
import jugulum.core.plan.PlanRequest.Surety;
import jugulum.core.plan.PlannedCut;
import jugulum.core.plan.Planner;
import jugulum.core.runs.PastRun;
import jugulum.core.shop.Shop;
import jugulum.core.sizes.GuessedSizes;
import jugulum.core.task.Routes;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * One lot, one answer: in made-up books of every kind the first way of a lot, its machine, minutes,
 * gold and money are the same at the lot, in a plan of it, in the day, in the stock and in What
 * next.
 */
@Tag("simulated")
class OneRuleTest {
  private static final Instant LONG_AGO = Instant.parse("2020-01-01T00:00:00Z");
  private static final Instant FAR_AHEAD = Instant.parse("2040-01-01T00:00:00Z");
  private static final String[][] STACKS = {
    {"20"}, {"30", "80"}, {"16", "30", "50", "100"}, {"20", "50", "100"}
  };
  private final Map<String, Integer> compared = new TreeMap<>();

  /** A batch worked half way by somebody who looks at some of it. */
  private static Bench batch(Random random) {
    Bench bench = Bench.started();
    if (random.nextBoolean()) {
      Route route = Routes.SHIPPED.get(random.nextInt(Routes.SHIPPED.size()));
      bench.does(new Edit.FollowRoute(Optional.of(route)));
    }
    bench.weighs(1, 1_000 + random.nextInt(40_000));
    look(bench, 1, random);
    if (random.nextInt(4) > 0) {
      done(bench.screens(1, STACKS[random.nextInt(STACKS.length)]));
      for (Lot cut : ends(bench)) {
        weigh(bench, cut, random);
        if (cut.material() == Material.CUT && random.nextBoolean()) {
          done(bench.magnet(cut.id().number()));
        }
      }
      for (Lot lot : ends(bench)) {
        if (lot.material() != Material.CUT) {
          weigh(bench, lot, random);
        }
        if (lot.material() == Material.NON_MAGNETICS && random.nextInt(3) == 0) {
          done(bench.table(lot.id().number(), Material.CONCENTRATE, Material.TAILINGS));
        }
      }
    }
    for (Lot lot : ends(bench)) {
      if (lot.material() == Material.CONCENTRATE || lot.material() == Material.TAILINGS) {
        weigh(bench, lot, random);
      }
      look(bench, lot.id().number(), random);
    }
    return bench;
  }

  private static List<Lot> ends(Bench bench) {
    return Network.of(bench.batch()).endLots().toList();
  }

  /** No more than its part of what it came from. */
  private static void weigh(Bench bench, Lot lot, Random random) {
    Network network = Network.of(bench.batch());
    SandAccount sand = SandAccount.of(network);
    double in =
        network
            .maker(lot.id())
            .map(step -> sand.mass(step.inputs().getFirst()))
            .filter(mass -> mass.isKnown())
            .map(mass -> mass.grams())
            .orElse(0.0);
    if (in > 20 && random.nextInt(8) > 0) {
      bench.weighs(lot.id().number(), in * random.nextDouble(0.01, 0.19));
    }
  }

  private static void look(Bench bench, int lot, Random random) {
    Network network = Network.of(bench.batch());
    double grams = SandAccount.of(network).mass(new LotId(lot)).grams();
    if (random.nextInt(3) == 0 && grams > 0) {
      double mg = grams * (random.nextBoolean() ? 0.01 : 0.5) * random.nextDouble();
      bench.measures(lot, new Measure.KnownGold(mg, 1 + mg / 5));
    }
  }

  private static Bench done(Bench bench) {
    return bench.does(new Edit.FinishStep(bench.batch().steps().getLast().id(), true));
  }

  private static Shop shop(Random random) {
    Shop shop = random.nextBoolean() ? Shop.USUAL.with(Lots.TERMS) : Shop.USUAL;
    for (Kind kind : List.of(Kind.SHAKER_TABLE, Kind.VORTEX_BOWL, Kind.RIFFLED_PAN)) {
      shop = random.nextBoolean() ? shop.with(Lots.gear("own " + kind, kind)) : shop;
    }
    return shop;
  }

  @ParameterizedTest
  @CsvSource({"1, 100", "2, 100", "3, 100"})
  void oneLotOneAnswer(long seed, int books) {
    Random random = new Random(seed);
    for (int book = 0; book < books; book++) {
      compare(Worked.of(batch(random).batch()), shop(random), "book " + seed + "." + book);
    }
    System.out.println("compared " + compared);
    assertThat(compared.keySet()).contains("list", "plan", "day", "stock", "next");
  }

  private void compare(Worked worked, Shop shop, String book) {
    Experience experience =
        new Experience(
            PastRun.of(worked.network(), worked.sand(), worked.gold()),
            List.of(),
            SeenLot.of(worked.network(), worked.sand(), worked.gold().lots()));
    Belief belief = new Belief(experience, shop);
    List<StockLot> standing = StockLot.of(worked.network(), worked.sand(), worked.gold());
    List<LotBelief> lots = belief.of(standing);
    assertThat(StockLot.of(worked.batch()))
        .as("what is kept of the batch is what the account tells, %s", book)
        .isEqualTo(standing);
    // Every room asks anew, as a window and a command do.
    List<LotBelief> stock = Stock.ranked(new Belief(experience, shop), StockLot.of(worked.batch()));
    List<Job> jobs = Jobs.of(worked, new Belief(experience, shop), LONG_AGO, FAR_AHEAD);
    Account account = worked.account(new GoldMemory(), new Belief(experience, shop));
    for (LotBelief lot : lots) {
      LotId id = lot.lot().lot();
      String where = book + " lot " + id.number();
      count("stock");
      assertThat(stock.stream().filter(one -> one.lot().lot().equals(id)).findFirst())
          .as(where)
          .contains(lot);
      lot.machine()
          .ifPresent(
              first -> {
                count("list");
                assertThat(belief.toChoose(lot, Gear.everyKind()).getFirst())
                    .as(where)
                    .isEqualTo(first);
                planned(worked, shop, experience, lot, first, where);
                inTheDay(jobs, lot, first, where);
              });
      next(account, lot, where);
    }
  }

  private void count(String room) {
    compared.merge(room, 1, Integer::sum);
  }

  /** A plan of the lot without a screen is that lot over a machine. */
  private void planned(
      Worked worked,
      Shop shop,
      Experience experience,
      LotBelief lot,
      MachineWay first,
      String where) {
    Sand sand = lot.lot().sand();
    if (sand.cut().passing().isEmpty() || sand.kind() != PastRun.Kind.FIRST) {
      return;
    }
    PlanRequest request =
        new PlanRequest(
            List.of(),
            sand.cut(),
            GuessedSizes.within(sand.cut()),
            sand.grams(),
            sand.conditions(),
            Machines.of(shop.gearCountedOn(), experience),
            new GoldExpected(
                lot.free().orElseThrow().gold().milligrams(),
                GuessedSizes.within(sand.cut()),
                lot.lot().fineness(),
                shop.terms()),
            1,
            Surety.USUAL,
            1,
            ScreeningTime.USUAL);
    PlannedCut cut = new Planner(request).of(List.of()).cuts().getFirst();
    PlannedCut.Run run = (PlannedCut.Run) cut.fate();
    // A plan of screens knows no route: it is the figures' own first.
    MachineWay byFigures = lot.machines().orElseThrow().better().orElse(first);
    if (sand.wish().isPresent() && !run.gear().equals(byFigures.gear())) {
      return;
    }
    count("plan");
    assertThat(run.gear()).as(where).isEqualTo(byFigures.gear());
    assertThat(run.minutes()).as(where).isCloseTo(byFigures.minutes(), within(1e-9));
    assertThat(run.handsMinutes()).as(where).isCloseTo(byFigures.handsMinutes(), within(1e-9));
    assertThat(MachineWay.mean(cut.won()))
        .as(where)
        .isCloseTo(byFigures.wonMg(), within(1e-6 + 1e-9 * byFigures.wonMg()));
  }

  private void inTheDay(List<Job> jobs, LotBelief lot, MachineWay first, String where) {
    jobs.stream()
        .filter(job -> job.lot().equals(Optional.of(lot.lot().lot())))
        .filter(job -> job.step().isEmpty() && job.work() instanceof Work.Run)
        .forEach(
            job -> {
              count("day");
              assertThat(((Work.Run) job.work()).gear()).as(where).isEqualTo(first.gear());
              // What a step under way makes is worth what went in.
              if (job.gold().from().equals(lot.lot().lot())) {
                count("gold of the day");
                assertThat(job.gold().milligrams())
                    .as(where)
                    .isEqualTo(lot.free().orElseThrow().gold().milligrams());
              }
              assertThat(job.sand().grams()).as(where).isEqualTo(lot.lot().sand().grams());
            });
  }

  private void next(Account account, LotBelief lot, String where) {
    List<Advice> advice =
        account.byMoney().stream()
            .filter(one -> one.lot().equals(lot.lot().lot()))
            .filter(one -> one.kind() != Advice.Kind.ASSAY && one.kind() != Advice.Kind.PASS)
            .toList();
    for (Advice one : advice) {
      if (one.machine().isPresent()) {
        count("next");
        MachineWay first = lot.machine().orElseThrow();
        assertThat(one.machine()).as(where).contains(first.gear().machine());
        assertThat(one.share()).as(where).isEqualTo(first.share().share());
        if (one.kind() != Advice.Kind.LOOK) {
          assertThat(one.minutes()).as(where).isEqualTo(first.minutes());
          assertThat(one.handsMinutes()).as(where).isEqualTo(first.handsMinutes());
          // Drawn there, by means here: they agree as well as 20,000 draws do.
          assertThat(one.won().orElseThrow().milligrams())
              .as(where)
              .isCloseTo(first.wonMg(), within(0.5 + 0.03 * first.wonMg()));
        }
      }
      if (one.kind() == Advice.Kind.RUN || one.kind() == Advice.Kind.RERUN) {
        assertThat(lot.first().orElseThrow().machine()).as(where).isPresent();
      }
    }
  }
}
