package jugulum.desk.command;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import jugulum.core.account.Worked;
import jugulum.core.gold.GoldRange;
import jugulum.core.gold.Place;
import jugulum.core.gold.Recovery;
import jugulum.core.ledger.LotId;
import jugulum.core.mass.StepClosure;
import jugulum.desk.words.Sentences;

/**
 * The figures of a batch for scripts: masses in grams, gold in milligrams of native metal, shares
 * from 0 to 1. The names are told in docs/format.md.
 */
@JsonInclude(JsonInclude.Include.NON_ABSENT)
record Balance(
    String batch,
    Optional<GoldRange> goldWeighedMg,
    double fineness,
    boolean finenessMeasured,
    Optional<GoldRange> headMg,
    Map<String, Share> recovery,
    Map<Place.Kind, Where> where,
    OptionalDouble sandAccountedFor,
    List<Closure> closure) {

  /** A recovery. */
  record Share(
      Recovery.Of gold,
      double share,
      double low,
      double high,
      boolean atMost,
      boolean atLeast,
      List<Integer> lotsNotLookedAt,
      List<Integer> lotsNotToldApart) {}

  /** A place the gold is. */
  record Where(
      GoldRange goldMg,
      Optional<GoldRange> freeMg,
      Optional<GoldRange> hiddenMg,
      List<Integer> lots,
      List<Integer> lotsNotLookedAt,
      List<Integer> lotsHiddenOpen,
      boolean byHead) {}

  /** How a step's sand adds up. */
  record Closure(
      int step, double inG, double outG, StepClosure.State state, List<Integer> lotsNotWeighed) {}

  static Balance of(Worked worked) {
    return new Balance(
        worked.batch().label().name(),
        worked.gold().won(),
        worked.gold().fineness(),
        worked.gold().finenessMeasured(),
        worked.gold().head(),
        worked.gold().recoveries().stream()
            .collect(Collectors.toMap(Sentences::kind, Balance::share)),
        worked.gold().places().stream().collect(Collectors.toMap(Place::kind, Balance::where)),
        worked.sand().accountedFor(),
        worked.network().steps().stream()
            .map(step -> worked.sand().closure(step.id()))
            .filter(closure -> closure.state() != StepClosure.State.NOTHING_TO_CLOSE)
            .map(
                closure ->
                    new Closure(
                        closure.step().number(),
                        closure.inG(),
                        closure.outG(),
                        closure.state(),
                        numbers(closure.notWeighed())))
            .toList());
  }

  private static Share share(Recovery recovery) {
    return new Share(
        recovery.of(),
        recovery.share(),
        recovery.low(),
        recovery.high(),
        recovery.isAtMost(),
        recovery.isAtLeast(),
        numbers(recovery.notLookedAt()),
        numbers(recovery.together()));
  }

  private static Where where(Place place) {
    return new Where(
        place.gold(),
        place.free(),
        place.hidden(),
        numbers(place.lots()),
        numbers(place.notLookedAt()),
        numbers(place.hiddenOpen()),
        place.isByHead());
  }

  private static List<Integer> numbers(List<LotId> lots) {
    return lots.stream().map(LotId::number).toList();
  }
}
