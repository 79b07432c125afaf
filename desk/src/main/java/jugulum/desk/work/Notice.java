package jugulum.desk.work;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import jugulum.book.stream.Placed;
import jugulum.book.stream.Store;
import jugulum.core.day.DayEdit;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.Edit;
import jugulum.core.season.SeasonEdit;
import jugulum.core.stream.Refusal;
import jugulum.core.trial.TrialEdit;

/** What there is to say to the person at the bench that belongs to no field. */
public sealed interface Notice {
  /** Nothing to say. */
  Notice NONE = new Said("", false);

  /** Whether something went wrong. */
  default boolean isFault() {
    return true;
  }

  /**
   * A sentence of a view.
   *
   * @param text what to say; empty for nothing
   * @param isFault whether something went wrong
   */
  record Said(String text, boolean isFault) implements Notice {}

  /**
   * An undo or a redo.
   *
   * @param isRedo which of the two
   * @param edit what was taken back or brought back; empty where there was nothing
   */
  record Walked(boolean isRedo, Optional<Edit> edit) implements Notice {
    @Override
    public boolean isFault() {
      return false;
    }
  }

  /**
   * An undo or a redo of a trial.
   *
   * @param isRedo which of the two
   * @param edit what was taken back or brought back; empty where there was nothing
   */
  record WalkedTrial(boolean isRedo, Optional<TrialEdit> edit) implements Notice {
    @Override
    public boolean isFault() {
      return false;
    }
  }

  /**
   * An undo or a redo of a day.
   *
   * @param isRedo which of the two
   * @param edit what was taken back or brought back; empty where there was nothing
   */
  record WalkedDay(boolean isRedo, Optional<DayEdit> edit) implements Notice {
    @Override
    public boolean isFault() {
      return false;
    }
  }

  /**
   * An undo or a redo of what was told of a season.
   *
   * @param isRedo which of the two
   * @param edit what was taken back or brought back; empty where there was nothing
   */
  record WalkedSeason(boolean isRedo, Optional<SeasonEdit> edit) implements Notice {
    @Override
    public boolean isFault() {
      return false;
    }
  }

  /** What was asked for is refused, where no field stands for it. */
  record NotDone(Refusal refusal) implements Notice {}

  /**
   * Somebody else wrote in the book.
   *
   * @param bench what that bench is called; empty for another window of this one
   * @param last what it wrote last
   * @param batch the batch it wrote that in; empty where it was none
   */
  record Wrote(String bench, Placed last, Optional<Batch> batch) implements Notice {
    @Override
    public boolean isFault() {
      return false;
    }
  }

  /** The book may only be read. */
  record OnlyToRead(Store.ReadOnly why) implements Notice {}

  /**
   * Some of the book cannot be read; all else is shown.
   *
   * @param names what people call it
   */
  record CannotRead(List<String> names) implements Notice {
    /** Keeps its own copy. */
    public CannotRead {
      names = List.copyOf(names);
    }
  }

  /**
   * The book was removed or replaced while it was open, and is written on in another file.
   *
   * @param where that file
   */
  record Moved(Path where) implements Notice {}

  /**
   * Beside the book stood recent edits of another one.
   *
   * @param where they are now
   */
  record NotItsOwn(Path where) implements Notice {}

  /** Something could not be done. */
  record Failed(Failure failure) implements Notice {}
}
