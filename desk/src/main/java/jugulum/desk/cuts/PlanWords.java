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
  static String stack(Plan plan) {
    return plan.stack().isEmpty()
        ? Words.of("plan.no-screen")
        : plan.stack().stream().map(Screen::label).collect(Collectors.joining(" · "));
  }

  /** Why a cut is as it is, in one sentence. */
  static String sentence(PlannedCut cut, Figures figures) {
    String name = Sentences.cut(cut.cut());
    String mass = figures.sand(cut.massG());
    return switch (cut.fate()) {
      case LookedOver _ -> Words.of("plan.cut.looked-over", name, mass);
      case Run run ->
          run.window().ratio().isEmpty()
              ? Words.of("plan.cut.alone", name, mass, machine(run))
              : against(name, mass, run);
    };
  }

  private static String machine(Run run) {
    return Words.of("machine.short", run.kind());
  }

  private static String against(String name, String mass, Run run) {
    Band ratio = run.window().ratio().orElseThrow();
    Mineral other = run.window().limiting().orElseThrow();
    Fall fall =
        run.window().others().stream()
            .filter(one -> one.mineral() == other)
            .findFirst()
            .orElseThrow();
    String what =
        Words.of(
            "plan.cut.window",
            name,
            mass,
            machine(run),
            speed(run.window().gold().slowest().usual()),
            Words.of("mineral", other),
            speed(fall.fastest().usual()),
            Figures.fixed(ratio.usual(), 2));
    return Words.of("plan.cut.sentence", what, verdict(run, other))
        + law(run.window().gold().law());
  }

  private static String verdict(Run run, Mineral other) {
    Optional<Remedy> remedy = run.remedy();
    if (remedy.isEmpty()) {
      return Words.of("plan.cut.meets");
    }
    return switch (remedy.get()) {
      case Remedy.SplitAt(String label) -> Words.of("plan.cut.split", label);
      case Remedy.MagnetFirst _ -> Words.of("plan.cut.magnet");
      case Remedy.FinerScreen(double openingMm) ->
          Words.of("plan.cut.finer", Figures.fixed(openingMm, 3));
      case Remedy.NoScreen _ -> Words.of("plan.cut.none", Words.of("mineral", other));
    };
  }

  private static String law(Settling.Law law) {
    return switch (law) {
      case DIETRICH -> "";
      case STOKES, THIN_DISC -> " " + Words.of("law", law);
    };
  }

  private static String speed(double metresPerSecond) {
    return Figures.fixed(metresPerSecond * 1000, metresPerSecond < 0.01 ? 1 : 0);
  }
}
