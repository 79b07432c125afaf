package jugulum.core.day;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import jugulum.core.account.Worked;
import jugulum.core.belief.Belief;
import jugulum.core.belief.Kin;
import jugulum.core.belief.LotBelief;
import jugulum.core.belief.MachineWay;
import jugulum.core.belief.SeparatorWay;
import jugulum.core.belief.StockLot;
import jugulum.core.day.Job.Gold;
import jugulum.core.day.Job.Sand;
import jugulum.core.day.Job.Standing;
import jugulum.core.day.Job.Work;
import jugulum.core.gold.GoldRange;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Melting;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.NextLeg;
import jugulum.core.ledger.NextLeg.Made;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Process.MagnetRun;
import jugulum.core.ledger.Reading;
import jugulum.core.ledger.Route;
import jugulum.core.ledger.Route.Does;
import jugulum.core.ledger.Route.Leg;
import jugulum.core.ledger.Step;
import jugulum.core.machine.Gear;
import jugulum.core.magnet.MagnetShares;
import jugulum.core.mass.LotMass;
import jugulum.core.runs.PastRun;
import jugulum.core.screens.Cut;
import jugulum.core.screens.Screen;
import jugulum.core.shop.Shop;
import jugulum.core.sizes.GuessedSizes;
import jugulum.core.task.Routes;
import jugulum.core.window.Conditions;

/**
 * The way of a batch as jobs: what was done since a moment, what is under way, and what its route
 * says of the sand that waits and of the sand that will come of it. Masses nobody has weighed yet
 * are guessed: cuts by the usual spread of sizes, the rest by common practice.
 */
public final class Jobs {
  /** Magnetite in black sand of which nobody made the bench test: common practice, wide. */
  private static final double MAGNETITE = 0.4;

  /** The concentrate of a machine, as a share of what it took: common practice. */
  private static final double CONCENTRATE = 0.05;

  /**
   * A bucket nobody has weighed yet: ours.
   *
   * <p>Off by a half: the minutes planned for a bucket nobody weighed.
   */
  private static final double UNTOLD_BUCKET_G = 10_000;

  /** A route of one's own may go round and round: nobody plans further than that. */
  private static final int DEEPEST = 12;

  /** Two weighings nearer to each other tell of the scale, not of the water. */
  private static final double SHORTEST_HOURS = 0.25;

  private final Worked worked;
  private final Network network;
  private final Shop shop;
  private final Belief belief;
  private final Map<LotId, LotBelief> standing = new HashMap<>();
  private final Route route;
  private final Instant since;
  private final Instant until;
  private final List<Job> jobs = new ArrayList<>();
  private final Map<String, Integer> names = new HashMap<>();

  private Jobs(Worked worked, Belief belief, Instant since, Instant until) {
    this.worked = worked;
    this.network = worked.network();
    this.belief = belief;
    this.shop = belief.shop();
    belief
        .of(StockLot.of(network, worked.sand(), worked.gold()))
        .forEach(one -> standing.put(one.lot().lot(), one));
    this.route = worked.batch().route().orElse(Routes.SHIPPED.getFirst());
    this.since = since;
    this.until = until;
  }

  /**
   * The jobs of a batch, in the order of its route; where none was chosen, that of the first one
   * that ships.
   *
   * @param belief what is thought of lots and machines
   * @param since what was done before is left out
   * @param until what was done from then on is left out
   */
  public static List<Job> of(Worked worked, Belief belief, Instant since, Instant until) {
    if (worked.batch().closed()) {
      return List.of();
    }
    Jobs jobs = new Jobs(worked, belief, since, until);
    jobs.collect();
    return List.copyOf(jobs.jobs);
  }

  private void collect() {
    for (Step step : network.steps()) {
      work(step).ifPresent(work -> ofStep(step, work));
    }
    network.endLots().filter(this::isThere).forEach(this::waits);
    network
        .lots()
        .forEach(lot -> Melting.open(lot).ifPresent(round -> melts(lot, MeltAhead.of(round))));
  }

  /** What is left to do of a smelt, one after the other. */
  private void melts(Lot lot, List<Work.Smelt> ahead) {
    Sand sand = new Sand(0, false);
    List<String> after = List.of();
    for (Work.Smelt work : ahead) {
      Gold none = new Gold(lot.id(), 0, false, 0);
      Optional<LotId> from = Optional.of(lot.id());
      Job job =
          add(work, lot.cut(), sand, from, Optional.empty(), new Standing.Ahead(), after, none);
      after = List.of(job.id());
    }
  }

  /** What a step under way makes is followed from that step. */
  private boolean isThere(Lot lot) {
    boolean isMade =
        network
            .maker(lot.id())
            .filter(
                step -> step.finishedAt().isPresent() || step.process() instanceof Process.Receive)
            .isPresent();
    return isMade && isKept(lot);
  }

  private static boolean isKept(Lot lot) {
    return !lot.isGone() && lot.latest(Measure.Bagged.class).isEmpty();
  }

  private Optional<Work> work(Step step) {
    return switch (step.process()) {
      case Process.Screening(List<Screen> stack, var _) ->
          Optional.of(new Work.Screen(stack.size()));
      case MagnetRun run -> Optional.of(new Work.Magnet(run.by(), run.with().map(this::named)));
      case Process.GravityRun run ->
          Optional.of(new Work.Run(named(run.machine())).overnight(run.isOvernight()));
      case Process.Finishing _ -> Optional.of(new Work.Finish());
      case Process.Receive _, Process.Merging _, Process.Splitting _ -> Optional.empty();
    };
  }

  /** A machine nobody told more of keeps its name. */
  private Gear named(Machine machine) {
    Gear known = shop.gear(machine);
    return known.machine().equals(machine) ? known : Gear.any(machine);
  }

  private void ofStep(Step step, Work work) {
    Cut cut = network.cutInto(step);
    LotId from = step.inputs().getFirst();
    double grams = step.inputs().stream().mapToDouble(this::grams).sum();
    Sand sand = new Sand(grams, !step.inputs().stream().allMatch(this::isWeighed));
    Gold gold = gold(from, grams);
    if (step.finishedAt().isPresent()) {
      Instant finished = step.finishedAt().get();
      if (!finished.isBefore(since) && finished.isBefore(until)) {
        Standing done = new Standing.Done(step.startedAt(), finished);
        add(work, cut, sand, Optional.of(from), Optional.of(step), done, List.of(), gold);
      } else {
        name(work, cut);
      }
      return;
    }
    Standing standing = new Standing.UnderWay(step.startedAt());
    Job job = add(work, cut, sand, Optional.of(from), Optional.of(step), standing, List.of(), gold);
    network.lots(step.outputs()).stream()
        .filter(lot -> network.taker(lot.id()).isEmpty() && isKept(lot))
        .forEach(
            lot ->
                follow(
                    new Ahead(
                        lot.material(),
                        lot.cut(),
                        madeOf(sand, lot),
                        0,
                        Optional.empty(),
                        Optional.of(lot.id()),
                        List.of(job.id()),
                        gold,
                        0)));
  }

  /** What a step under way will have made of its sand. */
  private Sand madeOf(Sand in, Lot lot) {
    if (isWeighed(lot.id())) {
      return new Sand(grams(lot.id()), false);
    }
    return switch (lot.material()) {
      case CUT -> new Sand(in.grams() * share(lot.cut(), Cut.ALL), true);
      case NON_MAGNETICS -> new Sand(in.grams() * (1 - MAGNETITE), true);
      case MAGNETICS -> new Sand(in.grams() * MAGNETITE, true);
      case CONCENTRATE, SECOND_CONCENTRATE, MIDDLINGS, SAFETY_CATCH ->
          new Sand(in.grams() * CONCENTRATE, true);
      case FEED, TAILINGS, GOLD, RESIDUE, MERGED, PART -> new Sand(in.grams(), true);
    };
  }

  private void waits(Lot lot) {
    double grams = grams(lot.id());
    follow(
        new Ahead(
            lot.material(),
            lot.cut(),
            new Sand(grams, !isWeighed(lot.id())),
            water(lot, grams),
            Optional.empty(),
            Optional.of(lot.id()),
            List.of(),
            gold(lot.id(), grams),
            0));
  }

  /**
   * Sand on its way.
   *
   * @param water the water in it, in grams
   * @param made how it will come to be; empty where there is a lot, which tells it
   * @param lot the lot, where there is one
   * @param after what must be done first
   */
  private record Ahead(
      Material material,
      Cut cut,
      Sand sand,
      double water,
      Optional<Made> made,
      Optional<LotId> lot,
      List<String> after,
      Gold gold,
      int depth) {
    Ahead dried(String by) {
      return new Ahead(material, cut, sand, 0, made, lot, List.of(by), gold, depth);
    }

    Ahead into(Material other, Cut sizes, double grams, Process by, String after) {
      return new Ahead(
          other,
          sizes,
          new Sand(grams, true),
          0,
          Optional.of(new Made(by, Set.of(material))),
          Optional.empty(),
          List.of(after),
          gold,
          depth + 1);
    }
  }

  private void follow(Ahead ahead) {
    if (ahead.depth() > DEEPEST || !(ahead.sand().grams() > 0)) {
      return;
    }
    leg(ahead).ifPresent(leg -> go(ahead, leg.does()));
  }

  private Optional<Leg> leg(Ahead ahead) {
    return ahead
        .lot()
        .flatMap(network::lot)
        .map(lot -> NextLeg.of(route, network, lot))
        .orElseGet(() -> NextLeg.ahead(route, ahead.material(), ahead.cut(), ahead.made()));
  }

  private void go(Ahead ahead, Does does) {
    switch (does) {
      case Does.Screen(List<String> labels) -> {
        List<Screen> stack = shop.stack(labels, ahead.cut());
        if (!stack.isEmpty()) {
          Ahead dry = dried(ahead);
          Job job = add(new Work.Screen(stack.size()), dry);
          for (Cut cut : Cut.of(dry.cut(), stack)) {
            double grams = dry.sand().grams() * share(cut, dry.cut());
            follow(dry.into(Material.CUT, cut, grams, new Process.Screening(stack), job.id()));
          }
        }
      }
      case Does.Magnet(var medium) -> {
        Ahead sand = medium == MagnetRun.Medium.BONE_DRY ? dried(ahead) : ahead;
        Optional<Gear> with =
            SeparatorWay.best(belief, sand.cut(), sand.sand().grams(), medium)
                .map(SeparatorWay::gear);
        MagnetRun.Way way =
            with.map(one -> MagnetRun.Way.of(one.kind())).orElse(MagnetRun.Way.HAND);
        Job job = add(new Work.Magnet(way, with), sand);
        double kept = sand.sand().grams() * (1 - magnetite(sand));
        follow(
            sand.into(Material.NON_MAGNETICS, sand.cut(), kept, new MagnetRun(medium), job.id()));
      }
      case Does.Run(var kind, var manner) -> {
        Process.GravityRun by = new Process.GravityRun(new Machine(kind, ""), manner);
        Job job = add(run(kind, ahead).overnight(by.isOvernight()), ahead);
        follow(
            ahead.into(
                Material.CONCENTRATE,
                ahead.cut(),
                ahead.sand().grams() * CONCENTRATE,
                by,
                job.id()));
      }
      case Does.Finish _ -> add(new Work.Finish(), ahead);
      case Does.Keep _ -> {}
    }
  }

  /** Wet sand does not go through fine screens, and never to a dry magnet. */
  private Ahead dried(Ahead ahead) {
    double moisture = ahead.water() / (ahead.water() + ahead.sand().grams());
    if (moisture <= MagnetRun.DRY_BELOW) {
      return ahead;
    }
    return ahead.dried(
        add(
                new Work.Dry(
                    ahead.water(), ahead.lot().map(this::leaving).orElse(OptionalDouble.empty())),
                ahead)
            .id());
  }

  private double magnetite(Ahead ahead) {
    return ahead
        .lot()
        .flatMap(network::lot)
        .flatMap(MagnetShares::of)
        .map(MagnetShares::magnetite)
        .orElse(MAGNETITE);
  }

  /** The machine the figures say; of the kind a person's route asks for, where the shop has one. */
  private Work.Run run(Machine.Kind kind, Ahead ahead) {
    Gear gear =
        ahead
            .lot()
            .flatMap(lot -> Optional.ofNullable(standing.get(lot)))
            .flatMap(LotBelief::machine)
            .or(() -> first(ahead, worked.batch().route().map(_ -> kind)))
            .map(MachineWay::gear)
            .orElseThrow();
    boolean isAsked = gear.sheet().working().does(kind, gear.kind());
    return new Work.Run(gear, isAsked ? Optional.empty() : Optional.of(kind));
  }

  private Optional<MachineWay> first(Ahead ahead, Optional<Machine.Kind> wish) {
    jugulum.core.belief.Sand sand =
        new jugulum.core.belief.Sand(
            ahead.cut(),
            ahead.sand().grams(),
            PastRun.Kind.FIRST,
            Conditions.usual(
                worked.batch().assumptions(),
                Conditions.USUAL_HEAVIES,
                ahead.material() == Material.NON_MAGNETICS),
            wish);
    double share =
        ahead.gold().grams() > 0 ? Math.min(1, ahead.sand().grams() / ahead.gold().grams()) : 1;
    return belief
        .machines(sand, ahead.gold().milligrams() * share, belief.value(worked.gold().fineness()))
        .first();
  }

  private static double share(Cut cut, Cut of) {
    GuessedSizes sizes = GuessedSizes.within(of);
    return Math.max(0, sizes.finer(cut.upperMm()) - finer(sizes, cut.lowerMm()));
  }

  private static double finer(GuessedSizes sizes, double mm) {
    return mm > 0 ? sizes.finer(mm) : 0;
  }

  private Job add(Work work, Ahead ahead) {
    return add(
        work,
        ahead.cut(),
        ahead.sand(),
        ahead.lot(),
        Optional.empty(),
        new Standing.Ahead(),
        ahead.after(),
        ahead.gold());
  }

  private Job add(
      Work work,
      Cut cut,
      Sand sand,
      Optional<LotId> lot,
      Optional<Step> step,
      Standing standing,
      List<String> after,
      Gold gold) {
    Job job =
        new Job(
            name(work, cut),
            worked.batch().id(),
            worked.batch().label().name(),
            work,
            cut,
            sand,
            lot,
            step.map(Step::id),
            standing,
            after,
            gold);
    jobs.add(job);
    return job;
  }

  /** The same work on the same cut of a batch is told apart by its number. */
  private String name(Work work, Cut cut) {
    String machine = work instanceof Work.Run run ? " " + run.gear().kind() : "";
    String name = worked.batch().id().value() + " " + work.kind() + machine + " " + cut.notation();
    int number = names.merge(name, 1, Integer::sum);
    return number == 1 ? name : name + " #" + number;
  }

  /** Its mass, or what it may well be by where it came from. */
  private double grams(LotId id) {
    if (isWeighed(id)) {
      return worked.sand().mass(id).grams();
    }
    Optional<Step> maker = network.maker(id).filter(step -> !step.inputs().isEmpty());
    double in =
        maker
            .map(step -> step.inputs().stream().mapToDouble(this::grams).sum())
            .orElse(UNTOLD_BUCKET_G);
    return network
        .lot(id)
        .filter(_ -> maker.isPresent())
        .map(lot -> madeOf(new Sand(in, true), lot).grams())
        .orElse(in);
  }

  private boolean isWeighed(LotId lot) {
    LotMass mass = worked.sand().mass(lot);
    return mass.isKnown() && mass.grams() > 0;
  }

  private static double water(Lot lot, double grams) {
    double moisture =
        lot.latest(Measure.SandWeight.class).map(Measure.SandWeight::moisture).orElse(0.0);
    return grams * moisture / (1 - moisture);
  }

  /** How fast water leaves it, by the last two times it was weighed. */
  private OptionalDouble leaving(LotId id) {
    List<Reading> weighed =
        network.lot(id).stream()
            .flatMap(lot -> lot.readings().stream())
            .filter(reading -> reading.isLive() && reading.measure() instanceof Measure.SandWeight)
            .toList();
    if (weighed.size() < 2) {
      return OptionalDouble.empty();
    }
    Reading earlier = weighed.get(weighed.size() - 2);
    Reading later = weighed.getLast();
    double hours = Duration.between(earlier.moment(), later.moment()).toMinutes() / 60.0;
    double lost = net(earlier) - net(later);
    boolean isTold = hours >= SHORTEST_HOURS && lost > 0 && net(later) > 0;
    return isTold ? OptionalDouble.of(lost / hours) : OptionalDouble.empty();
  }

  private static double net(Reading reading) {
    Measure.SandWeight weight = (Measure.SandWeight) reading.measure();
    return weight.grossG() - weight.tareG();
  }

  /** As it was found, else as it is thought. */
  private Gold gold(LotId id, double grams) {
    Optional<Double> found =
        Optional.ofNullable(worked.gold().lots().get(id))
            .flatMap(gold -> gold.isTogether() ? Optional.of(gold.all()) : gold.free())
            .map(GoldRange::milligrams);
    double thought =
        Optional.ofNullable(standing.get(id))
            .flatMap(LotBelief::free)
            .map(one -> one.gold().milligrams())
            .orElseGet(
                () ->
                    network
                        .lot(id)
                        .filter(lot -> lot.material() != Material.GOLD)
                        .map(
                            lot ->
                                belief.grade(Kin.of(worked.batch(), lot)).meanMgPerKg()
                                    * grams
                                    / 1000)
                        .orElse(0.0));
    return new Gold(id, found.orElse(thought), found.isEmpty(), grams);
  }
}
