package jugulum.desk.tables;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jugulum.core.shop.Terms;
import jugulum.core.smelt.Charge;
import jugulum.core.smelt.Crucible;
import jugulum.core.smelt.Flux;
import jugulum.core.smelt.Roast;
import jugulum.core.smelt.SandKind;
import jugulum.core.smelt.WholeLot;
import jugulum.desk.entry.EntryField;
import jugulum.desk.tables.Reckoner.Kind;
import jugulum.desk.words.Words;

/** What is worked out before a smelt. */
final class SmeltReckoners {
  private static final LocalDate ANY_DAY = LocalDate.EPOCH;

  private final Words words;
  private final Reckoners reckoners;

  SmeltReckoners(Words words, Reckoners reckoners) {
    this.words = words;
    this.reckoners = reckoners;
  }

  List<Reckoner> all() {
    return List.of(charge(), crucible(), roast(), whole());
  }

  private EntryField<Double> number(Kind kind, String name, String start, double low, double high) {
    return reckoners.number(kind, name, start, low, high);
  }

  private String figure(double value) {
    return reckoners.figure(value, 3);
  }

  private Reckoner charge() {
    EntryField<Double> sand = number(Kind.SMELT_CHARGE, "smelt-sand", "120", 0.1, 100_000);
    EntryField<Double> iron = number(Kind.SMELT_CHARGE, "iron", "60", 0, 100);
    EntryField<Double> garnet = number(Kind.SMELT_CHARGE, "garnet", "10", 0, 100);
    EntryField<Double> sulfide = number(Kind.SMELT_CHARGE, "sulfide", "0", 0, 100);
    return Reckoner.checked(
        Kind.SMELT_CHARGE,
        List.of(sand, iron, garnet, sulfide),
        typed -> {
          double rest = 100 - typed[1] - typed[2] - typed[3];
          if (rest < 0) {
            sulfide.say(words.of("table.more-than-all"));
            return Optional.empty();
          }
          Map<SandKind, Double> shares = new EnumMap<>(SandKind.class);
          shares.put(SandKind.IRON_OXIDES, typed[1] / 100);
          shares.put(SandKind.GARNET, typed[2] / 100);
          shares.put(SandKind.SULFIDE_ROASTED, typed[3] / 100);
          shares.put(SandKind.QUARTZ, rest / 100);
          return Optional.of(grid(Charge.of(typed[0], shares), typed[0] * typed[1] / 100));
        });
  }

  /** A usual button of lead, in g: common practice 25 to 60. */
  private static final double BUTTON_G = 30;

  private TableGrid grid(Charge charge, double ironG) {
    List<List<String>> rows = new ArrayList<>();
    for (Flux flux : Flux.values()) {
      var band = charge.fluxes().get(flux);
      if (band != null && band.high() > 0) {
        rows.add(
            List.of(
                words.of("flux", flux),
                figure(band.usual()),
                words.of("table.range", figure(band.low()), figure(band.high()))));
      }
    }
    rows.add(
        List.of(
            words.of("table.flour-for-lead", words.plain(BUTTON_G)),
            figure(Charge.flourForLead(BUTTON_G, ironG, 0, 0)),
            ""));
    rows.add(List.of(words.of("table.all-fluxes"), figure(charge.ratio() * charge.sandG()), ""));
    return new TableGrid(reckoners.heads("flux", "start-g", "range-g"), rows);
  }

  private Reckoner crucible() {
    return Reckoner.of(
        Kind.CRUCIBLE,
        List.of(
            number(Kind.CRUCIBLE, "millilitres", "500", 1, 100_000),
            number(Kind.CRUCIBLE, "flux-ratio", "2", 0, 20)),
        typed -> {
          List<List<String>> rows = new ArrayList<>();
          for (double fill : new double[] {Crucible.LEAST_FULL, 0.5, Crucible.MOST_FULL}) {
            double sand =
                Crucible.sandG(typed[0], fill, Crucible.SAND_G_ML, Crucible.FLUX_G_ML, typed[1]);
            rows.add(List.of(words.percent(fill), figure(sand), figure(sand * typed[1])));
          }
          return new TableGrid(reckoners.heads("fill", "smelt-sand-g", "flux-g"), rows);
        });
  }

  private Reckoner roast() {
    EntryField<Double> sand = number(Kind.ROAST, "smelt-sand", "250", 0.1, 100_000);
    EntryField<Double> pyrite = number(Kind.ROAST, "pyrite", "8", 0, 100);
    EntryField<Double> magnetite = number(Kind.ROAST, "magnetite", "50", 0, 100);
    return Reckoner.checked(
        Kind.ROAST,
        List.of(sand, pyrite, magnetite),
        typed -> {
          if (typed[1] + typed[2] > 100) {
            magnetite.say(words.of("table.more-than-all"));
            return Optional.empty();
          }
          Roast.Change change = Roast.expected(typed[0], typed[1] / 100, typed[2] / 100);
          return Optional.of(
              new TableGrid(
                  reckoners.heads("roast-least", "roast-most"),
                  List.of(List.of(figure(change.lowG()), figure(change.highG())))));
        });
  }

  private Reckoner whole() {
    return Reckoner.of(
        Kind.WHOLE_LOT,
        List.of(
            number(Kind.WHOLE_LOT, "lot-kg", "8", 0.001, 100_000),
            number(Kind.WHOLE_LOT, "per-crucible", "150", 0.1, 100_000),
            number(Kind.WHOLE_LOT, "at-once", "2", 1, 100),
            number(Kind.WHOLE_LOT, "heat-hours", "1.5", 0.01, 100),
            number(Kind.WHOLE_LOT, "crucible-cost", "6", 0, 100_000),
            number(Kind.WHOLE_LOT, "grade", "25", 0, 1e6),
            number(Kind.WHOLE_LOT, "fine-price", "80", 0, 100_000),
            number(Kind.WHOLE_LOT, "hour-cost", "22", 0, 100_000)),
        typed -> {
          WholeLot lot =
              new WholeLot(
                  typed[0] * 1000, typed[1], (int) Math.round(typed[2]), typed[3], typed[4]);
          Terms terms = new Terms(typed[6], 1, typed[7], 1, "", ANY_DAY);
          double pays = lot.paysFrom(terms);
          return new TableGrid(
              reckoners.heads("heats", "whole-hours", "whole-cost", "brings", "pays-from", "bead"),
              List.of(
                  List.of(
                      Integer.toString(lot.heats()),
                      words.time(60 * lot.hours()),
                      words.fixed(lot.cost(terms), 2),
                      words.fixed(lot.worth(terms, typed[5]), 2),
                      Double.isInfinite(pays) ? "" : figure(pays),
                      figure(lot.beadMg(typed[5])))));
        });
  }
}
