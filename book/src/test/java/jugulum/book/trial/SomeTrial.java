package jugulum.book.trial;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.UUID;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Note;
import jugulum.core.ledger.StepId;
import jugulum.core.ledger.Struck;
import jugulum.core.screens.Cut;
import jugulum.core.screens.StandardScreens;
import jugulum.core.trial.Contender;
import jugulum.core.trial.Found;
import jugulum.core.trial.RunOf;
import jugulum.core.trial.Spike;
import jugulum.core.trial.Trial;
import jugulum.core.trial.TrialId;
import jugulum.core.trial.TrialPlan;
import jugulum.core.trial.TrialPlan.Stuff;
import jugulum.core.trial.TrialRun;

/** A trial in which everything there is is told once. */
public final class SomeTrial {
  /** A size class. */
  public static final Cut FINE =
      new Cut(StandardScreens.numbered("50"), StandardScreens.numbered("100"));

  private static final Cut REST = new Cut(StandardScreens.numbered("100"), Optional.empty());
  private static final Instant AT = Instant.parse("2026-05-04T08:00:00Z");

  private SomeTrial() {}

  /** The trial. */
  public static Trial everything() {
    TrialPlan plan =
        new TrialPlan(
            Stuff.LEAD,
            List.of(
                new Contender(
                    new Machine(Machine.Kind.VORTEX_BOWL, "garden bowl"),
                    "deeper cone",
                    Map.of("flow", 11.5, "volts", 12.2),
                    "left hand"),
                Contender.of(new Machine(Machine.Kind.PIPE_TRAP, "little trap"))),
            List.of(FINE, REST),
            50,
            List.of(0, 1, 1, 0),
            OptionalDouble.of(1_500));
    TrialRun counted =
        new TrialRun(
            1,
            0,
            1_500.5,
            List.of(
                new Spike(FINE, OptionalInt.of(50), OptionalDouble.of(24.25), 0.1, 0.97),
                new Spike(REST, OptionalInt.empty(), OptionalDouble.of(3.5), 0.1, 1)),
            List.of(
                new Found(Material.CONCENTRATE, FINE, OptionalInt.of(44), OptionalDouble.of(21.5)),
                Found.counted(Material.TAILINGS, FINE, 5),
                new Found(Material.CONCENTRATE, REST, OptionalInt.empty(), OptionalDouble.of(2.5))),
            Optional.of(new RunOf(new BatchId(new UUID(0, 7)), new StepId(4))),
            AT,
            Optional.empty());
    TrialRun blank =
        new TrialRun(
            2,
            1,
            1_500,
            List.of(),
            List.of(Found.counted(Material.CONCENTRATE, FINE, 1)),
            Optional.empty(),
            AT.plusSeconds(3600),
            Optional.of(new Struck(AT.plusSeconds(7200), "=not the same sand")));
    return new Trial(
        new TrialId(UUID.fromString("5d0f0e6c-0000-4000-8000-000000000077")),
        "Deeper cone",
        Optional.of("the other shed"),
        plan,
        List.of(counted, blank),
        List.of(new Note(AT, "the pump was warm")),
        true);
  }
}
