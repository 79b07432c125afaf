package jugulum.desk.measure;

import java.util.List;
import java.util.function.Supplier;
import jugulum.core.ledger.Measure;
import jugulum.core.machine.Sheets;
import jugulum.core.shop.Magnet;
import jugulum.desk.entry.Containers;
import jugulum.desk.words.Figures;
import jugulum.desk.words.SheetWords;

/** The form of every kind of measure. */
public final class MeasureForms {
  private MeasureForms() {}

  /** The form for measures like that one, filled with it. */
  public static MeasureForm filled(
      Measure measure, Supplier<Figures> figures, Containers containers, List<Magnet> magnets) {
    MeasureForm form =
        switch (measure) {
          case Measure.SandWeight _ -> new SandWeightForm(figures, containers);
          case Measure.GoldWeight _ -> new GoldWeightForm(figures);
          case Measure.Fineness _ -> new FinenessForm(figures);
          case Measure.SpeckCount _ -> new SpeckCountForm(figures);
          case Measure.Assay _ -> new AssayForm(figures);
          case Measure.Smelt _ -> new SmeltForm(figures);
          case Measure.Melt melt -> MeltForm.of(figures, melt);
          case Measure.Finish finish -> FinishFactForm.of(figures, finish);
          case Measure.KnownGold _ -> new KnownGoldForm(figures);
          case Measure.WeighedSpecks _ -> new WeighedSpecksForm(figures);
          case Measure.SpeckTest _ -> new SpeckTestForm(figures);
          case Measure.SizeAnalysis _ -> new SizeAnalysisForm(figures);
          case Measure.LookedOver _ -> new LookedOverForm(figures);
          case Measure.LastMinute(var screen, double _) -> new LastMinuteForm(figures, screen);
          case Measure.MagnetTest _ -> new MagnetTestForm(figures);
          case Measure.LiftTest _ -> new LiftTestForm(figures);
          case Measure.Product _ -> new ProductForm(figures);
          case Measure.Bagged _ -> OneField.bag(figures);
          case Measure.Discarded _ -> OneField.discard(figures);
          case Measure.Setting(String dial, double _) ->
              OneField.setting(
                  figures,
                  dial,
                  Sheets.dial(dial)
                      .map(known -> SheetWords.dial(figures.get().words(), known.id()))
                      .orElse(dial));
          case Measure.Running running -> new RunningForm(figures, running.state());
          case Measure.Charge _ -> OneField.charge(figures);
          case Measure.Checked _ ->
              throw new IllegalArgumentException("a check is unticked, not corrected");
          case Measure.Pictured picture -> OneField.picture(figures, picture);
          case Measure.Pooled _, Measure.PoolOf _ ->
              throw new IllegalArgumentException("a pool is taken back whole, not corrected");
          case Measure.PannedSample sample ->
              new PannedSampleForm(figures, sample.seen().getFirst().cut());
          case Measure.FeedRate _ -> OneField.feedRate(figures);
          case Measure.Pass _ -> new PassForm(figures, magnets);
        };
    form.fill(measure);
    return form;
  }
}
