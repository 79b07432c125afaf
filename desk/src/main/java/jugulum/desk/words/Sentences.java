package jugulum.desk.words;

import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import jugulum.book.stream.BookProblem;
import jugulum.book.stream.Store;
import jugulum.core.check.OutOfRange;
import jugulum.core.gold.Recovery;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Route;
import jugulum.core.ledger.Step;
import jugulum.core.machine.Sheets;
import jugulum.core.screens.Cut;
import jugulum.core.sizes.SizeCurve;
import jugulum.core.stream.Refusal;

/** Says in words what the core says in values. */
public final class Sentences {
  private Sentences() {}

  /** Why an edit was refused. */
  public static String refusal(Refusal refusal, Figures figures) {
    String[] values =
        refusal.values().stream()
            .map(
                value ->
                    switch (value) {
                      case Refusal.Told.Grams(double grams) -> figures.sand(grams);
                      case Refusal.Told.Moment(Instant at) -> figures.moment(at);
                      case Refusal.Told.Words(String text) ->
                          text.isEmpty() ? Words.of("bench.unnamed") : text;
                    })
            .toArray(String[]::new);
    return Words.of("refusal." + refusal.reason().name(), values);
  }

  /** Why a value cannot be. */
  public static String outOfRange(OutOfRange problem) {
    return Words.of(
        "out-of-range",
        Words.of("quantity." + problem.quantity()),
        Figures.plain(problem.low()),
        Figures.plain(problem.high()));
  }

  /** What is wrong with the book and what to do. */
  public static String problem(BookProblem problem) {
    return Words.of("book", problem.kind(), String.valueOf(problem.path()), problem.detail());
  }

  /** What went wrong, by its cause where it was thrown on another thread. */
  public static String problem(Throwable thrown) {
    Throwable cause = cause(thrown);
    return cause instanceof BookProblem known
        ? problem(known)
        : Words.of("notice.unexpected", String.valueOf(cause));
  }

  /** Whether this can go wrong without a fault of the program. */
  public static boolean isForeseen(Throwable thrown) {
    return cause(thrown) instanceof BookProblem;
  }

  private static Throwable cause(Throwable thrown) {
    return thrown.getCause() == null || thrown instanceof BookProblem ? thrown : thrown.getCause();
  }

  /**
   * A recovery, "at most" where lots were not looked at, "at least" where not all that counts as
   * lost is such gold.
   */
  public static String share(Recovery recovery) {
    String share = Figures.percent(recovery.share());
    if (recovery.isAtMost()) {
      return Words.of("recovery.at-most", share);
    }
    return recovery.isAtLeast() ? Words.of("account.at-least", share) : share;
  }

  /** Of which gold a recovery is and against what, as the end of a key. */
  public static String kind(Recovery recovery) {
    return recovery.of() + "_" + recovery.against();
  }

  /** Why this window may only read. */
  public static String readOnly(Store.ReadOnly why) {
    return switch (why) {
      case Store.ReadOnly.OtherWindow(String holder) -> Words.of("read-only.other", holder);
      case Store.ReadOnly.Disk _ -> Words.of("read-only.disk");
    };
  }

  /** What an edit does, as a noun: "weight of −30 +50". */
  public static String edit(Edit edit, Figures figures) {
    return switch (edit) {
      case Edit.StartBatch start -> Words.of("edit.start", start.label().name());
      case Edit.Adopt adopt -> Words.of("edit.adopt", adopt.batch().label().name());
      case Edit.Relabel _ -> Words.of("edit.relabel");
      case Edit.Assume _ -> Words.of("edit.assume");
      case Edit.TakeStep step -> Words.of("edit.step", process(step.process()));
      case Edit.AddOutput output ->
          Words.of("edit.output", Words.of("material", output.output().material()));
      case Edit.RecordOnLot(var _, Measure measure) -> measure(measure, figures);
      case Edit.RecordOnStep(var _, Measure measure) -> measure(measure, figures);
      case Edit.InsertOnStep(var _, var _, Measure measure) -> measure(measure, figures);
      case Edit.Correct(var _, Measure measure, var _) ->
          Words.of("edit.correct", measure(measure, figures));
      case Edit.Strike _ -> Words.of("edit.strike");
      case Edit.Doubt(var _, boolean doubted, var _) ->
          Words.of(doubted ? "edit.doubt" : "edit.trust");
      case Edit.AddNote _ -> Words.of("edit.note");
      case Edit.FinishStep(var _, boolean done) -> Words.of(done ? "edit.finish" : "edit.go-on");
      case Edit.WithdrawStep _ -> Words.of("edit.withdraw");
      case Edit.FollowRoute(Optional<Route> route) ->
          route
              .map(one -> Words.of("edit.route", RouteWords.name(one)))
              .orElseGet(() -> Words.of("edit.route.none"));
      case Edit.CloseBatch(boolean closed) -> Words.of(closed ? "edit.close" : "edit.reopen");
    };
  }

  /** A kind of work. */
  public static String process(Process process) {
    return switch (process) {
      case Process.Receive _ -> Words.of("process.receive");
      case Process.Screening _ -> Words.of("process.screen");
      case Process.MagnetRun _ -> Words.of("process.magnet");
      case Process.GravityRun(Machine machine) -> machine(machine);
      case Process.Merging _ -> Words.of("process.merge");
      case Process.Splitting _ -> Words.of("process.split");
      case Process.Finishing _ -> Words.of("process.finish");
    };
  }

  /** A step, by its kind of work and what it took. */
  public static String step(Step step, Network network) {
    return Words.of("account.step", process(step.process()), lots(network, step.inputs()));
  }

  /** A machine, by its owner's name where it has one. */
  public static String machine(Machine machine) {
    String kind = Words.of("machine", machine.kind());
    return machine.name().isBlank() ? kind : Words.of("machine.named", kind, machine.name());
  }

  /** A reading as it was made. */
  public static String measure(Measure measure, Figures figures) {
    return switch (measure) {
      case Measure.SandWeight weight -> sandWeight(weight, figures);
      case Measure.GoldWeight(double mass, double resolution, var _) ->
          Words.of("measure.gold", figures.read(mass, resolution));
      case Measure.WeighedSpecks(int specks, double mg, double _) ->
          Words.counted("measure.weighed-specks", specks, figures.gold(mg));
      case Measure.Fineness(double fraction, double sd) ->
          Words.of(
              "measure.fineness", Figures.fixed(fraction * 1000, 0), Figures.fixed(sd * 1000, 0));
      case Measure.SpeckCount(int specks, double share) ->
          Words.counted("measure.specks", specks, Figures.percent(share));
      case Measure.Assay assay -> assay(assay, figures);
      case Measure.Smelt smelt -> smelt(smelt, figures);
      case Measure.KnownGold(double mg, double _) -> Words.of("measure.known", figures.gold(mg));
      case Measure.SizeAnalysis(SizeCurve curve) ->
          Words.of(
              "measure.sizes",
              Integer.toString(curve.sieved().size()),
              figures.sand(curve.totalG()));
      case Measure.LookedOver(int pickers, double grams) when grams > 0 ->
          Words.counted("measure.looked-over.weighed", pickers, figures.gold(grams * 1000));
      case Measure.LookedOver(int pickers, double _) ->
          Words.counted("measure.looked-over", pickers);
      case Measure.LastMinute(var screen, double grams) ->
          Words.of("measure.last-minute", figures.sand(grams), screen.label());
      case Measure.MagnetTest(double sample, double weak, double strong) ->
          Words.of(
              "measure.magnet-test",
              figures.sand(sample),
              Figures.percent(weak / sample),
              Figures.percent(strong / sample));
      case Measure.Bagged(String bag) -> Words.of("measure.bagged", bag);
      case Measure.Discarded(String reason) ->
          reason.isEmpty()
              ? Words.of("measure.discarded")
              : Words.of("measure.discarded.why", reason);
      case Measure.Setting(String dial, double value) -> setting(dial, value);
      case Measure.Running(var state, var toldAt) ->
          toldAt
              .map(
                  at ->
                      Words.of(
                          "measure.running.at",
                          Words.of("measure.running", state),
                          figures.clock(at)))
              .orElseGet(() -> Words.of("measure.running", state));
      case Measure.Charge(var grams) ->
          grams.isPresent()
              ? Words.of("measure.charge.weighed", figures.sand(grams.getAsDouble()))
              : Words.of("measure.charge");
      case Measure.Checked(String check) -> Words.of("measure.checked", SheetWords.check(check));
      case Measure.PannedSample sample -> panned(sample, figures);
      case Measure.FeedRate(double rate) -> Words.of("measure.feed-rate", Figures.plain(rate));
      case Measure.Pass pass -> pass(pass, figures);
    };
  }

  private static String panned(Measure.PannedSample sample, Figures figures) {
    String specks = Words.counted("measure.panned.specks", sample.specks());
    String each =
        sample.seen().size() == 1
            ? specks
            : sample.seen().stream()
                .map(
                    seen ->
                        Words.of(
                            "measure.panned.cut", cut(seen.cut()), Integer.toString(seen.specks())))
                .collect(Collectors.joining(", "));
    return Words.of("measure.panned", figures.sand(sample.sampleG()), each);
  }

  private static String assay(Measure.Assay assay, Figures figures) {
    String text =
        Words.of(
            "measure.assay",
            Figures.plain(assay.gramsPerTonne()),
            Figures.percent(assay.relativeSd()),
            figures.read(assay.sampleG(), 0.1));
    String whole =
        assay.composite().map(bag -> Words.of("measure.assay.composite", text, bag)).orElse(text);
    return assay
        .visible()
        .map(visible -> Words.of("measure.with-visible", whole, visible(visible, figures)))
        .orElse(whole);
  }

  private static String smelt(Measure.Smelt smelt, Figures figures) {
    String bead =
        smelt.partedMg().isPresent()
            ? Words.of(
                "measure.smelt.parted",
                figures.gold(smelt.beadMg()),
                figures.gold(smelt.partedMg().getAsDouble()))
            : Words.of("measure.smelt.bead", figures.gold(smelt.beadMg()));
    String slag =
        smelt.slagMg().isPresent()
            ? Words.of("measure.smelt.slag", figures.gold(smelt.slagMg().getAsDouble()))
            : "";
    String text =
        Words.of(
                "measure.smelt",
                figures.read(smelt.sampleG(), 0.1),
                Words.of("collector", smelt.collector()),
                bead)
            + slag;
    return Words.of("measure.with-visible", text, visible(smelt.visible(), figures));
  }

  /** What became of the gold one could see. */
  public static String visible(Measure.VisibleGold visible, Figures figures) {
    return Words.of(
        "visible.said",
        visible.state(),
        figures.gold(visible.milligrams()),
        figures.gold(visible.upToMg().orElse(0)));
  }

  /** A dial of a machine this program knows nothing of is called by its name in the file. */
  private static String setting(String id, double value) {
    return Sheets.dial(id)
        .map(
            dial ->
                Words.of(
                    "measure.setting",
                    SheetWords.dial(id),
                    Figures.rounded(value, 2),
                    SheetWords.unit(dial.unit())))
        .orElseGet(() -> Words.of("measure.setting", id, Figures.plain(value), ""));
  }

  private static String pass(Measure.Pass pass, Figures figures) {
    String lifted = figures.sand(pass.liftedG());
    String dropped = figures.sand(pass.droppedBackG());
    return pass.goldMg().isPresent()
        ? Words.of(
            "measure.pass.weighed", lifted, dropped, figures.gold(pass.goldMg().getAsDouble()))
        : Words.counted("measure.pass", pass.specks(), lifted, dropped);
  }

  private static String sandWeight(Measure.SandWeight weight, Figures figures) {
    String net = figures.read(weight.netG(), weight.resolutionG());
    String bowl =
        weight.bowlNumber() > 1
            ? Words.of("measure.sand.bowl", Integer.toString(weight.bowlNumber()))
            : "";
    String tare = figures.read(weight.tareG(), weight.resolutionG());
    if (weight.moisture() > 0) {
      String water = Figures.percent(weight.moisture());
      String about =
          weight.moistureSd().isPresent()
              ? Words.of(
                  "measure.sand.water",
                  water,
                  Figures.fixed(weight.moistureSd().getAsDouble() * 100, 1))
              : water;
      return Words.of("measure.sand.wet", net, about, figures.sand(weight.dryG())) + bowl;
    }
    String container =
        weight
            .container()
            .map(name -> Words.of("measure.sand.container", net, name, tare))
            .orElseGet(() -> Words.of("measure.sand.tare", net, tare));
    return (weight.tareG() > 0 ? container : Words.of("measure.sand", net)) + bowl;
  }

  /** The writing of a cut, also for sand no screen has seen. */
  public static String cut(Cut cut) {
    return cut.isAll() ? Words.of("cut.all") : cut.notation();
  }

  /** The sizes of a cut in millimetres. */
  public static String sizes(Cut cut) {
    if (cut.isAll()) {
      return Words.of("cut.sizes.all");
    }
    if (cut.passing().isEmpty()) {
      return Words.of("cut.sizes.over", Figures.plain(cut.lowerMm()));
    }
    return cut.retained().isEmpty()
        ? Words.of("cut.sizes.under", Figures.plain(cut.upperMm()))
        : Words.of("cut.sizes.between", Figures.plain(cut.upperMm()), Figures.plain(cut.lowerMm()));
  }

  /** A lot, by what is written on it, or by its material and cut. */
  public static String lot(Lot lot) {
    if (!lot.name().isBlank()) {
      return lot.name();
    }
    String material = Words.of("material", lot.material());
    if (lot.cut().isAll()) {
      return material;
    }
    return lot.material() == Material.CUT
        ? lot.cut().notation()
        : Words.of("lot.named", material, lot.cut().notation());
  }

  /** A lot's name as a heading. */
  public static String title(Lot lot) {
    String name = lot(lot);
    return name.substring(0, 1).toUpperCase(Locale.ROOT) + name.substring(1);
  }

  /** Several lots, by name. */
  public static String lots(Network network, List<LotId> ids) {
    return network.lots(ids).stream().map(Sentences::lot).collect(Collectors.joining(", "));
  }
}
