package jugulum.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.concurrent.CancellationException;
import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jugulum.core.belief.MachineBelief;
import jugulum.core.belief.MachineWay;
import jugulum.core.belief.Sand;
import jugulum.core.belief.Value;
import jugulum.core.belief.Ways;
import jugulum.core.check.Band;
import jugulum.core.ledger.Machine;
import jugulum.core.machine.Gear;
import jugulum.core.machine.Sheets;
import jugulum.core.plan.PlanRequest.Sieve;
import jugulum.core.plan.PlannedCut.LookedOver;
import jugulum.core.plan.PlannedCut.Remedy;
import jugulum.core.plan.PlannedCut.Run;
import jugulum.core.runs.PastRun;
import jugulum.core.screens.Cut;
import jugulum.core.screens.Screen;
import jugulum.core.sizes.SizeCurve;
import jugulum.core.window.Conditions;
import jugulum.core.window.Windows;
import jugulum.core.window.Windows.Window;

/**
 * Finds the best stacks among all subsets of the screens there are.
 *
 * <p>What a cut is worth depends on its two screens alone, so every stack is a path from the
 * coarsest sand to the pan, and the best paths are found exactly by dynamic programming: a best
 * path has only best beginnings. Two questions are answered. {@link #trade} gives the stack of each
 * number of screens that is worth most, gold won less hours paid; {@link #best} the fewest screens
 * whose settling windows all reach the margin, nearest first, then fewest screens, then least bench
 * time. Not safe for several threads.
 */
public final class Planner {
  private static final int HALVINGS = 20;

  private final PlanRequest request;
  private final Windows windows;
  private final Optional<Windows> afterMagnet;
  private final Optional<Screen> top;
  private final List<Sieve> sieves;
  private final PlannedCut[][] known;
  private final SizeRanges cells;
  private final Ways ways;
  private final Value value;
  private final BooleanSupplier isGivenUp;

  /** A planner for one request. */
  public Planner(PlanRequest request) {
    this(request, () -> false);
  }

  /**
   * A planner for one request.
   *
   * @param isGivenUp whether nobody waits for it any more: then what is asked of it ends with a
   *     {@link CancellationException}
   */
  public Planner(PlanRequest request, BooleanSupplier isGivenUp) {
    this.isGivenUp = isGivenUp;
    Conditions conditions = request.conditions();
    this.request = request;
    this.windows = new Windows(conditions);
    this.afterMagnet =
        conditions.magnetFirst()
            ? Optional.empty()
            : Optional.of(new Windows(conditions.withMagnetFirst()));
    this.top = request.feed().passing().or(() -> measuredTop(request));
    this.sieves = within(request, top);
    int ends = sieves.size() + 1;
    this.known = new PlannedCut[ends][ends];
    this.ways =
        new Ways(new MachineBelief(request.machines().experience(), request.machines().rates()));
    this.value = request.gold().value();
    this.cells = new SizeRanges(request, top.map(Screen::openingMm), usable());
  }

  /**
   * Where a size analysis shows that everything passed a screen, that screen bounds the sand as if
   * it had been screened by it.
   */
  private static Optional<Screen> measuredTop(PlanRequest request) {
    OptionalDouble top =
        request.sizes() instanceof SizeCurve curve ? curve.topMm() : OptionalDouble.empty();
    return top.isPresent()
        ? request.screens().stream()
            .map(Sieve::screen)
            .filter(screen -> screen.openingMm() == top.getAsDouble())
            .findFirst()
        : Optional.empty();
  }

  /** The screens inside the feed and coarser than the finest gold asked for, coarse first. */
  public List<Screen> usable() {
    return sieves.stream().map(Sieve::screen).toList();
  }

  private static List<Sieve> within(PlanRequest request, Optional<Screen> top) {
    double upper = top.map(Screen::openingMm).orElse(Double.POSITIVE_INFINITY);
    double lower = Math.max(request.feed().lowerMm(), request.conditions().finestGoldMm());
    return request.screens().stream()
        .filter(sieve -> sieve.screen().openingMm() < upper && sieve.screen().openingMm() > lower)
        .toList();
  }

  /**
   * The best plans, best first.
   *
   * @param howMany at most so many, at least 1
   * @return empty if the sand has no upper end and no screen is coarse enough for an oversize to be
   *     looked over
   */
  public List<Plan> best(int howMany) {
    List<List<Path>> bestTo = new ArrayList<>();
    bestTo.add(List.of(Path.START));
    for (int to = 1; to <= sieves.size() + 1; to++) {
      int end = to;
      bestTo.add(
          IntStream.range(0, to)
              .boxed()
              .filter(from -> isAllowed(from, end))
              .flatMap(
                  from -> bestTo.get(from).stream().map(path -> path.with(cut(from, end), end, 0)))
              .sorted(Path.BEST_FIRST)
              .limit(howMany)
              .toList());
    }
    return bestTo.getLast().stream()
        .map(path -> plan(path.ends().subList(0, path.ends().size() - 1)))
        .toList();
  }

  /**
   * The stack of each number of screens that is worth most: gold won less what its hours have to
   * win.
   */
  public StackTrade trade() {
    List<List<Optional<Path>>> best = new ArrayList<>();
    best.add(List.of(Optional.of(Path.START)));
    for (int to = 1; to <= sieves.size() + 1; to++) {
      List<Optional<Path>> ending = new ArrayList<>();
      for (int screens = 0; screens <= to; screens++) {
        ending.add(bestEnding(to, screens, best));
      }
      best.add(ending);
    }
    List<StackTrade.Point> points = new ArrayList<>();
    for (Optional<Path> path : best.getLast()) {
      path.map(one -> plan(one.ends().subList(0, one.ends().size() - 1)))
          .ifPresent(plan -> points.add(point(points, plan)));
    }
    int proposed =
        IntStream.range(0, points.size())
            .boxed()
            .max(Comparator.comparingDouble(i -> worthMg(points.get(i).plan())))
            .orElse(-1);
    return new StackTrade(points, proposed);
  }

  /** The best path of so many cuts that ends there. */
  private Optional<Path> bestEnding(int to, int cuts, List<List<Optional<Path>>> best) {
    Optional<Path> found = Optional.empty();
    for (int from = 0; from < to && cuts > 0; from++) {
      Optional<Path> before =
          cuts - 1 < best.get(from).size() ? best.get(from).get(cuts - 1) : Optional.empty();
      if (before.isPresent() && isAllowed(from, to)) {
        Path path = before.get().with(cut(from, to), to, worthMg(cut(from, to)));
        found =
            found.filter(other -> other.worthMg() >= path.worthMg()).or(() -> Optional.of(path));
      }
    }
    return found;
  }

  private static StackTrade.Point point(List<StackTrade.Point> points, Plan plan) {
    if (points.isEmpty()) {
      return new StackTrade.Point(plan, plan.wonMg(), plan.handsMinutes());
    }
    Plan before = points.getLast().plan();
    return new StackTrade.Point(
        plan, plan.wonMg() - before.wonMg(), plan.handsMinutes() - before.handsMinutes());
  }

  private double worthMg(PlannedCut cut) {
    return cut.wonMg() - cut.handsMinutes() / 60 * value.hourMg();
  }

  /** What a plan wins more than its hours have to, native, in mg. */
  public double worthMg(Plan plan) {
    return plan.cuts().stream().mapToDouble(this::worthMg).sum();
  }

  /**
   * What a given stack comes to.
   *
   * @param stack screens out of {@link #usable}; others are left out
   */
  public Plan of(List<Screen> stack) {
    return plan(
        stack.stream()
            .map(screen -> usable().indexOf(screen) + 1)
            .filter(index -> index > 0)
            .sorted()
            .toList());
  }

  private Plan plan(List<Integer> ends) {
    List<Integer> all =
        Stream.of(Stream.of(0), ends.stream(), Stream.of(sieves.size() + 1))
            .flatMap(part -> part)
            .toList();
    List<PlannedCut> cuts =
        IntStream.range(1, all.size()).mapToObj(i -> cut(all.get(i - 1), all.get(i))).toList();
    return new Plan(ends.stream().map(end -> screen(end).orElseThrow()).toList(), cuts);
  }

  /** A beginning of a stack: the screens by their place among the usable ones, from 1. */
  private record Path(
      double shortfall, int screens, double minutes, double worthMg, List<Integer> ends) {
    static final Path START = new Path(0, 0, 0, 0, List.of());
    static final Comparator<Path> BEST_FIRST =
        Comparator.comparingDouble(Path::shortfall)
            .thenComparingInt(Path::screens)
            .thenComparingDouble(Path::minutes);

    Path with(PlannedCut cut, int end, double cutWorthMg) {
      return new Path(
          shortfall + cut.shortfall(),
          screens + 1,
          minutes + cut.minutes(),
          worthMg + cutWorthMg,
          Stream.concat(ends.stream(), Stream.of(end)).toList());
    }
  }

  /**
   * Sand without an upper end can only become an oversize, and only above the size at which it is
   * looked over.
   */
  private boolean isAllowed(int from, int to) {
    return from > 0
        || top.isPresent()
        || screen(to)
            .filter(screen -> screen.openingMm() >= request.lookedOverAboveMm())
            .isPresent();
  }

  private Optional<Screen> screen(int end) {
    return end >= 1 && end <= sieves.size()
        ? Optional.of(sieves.get(end - 1).screen())
        : Optional.empty();
  }

  /** The cut between two ends: 0 is the top, then the screens, last the pan. */
  private PlannedCut cut(int from, int to) {
    if (known[from][to - 1] == null) {
      known[from][to - 1] = workedOut(from, to);
    }
    return known[from][to - 1];
  }

  private PlannedCut workedOut(int from, int to) {
    if (isGivenUp.getAsBoolean()) {
      throw new CancellationException("nobody waits for this plan any more");
    }
    Optional<Screen> passing = from == 0 ? top : screen(from);
    Cut cut = new Cut(passing, screen(to).or(() -> request.feed().retained()));
    double inFeed = finer(request.feed().upperMm()) - finer(request.feed().lowerMm());
    double arriving =
        share(finer(cut.upperMm()) - finer(request.feed().lowerMm()), inFeed) * request.feedG();
    double mass = share(finer(cut.upperMm()) - finer(cut.lowerMm()), inFeed) * request.feedG();
    double minutes =
        to <= sieves.size() ? request.screening().minutes(arriving, sieves.get(to - 1).loadG()) : 0;
    double gold = cells.goldMg(cut);
    if (passing.isEmpty()) {
      return new PlannedCut(cut, mass, minutes, new LookedOver(), gold, PICKED.times(gold));
    }
    Sand sand = new Sand(cut, mass, PastRun.Kind.FIRST, request.conditions(), Optional.empty());
    MachineWay first =
        ways.machines(sand, gold, request.machines().gear(), value).first().orElseThrow();
    return new PlannedCut(
        cut, mass, minutes, run(first, cut), gold, first.share().share().times(gold));
  }

  private double finer(double sizeMm) {
    return sizeMm == 0 ? 0 : request.sizes().finer(sizeMm);
  }

  private static double share(double part, double whole) {
    return whole > 0 ? Math.clamp(part / whole, 0, 1) : 0;
  }

  /**
   * What is won of gold so coarse that it is picked by hand: an assumption of ours.
   *
   * <p>Off by a half: what a plan wins of gold coarse enough for tweezers.
   */
  private static final Band PICKED = new Band(0.70, 0.90, 0.98);

  private Run run(MachineWay way, Cut cut) {
    Gear gear = way.gear();
    Window window = windows.of(cut.upperMm(), cut.lowerMm(), gear.sheet().working().sorting());
    double shortfall = shortfall(window);
    Optional<Remedy> remedy =
        shortfall == 0 ? Optional.empty() : Optional.of(remedy(cut, gear.kind()));
    return new Run(
        gear, way.minutes(), way.handsMinutes(), way.share().all() > 0, window, shortfall, remedy);
  }

  private static Window window(Windows windows, double upperMm, double lowerMm, Machine.Kind kind) {
    return windows.of(upperMm, lowerMm, Sheets.of(kind).working().sorting());
  }

  private double shortfall(Window window) {
    return window
        .ratio()
        .map(ratio -> Math.max(0, Math.log(request.margin() / reached(ratio.low(), ratio.usual()))))
        .orElse(0.0);
  }

  private double reached(double low, double usual) {
    return switch (request.surety()) {
      case USUAL -> usual;
      case WHOLE_BAND -> low;
    };
  }

  private Remedy remedy(Cut cut, Machine.Kind kind) {
    Optional<Remedy> split =
        usable().stream()
            .filter(
                screen -> screen.openingMm() < cut.upperMm() && screen.openingMm() > cut.lowerMm())
            .filter(
                screen ->
                    reaches(cut.upperMm(), screen.openingMm())
                        && reaches(screen.openingMm(), cut.lowerMm()))
            .findFirst()
            .map(screen -> new Remedy.SplitAt(screen.label()));
    return split
        .or(
            () ->
                afterMagnet
                    .filter(
                        after -> shortfall(window(after, cut.upperMm(), cut.lowerMm(), kind)) == 0)
                    .map(_ -> new Remedy.MagnetFirst()))
        .orElseGet(() -> finerScreen(cut, kind));
  }

  private boolean reaches(double upperMm, double lowerMm) {
    return request.machines().gear().stream()
        .anyMatch(gear -> reaches(upperMm, lowerMm, gear.kind()));
  }

  private boolean reaches(double upperMm, double lowerMm, Machine.Kind kind) {
    return shortfall(window(windows, upperMm, lowerMm, kind)) == 0;
  }

  /** By halving: on one machine a finer upper screen only ever helps. */
  private Remedy finerScreen(Cut cut, Machine.Kind kind) {
    double lower = Math.max(cut.lowerMm(), request.conditions().finestGoldMm());
    if (lower >= cut.upperMm() || !reaches(Math.nextUp(lower), lower, kind)) {
      return new Remedy.NoScreen();
    }
    double fine = lower;
    double coarse = cut.upperMm();
    for (int i = 0; i < HALVINGS; i++) {
      double middle = Math.sqrt(fine * coarse);
      if (reaches(middle, lower, kind)) {
        fine = middle;
      } else {
        coarse = middle;
      }
    }
    return new Remedy.FinerScreen(fine);
  }
}
