package jugulum.desk.words;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.Optional;
import jugulum.core.belief.Belief;
import jugulum.core.belief.GradeBelief;
import jugulum.core.belief.Kin;
import jugulum.core.belief.Thought;

/** Says what is thought of gold nobody looked at, and on what that rests. */
public final class GradeWords {
  private GradeWords() {}

  /** What a plan is made with. */
  public static String planned(
      Words words, GradeBelief grade, Kin kin, Belief belief, Optional<Double> expected) {
    String by = by(words, belief.seen(kin.kind()), false);
    String mean = grade(words, grade.meanMgPerKg());
    String range =
        words.of(
            "thought.range", grade(words, grade.lowMgPerKg()), grade(words, grade.highMgPerKg()));
    return expected
        .map(typed -> words.of("plan.thought.word", grade(words, typed), by, mean, range))
        .orElseGet(() -> words.of("plan.thought", by, mean, range));
  }

  private static String grade(Words words, double gramsPerTonne) {
    // Two figures: nobody knows more of it.
    return words.plain(new BigDecimal(gramsPerTonne).round(new MathContext(2)).doubleValue());
  }

  /** "by 11 lots of its kind and its batch's head". */
  public static String by(Words words, Thought thought) {
    return switch (thought.by()) {
      case LOOK -> words.of("thought.by.look");
      case OTHERS -> by(words, thought.others(), false);
      case HEAD -> by(words, thought.others(), true);
      case DISAGREES -> words.of("thought.by.disagrees", by(words, thought.others(), false));
    };
  }

  private static String by(Words words, int others, boolean head) {
    String lots =
        others == 0 ? words.of("thought.by.none") : words.counted("thought.by.lots", others);
    return head ? words.of("thought.by.head", lots) : lots;
  }
}
