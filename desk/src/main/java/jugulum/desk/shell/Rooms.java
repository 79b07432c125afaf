package jugulum.desk.shell;

import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionStage;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.scene.Node;
import jugulum.core.check.Check;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.StepId;
import jugulum.core.screens.Screen;
import jugulum.core.trial.TrialId;
import jugulum.desk.account.AccountView;
import jugulum.desk.bench.BenchView;
import jugulum.desk.cuts.CutsView;
import jugulum.desk.day.DayView;
import jugulum.desk.eye.OfALot;
import jugulum.desk.eye.PicturePage;
import jugulum.desk.files.BatchFiles;
import jugulum.desk.files.FileKind;
import jugulum.desk.files.FilePicker;
import jugulum.desk.find.FindView;
import jugulum.desk.gear.GearView;
import jugulum.desk.kit.Lazy;
import jugulum.desk.live.Beat;
import jugulum.desk.season.SeasonView;
import jugulum.desk.season.StartView;
import jugulum.desk.session.Workbench;
import jugulum.desk.shop.FirstGear;
import jugulum.desk.shop.ShopView;
import jugulum.desk.view.Beside;
import jugulum.desk.view.MainView;
import jugulum.desk.view.Navigation;
import jugulum.desk.view.PictureUse;
import jugulum.desk.view.View;
import jugulum.desk.work.Notice;

/** The views there are, each made when it is first asked for, and the ways between them. */
final class Rooms implements Navigation {
  private final Workbench workbench;
  private final BatchFiles files;
  private final FilePicker picker;
  private final Clock clock;
  private final Consumer<Node> center;
  private final Runnable changes;
  private final BenchView bench;
  private final Lazy<CutsView> cuts;
  private final Lazy<SeasonView> season;
  private final Lazy<ShopView> shop;
  private final Lazy<GearView> gear;
  private final Lazy<StartView> start;
  private final Lazy<FindView> find;
  private final Map<View, Lazy<? extends MainView>> views = new EnumMap<>(View.class);
  private View current = View.BENCH;

  /**
   * Makes the rooms of a workbench.
   *
   * @param beside opens other books in windows beside this one
   * @param center puts something into the middle of the window
   * @param changes told before another view is shown
   */
  Rooms(
      Workbench workbench,
      Clock clock,
      Beat beat,
      FilePicker picker,
      Beside beside,
      Consumer<Node> center,
      Runnable changes) {
    this.workbench = workbench;
    this.files = new BatchFiles(workbench, picker);
    this.picker = picker;
    this.clock = clock;
    this.center = center;
    this.changes = changes;
    bench = new BenchView(workbench, beat, picker, this, beside.demo());
    cuts = new Lazy<>(() -> new CutsView(workbench, picker, this));
    season = new Lazy<>(() -> new SeasonView(workbench, picker, this));
    shop = new Lazy<>(() -> new ShopView(workbench, clock, picker, beside));
    gear = new Lazy<>(() -> new GearView(workbench, picker, this, () -> LocalDate.now(clock)));
    start = new Lazy<>(() -> new StartView(workbench, clock, this));
    find = new Lazy<>(() -> new FindView(workbench, this));
    views.put(View.BENCH, new Lazy<>(() -> bench));
    views.put(View.CUTS, cuts);
    views.put(View.ACCOUNT, new Lazy<>(() -> new AccountView(workbench, picker, clock, this)));
    views.put(View.DAY, new Lazy<>(() -> new DayView(workbench, clock, picker, this)));
    views.put(View.SEASON, season);
    views.put(View.GEAR, gear);
    views.put(View.SHOP, shop);
  }

  /** Shows the copies of the book. */
  void openBackups() {
    show(View.SHOP);
    shop.get().openBackups();
  }

  /** Shows how it stands with other benches. */
  void openTogether() {
    show(View.SHOP);
    shop.get().openTogether();
  }

  BenchView bench() {
    return bench;
  }

  /** The view in sight, or the one that was before what is. */
  View current() {
    return current;
  }

  MainView view(View of) {
    return Check.known(views, of).get();
  }

  @Override
  public void show(View view) {
    current = view;
    workbench.sharing().isAt(workbench.words().of("view", view));
    changes.run();
    MainView shown = view(view);
    center.accept(shown.node());
    shown.focusFirst();
  }

  @Override
  public void open(BatchId batch) {
    workbench.session().open(batch).thenRun(() -> show(View.BENCH));
  }

  @Override
  public void openLot(LotId lot) {
    show(View.BENCH);
    bench.openLot(lot);
  }

  @Override
  public void openStep(StepId step) {
    show(View.BENCH);
    bench.openStep(step);
  }

  @Override
  public void openLot(BatchId batch, LotId lot) {
    onBench(batch, () -> openLot(lot));
  }

  @Override
  public void openStep(BatchId batch, StepId step) {
    onBench(batch, () -> openStep(step));
  }

  /** Puts a batch on the bench, where it is not there already, before something is done with it. */
  private void onBench(BatchId batch, Runnable then) {
    boolean here = workbench.projections().current().get().id().equals(Optional.of(batch));
    CompletionStage<?> opened =
        here ? CompletableFuture.completedFuture(batch) : workbench.session().open(batch);
    opened.thenRun(then);
  }

  @Override
  public void plan(LotId lot) {
    show(View.CUTS);
    cuts.get().open(lot);
  }

  /** A page for a picture of the specks of a lot. */
  PicturePage picturePage(LotId lot, Runnable leave) {
    return new PicturePage(workbench, picker, clock, new OfALot(workbench, lot, leave));
  }

  @Override
  public void picture(LotId lot) {
    picture(new OfALot(workbench, lot, () -> openLot(lot)));
  }

  @Override
  public void picture(PictureUse use) {
    PicturePage page = new PicturePage(workbench, picker, clock, use);
    center.accept(page);
    page.applyCss();
    // The key that asked for it is still to be let go.
    Platform.runLater(page::focusFirst);
  }

  @Override
  public void screen(LotId lot, List<Screen> stack) {
    show(View.BENCH);
    bench.screen(lot, stack);
  }

  @Override
  public void openSource(String source) {
    show(View.SEASON);
    season.get().openSource(source);
  }

  @Override
  public void openRecord(Machine machine) {
    show(View.GEAR);
    gear.get().openRecord(machine);
  }

  @Override
  public void openTrial(TrialId trial) {
    show(View.GEAR);
    gear.get().openTrial(trial);
  }

  @Override
  public void learnScale() {
    show(View.SHOP);
    shop.get().learnScale();
  }

  @Override
  public void sayGear() {
    FirstGear gear = new FirstGear(workbench, this);
    center.accept(gear);
    gear.applyCss();
    // The letter that asked for it is still to be typed, and not into the field.
    Platform.runLater(gear::focusFirst);
  }

  @Override
  public void startBatch() {
    changes.run();
    center.accept(start.get());
    start.get().focusFirst();
  }

  @Override
  public void find() {
    center.accept(find.get());
    find.get().begin();
    find.get().focusFirst();
  }

  @Override
  public void exportBatch() {
    workbench
        .projections()
        .current()
        .get()
        .worked()
        .ifPresentOrElse(
            worked -> files.save(worked.batch()),
            () ->
                workbench
                    .notices()
                    .say(new Notice.Said(workbench.words().of("file.nothing"), true)));
  }

  @Override
  public void importBatch() {
    picker.toOpen(FileKind.BATCH).ifPresent(this::takeIn);
  }

  /** Takes a batch file into the book. */
  void takeIn(Path json) {
    files.read(json);
  }
}
