package jugulum.desk.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import jugulum.book.backup.Backups;
import jugulum.book.batch.BatchSummary;
import jugulum.book.batch.FindLines;
import jugulum.book.csv.SizeCsv;
import jugulum.book.replay.ReplayFile;
import jugulum.book.stream.BookProblem;
import jugulum.core.advice.Advice;
import jugulum.core.day.DayReason;
import jugulum.core.day.Job;
import jugulum.core.eye.EyeMass;
import jugulum.core.eye.PictureSeen;
import jugulum.core.eye.SeenSpeck;
import jugulum.core.eye.Tray;
import jugulum.core.gold.GoldRange;
import jugulum.core.gold.Place;
import jugulum.core.gold.Recovery;
import jugulum.core.gold.Stage;
import jugulum.core.identify.Clue;
import jugulum.core.identify.Suspect;
import jugulum.core.ledger.FinishFact;
import jugulum.core.ledger.Look;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.MeltFact;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Reason;
import jugulum.core.look.Act;
import jugulum.core.look.LookWeighed;
import jugulum.core.machine.Due;
import jugulum.core.machine.Overnight;
import jugulum.core.machine.Sheet;
import jugulum.core.machine.Spot;
import jugulum.core.machine.Working;
import jugulum.core.magnet.MagnetSchool;
import jugulum.core.marks.MarkLook;
import jugulum.core.marks.OwnWindow;
import jugulum.core.mass.LotMass;
import jugulum.core.mass.StepClosure;
import jugulum.core.mass.Suspicion;
import jugulum.core.minerals.Mineral;
import jugulum.core.passes.NextPass;
import jugulum.core.plan.PlanRequest;
import jugulum.core.plan.School;
import jugulum.core.reconcile.Adjusted;
import jugulum.core.runs.PastRun;
import jugulum.core.scale.Dialect;
import jugulum.core.scale.Heard;
import jugulum.core.scale.ScaleView;
import jugulum.core.scale.Sends;
import jugulum.core.schedule.DayPlan;
import jugulum.core.schedule.DayTask;
import jugulum.core.season.KindOfWork;
import jugulum.core.season.SeasonReason;
import jugulum.core.season.SourceRate;
import jugulum.core.settling.ConcentrationCriterion;
import jugulum.core.settling.Settling;
import jugulum.core.shop.OwnedScreen;
import jugulum.core.shop.StopRule;
import jugulum.core.smelt.AllOfIt;
import jugulum.core.smelt.Button;
import jugulum.core.smelt.Flux;
import jugulum.core.stream.Meanwhile;
import jugulum.core.task.Task;
import jugulum.core.trial.TrialPlan;
import jugulum.core.trial.TrialReason;
import jugulum.core.units.MassText;
import jugulum.core.units.MassUnit;
import jugulum.desk.files.FileKind;
import jugulum.desk.print.LabelSize;
import jugulum.desk.smelt.BesideBox;
import jugulum.desk.work.LongWork;
import jugulum.practice.drill.LostBy;
import jugulum.practice.sand.GrainKind;
import jugulum.practice.start.Trade;
import org.junit.jupiter.api.Test;

class WordsTest {
  private static final Pattern KEY =
      Pattern.compile(
          "ords(?:\\(\\))?\\.(of|counted)\\(\\s*\"([a-zA-Z.-]+)\"(\\s*,\\s*[a-z][A-Za-z.]*\\((?:\\)|[a-z]+)?\\.?)?");

  /** Keys the code names in full, found by reading it; keys it makes up are in the tests below. */
  @Test
  void everyKeyInTheCodeHasAText() throws IOException {
    TreeSet<String> missing = new TreeSet<>();
    try (Stream<Path> sources = Files.walk(Path.of("src/main/java"))) {
      for (Path source : sources.filter(path -> path.toString().endsWith(".java")).toList()) {
        Matcher key = KEY.matcher(Files.readString(source));
        while (key.find()) {
          boolean madeUp = key.group(2).endsWith(".");
          if (!madeUp && !has(key.group(2)) && !isPrefix(key.group(2))) {
            missing.add(key.group(2));
          }
        }
      }
    }
    assertThat(missing).isEmpty();
  }

  /** Of a key told twice the second text is shown wherever the first was meant. */
  @Test
  void noKeyIsToldTwice() throws IOException {
    try (Stream<Path> files = Files.walk(Path.of("src/main/resources/jugulum/desk/words"))) {
      for (Path file : files.filter(one -> one.toString().endsWith(".properties")).toList()) {
        assertThat(
                Files.readAllLines(file).stream()
                    .filter(line -> !line.startsWith("#") && line.contains("="))
                    .map(line -> line.substring(0, line.indexOf('=')).strip())
                    .toList())
            .as("keys of %s", file.getFileName())
            .doesNotHaveDuplicates();
      }
    }
  }

  private static boolean has(String key) {
    return English.WORDS.has(key);
  }

  private static boolean isPrefix(String prefix) {
    return ENUMS.containsKey(prefix)
        || List.of(
                "command.together.init",
                "edit.walked",
                "eye.copy",
                "eye.not",
                "eye.step",
                "measure.kind",
                "lot.record",
                "view",
                "bucket",
                "board.column",
                "board.column.brief",
                "board.column.about",
                "board.spout",
                "port",
                "pass.from",
                "series",
                "cuts.part",
                "dry-check",
                "fate.title",
                "fate.about",
                "fate.record",
                "season.part",
                "shop.part",
                "table",
                "table.source",
                "guide.title",
                "hands.ask",
                "day.part",
                "gear.part",
                "gear.about",
                "day.about",
                "account.part",
                "recovery.of")
            .contains(prefix);
  }

  private static final Map<String, Object[]> ENUMS =
      Map.ofEntries(
          Map.entry(
              "refusal",
              Stream.of(
                      Reason.values(),
                      Meanwhile.values(),
                      TrialReason.values(),
                      DayReason.values(),
                      SeasonReason.values())
                  .flatMap(Stream::of)
                  .toArray()),
          Map.entry("backup.health", Backups.Health.values()),
          Map.entry("labels.size", LabelSize.values()),
          Map.entry("sheet.expected", Working.Sorts.values()),
          Map.entry("flux", Flux.values()),
          Map.entry("smelt.button", Button.values()),
          Map.entry("look.do", Act.values()),
          Map.entry("look.pan-on", Act.values()),
          Map.entry("look.act", Act.values()),
          Map.entry("look.mark", Act.values()),
          Map.entry("look.says", LookWeighed.Says.values()),
          Map.entry("day.why", DayPlan.Why.values()),
          Map.entry("habit.help", LostBy.values()),
          Map.entry("practice.trade", Trade.Rig.values()),
          Map.entry("practice.trade.shut", Trade.Rig.values()),
          Map.entry("speck.clue", Clue.values()),
          Map.entry("speck.suspect", Suspect.values()),
          Map.entry("speck.hazard", Suspect.Hazard.values()),
          Map.entry("table.magnet", Mineral.Response.values()),
          Map.entry("find.kind", FindLines.Kind.values()),
          Map.entry("season.by", SourceRate.Of.values()),
          Map.entry("season.rate", SourceRate.Of.values()),
          Map.entry("season.work", KindOfWork.values()),
          Map.entry("season.habit", jugulum.core.season.Habit.Kind.values()),
          Map.entry("season.help", jugulum.core.season.Habit.Kind.values()),
          Map.entry("practice.mineral", GrainKind.values()),
          Map.entry("replay.not", ReplayFile.Why.values()),
          Map.entry("day.hands", DayTask.Hands.values()),
          Map.entry("trial.stuff", TrialPlan.Stuff.values()),
          Map.entry("book", BookProblem.Kind.values()),
          Map.entry("material", Material.values()),
          Map.entry("machine", Machine.Kind.values()),
          Map.entry("machine.short", Machine.Kind.values()),
          Map.entry("medium", Process.MagnetRun.Medium.values()),
          Map.entry("state", BatchSummary.State.values()),
          Map.entry("place", Place.Kind.values()),
          Map.entry("gravity.add", new Object[] {Material.MIDDLINGS, Material.SAFETY_CATCH}),
          Map.entry("runs.kind", PastRun.Kind.values()),
          Map.entry("closure", StepClosure.State.values()),
          Map.entry("entry.mass", MassText.Why.values()),
          Map.entry("account.settle", Material.values()),
          Map.entry("lot.basis", LotMass.Basis.values()),
          Map.entry("manner", Process.Screening.Manner.values()),
          Map.entry("mineral", Mineral.values()),
          Map.entry("reach", ConcentrationCriterion.Reach.values()),
          Map.entry("law", new Object[] {Settling.Law.STOKES, Settling.Law.THIN_DISC}),
          Map.entry(
              "school",
              Stream.concat(Stream.of(School.values()), Stream.of(MagnetSchool.values()))
                  .toArray()),
          Map.entry(
              "school.reason",
              Stream.concat(Stream.of(School.values()), Stream.of(MagnetSchool.values()))
                  .toArray()),
          Map.entry("surety", PlanRequest.Surety.values()),
          Map.entry("suspect", Suspicion.Slip.values()),
          Map.entry("use", OwnedScreen.Use.values()),
          Map.entry("having", OwnedScreen.Having.values()),
          Map.entry("csv", SizeCsv.Layout.values()),
          Map.entry("file.kind", FileKind.values()),
          Map.entry("way", Process.MagnetRun.Way.values()),
          Map.entry("sheet.fit", Sheet.Fit.values()),
          Map.entry("look", Look.values()),
          Map.entry("verdict", NextPass.Verdict.values()),
          Map.entry("next-pass", NextPass.Why.values()),
          Map.entry("next-run", NextPass.Why.values()),
          Map.entry("measure.running", Measure.Running.State.values()),
          Map.entry("due", Due.What.values()),
          Map.entry("stage.bound", Stage.Bound.values()),
          Map.entry("runs.bound", Stage.Bound.values()),
          Map.entry("collector", Measure.Smelt.Collector.values()),
          Map.entry("visible", Measure.VisibleGold.State.values()),
          Map.entry("visible.said", Measure.VisibleGold.State.values()),
          Map.entry("advice.title", Advice.Kind.values()),
          Map.entry("advice.way", Advice.Kind.values()),
          Map.entry("advice.by", Advice.By.values()),
          Map.entry("balance.state", Adjusted.State.values()),
          Map.entry("task", Task.Kind.values()),
          Map.entry("finish.tool", FinishFact.Tool.values()),
          Map.entry("finish.on", FinishFact.Tool.values()),
          Map.entry("finish.saw", FinishFact.Lifted.values()),
          Map.entry("finish.act", FinishFact.Act.values()),
          Map.entry("finish.how", FinishFact.Act.values()),
          Map.entry("finish.did", FinishFact.Act.values()),
          Map.entry("day.does.smelt", Job.Work.Stage.values()),
          Map.entry("marks.saw", MarkLook.Saw.values()),
          Map.entry("marks.saw.short", MarkLook.Saw.values()),
          Map.entry("marks.state", OwnWindow.State.values()),
          Map.entry("marks.state.short", OwnWindow.State.values()),
          Map.entry("eye.tray", Tray.values()),
          Map.entry("eye.trouble", PictureSeen.Trouble.values()),
          Map.entry("eye.why", SeenSpeck.Why.values()),
          Map.entry("eye.widest", EyeMass.Widest.values()),
          Map.entry("gravity.manner", Process.GravityRun.Manner.values()),
          Map.entry("gravity.night.against", Overnight.Against.values()),
          Map.entry("run.night.morning", Overnight.Morning.values()),
          Map.entry("spot", Spot.values()),
          Map.entry("right", Machine.Kind.values()),
          Map.entry("melt.stop", MeltFact.Stop.values()),
          Map.entry("melt.sure", MeltFact.Stop.values()),
          Map.entry("melt.began", MeltFact.Phase.values()),
          Map.entry("melt.on", MeltFact.Phase.values()),
          Map.entry("melt.what", BesideBox.Beside.values()),
          Map.entry("melt.record", BesideBox.Beside.values()),
          Map.entry("melt.best", AllOfIt.Best.values()),
          Map.entry("melt.button.short", Button.values()),
          Map.entry("scale.meaning", Dialect.Meaning.values()),
          Map.entry("scale.sends", Sends.values()),
          Map.entry("scale.state", ScaleView.State.values()),
          Map.entry("scale.steady", Heard.Steady.values()),
          Map.entry("work", LongWork.values()),
          Map.entry("stop-rule", StopRule.Kind.values()));

  @Test
  void everyConstantHasAText() {
    ENUMS.forEach(
        (prefix, constants) ->
            Stream.of(constants)
                .forEach(
                    constant ->
                        assertThatCode(() -> English.WORDS.of(prefix, (Enum<?>) constant))
                            .as(prefix)
                            .doesNotThrowAnyException()));
  }

  @Test
  void everyRecoveryIsNamedAfterItsGoldAndWhatItIsMeasuredAgainst() {
    for (Recovery.Of of : Recovery.Of.values()) {
      for (Recovery.Against against : Recovery.Against.values()) {
        assertThat(List.of("recovery.", "recovery.of.", "recovery.rests."))
            .allMatch(prefix -> has(prefix + of + "_" + against));
      }
    }
  }

  @Test
  void everyQuantityHasAName() throws IOException {
    Pattern checked = Pattern.compile("Check\\.\\w+\\(\"(\\w+)\"");
    Path ledger = Path.of("../core/src/main/java/jugulum/core/ledger");
    String model =
        Files.readString(ledger.resolve("Measure.java"))
            + Files.readString(ledger.resolve("MeltFact.java"))
            + Files.readString(ledger.resolve("FinishFact.java"));
    assertThat(checked.matcher(model).results().map(result -> "quantity." + result.group(1)))
        .isNotEmpty()
        .allMatch(WordsTest::has);
  }

  /**
   * A place whose numbers have digits of their own writes ours: what the window shows must be what
   * can be typed.
   */
  @Test
  void figuresHaveTheSameDigitsEverywhere() {
    Locale before = Locale.getDefault();
    try {
      Locale.setDefault(Locale.forLanguageTag("ar-EG-u-nu-arab"));
      Figures grams = new Figures(MassUnit.GRAM, English.WORDS);
      String all =
          String.join(
              " ",
              grams.gold(3_934),
              grams.sand(4_910),
              grams.sand(212),
              English.WORDS.percent(0.917),
              English.WORDS.plain(0.425),
              English.WORDS.fixed(12.5, 1),
              English.WORDS.time(75),
              grams.goldRange(new GoldRange(80, 33.1, 140)));
      assertThat(all.chars().filter(Character::isDigit))
          .allMatch(digit -> digit >= '0' && digit <= '9');
      assertThat(all).contains("3.934 g", "4.91 kg", "91.7 %", "1 h 15");
    } finally {
      Locale.setDefault(before);
    }
  }

  @Test
  void figuresAreWrittenInTheUnitChosen() {
    Figures grams = new Figures(MassUnit.GRAM, English.WORDS);
    assertThat(grams.gold(3_934)).isEqualTo("3.934 g");
    assertThat(grams.gold(0.19)).isEqualTo("0.19 mg");
    assertThat(grams.gold(0.0034)).as("a flake is not nothing").isEqualTo("0.003 mg");
    assertThat(grams.goldRange(new GoldRange(80, 33.1, 140)))
        .as("in the unit of its figure, 80.0 mg")
        .isEqualTo("33.1 to 140 mg");
    assertThat(grams.goldRange(new GoldRange(37.8, 0.005, 120))).isEqualTo("0.005 to 120 mg");
    assertThat(grams.goldRange(new GoldRange(404, 0.82, 900))).isEqualTo("0.00082 to 0.900 g");
    assertThat(grams.goldRange(new GoldRange(1_496, 0, 3_584))).isEqualTo("0.000 to 3.584 g");
    assertThat(grams.sand(4_910)).isEqualTo("4.91 kg");
    assertThat(grams.sand(212)).isEqualTo("212 g");
    assertThat(new Figures(MassUnit.GRAIN, English.WORDS).gold(2_154.56)).isEqualTo("33.25 gr");
    assertThat(new Figures(MassUnit.TROY_OUNCE, English.WORDS).gold(23_327.6))
        .isEqualTo("0.7500 ozt");
    assertThat(new Figures(MassUnit.PENNYWEIGHT, English.WORDS).sand(5_614)).isEqualTo("12.38 lb");
    assertThat(new Figures(MassUnit.PENNYWEIGHT, English.WORDS).sand(100)).isEqualTo("3.53 oz av");
    assertThat(English.WORDS.percent(0.917)).isEqualTo("91.7 %");
    assertThat(grams.read(3.9, 0.001)).as("as many places as the scale has").isEqualTo("3.900 g");
  }
}
