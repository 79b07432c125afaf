package jugulum.desk.look;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import jugulum.core.account.Worked;
import jugulum.core.gold.GoldRange;
import jugulum.core.gold.LotGold;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Measure;
import jugulum.core.specks.PoissonRange;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.measure.PannedSampleForm;
import jugulum.desk.measure.RecordBox;
import jugulum.desk.panel.CorrectPanel;
import jugulum.desk.panel.Desk;
import jugulum.desk.panel.Panel;
import jugulum.desk.panel.ReadingList;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/**
 * A look at tailings: a measured sample is panned, its specks counted by size; what that lets
 * expect in the whole lot, never nothing.
 */
public final class LookPanel extends Panel {
  private static final double CONFIDENCE = 0.95;

  private final Words words;
  private final LotId lot;
  private final RecordBox box;
  private final LookAct act;
  private final Label loss = Parts.sentence("", "answer");
  private final Label specks = Parts.sentence("", "muted");
  private final ReadingList readings;

  public LookPanel(Lot looked, Desk desk) {
    this.words = desk.words();
    this.lot = looked.id();
    PannedSampleForm form = new PannedSampleForm(desk.figures(), looked.cut());
    box =
        new RecordBox(
                "record-look",
                words.of("look.record"),
                form,
                measure -> desk.submit(new Edit.RecordOnLot(lot, measure)))
            .with(Buttons.plain("count-speck", words.of("pass.count"), "C", form::countOne));
    act = new LookAct(desk);
    loss.setId("look-loss");
    specks.setId("look-specks");
    readings = new ReadingList(reading -> desk.push(new CorrectPanel(reading, desk)), true);
    dock().getChildren().add(box);
    getChildren()
        .addAll(
            Parts.heading(words.of("look.title"), Sentences.lot(words, looked)),
            Parts.sentence(words.of("look.about"), "muted"),
            act,
            loss,
            specks,
            readings,
            Buttons.plain("look-picture", words.of("eye.lot"), "E", () -> desk.picture(lot)),
            Parts.advice("idle", "", words.of("look.how")),
            Buttons.quiet("back", words.of("panel.back"), "Esc", desk::back));
  }

  @Override
  public void show(Worked worked, Figures figures) {
    Lot now = there(worked.network().lot(lot));
    List<Measure.PannedSample> samples = now.live(Measure.PannedSample.class).toList();
    Optional<GoldRange> gold =
        Optional.ofNullable(worked.gold().lots().get(lot)).flatMap(LotGold::free);
    double grams = worked.sand().mass(lot).grams();
    act.show(worked, now, figures);
    loss.setText(loss(samples, gold, grams, figures));
    Parts.shown(loss, !samples.isEmpty());
    specks.setText(samples.isEmpty() || !(grams > 0) ? "" : specks(words, samples, grams));
    Parts.shown(specks, !specks.getText().isEmpty());
    readings.show(
        now.readings().stream()
            .filter(reading -> reading.measure() instanceof Measure.PannedSample)
            .toList(),
        figures,
        !worked.batch().closed());
    Parts.shown(box, !worked.batch().closed());
  }

  private static String loss(
      List<Measure.PannedSample> samples, Optional<GoldRange> gold, double grams, Figures figures) {
    Words words = figures.words();
    if (samples.isEmpty()) {
      return "";
    }
    return gold.filter(_ -> grams > 0)
        .map(
            range ->
                words.of(
                    "look.loss",
                    figures.gold(range.milligrams()),
                    figures.goldRange(range),
                    figures.sand(grams)))
        .orElse(words.of("look.unweighed"));
  }

  /** By the count alone; seeing none is a bound, never none. */
  private static String specks(Words words, List<Measure.PannedSample> samples, double grams) {
    int seen = samples.stream().mapToInt(Measure.PannedSample::specks).sum();
    double share =
        Math.min(1, samples.stream().mapToDouble(Measure.PannedSample::sampleG).sum() / grams);
    if (seen == 0) {
      return words.of(
          "look.none",
          words.percent(share),
          words.fixed(PoissonRange.boundWhenNoneSeen(CONFIDENCE) / share, 0));
    }
    PoissonRange range = PoissonRange.of(seen, CONFIDENCE);
    return words.of(
        "look.specks",
        Integer.toString(seen),
        words.percent(share),
        words.fixed(range.low() / share, 0),
        words.fixed(range.high() / share, 0));
  }

  @Override
  public boolean fits(Worked worked) {
    return worked.network().lot(lot).isPresent();
  }

  @Override
  public void focusFirst() {
    box.form().fields().getFirst().field().requestFocus();
  }

  @Override
  public Object key() {
    return List.of(lot, "look");
  }
}
