package jugulum.desk.look;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import jugulum.core.account.Worked;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Measure.PannedSample;
import jugulum.core.ledger.Process;
import jugulum.core.machine.Due;
import jugulum.core.machine.Symptom;
import jugulum.core.runs.Leaving;
import jugulum.desk.kit.Parts;
import jugulum.desk.panel.Desk;
import jugulum.desk.words.Figures;
import jugulum.desk.words.MoneyWords;
import jugulum.desk.words.SheetWords;
import jugulum.desk.words.Words;

/**
 * What a look at the tailings asks for: whether to stop, what to change first, and how the look
 * before compares.
 */
final class LookAct extends VBox {
  private static final String LOSING = "gold-in-tailings";
  private static final int FIRST_REMEDIES = 3;

  private final Desk desk;

  LookAct(Desk desk) {
    super(8);
    this.desk = desk;
    setId("look-act");
  }

  void show(Worked worked, Lot tailings, Figures figures) {
    Optional<Leaving> leaving = Leaving.of(worked.network(), tailings, desk.now());
    Parts.shown(this, leaving.isPresent());
    getChildren()
        .setAll(leaving.map(one -> parts(one, worked, tailings, figures)).orElse(List.of()));
  }

  private List<Node> parts(Leaving leaving, Worked worked, Lot tailings, Figures figures) {
    Words words = figures.words();
    List<Node> parts = new ArrayList<>();
    if (leaving.isLosing()) {
      parts.add(
          leaving.isRunning()
              ? Parts.advice("fault", words.of("look.stop"), lost(leaving, worked, figures))
              : Parts.advice("fault", words.of("look.left"), ""));
      parts.addAll(remedies(worked, tailings, words));
    } else {
      parts.add(Parts.advice("fine", words.of("look.go-on"), ""));
    }
    leaving
        .before()
        .ifPresent(
            before -> {
              parts.add(Parts.line(words.of("look.before"), sample(before, figures)));
              parts.add(Parts.line(words.of("look.now"), sample(leaving.last(), figures)));
            });
    return parts;
  }

  private String lost(Leaving leaving, Worked worked, Figures figures) {
    Words words = figures.words();
    if (leaving.mgPerHour().isEmpty()) {
      return words.of("look.no-rate");
    }
    String mass =
        words.of(
            "look.leaves",
            figures.gold(leaving.mgPerHour().getAsDouble()),
            figures.gold(leaving.lowMgPerHour().orElseThrow()),
            figures.gold(leaving.highMgPerHour().orElseThrow()));
    return desk.shop()
        .terms()
        .flatMap(
            terms ->
                leaving.moneyPerHour(terms, worked.gold().fineness()).stream()
                    .mapToObj(
                        money ->
                            words.of(
                                "look.leaves.money", mass, MoneyWords.sum(words, money, terms)))
                    .findFirst())
        .orElse(mass);
  }

  private List<Node> remedies(Worked worked, Lot tailings, Words words) {
    List<String> causes =
        worked
            .network()
            .maker(tailings.id())
            .filter(step -> step.process() instanceof Process.GravityRun)
            .map(step -> ((Process.GravityRun) step.process()).machine())
            .flatMap(
                machine ->
                    desk.shop().gear(machine).sheet().symptoms().stream()
                        .filter(symptom -> symptom.id().equals(LOSING))
                        .findFirst())
            .map(Symptom::causes)
            .orElse(List.of());
    List<Node> parts = new ArrayList<>();
    for (int i = 0; i < Math.min(FIRST_REMEDIES, causes.size()); i++) {
      parts.add(
          Parts.sentence(
              words.of(
                  "look.remedy", Integer.toString(i + 1), SheetWords.cause(words, causes.get(i)))));
    }
    if (!causes.isEmpty()) {
      parts.add(
          Parts.sentence(words.of("look.again", words.plain(Due.SECOND_LOOK_MINUTES)), "muted"));
    }
    return parts;
  }

  private static String sample(PannedSample look, Figures figures) {
    return figures.words().counted("look.sample", look.specks(), figures.sand(look.sampleG()));
  }
}
