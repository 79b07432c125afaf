package jugulum.desk.told;

import java.nio.file.Path;
import java.util.Optional;
import jugulum.book.stream.Placed;
import jugulum.core.stream.Refusal;
import jugulum.desk.words.DayWords;
import jugulum.desk.words.Edits;
import jugulum.desk.words.Figures;
import jugulum.desk.words.SeasonWords;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.TrialWords;
import jugulum.desk.words.Words;
import jugulum.desk.work.Failure;
import jugulum.desk.work.Notice;
import jugulum.desk.work.Outcome;

/** Turns outcomes and notices into sentences, where they are shown. */
public final class Told {
  private Told() {}

  /** Why something was not recorded. */
  public static String why(Outcome.Not not, Figures figures) {
    return switch (not) {
      case Outcome.Refused(Refusal refusal) -> Sentences.refusal(refusal, figures);
      case Outcome.Failed(Failure failure) -> failed(figures.words(), failure);
    };
  }

  /** What there is to say; empty for nothing. */
  public static String text(Notice notice, Figures figures) {
    Words words = figures.words();
    return switch (notice) {
      case Notice.Said(String text, boolean _) -> text;
      case Notice.Walked(boolean isRedo, var edit) ->
          walked(
              words,
              isRedo ? "notice.redo" : "notice.undo",
              edit.map(one -> Sentences.edit(one, figures)));
      case Notice.WalkedTrial(boolean isRedo, var edit) ->
          walked(
              words,
              isRedo ? "notice.redo" : "notice.undo",
              edit.map(one -> TrialWords.edit(words, one)));
      case Notice.WalkedDay(boolean isRedo, var edit) ->
          walked(
              words,
              isRedo ? "notice.redo" : "notice.undo",
              edit.map(one -> DayWords.edit(words, one)));
      case Notice.WalkedSeason(boolean isRedo, var edit) ->
          walked(
              words,
              isRedo ? "notice.redo" : "notice.undo",
              edit.map(one -> SeasonWords.edit(words, one)));
      case Notice.NotDone(Refusal refusal) -> Sentences.refusal(refusal, figures);
      case Notice.Wrote(String bench, Placed last, var batch) ->
          words.of(
              bench.isEmpty() ? "notice.wrote.another" : "notice.wrote",
              figures.clock(last.row().at()),
              bench,
              Edits.said(last, batch, figures));
      case Notice.OnlyToRead(var why) -> Sentences.readOnly(words, why);
      case Notice.CannotRead(var names) ->
          words.counted("notice.cannot-read", names.size(), words.row(names));
      case Notice.Moved(Path where) -> words.of("notice.moved", where.toString());
      case Notice.NotItsOwn(Path where) -> words.of("notice.not-its-own", where.toString());
      case Notice.Failed(Failure failure) -> failed(words, failure);
    };
  }

  private static String walked(Words words, String key, Optional<String> edit) {
    return edit.map(text -> words.of(key, text)).orElseGet(() -> words.of(key + ".none"));
  }

  private static String failed(Words words, Failure failure) {
    String sentence = Sentences.problem(words, failure.cause());
    return failure
        .writtenDown()
        .map(Path::toString)
        .map(file -> sentence + " " + words.of("notice.written-down", file))
        .orElse(sentence);
  }
}
