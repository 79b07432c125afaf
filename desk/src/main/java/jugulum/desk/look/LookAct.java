package jugulum.desk.look;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import jugulum.core.account.Worked;
import jugulum.core.belief.Belief;
import jugulum.core.belief.Experience;
import jugulum.core.gold.GoldRange;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Process;
import jugulum.core.look.Fewer;
import jugulum.core.look.Leaving;
import jugulum.core.look.LookWeighed;
import jugulum.core.look.Looked;
import jugulum.core.look.Stakes;
import jugulum.core.machine.Due;
import jugulum.core.machine.Symptom;
import jugulum.desk.chart.DrawingView;
import jugulum.desk.chart.LookChart;
import jugulum.desk.kit.Parts;
import jugulum.desk.panel.Desk;
import jugulum.desk.words.Figures;
import jugulum.desk.words.LookWords;
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
  private Belief belief;
  private Optional<Runnable> shown = Optional.empty();

  LookAct(Desk desk) {
    super(8);
    this.desk = desk;
    this.belief = new Belief(Experience.NONE, desk.shop());
    setId("look-act");
    desk.belief(this::learn);
  }

  /** Weighs the looks anew whenever it is known better what machines and gold are worth. */
  void show(Worked worked, Lot tailings, Figures figures) {
    shown = Optional.of(() -> weigh(worked, tailings, figures));
    weigh(worked, tailings, figures);
  }

  private void learn(Belief found) {
    belief = found;
    shown.ifPresent(Runnable::run);
  }

  private void weigh(Worked worked, Lot tailings, Figures figures) {
    Looked looked = Looked.of(worked, tailings, belief.with(desk.shop()), desk.now());
    List<Node> parts =
        looked
            .leaving()
            .map(one -> parts(one, looked, worked, tailings, figures))
            .orElseGet(() -> before(looked, figures));
    getChildren().setAll(parts);
    Parts.shown(this, !parts.isEmpty());
  }

  private static List<Node> before(Looked looked, Figures figures) {
    return looked
        .weighed()
        .map(look -> LookWords.before(look, figures))
        .filter(text -> !text.isEmpty())
        .<List<Node>>map(text -> List.of(Parts.advice("idle", "", text)))
        .orElse(List.of());
  }

  private List<Node> parts(
      Leaving leaving, Looked looked, Worked worked, Lot tailings, Figures figures) {
    Words words = figures.words();
    List<Node> parts = new ArrayList<>();
    Optional<LookWeighed> weighed = looked.weighed();
    String lost = leaving.isLosing() && leaving.isRunning() ? lost(leaving, worked, figures) : "";
    boolean acts = weighed.map(LookWeighed::isToAct).orElse(leaving.isLosing());
    parts.add(
        weighed
            .map(look -> Parts.advice(kind(look), LookWords.said(look, figures), lost))
            .orElseGet(
                () ->
                    leaving.isLosing()
                        ? Parts.advice("fault", words.of("look.left"), lost)
                        : Parts.advice("fine", words.of("look.go-on"), "")));
    weighed
        .filter(look -> !look.options().isEmpty())
        .ifPresent(look -> parts.addAll(picture(look, looked.stakes().orElseThrow(), figures)));
    if (acts) {
      parts.addAll(remedies(worked, tailings, words));
    }
    leaving
        .before()
        .ifPresent(
            before -> {
              parts.add(Parts.line(words.of("look.before"), LookWords.sample(before, figures)));
              parts.add(
                  Parts.line(words.of("look.now"), LookWords.sample(leaving.last(), figures)));
              if (before.specks() + leaving.last().specks() > 0) {
                parts.add(
                    Parts.sentence(
                        LookWords.fewer(Fewer.of(before, leaving.last()), figures), "answer"));
              }
            });
    return parts;
  }

  private static String kind(LookWeighed look) {
    return look.first()
        .map(
            first ->
                switch (first.says()) {
                  case ACT -> "fault";
                  case PAN_ON -> "idle";
                  case LEAVE -> "fine";
                })
        .orElse(look.seen().specks() > 0 ? "fault" : "fine");
  }

  private static List<Node> picture(LookWeighed look, Stakes stakes, Figures figures) {
    List<String> options = LookWords.options(look, stakes, figures);
    DrawingView picture = new DrawingView("look-picture");
    picture.show(
        width -> LookChart.of(figures.words(), look, width),
        figures.words().of("look.picture") + " " + String.join(" ", options));
    List<Node> all = new ArrayList<>(List.of(picture));
    options.forEach(text -> all.add(Parts.sentence(text)));
    return all;
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
            figures.goldRange(
                new GoldRange(
                    leaving.mgPerHour().getAsDouble(),
                    leaving.lowMgPerHour().orElseThrow(),
                    leaving.highMgPerHour().orElseThrow())));
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
}
