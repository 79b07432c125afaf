package jugulum.core.ledger;

import java.time.Instant;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import jugulum.core.check.Check;
import jugulum.core.check.Sha256Form;
import jugulum.core.minerals.Mineral;
import jugulum.core.screens.Cut;
import jugulum.core.screens.Screen;
import jugulum.core.sizes.SizeCurve;

/**
 * A thing measured, as it was read. The set is closed; what each may be recorded on is told by
 * {@link #goesOn}.
 */
public sealed interface Measure {

  /** What a measure can be recorded on. */
  enum On {
    LOT,
    STEP
  }

  /** Where this kind of measure belongs. */
  default On goesOn() {
    return switch (this) {
      case Pass _, LastMinute _, FeedRate _, Setting _, Running _, Charge _, Checked _, Finish _ ->
          On.STEP;
      default -> On.LOT;
    };
  }

  /** Whether it is one half of a pool, which is taken back whole or not at all. */
  default boolean isOfPool() {
    return this instanceof Pooled || this instanceof PoolOf;
  }

  /** The scale it came from; empty where nobody told, or nothing was weighed. */
  default Optional<ReadOn> readOn() {
    return switch (this) {
      case SandWeight weight -> weight.on();
      case GoldWeight weight -> weight.on();
      case WeighedSpecks weight -> weight.on();
      case PannedSample sample -> sample.on();
      case Charge charge -> charge.on();
      case Pass pass -> pass.on();
      default -> Optional.empty();
    };
  }

  /**
   * The weight of a container with its material.
   *
   * @param grossG with its container, in grams
   * @param tareG the container alone, in grams, not above the gross
   * @param moisture (wet − dry)/wet, 0 for dry material, below 1
   * @param resolutionG the size of the last place read, in grams
   * @param moistureSd the standard deviation of the moisture, 0 to 0.5; empty where it counts as
   *     known
   * @param container the name of the container, if it has one
   * @param bowl which bowl of the lot was weighed, from 1: bowls add up, weighings of one bowl are
   *     averaged; empty for the first
   * @param typed the gross weight as it was typed, with its unit; empty where it did not come from
   *     a keyboard
   * @param on the scale it came from; empty where nobody told
   */
  record SandWeight(
      double grossG,
      double tareG,
      double moisture,
      double resolutionG,
      OptionalDouble moistureSd,
      Optional<String> container,
      OptionalInt bowl,
      Optional<String> typed,
      Optional<ReadOn> on)
      implements Measure {
    /**
     * The standard deviation of a moisture whose doubt nobody told, as a share of it: nobody knows
     * a bucket's water better.
     */
    public static final double UNTOLD_MOISTURE_SPREAD = 0.1;

    /** Checks every value against its range. */
    public SandWeight {
      Check.grams("grossG", grossG);
      Check.inRange("tareG", tareG, 0, grossG);
      Check.inRange("moisture", moisture, 0, 0.99);
      Check.grams("resolutionG", resolutionG);
      moistureSd.ifPresent(sd -> Check.inRange("moistureSd", sd, 0, 0.5));
      bowl.ifPresent(number -> Check.inRange("bowl", number, 1, 1000));
    }

    /** A weight that was not typed. */
    public SandWeight(
        double grossG,
        double tareG,
        double moisture,
        double resolutionG,
        OptionalDouble moistureSd,
        Optional<String> container,
        OptionalInt bowl) {
      this(
          grossG,
          tareG,
          moisture,
          resolutionG,
          moistureSd,
          container,
          bowl,
          Optional.empty(),
          Optional.empty());
    }

    /** The first bowl in a container without a name, its moisture known. */
    public SandWeight(double grossG, double tareG, double moisture, double resolutionG) {
      this(
          grossG,
          tareG,
          moisture,
          resolutionG,
          OptionalDouble.empty(),
          Optional.empty(),
          OptionalInt.empty());
    }

    /** The same weighing of another bowl. */
    public SandWeight ofBowl(int number) {
      return new SandWeight(
          grossG,
          tareG,
          moisture,
          resolutionG,
          moistureSd,
          container,
          number == 1 ? OptionalInt.empty() : OptionalInt.of(number),
          typed,
          on);
    }

    /** The number of the bowl, from 1. */
    public int bowlNumber() {
      return bowl.orElse(1);
    }

    /** Gross less tare, in grams. */
    public double netG() {
      return grossG - tareG;
    }

    /** The dry material, in grams. */
    public double dryG() {
      return netG() * (1 - moisture);
    }
  }

  /**
   * One weighing of the gold itself.
   *
   * @param massG in grams, as read
   * @param resolutionG the size of the last place read, in grams
   * @param typed the mass as it was typed, with its unit; empty where it did not come from a
   *     keyboard
   * @param on the scale it came from; empty where nobody told
   */
  record GoldWeight(double massG, double resolutionG, Optional<String> typed, Optional<ReadOn> on)
      implements Measure {
    /** Checks every value against its range. */
    public GoldWeight {
      Check.grams("massG", massG);
      Check.grams("resolutionG", resolutionG);
    }

    /** A mass that was not typed. */
    public GoldWeight(double massG, double resolutionG) {
      this(massG, resolutionG, Optional.empty(), Optional.empty());
    }
  }

  /**
   * The purity of the gold.
   *
   * @param fraction gold's share of the metal, above 0, at most 1
   * @param sd its standard deviation, 0 to 0.5
   */
  record Fineness(double fraction, double sd) implements Measure {
    /** Checks every value against its range. */
    public Fineness {
      Check.inRange("fraction", fraction, 0.01, 1);
      Check.inRange("sd", sd, 0, 0.5);
    }
  }

  /**
   * Specks seen in a part of a lot that was looked through.
   *
   * @param specks how many, 0 or more
   * @param shareChecked the part of the lot looked through, above 0, at most 1
   */
  record SpeckCount(int specks, double shareChecked) implements Measure {
    /** Checks every value against its range. */
    public SpeckCount {
      Check.inRange("specks", specks, 0, 1e6);
      Check.inRange("shareChecked", shareChecked, 1e-6, 1);
    }
  }

  /**
   * An assay of a sample.
   *
   * @param gramsPerTonne fine gold per dry material, in g/t, 0 to 1e6
   * @param relativeSd the laboratory's relative standard deviation, 0 to 2
   * @param sampleG the sample's mass, in grams
   * @param composite the bag the sample was drawn from, if it holds lots of several batches; empty
   *     for a sample of this lot alone
   * @param visible what became of gold one could see; empty where nobody said
   */
  record Assay(
      double gramsPerTonne,
      double relativeSd,
      double sampleG,
      Optional<String> composite,
      Optional<VisibleGold> visible)
      implements Measure {
    /** Checks every value against its range. */
    public Assay {
      Check.inRange("gramsPerTonne", gramsPerTonne, 0, 1e6);
      Check.inRange("relativeSd", relativeSd, 0, 2);
      Check.inRange("sampleG", sampleG, 0.01, Check.HEAVIEST_G);
    }

    /** An assay of a sample of this lot alone. */
    public Assay(double gramsPerTonne, double relativeSd, double sampleG) {
      this(gramsPerTonne, relativeSd, sampleG, Optional.empty());
    }

    /** An assay of which nobody said what became of visible gold. */
    public Assay(
        double gramsPerTonne, double relativeSd, double sampleG, Optional<String> composite) {
      this(gramsPerTonne, relativeSd, sampleG, composite, Optional.empty());
    }

    /**
     * Whether it was told what became of visible gold, so that the result tells hidden gold apart.
     */
    public boolean isApart() {
      return visible.filter(VisibleGold::isApart).isPresent();
    }
  }

  /**
   * What became of the gold one could see in a sample that was assayed or smelted.
   *
   * @param state what was done
   * @param milligrams what was taken out weighed, or the least that is judged to be visible gold,
   *     native, in milligrams, 0 or more; else 0
   * @param upToMg the most that is judged to be visible gold, native, in milligrams; empty where
   *     nothing was judged
   */
  record VisibleGold(State state, double milligrams, OptionalDouble upToMg) {
    /** Still in, or nobody looked. */
    public static final VisibleGold LEFT = new VisibleGold(State.LEFT_IN, 0);

    /** What was done with it. */
    public enum State {
      NONE_SEEN,
      /** Panned out and weighed before; the result tells the hidden gold alone. */
      TAKEN_BEFORE,
      /** Still in, and weighed apart afterwards; the result tells both together. */
      TAKEN_AFTER,
      /** Left in and not weighed: the result tells visible and hidden gold together. */
      LEFT_IN,
      /** Left in and not weighed, but judged by eye to be from so much to so much. */
      JUDGED;

      /** Whether what was taken out is weighed. */
      public boolean isWeighed() {
        return this == TAKEN_BEFORE || this == TAKEN_AFTER;
      }
    }

    /** Checks the mass. */
    public VisibleGold {
      Check.inRange(
          "visibleMg", milligrams, 0, state.isWeighed() || state == State.JUDGED ? 1e6 : 0);
      upToMg.ifPresent(
          mg -> Check.inRange("upToMg", mg, milligrams, state == State.JUDGED ? 1e6 : milligrams));
      if (state == State.JUDGED && upToMg.isEmpty()) {
        throw new IllegalArgumentException("a judgement needs both its ends");
      }
    }

    /** Nothing judged. */
    public VisibleGold(State state, double milligrams) {
      this(state, milligrams, OptionalDouble.empty());
    }

    /** Judged by eye. */
    public static VisibleGold judged(double fromMg, double toMg) {
      return new VisibleGold(State.JUDGED, fromMg, OptionalDouble.of(toMg));
    }

    /**
     * Whether the result tells hidden gold apart: visible gold was taken out, weighed apart, or
     * there was none.
     */
    public boolean isApart() {
      return switch (state) {
        case NONE_SEEN, TAKEN_BEFORE, TAKEN_AFTER -> true;
        case LEFT_IN, JUDGED -> false;
      };
    }

    /** What the result does not hold because it was taken out before, native, in milligrams. */
    public double takenBeforeMg() {
      return state == State.TAKEN_BEFORE ? milligrams : 0;
    }
  }

  /**
   * A sample was smelted with a collector metal, the button parted down to a bead.
   *
   * @param sampleG the sample, dry, in grams, from 0.1
   * @param collector the metal that gathered the gold
   * @param collectorG how much of it, in grams; empty where nobody weighed it
   * @param buttonG the button, in grams; empty where nobody weighed it
   * @param beadMg the bead as it came from the cupel, in milligrams, 0 or more
   * @param partedMg what parting left, fine gold, in milligrams, at most the bead; empty where it
   *     was not parted
   * @param slagMg metal got out of the crushed slag, in milligrams; empty where nobody looked
   * @param visible what became of gold one could see
   * @param cost what it cost, in the shop's currency, 0 or more; empty where nobody said
   */
  record Smelt(
      double sampleG,
      Collector collector,
      OptionalDouble collectorG,
      OptionalDouble buttonG,
      double beadMg,
      OptionalDouble partedMg,
      OptionalDouble slagMg,
      VisibleGold visible,
      OptionalDouble cost)
      implements Measure {
    /** Fine gold it got out, in milligrams: what parting left. */
    public double fineMg() {
      return partedMg.orElse(0);
    }

    /**
     * Native metal it got out, in milligrams: a bead that was not parted, and metal out of the
     * slag.
     */
    public double nativeMg() {
      return (partedMg.isPresent() ? 0 : beadMg) + slagMg.orElse(0);
    }

    /** The metal that gathers the gold. */
    public enum Collector {
      LEAD,
      SILVER,
      BISMUTH,
      NONE
    }

    /** Checks every value against its range. */
    public Smelt {
      Check.inRange("sampleG", sampleG, 0.1, Check.HEAVIEST_G);
      collectorG.ifPresent(grams -> Check.inRange("collectorG", grams, 0, Check.HEAVIEST_G));
      buttonG.ifPresent(grams -> Check.inRange("buttonG", grams, 0, Check.HEAVIEST_G));
      Check.inRange("beadMg", beadMg, 0, 1e6);
      partedMg.ifPresent(mg -> Check.inRange("partedMg", mg, 0, beadMg));
      slagMg.ifPresent(mg -> Check.inRange("slagMg", mg, 0, 1e6));
      cost.ifPresent(money -> Check.inRange("cost", money, 0, 1e6));
    }

    /** Whether the bead was parted: one that was not holds silver and other metal too. */
    public boolean isParted() {
      return partedMg.isPresent() || beadMg == 0;
    }
  }

  /**
   * One more thing known of sand on its way from a crucible to a bead; {@link Melting} puts them
   * together.
   *
   * @param crucible its number among all of the lot, from 1, at most 1,000; 0 for what is said of
   *     all that was taken
   * @param fact what is known
   */
  record Melt(int crucible, MeltFact fact) implements Measure {
    /** Checks the number: some facts are of one crucible, others of all. */
    public Melt {
      boolean ofOne = fact.isOfOneCrucible();
      Check.inRange("crucible", crucible, ofOne ? 1 : 0, ofOne ? MOST_CRUCIBLES : 0);
    }

    /** So many of one lot have a number. */
    public static final int MOST_CRUCIBLES = 1000;
  }

  /**
   * One more thing said while gold is finished.
   *
   * @param fact what
   */
  record Finish(FinishFact fact) implements Measure {}

  /**
   * A bench test of a small sample with two magnets: the weak one takes the magnetite, the strong
   * one what is weakly magnetic of the rest.
   *
   * @param sampleG the sample, in grams
   * @param byWeakG what the weak magnet took, in grams
   * @param byStrongG what the strong magnet took of the rest, in grams
   */
  record MagnetTest(double sampleG, double byWeakG, double byStrongG) implements Measure {
    /** Checks every value against its range. */
    public MagnetTest {
      Check.inRange("testedG", sampleG, 0.1, Check.HEAVIEST_G);
      Check.inRange("byWeakG", byWeakG, 0, sampleG);
      Check.inRange("byStrongG", byStrongG, 0, sampleG - byWeakG);
    }
  }

  /**
   * A sample under a magnet that comes nearer from lift to lift.
   *
   * @param sampleG the sample, in grams
   * @param lifts in the order made, farthest first; 1 to {@link #MOST_LIFTS}
   */
  record LiftTest(double sampleG, List<Lift> lifts) implements Measure {
    /** More distances than that nobody tries. */
    public static final int MOST_LIFTS = 12;

    /** Checks every value against its range and keeps its own copy. */
    public LiftTest {
      Check.inRange("testedG", sampleG, 0.1, Check.HEAVIEST_G);
      lifts = List.copyOf(lifts);
      Check.inRange("lifts", lifts.size(), 1, MOST_LIFTS);
      Check.inRange("lifted", lifts.stream().mapToDouble(Lift::grams).sum(), 0, sampleG);
      for (int i = 1; i < lifts.size(); i++) {
        Check.inRange("gapMm", lifts.get(i).gapMm(), Lift.NEAREST_MM, lifts.get(i - 1).gapMm());
      }
    }

    /**
     * One lift.
     *
     * @param gapMm between magnet and sand, in mm, 0.1 to 500
     * @param grams what it took, in grams, 0 or more
     * @param specks of gold counted in it, 0 to 100,000
     */
    public record Lift(double gapMm, double grams, int specks) {
      private static final double NEAREST_MM = 0.1;

      /** Checks every value against its range. */
      public Lift {
        Check.inRange("gapMm", gapMm, NEAREST_MM, 500);
        Check.grams("lifted", grams);
        Check.inRange("specks", specks, 0, 100_000);
      }
    }
  }

  /**
   * The lot went into a bag that is kept, to be assayed together with others.
   *
   * @param bag what is written on the bag, not blank
   */
  record Bagged(String bag) implements Measure {
    /** Strips the name. */
    public Bagged {
      bag = bag.strip();
    }
  }

  /**
   * The lot was thrown away.
   *
   * @param reason why, though nobody had looked; may be empty where a look is on record
   */
  record Discarded(String reason) implements Measure {
    /** Strips the reason. */
    public Discarded {
      reason = reason.strip();
    }
  }

  /**
   * The lot is sold as something other than gold: sand and money, never gold.
   *
   * @param mineral what it mostly is, not gold
   * @param purity its share of the lot, 0 to 1
   * @param pricePerKg of the lot as it is, in the shop's currency, 0 to 1e6
   * @param buyer who takes it, may be empty
   */
  record Product(Mineral mineral, double purity, double pricePerKg, String buyer)
      implements Measure {
    /** Checks both figures. */
    public Product {
      Check.share("purity", purity);
      Check.inRange("pricePerKg", pricePerKg, 0, 1e6);
      buyer = buyer.strip();
    }
  }

  /**
   * A picture of gold of the lot, gone through by a person. What it weighs is a reading of its own
   * beside it, made by the same key; this says where that comes from.
   *
   * @param sha256 of the file, 64 hexadecimal digits in lower case
   * @param file what the file is called, may be empty
   * @param pxPerMm how large it shows things, from 0.1 to 10,000
   * @param specks those that count, in the order gone through, at most {@link #MOST}
   * @param takenOut how many that looked like gold were none, 0 or more
   * @param putIn how many were not found by the eye, 0 or more
   * @param lowMg the low end of the 95 % range of their mass, native, in mg, 0 or more
   * @param milligrams the middle of that range, in mg
   * @param highMg its high end, in mg
   * @param rule the number of the rules it was looked at by, from 1
   * @param isDrawn whether it was drawn to practise on: then it is no evidence of anything
   * @param traced how it was gone through; empty in books of versions that did not keep it
   */
  record Pictured(
      String sha256,
      String file,
      double pxPerMm,
      List<SpeckSize> specks,
      int takenOut,
      int putIn,
      double lowMg,
      double milligrams,
      double highMg,
      int rule,
      boolean isDrawn,
      Optional<Traced> traced)
      implements Measure {
    /** More specks than that are no look. */
    public static final int MOST = 20_000;

    /**
     * One speck as seen from above.
     *
     * @param areaMm2 in mm², above 0 to 10,000
     * @param longMm its longest axis, in mm, above 0 to 1,000
     * @param shortMm its shortest, in mm, above 0 to the longest
     */
    public record SpeckSize(double areaMm2, double longMm, double shortMm) {
      /** Checks every size. */
      public SpeckSize {
        Check.inRange("areaMm2", areaMm2, 1e-9, 10_000);
        Check.inRange("longMm", longMm, 1e-6, 1000);
        Check.inRange("shortMm", shortMm, 1e-6, longMm);
      }
    }

    /** Checks every value and keeps its own copy. */
    public Pictured {
      Sha256Form.check(sha256);
      file = file.strip();
      specks = List.copyOf(specks);
      Check.inRange("pxPerMm", pxPerMm, 0.1, 10_000);
      Check.inRange("specks", specks.size(), 0, MOST);
      Check.inRange("takenOut", takenOut, 0, 1_000_000);
      Check.inRange("putIn", putIn, 0, 1_000_000);
      Check.inRange("lowMg", lowMg, 0, 1e6);
      Check.inRange("milligrams", milligrams, lowMg, 1e6);
      Check.inRange("highMg", highMg, milligrams, 1e6);
      Check.inRange("rule", rule, 1, 1_000_000);
    }

    /** The same picture called otherwise. */
    public Pictured named(String other) {
      return new Pictured(
          sha256,
          other,
          pxPerMm,
          specks,
          takenOut,
          putIn,
          lowMg,
          milligrams,
          highMg,
          rule,
          isDrawn,
          traced);
    }
  }

  /**
   * The lot went into a pool: a batch put together of lots of several.
   *
   * @param pool that batch
   * @param name what is written on its bucket
   */
  record Pooled(BatchId pool, String name) implements Measure {}

  /**
   * The feed is a pool of lots of other batches.
   *
   * @param parts what went in, one or more, no lot twice
   */
  record PoolOf(List<PoolPart> parts) implements Measure {
    /** Keeps its own copy. */
    public PoolOf {
      parts = List.copyOf(parts);
      Check.inRange("parts", parts.size(), 1, 10_000);
    }

    /** What most of it is, by mass. */
    public Material mostly() {
      Map<Material, Double> grams =
          parts.stream()
              .collect(
                  Collectors.groupingBy(
                      PoolPart::material,
                      () -> new EnumMap<>(Material.class),
                      Collectors.summingDouble(PoolPart::grams)));
      return grams.entrySet().stream()
          .max(Map.Entry.comparingByValue())
          .map(Map.Entry::getKey)
          .orElseThrow();
    }
  }

  /**
   * How fast a machine was fed.
   *
   * @param kgPerHour in kg/h, from 0.01 to 10,000
   */
  record FeedRate(double kgPerHour) implements Measure {
    /** Checks the rate. */
    public FeedRate {
      Check.inRange("kgPerHour", kgPerHour, 0.01, 10_000);
    }
  }

  /**
   * Gold known to be there, such as a spike.
   *
   * @param milligrams native gold, in milligrams, 0 or more
   * @param sdMg its standard deviation, in milligrams
   */
  record KnownGold(double milligrams, double sdMg) implements Measure {
    /** Checks every value against its range. */
    public KnownGold {
      Check.inRange("milligrams", milligrams, 0, 1e9);
      Check.inRange("sdMg", sdMg, 0, 1e9);
    }
  }

  /**
   * A sample of the lot sieved through finer screens than the work needs.
   *
   * @param curve what stayed on each screen
   */
  record SizeAnalysis(SizeCurve curve) implements Measure {}

  /**
   * Specks of the lot were counted out and weighed together, which tells what one of them weighs.
   *
   * @param specks how many, from 1
   * @param milligrams what they weigh together, native, in milligrams, above 0
   * @param resolutionMg the size of the last place read, in milligrams
   * @param on the scale it came from; empty where nobody told
   */
  record WeighedSpecks(int specks, double milligrams, double resolutionMg, Optional<ReadOn> on)
      implements Measure {
    /** Checks every value against its range. */
    public WeighedSpecks {
      Check.inRange("specks", specks, 1, 1e6);
      Check.inRange("milligrams", milligrams, 1e-6, 1e9);
      Check.inRange("resolutionMg", resolutionMg, 0, 1e9);
    }

    /** Specks weighed on a scale nobody told of. */
    public WeighedSpecks(int specks, double milligrams, double resolutionMg) {
      this(specks, milligrams, resolutionMg, Optional.empty());
    }
  }

  /**
   * Specks of the lot were tested one by one for what they are. Several readings count together.
   *
   * @param tested how many, from 1 to 10,000
   * @param gold how many of them proved gold, 0 to all
   * @param found what was found out of a doubtful one, by clue, by the names of the key; may be
   *     empty
   */
  record SpeckTest(int tested, int gold, Map<String, String> found) implements Measure {
    /** Checks both counts and keeps its own copy. */
    public SpeckTest {
      Check.inRange("tested", tested, 1, 10_000);
      Check.inRange("gold", gold, 0, tested);
      found = Check.byName(found);
    }
  }

  /**
   * The lot was looked over by eye, pieces big enough for tweezers taken note of.
   *
   * @param pickers how many were found, 0 or more
   * @param pickersG what they weigh together, in grams; 0 if there are none or nobody weighed them
   */
  record LookedOver(int pickers, double pickersG) implements Measure {
    /** Checks both values against their ranges. */
    public LookedOver {
      Check.inRange("pickers", pickers, 0, 100_000);
      Check.inRange("pickersG", pickersG, 0, pickers == 0 ? 0 : Check.HEAVIEST_G);
    }
  }

  /**
   * What passed one screen in one more minute of shaking.
   *
   * @param screen which
   * @param passedG what passed it, in grams
   */
  record LastMinute(Screen screen, double passedG) implements Measure {
    /** Checks the mass. */
    public LastMinute {
      Check.grams("passedG", passedG);
    }
  }

  /**
   * How something on a machine was set from now on.
   *
   * @param dial what, by its name on the machine's sheet
   * @param value in the unit of that dial, 0 to 1e6; a value the machine does not take is kept all
   *     the same
   */
  record Setting(String dial, double value) implements Measure {
    /** Checks the value. */
    public Setting {
      Check.inRange("setting", value, 0, 1e6);
    }
  }

  /**
   * A machine was started or stopped.
   *
   * @param state what it does from then on
   * @param toldAt when, where somebody said so afterwards; empty for the moment it was recorded
   */
  record Running(State state, Optional<Instant> toldAt) implements Measure {
    /** Whether the water runs. */
    public enum State {
      STARTED,
      STOPPED
    }

    /** Started or stopped just now. */
    public Running(State state) {
      this(state, Optional.empty());
    }
  }

  /**
   * A charge, or a measured part of the feed, went into a machine.
   *
   * @param grams its mass, in grams, from 0.1; empty where nobody weighed it
   * @param on the scale it came from; empty where nobody told
   */
  record Charge(OptionalDouble grams, Optional<ReadOn> on) implements Measure {
    /** Checks the mass. */
    public Charge {
      grams.ifPresent(mass -> Check.inRange("chargeG", mass, 0.1, Check.HEAVIEST_G));
    }

    /** A charge of which no scale is known. */
    public Charge(OptionalDouble grams) {
      this(grams, Optional.empty());
    }
  }

  /**
   * One of the checks of a machine's sheet was made.
   *
   * @param check which, by its name on the sheet
   */
  record Checked(String check) implements Measure {}

  /**
   * A measured sample of the lot was panned and its specks counted by size. Several samples of a
   * lot count together.
   *
   * @param sampleG the sample, dry, in grams, from 0.1
   * @param seen the specks, in one class for the whole lot or in several by cut; at least one class
   * @param on the scale the sample was weighed on; empty where nobody told. What it leaves open
   *     does not count: sample and lot are one part of the other, and the counting is far wider
   */
  record PannedSample(double sampleG, List<Seen> seen, Optional<ReadOn> on) implements Measure {
    /**
     * Specks of one cut.
     *
     * @param cut which
     * @param specks how many, 0 or more
     */
    public record Seen(Cut cut, int specks) {
      /** Checks the count. */
      public Seen {
        Check.inRange("specks", specks, 0, 1e6);
      }
    }

    /** Checks the sample and keeps its own copy of the counts. */
    public PannedSample {
      Check.inRange("sampleG", sampleG, 0.1, Check.HEAVIEST_G);
      seen = List.copyOf(seen);
      Check.inRange("classes", seen.size(), 1, 100);
    }

    /** A sample of which no scale is known. */
    public PannedSample(double sampleG, List<Seen> seen) {
      this(sampleG, seen, Optional.empty());
    }

    /** The specks of all cuts. */
    public int specks() {
      return seen.stream().mapToInt(Seen::specks).sum();
    }
  }

  /**
   * One lift and drop of a magnet.
   *
   * @param from where the magnet lifted from
   * @param liftedG lifted, in grams
   * @param droppedBackG fell out of the lift and went back to the sand, in grams, at most what was
   *     lifted
   * @param specks gold specks seen in what fell out, 0 or more
   * @param goldMg what that gold weighed, in milligrams, where it was weighed: it then speaks, not
   *     the count
   * @param how how it was done; empty where nobody said
   * @param on the scale both weights came from; empty where nobody told
   */
  record Pass(
      From from,
      double liftedG,
      double droppedBackG,
      int specks,
      OptionalDouble goldMg,
      Optional<How> how,
      Optional<ReadOn> on)
      implements Measure {
    /** Where a pass lifts from. */
    public enum From {
      /** Takes magnetite out of the sand: the heap grows. */
      SAND,
      /** Lifts the heap again to free what it had trapped: the heap shrinks. */
      HEAP
    }

    /**
     * How a pass was done.
     *
     * @param minutes how long it took, from 0.1 to 1,000
     * @param magnet which magnet, by the shop's name
     * @param gapMm how far it was held off, or how thick its cover is, in mm, 0 to 500
     */
    public record How(OptionalDouble minutes, Optional<String> magnet, OptionalDouble gapMm) {
      /** Checks every value against its range. */
      public How {
        minutes.ifPresent(time -> Check.inRange("minutes", time, 0.1, 1000));
        gapMm.ifPresent(gap -> Check.inRange("gapMm", gap, 0, 500));
      }
    }

    /** Checks every value against its range. */
    public Pass {
      Check.grams("liftedG", liftedG);
      Check.inRange("droppedBackG", droppedBackG, 0, liftedG);
      Check.inRange("specks", specks, 0, 1e6);
      goldMg.ifPresent(mg -> Check.inRange("goldMg", mg, 0, 1e9));
    }

    /** A pass of which no scale is known. */
    public Pass(
        From from,
        double liftedG,
        double droppedBackG,
        int specks,
        OptionalDouble goldMg,
        Optional<How> how) {
      this(from, liftedG, droppedBackG, specks, goldMg, how, Optional.empty());
    }

    /** A pass whose gold was counted, of which nothing more was said. */
    public Pass(From from, double liftedG, double droppedBackG, int specks) {
      this(from, liftedG, droppedBackG, specks, OptionalDouble.empty(), Optional.empty());
    }

    /** How long it took, in minutes, where told. */
    public OptionalDouble minutes() {
      return how.map(How::minutes).orElse(OptionalDouble.empty());
    }

    /**
     * What it caught, in specks: as counted, or the gold weighed over the mass of a mean speck.
     *
     * @param speckMg the mean mass of one, in milligrams, above 0
     */
    public double catchSpecks(double speckMg) {
      return goldMg.isPresent() ? goldMg.getAsDouble() / speckMg : specks;
    }

    /** What stays on the heap of this pass, in grams. */
    public double keptG() {
      return liftedG - droppedBackG;
    }
  }
}
