package jugulum.desk.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jugulum.core.gold.GoldAccount;
import jugulum.core.gold.Place;
import jugulum.core.gold.Recovery;
import jugulum.core.gold.Recovery.Against;
import jugulum.core.units.MassUnit;

/** Says how much was won and how sure that is. */
public final class RecoveryWords {
  private RecoveryWords() {}

  /** What a recovery rests on, and what is odd about it. */
  public static String rests(Recovery recovery, GoldAccount gold, Figures figures) {
    Words words = figures.words();
    List<String> sentences = new ArrayList<>();
    sentences.add(
        words.of(
            "recovery.rests." + Sentences.kind(recovery),
            gold.head().map(head -> figures.gold(head.milligrams())).orElse("")));
    oddity(words, recovery, gold).ifPresent(sentences::add);
    return String.join(" ", sentences);
  }

  private static Optional<String> oddity(Words words, Recovery recovery, GoldAccount gold) {
    if (recovery.against() == Against.HEAD && recovery.share() > 1) {
      return Optional.of(
          words.of(
              recovery.low() > 1 ? "recovery.more-than-head" : "recovery.maybe-more-than-head"));
    }
    if (recovery.isAtMost()) {
      return Optional.of(
          words.counted(
              recovery.of() == Recovery.Of.FREE
                  ? "recovery.because-unseen"
                  : "recovery.because-hidden",
              recovery.notLookedAt().size()));
    }
    if (recovery.isAtLeast()) {
      return Optional.of(words.counted("recovery.because-together", recovery.together().size()));
    }
    if (gold.won().map(won -> won.milligrams() == 0).orElse(false)) {
      return Optional.of(
          words.of(
              recovery.share() == 0 && recovery.high() == 0 && found(gold) == 0
                  ? "recovery.nothing-anywhere"
                  : "recovery.nothing-won"));
    }
    if (recovery.high() == recovery.low()) {
      return Optional.of(words.of(recovery.share() >= 1 ? "recovery.all" : "recovery.exact"));
    }
    return Optional.empty();
  }

  private static double found(GoldAccount gold) {
    return gold.places().stream()
        .filter(place -> place.kind() != Place.Kind.BY_DIFFERENCE)
        .mapToDouble(place -> place.gold().milligrams())
        .sum();
  }

  /** How far the range itself may be off for being drawn by lot. */
  public static String settled(Words words, Recovery recovery) {
    double width = recovery.high() - recovery.low();
    if (!(width > 0)) {
      return "";
    }
    return words.of(
        recovery.isSettled() ? "recovery.settled" : "recovery.unsettled",
        words.fixed(recovery.endSd() * 100, 2),
        words.fixed(100 * recovery.endSd() / width, 1));
  }

  /** An amount in every unit of gold there is a choice of. */
  public static String everyUnit(Words words, double milligrams) {
    return words.beside(
        Figures.CHOICE.stream().map(unit -> inUnit(words, milligrams, unit)).toList());
  }

  private static String inUnit(Words words, double milligrams, MassUnit unit) {
    int places = unit == MassUnit.GRAIN ? 2 : unit == MassUnit.TROY_OUNCE ? 4 : 3;
    return words.fixed(unit.fromGrams(milligrams / 1000), places) + " " + unit.sign();
  }
}
