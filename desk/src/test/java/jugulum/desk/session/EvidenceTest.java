package jugulum.desk.session;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import javafx.application.Platform;
import jugulum.core.belief.Belief;
import jugulum.core.belief.Experience;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Step;
import jugulum.core.runs.PastRun;
import jugulum.core.screens.Cut;
import jugulum.core.screens.StandardScreens;
import jugulum.core.trial.Contender;
import jugulum.core.trial.Found;
import jugulum.core.trial.RunOf;
import jugulum.core.trial.Spike;
import jugulum.core.trial.TrialEdit;
import jugulum.core.trial.TrialId;
import jugulum.core.trial.TrialPlan;
import jugulum.core.trial.TrialPlan.Stuff;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import jugulum.desk.work.Outcome;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.framework.junit5.ApplicationExtension;

/** What machines have shown is gathered from batches and trials. */
@ExtendWith(ApplicationExtension.class)
class EvidenceTest extends OnTheDemoBook {
  private static final Cut COARSE =
      new Cut(StandardScreens.numbered("16"), StandardScreens.numbered("30"));

  private static Experience evidence(Person person) throws Exception {
    CompletableFuture<Belief> all = new CompletableFuture<>();
    Platform.runLater(() -> person.workbench().projections().everyBatch().belief(all::complete));
    return all.get(90, TimeUnit.SECONDS).experience();
  }

  private static PastRun run(Experience evidence, Step step) {
    return evidence.runs().stream()
        .filter(run -> run.step().equals(step.id()) && run.startedAt().equals(step.startedAt()))
        .findFirst()
        .orElseThrow();
  }

  /** Specks put into the sand of a batch tell the run whose tailings nobody could tell apart. */
  @Test
  void aRunOfABatchThatWasSpikedIsToldByItsSpike() throws Exception {
    try (Person person = Person.at(book)) {
      Step step =
          person.batch().steps().stream()
              .filter(
                  one ->
                      one.process() instanceof Process.GravityRun(Machine machine, var _)
                          && machine.name().equals("long deck"))
              .findFirst()
              .orElseThrow();
      Experience before = evidence(person);
      assertThat(run(before, step).isTold()).isFalse();
      assertThat(before.tried()).as("three classes, six runs, and two classes, three").hasSize(24);
      Machine deck = run(before, step).machine();
      TrialId id = person.workbench().trials().newId();
      RunOf of = new RunOf(person.batch().id(), step.id());
      List<TrialEdit> edits =
          List.of(
              new TrialEdit.Begin(
                  id,
                  "Spiked",
                  new TrialPlan(
                      Stuff.GOLD, List.of(Contender.of(deck)), List.of(COARSE), 60, List.of(0))),
              new TrialEdit.Run(0, 4_000, List.of(Spike.counted(COARSE, 60)), Optional.of(of)),
              new TrialEdit.Find(1, List.of(Found.counted(Material.CONCENTRATE, COARSE, 57))));
      CompletableFuture<Outcome> sent = new CompletableFuture<>();
      Platform.runLater(
          () -> person.workbench().trials().submit(id, edits).thenAccept(sent::complete));
      assertThat(sent.get(90, TimeUnit.SECONDS)).isInstanceOf(Outcome.Recorded.class);
      Experience after = evidence(person);
      assertThat(run(after, step).isTold()).isTrue();
      assertThat(run(after, step).spiked().orElseThrow().won()).isEqualTo(57);
      assertThat(after.tried()).as("it is told once").hasSize(24);
    }
  }
}
