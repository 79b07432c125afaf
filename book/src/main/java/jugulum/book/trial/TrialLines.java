package jugulum.book.trial;

import static jugulum.book.stream.LineTable.text;

import java.util.List;
import java.util.Optional;
import jugulum.book.json.JsonCodec;
import jugulum.book.stream.Cells;
import jugulum.book.stream.Codec;
import jugulum.book.stream.LineTable;
import jugulum.book.stream.Projection;
import jugulum.core.trial.Contender;
import jugulum.core.trial.Trial;
import jugulum.core.trial.TrialId;
import jugulum.core.trial.TrialLine;
import jugulum.core.trial.TrialPlan;
import jugulum.core.trial.TrialResult;

/** What every trial shows of each machine at each size class. Brought up when it is read. */
public final class TrialLines implements Projection<Trial, TrialLines.Shown> {
  /** The table of what trials show. */
  public static final TrialLines LINES = new TrialLines();

  private static final LineTable TABLE =
      new LineTable(
          "trial_shown",
          List.of(text("trial"), text("machine"), text("whose"), text("stuff"), text("body")));

  private static final Codec<Body> BODY = new JsonCodec<>(Body.class, List.of());

  private TrialLines() {}

  /**
   * What a trial shows of one machine at one size class.
   *
   * @param trial which
   * @param name what it is called
   * @param from whose it is; empty for one's own
   * @param stuff what was put in
   * @param contender the machine as it was set up
   * @param line what came back
   */
  public record Shown(
      TrialId trial,
      String name,
      Optional<String> from,
      TrialPlan.Stuff stuff,
      Contender contender,
      TrialLine line) {}

  /** What has no column of its own. */
  private record Body(Contender contender, TrialLine line) {}

  @Override
  public LineTable table() {
    return TABLE;
  }

  @Override
  public int fold() {
    return 2;
  }

  @Override
  public List<Shown> lines(String id, Optional<Trial> now, Trial last) {
    return now.stream()
        .flatMap(trial -> TrialResult.of(trial).lines().stream().map(line -> shown(trial, line)))
        .toList();
  }

  private static Shown shown(Trial trial, TrialLine line) {
    return new Shown(
        trial.id(),
        trial.name(),
        trial.from(),
        trial.plan().stuff(),
        trial.plan().contenders().get(line.contender()),
        line);
  }

  @Override
  public List<Object> cells(Shown line) {
    return List.of(
        line.name(),
        line.contender().machine().name(),
        line.from().orElse(""),
        line.stuff().name(),
        BODY.write(new Body(line.contender(), line.line())));
  }

  @Override
  public Shown line(Cells cells) {
    Body body = BODY.read(BODY.form(), cells.text(4));
    return new Shown(
        TrialStream.id(cells.id()),
        cells.text(0),
        Optional.of(cells.text(2)).filter(whose -> !whose.isEmpty()),
        TrialPlan.Stuff.valueOf(cells.text(3)),
        body.contender(),
        body.line());
  }
}
