package jugulum.core.season;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import jugulum.core.check.OutOfRange;
import jugulum.core.ledger.BatchId;
import jugulum.core.stream.Applied;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SeasonFoldTest {
  private static final SeasonFold FOLD = new SeasonFold();
  private static final Instant AT = Instant.parse("2026-11-17T10:00:00Z");
  private static final BatchId BATCH =
      new BatchId(UUID.fromString("7a3e5c10-0000-4000-8000-000000000007"));
  private static final Slip SLIP =
      new Slip("s", LocalDate.parse("2026-05-18"), 10, 9.9, 0.9, 800, List.of(BATCH), "");
  private static final Change CHANGE =
      new Change(
          "c", LocalDate.parse("2026-03-02"), "three drops", Optional.empty(), Optional.empty());

  private Optional<Season> season = Optional.empty();

  private SeasonReason refused(SeasonEdit edit) {
    Applied<Season> applied = FOLD.apply(season, edit, AT);
    assertThat(applied).isInstanceOf(Applied.Refused.class);
    return (SeasonReason) ((Applied.Refused<Season>) applied).refusal().reason();
  }

  private Season done(SeasonEdit edit) {
    Season after = ((Applied.Done<Season>) FOLD.apply(season, edit, AT)).after();
    season = Optional.of(after);
    return after;
  }

  @Test
  void whatIsToldReplacesWhatWasToldOfTheSame() {
    done(new SeasonEdit.TellSource(new Source(" the fan ", "left bank", "", "")));
    Season now = done(new SeasonEdit.TellSource(new Source("the fan", "right bank", "", "")));
    assertThat(now.sources()).extracting(Source::place).containsExactly("right bank");
    done(new SeasonEdit.TellGravel(new Gravel(BATCH, 40, 18)));
    now = done(new SeasonEdit.TellGravel(new Gravel(BATCH, 60, 18)));
    assertThat(now.gravel(BATCH).orElseThrow().cubicMetres()).isEqualTo(1.08);
    assertThat(now.source("the bar")).isEqualTo(Source.named("the bar"));
  }

  @Test
  void namesThatDifferInCapitalsAreOfferedOnceAndJoined() {
    List<String> written = List.of("The Fan", "the fan", "The Fan", "the  fan", "the bar", "");
    assertThat(Season.NOTHING.alike(written))
        .containsExactlyInAnyOrder(
            new Season.Alike("the fan", "The Fan"), new Season.Alike("the  fan", "The Fan"));
    done(new SeasonEdit.JoinSources("the fan", "The Fan"));
    Season now = done(new SeasonEdit.JoinSources("the  fan", "the fan"));
    assertThat(now.meant("the  fan")).isEqualTo("The Fan");
    assertThat(now.alike(written)).isEmpty();
    now = done(new SeasonEdit.JoinSources("The Fan", "gravel fan"));
    assertThat(written.subList(0, 4))
        .allMatch(name -> season.get().meant(name).equals("gravel fan"));
    assertThat(now.meant("the bar")).isEqualTo("the bar");
    now = done(new SeasonEdit.PartSource("the fan"));
    assertThat(now.meant("the fan")).isEqualTo("the fan");
  }

  @Test
  void slipsAndChangesCountFromTheirDayAndCanBeStruck() {
    done(new SeasonEdit.AddSlip(SLIP));
    done(new SeasonEdit.AddChange(CHANGE));
    assertThat(refused(new SeasonEdit.AddSlip(SLIP))).isEqualTo(SeasonReason.SLIP_THERE_ALREADY);
    assertThat(refused(new SeasonEdit.AddChange(CHANGE)))
        .isEqualTo(SeasonReason.CHANGE_THERE_ALREADY);
    done(new SeasonEdit.DropSlip("s"));
    Season now = done(new SeasonEdit.DropChange("c"));
    assertThat(now).isEqualTo(Season.NOTHING);
    assertThat(refused(new SeasonEdit.DropSlip("s"))).isEqualTo(SeasonReason.NO_SUCH_SLIP);
    assertThat(refused(new SeasonEdit.DropChange("c"))).isEqualTo(SeasonReason.NO_SUCH_CHANGE);
  }

  @Test
  void whatMakesNoSenseIsRefused() {
    assertThat(refused(new SeasonEdit.TellSource(Source.named(" "))))
        .isEqualTo(SeasonReason.SOURCE_WITHOUT_NAME);
    assertThat(refused(new SeasonEdit.JoinSources("a", "a"))).isEqualTo(SeasonReason.JOIN_OF_ONE);
    assertThat(refused(new SeasonEdit.JoinSources("", "a")))
        .isEqualTo(SeasonReason.SOURCE_WITHOUT_NAME);
    assertThat(refused(new SeasonEdit.PartSource("a"))).isEqualTo(SeasonReason.NOT_JOINED);
    assertThat(
            refused(
                new SeasonEdit.AddChange(
                    new Change("d", CHANGE.date(), " ", Optional.empty(), Optional.empty()))))
        .isEqualTo(SeasonReason.CHANGE_WITHOUT_WORDS);
    done(new SeasonEdit.JoinSources("a", "b"));
    assertThat(refused(new SeasonEdit.JoinSources("b", "a"))).isEqualTo(SeasonReason.JOIN_OF_ONE);
    assertThat(refused(new SeasonEdit.Whole(Season.NOTHING)))
        .isEqualTo(SeasonReason.SEASON_THERE_ALREADY);
  }

  @Test
  void twoBenchesThatTellOfDifferentThingsDoNotDisturbEachOther() {
    Optional<Season> seen = Optional.of(Season.NOTHING);
    Optional<Season> now =
        Optional.of(Season.NOTHING.with(new Source("the fan", "left bank", "", "")));
    assertThat(FOLD.saysTheSame(seen, now, List.of(new SeasonEdit.AddSlip(SLIP)))).isTrue();
    assertThat(
            FOLD.saysTheSame(
                seen, now, List.of(new SeasonEdit.TellSource(Source.named("the bar")))))
        .isTrue();
    assertThat(
            FOLD.saysTheSame(
                seen, now, List.of(new SeasonEdit.TellSource(Source.named("the fan")))))
        .isFalse();
  }

  @ParameterizedTest
  @ValueSource(doubles = {Double.NaN, -1, 0, 2e6})
  void bucketsOutOfRangeAreRefused(double buckets) {
    assertThatThrownBy(() -> new Gravel(BATCH, buckets, 18))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("buckets");
  }

  /** 10 g sent, 9.9 received: what melting usually costs; 9.5 is short, 10.5 over. */
  @Test
  void aSlipIsHeldBesideOwnFigures() {
    BatchResult own = MadeUp.batch("the fan", 10_004, 5);
    Season told =
        Season.NOTHING.withSlips(
            List.of(slip("a", 9.9, own.id()), slip("b", 9.5, own.id()), slip("c", 10.5, BATCH)));
    List<SlipCheck> checks = SlipCheck.of(told, List.of(own));
    assertThat(checks).extracting(SlipCheck::isShort).containsExactly(false, true, false);
    assertThat(checks).extracting(SlipCheck::isOver).containsExactly(false, false, true);
    assertThat(checks.getFirst().ownFineness().orElseThrow()).isEqualTo(0.9);
    assertThat(checks.getFirst().unaccountedMg().orElseThrow())
        .isCloseTo(4, org.assertj.core.api.Assertions.within(1e-9));
    assertThat(checks.getLast().ownFineness()).isEmpty();
  }

  private static Slip slip(String id, double received, BatchId batch) {
    return new Slip(id, SLIP.date(), 10, received, 0.89, 800, List.of(batch), "");
  }
}
