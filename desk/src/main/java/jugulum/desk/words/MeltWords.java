package jugulum.desk.words;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.MeltFact;
import jugulum.core.ledger.Melting;
import jugulum.core.shop.Scale;
import jugulum.core.shop.Shop;
import jugulum.core.smelt.Bead;

/** Says what is known of sand on its way from a crucible to a bead. */
public final class MeltWords {
  private MeltWords() {}

  /** A fact, with the number of its crucible. */
  static String said(Measure.Melt melt, Figures figures) {
    String fact = fact(melt.fact(), figures);
    return melt.crucible() == 0
        ? fact
        : figures.words().of("melt.said", Integer.toString(melt.crucible()), fact);
  }

  private static String fact(MeltFact fact, Figures figures) {
    Words words = figures.words();
    return switch (fact) {
      case MeltFact.Taken(double sample, var visible) ->
          words.of(
              "measure.with-visible",
              words.of("melt.fact.taken", figures.read(sample, 0.1)),
              Sentences.visible(visible, figures));
      case MeltFact.Sands(double iron, double garnet, double sulfide) ->
          words.of(
              "melt.fact.sands",
              words.percent(iron),
              words.percent(garnet),
              words.percent(sulfide));
      case MeltFact.Sure(var stop) -> words.of("melt.sure", stop);
      case MeltFact.Roasted(double before, double after) ->
          words.of("melt.fact.roasted", figures.read(before, 0.1), figures.read(after, 0.1));
      case MeltFact.Charged charged -> charged(charged, figures);
      case MeltFact.Begun(var phase) -> words.of("melt.began", phase);
      case MeltFact.Button(double grams) -> words.of("melt.fact.button", figures.read(grams, 0.1));
      case MeltFact.Matte(double grams) -> words.of("melt.fact.matte", figures.read(grams, 0.1));
      case MeltFact.Shot(double grams, boolean isCupelled) ->
          words.of(
              isCupelled ? "melt.fact.shot.cupelled" : "melt.fact.shot", figures.read(grams, 0.01));
      case MeltFact.Bead(double mg) -> words.of("melt.fact.bead", figures.gold(mg));
      case MeltFact.Parted(double mg) -> words.of("melt.fact.parted", figures.gold(mg));
      case MeltFact.Spoilt(String reason) -> words.of("melt.fact.spoilt", reason);
      case MeltFact.Blank(double mg) -> words.of("melt.fact.blank", figures.gold(mg));
      case MeltFact.Cost(double money) -> words.of("melt.fact.cost", words.plain(money));
      case MeltFact.Ended() -> words.of("melt.fact.ended");
    };
  }

  private static String charged(MeltFact.Charged charged, Figures figures) {
    Words words = figures.words();
    String sand = figures.read(charged.sandG(), 0.1);
    String metal = words.of("collector", charged.collector());
    return charged.collectorG().isPresent()
        ? words.of(
            "melt.fact.charged.weighed",
            sand,
            figures.read(charged.collectorG().getAsDouble(), 0.1),
            metal)
        : words.of("melt.fact.charged", sand, metal);
  }

  /** What the beads of a round tell beside their gold: silver, and what the scale cannot tell. */
  public static List<String> beads(Melting round, Shop shop, Figures figures) {
    Words words = figures.words();
    OptionalDouble step = shop.scales().stream().mapToDouble(Scale::stepG).min();
    List<String> said = new ArrayList<>();
    for (Melting.Crucible one : round.crucibles()) {
      String number = Integer.toString(one.number());
      Bead.silverMg(round, one)
          .ifPresent(mg -> said.add(words.of("melt.bead.silver", number, figures.gold(mg))));
      if (one.beadMg().isPresent()
          && step.isPresent()
          && Bead.isTooLight(one.beadMg().getAsDouble(), step.getAsDouble())) {
        said.add(
            words.of(
                "melt.bead.light",
                number,
                Integer.toString(Bead.LEAST_STEPS),
                figures.read(step.getAsDouble(), step.getAsDouble())));
      }
    }
    return said;
  }
}
