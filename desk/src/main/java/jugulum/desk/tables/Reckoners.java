package jugulum.desk.tables;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import jugulum.core.ledger.Machine;
import jugulum.core.machine.BenchSums;
import jugulum.core.machine.Dial;
import jugulum.core.machine.Gear;
import jugulum.core.machine.Inverter;
import jugulum.core.minerals.Mineral;
import jugulum.core.screens.Screen;
import jugulum.core.screens.StandardScreens;
import jugulum.core.settling.Grain;
import jugulum.core.settling.Settling;
import jugulum.core.specks.SpeckMass;
import jugulum.core.units.Conversion;
import jugulum.core.units.Typed;
import jugulum.core.water.Water;
import jugulum.desk.entry.Entry;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.Parsers;
import jugulum.desk.tables.Reckoner.Kind;
import jugulum.desk.words.SheetWords;
import jugulum.desk.words.Words;

/** What is looked up at a bench, each worked out anew from what is typed. */
final class Reckoners {
  private static final int PLACES = 6;
  private static final double[] SIZES_MM = {
    2, 1, 0.6, 0.425, 0.3, 0.212, 0.15, 0.106, 0.075, 0.053
  };
  private static final double[] FLATNESSES = {1, 0.5, 0.3, 0.2, 0.1};
  private static final double[] TEMPERATURES_C = {0, 4, 8, 12, 16, 20, 25, 30, 40};
  private static final double QUARTZ_FLATNESS = 0.7;

  private final Words words;

  Reckoners(Words words) {
    this.words = words;
  }

  List<Reckoner> all() {
    List<Reckoner> all = new ArrayList<>();
    all.addAll(
        List.of(
            units(),
            Reckoner.fixed(Kind.SCREENS, this::screens),
            Reckoner.fixed(Kind.DENSITIES, this::densities),
            settling(),
            water(),
            specks(),
            tilt(),
            flow(),
            charges(),
            battery()));
    all.addAll(new SmeltReckoners(words, this).all());
    all.add(Reckoner.fixed(Kind.SHEETS, this::sheets));
    all.add(Reckoner.fixed(Kind.CAUTIONS, this::cautions));
    return all;
  }

  List<String> heads(String... keys) {
    return Stream.of(keys).map(key -> words.of("table.head." + key)).toList();
  }

  String figure(double value, int digits) {
    if (value == 0) {
      return words.plain(0);
    }
    int places =
        Math.clamp(digits - 1 - (int) Math.floor(Math.log10(Math.abs(value))), 0, 2 * PLACES);
    return words.rounded(value, places);
  }

  EntryField<Double> number(Kind kind, String name, String start, double low, double high) {
    return EntryField.number(
        words, "table-" + kind + "-" + name, "table.field." + name, start, low, high);
  }

  private Reckoner units() {
    EntryField<Conversion> amount =
        new EntryField<>(
            words,
            "table-UNITS-amount",
            words.of("table.field.amount"),
            words.of("table.amount.hint"),
            text ->
                switch (Conversion.of(words.typed(text))) {
                  case Typed.Value<Conversion>(Conversion value) -> new Entry.Value<>(value);
                  case Typed.Wrong<Conversion>(var slip) ->
                      new Entry.Bad<>(Parsers.sentence(words, slip));
                });
    amount.fill(words.of("table.amount.start"));
    return new Reckoner(
        Kind.UNITS,
        List.of(amount),
        () ->
            amount
                .checked()
                .map(
                    value ->
                        new TableGrid(
                            heads("amount", "unit"),
                            value.kind().units().stream()
                                .map(unit -> List.of(figure(value.in(unit), PLACES), unit.sign()))
                                .toList())));
  }

  private TableGrid screens() {
    List<List<String>> rows = new ArrayList<>();
    List<Screen> tyler = StandardScreens.tyler();
    List<Screen> all = StandardScreens.all();
    for (int i = 0; i < all.size(); i++) {
      Screen screen = all.get(i);
      rows.add(
          List.of(
              screen.label(),
              tyler.stream()
                  .filter(one -> one.openingMm() == screen.openingMm())
                  .map(Screen::label)
                  .findFirst()
                  .orElse(""),
              figure(screen.openingMm(), 3),
              i + 1 < all.size()
                  ? figure(screen.openingMm() / all.get(i + 1).openingMm(), 3)
                  : ""));
    }
    return new TableGrid(heads("e11", "tyler", "opening", "ratio"), rows);
  }

  private TableGrid densities() {
    return new TableGrid(
        heads("mineral", "density", "magnet"),
        Stream.of(Mineral.values())
            .map(
                one ->
                    List.of(
                        words.of("mineral", one),
                        words.of(
                            "table.range",
                            figure(one.lightestGCm3(), 3),
                            figure(one.heaviestGCm3(), 3)),
                        words.of("table.magnet", one.response())))
            .toList());
  }

  private Reckoner settling() {
    List<EntryField<Double>> fields =
        List.of(
            number(Kind.SETTLING, "density", "17.5", 1.1, 23),
            number(Kind.SETTLING, "flatness", "0.3", SpeckMass.FLATTEST, 1),
            number(Kind.SETTLING, "temperature", "12", Water.COLDEST_C, Water.HOTTEST_C));
    return Reckoner.of(
        Kind.SETTLING,
        fields,
        typed -> {
          Water water = new Water(typed[2]);
          List<List<String>> rows = new ArrayList<>();
          for (double size : SIZES_MM) {
            double own =
                Settling.of(Grain.natural(size, typed[1], typed[0]), water).metresPerSecond();
            double quartz =
                Settling.of(Grain.natural(size, QUARTZ_FLATNESS, Mineral.QUARTZ.usualGCm3()), water)
                    .metresPerSecond();
            double magnetite =
                Settling.of(
                        Grain.natural(size, QUARTZ_FLATNESS, Mineral.MAGNETITE.usualGCm3()), water)
                    .metresPerSecond();
            rows.add(
                List.of(
                    figure(size, 3),
                    figure(own * 1000, 3),
                    figure(quartz * 1000, 3),
                    figure(magnetite * 1000, 3)));
          }
          return new TableGrid(heads("size", "own-speed", "quartz-speed", "magnetite-speed"), rows);
        });
  }

  private Reckoner water() {
    EntryField<Double> at =
        number(Kind.WATER, "temperature", "12", Water.COLDEST_C, Water.HOTTEST_C);
    return Reckoner.of(
        Kind.WATER,
        List.of(at),
        typed -> {
          List<List<String>> rows = new ArrayList<>();
          rows.add(water(typed[0]));
          for (double celsius : TEMPERATURES_C) {
            rows.add(water(celsius));
          }
          return new TableGrid(heads("temperature", "viscosity", "water-density"), rows);
        });
  }

  private List<String> water(double celsius) {
    Water water = new Water(celsius);
    return List.of(
        words.plain(celsius),
        figure(water.viscosityPaS() * 1000, 4),
        words.rounded(water.densityKgM3(), 1));
  }

  private Reckoner specks() {
    EntryField<Double> upper = number(Kind.SPECKS, "upper", "0.3", 0.002, 200);
    EntryField<Double> lower = number(Kind.SPECKS, "lower", "0.15", 0.001, 199);
    EntryField<Double> density = number(Kind.SPECKS, "gold-density", "17.5", 10, 20);
    EntryField<Double> weighed = number(Kind.SPECKS, "weighed", "100", 0.001, 1e6);
    return Reckoner.checked(
        Kind.SPECKS,
        List.of(upper, lower, density, weighed),
        typed -> {
          if (typed[1] >= typed[0]) {
            lower.say(words.of("table.lower-below-upper"));
            return Optional.empty();
          }
          List<List<String>> rows = new ArrayList<>();
          for (double flatness : FLATNESSES) {
            double one = SpeckMass.meanMg(typed[0], typed[1], flatness, typed[2]);
            rows.add(
                List.of(
                    words.plain(flatness),
                    figure(one, 3),
                    figure(1 / one, 3),
                    figure(typed[3] / one, 3)));
          }
          return Optional.of(
              new TableGrid(heads("flatness", "speck-mg", "specks-mg", "specks-in"), rows));
        });
  }

  private Reckoner tilt() {
    return Reckoner.of(
        Kind.TILT,
        List.of(
            number(Kind.TILT, "rise", "20", 0, 10_000),
            number(Kind.TILT, "run", "500", 0.1, 100_000)),
        typed ->
            new TableGrid(
                heads("degrees", "slope"),
                List.of(
                    List.of(
                        figure(BenchSums.tiltDegrees(typed[0], typed[1]), 3),
                        words.percent(typed[0] / typed[1])))));
  }

  private Reckoner flow() {
    return Reckoner.of(
        Kind.FLOW,
        List.of(
            number(Kind.FLOW, "litres", "10", 0.01, 10_000),
            number(Kind.FLOW, "seconds", "25", 0.1, 36_000),
            number(Kind.FLOW, "width", "15", 0.1, 1000)),
        typed -> {
          double flow = BenchSums.litresPerMinute(typed[0], typed[1]);
          return new TableGrid(
              heads("l-min", "gal-min", "l-min-wide"),
              List.of(
                  List.of(
                      figure(flow, 3),
                      figure(flow / Conversion.GALLON_L, 3),
                      figure(flow / typed[2] * 10, 3))));
        });
  }

  private Reckoner charges() {
    return Reckoner.of(
        Kind.CHARGES,
        List.of(
            number(Kind.CHARGES, "sand", "4500", 1, 1e7),
            number(Kind.CHARGES, "charge", "150", 1, 1e6),
            number(Kind.CHARGES, "minutes", "6", 0.1, 1000)),
        typed -> {
          int loads = BenchSums.loads(typed[0], typed[1]);
          return new TableGrid(
              heads("loads", "time", "pace"),
              List.of(
                  List.of(
                      Integer.toString(loads),
                      words.time(loads * typed[2]),
                      figure(
                          BenchSums.kgPerHour(typed[0] / 1000, Math.max(0.1, loads * typed[2])),
                          3))));
        });
  }

  private Reckoner battery() {
    return Reckoner.of(
        Kind.BATTERY,
        List.of(
            number(Kind.BATTERY, "amp-volts", "12", 1, 1000),
            number(Kind.BATTERY, "amp-hours", "80", 0.1, 1e5),
            number(Kind.BATTERY, "usable", "50", 1, 100),
            number(Kind.BATTERY, "watts", "70", 0.1, 1e5),
            number(Kind.BATTERY, "inverter", "85", 30, 100),
            number(Kind.BATTERY, "idle", "8", 0, 500),
            number(Kind.BATTERY, "fed", "20", 0, 1e4),
            number(Kind.BATTERY, "charger", "60", 1, 1e5)),
        typed -> {
          double usable = BenchSums.usableWh(typed[0], typed[1], typed[2] / 100);
          double draws = new Inverter(typed[4] / 100, typed[5]).draws(typed[3]);
          double hours = BenchSums.batteryHours(usable, draws);
          return new TableGrid(
              heads("usable-wh", "draws", "hours", "fed-kg", "amps", "recharge"),
              List.of(
                  List.of(
                      figure(usable, 3),
                      figure(draws, 3),
                      figure(hours, 3),
                      figure(hours * typed[6], 3),
                      figure(draws / typed[0], 3),
                      figure(BenchSums.rechargeHours(usable, typed[7]), 3))));
        });
  }

  /** Every dial of every kind of machine. */
  private TableGrid sheets() {
    List<List<String>> rows = new ArrayList<>();
    for (Machine.Kind kind : Machine.Kind.values()) {
      for (Dial dial : Gear.any(kind).sheet().dials()) {
        rows.add(
            List.of(
                words.of("machine", kind),
                SheetWords.dial(words, dial.id()),
                SheetWords.usual(words, dial),
                SheetWords.does(words, Gear.any(kind).sheet(), dial)));
      }
    }
    return new TableGrid(heads("machine", "dial", "usual", "does"), rows);
  }

  private TableGrid cautions() {
    List<List<String>> rows = new ArrayList<>();
    for (String one : List.of("dust", "magnet", "heat", "lead", "smelt", "lift")) {
      String title = "caution." + one + ".title";
      rows.add(
          List.of(
              words.of(words.has(title) ? title : "table.caution." + one),
              words.of("caution." + one)));
    }
    for (String one :
        List.of("mains", "moving-deck", "wet-floor", "detergent", "silt", "pressure", "mercury")) {
      rows.add(List.of(words.of("table.caution." + one), SheetWords.caution(words, one)));
    }
    return new TableGrid(heads("hazard", "what-to-do"), rows);
  }
}
