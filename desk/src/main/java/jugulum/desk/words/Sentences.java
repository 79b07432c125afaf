package jugulum.desk.words;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import jugulum.book.stream.BookProblem;
import jugulum.book.stream.Store;
import jugulum.core.check.OutOfRange;
import jugulum.core.gold.Recovery;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Look;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.ReadOn;
import jugulum.core.ledger.Route;
import jugulum.core.ledger.Step;
import jugulum.core.machine.Sheets;
import jugulum.core.machine.Spot;
import jugulum.core.screens.Cut;
import jugulum.core.sizes.SizeCurve;
import jugulum.core.stream.Refusal;

/** Says in words what the core says in values. */
public final class Sentences {
  private Sentences() {}

  /** Why an edit was refused. */
  public static String refusal(Refusal refusal, Figures figures) {
    Words words = figures.words();
    String[] values =
        refusal.values().stream()
            .map(
                value ->
                    switch (value) {
                      case Refusal.Told.Grams(double grams) -> figures.sand(grams);
                      case Refusal.Told.Moment(Instant at) -> figures.moment(at);
                      case Refusal.Told.Words(String text) ->
                          text.isEmpty() ? words.of("bench.unnamed") : text;
                    })
            .toArray(String[]::new);
    return words.of("refusal." + refusal.reason().name(), values);
  }

  /** Why a value cannot be. */
  public static String outOfRange(Words words, OutOfRange problem) {
    return words.of(
        "out-of-range",
        words.of("quantity." + problem.quantity()),
        words.plain(problem.low()),
        words.plain(problem.high()));
  }

  /** What is wrong with the book and what to do. */
  public static String problem(Words words, BookProblem problem) {
    return words.of("book", problem.kind(), problem.place(), problem.detail());
  }

  /** What went wrong when a book was copied, or a copy brought back: nothing was recorded then. */
  public static String copying(Words words, BookProblem problem) {
    return switch (problem.kind()) {
      case DISK_FULL -> words.of("backup.full", problem.place());
      case READ_ONLY_DISK -> words.of("backup.read-only", problem.place());
      case CANNOT_CREATE -> words.of("backup.not-there", problem.place());
      default -> problem(words, problem);
    };
  }

  /** What went wrong, by its cause where it was thrown on another thread. */
  public static String problem(Words words, Throwable thrown) {
    Throwable cause = cause(thrown);
    return cause instanceof BookProblem known
        ? problem(words, known)
        : words.of("notice.unexpected", String.valueOf(cause));
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
  public static String share(Words words, Recovery recovery) {
    String share = words.percent(recovery.share());
    if (recovery.isAtMost()) {
      return words.of("recovery.at-most", share);
    }
    return recovery.isAtLeast() ? words.of("account.at-least", share) : share;
  }

  /** Of which gold a recovery is and against what, as the end of a key. */
  public static String kind(Recovery recovery) {
    return recovery.of() + "_" + recovery.against();
  }

  /** Why this window may only read. */
  public static String readOnly(Words words, Store.ReadOnly why) {
    return switch (why) {
      case Store.ReadOnly.OtherWindow(String holder) -> words.of("read-only.other", holder);
      case Store.ReadOnly.Disk _ -> words.of("read-only.disk");
      case Store.ReadOnly.ACopy _ -> words.of("read-only.copy");
    };
  }

  /** What an edit does, as a noun: "weight of −30 +50". */
  public static String edit(Edit edit, Figures figures) {
    Words words = figures.words();
    return switch (edit) {
      case Edit.StartBatch start -> words.of("edit.start", start.label().name());
      case Edit.Adopt adopt -> words.of("edit.adopt", adopt.batch().label().name());
      case Edit.Relabel(var label) -> words.of("edit.relabel", label.name());
      case Edit.Assume _ -> words.of("edit.assume");
      case Edit.TakeStep step -> words.of("edit.step", process(words, step.process()));
      case Edit.AddOutput output ->
          words.of("edit.output", words.of("material", output.output().material()));
      case Edit.RecordOnLot(var _, Measure measure) -> measure(measure, figures);
      case Edit.RecordOnStep(var _, Measure measure) -> measure(measure, figures);
      case Edit.InsertOnStep(var _, var _, Measure measure) -> measure(measure, figures);
      case Edit.Correct(var _, Measure measure, var _) ->
          words.of("edit.correct", measure(measure, figures));
      case Edit.Strike _ -> words.of("edit.strike");
      case Edit.Doubt(var _, boolean doubted, var _) ->
          words.of(doubted ? "edit.doubt" : "edit.trust");
      case Edit.AddNote _ -> words.of("edit.note");
      case Edit.FinishStep(var _, boolean done) -> words.of(done ? "edit.finish" : "edit.go-on");
      case Edit.WithdrawStep _ -> words.of("edit.withdraw");
      case Edit.FollowRoute(Optional<Route> route) ->
          route
              .map(one -> words.of("edit.route", RouteWords.name(words, one)))
              .orElseGet(() -> words.of("edit.route.none"));
      case Edit.CloseBatch(boolean closed) -> words.of(closed ? "edit.close" : "edit.reopen");
    };
  }

  /** A kind of work. */
  public static String process(Words words, Process process) {
    return switch (process) {
      case Process.Receive _ -> words.of("process.receive");
      case Process.Screening _ -> words.of("process.screen");
      case Process.MagnetRun run ->
          run.with().map(one -> machine(words, one)).orElseGet(() -> words.of("process.magnet"));
      case Process.GravityRun run -> machine(words, run.machine());
      case Process.Merging _ -> words.of("process.merge");
      case Process.Splitting _ -> words.of("process.split");
      case Process.Finishing _ -> words.of("process.finish");
    };
  }

  /** A step, by its kind of work and what it took. */
  public static String step(Words words, Step step, Network network) {
    return words.of(
        "account.step", process(words, step.process()), lots(words, network, step.inputs()));
  }

  /** A machine, by its owner's name where it has one. */
  public static String machine(Words words, Machine machine) {
    String kind = words.of("machine", machine.kind());
    return machine.name().isBlank() ? kind : words.of("machine.named", kind, machine.name());
  }

  /** What is done, by the kind of machine it is done on where there is one. */
  public static String shortProcess(Words words, Process process) {
    return process
        .on()
        .map(machine -> words.of("machine.short", machine.kind()))
        .orElseGet(() -> process(words, process));
  }

  /** A reading as it was made. */
  public static String measure(Measure measure, Figures figures) {
    return onScale(figures.words(), read(measure, figures), measure.readOn());
  }

  private static String read(Measure measure, Figures figures) {
    Words words = figures.words();
    return switch (measure) {
      case Measure.SandWeight weight -> sandWeight(weight, figures);
      case Measure.GoldWeight(double mass, double resolution, var _, var _) ->
          words.of("measure.gold", figures.read(mass, resolution));
      case Measure.WeighedSpecks(int specks, double mg, double _, var _) ->
          words.counted("measure.weighed-specks", specks, figures.gold(mg));
      case Measure.SpeckTest(int tested, int gold, var _) ->
          words.counted("measure.speck-test", tested, Integer.toString(gold));
      case Measure.Fineness(double fraction, double sd) ->
          words.of("measure.fineness", words.fixed(fraction * 1000, 0), words.fixed(sd * 1000, 0));
      case Measure.SpeckCount(int specks, double share) ->
          words.counted("measure.specks", specks, words.percent(share));
      case Measure.Assay assay -> assay(assay, figures);
      case Measure.Smelt smelt -> smelt(smelt, figures);
      case Measure.Melt melt -> MeltWords.said(melt, figures);
      case Measure.Finish(var fact) -> FinishWords.said(fact, figures);
      case Measure.KnownGold(double mg, double _) -> words.of("measure.known", figures.gold(mg));
      case Measure.SizeAnalysis(SizeCurve curve) ->
          words.of(
              "measure.sizes",
              Integer.toString(curve.sieved().size()),
              figures.sand(curve.totalG()));
      case Measure.LookedOver(int pickers, double grams) when grams > 0 ->
          words.counted("measure.looked-over.weighed", pickers, figures.gold(grams * 1000));
      case Measure.LookedOver(int pickers, double _) ->
          words.counted("measure.looked-over", pickers);
      case Measure.LastMinute(var screen, double grams) ->
          words.of("measure.last-minute", figures.sand(grams), screen.label());
      case Measure.MagnetTest(double sample, double weak, double strong) ->
          words.of(
              "measure.magnet-test",
              figures.sand(sample),
              words.percent(weak / sample),
              words.percent(strong / sample));
      case Measure.LiftTest(double sample, var lifts) ->
          words.of(
              "measure.lift-test",
              figures.sand(sample),
              words.row(
                  lifts.stream()
                      .map(
                          one ->
                              words.of(
                                  "measure.lift",
                                  words.plain(one.gapMm()),
                                  figures.sand(one.grams()),
                                  Integer.toString(one.specks())))
                      .toList()));
      case Measure.Bagged(String bag) -> words.of("measure.bagged", bag);
      case Measure.Discarded(String reason) ->
          reason.isEmpty()
              ? words.of("measure.discarded")
              : words.of("measure.discarded.why", reason);
      case Measure.Product(var mineral, double purity, double price, String buyer) ->
          words.of(
              buyer.isEmpty() ? "measure.product" : "measure.product.to",
              words.of("mineral", mineral),
              words.percent(purity),
              words.fixed(price, 2),
              buyer);
      case Measure.Pictured picture ->
          words.of(
              picture.isDrawn() ? "measure.pictured.drawn" : "measure.pictured",
              Integer.toString(picture.specks().size()),
              words.rounded(picture.milligrams(), 2),
              words.rounded(picture.lowMg(), 2),
              words.rounded(picture.highMg(), 2),
              Integer.toString(picture.takenOut()),
              Integer.toString(picture.putIn()));
      case Measure.Pooled pooled -> words.of("measure.pooled", pooled.name());
      case Measure.PoolOf pool -> words.counted("measure.pool-of", pool.parts().size());
      case Measure.Setting(String dial, double value) -> setting(words, dial, value);
      case Measure.Running(var state, var toldAt) ->
          toldAt
              .map(
                  at ->
                      words.of(
                          "measure.running.at",
                          words.of("measure.running", state),
                          figures.clock(at)))
              .orElseGet(() -> words.of("measure.running", state));
      case Measure.Charge(var grams, var _) ->
          grams.isPresent()
              ? words.of("measure.charge.weighed", figures.sand(grams.getAsDouble()))
              : words.of("measure.charge");
      case Measure.Checked(String check) ->
          words.of("measure.checked", SheetWords.check(words, check));
      case Measure.PannedSample sample -> panned(sample, figures);
      case Measure.FeedRate(double rate) -> words.of("measure.feed-rate", words.plain(rate));
      case Measure.Pass pass -> pass(pass, figures);
    };
  }

  private static String panned(Measure.PannedSample sample, Figures figures) {
    Words words = figures.words();
    String specks = words.counted("measure.panned.specks", sample.specks());
    String each =
        sample.seen().size() == 1
            ? specks
            : words.row(
                sample.seen().stream()
                    .map(
                        seen ->
                            words.of(
                                "measure.panned.cut",
                                cut(words, seen.cut()),
                                Integer.toString(seen.specks())))
                    .toList());
    return words.of("measure.panned", figures.sand(sample.sampleG()), each);
  }

  private static String assay(Measure.Assay assay, Figures figures) {
    Words words = figures.words();
    String text =
        words.of(
            "measure.assay",
            words.plain(assay.gramsPerTonne()),
            words.percent(assay.relativeSd()),
            figures.read(assay.sampleG(), 0.1));
    String whole =
        assay.composite().map(bag -> words.of("measure.assay.composite", text, bag)).orElse(text);
    return assay
        .visible()
        .map(visible -> words.of("measure.with-visible", whole, visible(visible, figures)))
        .orElse(whole);
  }

  private static String smelt(Measure.Smelt smelt, Figures figures) {
    Words words = figures.words();
    String bead =
        smelt.partedMg().isPresent()
            ? words.of(
                "measure.smelt.parted",
                figures.gold(smelt.beadMg()),
                figures.gold(smelt.partedMg().getAsDouble()))
            : words.of("measure.smelt.bead", figures.gold(smelt.beadMg()));
    String slag =
        smelt.slagMg().isPresent()
            ? words.of("measure.smelt.slag", figures.gold(smelt.slagMg().getAsDouble()))
            : "";
    String text =
        words.of(
                "measure.smelt",
                figures.read(smelt.sampleG(), 0.1),
                words.of("collector", smelt.collector()),
                bead)
            + slag;
    return words.of("measure.with-visible", text, visible(smelt.visible(), figures));
  }

  /** What became of the gold one could see. */
  public static String visible(Measure.VisibleGold visible, Figures figures) {
    return figures
        .words()
        .of(
            "visible.said",
            visible.state(),
            figures.gold(visible.milligrams()),
            figures.gold(visible.upToMg().orElse(0)));
  }

  /** A dial of a machine this program knows nothing of is called by its name in the file. */
  public static String setting(Words words, String id, double value) {
    return Sheets.dial(id)
        .map(
            dial ->
                words.of(
                    "measure.setting",
                    SheetWords.dial(words, id),
                    words.rounded(value, 2),
                    SheetWords.unit(words, dial.unit())))
        .orElseGet(
            () ->
                words.of(
                    "measure.setting.own",
                    Spot.of(id).map(spot -> words.of("spot", spot)).orElse(id),
                    words.plain(value)));
  }

  private static String pass(Measure.Pass pass, Figures figures) {
    Words words = figures.words();
    String lifted = figures.sand(pass.liftedG());
    String dropped = figures.sand(pass.droppedBackG());
    return pass.goldMg().isPresent()
        ? words.of(
            "measure.pass.weighed", lifted, dropped, figures.gold(pass.goldMg().getAsDouble()))
        : words.counted("measure.pass", pass.specks(), lifted, dropped);
  }

  /** A weight of a scale that had failed its check is marked wherever it is shown. */
  private static String onScale(Words words, String weight, Optional<ReadOn> on) {
    return on.map(
            scale ->
                words.of(
                    scale.isDoubtful() ? "measure.on-scale.failed" : "measure.on-scale",
                    weight,
                    scale.scale()))
        .orElse(weight);
  }

  private static String sandWeight(Measure.SandWeight weight, Figures figures) {
    Words words = figures.words();
    String net = figures.read(weight.netG(), weight.resolutionG());
    String bowl =
        weight.bowlNumber() > 1
            ? words.of("measure.sand.bowl", Integer.toString(weight.bowlNumber()))
            : "";
    String tare = figures.read(weight.tareG(), weight.resolutionG());
    if (weight.moisture() > 0) {
      String water = words.percent(weight.moisture());
      String about =
          weight.moistureSd().isPresent()
              ? words.of(
                  "measure.sand.water",
                  water,
                  words.fixed(weight.moistureSd().getAsDouble() * 100, 1))
              : water;
      return words.of("measure.sand.wet", net, about, figures.sand(weight.dryG())) + bowl;
    }
    String container =
        weight
            .container()
            .map(name -> words.of("measure.sand.container", net, name, tare))
            .orElseGet(() -> words.of("measure.sand.tare", net, tare));
    return (weight.tareG() > 0 ? container : words.of("measure.sand", net)) + bowl;
  }

  /** The writing of a cut, also for sand no screen has seen. */
  public static String cut(Words words, Cut cut) {
    return cut.isAll() ? words.of("cut.all") : cut.notation();
  }

  /** The sizes of a cut in millimetres. */
  public static String sizes(Words words, Cut cut) {
    if (cut.isAll()) {
      return words.of("cut.sizes.all");
    }
    if (cut.passing().isEmpty()) {
      return words.of("cut.sizes.over", words.plain(cut.lowerMm()));
    }
    return cut.retained().isEmpty()
        ? words.of("cut.sizes.under", words.plain(cut.upperMm()))
        : words.of("cut.sizes.between", words.plain(cut.upperMm()), words.plain(cut.lowerMm()));
  }

  /** What was done to find out about the gold of a lot; of none, whether what gave it away has. */
  public static String looks(Words words, Collection<Look> looks, boolean isGoldKnown) {
    return looks.isEmpty()
        ? words.of(isGoldKnown ? "look.BY_PASSES" : "look.NONE")
        : words.row(looks.stream().sorted().map(look -> words.of("look", look)).toList());
  }

  /** A lot, by what is written on it, or by its material and cut. */
  public static String lot(Words words, Lot lot) {
    if (!lot.name().isBlank()) {
      return lot.name();
    }
    String material = words.of("material", lot.material());
    if (lot.cut().isAll()) {
      return material;
    }
    return lot.material() == Material.CUT
        ? lot.cut().notation()
        : words.of("lot.named", material, lot.cut().notation());
  }

  /** A lot's name as a heading. */
  public static String title(Words words, Lot lot) {
    return words.beginning(lot(words, lot));
  }

  /** Several lots, by name. */
  public static String lots(Words words, Network network, List<LotId> ids) {
    return words.row(network.lots(ids).stream().map(one -> Sentences.lot(words, one)).toList());
  }

  /** How the sand was, and how that was known. */
  public static String state(Words words, Process.MagnetRun run) {
    String medium = words.of("medium", run.medium());
    Optional<String> check =
        run.check()
            .map(
                told ->
                    told.moisture().isPresent()
                        ? words.of(
                            "magnet.checked.moisture", words.percent(told.moisture().getAsDouble()))
                        : words.of("magnet.checked.ran-freely"));
    return check.map(how -> words.of("magnet.checked", medium, how)).orElse(medium);
  }
}
