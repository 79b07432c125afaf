package jugulum.desk.trial;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionStage;
import java.util.function.Consumer;
import jugulum.core.eye.Kappa;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Measure.PannedSample;
import jugulum.core.ledger.Measure.Pictured;
import jugulum.core.ledger.Measure.Pictured.SpeckSize;
import jugulum.desk.view.PictureUse;
import jugulum.desk.work.Outcome;

/**
 * The specks of a run of a trial that came back at a port, counted in a picture: they go into the
 * fields of its classes, where they are kept with the rest. The picture itself stays with nothing.
 *
 * @param called as a heading says it
 * @param run its number
 * @param counted takes the specks by size
 * @param back goes back to the fields
 */
record SpecksOfAPort(
    String called, int run, Material port, Consumer<List<SpeckSize>> counted, Runnable back)
    implements PictureUse {
  @Override
  public String key() {
    return "trial-run-" + run + "-" + port.name();
  }

  @Override
  public Kappa kappa() {
    return Kappa.told(Assumptions.USUAL.flatness(), Assumptions.USUAL.goldDensity());
  }

  @Override
  public boolean asksForSand() {
    return false;
  }

  @Override
  public boolean keepsPictures() {
    return false;
  }

  @Override
  public Optional<Pictured> last() {
    return Optional.empty();
  }

  @Override
  public Optional<PannedSample> before() {
    return Optional.empty();
  }

  @Override
  public Optional<String> keptWith(String sha256) {
    return Optional.empty();
  }

  @Override
  public CompletionStage<Outcome> keep(List<Measure> measures) {
    measures.stream()
        .filter(Pictured.class::isInstance)
        .findFirst()
        .ifPresent(one -> counted.accept(((Pictured) one).specks()));
    return CompletableFuture.completedFuture(new Outcome.Recorded());
  }

  @Override
  public void leave() {
    back.run();
  }
}
