package jugulum.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import jugulum.core.ledger.NetworkFinding.Kind;
import jugulum.core.stream.Applied;
import org.junit.jupiter.api.Test;

class NetworkCheckTest {
  private final Batch sound = Bench.started().weighs(1, 10_000).screens(1, "30").magnet(2).batch();

  private Step changed(Step step, List<Integer> inputs, List<Integer> outputs) {
    return new Step(
        step.id(),
        step.process(),
        inputs.stream().map(LotId::new).toList(),
        outputs.stream().map(LotId::new).toList(),
        step.readings(),
        step.notes(),
        step.startedAt(),
        step.finishedAt(),
        step.withdrawn());
  }

  private List<NetworkFinding> findings(UnaryOperator<Batch> spoil) {
    return NetworkCheck.findings(spoil.apply(sound));
  }

  @Test
  void aLotTakenBeforeItIsMadeIsACircle() {
    assertThat(
            findings(batch -> batch.with(changed(batch.steps().get(1), List.of(4), List.of(2, 3)))))
        .contains(new NetworkFinding(Kind.LOT_TAKEN_BEFORE_MADE, "/steps/1/inputs/0", "4"));
  }

  @Test
  void aLotThatIsNotThere() {
    assertThat(
            findings(batch -> batch.with(changed(batch.steps().get(2), List.of(9), List.of(4, 5)))))
        .containsExactly(new NetworkFinding(Kind.NO_SUCH_LOT, "/steps/2/inputs/0", "9"));
  }

  @Test
  void aLotTakenTwiceMadeTwiceOrNever() {
    assertThat(
            findings(batch -> batch.with(changed(batch.steps().get(2), List.of(1), List.of(4, 5)))))
        .containsExactly(new NetworkFinding(Kind.LOT_TAKEN_TWICE, "/steps/2/inputs/0", "1"));
    assertThat(
            findings(batch -> batch.with(changed(batch.steps().get(2), List.of(2), List.of(4, 3)))))
        .containsExactly(
            new NetworkFinding(Kind.LOT_MADE_TWICE, "/steps/2/outputs/1", "3"),
            new NetworkFinding(Kind.LOT_NEVER_MADE, "/lots/4/id", "5"));
  }

  @Test
  void numbersStandOnce() {
    assertThat(
            findings(
                batch ->
                    batch.withLots(
                        lots -> Stream.concat(lots.stream(), Stream.of(lots.get(1))).toList())))
        .containsExactly(new NetworkFinding(Kind.NUMBER_TWICE, "/lots/5/id", "2"));
  }

  @Test
  void aPassBelongsToAStep() {
    Measure pass = new Measure.Pass(Measure.Pass.From.SAND, 1, 0, 0);
    Reading reading =
        new Reading(
            new ReadingId(7),
            java.time.Instant.EPOCH,
            pass,
            Optional.of(new Struck(java.time.Instant.EPOCH, " ")),
            Optional.empty());
    Lot lot =
        new Lot(new LotId(1), Material.FEED, jugulum.core.screens.Cut.ALL, "", List.of(reading));
    assertThat(findings(batch -> batch.with(lot)))
        .extracting(NetworkFinding::kind)
        .containsExactly(Kind.MEASURE_NOT_FOR_THIS, Kind.REASON_MISSING);
  }

  @Test
  void aBrokenBatchIsNotAdopted() {
    Batch broken = sound.with(changed(sound.steps().get(2), List.of(9), List.of(4, 5)));
    assertThat(Ledger.apply(Optional.empty(), new Edit.Adopt(broken), java.time.Instant.EPOCH))
        .isInstanceOf(Applied.Refused.class);
    assertThat(Ledger.apply(Optional.empty(), new Edit.Adopt(sound), java.time.Instant.EPOCH))
        .isEqualTo(new Applied.Done<>(sound));
  }
}
