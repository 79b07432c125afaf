package jugulum.book.json;

import com.fasterxml.jackson.annotation.JsonAutoDetect.Visibility;
import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonFormat;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonSubTypes.Type;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.UUID;
import jugulum.core.day.DayEdit;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.FinishFact;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.MeltFact;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.ReadingId;
import jugulum.core.ledger.Route;
import jugulum.core.ledger.StepId;
import jugulum.core.scale.ScaleLine;
import jugulum.core.season.BatchResult;
import jugulum.core.season.PartingStep;
import jugulum.core.season.SeasonEdit;
import jugulum.core.shop.ShopEdit;
import jugulum.core.trial.TrialEdit;
import jugulum.core.trial.TrialId;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.cfg.DateTimeFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * How the model is written as JSON. The names stand here and nowhere else, so a class can be
 * renamed without a file noticing; the core stays free of them by mix-ins.
 */
final class Mappers {
  private static final JsonInclude.Value WITHOUT_ABSENT =
      JsonInclude.Value.construct(JsonInclude.Include.NON_ABSENT, JsonInclude.Include.NON_ABSENT);

  static final JsonMapper COMPACT =
      JsonMapper.builder(
              JsonFactory.builder().enable(StreamReadFeature.USE_FAST_DOUBLE_PARSER).build())
          .addMixIn(BatchId.class, BatchIdAsText.class)
          .addMixIn(LotId.class, LotIdAsNumber.class)
          .addMixIn(StepId.class, StepIdAsNumber.class)
          .addMixIn(ReadingId.class, ReadingIdAsNumber.class)
          .addMixIn(Measure.class, MeasureKinds.class)
          .addMixIn(MeltFact.class, MeltFacts.class)
          .addMixIn(FinishFact.class, FinishFacts.class)
          .addMixIn(Process.class, ProcessKinds.class)
          .addMixIn(Edit.class, EditKinds.class)
          .addMixIn(ShopEdit.class, ShopEditKinds.class)
          .addMixIn(TrialEdit.class, TrialEditKinds.class)
          .addMixIn(DayEdit.class, DayEditKinds.class)
          .addMixIn(SeasonEdit.class, SeasonEditKinds.class)
          .addMixIn(BatchResult.class, AsArray.class)
          .addMixIn(PartingStep.class, AsArray.class)
          .addMixIn(TrialId.class, TrialIdAsText.class)
          .addMixIn(Route.Does.class, DoesKinds.class)
          .addMixIn(ScaleLine.class, ScaleLineKinds.class)
          .changeDefaultVisibility(
              seen ->
                  seen.withFieldVisibility(Visibility.ANY)
                      .withGetterVisibility(Visibility.NONE)
                      .withIsGetterVisibility(Visibility.NONE))
          .changeDefaultPropertyInclusion(_ -> WITHOUT_ABSENT)
          .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
          .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
          .disable(DateTimeFeature.WRITE_DATES_AS_TIMESTAMPS)
          .build();

  /**
   * For rows of a book: what an earlier version wrote beside what is known today is passed over;
   * the row keeps it.
   */
  static final JsonMapper TOLERANT =
      COMPACT.rebuild().disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES).build();

  static final JsonMapper PRETTY =
      COMPACT.rebuild().enable(SerializationFeature.INDENT_OUTPUT).build();

  private Mappers() {}

  abstract static class BatchIdAsText {
    @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
    BatchIdAsText(UUID value) {}

    @JsonValue
    abstract UUID value();
  }

  /** Lines of a table of the book, read by the ten thousand: names in each would take longest. */
  @JsonFormat(shape = JsonFormat.Shape.ARRAY)
  interface AsArray {}

  abstract static class TrialIdAsText {
    @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
    TrialIdAsText(UUID value) {}

    @JsonValue
    abstract UUID value();
  }

  abstract static class LotIdAsNumber {
    @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
    LotIdAsNumber(int number) {}

    @JsonValue
    abstract int number();
  }

  abstract static class StepIdAsNumber {
    @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
    StepIdAsNumber(int number) {}

    @JsonValue
    abstract int number();
  }

  abstract static class ReadingIdAsNumber {
    @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
    ReadingIdAsNumber(int number) {}

    @JsonValue
    abstract int number();
  }

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @Type(value = Measure.SandWeight.class, name = "sand-weight"),
    @Type(value = Measure.GoldWeight.class, name = "gold-weight"),
    @Type(value = Measure.Fineness.class, name = "fineness"),
    @Type(value = Measure.SpeckCount.class, name = "speck-count"),
    @Type(value = Measure.Assay.class, name = "assay"),
    @Type(value = Measure.KnownGold.class, name = "known-gold"),
    @Type(value = Measure.SizeAnalysis.class, name = "size-analysis"),
    @Type(value = Measure.LookedOver.class, name = "looked-over"),
    @Type(value = Measure.WeighedSpecks.class, name = "weighed-specks"),
    @Type(value = Measure.SpeckTest.class, name = "speck-test"),
    @Type(value = Measure.LastMinute.class, name = "last-minute"),
    @Type(value = Measure.MagnetTest.class, name = "magnet-test"),
    @Type(value = Measure.LiftTest.class, name = "lift-test"),
    @Type(value = Measure.Bagged.class, name = "bagged"),
    @Type(value = Measure.Discarded.class, name = "discarded"),
    @Type(value = Measure.Product.class, name = "product"),
    @Type(value = Measure.Pictured.class, name = "pictured"),
    @Type(value = Measure.Pooled.class, name = "pooled"),
    @Type(value = Measure.PoolOf.class, name = "pool-of"),
    @Type(value = Measure.FeedRate.class, name = "feed-rate"),
    @Type(value = Measure.Setting.class, name = "setting"),
    @Type(value = Measure.Running.class, name = "running"),
    @Type(value = Measure.Charge.class, name = "charge"),
    @Type(value = Measure.Checked.class, name = "checked"),
    @Type(value = Measure.PannedSample.class, name = "panned-sample"),
    @Type(value = Measure.Smelt.class, name = "smelt"),
    @Type(value = Measure.Melt.class, name = "melt"),
    @Type(value = Measure.Finish.class, name = "finish"),
    @Type(value = Measure.Pass.class, name = "pass")
  })
  interface MeasureKinds {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "fact")
  @JsonSubTypes({
    @Type(value = MeltFact.Taken.class, name = "taken"),
    @Type(value = MeltFact.Sands.class, name = "sands"),
    @Type(value = MeltFact.Sure.class, name = "sure"),
    @Type(value = MeltFact.Roasted.class, name = "roasted"),
    @Type(value = MeltFact.Charged.class, name = "charged"),
    @Type(value = MeltFact.Begun.class, name = "begun"),
    @Type(value = MeltFact.Button.class, name = "button"),
    @Type(value = MeltFact.Matte.class, name = "matte"),
    @Type(value = MeltFact.Shot.class, name = "shot"),
    @Type(value = MeltFact.Bead.class, name = "bead"),
    @Type(value = MeltFact.Parted.class, name = "parted"),
    @Type(value = MeltFact.Spoilt.class, name = "spoilt"),
    @Type(value = MeltFact.Blank.class, name = "blank"),
    @Type(value = MeltFact.Cost.class, name = "cost"),
    @Type(value = MeltFact.Ended.class, name = "ended")
  })
  interface MeltFacts {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "fact")
  @JsonSubTypes({
    @Type(value = FinishFact.On.class, name = "on"),
    @Type(value = FinishFact.Did.class, name = "did"),
    @Type(value = FinishFact.Lift.class, name = "lift"),
    @Type(value = FinishFact.Turn.class, name = "turn"),
    @Type(value = FinishFact.Over.class, name = "over")
  })
  interface FinishFacts {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @Type(value = Process.Receive.class, name = "receive"),
    @Type(value = Process.Screening.class, name = "screen"),
    @Type(value = Process.MagnetRun.class, name = "magnet"),
    @Type(value = Process.GravityRun.class, name = "gravity"),
    @Type(value = Process.Merging.class, name = "merge"),
    @Type(value = Process.Splitting.class, name = "split"),
    @Type(value = Process.Finishing.class, name = "finish")
  })
  interface ProcessKinds {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "edit")
  @JsonSubTypes({
    @Type(value = Edit.StartBatch.class, name = "start-batch"),
    @Type(value = Edit.Adopt.class, name = "adopt"),
    @Type(value = Edit.Relabel.class, name = "relabel"),
    @Type(value = Edit.Assume.class, name = "assume"),
    @Type(value = Edit.TakeStep.class, name = "take-step"),
    @Type(value = Edit.AddOutput.class, name = "add-output"),
    @Type(value = Edit.RecordOnLot.class, name = "record-on-lot"),
    @Type(value = Edit.RecordOnStep.class, name = "record-on-step"),
    @Type(value = Edit.InsertOnStep.class, name = "insert-on-step"),
    @Type(value = Edit.Correct.class, name = "correct"),
    @Type(value = Edit.Strike.class, name = "strike"),
    @Type(value = Edit.Doubt.class, name = "doubt"),
    @Type(value = Edit.AddNote.class, name = "add-note"),
    @Type(value = Edit.FinishStep.class, name = "finish-step"),
    @Type(value = Edit.WithdrawStep.class, name = "withdraw-step"),
    @Type(value = Edit.FollowRoute.class, name = "follow-route"),
    @Type(value = Edit.CloseBatch.class, name = "close-batch")
  })
  interface EditKinds {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "edit")
  @JsonSubTypes({
    @Type(value = ShopEdit.Whole.class, name = "whole"),
    @Type(value = ShopEdit.KnowScreen.class, name = "know-screen"),
    @Type(value = ShopEdit.AssumeForNew.class, name = "assume-for-new"),
    @Type(value = ShopEdit.KnowContainer.class, name = "know-container"),
    @Type(value = ShopEdit.ForgetContainer.class, name = "forget-container"),
    @Type(value = ShopEdit.KnowMagnet.class, name = "know-magnet"),
    @Type(value = ShopEdit.ForgetMagnet.class, name = "forget-magnet"),
    @Type(value = ShopEdit.KnowMachine.class, name = "know-machine"),
    @Type(value = ShopEdit.ForgetMachine.class, name = "forget-machine"),
    @Type(value = ShopEdit.KnowRoute.class, name = "know-route"),
    @Type(value = ShopEdit.ForgetRoute.class, name = "forget-route"),
    @Type(value = ShopEdit.KnowScale.class, name = "know-scale"),
    @Type(value = ShopEdit.ForgetScale.class, name = "forget-scale"),
    @Type(value = ShopEdit.CheckScale.class, name = "check-scale"),
    @Type(value = ShopEdit.SetTerms.class, name = "set-terms"),
    @Type(value = ShopEdit.SetStopRule.class, name = "set-stop-rule")
  })
  interface ShopEditKinds {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "edit")
  @JsonSubTypes({
    @Type(value = TrialEdit.Begin.class, name = "begin"),
    @Type(value = TrialEdit.TakeOver.class, name = "take-over"),
    @Type(value = TrialEdit.Rename.class, name = "rename"),
    @Type(value = TrialEdit.Replan.class, name = "replan"),
    @Type(value = TrialEdit.Run.class, name = "run"),
    @Type(value = TrialEdit.Find.class, name = "find"),
    @Type(value = TrialEdit.StrikeRun.class, name = "strike-run"),
    @Type(value = TrialEdit.AddNote.class, name = "add-note"),
    @Type(value = TrialEdit.Close.class, name = "close")
  })
  interface TrialEditKinds {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "edit")
  @JsonSubTypes({
    @Type(value = SeasonEdit.Whole.class, name = "whole"),
    @Type(value = SeasonEdit.TellSource.class, name = "tell-source"),
    @Type(value = SeasonEdit.JoinSources.class, name = "join-sources"),
    @Type(value = SeasonEdit.PartSource.class, name = "part-source"),
    @Type(value = SeasonEdit.TellGravel.class, name = "tell-gravel"),
    @Type(value = SeasonEdit.AddSlip.class, name = "add-slip"),
    @Type(value = SeasonEdit.DropSlip.class, name = "drop-slip"),
    @Type(value = SeasonEdit.AddChange.class, name = "add-change"),
    @Type(value = SeasonEdit.DropChange.class, name = "drop-change"),
    @Type(value = SeasonEdit.AddTrip.class, name = "add-trip"),
    @Type(value = SeasonEdit.DropTrip.class, name = "drop-trip")
  })
  interface SeasonEditKinds {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "edit")
  @JsonSubTypes({
    @Type(value = DayEdit.Begin.class, name = "begin"),
    @Type(value = DayEdit.Whole.class, name = "whole"),
    @Type(value = DayEdit.SetUp.class, name = "set-up"),
    @Type(value = DayEdit.Add.class, name = "add"),
    @Type(value = DayEdit.Drop.class, name = "drop"),
    @Type(value = DayEdit.Say.class, name = "say"),
    @Type(value = DayEdit.Before.class, name = "before"),
    @Type(value = DayEdit.OutOfUse.class, name = "out-of-use"),
    @Type(value = DayEdit.BackInUse.class, name = "back-in-use"),
    @Type(value = DayEdit.MarkTask.class, name = "mark"),
    @Type(value = DayEdit.Plan.class, name = "plan")
  })
  interface DayEditKinds {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "line")
  @JsonSubTypes({
    @Type(value = ScaleLine.Serial.class, name = "serial"),
    @Type(value = ScaleLine.Network.class, name = "network"),
    @Type(value = ScaleLine.Played.class, name = "played")
  })
  interface ScaleLineKinds {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "do")
  @JsonSubTypes({
    @Type(value = Route.Does.Screen.class, name = "screen"),
    @Type(value = Route.Does.Magnet.class, name = "magnet"),
    @Type(value = Route.Does.Run.class, name = "run"),
    @Type(value = Route.Does.Keep.class, name = "keep"),
    @Type(value = Route.Does.Finish.class, name = "finish")
  })
  interface DoesKinds {}
}
