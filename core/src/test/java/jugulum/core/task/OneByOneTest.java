package jugulum.core.task;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.StepId;
import jugulum.core.task.Part.Ask;
import jugulum.core.task.Part.Unit;
import jugulum.core.task.Task.Kind;
import org.junit.jupiter.api.Test;

class OneByOneTest {
  private static final Task WEIGH =
      Task.onLot(
          Kind.WEIGH,
          new LotId(1),
          Part.needed(Ask.GROSS, Unit.SAND, 0, 1e6),
          Part.needed(Ask.TARE, Unit.SAND, 0, 1e6).optional());
  private static final Task PASS =
      Task.onStep(Kind.PASS, new StepId(2), Part.needed(Ask.LIFTED, Unit.SAND, 0, 1e6));
  private static final Task LEVEL =
      Task.onStep(Kind.CHECK, new StepId(3), Part.needed(Ask.CHECKED, Unit.YES, 1, 1).of("level"));
  private static final Task DRY =
      Task.onStep(Kind.CHECK, new StepId(3), Part.needed(Ask.CHECKED, Unit.YES, 1, 1).of("dry"));
  private static final Task START = Task.onStep(Kind.START, new StepId(3));

  private static OneByOne of(Task... tasks) {
    return OneByOne.NOTHING.over(List.of(tasks));
  }

  @Test
  void asksTheFirstQuestionPartByPart() {
    OneByOne asking = of(WEIGH, PASS);
    assertThat(asking.part().orElseThrow().ask()).isEqualTo(Ask.GROSS);
    asking = asking.answered("12 kg");
    assertThat(asking.part().orElseThrow().ask()).isEqualTo(Ask.TARE);
    assertThat(asking.isAnswered()).isFalse();
    asking = asking.answered("");
    assertThat(asking.isAnswered()).isTrue();
    assertThat(asking.part()).isEmpty();
    assertThat(asking.answers()).containsExactly("12 kg", "");
  }

  @Test
  void goesBackToAPart() {
    OneByOne asking = of(WEIGH).answered("12 kg");
    assertThat(asking.canGoBack()).isTrue();
    assertThat(asking.backTo(0).part().orElseThrow().ask()).isEqualTo(Ask.GROSS);
    assertThat(asking.backTo(0).canGoBack()).isFalse();
  }

  @Test
  void aQuestionStillOpenKeepsItsAnswersWhenTheBatchChanges() {
    OneByOne asking = of(WEIGH, PASS).answered("12 kg").over(List.of(START, WEIGH));
    assertThat(asking.asked()).contains(WEIGH);
    assertThat(asking.answers()).containsExactly("12 kg");
  }

  @Test
  void aQuestionThatIsAnsweredMakesRoomForTheFirst() {
    OneByOne asking = of(WEIGH, PASS).answered("12 kg").over(List.of(PASS));
    assertThat(asking.asked()).contains(PASS);
    assertThat(asking.answers()).isEmpty();
    assertThat(asking.over(List.of()).asked()).isEmpty();
  }

  @Test
  void twoChecksOfOneStepAreTwoQuestions() {
    OneByOne asking = of(LEVEL, DRY, START).over(List.of(DRY, START));
    assertThat(asking.asked()).contains(DRY);
  }

  @Test
  void whatIsSkippedComesLastAndThenAgain() {
    OneByOne asking = of(WEIGH, PASS).skip();
    assertThat(asking.asked()).contains(PASS);
    assertThat(asking.over(List.of(WEIGH)).asked()).as("nothing else is open").contains(WEIGH);
    asking = asking.skip();
    assertThat(asking.asked()).as("all were skipped").contains(WEIGH);
    assertThat(asking.skipped()).isEmpty();
    assertThat(OneByOne.NOTHING.skip()).isEqualTo(OneByOne.NOTHING);
  }

  @Test
  void turnsToAnotherMachineAndRoundAgain() {
    OneByOne asking = of(PASS, LEVEL, DRY, WEIGH);
    assertThat(asking.other().asked()).contains(LEVEL);
    assertThat(asking.other().other().asked()).contains(WEIGH);
    assertThat(asking.other().other().other().asked()).contains(PASS);
    assertThat(of(PASS).other().asked()).contains(PASS);
    assertThat(asking.beside()).contains(LEVEL);
    assertThat(of(PASS).beside()).isEmpty();
    assertThat(OneByOne.NOTHING.beside()).isEmpty();
  }
}
