package jugulum.desk.eye;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletionStage;
import java.util.function.Function;
import jugulum.core.account.Worked;
import jugulum.core.eye.Kappa;
import jugulum.core.gold.PicturedGold;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Measure.PannedSample;
import jugulum.desk.session.Current;
import jugulum.desk.session.Workbench;
import jugulum.desk.view.PictureUse;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;
import jugulum.desk.work.Outcome;

/** Gold of a lot of the batch on the bench: what a picture says of it stays with the lot. */
public final class OfALot implements PictureUse {
  private final Workbench workbench;
  private final Words words;
  private final LotId lot;
  private final Current batch;
  private final Runnable leave;

  /**
   * Of a lot as it stands now.
   *
   * @param leave goes back to where one came from
   */
  public OfALot(Workbench workbench, LotId lot, Runnable leave) {
    this.workbench = workbench;
    this.words = workbench.words();
    this.lot = lot;
    this.batch = workbench.projections().current().get();
    this.leave = leave;
  }

  private <T> Optional<T> of(Function<Lot, T> what) {
    return batch.worked().flatMap(now -> now.network().lot(lot)).map(what);
  }

  @Override
  public String called() {
    return of(one -> Sentences.lot(words, one)).orElse("");
  }

  @Override
  public String key() {
    return batch.id().map(id -> id.value() + "-" + lot.number()).orElse("none");
  }

  @Override
  public Kappa kappa() {
    return PicturedGold.kappa(batch.worked().orElseThrow().network());
  }

  @Override
  public boolean asksForSand() {
    return true;
  }

  @Override
  public boolean keepsPictures() {
    return true;
  }

  @Override
  public Optional<Measure.Pictured> last() {
    return of(one -> one.latest(Measure.Pictured.class)).flatMap(one -> one);
  }

  @Override
  public Optional<PannedSample> before() {
    return of(one -> one.latest(PannedSample.class)).flatMap(one -> one);
  }

  @Override
  public Optional<String> keptWith(String sha256) {
    return batch.worked().map(Worked::network).stream()
        .flatMap(network -> network.lots().stream())
        .filter(
            one -> one.live(Measure.Pictured.class).anyMatch(seen -> seen.sha256().equals(sha256)))
        .findFirst()
        .map(one -> Sentences.lot(words, one));
  }

  @Override
  public CompletionStage<Outcome> keep(List<Measure> measures) {
    return workbench
        .session()
        .submit(
            batch,
            measures.stream().<Edit>map(measure -> new Edit.RecordOnLot(lot, measure)).toList());
  }

  @Override
  public void leave() {
    leave.run();
  }
}
