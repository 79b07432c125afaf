package jugulum.desk.cuts;

import java.util.Optional;
import java.util.stream.Collectors;
import jugulum.core.check.Band;
import jugulum.core.minerals.Mineral;
import jugulum.core.plan.Plan;
import jugulum.core.plan.PlannedCut;
import jugulum.core.plan.PlannedCut.LookedOver;
import jugulum.core.plan.PlannedCut.Remedy;
import jugulum.core.plan.PlannedCut.Run;
import jugulum.core.screens.Screen;
import jugulum.core.settling.Settling;
import jugulum.core.window.Fall;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/** Says in words what a plan is and why. */
final class PlanWords {
  private PlanWords() {}

  /** The screens of a plan. */
  static String stack(Words words, Plan plan) {
    return plan.stack().isEmpty()
        ? words.of("plan.no-screen")
        : plan.stack().stream().map(Screen::label).collect(Collectors.joining(" · "));
  }

  /** Why a cut is as it is, in one sentence. */
  static String sentence(PlannedCut cut, Figures figures) {
    Words words = figures.words();
    String name = Sentences.cut(words, cut.cut());
    String mass = figures.sand(cut.massG());
    return switch (cut.fate()) {
      case LookedOver _ -> words.of("plan.cut.looked-over", name, mass);
      case Run run ->
          run.window().ratio().isEmpty()
              ? words.of("plan.cut.alone", name, mass, machine(words, run))
              : against(words, name, mass, run);
    };
  }

  private static String machine(Words words, Run run) {
    return words.of("machine.short", run.kind());
  }

  private static String against(Words words, String name, String mass, Run run) {
    Band ratio = run.window().ratio().orElseThrow();
    Mineral other = run.window().limiting().orElseThrow();
    Fall fall =
        run.window().others().stream()
            .filter(one -> one.mineral() == other)
            .findFirst()
            .orElseThrow();
    String what =
        words.of(
            "plan.cut.window",
            name,
            mass,
            machine(words, run),
            speed(words, run.window().gold().slowest().usual()),
            words.of("mineral", other),
            speed(words, fall.fastest().usual()),
            words.fixed(ratio.usual(), 2));
    return words.of("plan.cut.sentence", what, verdict(words, run, other))
        + law(words, run.window().gold().law());
  }

  private static String verdict(Words words, Run run, Mineral other) {
    Optional<Remedy> remedy = run.remedy();
    if (remedy.isEmpty()) {
      return words.of("plan.cut.meets");
    }
    return switch (remedy.get()) {
      case Remedy.SplitAt(String label) -> words.of("plan.cut.split", label);
      case Remedy.MagnetFirst _ -> words.of("plan.cut.magnet");
      case Remedy.FinerScreen(double openingMm) ->
          words.of("plan.cut.finer", words.fixed(openingMm, 3));
      case Remedy.NoScreen _ -> words.of("plan.cut.none", words.of("mineral", other));
    };
  }

  private static String law(Words words, Settling.Law law) {
    return switch (law) {
      case DIETRICH -> "";
      case STOKES, THIN_DISC -> " " + words.of("law", law);
    };
  }

  private static String speed(Words words, double metresPerSecond) {
    return words.fixed(metresPerSecond * 1000, metresPerSecond < 0.01 ? 1 : 0);
  }
}
