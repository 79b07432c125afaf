package jugulum.desk.view;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletionStage;
import jugulum.core.eye.Kappa;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Measure.PannedSample;
import jugulum.desk.work.Outcome;

/** What a picture is gone through for, and where its specks go. */
public interface PictureUse {
  /** What it is of, as a heading says it. */
  String called();

  /** What a draft of it is kept by: letters, digits and hyphens. */
  String key();

  /** What turns areas into milligrams. */
  Kappa kappa();

  /** Whether it may be of a part of the sand that was panned, and weighed on its own. */
  boolean asksForSand();

  /** Whether one may be kept that was drawn to practise on, and whether copies are. */
  boolean keepsPictures();

  /** The picture that is kept there already. */
  Optional<Measure.Pictured> last();

  /** The look before, with which this one is compared. */
  Optional<PannedSample> before();

  /** Where a picture is kept already, as a sentence names it; the same gold counts once. */
  Optional<String> keptWith(String sha256);

  /** Keeps what a picture said. */
  CompletionStage<Outcome> keep(List<Measure> measures);

  /** Goes back to where one came from. */
  void leave();
}
